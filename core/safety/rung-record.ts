import type { Log } from "../records/records";
import { daysBetween } from "../dates/days";
import { comfortLimit } from "./pain";

/** How often a rung was done clean, and from when to when. */
export type RungDone = { clean: number; first: string; last: string };
/** By drill and rung: see `rungKey`. */
export type RungRecord = ReadonlyMap<string, RungDone>;

export const rungKey = (drillId: string, rungId: string): string => `${drillId}/${rungId}`;

/**
 * What was done clean of every rung up to a day: complete, no wobble, no more than a stretch. A day counts once,
 * however often it came in it.
 */
export function rungRecord(logs: readonly Log[], on: string): RungRecord {
  const days = new Map<string, Set<string>>();
  for (const log of logs) {
    if (log.on > on) continue;
    for (const item of log.items) {
      const clean =
        item.done === "done" &&
        item.form !== "wobble" &&
        item.form !== "lost" &&
        item.pain <= comfortLimit &&
        !item.sharp;
      if (!clean) continue;
      const key = rungKey(item.drillId, item.rungId);
      days.set(key, (days.get(key) ?? new Set()).add(log.on));
    }
  }
  return new Map(
    [...days].map(([key, on]) => {
      const sorted = [...on].sort();
      return [key, { clean: sorted.length, first: sorted[0]!, last: sorted.at(-1)! }];
    }),
  );
}

/** Whole weeks from the first clean day of a rung to a day. */
export const weeksSince = (done: RungDone, on: string): number =>
  Math.floor(daysBetween(done.first, on) / 7);
