import type { MotionId } from "../body/motions";
import type { DemandGap } from "../aim/gap";
import type { Side } from "../body/side";
import type { Skill } from "../aim/skill";
import { sidesOfRole } from "../aim/gap";

/** What each joint may do, degrees, by motion and side. Missing entries are assumed to be enough. */
export type Limits = Partial<Record<MotionId, Partial<Record<Side, number>>>>;

/**
 * The athlete's own range, from the gap. Unmeasured joints are left out, and a joint whose shortage could be
 * noise (unsure) is not drawn short: only believable limits bend the figure.
 */
export function limitsHad(gaps: readonly DemandGap[]): Limits {
  const limits: Limits = {};
  for (const { demand, need, sides } of gaps)
    for (const { side, have, verdict } of sides)
      if (have)
        limits[demand.motion] = {
          ...limits[demand.motion],
          [side]: verdict === "unsure" ? Math.max(have.degrees, need) : have.degrees,
        };
  return limits;
}

/** The range a clean skill asks for: solving with it gives the demanded shape. */
export function limitsAsked(skill: Skill, aimSide: Side): Limits {
  const limits: Limits = {};
  for (const demand of skill.demands)
    for (const { side, asked } of sidesOfRole(demand, aimSide))
      if (asked) limits[demand.motion] = { ...limits[demand.motion], [side]: demand.clean };
  return limits;
}

/** The smaller side's limit: what a two-sided shape has to live with. */
export function lesser(limits: Limits, motion: MotionId, otherwise: number): number {
  const known = Object.values(limits[motion] ?? {});
  return known.length === 0 ? otherwise : Math.min(...known);
}
