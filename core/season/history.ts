import type { Side } from "../body/side";
import type { Athlete } from "../exchange/athlete";
import type { Check } from "../exchange/records";
import type { Mode, Protocol } from "../measure/protocol";
import { angleOf, legMeasures, valueOf } from "../measure/value";
import type { DayText } from "./days";

export type HistoryPoint = { on: DayText; degrees: number; se: number; pain: number };
/** The checks of one protocol and side over time, oldest first, comparable with each other. */
export type HistoryLine = {
  side: Side;
  mode: Mode;
  temperature: Check["temperature"];
  points: HistoryPoint[];
};

/** The history of one protocol as joint angles: one line a side, mode and temperature, never mixed. */
export function historyOf(
  checks: readonly Check[],
  protocol: Protocol,
  athlete: Athlete,
): HistoryLine[] {
  const lines = new Map<string, HistoryLine>();
  const ordered = checks
    .filter((check) => check.protocolId === protocol.id)
    .sort((a, b) => a.on.localeCompare(b.on) || a.at.localeCompare(b.at));
  for (const check of ordered) {
    const key = [check.side, check.mode, check.temperature].join("/");
    const line = lines.get(key) ?? {
      side: check.side,
      mode: check.mode,
      temperature: check.temperature,
      points: [],
    };
    const angle = angleOf(valueOf(check.trials, protocol), protocol, legMeasures(athlete));
    line.points.push({ on: check.on, degrees: angle.degrees, se: angle.se, pain: check.pain });
    lines.set(key, line);
  }
  return [...lines.values()];
}
