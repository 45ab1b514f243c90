import type { MotionId } from "../body/motions";
import type { Side } from "../body/side";
import type { Demand } from "../content/skill";
import type { Mode } from "../content/protocol";
import type { Angle } from "../measure/value";

export type Verdict = "clear" | "unsure" | "short" | "unknown";

/** One side of one demand: what the athlete has against what is needed. */
export type SideMargin = {
  side: Side;
  /** False where the other side is shown for comparison only. */
  asked: boolean;
  have: (Pick<Angle, "degrees" | "se"> & Partial<Pick<Angle, "why">>) | null;
  /** have − need, degrees; null when unmeasured. */
  margin: number | null;
  /** Probability that the joint really has what is needed; null when unmeasured. */
  probability: number | null;
  verdict: Verdict;
  checkedOn: string | null;
  why: MarginWhy;
};

export type MarginWhy =
  /** Degrees, and the probability that the range is there. */
  | { rule: "margin"; have: number; se: number; need: number; margin: number; probability: number }
  | { rule: "unmeasured"; motion: MotionId; mode: Mode }
  | TogetherWhy;

export type DemandGap = {
  demand: Demand;
  need: number;
  sides: SideMargin[];
  /** The worst verdict among the sides that are asked. */
  verdict: Verdict;
  /** Largest shortage among the asked sides, degrees; 0 when none, null when nothing was measured. */
  shortage: number | null;
  /** What ranks the limiters: weight × shortage on one scale of degrees, shared out by `block` where it is known. */
  limiter: number;
  /** What a block of training it is worth to the skill; null where it is not short, or nobody has asked. */
  block: BlockWorth | null;
  protocolId: string | null;
  /** Met by passive range in a loose-jointed athlete: does not count as ready. */
  passiveOnly: boolean;
};

/** What a block of training one demand is worth, with the errors of all readings carried through. */
export type BlockWorth = {
  /** Mean gain: points of the line score, or weighted degrees where the skill has no model of its shape. */
  worth: number;
  unit: "points" | "degrees";
  /** Degrees that a block gives, the mean of the asked sides. */
  gain: number;
  /** How likely it is the one that is worth most, 0–1. */
  first: number;
};

/** How a demand was judged by one reading over two joints: a split's gap, which both legs make together. */
export type TogetherWhy = {
  rule: "together";
  protocolId: string;
  /** What the reading says both joints have together, and what both need, degrees. */
  sum: number;
  se: number;
  need: number;
  /** The floor ended the reading: at least so much. */
  atLeast: boolean;
  /** What this joint and the other give of it. */
  gives: number;
  other: number;
};

/** Verdict from the probability that the range is there: clear from 0.9, short to 0.1, unsure between. */
export const verdictOf = (probability: number): Verdict =>
  probability >= 0.9 ? "clear" : probability <= 0.1 ? "short" : "unsure";

/** So many degrees short, at weight 1, make a limiter of 1: one scale for all joints, whatever their clean angle is. */
const wholeLimiter = 100;

/** weight × degrees on one scale for all joints. */
export const limiterOf = (weight: number, degrees: number): number =>
  (weight * degrees) / wholeLimiter;

/** What weighs most in a verdict of several. */
export const verdictRank: Record<Verdict, number> = { short: 0, unsure: 1, unknown: 2, clear: 3 };
/** The worst verdict among the sides that are asked. */
export const worstOf = (sides: readonly SideMargin[]): Verdict =>
  sides
    .filter(({ asked }) => asked)
    .map(({ verdict }) => verdict)
    .sort((a, b) => verdictRank[a] - verdictRank[b])[0]!;
