import type { JointId, MotionId } from "../body/motions";
import type { SportId } from "../body/sports";

/** What was found of a body beside what an aim asks, each of one motion. */
export type BodyFinding = { motion: MotionId; weight: number } & (
  | { found: "below-usual"; protocolId: string; value: number; usual: number; side: SideOf }
  | { found: "sides"; protocolId: string; shorter: "left" | "right"; difference: number }
  | { found: "seen"; protocolId: string; fault: string }
  | { found: "active-less"; difference: number; side: SideOf }
  | { found: "area"; joint: JointId }
  | { found: "profile"; profile: string }
  | { found: "sport"; sport: SportId }
);
export type SideOf = "left" | "right" | "mid";
