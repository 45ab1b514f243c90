import type { PainKind } from "#core/records/records";

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
