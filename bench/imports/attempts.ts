import { fromCalendar, toCalendar } from "../../core/exchange/calendar";
import { readFile, toFile } from "../../core/exchange/file";
import { plusDays } from "../../core/dates/days";
import { rankedGaps } from "../../core/limit/ranked-gaps";
import { guessColumns, readSensorLog, seriesOf } from "../../core/measure/sensor-log";
import { plateausOf } from "../../core/measure/steady";
import { withPacks } from "../../core/content/library";
import type { AnyRecord, Kind, RecordOf } from "../../core/records/records";
import { plainSettings } from "../../core/records/settings";
import { generateTroupe } from "../../core/sample/generate";
import { newPrep, planned } from "../../core/situation/planning";
import { situationOf } from "../../core/situation/situation";
import { diceOf, type Dice } from "../../core/stats/dice";
import { cast } from "../../library/cast";
import { library } from "../../library/index";

/** What became of one damaged file. */
export type Attempt = { threw: boolean; accepted: boolean; opened: boolean; broken: boolean };

export type Sort = "notebook" | "calendar" | "table";

const today = "2026-11-24";
const who = "odalys";

/** One athlete's last days, as a file. */
const whole = (() => {
  const records = generateTroupe(cast, library, today).filter(
    (record) =>
      ("athleteId" in record
        ? record.athleteId === who && (!("on" in record) || record.on > plusDays(today, -5))
        : record.kind !== "athlete" || record.id === who) && record.kind !== "gone",
  );
  return toFile(records, `${today}T20:00:00.000Z`);
})();

const rules = [
  "",
  "RRULE:FREQ=WEEKLY;BYDAY=MO,WE;COUNT=40\r\n",
  "RRULE:FREQ=DAILY;INTERVAL=2;UNTIL=20270101T000000Z\r\n",
  "RRULE:FREQ=MONTHLY;BYDAY=2TU\r\n",
  "RRULE:FREQ=YEARLY;BYMONTH=6;BYMONTHDAY=24\r\n",
  "RRULE:FREQ=MONTHLY;BYSETPOS=-1;BYDAY=MO,TU,WE\r\n",
];

const calendar = toCalendar(
  Array.from({ length: 12 }, (_, n) => ({
    uid: `event-${n}`,
    on: plusDays(today, 3 * n),
    starts: "17:00",
    minutes: 30,
    summary: `Class ${n}`,
    description: "",
    location: "The silo floor",
    sequence: 0,
    calledOff: false,
  })),
  { zone: "Europe/Paris", stamp: `${today}T10:00:00.000Z`, alarm: 15, name: "Odalys" },
).replace(
  /(SUMMARY:Class (\d+))/g,
  (all, summary: string, n: string) => `${rules[Number(n) % rules.length]!}${summary}`,
);

const tableOf = (dice: Dice): string =>
  [
    "time;angle",
    ...Array.from(
      { length: 200 },
      (_, n) => `${n * 10};${(80 + 5 * dice.normal()).toFixed(2).replace(".", ",")}`,
    ),
  ].join("\n");

const odd: readonly unknown[] = [
  null,
  -3,
  1e9,
  1e308,
  "",
  "x".repeat(4000),
  [],
  {},
  true,
  "2199-01-01",
  "9999-12-31",
  "2026-02-30",
  "\u202Eevil\r\nBEGIN:VEVENT",
  "=HYPERLINK(1)",
];

const any = <T>(dice: Dice, list: readonly T[]): T => list[Math.floor(dice.unit() * list.length)]!;

/** A place somewhere inside, changed: a value of another kind, a name misspelt, something missing, twice, or thousands of it. */
function damaged(value: unknown, dice: Dice): void {
  let at = value as Record<string, unknown>;
  for (let depth = 0; depth < 12; depth += 1) {
    const names = Object.keys(at);
    if (names.length === 0) return;
    const name = any(dice, names);
    const inside = at[name];
    const further = typeof inside === "object" && inside !== null && Object.keys(inside).length > 0;
    if (further && dice.unit() < 0.85) {
      at = inside as Record<string, unknown>;
      continue;
    }
    const roll = dice.unit();
    if (roll < 0.45) at[name] = structuredClone(any(dice, odd));
    else if (roll < 0.6) delete at[name];
    else if (roll < 0.7) at[`${name}x`] = inside;
    else if (roll < 0.8 && typeof inside === "number")
      at[name] = inside * any(dice, [-1, 10, 1e6, 0.1]);
    else if (roll < 0.9 && Array.isArray(at)) (at as unknown[]).push(structuredClone(inside));
    else if (Array.isArray(at) && at.length > 0)
      for (let n = 0; n < 3000; n += 1) (at as unknown[]).push(structuredClone(at[0]));
    else at[name] = structuredClone(any(dice, odd));
    return;
  }
}

