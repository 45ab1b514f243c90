import { readersForms } from "./days";
import { format } from "date-fns";
import { readDot, unstamped, type Dot } from "#core/records/stamp";
import type { Differing } from "#core/merge/notebooks";
import type { Intake } from "#core/records/athlete";
import type { AnyRecord, Kind } from "#core/records/records";
import { protocolOf, type Library } from "#core/content/library";
import { conditionNames } from "./safety";
import { shortDay } from "./days";
import { many } from "./plain";

/** One of a kind, in a line about it. */
const oneOf: Record<Kind, string> = {
  troupe: "the troupe",
  athlete: "",
  place: "place",
  group: "group",
  hall: "hall session",
  aim: "aim",
  check: "check",
  prep: "prep",
  run: "run under way",
  log: "log",
  day: "marks of the day",
  season: "season",
  photo: "photograph",
  pack: "own library",
  settings: "settings",
  gone: "",
};

/** Fields as a coach calls them, where the name alone doesn't say it. */
const fieldNames: Record<string, string> = {
  absences: "days away",
  areas: "joints worked for",
  archived: "in the archive",
  bornOn: "born on",
  by: "date",
  clearances: "cleared places",
  closedOn: "closed on",
  discipline: "what they do",
  dominantSide: "stronger side",
  flagged: "joints to mind",
  intake: "health answers",
  intakeAsked: "health questions asked for",
  items: "drills",
  lifts: "lifted elsewhere",
  massKg: "weight, kg",
  measures: "body lengths",
  nextChosen: "what comes next",
  others: "changed weeks",
  out: "sessions taken out",
  painAt: "where it hurt",
  painKind: "kind of pain",
  placeId: "usual place",
  prep: "drills and minutes",
  profiles: "how they live",
  quotas: "daily numbers",
  schools: "ways of working",
  shares: "share of each aim",
  since: "since",
  slots: "sessions of the weeks",
  statureCm: "height, cm",
  assumed: "not said",

  usual: "training week",
  years: "years in the sport",
};

const fieldName = (field: string): string =>
  fieldNames[field] ?? field.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);

const isIntake = (field: string, value: unknown): value is Intake =>
  field === "intake" && typeof value === "object" && value !== null;

/** A value in a few words. */
export function valueText(field: string, value: unknown): string {
  if (value === null || value === undefined || value === "") return "nothing";
  if (isIntake(field, value))
    return value.yes.length === 0
      ? `no yes, ${shortDay(value.on)}`
      : `${value.yes.map((one) => conditionNames[one]).join(", ")}, ${shortDay(value.on)}`;
  if (typeof value === "boolean") return value ? "yes" : "no";
  if (Array.isArray(value)) {
    const plain = value.every((one) => typeof one === "string" || typeof one === "number");
    if (value.length === 0) return "none";
    return plain && value.length <= 6 ? value.join(", ") : many(value.length, "entry", "entries");
  }
  if (typeof value === "object") {
    const parts = Object.entries(value).filter(([, part]) => typeof part !== "object");
    return parts.length === 0
      ? "nothing"
      : parts
          .slice(0, 6)
          .map(([name, part]) => `${fieldName(name).replace(/ cm$/, "")} ${String(part)}`)
          .join(", ");
  }
  return String(value);
}

/** When something was written; empty where nobody knows. */
export const writtenWords = (dot: Dot): string =>
  dot === unstamped ? "" : format(new Date(readDot(dot).ms), `${readersForms.short} HH:mm`);

/** Whose and what a record is. @example "Odalys Brenner, check of shoulder flexion left, 10 Nov" */
export function recordTitle(
  record: AnyRecord,
  names: ReadonlyMap<string, string>,
  library: Library,
): string {
  if (record.kind === "gone") return names.get(record.athleteId ?? "") ?? record.id;
  if (record.kind === "athlete") return record.name;
  const who = "athleteId" in record ? (names.get(record.athleteId) ?? "") : "";
  const what =
    record.kind === "check"
      ? `check of ${(protocolOf(library, record.protocolId)?.name ?? record.protocolId).toLowerCase()}${record.side === "mid" ? "" : ` ${record.side}`}`
      : record.kind === "place" || record.kind === "group"
        ? `${oneOf[record.kind]} “${record.name}”`
        : oneOf[record.kind];
  const on = "on" in record ? shortDay(record.on) : "";
  return [who, what, on].filter(Boolean).join(", ");
}

/** A difference as a line, and what each side says. */
export function differenceWords({ record, fields, ours, theirs, away, proposed }: Differing): {
  what: string;
  ours: string;
  theirs: string;
} {
  if (away)
    return {
      what: "taken away on one side",
      ours: proposed === "ours" ? "still there" : "taken away",
      theirs: proposed === "ours" ? "taken away" : "still there",
    };
  const lead = fields[0]!;
  if (record.kind === "prep" || record.kind === "run")
    return { what: fieldName("prep"), ours: prepText(ours), theirs: prepText(theirs) };
  return {
    what: fieldName(lead),
    ours: valueText(lead, ours[lead]),
    theirs: valueText(lead, theirs[lead]),
  };
}

const prepText = ({ items, minutes }: Record<string, unknown>): string =>
  `${many(Array.isArray(items) ? items.length : 0, "drill")}${typeof minutes === "number" ? `, ${minutes} minutes` : ""}`;
