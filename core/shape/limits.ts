import type { MotionId } from "../body/motions";
import type { DemandGap } from "../aim/gap";
import type { Side } from "../body/side";
import type { Skill } from "../aim/skill";
import { sidesOfRole } from "../aim/gap";

/** What each joint may do, degrees, by motion and side. Missing entries are assumed to be enough. */
export type Limits = Partial<Record<MotionId, Partial<Record<Side, number>>>>;

/** The athlete's own range, from the gap; unmeasured joints are left out. */
export function limitsHad(gaps: readonly DemandGap[]): Limits {
  const limits: Limits = {};
  for (const { demand, sides } of gaps)
    for (const { side, have } of sides) if (have) limits[demand.motion] = { ...limits[demand.motion], [side]: have.degrees };
  return limits;
}

/** The range a skill asks for at this quality: solving with it gives the demanded shape. */
export function limitsAsked(skill: Skill, quality: "clean" | "passable", aimSide: Side): Limits {
  const limits: Limits = {};
  for (const demand of skill.demands)
    for (const { side, asked } of sidesOfRole(demand, aimSide))
      if (asked) limits[demand.motion] = { ...limits[demand.motion], [side]: demand[quality] };
  return limits;
}

/** The smaller side's limit: what a two-sided shape has to live with. */
export function lesser(limits: Limits, motion: MotionId, otherwise: number): number {
  const known = Object.values(limits[motion] ?? {});
  return known.length === 0 ? otherwise : Math.min(...known);
}
