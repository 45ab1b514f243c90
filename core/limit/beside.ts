import type { BlockWorth, DemandGap } from "../aim/margin";
import type { Skill } from "../content/skill";
import type { AimSide } from "../shape/limits";
import type { Body } from "../shape/solve";
import type { BlockGains } from "./block-gain";
import { blockWorths, inSkillOrder, limiting, worthsOf } from "./block-worth";
import { rankedBy, worthAsked, type RankInput } from "./ranked-gaps";
import { spreadOf, type ShapeSpread } from "./shape-spread";

/** What takes long of an aim's ranking and shape, as another thread can be asked for it: plain facts, no functions. */
export type LimitQuestion = {
  key: string;
  skill: Skill;
  aim: AimSide;
  body: Body;
  gaps: DemandGap[];
  /** Whether how far the shape is known is asked too. */
  shape: boolean;
  /** Degrees of a block, by motion and side. */
  gains: [string, number][];
};

/** What this thread is to remember, so that it need not work it out itself. */
export type LimitAnswer = {
  key: string;
  worths: (BlockWorth | null)[];
  spread: { key: string; spread: ShapeSpread | null } | null;
};

const nameOf = (motion: string, side: string): string => `${motion}/${side}`;

/**
 * The question of an aim's ranking; null where its answer is remembered here.
 * @param shape whether how far the shape is known is asked too
 */
export function limitQuestion(input: RankInput, shape: boolean): LimitQuestion | null {
  const { gains, ...asked } = worthAsked(input);
  const { skill, aim, body, gaps } = asked;
  const key = worthsOf.keyOf(skill, aim, body, inSkillOrder(skill, gaps), gains);
  if (worthsOf.knows(key)) return null;
  return {
    key,
    ...asked,
    shape,
    gains: gaps
      .filter(limiting)
      .flatMap(({ demand: { motion }, sides }) =>
        sides.map(({ side }): [string, number] => [nameOf(motion, side), gains(motion, side)]),
      ),
  };
}

/** Answers in whatever thread it is asked in. */
export function limitAnswer(question: LimitQuestion): LimitAnswer {
  const { key, skill, aim, body, gaps, gains, shape } = question;
  const known = new Map(gains);
  const gain: BlockGains = (motion, side) => known.get(nameOf(motion, side)) ?? 0;
  const ranked = rankedBy(gaps, blockWorths(skill, aim, body, gaps, gain));
  return {
    key,
    worths: worthsOf(skill, aim, body, inSkillOrder(skill, gaps), gain),
    spread: shape
      ? {
          key: spreadOf.keyOf(skill, aim, body, ranked),
          spread: spreadOf(skill, aim, body, ranked),
        }
      : null,
  };
}

/** Remembers an answer that came from another thread. */
export function keepLimits({ key, worths, spread }: LimitAnswer): void {
  worthsOf.keep(key, worths);
  if (spread) spreadOf.keep(spread.key, spread.spread);
}
