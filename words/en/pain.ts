import type { PainKind } from "#core/records/records";
import type { LockReason } from "#core/safety/pain";

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

/** Why a motion is shut. */
export function lockWords(because: LockReason): string {
  switch (because.why) {
    case "measuring":
      return `pain ${because.pain}/10 while measuring`;
    case "pain":
      return `pain ${because.pain}/10${because.place ? `, ${because.place}` : ""}`;
    case "flagged":
      return `${because.place.toLowerCase()} flagged in ${because.sessions === 3 ? "three" : because.sessions} sessions in a row`;
  }
}
