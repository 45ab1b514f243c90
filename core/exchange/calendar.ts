import ICAL from "ical.js";
import { offsetAt, offsetChanges, wallTime } from "./time-zone";

// A line is 75 octets at most, the blank that goes on included (RFC 5545, 3.1).
ICAL.foldLength = 74;

/** An event of the calendar: a stretch of a local day. */
export type CalendarEvent = {
  uid: string;
  /** ISO local date and time of day. */
  on: string;
  starts: string;
  minutes: number;
  summary: string;
  description: string;
  location: string;
  /** Counts the changes of the event: of two with one uid the higher one is the newer. */
  sequence: number;
  /** It was written before and does not take place: a reader takes it out. */
  calledOff: boolean;
};

export type CalendarTerms = {
  /** The time zone that the days and times are of, as the IANA names it. */
  zone: string;
  /** When it is written, UTC. */
  stamp: string;
  /** Minutes before each event at which it rings; null for no alarms. */
  alarm: number | null;
  name: string;
};

/**
 * A calendar in the form of RFC 5545. Times are local times of a zone that is written out with its changes, so that
 * 17:00 stays 17:00 over a change to summer time. The same events give the same text.
 */
export function toCalendar(events: readonly CalendarEvent[], terms: CalendarTerms): string {
  const calendar = new ICAL.Component("vcalendar");
  calendar.addPropertyWithValue("version", "2.0");
  calendar.addPropertyWithValue("prodid", "-//Yearling//season//EN");
  calendar.addPropertyWithValue("calscale", "GREGORIAN");
  calendar.addPropertyWithValue("method", "PUBLISH");
  calendar.addPropertyWithValue("x-wr-calname", oneLine(terms.name));
  const days = events.map(({ on }) => on).sort();
  if (days.length > 0) calendar.addSubcomponent(zoneComponent(terms.zone, days[0]!, days.at(-1)!));
  for (const event of events) calendar.addSubcomponent(eventComponent(event, terms));
  return `${calendar.toString()}\r\n`;
}

function eventComponent(event: CalendarEvent, { zone, stamp, alarm }: CalendarTerms) {
  const component = new ICAL.Component("vevent");
  const set = (name: string, value: unknown) =>
    component.addPropertyWithValue(name, value as string);
  set("uid", event.uid);
  set("dtstamp", ICAL.Time.fromDateTimeString(stamp.replace(/\.\d+Z$/, "Z")));
  const start = component.addPropertyWithValue(
    "dtstart",
    ICAL.Time.fromDateTimeString(`${event.on}T${event.starts}:00`) as unknown as string,
  );
  start.setParameter("tzid", zone);
  set("duration", ICAL.Duration.fromSeconds(event.minutes * 60));
  set("summary", event.summary);
  if (event.description) set("description", event.description);
  if (event.location) set("location", event.location);
  component.addPropertyWithValue("sequence", event.sequence as unknown as string);
  if (event.calledOff) set("status", "CANCELLED");
  set("transp", event.calledOff ? "TRANSPARENT" : "OPAQUE");
  if (alarm !== null && !event.calledOff) {
    const bell = new ICAL.Component("valarm");
    bell.addPropertyWithValue("action", "DISPLAY");
    bell.addPropertyWithValue("description", event.summary);
    bell.addPropertyWithValue(
      "trigger",
      ICAL.Duration.fromSeconds(-alarm * 60) as unknown as string,
    );
    component.addSubcomponent(bell);
  }
  return component;
}

/** A text on one line, as a calendar's own text is escaped; for names that the format doesn't know. */
const oneLine = (text: string): string =>
  text
    .replace(/[\p{Cc}\u2028\u2029]+/gu, " ")
    .trim()
    .replace(/([\\;,])/g, "\\$1");

const day = 86_400_000;

/** The zone with its offset before the first day and every change up to the last. */
function zoneComponent(zone: string, first: string, last: string) {
  const component = new ICAL.Component("vtimezone");
  component.addPropertyWithValue("tzid", zone);
  const from = Date.parse(`${first}T00:00:00Z`) - 2 * day;
  const to = Date.parse(`${last}T00:00:00Z`) + 2 * day;
  const least = Math.min(...[0, 91, 182, 273].map((days) => offsetAt(zone, from + days * day)));
  const add = (at: number, before: number, after: number) => {
    const observance = new ICAL.Component(after > least ? "daylight" : "standard");
    const local = new Date(at + before * 60_000).toISOString().slice(0, 19);
    observance.addPropertyWithValue(
      "dtstart",
      ICAL.Time.fromDateTimeString(local) as unknown as string,
    );
    observance.addPropertyWithValue("tzoffsetfrom", utcOffset(before) as unknown as string);
    observance.addPropertyWithValue("tzoffsetto", utcOffset(after) as unknown as string);
    component.addSubcomponent(observance);
  };
  const initial = offsetAt(zone, from);
  add(from, initial, initial);
  for (const { from: at, before, after } of offsetChanges(zone, from, to)) add(at, before, after);
  return component;
}

const utcOffset = (minutes: number) => ICAL.UtcOffset.fromSeconds(minutes * 60);

/** Not readable at all (RFC 5545), readable and no calendar, or so that reading it does not end. */
export type CalendarRefusal = "unreadable" | "no-calendar" | "too-long";

export type CalendarReading =
  | {
      events: (Omit<CalendarEvent, "sequence" | "calledOff"> & { wholeDay: boolean })[];
      /** Events that cannot be read, or that never fall. */
      skipped: number;
    }
  | { refused: CalendarRefusal };

