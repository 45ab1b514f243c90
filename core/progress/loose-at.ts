import type { Log } from "../records/records";
import { plusDays } from "../dates/days";
import { median } from "simple-statistics";

/** Days that the usual loose-at number looks back. */
const window = 28;

/**
 * The usual repetitions (or seconds) until loose, by drill: the median of the last 28 days.
 * @param least numbers that have to be there; fewer make no usual
 */
export function looseAtMedians(logs: readonly Log[], on: string, least = 1): Map<string, number> {
  const from = plusDays(on, -window);
  const found = new Map<string, number[]>();
  for (const log of logs)
    if (log.on >= from && log.on <= on)
      for (const { drillId, looseAt } of log.items)
        if (looseAt !== null) found.set(drillId, [...(found.get(drillId) ?? []), looseAt]);
  return new Map(
    [...found].flatMap(([id, list]) => (list.length >= least ? [[id, median(list)] as const] : [])),
  );
}
