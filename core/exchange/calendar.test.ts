import fc from "fast-check";
import ICAL from "ical.js";
import { describe, expect, it } from "vitest";
import { quicklyPlaced } from "../schedule/place";
import { movedTo } from "../schedule/plan-rules";
import { calendarChanges, seasonEvents, uidOf } from "../schedule/season-calendar";
import { placeTerms, season } from "../test/seasons";
import { fromCalendar, toCalendar, type CalendarEvent } from "./calendar";
import { offsetChanges, wallTime } from "./time-zone";

const terms = (zone: string, alarm: number | null = null) => ({
  zone,
  stamp: "2026-11-24T09:00:00.000Z",
  alarm,
  name: "Test",
});
const zones = ["Europe/Berlin", "America/New_York", "Australia/Lord_Howe", "Asia/Kolkata", "UTC"];

const anyEvent: fc.Arbitrary<CalendarEvent> = fc.record({
  uid: fc.uuid(),
  on: fc.integer({ min: 0, max: 500 }).map((days) => {
    const day = new Date(Date.UTC(2026, 9, 1 + days));
    return day.toISOString().slice(0, 10);
  }),
  starts: fc
    .tuple(fc.integer({ min: 4, max: 23 }), fc.integer({ min: 0, max: 59 }))
    .map(([h, m]) => `${String(h).padStart(2, "0")}:${String(m).padStart(2, "0")}`),
  minutes: fc.integer({ min: 2, max: 120 }),
  summary: fc.string({ maxLength: 90 }),
  description: fc.constant(""),
  location: fc.constantFrom("", "The silo floor; west, upper\nwing"),
  sequence: fc.nat({ max: 9 }),
  calledOff: fc.constant(false),
});
const span = { from: "2026-01-01", to: "2029-01-01" };
const summary = ({ kind }: { kind: string }) => kind;

