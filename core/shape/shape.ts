import type { MotionId } from "../body/motions";
import type { LeftRight, Side } from "../body/side";
import type { Landmark } from "../figure/picture";
import type { Pose } from "../figure/pose";
import type { Limits } from "./limits";

/** A joint at the end of its range, holding the shape back. */
export type JointStop = {
  motion: MotionId;
  at: Landmark;
  side: LeftRight;
  have: number;
  asked: number;
};

/** What the body does instead of the clean line, with the figures that `size` does not give. */
export type Giving =
  | {
      gives:
        | "lumbar"
        | "shoulders-behind-hands"
        | "heels-of-hands"
        | "off-the-floor"
        | "trunk-over-split"
        | "free-leg"
        | "arms-forward"
        | "short-of-upright"
        | "open-fold"
        | "folded-hang"
        | "bent-elbows"
        | "lower-legs"
        | "turned-hands"
        | "lower-in-front"
        | "lower-to-the-side"
        | "lower-foothold"
        | "instep-behind"
        | "lower-heel"
        | "broken-line"
        | "arched-back"
        | "leaning-arms"
        | "hanging-legs"
        | "no-balance";
    }
  /** How far the thighs are below level, degrees; above it where negative. */
  | { gives: "high-squat"; below: number }
  /** How far the trunk leans in all, degrees. */
  | { gives: "trunk-over-feet" | "trunk-for-leg"; lean: number }
  /** How far the chest stays up, cm. */
  | { gives: "chest-off-the-floor"; cm: number }
  /** A joint that lacks range, in a skill without a model; what one sees of it, where the skill says so. */
  | { gives: "range"; motion: MotionId; seen: string | null };

/** What the body does instead, where, and how much of it. */
export type Compensation = {
  at: Landmark;
  side: LeftRight;
  giving: Giving;
  size: number;
  unit: "°" | "cm";
};

/** What the shape comes to: the clean one, or how it is not, with the figures that tell. Degrees and cm. */
export type Line =
  | { line: "handstand"; wedge: number }
  | { line: "handstand-breaks"; arch: number; wedge: number }
  | { line: "handstand-falls"; missing: number }
  | { line: "bridge"; reachCm: number }
  | { line: "bridge-low-back"; taking: number; leaning: number; reachCm: number }
  | { line: "flat-front-split" | "flat-middle-split" }
  | { line: "front-split"; spread: number; gapCm: number; tilt: number }
  | { line: "middle-split"; spread: number; gapCm: number }
  | { line: "squat"; oneLeg: boolean; below: number; trunk: number }
  | { line: "high-squat"; oneLeg: boolean; above: number }
  | { line: "leg-behind" }
  | { line: "leg-behind-leans"; lean: number }
  | { line: "upright-legs" }
  | { line: "legs-short-of-upright"; spread: number; short: number }
  | { line: "fold" }
  | { line: "open-fold"; short: number; fingersCm: number }
  | { line: "pancake" }
  | { line: "open-pancake"; tilt: number; chestCm: number }
  | { line: "behind-back-hang" }
  | { line: "folded-hang"; short: number }
  | { line: "level-support" | "high-support" }
  | { line: "lower-support"; short: number }
  | { line: "leg-up"; to: "front" | "side"; high: number; short: number }
  | { line: "foothold"; heightCm: number }
  | { line: "full-rise" | "demi-rise" }
  | { line: "full-rise-short" | "demi-rise-short"; short: number }
  /** A skill without a model: what one sees of the joint that lacks most, or the skill's own summary. */
  | { line: "told"; text: string };

/** What a body can make of a skill: a posture, the joints at their stop, and what gives way. */
export type Shape = {
  pose: Pose;
  /** From where the shape reads best: 0 from the right side, 90 from the front. */
  view: number;
  stops: JointStop[];
  compensations: Compensation[];
  /** Whether the centre of mass is over the base; null where the skill does not balance. */
  balanced: boolean | null;
  /** Landmarks that bound the base of support, and the side, where balance matters. */
  base: { from: Landmark; to: Landmark; side: LeftRight } | null;
  /** What a tape would read of the shape itself (the split's gap, the bridge's reach), cm; null where none is held. */
  tapeCm: number | null;
  /** How near the clean line this is, 0–100. */
  score: number;
  /** What it comes to. */
  line: Line;
};

