import { daysBetween, type DayText } from "../dates/days";
import { groupBy } from "../stats/group-by";
import { normalBelow } from "../stats/normal";
import { betweenTesters, sameTester } from "./tester";

/** One reading of a series: its value and error, what the error would be with the full trials, and whose hands. */
export type SeriesPoint = { on: DayText; value: number; se: number; sem: number; tester: string };

/** A straight line through a series, with what it says of a change from its first day to its last. */
export type Trend = {
  from: DayText;
  to: DayText;
  readings: number;
  /** The change of the line over the days of the series, in the reading's unit. */
  delta: number;
  se: number;
  /** How likely a change of this size or more is by error alone, 0–1; both directions. */
  p: number;
  /** The line on the last day. */
  level: number;
  /** 1, or the factor by which other hands widen the errors. */
  widening: number;
  testers: readonly string[];
};

/**
 * The variance of each reading: its own error, other hands, and what a body is more or less on one day than another.
 * Readings of one day share its body and its hands: together they know no more than one.
 * @param day the day-to-day deviation as a share of the SEM
 */
export function variancesOf(series: readonly SeriesPoint[], day: number): number[] {
  const widening = wideningOf(series);
  const days = groupBy(series, ({ on }) => on);
  return series.map(
    ({ on, se, sem }) => days.get(on)!.length * ((widening * se) ** 2 + (day * sem) ** 2),
  );
}

/** Other hands anywhere in a series widen every error of it. */
const wideningOf = (series: readonly SeriesPoint[]): number =>
  series.some((one) => !sameTester(one.tester, series[0]!.tester)) ? betweenTesters : 1;

/**
 * The weighted line through a series of readings on different days. With two readings it is their difference, with
 * √(v₁ + v₂) for its error.
 * @param series oldest first; readings of one day count as one
 * @param day the day-to-day deviation as a share of the SEM
 * @returns null for fewer than two days
 */
export function trendOf(series: readonly SeriesPoint[], day: number): Trend | null {
  const [first, last] = [series[0], series.at(-1)];
  if (!first || !last || first.on === last.on) return null;
  const variances = variancesOf(series, day);
  const times = series.map(({ on }) => daysBetween(first.on, on));
  const weight = variances.map((one) => 1 / one);
  const sum = (of: (n: number) => number) => series.reduce((all, _, n) => all + of(n), 0);
  const total = sum((n) => weight[n]!);
  const middle = sum((n) => weight[n]! * times[n]!) / total;
  const mean = sum((n) => weight[n]! * series[n]!.value) / total;
  const spread = sum((n) => weight[n]! * (times[n]! - middle) ** 2);
  const slope = sum((n) => weight[n]! * (times[n]! - middle) * series[n]!.value) / spread;
  const span = times.at(-1)!;
  const [delta, se] = [slope * span, span / Math.sqrt(spread)];
  return {
    from: first.on,
    to: last.on,
    readings: series.length,
    delta,
    se,
    p: 2 * normalBelow(-Math.abs(delta) / se),
    level: mean + slope * (span - middle),
    widening: wideningOf(series),
    testers: [...new Set(series.map(({ tester }) => tester).filter(Boolean))],
  };
}

/** How fine a series will see by a day: the smallest change a week that would be told from error, and after how many more readings. */
export type Fineness = { perWeek: number; by: DayText; rounds: number };

/**
 * How fine a series sees once so many more readings were taken, evenly, up to a day.
 * @param z standard errors that a change has to pass
 */
export function finenessOf(
  series: readonly SeriesPoint[],
  day: number,
  { by, rounds }: { by: DayText; rounds: number },
  z: number,
): Fineness | null {
  const last = series.at(-1);
  if (!last || rounds < 1 || by <= last.on) return null;
  const first = series[0]!.on;
  const step = daysBetween(last.on, by) / rounds;
  const times = [
    ...series.map(({ on }) => daysBetween(first, on)),
    ...Array.from({ length: rounds }, (_, n) => daysBetween(first, last.on) + (n + 1) * step),
  ];
  const variances = variancesOf(series, day);
  const usual = variances.reduce((all, one) => all + one, 0) / variances.length;
  const weight = times.map((_, n) => 1 / (variances[n] ?? usual));
  const total = weight.reduce((all, one) => all + one, 0);
  const middle = times.reduce((all, time, n) => all + weight[n]! * time, 0) / total;
  const spread = times.reduce((all, time, n) => all + weight[n]! * (time - middle) ** 2, 0);
  return { perWeek: (7 * z) / Math.sqrt(spread), by, rounds };
}

/**
 * The best that a series supports: of every day the line, and of what it stood beside the line the share that is the
 * body's own and not the error's. The largest single reading stands above the truth.
 */
export function bestOf(
  series: readonly SeriesPoint[],
  day: number,
  better: "more" | "less",
): { value: number; on: DayText } | null {
  const [first] = series;
  if (!first) return null;
  const trend = trendOf(series, day);
  const variances = variancesOf(series, day);
  const sense = better === "more" ? 1 : -1;
  const span = daysBetween(first.on, series.at(-1)!.on);
  const mean = weightedMean(series, variances);
  const held = series.map(({ on, value, sem }, n) => {
    const line =
      trend && span > 0 ? trend.level - trend.delta * (1 - daysBetween(first.on, on) / span) : mean;
    const own = (day * sem) ** 2 / variances[n]!;
    return { on, value: line + own * (value - line) };
  });
  return held.reduce((a, b) => (sense * b.value > sense * a.value ? b : a));
}

const weightedMean = (series: readonly SeriesPoint[], variances: readonly number[]): number =>
  series.reduce((all, { value }, n) => all + value / variances[n]!, 0) /
  variances.reduce((all, one) => all + 1 / one, 0);
