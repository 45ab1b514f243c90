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

/** What the body does instead, and how much of it. */
export type Compensation = {
  at: Landmark;
  side: LeftRight;
  text: string;
  amount: string;
  size: number;
  unit: "°" | "cm";
};

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
  /** The shape in one sentence. */
  sentence: string;
};

/** One joint as a model reads it: what it has, what of it the clean shape uses, and what is missing. */
export type Joint = JointStop & { used: number; short: number };

/**
 * Reads one joint out of the limits. A two-sided joint is as good as its lesser side; a joint that nobody limits
 * has what is asked.
 */
export function joint(
  limits: Limits,
  motion: MotionId,
  at: Landmark,
  side: Side | "both",
  asked: number,
): Joint {
  const known = limits[motion] ?? {};
  const values =
    side === "both" ? [known.left, known.right, known.mid] : [known[side] ?? known.mid];
  const have = Math.min(...values.map((value) => value ?? Infinity));
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
export type Give = Omit<Compensation, "amount"> & {
  amount?: string;
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
  sentence,
  tapeCm = null,
  ...rest
}: Pick<Shape, "pose" | "view" | "balanced" | "base"> & {
  tapeCm?: number | null;
  joints: readonly Joint[];
  gives: readonly Give[];
  /** Said when something gives; a clean shape has its own sentence. */
  sentence: string;
}): Shape {
  return {
    ...rest,
    tapeCm,
    stops: joints
      .filter(({ short }) => short > 0.5)
      .map(({ motion, at, side, have, asked }) => ({ motion, at, side, have, asked })),
    compensations: gives
      .filter(({ size, silent }) => size >= worthSaying && !silent)
      .map(({ at, side, text, amount, size, unit }) => ({
        at,
        side,
        text,
        size,
        unit,
        amount: amount ?? `${size.toFixed(0)}${unit === "cm" ? " cm" : "°"}`,
      })),
    score: lineScore(gives),
    sentence,
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
