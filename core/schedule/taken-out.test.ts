import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { fromCalendar, toCalendar } from "../exchange/calendar";
import { placeTerms, season } from "../test/seasons";
import { mondayOf } from "../dates/days";
import { quicklyPlaced } from "./place";
import { planBreaches } from "./plan-rules";
import { calendarChanges, seasonEvents, uidOf, writtenNow } from "./season-calendar";
import { isOut, outOf, putBack, withoutSlot } from "./taken-out";
import type { Season } from "../records/training";

const today = "2026-11-24";
const placedAnew = (one: Season): Season => ({
  ...one,
  slots: quicklyPlaced(placeTerms({ season: one })),
});
const first = placedAnew(season());
const ahead = first.slots.filter(({ on }) => on >= today);
const extent = { today, light: true, places: [], summary: ({ kind }: { kind: string }) => kind };

describe("a session taken out by hand", () => {
  it("law: whatever is taken out stays out when the rest is placed anew, and no rule is broken", () => {
    fc.assert(
      fc.property(fc.subarray(ahead, { minLength: 1, maxLength: 12 }), (gone) => {
        const without = gone.reduce((one, slot) => withoutSlot(one, slot, today), first);
        expect(without.slots).toHaveLength(first.slots.length - gone.length);
        const again = placedAnew(without);
        for (const slot of gone) {
          expect(isOut(again, slot)).toBe(true);
          expect(again.slots.some((one) => isOut(again, one))).toBe(false);
        }
        expect(planBreaches(again.slots, placeTerms({ season: again }))).toEqual([]);
      }),
      { numRuns: 25 },
    );
  });

  it("the week is not filled up again, the other weeks keep theirs", () => {
    const slot = ahead.find(({ kind, on }) => kind === "mobility" && on > "2026-12-01")!;
    const count = (one: Season, monday: string) =>
      one.slots.filter(({ kind, on }) => kind === "mobility" && mondayOf(on) === monday).length;
    const again = placedAnew(withoutSlot(first, slot, today));
    const week = mondayOf(slot.on);
    expect(outOf(again, "mobility", week, today)).toBe(1);
    expect(count(again, week)).toBe(count(first, week) - 1);
    for (const monday of new Set(ahead.map(({ on }) => mondayOf(on))))
      if (monday !== week) expect(count(again, monday)).toBe(count(first, monday));
  });

  it("one of two warm-ups of a day goes, the other stays; put back, everything is as before", () => {
    const twice = placedAnew(
      season({
        usual: [
          { weekday: 3, kind: "skill", starts: "09:00", minutes: 60, placeId: null },
          { weekday: 3, kind: "class", starts: "17:00", minutes: 60, placeId: null },
        ],
      }),
    );
    const thursday = (one: Season) =>
      one.slots
        .filter(({ kind, on }) => kind === "warm-up" && on === "2026-11-26")
        .map(({ starts }) => starts);
    expect(thursday(twice)).toEqual(["08:45", "16:45"]);
    const morning = twice.slots.find(({ kind, starts }) => kind === "warm-up" && starts < "12:00")!;
    const without = placedAnew(withoutSlot(twice, morning, today));
    expect(thursday(without)).toEqual(["16:45"]);
    const back = placedAnew(putBack(without, without.out[0]!));
    expect(back.out).toEqual([]);
    expect(thursday(back)).toEqual(["08:45", "16:45"]);
  });

  it("marks of days that are past are let go; a round of checks leaves no mark", () => {
    const old = { on: "2026-11-20", kind: "mobility" as const, starts: null };
    const check = { ...ahead[0]!, id: "c", kind: "check" as const };
    const after = withoutSlot({ ...first, out: [old], slots: [check] }, check, today);
    expect(after).toMatchObject({ out: [], slots: [] });
  });
});

describe("what a later calendar calls off", () => {
  const sent = { ...first, written: writtenNow(first, extent) };
  const slot = ahead.find(({ kind, on }) => kind === "mobility" && on > "2026-12-01")!;
  const eventOf = (one: Season) => seasonEvents(one, extent).find(({ uid }) => uid === uidOf(slot));

  it("nothing before a calendar was written, and nothing that is still there", () => {
    expect(seasonEvents(withoutSlot(first, slot, today), extent)).toHaveLength(ahead.length - 1);
    expect(seasonEvents(sent, extent).some(({ calledOff }) => calledOff)).toBe(false);
  });

  it("a session that is gone is written as cancelled, with a higher sequence, and read as nothing", () => {
    const gone = withoutSlot(sent, slot, today);
    expect(eventOf(gone)).toMatchObject({ calledOff: true, sequence: slot.revision + 1 });
    const text = toCalendar(seasonEvents(gone, extent), {
      zone: "Europe/Berlin",
      stamp: "2026-11-24T09:00:00.000Z",
      alarm: 15,
      name: "Test",
    });
    expect(text.match(/STATUS:CANCELLED/g)).toHaveLength(1);
    expect(text.match(/BEGIN:VALARM/g)).toHaveLength(ahead.length - 1);
    const read = fromCalendar(text, { zone: "Europe/Berlin", from: today, to: "2028-01-01" });
    if ("refused" in read) throw new Error(read.refused);
    expect(calendarChanges(read, gone, today)).toEqual({ moves: [], gone: [], strangers: [] });
  });

  it("what was deleted in the calendar is told, of what it was given, and only by a calendar that has ours", () => {
    const told = (one: Season, keep: (uid: string) => boolean) => {
      const events = seasonEvents(one, extent).filter(({ uid }) => keep(uid));
      const read = fromCalendar(
        toCalendar(events, {
          zone: "UTC",
          stamp: "2026-11-24T09:00:00.000Z",
          alarm: null,
          name: "T",
        }),
        { zone: "UTC", from: today, to: "2028-01-01" },
      );
      if ("refused" in read) throw new Error(read.refused);
      return calendarChanges(read, one, today).gone.map(({ slotId }) => slotId);
    };
    expect(told(sent, () => true)).toEqual([]);
    expect(told(sent, (uid) => uid !== uidOf(slot))).toEqual([slot.id]);
    expect(told(first, (uid) => uid !== uidOf(slot))).toEqual([]);
    expect(told(sent, () => false)).toEqual([]);
  });

  it("it is called off the same way until it is past; come back, it counts on", () => {
    const gone = withoutSlot(sent, slot, today);
    const again = { ...gone, written: writtenNow(gone, extent) };
    expect(eventOf(again)).toEqual(eventOf(gone));
    expect(writtenNow(again, { ...extent, today: "2027-06-01" })).toEqual([]);
    const back = placedAnew(putBack(again, again.out[0]!));
    const event = eventOf(back)!;
    expect(event.calledOff).toBe(false);
    expect(event.sequence).toBeGreaterThan(eventOf(again)!.sequence);
  });

  it("circles and fillers that are no longer wanted in it are called off too", () => {
    const events = seasonEvents(sent, { ...extent, light: false });
    const off = events.filter(({ calledOff }) => calledOff);
    expect(off).toHaveLength(
      ahead.filter(({ kind }) => kind === "circles" || kind === "fillers").length,
    );
  });
});
