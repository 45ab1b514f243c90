import type { JointId, MotionId } from "./motions";

type ComplaintRow = {
  /** Motions of the tissues that a complaint there is about: nothing else stands in its prep. */
  tissues: readonly MotionId[];
  /** What is strengthened, lightly and in many repetitions: one drill of each. */
  strengthen: readonly { name: string; motions: readonly MotionId[] }[];
};

/**
 * What a complaint of a joint is about. An elbow is the wrist's benders and straighteners and the forearm's turners,
 * which all begin there. Working table.
 */
export const complaintRows: Record<JointId, ComplaintRow> = {
  neck: {
    tissues: ["neck.rotation", "neck.lateral-flexion"],
    strengthen: [{ name: "neck", motions: ["neck.rotation", "neck.lateral-flexion"] }],
  },
  shoulder: {
    tissues: [
      "shoulder.flexion",
      "shoulder.extension",
      "shoulder.external-rotation",
      "shoulder.internal-rotation",
      "shoulder.horizontal-abduction",
    ],
    strengthen: [
      { name: "outward", motions: ["shoulder.external-rotation"] },
      { name: "behind", motions: ["shoulder.horizontal-abduction", "shoulder.extension"] },
    ],
  },
  elbow: {
    tissues: [
      "elbow.extension",
      "forearm.pronation",
      "forearm.supination",
      "wrist.flexion",
      "wrist.extension",
    ],
    strengthen: [
      { name: "wrist benders", motions: ["wrist.flexion"] },
      { name: "wrist straighteners", motions: ["wrist.extension"] },
      { name: "forearm turners", motions: ["forearm.pronation", "forearm.supination"] },
    ],
  },
  forearm: {
    tissues: ["forearm.pronation", "forearm.supination", "wrist.flexion", "wrist.extension"],
    strengthen: [
      { name: "forearm turners", motions: ["forearm.pronation", "forearm.supination"] },
      { name: "wrist benders", motions: ["wrist.flexion"] },
    ],
  },
  wrist: {
    tissues: [
      "wrist.extension",
      "wrist.flexion",
      "wrist.radial-deviation",
      "wrist.ulnar-deviation",
      "forearm.pronation",
      "forearm.supination",
      "fingers.extension",
    ],
    strengthen: [
      { name: "wrist benders", motions: ["wrist.flexion"] },
      { name: "wrist straighteners", motions: ["wrist.extension"] },
    ],
  },
  fingers: {
    tissues: ["fingers.extension", "wrist.extension", "wrist.flexion"],
    strengthen: [
      { name: "finger openers", motions: ["fingers.extension"] },
      { name: "grip", motions: ["wrist.flexion"] },
    ],
  },
  thoracic: {
    tissues: ["thoracic.extension", "thoracic.rotation"],
    strengthen: [{ name: "upper back", motions: ["thoracic.extension", "thoracic.rotation"] }],
  },
  lumbar: {
    tissues: ["lumbar.extension", "lumbar.lateral-flexion", "hip.extension"],
    strengthen: [
      { name: "low back", motions: ["lumbar.extension", "lumbar.lateral-flexion"] },
      { name: "seat", motions: ["hip.extension"] },
    ],
  },
  hip: {
    tissues: [
      "hip.flexion",
      "hip.flexion-straight",
      "hip.extension",
      "hip.abduction",
      "hip.straddle",
      "hip.external-rotation",
      "hip.internal-rotation",
    ],
    strengthen: [
      { name: "seat", motions: ["hip.extension", "hip.external-rotation"] },
      { name: "side of the hip", motions: ["hip.abduction"] },
    ],
  },
  knee: {
    tissues: ["knee.extension", "knee.flexion"],
    strengthen: [
      { name: "front of the thigh", motions: ["knee.extension"] },
      { name: "back of the thigh", motions: ["knee.flexion"] },
    ],
  },
  ankle: {
    tissues: ["ankle.dorsiflexion", "ankle.plantarflexion", "ankle.inversion", "ankle.eversion"],
    strengthen: [
      { name: "outward", motions: ["ankle.eversion", "ankle.inversion"] },
      { name: "calf", motions: ["ankle.plantarflexion"] },
    ],
  },
  toes: {
    tissues: ["toes.extension", "ankle.plantarflexion"],
    strengthen: [{ name: "toes", motions: ["toes.extension"] }],
  },
};
