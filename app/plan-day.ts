import { isDay, plusDays, type DayText } from "#core/dates/days";
import type { AthleteView } from "./view";

/** So far ahead a day can be opened and planned. */
const ahead = 400;

/**
 * The day that a prep is opened for: one to come that the address names, else the day that is looked at. Everything else
 * of a page stays as of the day that is looked at: nothing is known of days to come.
 */
export function planDay(
  request: Request,
  { day, today }: Pick<AthleteView, "day" | "today">,
): DayText {
  const asked = new URL(request.url).searchParams.get("day") ?? "";
  return isDay(asked) && asked > today && asked <= plusDays(today, ahead) ? asked : day;
}
