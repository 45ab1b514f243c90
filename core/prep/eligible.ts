import type { Need } from "../aim/priority";
import { motionOf, type MotionId } from "../body/motions";
import type { Dose } from "../drill/dose";
import { rungOf, type Drill, type Rung } from "../drill/drill";
import type { Place } from "../exchange/records";
import type { NextStep } from "../progress/next-step";
import type { Caution } from "../safety/intake";

export type Situation = {
  session: "warm-up" | "mobility";
  needs: readonly Need[];
  /** Skills of the open aims. */
  skills: readonly string[];
  place: Place | null;
  locked: readonly MotionId[];
  cautions: readonly Caution[];
  dropped: readonly string[];
  /** What the log says comes next for each drill. */
  nextSteps: ReadonlyMap<string, NextStep>;
};

export type Eligible = { drill: Drill; rung: Rung; dose: Dose; replaced: string | null };

/** Why a drill is not used, as a sentence; or the rung and dose at which it can be. */
export function eligibility(drill: Drill, situation: Situation): Eligible | { reason: string } {
  const { session, needs, skills, place, locked, cautions, dropped } = situation;
  if (dropped.includes(drill.id)) return { reason: "dropped by hand" };
  if (drill.phase === "settle" && session === "warm-up")
    return { reason: "winding down does not belong before training" };
  const shut = drill.serves.find(({ motion }) => locked.includes(motion));
  if (shut) return { reason: `${motionOf(shut.motion).name.toLowerCase()} is locked after pain` };
  const blocked = cautions.find(
    ({ blocks }) =>
      (blocks === "inversions" && drill.inverted) ||
      (blocks === "end-range" && (drill.kind === "static" || drill.kind === "contract-relax")),
  );
  if (blocked) return { reason: blocked.text };
  if (drill.kind === "skill" && !drill.toward.some((skill) => skills.includes(skill)))
    return { reason: "rehearses another skill" };
  if (
    drill.serves.length > 0 &&
    !drill.serves.some(({ motion }) => needs.some((need) => need.motion === motion))
  )
    return { reason: "serves no joint that this aim asks for" };
  const next = situation.nextSteps.get(drill.id);
  if (next?.change === "stop") return { reason: next.why };
  return atPlace(drill, next, session, place);
}

/** The highest rung up to the athlete's own for which the place has the kit and the session has a dose. */
function atPlace(
  drill: Drill,
  next: NextStep | undefined,
  session: Situation["session"],
  place: Place | null,
): Eligible | { reason: string } {
  const wanted = next ? rungOf(drill, next.rungId) : drill.rungs[0]!;
  const has = (rung: Rung) =>
    place === null || rung.kit.every((item) => (place.kit as string[]).includes(item));
  const doseFor = (rung: Rung) => (session === "warm-up" ? rung.warmUp : rung.session);
  for (let i = drill.rungs.indexOf(wanted); i >= 0; i -= 1) {
    const rung = drill.rungs[i]!;
    const dose = doseFor(rung);
    if (!has(rung) || !dose) continue;
    const replaced =
      rung === wanted
        ? null
        : has(wanted)
          ? "lighter before training"
          : `no ${wanted.kit.join(", ")} here`;
    return {
      drill,
      rung,
      dose: shortened(rung === wanted && next ? scaled(dose, next.dose) : dose, session),
      replaced,
    };
  }
  const missing = [...new Set(drill.rungs.flatMap((rung) => rung.kit))].filter(
    (item) => place && !(place.kit as string[]).includes(item),
  );
  return {
    reason:
      missing.length > 0
        ? `needs ${missing.join(", ")}, not at this place`
        : "too strong before training",
  };
}

/** Before training no hold is longer than this, seconds. */
const longestHoldBefore = 30;

const shortened = (dose: Dose, session: Situation["session"]): Dose =>
  dose.type === "hold" && session === "warm-up"
    ? { ...dose, seconds: Math.min(dose.seconds, longestHoldBefore) }
    : dose;

/** The library's dose with the repetitions or seconds that the log has reached; short holds stay as the library has them. */
function scaled(dose: Dose, reached: Dose): Dose {
  if (dose.type === "reps" && reached.type === "reps") return { ...dose, reps: reached.reps };
  if (dose.type === "hold" && reached.type === "hold" && dose.seconds > 20)
    return { ...dose, seconds: reached.seconds };
  return dose;
}
