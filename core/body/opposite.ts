import type { MotionId } from "./motions";

const pairs: readonly (readonly [MotionId, MotionId])[] = [
  ["shoulder.flexion", "shoulder.extension"],
  ["shoulder.rotation-out", "shoulder.rotation-in"],
  ["forearm.palm-up", "forearm.palm-down"],
  ["wrist.extension", "wrist.flexion"],
  ["wrist.thumb", "wrist.little-finger"],
  ["hip.flexion", "hip.extension"],
  ["hip.rotation-out", "hip.rotation-in"],
  ["knee.extension", "knee.flexion"],
  ["ankle.dorsiflexion", "ankle.plantarflexion"],
  ["ankle.inversion", "ankle.eversion"],
];

/**
 * The motions that lengthen the muscles which make a motion: what was contracted by the one is stretched by
 * the others. Straight-leg lifts shorten the front of the hip, so hip extension stretches it.
 * Empty where no joint motion of the library stretches them.
 */
export function opposites(motion: MotionId): MotionId[] {
  if (motion === "hip.flexion-straight") return ["hip.extension"];
  if (motion === "hip.extension") return ["hip.flexion", "hip.flexion-straight"];
  if (motion === "hip.abduction" || motion === "hip.straddle")
    return ["hip.abduction", "hip.straddle"];
  if (motion === "trunk.side-bend") return ["trunk.side-bend"];
  return pairs.flatMap(([a, b]) => (a === motion ? [b] : b === motion ? [a] : []));
}
