import type { JointId, MotionId } from "../body/motions";
import type { SiteId } from "../body/sites";
import type { SportId } from "../body/sports";

/** What was found of a body beside what an aim asks, each of one motion. */
export type BodyFinding = { motion: MotionId; weight: number } & (
  | { found: "below-usual"; protocolId: string; value: number; usual: number; side: SideOf }
  | { found: "sides"; protocolId: string; shorter: "left" | "right"; difference: number }
  | { found: "seen"; protocolId: string; fault: string }
  | { found: "active-less"; difference: number; side: SideOf }
  | { found: "area"; joint: JointId }
  /** An old injury or a niggle that is flagged. */
  | { found: "flagged"; joint: JointId }
  /** It hurt lately, so much at most; what shuts a place is the gate's. */
  | { found: "hurt"; site: SiteId; pain: number }
  /** A position of a drill that was behind the others last time. */
  | { found: "weak-part"; drillId: string; label: string }
  | { found: "profile"; profile: string }
  | { found: "sport"; sport: SportId }
);
export type SideOf = "left" | "right" | "mid";