/** A text with some of its signs changed, a line doubled, or its end cut off. */
function scribbled(text: string, dice: Dice): string {
  let now = text;
  for (let n = 0; n < 1 + 3 * dice.unit(); n += 1) {
    const at = Math.floor(dice.unit() * now.length);
    const roll = dice.unit();
    if (roll < 0.5)
      now = `${now.slice(0, at)}${any(dice, ["0", "9", "-", ";", ":", "=", '"', ",", "\r\n", "Z", ""])}${now.slice(at + 1)}`;
    else if (roll < 0.7) now = now.slice(0, at) + now.slice(at + Math.floor(40 * dice.unit()));
    else if (roll < 0.85)
      now = now.replace(/\d+/g, (digits) =>
        dice.unit() < 0.02 ? any(dice, ["0", "31", "99999999", "-1"]) : digits,
      );
    else if (roll < 0.95) now = now.slice(0, at) + now.slice(at - 60) + now.slice(at);
    else now = now.slice(0, at);
  }
  return now;
}

/** One damaged file, read; of some that are accepted, what every page is made of. */
export function attempt(sort: Sort, seed: number): Attempt {
  const dice = diceOf(seed);
  const done = (accepted: boolean, more: Partial<Attempt> = {}): Attempt => ({
    threw: false,
    accepted,
    opened: false,
    broken: false,
    ...more,
  });
  let text: string;
  if (sort === "notebook") {
    const file = structuredClone(whole) as unknown;
    for (let n = 0; n < 1 + 2 * dice.unit(); n += 1) damaged(file, dice);
    text = JSON.stringify(file);
    if (dice.unit() < 0.15) text = scribbled(text, dice);
  } else text = scribbled(sort === "calendar" ? calendar : tableOf(dice), dice);
  try {
    if (sort === "calendar") {
      const span = { zone: "Europe/Paris", from: today, to: plusDays(today, 112) };
      return done(!("refused" in fromCalendar(text, span)));
    }
    if (sort === "table") {
      const reading = readSensorLog(text);
      if ("refused" in reading) return done(false);
      plateausOf(seriesOf(reading.table, guessColumns(reading.table)).samples);
      return done(true);
    }
    const read = readFile(text);
    if ("refused" in read) return done(false);
    if (seed % 2 !== 0) return done(true);
    try {
      open(read.records);
      return done(true, { opened: true });
    } catch {
      return done(true, { opened: true, broken: true });
    }
  } catch {
    return done(false, { threw: true });
  }
}

/** What the pages of every athlete in a file are made of. */
function open(records: readonly AnyRecord[]): void {
  const of = <K extends Kind>(kind: K, id: string) =>
    records.filter(
      (record): record is RecordOf<K> =>
        record.kind === kind && (!("athleteId" in record) || record.athleteId === id),
    );
  for (const athlete of records.filter((record) => record.kind === "athlete")) {
    const { id } = athlete;
    const own = withPacks(library, of("pack", id));
    const situation = situationOf(
      {
        athlete,
        aims: of("aim", id),
        checks: of("check", id),
        preps: of("prep", id),
        logs: of("log", id),
        days: of("day", id),
        seasons: of("season", id),
        runs: of("run", id),
        photos: of("photo", id),
        places: of("place", id),
        settings: of("settings", id)[0] ?? plainSettings,
        library: own,
      },
      { today, day: today, aimId: null },
    );
    planned(situation, newPrep(situation, today, "new"));
    const { aim, skill, checks, logs } = situation;
    if (aim && skill) rankedGaps({ athlete, aim, skill, checks, logs, library: own, on: today });
  }
}
