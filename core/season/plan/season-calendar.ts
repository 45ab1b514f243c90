import type { CalendarEvent, CalendarReading } from "../../exchange/calendar";
import type { DayText } from "../days";
import { slotName } from "./plan-words";
import type { Season, Slot } from "./training";

/** The end of the names of our own events. */
const own = "@yearling.local";

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** The name of a slot's event, the same at every export. */
export const uidOf = ({ id }: Pick<Slot, "id">): string => `${id}${own}`;

/** What of the season goes into a calendar: what lies ahead, without the circles and fillers unless asked for. */
export function seasonEvents(
  season: Season,
  {
    today,
    light,
    places,
  }: { today: DayText; light: boolean; places: readonly { id: string; name: string }[] },
): CalendarEvent[] {
  return season.slots
    .filter(({ on, kind }) => on >= today && (light || (kind !== "circles" && kind !== "fillers")))
    .map((slot) => ({
      uid: uidOf(slot),
      on: slot.on,
      starts: slot.starts,
      minutes: slot.minutes,
      summary: capital(slotName(slot)),
      description: "",
      location: places.find(({ id }) => id === slot.placeId)?.name ?? "",
      sequence: slot.revision,
    }));
}

/** What a calendar says that the season does not: sessions that were moved in it, and events that may be trainings. */
export type CalendarChanges = {
  moves: { slotId: string; on: DayText; starts: string; summary: string }[];
  strangers: { uid: string; on: DayText; starts: string; minutes: number; summary: string }[];
};

/** Reads a calendar against the season. Whole days and what is past are left out; so is what is there already. */
export function calendarChanges(
  { events }: Exclude<CalendarReading, { refused: string }>,
  season: Season,
  today: DayText,
): CalendarChanges {
  const slots = new Map(season.slots.map((slot) => [uidOf(slot), slot]));
  const moves: CalendarChanges["moves"] = [];
  const strangers: CalendarChanges["strangers"] = [];
  for (const { uid, on, starts, minutes, summary, wholeDay } of events) {
    if (on < today || wholeDay) continue;
    const slot = slots.get(uid);
    if (slot) {
      if ((slot.on !== on || slot.starts !== starts) && slot.on >= today)
        moves.push({ slotId: slot.id, on, starts, summary });
    } else if (!uid.endsWith(own) && minutes > 0 && minutes <= 480)
      strangers.push({ uid, on, starts, minutes, summary });
  }
  return { moves, strangers };
}