/** So many repeats of one event are taken at most, and so many are gone through to come to them. */
const most = {
  taken: 400,
  looked: 20_000,
  /** Steps of a rule: what comes again after more than these never does within a plan. */
  interval: 1000,
} as const;

/** An event that begins in another age is a slip of whoever wrote it. */
const isOfOurTime = ({ year }: { year: number }): boolean => year >= 1900 && year <= 2200;

type Rule = { parts?: Record<string, unknown>; interval?: number };

/** Days of a month by its number, in a leap year. */
const daysIn = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

/** Whether a rule names only days that its months don't have, as the 31st of February: it never falls. */
function neverFalls(rule: Rule): boolean {
  const list = (name: string) => (rule.parts?.[name] as number[] | undefined) ?? [];
  const [months, days] = [list("BYMONTH"), list("BYMONTHDAY")];
  const own = months.length > 0 ? months : daysIn.map((_, n) => n + 1);
  return (
    days.length > 0 &&
    own.every((month) => days.every((one) => Math.abs(one) > (daysIn[month - 1] ?? 0)))
  );
}

/**
 * Reads a calendar: its events as local days and times of a zone, repeats written out, from one day to another. Times
 * of another zone are brought over; times without a zone are taken as they stand.
 */
export function fromCalendar(
  text: string,
  { zone, from, to }: { zone: string; from: string; to: string },
): CalendarReading {
  let calendar: InstanceType<typeof ICAL.Component>;
  try {
    const parsed: unknown = ICAL.parse(text);
    calendar = new ICAL.Component(parsed as string);
  } catch {
    return { refused: "unreadable" };
  }
  if (calendar.name !== "vcalendar") return { refused: "no-calendar" };
  const components = calendar.getAllSubcomponents("vevent");
  const exceptions = components.filter((one) => one.hasProperty("recurrence-id"));
  let skipped = 0;
  const events: Exclude<CalendarReading, { refused: CalendarRefusal }>["events"] = [];
  for (const component of components) {
    if (
      component.hasProperty("recurrence-id") ||
      component.getFirstPropertyValue("status") === "CANCELLED"
    )
      continue;
    const uid = String(component.getFirstPropertyValue("uid") ?? "");
    const event = eventOf(
      component,
      exceptions.filter((one) => one.getFirstPropertyValue("uid") === uid),
    );
    if (!event) {
      skipped += 1;
      continue;
    }
    const take = (start: InstanceType<typeof ICAL.Time>, end: InstanceType<typeof ICAL.Time>) => {
      const { on, starts } = localOf(start, zone);
      if (on < from || on > to) return;
      events.push({
        uid,
        on,
        starts,
        minutes: Math.max(0, Math.round(end.subtractDateTz(start).toSeconds() / 60)),
        summary: String(event.summary ?? ""),
        description: String(event.description ?? ""),
        location: String(event.location ?? ""),
        wholeDay: start.isDate,
      });
    };
    try {
      if (!event.isRecurring()) take(event.startDate, event.endDate);
      else takeRepeats(component, event, take);
    } catch {
      skipped += 1;
    }
  }

  function takeRepeats(
    component: InstanceType<typeof ICAL.Component>,
    event: InstanceType<typeof ICAL.Event>,
    take: (start: InstanceType<typeof ICAL.Time>, end: InstanceType<typeof ICAL.Time>) => void,
  ): void {
    const rules = component
      .getAllProperties("rrule")
      .map((rule) => rule.getFirstValue() as unknown as Rule);
    if (rules.some(neverFalls)) {
      skipped += 1;
      return;
    }
    if (rules.some(({ interval = 1 }) => interval > most.interval))
      return take(event.startDate, event.endDate);
    const repeats = event.iterator();
    const before = events.length;
    for (let n = 0; n < most.looked && events.length - before < most.taken; n += 1) {
      const next = repeats.next();
      if (!next || localOf(next, zone).on > to) break;
      if (localOf(next, zone).on < from) continue;
      const { startDate, endDate } = event.getOccurrenceDetails(next);
      take(startDate, endDate);
    }
  }

  return {
    skipped,
    events: events.sort((a, b) => a.on.localeCompare(b.on) || a.starts.localeCompare(b.starts)),
  };
}

/** An event with a beginning; null where it cannot be read. */
function eventOf(
  component: InstanceType<typeof ICAL.Component>,
  exceptions: InstanceType<typeof ICAL.Component>[],
): InstanceType<typeof ICAL.Event> | null {
  try {
    const event = new ICAL.Event(component, { exceptions });
    return event.startDate && isOfOurTime(event.startDate) ? event : null;
  } catch {
    return null;
  }
}

const two = (value: number): string => String(value).padStart(2, "0");

/** The local day and time of a moment: as written where it is of this zone or of none, else brought over. */
function localOf(
  time: InstanceType<typeof ICAL.Time>,
  zone: string,
): { on: string; starts: string } {
  const on = `${time.year}-${two(time.month)}-${two(time.day)}`;
  const starts = time.isDate ? "00:00" : `${two(time.hour)}:${two(time.minute)}`;
  const own = time.zone?.tzid ?? "floating";
  if (time.isDate || own === "floating" || own === zone) return { on, starts };
  const { day: there, time: clock } = wallTime(zone, time.toUnixTime() * 1000);
  return { on: there, starts: clock };
}
