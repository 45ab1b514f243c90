import { motionOf, type MotionId } from "../body/motions";
import type { Side } from "../body/side";
import type { Athlete } from "../records/athlete";
import type { Check, Log } from "../records/records";
import type { Library } from "../content/library";
import type { Mode, Protocol } from "../content/protocol";
import { weekDoses, type WeekDose } from "../doses/ledger";
import { daysBetween, mondayOf, type DayText } from "../dates/days";
import type { Seen } from "./forecast";
import { jointLine } from "./history";

/** What a forecast learns from: the checks of a motion on one side, and its dose by week, from one Monday on. */
export type MotionRecord = {
  /** The Monday that week 0 begins with. */
  start: DayText;
  seen: Seen[];
  /** Seconds of work a side by week, the week of `on` included. */
  doses: number[];
};

/** Circles, soft tissue and swings count so much toward more range. A working figure. */
const lightCounts = 0.25;

const secondsOf = ({ stretch, active, loaded, light }: WeekDose): number =>
  stretch + active + loaded + lightCounts * light;

/**
 * The record of a motion on one side up to a day. Of its checks only those that may be compared are taken: of the
 * mode and temperature that were used most. Null while it was never measured.
 */
export function motionRecord({
  athlete,
  checks,
  logs,
  library,
  protocol,
  motion,
  side,
  on,
  mode,
}: {
  athlete: Athlete;
  checks: readonly Check[];
  logs: readonly Log[];
  library: Library;
  protocol: Protocol;
  motion: MotionId;
  side: Side;
  on: DayText;
  /** Only checks of this mode; without it, of whichever was used most. */
  mode?: Mode;
}): MotionRecord | null {
  const until = checks.filter((check) => check.on <= on);
  const line = jointLine(until, protocol, athlete, { side, mode });
  if (!line) return null;
  const start = mondayOf(line.points[0]!.on);
  const weeks = weekDoses(
    logs.filter((log) => log.on <= on),
    library,
    start,
    on,
  ).get(motion);
  const many = Math.floor(daysBetween(start, on) / 7) + 1;
  const sides = motionOf(motion).sided ? 2 : 1;
  return {
    start,
    seen: line.points.map((point) => ({
      week: daysBetween(start, point.on) / 7,
      value: point.degrees,
      se: point.se,
    })),
    doses: Array.from({ length: many }, (_, week) =>
      weeks?.[week] ? secondsOf(weeks[week]) / sides : 0,
    ),
  };
}
