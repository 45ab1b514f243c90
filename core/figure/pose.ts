import * as z from "zod/mini";
import type { LeftRight } from "../body/side";

/** One angle for both sides, or one a side, degrees. */
const Paired = z.union([z.number(), z.object({ left: z.number(), right: z.number() })]);
type Paired = z.infer<typeof Paired>;

/**
 * A posture as joint angles in degrees; everything left out is 0, which is standing upright with the
 * arms hanging. Positive is: trunk tilted forward, backs and neck arched backward, limbs flexed forward,
 * wrist extended, knee and elbow bent, ankle bent (dorsiflexed), toes lifted, limbs away from the midline.
 * Turns are about the segment's own length, positive outward: the palm to the front, the shin's foot to the
 * midline (as in hip outward rotation with a bent knee); a foot's turn is positive with the sole toward the midline;
 * the neck turns and bends toward the right.
 * Fingers bend in the knuckles (`fingers`); their other joints go with them, and `curl` bends them more, or less where
 * it is negative; `index` to `little` bend one of them more; `spread` stands between neighbours, `thumb` off the palm.
 * `bigToe` and `smallToes` lift those beyond the rest, `toeCurl` bends their ends, `toeSpread` opens them like a fan; `arch` draws the sole up.
 */
export const Pose = z.partial(
  z.object({
    pelvis: z.number(),
    lean: z.number(),
    lowBack: z.number(),
    upperBack: z.number(),
    neck: z.number(),
    neckTurn: z.number(),
    neckBend: z.number(),
    sideBend: z.number(),
    twist: z.number(),
    shoulder: Paired,
    shoulderOut: Paired,
    shoulderTurn: Paired,
    elbow: Paired,
    forearmTurn: Paired,
    wrist: Paired,
    wristOut: Paired,
    fingers: Paired,
    spread: Paired,
    curl: Paired,
    thumb: Paired,
    index: Paired,
    middle: Paired,
    ring: Paired,
    little: Paired,
    hip: Paired,
    hipOut: Paired,
    hipOpen: Paired,
    hipTurn: Paired,
    knee: Paired,
    ankle: Paired,
    ankleTurn: Paired,
    toes: Paired,
    bigToe: Paired,
    smallToes: Paired,
    toeSpread: Paired,
    toeCurl: Paired,
    arch: Paired,
  }),
);
export type Pose = z.infer<typeof Pose>;

/** One angle of a pose on one side; 0 where the pose leaves it out. */
export function angleAt(pair: Paired | undefined, side: LeftRight): number {
  return pair === undefined ? 0 : typeof pair === "number" ? pair : pair[side];
}

const pairedKeys = [
  "shoulder",
  "shoulderOut",
  "shoulderTurn",
  "elbow",
  "forearmTurn",
  "wrist",
  "wristOut",
  "fingers",
  "spread",
  "curl",
  "thumb",
  "index",
  "middle",
  "ring",
  "little",
  "hip",
  "hipOut",
  "hipOpen",
  "hipTurn",
  "knee",
  "ankle",
  "ankleTurn",
  "toes",
  "bigToe",
  "smallToes",
  "toeSpread",
  "toeCurl",
  "arch",
] as const;

/** The posture with left and right exchanged. */
export function mirrored(pose: Pose): Pose {
  const other: Pose = {
    ...pose,
    lean: -(pose.lean ?? 0),
    sideBend: -(pose.sideBend ?? 0),
    twist: -(pose.twist ?? 0),
    neckTurn: -(pose.neckTurn ?? 0),
    neckBend: -(pose.neckBend ?? 0),
  };
  for (const key of pairedKeys)
    if (pose[key] !== undefined)
      other[key] = { left: angleAt(pose[key], "right"), right: angleAt(pose[key], "left") };
  return other;
}

const sidesAt = (pose: Pose, key: (typeof pairedKeys)[number]) =>
  [angleAt(pose[key], "left"), angleAt(pose[key], "right")] as const;

const singleKeys = [
  "pelvis",
  "lean",
  "lowBack",
  "upperBack",
  "neck",
  "neckTurn",
  "neckBend",
  "sideBend",
  "twist",
] as const;

/** A posture between two, angle by angle: 0 is the first, 1 the second. */
export function between(from: Pose, to: Pose, share: number): Pose {
  const pose: Pose = {};
  const mix = (a: number, b: number) => a + (b - a) * share;
  for (const key of singleKeys) pose[key] = mix(from[key] ?? 0, to[key] ?? 0);
  for (const key of pairedKeys) {
    const [a, b] = [sidesAt(from, key), sidesAt(to, key)];
    pose[key] = { left: mix(a[0], b[0]), right: mix(a[1], b[1]) };
  }
  return pose;
}

/** How far apart two postures are: the largest difference of any angle, degrees. */
export function apart(from: Pose, to: Pose): number {
  const single = singleKeys.map((key) => Math.abs((from[key] ?? 0) - (to[key] ?? 0)));
  const paired = pairedKeys.flatMap((key) => {
    const [a, b] = [sidesAt(from, key), sidesAt(to, key)];
    return [Math.abs(a[0] - b[0]), Math.abs(a[1] - b[1])];
  });
  return Math.max(...single, ...paired);
}
