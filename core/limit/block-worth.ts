import type { BlockWorth, DemandGap, Verdict } from "../aim/margin";
import type { Skill } from "../content/skill";
import { withRange, type AimSide, type Limits } from "../shape/limits";
import { lineLeft } from "../shape/posed";
import { shapeOf, type Body } from "../shape/solve";
import { remembered } from "../stats/remembered";
import type { BlockGains } from "./block-gain";
import { drawings, drawnBy, errorsOf, limitsDrawn, type Drawn } from "./drawings";
import { isDrawn } from "./drawn";

const limitingVerdict = (verdict: Verdict): boolean => verdict === "short" || verdict === "unsure";
/** How far a demand's shortage is believed, 0–1: one that is as likely noise not at all, a proven one whole. */
function beliefIn({ sides }: DemandGap): number {
  const least = Math.min(
    0.5,
    ...sides.flatMap(({ asked, probability }) =>
      asked && probability !== null ? [probability] : [],
    ),
  );
  return 1 - 2 * least;
}

export const limiting = ({ verdict }: DemandGap): boolean => limitingVerdict(verdict);

/**
 * What a block of training each demand would be worth to the skill, with the errors of the readings carried through by
 * drawing them anew {@link drawings} times.
 *
 * With a model of the shape: the gain in line score for what a block gives of that motion, but no more than it lacks;
 * the middle of what it gives alone and of what it adds when every other motion has had its block, for joints can hold
 * one another back. Without a model: weight × shortage, in degrees of one scale for all joints. Either counts as far as
 * the shortage is believed.
 *
 * @param gaps the demands of one skill
 * @param gains degrees a block gives of a motion on a side
 * @returns for every demand that is short or too close to call; nothing for the others
 */
export function blockWorths(
  skill: Skill,
  aim: AimSide,
  body: Body,
  gaps: readonly DemandGap[],
  gains: BlockGains,
): Map<DemandGap, BlockWorth> {
  const ordered = inSkillOrder(skill, gaps);
  const worths = worthsOf(skill, aim, body, ordered, gains);
  return new Map(ordered.flatMap((gap, n) => (worths[n] ? [[gap, worths[n]] as const] : [])));
}

/** Gaps in the skill's own order, so that the order they come in draws no other dice. */
export const inSkillOrder = (skill: Skill, gaps: readonly DemandGap[]): DemandGap[] =>
  [...gaps].sort((a, b) => skill.demands.indexOf(a.demand) - skill.demands.indexOf(b.demand));

/** The worths of gaps that stand {@link inSkillOrder}, in that order. */
export const worthsOf = remembered(
  (
    skill: Skill,
    aim: AimSide,
    body: Body,
    gaps: readonly DemandGap[],
    gains: BlockGains,
  ): (BlockWorth | null)[] => {
    const candidates = gaps.filter(limiting);
    if (candidates.length === 0) return gaps.map(() => null);
    const each = Array.from({ length: drawings }, (_, n) => {
      const drawn = drawnBy(gaps, errorsOf(n));
      const worths =
        skill.model === "posed"
          ? weightedShortages(drawn, candidates)
          : lineGains(skill, aim, body, drawn, candidates, gains);
      return new Map([...worths].map(([gap, worth]) => [gap, worth * beliefIn(gap)]));
    });
    return gaps.map((gap) => {
      if (!candidates.includes(gap)) return null;
      const sides = gap.sides.filter(({ asked }) => asked);
      const gained = sides.reduce((sum, { side }) => sum + gains(gap.demand.motion, side), 0);
      return {
        worth: each.reduce((sum, one) => sum + one.get(gap)!, 0) / drawings,
        unit: skill.model === "posed" ? "degrees" : "points",
        gain: gained / Math.max(1, sides.length),
        first: each.filter((one) => isFirst(gap, one)).length / drawings,
      };
    });
  },
  (skill, aim, body, gaps, gains) =>
    JSON.stringify([
      skill,
      aim,
      body,
      gaps.map(({ demand: { motion, mode }, need, verdict, sides }) => [
        motion,
        mode,
        need,
        verdict,
        sides.map(({ side, asked, have }) => [
          side,
          asked,
          have?.degrees,
          have?.se,
          limitingVerdict(verdict) && have ? gains(motion, side) : 0,
        ]),
      ]),
    ]),
);

const isFirst = (gap: DemandGap, worths: ReadonlyMap<DemandGap, number>): boolean =>
  worths.get(gap)! > 0 &&
  [...worths].every(([other, worth]) => other === gap || worth < worths.get(gap)!);

/** The lesser side is what is asked: a demand's shortage is that of the side that lacks more. */
const shortageOf = ({ sides }: Drawn): number => Math.max(0, ...sides.map(({ short }) => short));

const weightedShortages = (
  drawn: readonly Drawn[],
  candidates: readonly DemandGap[],
): Map<DemandGap, number> =>
  new Map(
    drawn
      .filter(({ gap }) => candidates.includes(gap))
      .map((one) => [one.gap, one.gap.demand.weight * shortageOf(one)]),
  );

function lineGains(
  skill: Skill,
  aim: AimSide,
  body: Body,
  drawn: readonly Drawn[],
  candidates: readonly DemandGap[],
  gains: BlockGains,
): Map<DemandGap, number> {
  const limits = limitsDrawn(skill, drawn);
  const all = drawn.filter(({ gap }) => candidates.includes(gap));
  const score = (trained: readonly Drawn[]): number => {
    const with_ = trained
      .filter(({ gap }) => isDrawn(gap, skill))
      .reduce((so, one) => raised(so, one, gains), limits);
    return shapeOf(skill, with_, aim, body).score * besides(skill, drawn, trained, gains);
  };
  const [now, then] = [score([]), score(all)];
  return new Map(
    all.map((one): [DemandGap, number] => {
      const alone = score([one]) - now;
      const last = then - score(all.filter((other) => other !== one));
      return [one.gap, Math.max(0, (alone + last) / 2)];
    }),
  );
}

function raised(limits: Limits, { gap, sides }: Drawn, gains: BlockGains): Limits {
  const { motion } = gap.demand;
  return sides.reduce(
    (so, { side, degrees, short }) =>
      short > 0 ? withRange(so, motion, side, degrees + Math.min(short, gains(motion, side))) : so,
    limits,
  );
}

/** What is left of the line by the demands that the figure does not show, 0–1. */
const besides = (
  skill: Skill,
  drawn: readonly Drawn[],
  trained: readonly Drawn[],
  gains: BlockGains,
): number =>
  drawn
    .filter(({ gap }) => !isDrawn(gap, skill))
    .reduce((left, one) => {
      const { motion, weight } = one.gap.demand;
      const lacks = Math.max(
        0,
        ...one.sides.map(
          ({ side, short }) => short - (trained.includes(one) ? gains(motion, side) : 0),
        ),
      );
      return left * lineLeft(lacks * weight);
    }, 1);
