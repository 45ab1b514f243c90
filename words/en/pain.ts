import type { PainKind } from "#core/records/records";
import type { BodyPlace } from "#core/body/sites";
import type { LockReason } from "#core/safety/pain";
import { placeWords } from "./places";

/** What was felt, in a coach’s words; the harmless two first. */
export const painKinds: Record<PainKind, string> = {
  stretch: "a stretch",
  ache: "an ache",
  sharp: "sharp",
  pinching: "pinching",
  spreading: "spreading",
  "joint-line": "in the joint line",
  numb: "numb or tingling",
  dizzy: "dizzy",
};

/** Why a place is shut. */
export function lockWords(because: LockReason): string {
  switch (because.why) {
    case "measuring":
      return `pain ${because.pain}/10 while measuring`;
    case "pain":
      return `pain ${because.pain}/10${because.place ? `, ${because.place}` : ""}`;
    case "kind":
      return `${because.kind ? painKinds[because.kind] : "sharp"}, ${because.pain}/10`;
    case "growing":
      return `pain ${because.pain}/10 where somebody grows`;
    case "flagged":
      return `${because.place.toLowerCase() || "it was"} flagged in ${because.sessions === 3 ? "three" : because.sessions} sessions in a row`;
  }
}

/** Where something hurt: the place on the figure, and the words beside it. */
export const hurtWords = (at: BodyPlace | null, words: string): string =>
  [at ? placeWords(at) : "", words.trim()]
    .filter(
      (part, n, all) =>
        part && all.findIndex((one) => one.toLowerCase() === part.toLowerCase()) === n,
    )
    .join(", ");
