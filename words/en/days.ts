import { format, parseISO } from "date-fns";
import type { DayText } from "#core/dates/days";

/** A date as people write it on a wall. @example shortDay("2026-12-15") // "15 Dec" */
export const shortDay = (day: DayText): string => format(parseISO(day), "d MMM");
/** @example weekDay("2026-11-18") // "Wed 18 Nov" */
export const weekDay = (day: DayText): string => format(parseISO(day), "EEE d MMM");
/** A day on paper. @example paperDay("2026-11-24") // "Tuesday 24 November 2026" */
export const paperDay = (day: DayText): string => format(parseISO(day), "EEEE d MMMM yyyy");
/** A day in a sentence. @example longDay("2026-11-24") // "Tuesday 24 November" */
export const longDay = (day: DayText): string => format(parseISO(day), "EEEE d MMMM");

/** The days of a week from Monday on, as they stand in a table. */
export const weekdayNames = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"] as const;
