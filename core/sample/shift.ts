import { daysBetween, plusDays, type DayText } from "../dates/days";

/** The Monday of the week for which the troupe is made ready at build. */
export const readyWeek: DayText = "2026-11-23";

const dates = /(?:19|20)\d\d-\d\d-\d\d/g;

/** How many days on from the ready week's Monday a day's weekday is: 0 on Mondays, 6 on Sundays. */
export const weekdayOf = (day: DayText): number => ((daysBetween(readyWeek, day) % 7) + 7) % 7;

/**
 * Moves every date in a text, those in identifiers too, by the same number of days. Each date is reckoned once.
 * @param text any text; ISO dates of 1900 to 2099 are dates, wherever they stand
 * @param days whole days, negative for earlier
 */
export function shifted(text: string, days: number): string {
  const moved = new Map<string, string>();
  return text.replace(dates, (date) => {
    const known = moved.get(date);
    if (known !== undefined) return known;
    // What only looks like a date stays what it is.
    const there = Number.isNaN(Date.parse(date)) ? date : plusDays(date, days);
    moved.set(date, there);
    return there;
  });
}
