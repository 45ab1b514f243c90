import { motionOf, MotionId, type JointId } from "../body/motions";
import type { LeftRight } from "../body/side";
import { secondsDone } from "./ledger";
import type { Log, LogItem } from "../records/records";
import { atRung, rungOf, timesOf, type DrillKind } from "../drill/drill";
import { drillOf, type Library } from "../content/library";
import { plusDays } from "../dates/days";

/** Seconds under stretch that make a day hard for a motion, and how many such days a week may have. */
export const hardDay = 600;
export const hardDaysAWeek = 4;

/** Seconds a motion was under stretch on each day that has any: held and contract–relax work that was done, each side. */
export function stretchDays(
  logs: readonly Log[],
  library: Library,
): Map<MotionId, Map<string, number>> {
  const days = new Map<MotionId, Map<string, number>>();
  for (const log of logs)
    for (const item of log.items) {
      const drill = drillOf(library, item.drillId);
      if (!drill || (drill.kind !== "static" && drill.kind !== "contract-relax")) continue;
      if (item.done !== "done" && item.done !== "part") continue;
      const work = secondsDone(item, drill) / timesOf(drill, item.rungId);
      for (const { motion, share } of drill.serves) {
        const own = days.get(motion) ?? new Map<string, number>();
        own.set(log.on, (own.get(log.on) ?? 0) + share * work);
        days.set(motion, own);
      }
    }
  return days;
}

/** What loads a joint or takes it to its end; circles, swings and rollers do not count. */
export const loadingKinds: readonly DrillKind[] = [
  "static",
  "contract-relax",
  "active",
  "strength",
  "skill",
];

/** Seconds of the sets of a side; of all sets where no side is asked for. */
const secondsOn = ({ sets }: LogItem, side: LeftRight | null): number =>
  sets.reduce((sum, set) => (side === null || set.side === side ? sum + set.seconds : sum), 0);

/**
 * Seconds of load and of stretch that each joint had on each day, the fuller side: held work, strength and skills
 * alike, whichever of its motions they were for.
 */
export function loadedDays(
  logs: readonly Log[],
  library: Library,
): Map<JointId, Map<string, number>> {
  const days = new Map<JointId, Map<string, { left: number; right: number }>>();
  for (const log of logs)
    for (const item of log.items) {
      const drill = drillOf(library, item.drillId);
      if (!drill || !loadingKinds.includes(drill.kind)) continue;
      if (item.done !== "done" && item.done !== "part") continue;
      const rung = rungOf(drill, item.rungId);
      const { serves, sided } = atRung(drill, rung);
      const all = secondsDone(item, drill);
      const on = (side: LeftRight): number =>
        !sided
          ? all
          : item.sets.length > 0
            ? (all * secondsOn(item, side)) / Math.max(1, secondsOn(item, null))
            : all / 2;
      const shares = new Map<JointId, number>();
      for (const { motion, share } of serves) {
        const { joint } = motionOf(motion);
        shares.set(joint, Math.min(1, (shares.get(joint) ?? 0) + share));
      }
      for (const [joint, share] of shares) {
        const own = days.get(joint) ?? new Map<string, { left: number; right: number }>();
        const before = own.get(log.on) ?? { left: 0, right: 0 };
        own.set(log.on, {
          left: before.left + share * on("left"),
          right: before.right + share * on("right"),
        });
        days.set(joint, own);
      }
    }
  return new Map(
    [...days].map(([joint, own]) => [
      joint,
      new Map([...own].map(([day, { left, right }]) => [day, Math.max(left, right)])),
    ]),
  );
}

/**
 * Motions that rest on a day: those of a joint that had a hard day the day before, or four in the six days before
 * it. Hard is ten minutes of load or stretch on a side.
 */
export function restedMotions(logs: readonly Log[], library: Library, on: string): MotionId[] {
  const yesterday = plusDays(on, -1);
  const weekAgo = plusDays(on, -6);
  const tired = [...loadedDays(logs, library)].flatMap(([joint, days]) => {
    const hard = [...days].filter(
      ([day, seconds]) => day >= weekAgo && day < on && seconds >= hardDay,
    );
    return hard.some(([day]) => day === yesterday) || hard.length >= hardDaysAWeek ? [joint] : [];
  });
  return MotionId.options.filter((motion) => tired.includes(motionOf(motion).joint));
}
