import { format } from "date-fns/format";
import { parseISO } from "date-fns/parseISO";
import type { DayText } from "#core/dates/days";
import { monthFirst } from "./locale";

/** How days are written, by whether the reader writes the month first. */
export const dayForms = (first: boolean) =>
  first
    ? {
        short: "MMM d",
        week: "EEE, MMM d",
        long: "EEEE, MMMM d",
        paper: "EEEE, MMMM d, yyyy",
      }
    : { short: "d MMM", week: "EEE d MMM", long: "EEEE d MMMM", paper: "EEEE d MMMM yyyy" };

/** The reader's own forms. */
export const readersForms = dayForms(typeof navigator === "undefined" ? false : monthFirst());

/** A date as people write it on a wall. @example shortDay("2026-12-15") // "15 Dec" */
export const shortDay = (day: DayText): string => format(parseISO(day), readersForms.short);
/** @example weekDay("2026-11-18") // "Wed 18 Nov" */
export const weekDay = (day: DayText): string => format(parseISO(day), readersForms.week);
/** A day on paper. @example paperDay("2026-11-24") // "Tuesday 24 November 2026" */
export const paperDay = (day: DayText): string => format(parseISO(day), readersForms.paper);
/** A day in a sentence. @example longDay("2026-11-24") // "Tuesday 24 November" */
export const longDay = (day: DayText): string => format(parseISO(day), readersForms.long);

/** The days of a week from Monday on, as they stand in a table. */
export const weekdayNames = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"] as const;
