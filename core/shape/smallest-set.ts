import { demandsOf, sidesOfRole } from "../aim/gap";
import type { Skill } from "../content/skill";
import type { MotionId } from "../body/motions";
import type { Side } from "../body/side";
import { limitsAsked, withRange, type AimSide, type Limits } from "./limits";
import { shapeOf, type Body } from "./solve";

/** A line score from which a shape counts as clean. */
export const cleanScore = 99;

/** The score of a skill's shape under limits. */
export type Scorer = (limits: Limits) => number;

export const scorerOf =
  (skill: Skill, aim: AimSide, body: Body): Scorer =>
  (limits) =>
    shapeOf(skill, limits, aim, body).score;

/** The motions of a skill with the sides that are asked of this aim, each once. */
export function askedMotions(skill: Skill, aim: AimSide): { motion: MotionId; sides: Side[] }[] {
  const asked = new Map<MotionId, Set<Side>>();
  for (const demand of demandsOf(skill, aim.hips ? { hips: aim.hips } : {}))
    for (const one of sidesOfRole(demand, aim.side))
      if (one.asked)
        asked.set(demand.motion, (asked.get(demand.motion) ?? new Set()).add(one.side));
  return [...asked].map(([motion, sides]) => ({ motion, sides: [...sides] }));
}

/** Degrees to gain, one motion a line; together they make the shape clean. */
export type DegreeSet = { motion: MotionId; sides: Side[]; degrees: number }[];

/** Beyond this many degrees in all a set is no longer a plan. */
const mostDegrees = 240;

/** Motions in the order of what limits most, each with the degrees that a block of training gives it. */
export type Ranking = readonly { motion: MotionId; gain: number }[];
/** A motion that nobody ranked: it is trained as fast as most. Degrees a block, a working figure. */
const unranked = 5;

/**
 * The smallest set of degrees that brings the shape to clean, smallest in time: degree by degree where training gains
 * most, then taken back wherever a degree turns out not to be needed, from what limits least on; no joint goes beyond
 * what the skill asks of it. In the order of the ranking. Null when no reachable range makes it clean.
 *
 * Greedy, so smallest is meant within a degree or two; each degree counts once for all sides that need it.
 */
export function smallestSet(
  skill: Skill,
  limits: Limits,
  aim: AimSide,
  body: Body,
  ranking: Ranking = [],
): DegreeSet | null {
  const score = scorerOf(skill, aim, body);
  const rank = ({ motion }: { motion: MotionId }) => {
    const at = ranking.findIndex((one) => one.motion === motion);
    return at < 0 ? ranking.length : at;
  };
  const motions = askedMotions(skill, aim).sort((a, b) => rank(a) - rank(b));
  const blockOf = (motion: MotionId) =>
    ranking.find((one) => one.motion === motion)?.gain ?? unranked;
  const asks = limitsAsked(skill, aim);
  const added = new Map<MotionId, number>();
  const withAdded = (extra: readonly MotionId[] = [], by = 1): Limits =>
    motions.reduce((so, { motion, sides }) => {
      const degrees = (added.get(motion) ?? 0) + (extra.includes(motion) ? by : 0);
      return degrees === 0
        ? so
        : sides.reduce(
            (on, side) => raised(on, { limits, asks }, motion, side, degrees, sides),
            so,
          );
    }, limits);
  let total = 0;
  let now = score(limits);
  while (now < cleanScore && total < mostDegrees) {
    const step = stepOf(
      motions.map(({ motion }) => motion),
      (some, by) => score(withAdded(some, by)) - now,
      (some) => 1 / some.reduce((time, motion) => time + 1 / blockOf(motion), 0),
    );
    if (!step) return null;
    for (const motion of step.motions) added.set(motion, (added.get(motion) ?? 0) + step.by);
    total += step.by;
    now = score(withAdded());
  }
  if (now < cleanScore) return null;
  for (const { motion } of motions.toReversed())
    for (let less = added.get(motion) ?? 0; less > 0; less -= 1) {
      added.set(motion, less - 1);
      if (score(withAdded()) >= cleanScore) continue;
      added.set(motion, less);
      break;
    }
  return motions.flatMap(({ motion, sides }) => {
    const degrees = added.get(motion) ?? 0;
    return degrees > 0 ? [{ motion, sides, degrees }] : [];
  });
}

/**
 * The motion that gains most for its training; all of them together where two hold each other back, and further ahead where
 * one degree changes nothing. What was not needed is taken back later.
 */
function stepOf(
  motions: readonly MotionId[],
  gainOf: (some: readonly MotionId[], by: number) => number,
  speedOf: (some: readonly MotionId[]) => number,
): { motions: readonly MotionId[]; by: number } | null {
  for (const by of [1, 5, 15])
    for (const choices of [motions.map((motion) => [motion]), [motions]]) {
      const best = choices
        .map((some) => ({ motions: some, by, gain: gainOf(some, by) * speedOf(some) }))
        .reduce((a, b) => (b.gain > a.gain ? b : a));
      if (best.gain > 1e-6) return best;
    }
  return null;
}

/**
 * The lesser side is raised first: sides grow until each has the lesser one's range and the degrees on top; none beyond
 * what the skill asks of it.
 */
function raised(
  on: Limits,
  { limits: from, asks }: { limits: Limits; asks: Limits },
  motion: MotionId,
  side: Side,
  degrees: number,
  sides: readonly Side[],
): Limits {
  const known = from[motion]?.[side];
  if (known === undefined) return on;
  const least = Math.min(...sides.map((one) => from[motion]?.[one] ?? Infinity));
  const most = asks[motion]?.[side] ?? Infinity;
  return withRange(on, motion, side, Math.max(known, Math.min(most, least + degrees)));
}
