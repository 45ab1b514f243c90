import * as z from "zod";

/**
 * A joint motion: one joint moving one way, in degrees from the neutral standing position.
 * Every demand, protocol and drill refers to motions by these identifiers.
 */
export const MotionId = z.enum([
  "neck.rotation",
  "neck.side-bend",
  "shoulder.flexion",
  "shoulder.extension",
  "shoulder.rotation-out",
  "shoulder.rotation-in",
  "shoulder.horizontal-reach",
  "elbow.extension",
  "forearm.palm-up",
  "forearm.palm-down",
  "wrist.extension",
  "wrist.flexion",
  "wrist.thumb",
  "wrist.little-finger",
  "fingers.extension",
  "upper-back.extension",
  "upper-back.rotation",
  "trunk.side-bend",
  "low-back.extension",
  "hip.flexion",
  "hip.flexion-straight",
  "hip.extension",
  "hip.abduction",
  "hip.straddle",
  "hip.rotation-out",
  "hip.rotation-in",
  "knee.flexion",
  "knee.extension",
  "ankle.dorsiflexion",
  "ankle.plantarflexion",
  "ankle.inversion",
  "ankle.eversion",
  "toes.extension",
]);
export type MotionId = z.infer<typeof MotionId>;

export const JointId = z.enum([
  "wrist",
  "fingers",
  "forearm",
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

const motion = (
  id: MotionId,
  joint: JointId,
  name: string,
  part: string,
  sided = true,
): Motion => ({ id, joint, name, part, sided });

const table: Motion[] = [
  motion("neck.rotation", "neck", "Neck rotation", "neck turn"),
  motion("neck.side-bend", "neck", "Neck side bend", "sides of the neck"),
  motion("shoulder.flexion", "shoulder", "Shoulder flexion", "shoulders"),
  motion("shoulder.extension", "shoulder", "Shoulder extension", "fronts of the shoulders"),
  motion("shoulder.rotation-out", "shoulder", "Shoulder outward rotation", "shoulders turning out"),
  motion("shoulder.rotation-in", "shoulder", "Shoulder inward rotation", "shoulders turning in"),
  motion(
    "shoulder.horizontal-reach",
    "shoulder",
    "Shoulder horizontal reach",
    "chest and fronts of the shoulders",
  ),
  motion("elbow.extension", "elbow", "Elbow extension", "elbows"),
  motion("forearm.palm-up", "forearm", "Forearm turning, palm up", "forearms turning up"),
  motion("forearm.palm-down", "forearm", "Forearm turning, palm down", "forearms turning down"),
  motion("wrist.extension", "wrist", "Wrist extension", "wrists"),
  motion("wrist.flexion", "wrist", "Wrist flexion", "backs of the wrists"),
  motion("wrist.thumb", "wrist", "Wrist toward the thumb", "wrists toward the thumb"),
  motion(
    "wrist.little-finger",
    "wrist",
    "Wrist toward the little finger",
    "wrists toward the little finger",
  ),
  motion("fingers.extension", "fingers", "Finger extension", "fingers"),
  motion("upper-back.extension", "upper-back", "Upper-back extension", "upper back", false),
  motion("upper-back.rotation", "upper-back", "Upper-back rotation", "upper back in the turn"),
  motion("trunk.side-bend", "low-back", "Trunk side bend", "sides of the trunk"),
  motion("low-back.extension", "low-back", "Low-back extension", "low back", false),
  motion("hip.flexion", "hip", "Hip flexion, knee bent", "hips in the fold"),
  motion("hip.flexion-straight", "hip", "Hip flexion, straight leg", "hamstrings"),
  motion("hip.extension", "hip", "Hip extension", "hip flexors"),
  motion("hip.abduction", "hip", "Hip abduction", "inner thighs"),
  motion("hip.straddle", "hip", "Straddle in sitting", "inner thighs and hamstrings"),
  motion("hip.rotation-out", "hip", "Hip outward rotation", "hips turning out"),
  motion("hip.rotation-in", "hip", "Hip inward rotation", "hips turning in"),
  motion("knee.flexion", "knee", "Knee flexion", "fronts of the thighs"),
  motion("knee.extension", "knee", "Knee extension", "knees"),
  motion("ankle.dorsiflexion", "ankle", "Ankle bend", "ankles"),
  motion("ankle.plantarflexion", "ankle", "Ankle point", "ankles in the point"),
  motion("ankle.inversion", "ankle", "Foot turning in", "outer ankles"),
  motion("ankle.eversion", "ankle", "Foot turning out", "inner ankles"),
  motion("toes.extension", "toes", "Big-toe extension", "big toes"),
];

const byId = new Map(table.map((entry) => [entry.id, entry]));

/** The description of a motion. Every identifier the schema accepts has one. */
export function motionOf(id: MotionId): Motion {
  const found = byId.get(id);
  if (!found) throw new Error(`no motion called ${id}`);
  return found;
}
