import * as z from "zod/mini";
import { fromCalendar, toCalendar } from "../../core/exchange/calendar";
import { checksIn, guessedColumns } from "../../core/exchange/checks-in";
import { readFile, toFile } from "../../core/exchange/file";
import { guessedLogColumns, logsIn } from "../../core/exchange/logs-in";
import { readPeople } from "../../core/exchange/people-list";
import { openTable } from "../../core/exchange/table-in";
import { plusDays } from "../../core/dates/days";
import { guessColumns, readSensorLog, seriesOf } from "../../core/measure/sensor-log";
import { plateausOf } from "../../core/measure/steady";
import { Check, Log, type AnyRecord, type RecordOf } from "../../core/records/records";
import { generateTroupe } from "../../core/sample/generate";
import { diceOf, type Dice } from "../../core/stats/dice";
import { cast } from "../../library/cast";
import { library } from "../../library/index";

/** What became of one damaged file. */
export type Attempt = { threw: string } | { accepted: boolean; records: readonly AnyRecord[] };

export type Sort = "notebook" | "calendar" | "recording" | "sheet";

/** The day on which every file is read. */
export const today = "2026-11-24";
const who = "odalys";

/** One athlete's last weeks with something of every kind of record, as a file. */
const whole = (() => {
  const since = plusDays(today, -6);
  const records = generateTroupe(cast, library, today).filter(
    (record) =>
      ("athleteId" in record
        ? record.athleteId === who && (!("on" in record) || record.on > since)
        : record.kind !== "athlete" || record.id === who) && record.kind !== "gone",
  );
  const prep = records.find(
    (record): record is RecordOf<"prep"> => record.kind === "prep" && record.on === today,
  )!;
  const checks = generateTroupe(cast, library, today)
    .filter((record) => record.kind === "check")
    .filter(({ athleteId }) => athleteId === who)
    .slice(-12);
  const run: AnyRecord = {
    kind: "run",
    id: "run-1",
    athleteId: who,
    prep: structuredClone(prep),
    growing: false,
    events: [
      { type: "start", at: `${today}T08:00:00.000Z` },
      { type: "next", at: `${today}T08:02:00.000Z` },
    ],
    group: [],
  };
  const photo: AnyRecord = {
    kind: "photo",
    id: "photo-1",
    athleteId: who,
    on: plusDays(today, -3),
    image: "data:image/jpeg;base64,/9j/4AAQSkZJRg==",
    width: 640,
    height: 480,
    readings: [
      { protocolId: checks[0]!.protocolId, side: "left", degrees: 84, se: 2, spots: [[0.2, 0.3]] },
    ],
  };
  const pack: AnyRecord = {
    kind: "pack",
    id: "own",
    name: "Own",
    skills: library.skills.slice(0, 1).map((skill) => ({ ...skill, id: "own-skill" })),
    protocols: [],
    drills: library.drills.slice(0, 2).map((drill, n) => ({ ...drill, id: `own-${n}` })),
    formats: library.formats.slice(0, 1).map((format) => ({ ...format, id: "own-format" })),
  };
  return toFile([...records, ...checks, run, photo, pack], `${today}T20:00:00.000Z`);
})();

/** Every text of the file by the name of its field: what a field might have been instead. */
const said = new Map<string, string[]>();
(function gather(value: unknown, name: string): void {
  if (typeof value === "string") said.set(name, [...(said.get(name) ?? []), value]);
  else if (Array.isArray(value)) for (const one of value) gather(one, name);
  else if (value !== null && typeof value === "object")
    for (const [key, one] of Object.entries(value)) gather(one, key);
})(whole, "");

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

/** A coach's own spreadsheets: of checks a day and a check a row, of logs, of people. */
const sheets: readonly string[] = [
  [
    "day;shoulder flexion L;shoulder flexion R;pain;note",
    ...Array.from({ length: 60 }, (_, n) => `${1 + (n % 28)}/4/2026;15${n % 10};160,5;0;"a; b"`),
  ].join("\n"),
  [
    "Date,Athlete,Test,Side,Trial 1,Trial 2",
    ...Array.from(
      { length: 60 },
      (_, n) => `2026-04-12,Odalys,Shoulder flexion,L,15${n % 10},155 °`,
    ),
  ].join("\r\n"),
  [
    "date\tdrill\tlevel\tsets\treps\tpain",
    ...Array.from({ length: 60 }, (_, n) => `3.4.2026\tWrist circles\t1\t2\t${n}\t0`),
  ].join("\n"),
  [
    "Name,Born,Height,Side",
    ...Array.from({ length: 60 }, (_, n) => `Dancer ${n},20${10 + (n % 6)},1${40 + n} cm,left`),
  ].join("\n"),
];

