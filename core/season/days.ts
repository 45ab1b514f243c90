import { addDays, differenceInCalendarDays, formatISO, parseISO, startOfISOWeek } from "date-fns";

/** An ISO local date, 2026-11-24: the only form in which the core holds a day. */
export type DayText = string;

export const dayOf = (moment: Date): DayText => formatISO(moment, { representation: "date" });
export const plusDays = (day: DayText, days: number): DayText =>
  dayOf(addDays(parseISO(day), days));
/** Whole days from one day to another; negative when `to` is earlier. */
export const daysBetween = (from: DayText, to: DayText): number =>
  differenceInCalendarDays(parseISO(to), parseISO(from));
/** The Monday of a day's week. */
export const mondayOf = (day: DayText): DayText => dayOf(startOfISOWeek(parseISO(day)));
