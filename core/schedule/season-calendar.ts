import { placeOf } from "../records/places";
import type { CalendarEvent, CalendarReading, CalendarRefusal } from "../exchange/calendar";
import type { DayText } from "../dates/days";
import { sessionKinds, type Season, type Slot, type SlotKind } from "../records/training";

/** The end of the names of our own events. */
const own = "@yearling.local";

/** The name of a slot's event, the same at every export. */
export const uidOf = ({ id }: Pick<Slot, "id">): string => `${id}${own}`;

type WrittenSlot = Season["written"][number];
type Extent = { today: DayText; light: boolean };

/** What of the season goes into a calendar: what lies ahead, without the circles and fillers unless asked for. */
const goesOut = ({ on, kind }: Slot, { today, light }: Extent): boolean =>
  on >= today && (light || !sessionKinds[kind].light);

/**
 * The slots of a calendar written now: what lies ahead, and, called off, what an earlier calendar held and this one
 * does not. A slot that is called off has a higher revision than it was written with, so that a reader takes it.
 */
export function writtenNow(season: Season, extent: Extent): WrittenSlot[] {
  const out = season.slots.filter((slot) => goesOut(slot, extent));
  const names = new Set(out.map(({ id }) => id));
  const gone = season.written.filter(({ id, on }) => on >= extent.today && !names.has(id));
  return [
    ...out.map((slot) => ({ ...slot, calledOff: false })),
    ...gone.map((slot) =>
      slot.calledOff ? slot : { ...slot, calledOff: true, revision: slot.revision + 1 },
    ),
  ];
}

/** The revisions that calendars have told of, by slot. */
export const writtenRevisions = ({ written }: Pick<Season, "written">): Map<string, number> =>
  new Map(written.map(({ id, revision }) => [id, revision]));

/** The revision of a slot that is not in the season now: after the last one that a calendar told of. */
export const newRevision = (revisions: ReadonlyMap<string, number>, id: string): number =>
  (revisions.get(id) ?? -1) + 1;

/** The events of a calendar written now. @param summary what a slot is called there */
export function seasonEvents(
  season: Season,
  extent: Extent & {
    places: readonly { id: string; name: string }[];
    summary: (slot: Pick<Slot, "kind" | "focus">) => string;
  },
): CalendarEvent[] {
  return writtenNow(season, extent).map((slot) => ({
    uid: uidOf(slot),
    on: slot.on,
    starts: slot.starts,
    minutes: slot.minutes,
    summary: extent.summary(slot),
    description: "",
    location: placeOf(extent.places, slot.placeId)?.name ?? "",
    sequence: slot.revision,
    calledOff: slot.calledOff,
  }));
}

/**
 * What a calendar says that the season does not: sessions that were moved in it, sessions that it was given and no
 * longer has, and events that may be trainings.
 */
export type CalendarChanges = {
  moves: { slotId: string; on: DayText; starts: string; summary: string }[];
  gone: { slotId: string; on: DayText; starts: string; kind: SlotKind; focus: Slot["focus"] }[];
  strangers: { uid: string; on: DayText; starts: string; minutes: number; summary: string }[];
};

/** Reads a calendar against the season. Whole days and what is past are left out; so is what is there already. */
export function calendarChanges(
  { events }: Exclude<CalendarReading, { refused: CalendarRefusal }>,
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
  return { moves, gone: goneFrom(events, season, today), strangers };
}

/** Sessions that the calendar was given and no longer has; none where it has nothing of ours, for then it is another calendar. */
function goneFrom(
  events: readonly { uid: string }[],
  season: Season,
  today: DayText,
): CalendarChanges["gone"] {
  const there = new Set(events.map(({ uid }) => uid).filter((uid) => uid.endsWith(own)));
  if (there.size === 0) return [];
  const given = new Set(
    season.written.filter(({ calledOff }) => !calledOff).map((slot) => uidOf(slot)),
  );
  return season.slots
    .filter((slot) => slot.on >= today && given.has(uidOf(slot)) && !there.has(uidOf(slot)))
    .map((slot) => ({
      slotId: slot.id,
      on: slot.on,
      starts: slot.starts,
      kind: slot.kind,
      focus: slot.focus,
    }));
}
