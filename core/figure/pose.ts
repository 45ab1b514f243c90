import * as z from "zod";
import type { LeftRight } from "../body/side";

/** One angle for both sides, or one a side, degrees. */
const Paired = z.union([z.number(), z.object({ left: z.number(), right: z.number() })]);
type Paired = z.infer<typeof Paired>;

/**
 * A posture as joint angles in degrees; everything left out is 0, which is standing upright with the
 * arms hanging. Positive is: trunk tilted forward, backs and neck arched backward, limbs flexed forward,
 * wrist extended, knee and elbow bent, ankle bent (dorsiflexed), toes lifted, limbs away from the midline.
 */
export const Pose = z
  .object({
    pelvis: z.number(),
    lean: z.number(),
    lowBack: z.number(),
    upperBack: z.number(),
    neck: z.number(),
    sideBend: z.number(),
    twist: z.number(),
    shoulder: Paired,
    shoulderOut: Paired,
    elbow: Paired,
    wrist: Paired,
    fingers: Paired,
    hip: Paired,
    hipOut: Paired,
    hipOpen: Paired,
    knee: Paired,
    ankle: Paired,
    toes: Paired,
  })
  .partial();
export type Pose = z.infer<typeof Pose>;

/** One angle of a pose on one side; 0 where the pose leaves it out. */
export function angleAt(pair: Paired | undefined, side: LeftRight): number {
  return pair === undefined ? 0 : typeof pair === "number" ? pair : pair[side];
}

const pairedKeys = [
  "shoulder",
  "shoulderOut",
  "elbow",
  "wrist",
  "fingers",
  "hip",
  "hipOut",
  "hipOpen",
  "knee",
  "ankle",
  "toes",
] as const;

/** The posture with left and right exchanged. */
export function mirrored(pose: Pose): Pose {
  const other: Pose = {
    ...pose,
    lean: -(pose.lean ?? 0),
    sideBend: -(pose.sideBend ?? 0),
    twist: -(pose.twist ?? 0),
  };
  for (const key of pairedKeys)
    if (pose[key] !== undefined)
      other[key] = { left: angleAt(pose[key], "right"), right: angleAt(pose[key], "left") };
  return other;
}
