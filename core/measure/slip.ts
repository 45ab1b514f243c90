import { daysBetween, type DayText } from "../dates/days";
import { usualDay } from "./day-spread";
import { trendOf, variancesOf, type SeriesPoint } from "./trend";

/** What a hand most likely did when a number cannot be believed. */
export type Slip = "digit" | "side" | "unit";

/** A number that this athlete's series makes unlikely, what was to be expected, and the slip that would explain it. */
export type Jump = { expected: number; off: number; slip: Slip | null };

/** One number in two hundred lies farther off than this, standard errors. */
const unlikely = 2.81;
/** A body may change by so much a week, SEM, and by so much at most. Working figures. */
const drift = { aWeek: 0.25, most: 3 } as const;
/** A slip explains a number where without it the number lies so near what was expected, standard errors. */
const explains = 1.5;
const cmPerInch = 2.54;

/** What a series lets expect on a day: its level, and the variance of a reading about it. */
function expectedOn(
  series: readonly SeriesPoint[],
  on: DayText,
): { level: number; variance: number } {
  const variances = variancesOf(series, usualDay);
  const weight = variances.reduce((sum, one) => sum + 1 / one, 0);
  const mean = series.reduce((sum, { value }, n) => sum + value / variances[n]!, 0) / weight;
  const last = series.at(-1)!;
  const weeks = Math.max(0, daysBetween(last.on, on)) / 7;
  const gone = last.sem * Math.min(drift.most, drift.aWeek * weeks);
  const trend = series.length > 2 ? trendOf(series, usualDay) : null;
  return {
    level: trend?.level ?? mean,
    // The level's own error at the end of a line is about that of one reading.
    variance: variances.at(-1)! + (trend ? variances.at(-1)! : 1 / weight) + gone ** 2,
  };
}

/** Numbers that a slip of one digit would make of this one: tens and hundreds off, or two digits exchanged. */
function digitsOff(now: number): number[] {
  const whole = String(Math.abs(Math.round(now)));
  const exchanged = Array.from({ length: whole.length - 1 }, (_, n) =>
    Number(whole.slice(0, n) + whole[n + 1]! + whole[n]! + whole.slice(n + 2)),
  );
  return [...[10, 20, 30, 100].flatMap((by) => [now - by, now + by]), ...exchanged];
}

/**
 * Whether a number is one that this series makes unlikely (1 in 200), and what slip would explain it.
 * @param series readings that it may be compared with, oldest first
 * @param other what stands for the other side, where there is one
 * @param length the reading is a length, which may have been taken in another unit
 * @returns null where there is nothing to compare with, or nothing to doubt
 */
export function jumpOf(
  now: number,
  series: readonly SeriesPoint[],
  { on, other = null, length = false }: { on: DayText; other?: number | null; length?: boolean },
): Jump | null {
  if (series.length === 0 || !Number.isFinite(now)) return null;
  const { level, variance } = expectedOn(series, on);
  const error = Math.sqrt(variance);
  const off = now - level;
  if (Math.abs(off) <= unlikely * error) return null;
  const near = (value: number, to: number): boolean => Math.abs(value - to) <= explains * error;
  const slip: Slip | null =
    other !== null && near(now, other)
      ? "side"
      : length && (near(now * cmPerInch, level) || near(now / cmPerInch, level))
        ? "unit"
        : digitsOff(now).some((value) => near(value, level))
          ? "digit"
          : null;
  return { expected: level, off, slip };
}
