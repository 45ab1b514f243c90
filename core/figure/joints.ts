import type { Landmark } from "./picture";
import type { JointId } from "../body/motions";

/** Where on the figure a joint is shown. */
export const landmarkOfJoint: Record<JointId, Landmark> = {
  neck: "neck",
  shoulder: "shoulder",
  elbow: "elbow",
  forearm: "wrist",
  wrist: "wrist",
  fingers: "fingertips",
  thoracic: "thoracic",
  lumbar: "lumbar",
  hip: "hip",
  knee: "knee",
  ankle: "ankle",
  toes: "toe",
};
