import type { Check } from "#core/records/records";
import type { DraftCheck } from "./round";

/** What is typed, as if it were kept: for the verdicts while it is not. */
export const asCheck = (draft: DraftCheck, athleteId: string, today: string): Check => ({
  kind: "check",
  id: `draft-${draft.protocolId}-${draft.side}-${draft.mode}`,
  athleteId,
  on: today,
  at: `${today}T23:59:59.999Z`,
  ...draft,
});
