import { timesOf } from "../drill/drill";
import { drillOf, type Drills } from "../content/library";
import { setsOf } from "../drill/dose";
import type { Quota } from "../records/athlete";
import type { Log, LogItem, PrepItem } from "../records/records";

/** A number a day of one drill, what of it is done, what a prep holds, and what is left. */
export type QuotaToday = { quota: Quota; done: number; planned: number; left: number };

/** Repetitions of a log item: its sets as they were done, else the dose as it was planned, on every side. */
function repsDone(item: LogItem, library: Drills): number {
  const counted = item.sets.reduce((sum, { reps }) => sum + (reps ?? 0), 0);
  if (item.sets.length > 0 || item.done !== "done") return counted;
  const drill = drillOf(library, item.drillId);
  return item.planned?.type === "reps" && drill
    ? item.planned.reps * item.planned.sets * timesOf(drill, item.rungId)
    : 0;
}

const repsPlanned = ({ dose, sides }: PrepItem): number =>
  dose.type === "reps" ? dose.reps * setsOf(dose) * Math.max(1, sides.length) : 0;

/**
 * What is left today of every daily number, across all sessions of the day: what was logged, and what the prep that is
 * looked at still holds. More than the number leaves nothing, never less.
 */
export function quotasToday(
  quotas: readonly Quota[],
  logs: readonly Log[],
  items: readonly PrepItem[],
  library: Drills,
  on: string,
): QuotaToday[] {
  const today = logs.filter((log) => log.on === on).flatMap((log) => log.items);
  return quotas.map((quota) => {
    const of = <T extends { drillId: string }>(list: readonly T[]): T[] =>
      list.filter(({ drillId }) => drillId === quota.drillId);
    const done = of(today).reduce((sum, item) => sum + repsDone(item, library), 0);
    const planned = of(items).reduce((sum, item) => sum + repsPlanned(item), 0);
    return { quota, done, planned, left: Math.max(0, quota.reps - done - planned) };
  });
}
