import { plusDays, type DayText } from "../dates/days";
import { handedPack, isHandedPack } from "../merge/unite";
import { leftOut } from "../records/stamp";
import { lastOf, type KnownThere } from "./known-there";
import {
  keyOf,
  type AnyRecord,
  type Kind,
  type Pack,
  type Prep,
  type RecordOf,
} from "../records/records";

/** What of an athlete goes along; aims always do. */
export type HandedParts = {
  checks: boolean;
  preps: boolean;
  log: boolean;
  photos: boolean;
  /** Intake, cleared places, flagged joints: only where somebody ticked it. */
  health: boolean;
};

/** Preps of so many days past go along, and all that are to come. */
const past = 7;

/** What a hand-over is made of: an athlete's own records, and everybody's. */
export type HandedFrom = {
  own: readonly AnyRecord[];
  places: readonly RecordOf<"place">[];
  packs: readonly Pack[];
};

/**
 * One athlete's records for another device: the chosen parts, the places that they are about, and what they use of the
 * coach's own library. Nobody else's, no settings.
 */
export function handedOver(
  athlete: RecordOf<"athlete">,
  { own, places, packs }: HandedFrom,
  parts: HandedParts,
  today: DayText,
): AnyRecord[] {
  const records = own.filter((record) => isIn(record, parts, plusDays(today, -past)));
  return [
    parts.health ? athlete : withoutHealth(athlete),
    ...records,
    ...namedBeside([athlete, ...records], { places, packs }),
  ];
}

/** Places, and what of an own library, records are about. */
function namedBeside(
  records: readonly AnyRecord[],
  { places, packs }: Omit<HandedFrom, "own">,
): AnyRecord[] {
  const named = namesIn(records);
  return [
    ...places.filter(({ id }) => named.has(id)),
    ...packs
      .filter(({ id }) => !isHandedPack(id))
      .map((pack) => packOf(pack, named))
      .filter((pack) => !isEmpty(pack)),
  ];
}

/**
 * One prep for the athlete's phone: with its aims, place and own drills, and nothing of what was measured or felt. What its
 * rungs were earned by stays here, so it says that they were: only a prep that passes the gate may be handed over so.
 */
export const handedPrep = (
  athlete: RecordOf<"athlete">,
  { own, ...rest }: HandedFrom,
  prepId: string,
  today: DayText,
): AnyRecord[] =>
  handedOver(
    athlete,
    {
      ...rest,
      own: own.flatMap((record): AnyRecord[] => {
        if (record.kind === "aim" && record.closedOn === null) return [record];
        return record.kind === "prep" && record.id === prepId ? [withEarned(record)] : [];
      }),
    },
    { checks: false, preps: true, log: false, photos: false, health: false },
    today,
  );

const withEarned = (prep: Prep): Prep => ({
  ...prep,
  earned: prep.items.map(({ drillId, rungId }) => ({ drillId, rungId })),
});

/** Kinds that an athlete sends back. */
const sentBack: ReadonlySet<Kind> = new Set<Kind>([
  "athlete",
  "aim",
  "check",
  "prep",
  "log",
  "day",
  "season",
  "gone",
]);

/** Records of an athlete that were written to on this device since the coach last knew of it. */
export const newsOf = (
  records: readonly AnyRecord[],
  device: string,
  known: KnownThere,
): AnyRecord[] =>
  records.filter(
    (record) => sentBack.has(record.kind) && lastOf(record, device) > (known[keyOf(record)] ?? ""),
  );

/**
 * What goes back to the coach: what is new, and the athlete that it is about.
 * @param health the athlete's own answers go along
 */
export function sentBackOf(
  athlete: RecordOf<"athlete">,
  news: readonly AnyRecord[],
  { places, packs }: Omit<HandedFrom, "own">,
  health: boolean,
): AnyRecord[] {
  const records = news.filter(({ kind }) => kind !== "athlete");
  return [
    health ? athlete : withoutHealth(athlete),
    ...records,
    ...namedBeside([athlete, ...records], { places, packs }),
  ];
}

/** Health is left out, not denied: what the other side knows of it stays there. */
const withoutHealth = (athlete: RecordOf<"athlete">): RecordOf<"athlete"> =>
  leftOut(athlete, { intake: null, clearances: [], flagged: [] });

function isIn(record: AnyRecord, parts: HandedParts, since: DayText): boolean {
  switch (record.kind) {
    case "aim":
      return true;
    case "check":
      return parts.checks;
    case "prep":
      return parts.preps && (record.own !== "" || record.on >= since);
    case "season":
      return parts.preps;
    case "log":
    case "day":
      return parts.log;
    case "photo":
      return parts.photos;
    case "gone":
      return !record.id.startsWith("photo/");
    default:
      return false;
  }
}

/** Every name of something else that records hold. */
function namesIn(records: readonly AnyRecord[]): Set<string> {
  const names = new Set<string>();
  const look = (value: unknown): void => {
    if (typeof value !== "object" || value === null) return;
    for (const [name, part] of Object.entries(value))
      if (/^(place|drill|protocol|skill)Id$/.test(name) && typeof part === "string")
        names.add(part);
      else look(part);
  };
  records.forEach(look);
  return names;
}

const packOf = (pack: Pack, named: ReadonlySet<string>): Pack => ({
  ...pack,
  id: handedPack(pack.id),
  skills: pack.skills.filter(({ id }) => named.has(id)),
  protocols: pack.protocols.filter(({ id }) => named.has(id)),
  drills: pack.drills.filter(({ id }) => named.has(id)),
  formats: [],
});

const isEmpty = ({ skills, protocols, drills }: Pack): boolean =>
  skills.length + protocols.length + drills.length === 0;
