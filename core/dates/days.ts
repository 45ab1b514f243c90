import { formatISO } from "date-fns/formatISO";

/** An ISO local date, 2026-11-24: the only form in which the core holds a day. */
export type DayText = string;

export const dayOf = (moment: Date): DayText => formatISO(moment, { representation: "date" });

const msADay = 86_400_000;

/**
 * The number of a day, counted from 1970-01-01. Days are reckoned with as numbers, for planning a season asks for
 * tens of thousands of them; a day of the calendar has no zone, so UTC is as good as any.
 */
const numberOf = (day: DayText): number => Math.round(Date.parse(`${day}T00:00:00Z`) / msADay);
const textOf = (number: number): DayText => new Date(number * msADay).toISOString().slice(0, 10);

/** Whether a text names a day that the calendar has: "2026-02-28" does, "2026-02-31" and "28.2.2026" don't. */
export const isDay = (text: string): boolean => {
  const number = /^\d{4}-\d{2}-\d{2}$/.test(text) ? numberOf(text) : Number.NaN;
  return !Number.isNaN(number) && textOf(number) === text;
};

export const plusDays = (day: DayText, days: number): DayText => textOf(numberOf(day) + days);
/** Whole days from one day to another; negative when `to` is earlier. */
export const daysBetween = (from: DayText, to: DayText): number => numberOf(to) - numberOf(from);
/** The Monday of a day's week. 1970-01-01 was a Thursday. */
export const mondayOf = (day: DayText): DayText => {
  const number = numberOf(day);
  return textOf(number - ((((number + 3) % 7) + 7) % 7));
};
