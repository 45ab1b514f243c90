import * as z from "zod";

/**
 * A joint motion: one joint moving one way, in degrees from the neutral standing position.
 * Every demand, protocol and drill refers to motions by these identifiers.
 */
export const MotionId = z.enum([
  "wrist.extension",
  "shoulder.flexion",
  "upper-back.extension",
  "hip.flexion",
  "hip.flexion-straight",
  "hip.extension",
  "ankle.dorsiflexion",
]);
export type MotionId = z.infer<typeof MotionId>;

export const JointId = z.enum([
  "wrist",
  "elbow",
  "shoulder",
  "neck",
  "upper-back",
  "low-back",
  "hip",
  "knee",
  "ankle",
  "toes",
]);
export type JointId = z.infer<typeof JointId>;

export type Motion = {
  id: MotionId;
  joint: JointId;
  /** Full name, as a column heading. */
  name: string;
  /** Plural body part for headlines: "The shoulders hold it back". */
  part: string;
  sided: boolean;
};

const table: Motion[] = [
  { id: "wrist.extension", joint: "wrist", name: "Wrist extension", part: "wrists", sided: true },
  {
    id: "shoulder.flexion",
    joint: "shoulder",
    name: "Shoulder flexion",
    part: "shoulders",
    sided: true,
  },
  {
    id: "upper-back.extension",
    joint: "upper-back",
    name: "Upper-back extension",
    part: "upper back",
    sided: false,
  },
  {
    id: "hip.flexion",
    joint: "hip",
    name: "Hip flexion, knee bent",
    part: "hips in the fold",
    sided: true,
  },
  {
    id: "hip.flexion-straight",
    joint: "hip",
    name: "Hip flexion, straight leg",
    part: "hamstrings",
    sided: true,
  },
  { id: "hip.extension", joint: "hip", name: "Hip extension", part: "hip flexors", sided: true },
  { id: "ankle.dorsiflexion", joint: "ankle", name: "Ankle bend", part: "ankles", sided: true },
];

const byId = new Map(table.map((motion) => [motion.id, motion]));

/** The description of a motion. Every identifier the schema accepts has one. */
export function motionOf(id: MotionId): Motion {
  const motion = byId.get(id);
  if (!motion) throw new Error(`no motion called ${id}`);
  return motion;
}
