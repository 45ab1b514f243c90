import { motionOf } from "#core/body/motions";
import type { Given } from "#core/aim/for-group";
import type { GroupTime } from "#core/records/groups";
import type { ProposedGroup } from "#core/hall/propose";
import type { SquadColumn } from "#core/hall/squad";
import type { Hall, Log, Place } from "#core/records/records";
import type { Differed } from "#core/hall/log";
import { capital, listWords, many } from "./plain";
import { weekdayNames } from "./days";
import { jointWords } from "./slots";

const small = [
  "none",
  "one",
  "two",
  "three",
  "four",
  "five",
  "six",
  "seven",
  "eight",
  "nine",
  "ten",
  "eleven",
  "twelve",
];
/** @example countText(9) // "nine" */
const countText = (count: number): string => small[count] ?? String(count);

/** So many named motions are told. */
const mostTold = 3;

/** What a squad shares, in a sentence: the motions that at least two are really short of. */
export function sharedWords(columns: readonly SquadColumn[], people: number): string {
  const shared = columns.filter(({ by }) => by.short.length > 1).slice(0, mostTold);
  if (shared.length === 0) {
    const unknown = columns.filter(({ by }) => by.unknown.length > 0);
    return unknown.length > 0 && columns.every(({ by }) => by.clear.length + by.short.length === 0)
      ? "Nothing was measured yet: begin with a round."
      : "No two are surely short of the same.";
  }
  const [first, ...more] = shared.map(
    ({ motion, by }) =>
      `${countText(by.short.length)} of ${countText(people)}: ${motionOf(motion).name.toLowerCase()}`,
  );
  return `Short of the same. ${capital([first!, ...more].join(", "))}.`;
}

/** A proposed group in a line. @example "Ankle: ankle bend, ankle point" */
export const proposedGroupWords = ({
  joint,
  motions,
}: Pick<ProposedGroup, "joint" | "motions">): string =>
  joint
    ? `${capital(jointWords(joint))}: ${listWords(motions.slice(0, 3).map((motion) => motionOf(motion).name.toLowerCase()))}`
    : "Short of none of these";

/** Where a group would train, and how much there is for it. */
export const proposedPlaceWords = (drills: number, place: string | null): string =>
  place === null ? "" : `${many(drills, "drill")} at ${place}`;

/** What a gift to a group comes to for one athlete. */
export function giftWords(given: Given): string {
  switch (given.then) {
    case "given":
      return "";
    case "changed":
      return "changes what was";
    case "has":
      return "has it already";
    case "too-young":
      return `not before ${given.from}`;
  }
}

/** A session in a line. @example "In step for 6 at The silo floor" */
export const sessionTitle = (
  { way, people, placeId }: Pick<Hall, "way" | "people" | "placeId">,
  places: readonly Pick<Place, "id" | "name">[],
): string => {
  const place = places.find(({ id }) => id === placeId)?.name;
  return `${way === "in-step" ? "In step" : "At stations"} for ${people.length}${place ? ` at ${place}` : ""}`;
};

/** How the seating stands against the best there can be. */
export function seatProofWords(proof: {
  status: "none" | "known" | "looking" | "stopped" | "failed" | "proven";
  gap?: number;
  better?: number;
}): string {
  switch (proof.status) {
    case "looking":
      return "looking for a better one …";
    case "stopped":
      return "good; not proven to be the best";
    case "failed":
      return "good; the solver gave no answer";
    case "proven":
      return `${(proof.better ?? 0) > 0.003 ? "a better one was taken; " : ""}no other is better by more than ${Math.max(1, Math.ceil((proof.gap ?? 0) * 100))} %`;
    case "known":
      return "the best that was found";
    case "none":
      return "a good seating";
  }
}

/** What is in a log, in a few words; empty where there is none. */
export function loggedWords(log: Log | null): string {
  if (!log) return "";
  const skipped = log.items.filter(({ done }) => done === "skipped").length;
  const stopped = log.items.filter(({ done }) => done === "stopped").length;
  return [
    many(log.items.length - skipped, "drill"),
    skipped > 0 ? `${skipped} not done` : "",
    stopped > 0 ? `${stopped} stopped by pain` : "",
  ]
    .filter(Boolean)
    .join(", ");
}

/** What differed for one of a session; what is logged already where nothing did. */
export function differedWords(
  { out, hurt, note }: Pick<Differed, "out" | "hurt" | "note">,
  told: string,
  nameOf: (drillId: string) => string,
): string {
  const parts = [
    out.length > 0 ? `without ${listWords(out.map((id) => nameOf(id).toLowerCase()))}` : "",
    hurt ? `${nameOf(hurt.drillId).toLowerCase()} hurt, ${hurt.level}/10` : "",
    note,
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(" · ") : told || "as planned";
}

/** When a group trains. @example "Mon and Thu 17:00, 90 min" */
export function timesWords(times: readonly GroupTime[]): string {
  const same = new Map<string, string[]>();
  for (const { weekday, starts, minutes } of times.toSorted((a, b) => a.weekday - b.weekday)) {
    const when = `${starts}, ${minutes} min`;
    same.set(when, [...(same.get(when) ?? []), weekdayNames[weekday]!]);
  }
  return [...same].map(([when, days]) => `${listWords(days)} ${when}`).join(" · ");
}

/** Up to so many are named one by one; more than that are everybody, or everybody else. */
const named = 8;

/**
 * Who does a level of a drill. Whoever has something of the own is named wherever it stands.
 * @param alone whether nobody does anything else
 * @param most whether nowhere are more of them
 */
export function onLevelWords(
  who: readonly { name: string; own?: string }[],
  { alone, most }: { alone: boolean; most: boolean },
): string {
  const one = ({ name, own }: { name: string; own?: string }) => (own ? `${name} (${own})` : name);
  if (!most || who.length <= named) return who.map(one).join(", ");
  return [
    `${alone ? "all" : "all others,"} ${who.length}`,
    ...who.filter(({ own }) => own).map(one),
  ].join(" · ");
}
