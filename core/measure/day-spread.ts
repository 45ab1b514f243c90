import { median } from "simple-statistics";
import type { SeriesPoint } from "./trend";

/** How much a body is more or less on one day than another, as a share of the SEM, before anything is known of it. Working figure. */
export const usualDay = 0.4;
/** So many differences weigh as much as the usual. */
const asMuch = 20;
/** A body that differs more than this from day to day was measured wrongly. */
const most = 2;
/** Half of all deviations of a bell curve are within this many standard deviations. */
const middle = 0.6745;

/**
 * The day-to-day deviation of a body as a share of the SEM, learned from the successive differences of all its series:
 * what they spread more than the errors explain, by their median so that a real gain or a slip does not count for much;
 * drawn toward the usual while there are few.
 */
export function daySpread(allSeries: readonly (readonly SeriesPoint[])[]): number {
  const steps = allSeries.flatMap((series) =>
    series.slice(1).flatMap((now, n) => {
      const before = series[n]!;
      const error = Math.hypot(now.se, before.se);
      const sem = Math.hypot(now.sem, before.sem);
      return error > 0 && now.on !== before.on
        ? [{ size: Math.abs(now.value - before.value) / error, share: (error / sem) ** 2 }]
        : [];
    }),
  );
  if (steps.length === 0) return usualDay;
  const scale = (median(steps.map(({ size }) => size)) / middle) ** 2;
  const share = median(steps.map((one) => one.share));
  const own = Math.min(most ** 2, Math.max(0, (scale - 1) * share));
  const pooled = (asMuch * usualDay ** 2 + steps.length * own) / (asMuch + steps.length);
  return Math.min(most, Math.sqrt(pooled));
}
