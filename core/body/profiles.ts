import * as z from "zod";
import type { MotionId } from "./motions";

/** How a body lives, where that is what is worked for: with or without a skill. */
export const Profile = z.enum(["sits", "one-sided", "throws", "on-the-hands"]);
export type Profile = z.infer<typeof Profile>;

/** What each leaves short, and how much that weighs beside a skill's own needs. Working figures. */
export const profileRows: Record<Profile, readonly { motion: MotionId; weight: number }[]> = {
  sits: [
    { motion: "hip.extension", weight: 0.3 },
    { motion: "thoracic.extension", weight: 0.3 },
    { motion: "shoulder.flexion", weight: 0.15 },
    { motion: "hip.flexion-straight", weight: 0.15 },
  ],
  "one-sided": [
    { motion: "shoulder.horizontal-abduction", weight: 0.3 },
    { motion: "thoracic.rotation", weight: 0.3 },
    { motion: "shoulder.external-rotation", weight: 0.2 },
  ],
  throws: [
    { motion: "shoulder.internal-rotation", weight: 0.35 },
    { motion: "thoracic.rotation", weight: 0.25 },
    { motion: "shoulder.horizontal-abduction", weight: 0.15 },
  ],
  "on-the-hands": [
    { motion: "wrist.extension", weight: 0.3 },
    { motion: "shoulder.flexion", weight: 0.2 },
    { motion: "wrist.flexion", weight: 0.15 },
  ],
};