describe("the calendar", () => {
  it("law: written and read again, every event is the same, in any zone, over any change to summer time", () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(anyEvent, { maxLength: 12, selector: ({ uid }) => uid }),
        fc.constantFrom(...zones),
        fc.option(fc.constantFrom(5, 30)),
        (events, zone, alarm) => {
          const text = toCalendar(events, terms(zone, alarm));
          const read = fromCalendar(text, { zone, ...span });
          if ("refused" in read) throw new Error(read.refused);
          const plain = (
            list: readonly Pick<CalendarEvent, "uid" | "on" | "starts" | "minutes" | "summary">[],
          ) =>
            list
              .map(({ uid, on, starts, minutes, summary }) => [
                uid,
                on,
                starts,
                minutes,
                summary.trim(),
              ])
              .sort();
          expect(plain(read.events)).toEqual(plain(events));
        },
      ),
      { numRuns: 60 },
    );
  });

  it("law: a season written out and read back changes nothing, and is written the same again", () => {
    const slots = quicklyPlaced(placeTerms());
    const planned = season({ slots });
    const options = { today: "2026-11-24", light: true, places: [], summary };
    for (const zone of zones) {
      const text = toCalendar(seasonEvents(planned, options), terms(zone));
      const read = fromCalendar(text, { zone, ...span });
      if ("refused" in read) throw new Error(read.refused);
      expect(calendarChanges(read, planned, "2026-11-24")).toEqual({
        moves: [],
        gone: [],
        strangers: [],
      });
      expect(toCalendar(seasonEvents(planned, options), terms(zone))).toBe(text);
    }
  });

  it("a session moved in the calendar is a move here; one moved here keeps its name and counts up", () => {
    const slots = quicklyPlaced(placeTerms());
    const planned = season({ slots });
    const session = slots.find(({ kind, on }) => kind === "mobility" && on > "2026-12-01")!;
    const moved = movedTo(session, session.on, "20:15");
    const after = season({ slots: slots.map((slot) => (slot.id === session.id ? moved : slot)) });
    const options = { today: "2026-11-24", light: false, places: [], summary };
    const event = seasonEvents(after, options).find(({ uid }) => uid === uidOf(session))!;
    expect(event.sequence).toBe(session.revision + 1);
    const read = fromCalendar(toCalendar([event], terms("Europe/Berlin")), {
      zone: "Europe/Berlin",
      ...span,
    });
    if ("refused" in read) throw new Error(read.refused);
    expect(calendarChanges(read, planned, "2026-11-24").moves).toEqual([
      { slotId: session.id, on: session.on, starts: "20:15", summary: event.summary },
    ]);
  });

  it("17:00 stays 17:00 over the change to summer time, for another reader too", () => {
    const at = (on: string): CalendarEvent => ({
      uid: on,
      on,
      starts: "17:00",
      minutes: 30,
      summary: "Hip session",
      description: "",
      location: "",
      sequence: 0,
      calledOff: false,
    });
    const text = toCalendar([at("2027-03-27"), at("2027-03-28")], terms("Europe/Berlin"));
    const [before, after] = new ICAL.Component(ICAL.parse(text) as unknown as string)
      .getAllSubcomponents("vevent")
      .map((one) => new ICAL.Event(one).startDate.toUnixTime() * 1000);
    expect(new Date(before!).toISOString()).toBe("2027-03-27T16:00:00.000Z");
    expect(new Date(after!).toISOString()).toBe("2027-03-28T15:00:00.000Z");
    expect(offsetChanges("Europe/Berlin", before!, after!)).toEqual([
      { from: Date.parse("2027-03-28T01:00:00Z"), before: 60, after: 120 },
    ]);
  });

  it("a timetable of another kind: repeats, days left out, another zone, UTC, whole days", () => {
    const text = [
      "BEGIN:VCALENDAR",
      "VERSION:2.0",
      "PRODID:-//x//y//EN",
      "BEGIN:VEVENT",
      "UID:class",
      "DTSTAMP:20261101T000000Z",
      "DTSTART:20261130T180000",
      "DURATION:PT1H30M",
      "RRULE:FREQ=WEEKLY;COUNT=3",
      "EXDATE:20261207T180000",
      "SUMMARY:Class",
      "END:VEVENT",
      "BEGIN:VEVENT",
      "UID:utc",
      "DTSTAMP:20261101T000000Z",
      "DTSTART:20261201T163000Z",
      "DTEND:20261201T173000Z",
      "SUMMARY:Strength",
      "END:VEVENT",
      "BEGIN:VEVENT",
      "UID:day",
      "DTSTAMP:20261101T000000Z",
      "DTSTART;VALUE=DATE:20261202",
      "SUMMARY:Travel",
      "END:VEVENT",
      "END:VCALENDAR",
      "",
    ].join("\r\n");
    const read = fromCalendar(text, { zone: "Europe/Berlin", ...span });
    if ("refused" in read) throw new Error(read.refused);
    expect(read.events.map(({ uid, on, starts, minutes }) => [uid, on, starts, minutes])).toEqual([
      ["class", "2026-11-30", "18:00", 90],
      ["utc", "2026-12-01", "17:30", 60],
      ["day", "2026-12-02", "00:00", 1440],
      ["class", "2026-12-14", "18:00", 90],
    ]);
    expect(calendarChanges(read, season(), "2026-11-24").strangers).toHaveLength(3);
    expect(wallTime("Asia/Kolkata", Date.parse("2026-12-01T16:30:00Z"))).toEqual({
      day: "2026-12-01",
      time: "22:00",
    });
  });

  const eventWith = (...lines: string[]) =>
    [
      "BEGIN:VCALENDAR",
      "VERSION:2.0",
      "PRODID:-//x//y//EN",
      "BEGIN:VEVENT",
      "UID:class",
      "DTSTAMP:20180101T000000Z",
      "DURATION:PT1H",
      "SUMMARY:Class",
      ...lines,
      "END:VEVENT",
      "END:VCALENDAR",
      "",
    ].join("\r\n");

  it("a class of many years is read where it is looked at", () => {
    const text = eventWith("DTSTART:20180108T180000", "RRULE:FREQ=DAILY");
    const read = fromCalendar(text, {
      zone: "Europe/Berlin",
      from: "2026-11-24",
      to: "2026-11-30",
    });
    if ("refused" in read) throw new Error(read.refused);
    expect(read.events).toHaveLength(7);
    expect(read.events[0]!.on).toBe("2026-11-24");
  });

  it.each(["FREQ=DAILY;BYMONTH=2;BYMONTHDAY=31", "FREQ=YEARLY;BYMONTH=4,6;BYMONTHDAY=31"])(
    "a rule that never falls, %s, is left out and said",
    (rule) => {
      const text = eventWith("DTSTART:20260101T180000", `RRULE:${rule}`);
      expect(fromCalendar(text, { zone: "UTC", ...span })).toEqual({ events: [], skipped: 1 });
    },
  );

  it("a rule with a step longer than any plan falls once, and is not counted up to", () => {
    const text = eventWith("DTSTART:20261128T170000", "RRULE:FREQ=DAILY;INTERVAL=99999999");
    const read = fromCalendar(text, { zone: "UTC", ...span });
    expect("events" in read && read.events.map(({ on }) => on)).toEqual(["2026-11-28"]);
  });

  it.each(["DTSTART:00000101T170000", "DTSTART:99990101T170000"])(
    "an event of another age, %s, is left out and said",
    (start) => {
      const text = eventWith(start, "RRULE:FREQ=DAILY");
      expect(fromCalendar(text, { zone: "UTC", ...span })).toEqual({ events: [], skipped: 1 });
    },
  );

  it("a name can't write an event of its own, and no line is longer than 75 octets", () => {
    const text = toCalendar(
      [
        {
          uid: "u",
          on: "2026-11-24",
          starts: "17:00",
          minutes: 20,
          summary: "Über den Boden, 日本の朝 ".repeat(8),
          description: "",
          location: "",
          sequence: 0,
          calledOff: false,
        },
      ],
      { ...terms("Europe/Berlin"), name: "Wren\r\nBEGIN:VEVENT\r\nSUMMARY:x" },
    );
    expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(2);
    expect(text.split("\r\n").filter((line) => line === "BEGIN:VEVENT")).toHaveLength(1);
    const octets = text.split("\r\n").map((line) => new TextEncoder().encode(line).length);
    expect(Math.max(...octets)).toBeLessThanOrEqual(75);
  });

  it.each(["", "{}", "BEGIN:VCALENDAR\r\nBEGIN:VEVENT", "BEGIN:VCARD\r\nVERSION:3.0\r\nEND:VCARD"])(
    "refuses what is no calendar",
    (text) => {
      expect(fromCalendar(text, { zone: "UTC", ...span })).toHaveProperty("refused");
    },
  );
});
