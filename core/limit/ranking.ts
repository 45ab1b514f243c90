import type { DemandGap } from "../aim/margin";
import type { MotionId } from "../body/motions";
import type { Ranking } from "../shape/smallest-set";

/** The motions of ranked gaps in their order, each once, with what a block gives it, degrees. */
export function rankingOf(gaps: readonly DemandGap[]): Ranking {
  const gains = new Map<MotionId, number>();
  for (const { demand, block } of gaps)
    if (block && !gains.has(demand.motion)) gains.set(demand.motion, block.gain);
  return [...gains].map(([motion, gain]) => ({ motion, gain }));
}
