import type { Contraindication } from "../drill/drill";
import { ageOn, type Athlete, type IntakeClearance } from "../records/athlete";
import { type IntakeQuestion } from "../body/conditions";

/** What stands on an athlete's plans: a yes with or without clearance, growing, loose joints, nothing asked yet. */
export type Caution =
  | { id: IntakeQuestion; state: "open"; blocks: "inversions" | "end-range" | null }
  | { id: IntakeQuestion; state: "cleared"; clearance: IntakeClearance; blocks: null }
  | { id: "no-intake" | "growing"; state: "stands"; blocks: null }
  | { id: "loose"; state: "stands"; blocks: "end-range" };

/** Under 18, or in a growth spurt. */
export const isGrowing = (athlete: Athlete, on: string): boolean =>
  ageOn(athlete, on) < 18 || athlete.intake?.growthSpurt === true;

/**
 * Loose-jointed by the nine-point screen: 5 or more for adults. Before puberty the bar is 6; the
 * under-18 bar is used for all minors, since puberty is not recorded.
 */
export const isLooseJointed = (athlete: Athlete): boolean => (athlete.intake?.beighton ?? 0) >= 5;

/** What keeps drills away from an athlete on a day: answers that no clinician has cleared, growing, loose joints. */
export function barsOf(athlete: Athlete, on: string): Contraindication[] {
  const { intake } = athlete;
  const cleared = new Set(intake?.clearances.map(({ question }) => question));
  return [
    ...(intake?.yes ?? []).filter((question) => !cleared.has(question)),
    ...(isGrowing(athlete, on) ? (["growing"] as const) : []),
    ...(isLooseJointed(athlete) ? (["loose-jointed"] as const) : []),
  ];
}

/** Cautions that stand on an athlete's plans on a day. */
export function cautionsOf(athlete: Athlete, on: string): Caution[] {
  const { intake } = athlete;
  if (!intake) return [{ id: "no-intake", state: "stands", blocks: null }];
  return [
    ...intake.yes.map((id): Caution => {
      const clearance = intake.clearances.find(({ question }) => question === id);
      return clearance
        ? { id, state: "cleared", clearance, blocks: null }
        : { id, state: "open", blocks: blocks[id] ?? null };
    }),
    ...(isGrowing(athlete, on) ? [{ id: "growing", state: "stands", blocks: null } as const] : []),
    ...(isLooseJointed(athlete)
      ? [{ id: "loose", state: "stands", blocks: "end-range" } as const]
      : []),
  ];
}

/** What an answer that nobody has cleared keeps away. */
const blocks: Partial<Record<IntakeQuestion, "inversions" | "end-range">> = {
  pressure: "inversions",
  pregnancy: "inversions",
  connective: "end-range",
};
