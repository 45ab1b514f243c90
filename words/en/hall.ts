import { motionOf, type JointId } from "#core/body/motions";
import type { Given } from "#core/aim/for-group";
import type { Proposed } from "#core/hall/propose";
import type { SquadColumn } from "#core/hall/squad";
import { capital, listWords, many } from "./plain";

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
    ({ motion, by }) => `${countText(by.short.length)} of ${countText(people)}: ${motionOf(motion).name.toLowerCase()}`,
  );
  return `Short of the same. ${capital([first!, ...more].join(", "))}.`;
}

const jointNames: Partial<Record<JointId, string>> = { thoracic: "upper back", lumbar: "low back" };
/** A proposed group in a line. @example "Ankle: ankle bend, ankle point" */
export const proposedWords = ({ joint, motions }: Pick<Proposed, "joint" | "motions">): string =>
  joint
    ? `${capital(jointNames[joint] ?? joint)}: ${listWords(motions.slice(0, 3).map((motion) => motionOf(motion).name.toLowerCase()))}`
    : "Short of none of these";

/** Where a group would train, and how much there is for it. */
export const proposedPlaceWords = (drills: number, place: string | null): string =>
  place === null ? "" : `${many(drills, "drill")} at ${place}`;

/** What a gift to a group comes to for one athlete. */
export function givenWords(given: Given): string {
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
