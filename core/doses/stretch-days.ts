import type { MotionId } from "../body/motions";
import { secondsDone } from "./ledger";
import type { Log } from "../records/records";
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
      const work = secondsDone(item, drill) / (drill.sided ? 2 : 1);
      for (const { motion, share } of drill.serves) {
        const own = days.get(motion) ?? new Map<string, number>();
        own.set(log.on, (own.get(log.on) ?? 0) + share * work);
        days.set(motion, own);
      }
    }
  return days;
}

/** Motions that rest on a day: a hard day the day before, or four hard days in the six before it. */
export function restedMotions(logs: readonly Log[], library: Library, on: string): MotionId[] {
  const yesterday = plusDays(on, -1);
  const weekAgo = plusDays(on, -6);
  return [...stretchDays(logs, library)].flatMap(([motion, days]) => {
    const hard = [...days].filter(
      ([day, seconds]) => day >= weekAgo && day < on && seconds >= hardDay,
    );
    return hard.some(([day]) => day === yesterday) || hard.length >= hardDaysAWeek ? [motion] : [];
  });
}
