import type { Side } from "../body/side";
import type { Athlete } from "../records/athlete";
import type { Check } from "../records/records";
import type { Mode, Protocol } from "../content/protocol";
import { angleOf, bodyOf, valueOf } from "../measure/value";
import { testerWidening } from "../measure/tester";
import type { DayText } from "../dates/days";

/** A check on the chart: degrees where the reading stands for an angle, else the reading itself. */
export type HistoryPoint = { on: DayText; degrees: number; se: number; pain: number; note: string };
/** The checks of one protocol and side over time, oldest first, comparable with each other. */
export type HistoryLine = {
  side: Side;
  mode: Mode;
  temperature: Check["temperature"];
  points: HistoryPoint[];
};

/**
 * The longest line that speaks of one side of a motion, as its joint's own degrees: a check of both legs together
 * speaks of either. Undefined where nothing was measured.
 */
export function jointLine(
  checks: readonly Check[],
  protocol: Protocol,
  athlete: Athlete,
  { side, mode }: { side: Side; mode?: Mode | undefined },
): HistoryLine | undefined {
  const wanted: Side = protocol.sided ? side : "mid";
  const line = historyOf(checks, protocol, athlete)
    .filter((one) => one.side === wanted && (!mode || one.mode === mode))
    .sort((a, b) => b.points.length - a.points.length)[0];
  const halved = protocol.together.some(({ leg }) => leg === "both-sides");
  return line && halved
    ? {
        ...line,
        points: line.points.map((point) => ({
          ...point,
          degrees: point.degrees / 2,
          se: point.se / 2,
        })),
      }
    : line;
}

/** The history of one protocol, as joint angles where it gives them: one line a side, mode and temperature, never mixed. */
export function historyOf(
  checks: readonly Check[],
  protocol: Protocol,
  athlete: Athlete,
): HistoryLine[] {
  const lines = new Map<string, HistoryLine & { testers: string[] }>();
  const ordered = checks
    .filter((check) => check.protocolId === protocol.id && check.trials.length > 0)
    .sort((a, b) => a.on.localeCompare(b.on) || a.at.localeCompare(b.at));
  for (const check of ordered) {
    const key = [check.side, check.mode, check.temperature].join("/");
    const line = lines.get(key) ?? {
      side: check.side,
      mode: check.mode,
      temperature: check.temperature,
      points: [],
      testers: [],
    };
    const value = valueOf(check, protocol);
    const angle = angleOf(value, protocol, bodyOf(athlete));
    line.testers.push(check.tester);
    line.points.push({
      on: check.on,
      degrees: angle?.degrees ?? value.value,
      se: angle?.se ?? value.se,
      pain: check.pain,
      note: check.note,
    });
    lines.set(key, line);
  }
  return [...lines.values()].map(byOneHand);
}

/** A line as its latest tester sees it: what other hands measured is less certain beside it. */
function byOneHand({ testers, ...line }: HistoryLine & { testers: string[] }): HistoryLine {
  const latest = testers.at(-1)!;
  return {
    ...line,
    points: line.points.map((point, n) => ({
      ...point,
      se: point.se * testerWidening(testers[n]!, latest),
    })),
  };
}
