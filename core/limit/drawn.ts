import type { DemandGap } from "../aim/margin";
import type { Skill } from "../content/skill";

/**
 * Whether the figure is bent by this demand: it is by a skill's first demand of a motion; a second one, of the own
 * muscles, is told beside it.
 */
export const isDrawn = ({ demand }: Pick<DemandGap, "demand">, { demands }: Skill): boolean =>
  demands.find(
    (other) =>
      other.motion === demand.motion && (!other.hips || !demand.hips || other.hips === demand.hips),
  )!.mode === demand.mode;
