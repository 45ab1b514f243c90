import type { Breath } from "#core/records/records";

/** What is done in the seconds between two drills. */
export const breathWords: Record<Breath["as"], string> = {
  "change-over": "change over",
  water: "water",
  "shake-out": "shake out",
  break: "break",
};
