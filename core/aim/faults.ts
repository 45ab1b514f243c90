import type { MotionId } from "../body/motions";

/**
 * What a fault that was ticked in a check says is short, or does not hold. Only those that say it of one thing; a fault
 * that spoils the reading says nothing of the body. Working table.
 */
export const faultRows: Readonly<Record<string, readonly MotionId[]>> = {
  "heels-lift": ["ankle.dorsiflexion"],
  "heel-lifts": ["ankle.dorsiflexion"],
  "feet-turn": ["ankle.dorsiflexion"],
  "arch-drops": ["ankle.inversion"],
  arch: ["ankle.inversion"],
  "knees-in": ["hip.abduction", "hip.external-rotation"],
  "knee-in": ["hip.abduction", "hip.external-rotation"],
  "knees-inside": ["hip.external-rotation"],
  "pelvis-drops": ["hip.abduction"],
  "back-rounds": ["hip.flexion", "hip.flexion-straight"],
  "sit-bone-lifts": ["hip.external-rotation"],
  "hips-open": ["hip.extension"],
  "back-knee-bends": ["hip.extension"],
  "front-knee-bends": ["hip.flexion-straight"],
  "stick-forward": ["shoulder.flexion", "thoracic.extension"],
  "ribs-open": ["shoulder.flexion", "thoracic.extension"],
  "back-arches": ["shoulder.flexion", "hip.extension"],
  "low-back-only": ["thoracic.extension", "hip.extension"],
  shrugs: ["shoulder.flexion"],
  wings: ["shoulder.horizontal-abduction"],
  "rolls-out": ["ankle.eversion"],
  "rolls-in": ["ankle.inversion"],
  "chin-pokes": ["thoracic.extension"],
};
