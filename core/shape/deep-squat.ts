import { centreOfMass, landmark, skeletonOf } from "../figure/skeleton";
import type { Pose } from "../figure/pose";
import { lesser, type Limits } from "./limits";
import { bisect, type Compensation, type Shape, type Stop } from "./shape";

/** Deepest thigh drawn: this far below level. */
const deepest = 15;
/** The low back rounds this far at the bottom of any deep squat, degrees. A working figure. */
const lowBackRounds = 18;

/**
 * A deep squat from the side, heels down, arms forward. For each depth the trunk leans as far as the
 * balance over the mid-foot wants; the depth kept is the lowest at which the hips can still fold that much.
 */
export function deepSquatShape(limits: Limits): Shape {
  const ankle = lesser(limits, "ankle.dorsiflexion", 38);
  const hip = lesser(limits, "hip.flexion", 120);
  const knee = 155;
  const poseAt = (below: number, lean: number): Pose => ({
    pelvis: lean,
    lowBack: -lowBackRounds,
    hip: lean + 90 + below,
    knee: Math.min(knee, 90 + below + ankle),
    ankle,
    shoulder: 90 + (lean + lowBackRounds) * 0.8,
    upperBack: 4,
    neck: (lean + lowBackRounds) * 0.45,
  });
  const offBase = (pose: Pose) => {
    const body = skeletonOf(pose);
    return centreOfMass(body)[0] - midFoot(body);
  };
  const leanAt = (below: number) => bisect((lean) => offBase(poseAt(below, lean)), -20, 75);
  const fits = (below: number) => {
    const lean = leanAt(below);
    return (
      lean + 90 + below <= hip &&
      90 + below + ankle <= knee &&
      Math.abs(offBase(poseAt(below, lean))) < 0.01
    );
  };
  const below = deepestFit(fits);
  const lean = leanAt(below);
  const pose = poseAt(below, lean);
  const stops: Stop[] = [];
  const short = below < deepest - 0.5;
  if (short && hip < 140)
    stops.push({ motion: "hip.flexion", at: "hip", side: "right", have: hip, asked: 120 });
  if (ankle < 38)
    stops.push({
      motion: "ankle.dorsiflexion",
      at: "ankle",
      side: "right",
      have: ankle,
      asked: 38,
    });
  const compensations: Compensation[] = [];
  if (lean + lowBackRounds > 48)
    compensations.push({
      at: "neck",
      side: "right",
      text: "Trunk leans forward",
      amount: `${(lean + lowBackRounds).toFixed(0)}° to stay over the feet`,
    });
  if (below < 0)
    compensations.push({
      at: "knee",
      side: "right",
      text: "Stops high",
      amount: `thighs ${(-below).toFixed(0)}° above level`,
    });
  return {
    pose,
    stops,
    compensations,
    balanced: Math.abs(offBase(pose)) < 0.02,
    base: { from: "heel", to: "toe", side: "right" },
    sentence:
      below >= 0
        ? `Heels down, thighs ${below.toFixed(0)}° below level, trunk ${(lean + lowBackRounds).toFixed(0)}° forward.`
        : `With the heels down the thighs stop ${(-below).toFixed(0)}° above level.`,
  };
}

/** Deepest thigh angle that fits, to a tenth of a degree: whatever fits, everything above it fits too. */
function deepestFit(fits: (below: number) => boolean): number {
  if (fits(deepest)) return deepest;
  let [high, low] = [-70, deepest];
  while (low - high > 0.1) {
    const middle = (low + high) / 2;
    if (fits(middle)) high = middle;
    else low = middle;
  }
  return high;
}

const midFoot = (body: ReturnType<typeof skeletonOf>): number =>
  (landmark(body, "heel")[0] + landmark(body, "toe")[0]) / 2;