/** What is read of a spreadsheet, each as it would be written down. @throws where it could not be */
function readSpreadsheet(text: string): boolean {
  const people = readPeople(text, today);
  for (const { name, bornOn, statureCm } of people)
    if (name.length > 80 || (bornOn ?? today) > today || !((statureCm ?? 150) > 0))
      throw new Error(`nobody: ${JSON.stringify({ name, bornOn, statureCm })}`);
  const opened = openTable(text, library, today);
  if (!("table" in opened)) return people.length > 0;
  const { heads } = opened.table;
  const terms = {
    athletes: [{ id: who, name: "Odalys" }],
    athleteId: who,
    tester: "Ysolde",
    order: "day-first" as const,
    library,
    today,
  };
  const made = { id: "made", at: `${today}T12:00:00.000Z` };
  const { checks } = checksIn(opened.table, guessedColumns(heads, library), terms);
  for (const check of checks) Check.parse({ kind: "check", ...made, ...check });
  const { logs } = logsIn(opened.table, guessedLogColumns(heads), terms);
  for (const { items, on, minutes } of logs)
    z.pick(Log, { items: true, on: true, minutes: true }).parse({ items, on, minutes });
  return checks.length + logs.length > 0;
}

const recordingOf = (dice: Dice): string =>
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

/** A value that another might well have had: a number near by, another text of the same field, a list without one of its own or in another order. */
function changed(at: Record<string, unknown>, name: string, dice: Dice): void {
  const inside = at[name];
  if (typeof inside === "number") at[name] = inside + any(dice, [-1, 1, -0.5, inside, -inside]);
  else if (typeof inside === "string") at[name] = any(dice, said.get(name) ?? [""]);
  else if (typeof inside === "boolean") at[name] = !inside;
  else if (Array.isArray(at)) {
    const list = at as unknown[];
    const which = Number(name);
    if (dice.unit() < 0.5) list.splice(which, 1);
    else list.push(...list.splice(which, 1));
  } else delete at[name];
}

/** A value of another kind, a name misspelt, something missing, twice, or thousands of it. */
function broken(at: Record<string, unknown>, name: string, dice: Dice): void {
  const inside = at[name];
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
}

type Harm = (at: Record<string, unknown>, name: string, dice: Dice) => void;

/** One place somewhere inside comes to harm. @param deep how likely it lies further inside than a place that has an inside */
function harmed(value: unknown, dice: Dice, harm: Harm, deep: number): void {
  let at = value as Record<string, unknown>;
  for (let depth = 0; depth < 12; depth += 1) {
    const names = Object.keys(at);
    if (names.length === 0) return;
    const name = any(dice, names);
    const inside = at[name];
    const further = typeof inside === "object" && inside !== null && Object.keys(inside).length > 0;
    if (!further || dice.unit() > deep) return harm(at, name, dice);
    at = inside as Record<string, unknown>;
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

/** One damaged file, read. @returns whether it is accepted, and a notebook's records where it is */
export function attempt(sort: Sort, seed: number): Attempt {
  const dice = diceOf(seed);
  const file = damagedFile(sort, dice);
  try {
    if (sort === "calendar") {
      const span = { zone: "Europe/Paris", from: today, to: plusDays(today, 112) };
      return { accepted: !("refused" in fromCalendar(file, span)), records: [] };
    }
    if (sort === "sheet") return { accepted: readSpreadsheet(file), records: [] };
    if (sort === "recording") {
      const reading = readSensorLog(file);
      if ("refused" in reading) return { accepted: false, records: [] };
      plateausOf(seriesOf(reading.table, guessColumns(reading.table)).samples);
      return { accepted: true, records: [] };
    }
    const read = readFile(file);
    return "refused" in read
      ? { accepted: false, records: [] }
      : { accepted: true, records: read.records };
  } catch (error) {
    return { threw: String(error) };
  }
}

function damagedFile(sort: Sort, dice: Dice): string {
  if (sort === "calendar") return scribbled(calendar, dice);
  if (sort === "recording") return scribbled(recordingOf(dice), dice);
  if (sort === "sheet") return scribbled(any(dice, sheets), dice);
  const file = structuredClone(whole) as unknown;
  if (dice.unit() < 0.4) {
    for (let n = 0; n < 1 + 3 * dice.unit(); n += 1) harmed(file, dice, changed, 0.97);
    return JSON.stringify(file);
  }
  for (let n = 0; n < 1 + 2 * dice.unit(); n += 1) harmed(file, dice, broken, 0.85);
  const text = JSON.stringify(file);
  return dice.unit() < 0.15 ? scribbled(text, dice) : text;
}
