import { motionOf } from "../body/motions";
import { atRung, type Drill, type Rung } from "../drill/drill";

/** At least half of its dose counts for a motion of the joint. */
export const mainly = (drill: Drill, joint: string): boolean =>
  drill.serves.some(({ motion, share }) => share >= 0.5 && motionOf(motion).joint === joint);

/** At least half of its dose counts for one of these motions. */
export const mainlyFor = (drill: Pick<Drill, "serves">, motions: readonly string[]): boolean =>
  drill.serves.some(({ motion, share }) => share >= 0.5 && motions.includes(motion));

/** It moves the trunk, whatever else it moves. */
export const movesTrunk = ({ serves, region }: Drill): boolean =>
  region === "trunk" ||
  serves.some(
    ({ motion, share }) => share >= 0.2 && ["thoracic", "lumbar"].includes(motionOf(motion).joint),
  );

/** Joints that a warm-up of the whole body moves; hands and forearms where something is to bear on them. */
export const everydayJoints = [
  "neck",
  "shoulder",
  "thoracic",
  "lumbar",
  "hip",
  "knee",
  "ankle",
] as const;

/** Where a warm-up may end: on the feet, or in the skill. */
export const isReady = (drill: Drill, rung: Rung): boolean =>
  drill.kind === "skill" || atRung(drill, rung).position === "standing";
