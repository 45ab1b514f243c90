import type { MotionId } from "../body/motions";
import type { Landmark } from "../figure/picture";
import type { LeftRight } from "../body/side";
import type { Pose } from "../figure/pose";

/** A joint at the end of its range, holding the shape back. */
export type Stop = { motion: MotionId; at: Landmark; side: LeftRight; have: number; asked: number };

/** What the body does instead. */
export type Compensation = { at: Landmark; side: LeftRight; text: string; amount: string };

/** What a body can make of a skill: a posture, the joints at their stop, and what gives way. */
export type Shape = {
  pose: Pose;
  stops: Stop[];
  compensations: Compensation[];
  /** Whether the centre of mass is over the base; null where the skill does not balance. */
  balanced: boolean | null;
  /** Landmarks that bound the base of support, and the side, where balance matters. */
  base: { from: Landmark; to: Landmark; side: LeftRight } | null;
  /** The shape in one sentence. */
  sentence: string;
};

/**
 * The root of a rising function between two bounds by bisection; the nearer bound when there is none.
 * @returns x with |f(x)| below the resolution of twenty-four halvings
 */
export function bisect(f: (x: number) => number, low: number, high: number): number {
  if (f(low) >= 0) return low;
  if (f(high) <= 0) return high;
  let [a, b] = [low, high];
  for (let i = 0; i < 24; i += 1) {
    const middle = (a + b) / 2;
    if (f(middle) < 0) a = middle;
    else b = middle;
  }
  return (a + b) / 2;
}
