import { demandsOf, sidesOfRole } from "../aim/gap";
import { type DemandGap } from "../aim/margin";
import type { Skill } from "../content/skill";
import { motionOf, type MotionId } from "../body/motions";
import type { Side } from "../body/side";

/** What each joint may do, degrees, by motion and side. Missing entries are assumed to be enough. */
export type Limits = Partial<Record<MotionId, Partial<Record<Side, number>>>>;

/** What of an aim the shapes need. */
export type AimSide = { side: Side; hips?: "square" | "open" | undefined };

/**
 * The athlete's own range, from the gap. A shortage bends the figure as far as it is believable: one that is as likely
 * noise not at all, one that is proven whole, and between them without a step. Unmeasured joints get what adults usually have, and are named as assumed.
 */
export function limitsHad(
  skill: Skill,
  gaps: readonly DemandGap[],
): { limits: Limits; assumed: { motion: MotionId; side: Side }[] } {
  const limits: Limits = {};
  const assumed: { motion: MotionId; side: Side }[] = [];
  for (const { demand, need, sides } of inOrderOf(skill, gaps))
    for (const { side, have, probability, asked } of sides) {
      if (limits[demand.motion]?.[side] !== undefined) continue;
      const prior = asked ? motionOf(demand.motion).usual : undefined;
      if (have) setFirst(limits, demand.motion, side, believed(have.degrees, need, probability));
      else if (prior !== undefined) {
        setFirst(limits, demand.motion, side, prior);
        assumed.push({ motion: demand.motion, side });
      }
    }
  return { limits, assumed };
}

/** What of a joint is drawn: its reading, less short by as much as the shortage could be noise. */
function believed(degrees: number, need: number, probability: number | null): number {
  const short = need - degrees;
  return short <= 0 || probability === null
    ? degrees
    : need - short * (1 - 2 * Math.min(0.5, probability));
}

/** Gaps come sorted by what limits most; a motion asked twice is drawn by the skill's first demand of it. */
const inOrderOf = (skill: Skill, gaps: readonly DemandGap[]): DemandGap[] =>
  [...gaps].sort((a, b) => skill.demands.indexOf(a.demand) - skill.demands.indexOf(b.demand));

/** The range a clean skill asks for: solving with it gives the demanded shape. */
export function limitsAsked(skill: Skill, aim: AimSide): Limits {
  const limits: Limits = {};
  for (const demand of demandsOf(skill, aim.hips ? { hips: aim.hips } : {}))
    for (const { side, asked } of sidesOfRole(demand, aim.side))
      if (asked) setFirst(limits, demand.motion, side, demand.clean);
  return limits;
}

function setFirst(limits: Limits, motion: MotionId, side: Side, degrees: number): void {
  const known = (limits[motion] ??= {});
  known[side] ??= degrees;
}

/** The same limits with a joint given another range. */
export const withRange = (
  limits: Limits,
  motion: MotionId,
  side: Side,
  degrees: number,
): Limits => ({ ...limits, [motion]: { ...limits[motion], [side]: degrees } });
