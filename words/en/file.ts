import type { PeopleColumn } from "#core/exchange/people-list";
import type { AnyRecord, Kind } from "#core/records/records";
import type { CheckColumn, RowProblem } from "#core/exchange/checks-in";
import type { LogColumn } from "#core/exchange/logs-in";
import type { FileRefusal, Handed } from "#core/exchange/file";
import type { CalendarRefusal } from "#core/exchange/calendar";

/** Why a file is not read. */
export function fileRefusalWords(refusal: FileRefusal): string {
  switch (refusal.why) {
    case "empty":
      return "The file is empty.";
    case "cut-off":
      return "The file is cut off or damaged: it begins like a notebook but does not end like one.";
    case "not-json":
      return "This is not a Yearling notebook: it is not JSON.";
    case "foreign":
      return "This is JSON, but not a Yearling notebook.";
    case "no-version":
      return "The notebook does not say which version it is.";
    case "no-way":
      return `This Yearling cannot read version ${refusal.version}.`;
    case "newer":
      return `This notebook was written by a newer Yearling (version ${refusal.version}; this one reads up to ${refusal.upTo}). Update first.`;
    case "part":
      if (refusal.detail === "unknown-field")
        return `A notebook has no such field, perhaps a misspelling: ${refusal.path}.`;
      if (refusal.detail === "too-large")
        return `This is larger than anything in a notebook may be: ${refusal.path}.`;
      if (refusal.detail === "after-saving")
        return `This lies after the day on which the file was saved: ${refusal.path}.`;
      return `A part of the file cannot be right: ${refusal.path}.`;
    case "stray":
      return `The ${refusal.kind} “${refusal.id}” belongs to an athlete who is not in the file.`;
    case "twice":
      return `The ${refusal.kind} “${refusal.id}” is in the file twice.`;
  }
}

/** How much of the application is kept on the device. @param left files that are still to come */
export const offlineWords = (left: number): string =>
  left === 0
    ? "Opens without a signal: all of Yearling is on this device."
    : `The walk opens without a signal. ${left} more files are on their way.`;

/** Why a calendar was not taken. */
export function calendarRefusalWords(refused: CalendarRefusal): string {
  switch (refused) {
    case "unreadable":
      return "This cannot be read as a calendar (RFC 5545).";
    case "too-long":
      return "Reading it takes too long: a rule in it does not end.";
    case "no-calendar":
      return "This is not a calendar: it does not begin as one.";
  }
}

/** So many records of a kind. @example countWords("athlete", 1) // "1 athlete" */
export const countWords = (kind: Kind, count: number): string =>
  `${count} ${count === 1 && kind !== "settings" ? kindNames[kind].replace(/s( |$)/, "$1") : kindNames[kind]}`;

/** What each kind of record is called, many of it. */
export const kindNames: Record<Kind, string> = {
  troupe: "troupe",
  athlete: "athletes",
  place: "places",
  group: "groups",
  hall: "hall sessions",
  aim: "aims",
  check: "checks",
  prep: "preps",
  run: "runs under way",
  log: "logs",
  day: "day marks",
  season: "seasons",
  photo: "photographs",
  pack: "library packs",
  settings: "settings",
  gone: "taken away",
};

/** What is new of an athlete, in a line. @example "1 log, 2 checks, your own details and answers" */
export function newsWords(news: readonly AnyRecord[]): string {
  const counts = new Map<Kind, number>();
  for (const { kind } of news) counts.set(kind, (counts.get(kind) ?? 0) + 1);
  return [...counts]
    .map(([kind, count]) =>
      kind === "athlete" ? "your own details and answers" : countWords(kind, count),
    )
    .join(", ");
}

/** What a column of a table of checks may hold. */
export const checkColumnNames: Record<Exclude<CheckColumn["holds"], "reading">, string> = {
  nothing: "leave it out",
  athlete: "athlete",
  date: "date",
  check: "which check",
  side: "side",
  mode: "passive or active",
  temperature: "warm or cold",
  instrument: "instrument",
  tester: "who measured",
  pain: "pain",
  note: "note",
  trial: "a reading",
};

/** What a column of a table of logs may hold. */
export const logColumnNames: Record<LogColumn, string> = {
  nothing: "leave it out",
  athlete: "athlete",
  date: "date",
  drill: "drill",
  rung: "rung",
  side: "side",
  sets: "sets",
  reps: "repetitions",
  seconds: "seconds of a set",
  load: "weight, kg",
  done: "done or not",
  form: "form",
  pain: "pain",
  minutes: "minutes of the session",
  note: "note",
};

/** What a column of a table of people may hold. */
export const peopleColumnNames: Record<NonNullable<PeopleColumn>, string> = {
  name: "name",
  bornOn: "birth date, year or age",
  statureCm: "height",
  dominantSide: "stronger side",
  discipline: "what they do",
};

const problemNames: Record<RowProblem["why"], string> = {
  "no-athlete": "nobody of this name is here",
  "no-date": "no day",
  ahead: "a day that is still to come",
  "no-check": "no check of this name",
  "no-side": "no side",
  "no-number": "no number",
  impossible: "cannot be read on a body",
  pain: "pain is a number from 0 to 10",
  "no-drill": "no drill of this name",
  "no-rung": "the drill has no such level",
  unclosed: "a quotation mark is opened and never closed; nothing from here on was read",
  "too-many": "no more than 20,000 are read at a time; from this row on nothing was",
};

/** Why a row of a table is not taken. @example "Row 7: no check of this name (Knee wobble)" */
export const rowProblemWords = ({ row, why, found }: RowProblem): string =>
  `Row ${row}: ${problemNames[why]}${found ? ` (${found.slice(0, 60)})` : ""}`;

/** Whose file it is and who handed it over. @example "Odalys Brenner, from Ysolde" */
export function handedWords(
  { athleteId, by, back }: Handed,
  names: ReadonlyMap<string, string>,
): string {
  const whose = names.get(athleteId) ?? "an athlete";
  return back ? `Back from ${whose}: only what is new` : `${whose}, from ${by || "a coach"}`;
}
