import type { MotionId } from "./motions";

/**
 * What an adult usually has of a motion, degrees: what an unmeasured joint is drawn with, dotted, until somebody
 * measures it. Middle of the normal active range of adults (working figures; shin angle in a lunge for the ankle).
 */
export const usualRange: Partial<Record<MotionId, number>> = {
  "neck.rotation": 70,
  "neck.side-bend": 40,
  "shoulder.flexion": 172,
  "shoulder.extension": 55,
  "shoulder.rotation-out": 90,
  "shoulder.rotation-in": 70,
  "shoulder.horizontal-reach": 30,
  "elbow.extension": 0,
  "forearm.palm-up": 80,
  "forearm.palm-down": 80,
  "wrist.extension": 70,
  "wrist.flexion": 80,
  "wrist.thumb": 20,
  "wrist.little-finger": 30,
  "fingers.extension": 30,
  "upper-back.extension": 14,
  "upper-back.rotation": 40,
  "trunk.side-bend": 25,
  "low-back.extension": 25,
  "hip.flexion": 118,
  "hip.flexion-straight": 80,
  "hip.extension": 18,
  "hip.abduction": 45,
  "hip.straddle": 42,
  "hip.rotation-out": 45,
  "hip.rotation-in": 40,
  "knee.flexion": 137,
  "knee.extension": 0,
  "ankle.dorsiflexion": 38,
  "ankle.plantarflexion": 50,
  "ankle.inversion": 30,
  "ankle.eversion": 18,
  "toes.extension": 70,
};
