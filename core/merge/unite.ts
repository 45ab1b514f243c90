import same from "fast-deep-equal";
import type { Intake, PlaceClearance } from "../records/athlete";

type Entry = { id?: string; name?: string; prep?: { id: string } };

/** What an entry of a list is known by. */
const nameOf = ({ id, name, prep }: Entry): string => id ?? name ?? prep?.id ?? "";

/** Lists of a pack and of the settings whose entries have a name of their own: what only one side has is kept. */
const listsById: Record<string, readonly string[]> = {
  pack: ["skills", "protocols", "drills", "formats"],
  settings: ["profiles", "shared"],
};

/** Entries of both lists by their name; of one that both have, the one that goes first. */
function byId(first: readonly Entry[], second: readonly Entry[]): Entry[] {
  const known = new Set(first.map(nameOf));
  return [...first, ...second.filter((entry) => !known.has(nameOf(entry)))].sort((a, b) =>
    nameOf(a) < nameOf(b) ? -1 : nameOf(a) > nameOf(b) ? 1 : 0,
  );
}

const latest = (a: string, b: string): string => (a > b ? a : b);
const unique = <T>(list: readonly T[], name: (one: T) => string): T[] =>
  [...new Map(list.map((one) => [name(one), one])).entries()]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([, one]) => one);

/**
 * Two health intakes as one: a yes of either is a yes, a growth spurt and a loose screen stay. Clearances lift: one that
 * only one side has counts as long as the other did not ask anew after it.
 */
export function unitedIntake(one: Intake | null, other: Intake | null): Intake | null {
  if (!one || !other) return one ?? other;
  const [older, newer] =
    one.on < other.on || (one.on === other.on && JSON.stringify(one) < JSON.stringify(other))
      ? [one, other]
      : [other, one];
  const placed = (a: Intake["where"][number], b: Intake["where"][number]) => ({
    question: a.question,
    places: unique([...a.places, ...b.places], (place) => JSON.stringify(place)),
    since: a.since && b.since ? (a.since < b.since ? a.since : b.since) : (a.since ?? b.since),
  });
  const questions = unique(
    [...older.where, ...newer.where].map(({ question }) => question),
    String,
  );
  const where = questions.map((question) => {
    const told = [older, newer].flatMap((intake) =>
      intake.where.filter((entry) => entry.question === question),
    );
    return told.reduce(placed);
  });
  const has = (list: Intake["clearances"], entry: Intake["clearances"][number]) =>
    list.some((known) => same(known, entry));
  return {
    ...newer,
    on: latest(one.on, other.on),
    yes: unique([...older.yes, ...newer.yes], String),
    where,
    note: unique(
      [older.note, newer.note].flatMap((note) => note.split(" · ")).filter(Boolean),
      String,
    ).join(" · "),
    growthSpurt: one.growthSpurt || other.growthSpurt,
    beighton:
      one.beighton === null || other.beighton === null
        ? (one.beighton ?? other.beighton)
        : Math.max(one.beighton, other.beighton),
    clearances: unique(
      [
        ...newer.clearances,
        ...older.clearances.filter((entry) => has(newer.clearances, entry) || entry.on >= newer.on),
      ],
      (entry) => JSON.stringify(entry),
    ),
  };
}

/** Clearances of places name the pains they cover: both sides' stand. */
const unitedClearances = (
  one: readonly PlaceClearance[],
  other: readonly PlaceClearance[],
): PlaceClearance[] => unique([...one, ...other], (entry) => JSON.stringify(entry));

/**
 * What becomes of two values of a field that can both stand; null where one has to give way.
 * @param first the value that goes first where entries of one name differ
 */
export function united(
  kind: string,
  field: string,
  first: unknown,
  second: unknown,
): { value: unknown } | null {
  if (kind === "athlete" && field === "intake")
    return { value: unitedIntake(first as Intake | null, second as Intake | null) };
  if (kind === "athlete" && field === "clearances")
    return {
      value: unitedClearances(
        first as readonly PlaceClearance[],
        second as readonly PlaceClearance[],
      ),
    };
  if (kind === "athlete" && field === "flagged")
    return { value: unique([...(first as string[]), ...(second as string[])], String) };
  if (listsById[kind]?.includes(field) && Array.isArray(first) && Array.isArray(second))
    return { value: byId(first as Entry[], second as Entry[]) };
  return null;
}

/** Fields that are about health: not even a newer write takes anything of them away unasked. */
export const isHealth = (kind: string, field: string): boolean =>
  kind === "athlete" && (field === "intake" || field === "flagged" || field === "clearances");

/** A part of somebody else's library that came along with an athlete: what came before stays when more comes. */
export const handedPack = (packId: string): string => `handed-${packId}`;
export const isHandedPack = (id: string): boolean => id.startsWith("handed-");

/** Records of the device and not of the work: another device's never come in unasked. */
export const isOfDevice = (kind: string): boolean => kind === "settings";
