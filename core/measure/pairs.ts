import { z95 } from "../stats/confidence";
import type { Value } from "./value";

/** What a figure was made of, degrees each. */
export type Reckoned = Pick<Value, "value" | "se">;
export type JoinedWhy =
  | { rule: "total-arc"; outward: Reckoned; inward: Reckoned }
  | { rule: "usable-share"; active: Reckoned; passive: Reckoned; se: number }
  | { rule: "borrowed-turnout"; standing: Reckoned; lying: Reckoned };

/** A figure made of two values, with its error. */
export type Joined = { value: number; se: number; why: JoinedWhy };

const bare = ({ value, se }: Value): Reckoned => ({ value, se });

/**
 * Total rotation arc of one side: outward + inward, degrees. Errors add as squares.
 * @example totalArc({ value: 100, se: 3 }, { value: 50, se: 3 }) // 150 ± 4.2
 */
export const totalArc = (outward: Value, inward: Value): Joined => ({
  value: outward.value + inward.value,
  se: Math.hypot(outward.se, inward.se),
  why: { rule: "total-arc", outward: bare(outward), inward: bare(inward) },
});

/** Whether the arcs of both sides differ by more than their errors explain. */
export function arcDifference(
  left: Joined,
  right: Joined,
): { difference: number; real: boolean; threshold: number } {
  const difference = left.value - right.value;
  const threshold = z95 * Math.hypot(left.se, right.se);
  return { difference, threshold, real: Math.abs(difference) > threshold };
}

/** Below this share of the passive range, strength at the end of the range comes first. */
export const usableEnough = 0.8;

/**
 * Usable share: active / passive of the same motion. First-order error of a ratio.
 * Null where the passive range is too small for a ratio to mean anything (5° or less).
 * @example usableShare({ value: 80, se: 3 }, { value: 100, se: 3 }) // 0.8 ± 0.04
 */
export function usableShare(active: Value, passive: Value): Joined | null {
  if (passive.value <= 5) return null;
  const value = active.value / passive.value;
  const se = Math.hypot(active.se, value * passive.se) / passive.value;
  return {
    value,
    se,
    why: { rule: "usable-share", active: bare(active), passive: bare(passive), se },
  };
}

/**
 * How much more a standing turnout shows than the hips give lying down, degrees, with its error.
 * What is real of it comes from the knees and feet.
 */
export const borrowedTurnout = (standing: Value, lying: Value): Joined & { real: boolean } => {
  const value = standing.value - lying.value;
  const se = Math.hypot(standing.se, lying.se);
  return {
    value,
    se,
    real: value > z95 * se,
    why: { rule: "borrowed-turnout", standing: bare(standing), lying: bare(lying) },
  };
};
