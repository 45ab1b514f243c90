import { stopsAll, type CautionId, type Clearable, type IntakeQuestion } from "../body/conditions";
import type { BodyPlace } from "../body/sites";
import type { Exposure } from "../body/exposures";
import { ageOn, type Athlete, type IntakeClearance } from "../records/athlete";

/** What stands on an athlete's plans on a day, with where it is and what a clinician has allowed again. */
export type Caution = {
  id: CautionId;
  /** `open`: answered yes and not cleared; `cleared`: with a clearance that counts today; `stands`: not an answer. */
  state: "open" | "cleared" | "stands";
  /** Where it is, where that was asked; empty: anywhere. */
  places: readonly BodyPlace[];
  clearance: IntakeClearance | null;
  /** Everything but rest stops. */
  stops: "until-seen" | "urgent" | null;
};

/** Under 18, or in a growth spurt. */
export const isGrowing = (athlete: Pick<Athlete, "bornOn" | "intake">, on: string): boolean =>
  ageOn(athlete, on) < 18 || athlete.intake?.growthSpurt === true;

/**
 * Points of the nine-point screen from which somebody counts as loose-jointed, by age: 6 before and during puberty
 * (to the sixteenth birthday here, for puberty is not recorded), 5 to fifty, 4 after.
 * Source: Malfait et al. (2017), Am J Med Genet C 175:8–26.
 */
export const looseFrom = (age: number): number => (age < 16 ? 6 : age <= 50 ? 5 : 4);

/** Loose-jointed by the nine-point screen at that age. A known connective-tissue condition stands for itself. */
export const isLooseJointed = (athlete: Pick<Athlete, "bornOn" | "intake">, on: string): boolean =>
  (athlete.intake?.beighton ?? 0) >= looseFrom(ageOn(athlete, on));

/** The clearance of something that counts on a day: the latest that has begun and not run out. */
export const clearanceOn = (
  athlete: Pick<Athlete, "intake">,
  id: Clearable,
  on: string,
): IntakeClearance | null =>
  (athlete.intake?.clearances ?? [])
    .filter((one) => one.question === id && one.on <= on && (one.until === null || one.until >= on))
    .sort((a, b) => b.on.localeCompare(a.on))[0] ?? null;

/** Everything that stands on an athlete's plans on a day. */
export function cautionsOf(athlete: Athlete, on: string): Caution[] {
  const { intake } = athlete;
  const standing = (id: "no-intake" | "growing" | "loose"): Caution => ({
    id,
    state: "stands",
    places: [],
    clearance: id === "no-intake" ? null : clearanceOn(athlete, id, on),
    stops: null,
  });
  return [
    ...(intake ? intake.yes.map((id) => answered(athlete, id, on)) : [standing("no-intake")]),
    ...(isGrowing(athlete, on) ? [standing("growing")] : []),
    ...(isLooseJointed(athlete, on) ? [standing("loose")] : []),
  ];
}

function answered(athlete: Athlete, id: IntakeQuestion, on: string): Caution {
  const clearance = clearanceOn(athlete, id, on);
  return {
    id,
    state: clearance ? "cleared" : "open",
    places: athlete.intake?.where.find(({ question }) => question === id)?.places ?? [],
    clearance,
    stops: clearance ? null : (stopsAll[id] ?? null),
  };
}

/** What a clinician has allowed again of what a caution keeps away. */
export const allowedAgain = ({ clearance }: Caution): ReadonlySet<Exposure> =>
  new Set(clearance?.allows);
