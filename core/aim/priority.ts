import type { MotionId } from "../body/motions";
import type { DemandGap } from "./margin";
import { limiterOf } from "./margin";
import { discoveryBar } from "../measure/discoveries";
import { normalBelow } from "../stats/normal";
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

/** Half of what a side really lacks beside the other counts. A working figure. */
const sideShare = 0.5;
/** What a motion is worth that was never measured, and one that is only kept, at weight 1. Working figures. */
const unmeasuredWorth = 0.05;
const keepingWorth = 0.02;
/** Nothing else comes nearer than this to what limits most. */
const belowFirst = 0.9;

/**
 * Need weight of every demanded motion: limiter × time pressure + side difference + a little for what is
 * unmeasured or only kept. What is added never lifts a motion above one that limits more: the plan works for what
 * the headline names. Terms are shown to the coach as they are; a weight set by hand stands in for the sum.
 */
export function needsOf(
  gaps: readonly DemandGap[],
  daysLeft: number,
  overrides: readonly { motion: MotionId; weight: number; reason: string }[] = [],
): Need[] {
  const pressure = timePressure(daysLeft);
  const needs = new Map<MotionId, Need>();
  const ordered = [...gaps].sort((a, b) => b.limiter - a.limiter);
  const sides = realSides(gaps);
  let [above, lesser] = [Infinity, Infinity];
  ordered.forEach((gap, n) => {
    const { limiter, demand, shortage, verdict } = gap;
    const side = sides.get(gap) ?? null;
    const room = limiter > 0 ? above : lesser;
    const bare = limiter * pressure;
    const keeping = Math.min(keepingWorth * (limiter > 0 ? 1 : demand.weight), room - bare);
    const unmeasured = Math.min(
      verdict === "unknown" ? unmeasuredWorth * demand.weight : 0,
      room - bare - keeping,
    );
    const sideDifference = Math.min(
      side ? sideShare * limiterOf(demand.weight, side.excess) : 0,
      room - bare - keeping - unmeasured,
    );
    const weight = bare + keeping + unmeasured + sideDifference;
    if (limiter > 0) above = weight;
    if (limiter > 0 && n === 0) lesser = belowFirst * weight;
    const known = needs.get(demand.motion);
    if (!known || known.weight < weight)
      needs.set(demand.motion, {
        motion: demand.motion,
        weight,
        terms: { limiter, timePressure: pressure, sideDifference, unmeasured, keeping },
        shorter: side?.shorter ?? null,
        override: null,
        shortage,
        verdict,
      });
  });
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

/** The shorter side of a demand, and by how many degrees more than the errors explain. */
type RealSide = { shorter: "left" | "right"; excess: number };

/** Side differences that are real, all demands of an aim judged together. */
function realSides(gaps: readonly DemandGap[]): Map<DemandGap, RealSide> {
  const pairs = gaps.flatMap((gap) => {
    const [left, right] = (["left", "right"] as const).map(
      (side) => gap.sides.find((one) => one.side === side)?.have ?? null,
    );
    if (!left || !right) return [];
    const se = Math.hypot(left.se, right.se);
    const difference = left.degrees - right.degrees;
    return [{ gap, difference, se, chance: 2 * normalBelow(-Math.abs(difference) / se) }];
  });
  const bar = discoveryBar(pairs.map(({ chance }) => chance));
  return new Map(
    pairs
      .filter(({ chance }) => chance <= bar)
      .map(({ gap, difference, se }): [DemandGap, RealSide] => [
        gap,
        {
          shorter: difference < 0 ? "left" : "right",
          excess: Math.max(0, Math.abs(difference) - z95 * se),
        },
      ]),
  );
}
