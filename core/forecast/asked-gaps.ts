import type { DemandGap } from "../aim/margin";
import { motionOf, type JointId } from "../body/motions";

/** The joints that the open aims ask something of, what limits most first. */
export const gapsAsked = (gaps: readonly DemandGap[]): JointId[] => [
  ...new Set(
    [...gaps]
      .sort((a, b) => b.limiter - a.limiter)
      .map(({ demand }) => motionOf(demand.motion).joint),
  ),
];