/** One joint as a model reads it: what it has, what of it the clean shape uses, and what is missing. */
export type Joint = JointStop & { used: number; short: number };

/** What a body has and what the skill asks of it, by motion and side. */
export type Ranges = { has: Limits; asks: Limits };

/**
 * Reads one joint out of the ranges. A two-sided joint is as good as its lesser side, and asked for what the side
 * that is asked for more is; a joint that nobody limits has what is asked.
 * @param usual what the clean shape takes of a motion that the skill says nothing about, degrees
 */
export function joint(
  { has, asks }: Ranges,
  motion: MotionId,
  at: Landmark,
  side: Side | "both",
  usual: number,
): Joint {
  const asked = Math.max(...valuesOn(asks, motion, side));
  return jointOf(has, motion, at, side, Number.isFinite(asked) ? asked : usual);
}

const valuesOn = (limits: Limits, motion: MotionId, side: Side | "both"): number[] => {
  const known = limits[motion] ?? {};
  return (
    side === "both" ? [known.left, known.right, known.mid] : [known[side] ?? known.mid]
  ).filter((value) => value !== undefined);
};

/** One joint against what is asked of it. */
export function jointOf(
  has: Limits,
  motion: MotionId,
  at: Landmark,
  side: Side | "both",
  asked: number,
): Joint {
  const have = Math.min(...valuesOn(has, motion, side));
  const usable = Number.isFinite(have) ? have : asked;
  return {
    motion,
    at,
    side: side === "left" ? "left" : "right",
    have: usable,
    asked,
    used: Math.min(usable, asked),
    short: Math.max(0, asked - usable),
  };
}

/** A way in which the body gives: `scale` is the size that costs the line about two thirds of its score. */
export type Give = Compensation & {
  scale: number;
  /** Counts in the score, and is not said: a joint's stop says it already. */
  silent?: boolean;
};

/** Sizes below this are not worth a word. */
const worthSaying = 0.8;

/**
 * Line score: 100 for the clean shape, times e to the minus size / scale for each way the body gives.
 * Every give falls, or stays, as a joint gains range; so the score never falls with more range.
 */
export const lineScore = (gives: readonly Give[]): number =>
  100 * Math.exp(-gives.reduce((sum, { size, scale }) => sum + Math.max(0, size) / scale, 0));

/** Puts a shape together: stops from the joints that fall short, what gives, and the score. */
export function assembled({
  joints,
  gives,
  tapeCm = null,
  ...rest
}: Pick<Shape, "pose" | "view" | "balanced" | "base" | "line"> & {
  tapeCm?: number | null;
  joints: readonly Joint[];
  gives: readonly Give[];
}): Shape {
  return {
    ...rest,
    tapeCm,
    stops: joints
      .filter(({ short }) => short > 0.5)
      .map(({ motion, at, side, have, asked }) => ({ motion, at, side, have, asked })),
    compensations: gives
      .filter(({ size, silent }) => size >= worthSaying && !silent)
      .map(({ at, side, giving, size, unit }) => ({ at, side, giving, size, unit })),
    score: lineScore(gives),
  };
}

/** A bracket this small is a root, whatever the function says. */
const smallest = 1e-6;

/**
 * The root of a rising function between two bounds, by false position (Illinois, Dowell & Jarratt 1971); the nearer
 * bound when there is none. A smooth function takes five or six evaluations where halving takes two dozen.
 * @param nearly a value of the function that is as good as nothing, in its own unit
 */
export function rootOf(f: (x: number) => number, low: number, high: number, nearly = 1e-6): number {
  let [a, b] = [low, high];
  let [fa, fb] = [f(a), f(b)];
  if (fa >= 0) return a;
  if (fb <= 0) return b;
  let kept = 0;
  for (let i = 0; i < 60 && b - a > smallest; i += 1) {
    const x = (a * fb - b * fa) / (fb - fa);
    const fx = f(x);
    if (Math.abs(fx) < nearly) return x;
    if (fx < 0) {
      [a, fa] = [x, fx];
      if (kept === -1) fb /= 2;
      kept = -1;
    } else {
      [b, fb] = [x, fx];
      if (kept === 1) fa /= 2;
      kept = 1;
    }
  }
  return (a + b) / 2;
}

/** The same angle on one side, another on the other. */
export const onSides = (side: LeftRight, here: number, there: number) =>
  side === "left" ? { left: here, right: there } : { left: there, right: here };
