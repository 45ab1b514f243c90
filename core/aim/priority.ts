import type { MotionId } from "../body/motions";
import type { DemandGap } from "./margin";
import { shareOfNeed } from "./margin";
import type { BodyFinding } from "./body-finding";
import { z95 } from "../stats/confidence";

/** What one motion deserves of the minutes, with every term shown. */
export type Need = {
  motion: MotionId;
  weight: number;
  terms: {
    limiter: number;
    timePressure: number;
    sideDifference: number;
    unmeasured: number;
    keeping: number;
  };
  /** The side to work first: the shorter one, when both were measured. */
  shorter: "left" | "right" | null;
  /** The coach's own weight and its reason, where it stands in for the computed one. */
  override: { weight: number; reason: string; computed: number } | null;
  shortage: number | null;
  verdict: DemandGap["verdict"];
  /** What was found of it beside what the aim asks; see `findings.ts`. */
  finding?: BodyFinding;
};

/**
 * How much the date presses: 1 beyond twelve weeks, rising to 2 on the day. A working figure.
 */
export const timePressure = (daysLeft: number): number =>
  1 + Math.min(1, Math.max(0, (84 - daysLeft) / 84));

/**
 * Need weight of every demanded motion: limiter × time pressure + side difference + a little for what is
 * unmeasured or only kept. Terms are shown to the coach as they are; a weight set by hand stands in for the sum.
 */
export function needsOf(
  gaps: readonly DemandGap[],
  daysLeft: number,
  overrides: readonly { motion: MotionId; weight: number; reason: string }[] = [],
): Need[] {
  const pressure = timePressure(daysLeft);
  const needs = new Map<MotionId, Need>();
  for (const gap of gaps) {
    const [left, right] = ["left", "right"].map(
      (side) => gap.sides.find((s) => s.side === side)?.have ?? null,
    );
    // Only a difference that the errors do not explain is one.
    const real =
      left && right && Math.abs(left.degrees - right.degrees) > z95 * Math.hypot(left.se, right.se);
    const shorter = real ? (left.degrees < right.degrees ? "left" : "right") : null;
    const difference = real
      ? shareOfNeed(Math.abs(left.degrees - right.degrees), gap.need) * 0.5
      : 0;
    const terms = {
      limiter: gap.limiter,
      timePressure: pressure,
      sideDifference: difference,
      unmeasured: gap.verdict === "unknown" ? 0.05 * gap.demand.weight : 0,
      keeping: 0.02 * gap.demand.weight,
    };
    const weight =
      terms.limiter * terms.timePressure + terms.sideDifference + terms.unmeasured + terms.keeping;
    const known = needs.get(gap.demand.motion);
    if (!known || known.weight < weight)
      needs.set(gap.demand.motion, {
        motion: gap.demand.motion,
        weight,
        terms,
        shorter,
        override: null,
        shortage: gap.shortage,
        verdict: gap.verdict,
      });
  }
  return [...needs.values()]
    .map((need): Need => {
      const by = overrides.find(({ motion }) => motion === need.motion);
      return by
        ? {
            ...need,
            weight: by.weight,
            override: { weight: by.weight, reason: by.reason, computed: need.weight },
          }
        : need;
    })
    .sort((a, b) => b.weight - a.weight);
}
