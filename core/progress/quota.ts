import { timesOf } from "../drill/drill";
import { drillOf, type Drills } from "../content/library";
import { setsOf } from "../drill/dose";
import type { Quota } from "../records/athlete";
import type { Log, LogItem, Prep, PrepItem } from "../records/records";

/** A number a day of one drill: what of it is done, what the preps of the day hold, and what is left. */
export type QuotaToday = {
  quota: Quota;
  done: number;
  /** In the prep that is looked at. */
  planned: number;
  /** In other preps of the day that are still to be done. */
  elsewhere: number;
  left: number;
};

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
 * What is left today of every daily number, across all sessions of the day: what was logged, and what the preps that are
 * not logged yet still hold. More than the number leaves nothing, never less.
 * @param prep the one that is looked at
 * @param preps those that are kept, of any day
 */
export function quotasToday(
  quotas: readonly Quota[],
  logs: readonly Log[],
  prep: Pick<Prep, "id" | "on" | "items">,
  preps: readonly Prep[],
  library: Drills,
): QuotaToday[] {
  const ofDay = logs.filter((log) => log.on === prep.on);
  const today = ofDay.flatMap((log) => log.items);
  const waits = ({ id }: { id: string }) => !ofDay.some(({ prepId }) => prepId === id);
  const here = waits(prep) ? prep.items : [];
  const others = preps
    .filter((one) => one.on === prep.on && one.own === "" && one.id !== prep.id && waits(one))
    .flatMap(({ items }) => items);
  return quotas.map((quota) => {
    const of = <T extends { drillId: string }>(list: readonly T[]): T[] =>
      list.filter(({ drillId }) => drillId === quota.drillId);
    const done = of(today).reduce((sum, item) => sum + repsDone(item, library), 0);
    const planned = of(here).reduce((sum, item) => sum + repsPlanned(item), 0);
    const elsewhere = of(others).reduce((sum, item) => sum + repsPlanned(item), 0);
    const left = Math.max(0, quota.reps - done - planned - elsewhere);
    return { quota, done, planned, elsewhere, left };
  });
}
