import { otherSide, type LeftRight } from "../body/side";
import { centreOfMass, landmark, skeletonOf } from "../figure/skeleton";
import type { Pose } from "../figure/pose";
import { assembled, rootOf, joint, onSides, type Ranges, type Shape } from "./shape";
import { lowBackHas } from "./splits";

/** Height of the leg behind in a pose at ninety degrees. */
const level = 90;

/**
 * The leg behind at ninety degrees over a straight standing leg, the trunk as upright as the back allows.
 * The hip extends by what it has; the pelvis tips by the rest; low and upper back bring the trunk up again.
 */
export function legBehindShape(ranges: Ranges, working: LeftRight): Shape {
  const standing = otherSide(working);
  const hip = joint(ranges, "hip.extension", "hip", working, 25);
  const upper = joint(ranges, "thoracic.extension", "thoracic", "both", 25);
  const low = joint(ranges, "lumbar.extension", "lumbar", "both", lowBackHas);
  // With just what is asked the trunk leans by the rest, and that is clean.
  const cleanLean = Math.max(0, level - hip.asked - upper.asked - low.asked);
  const lift = level - Math.max(0, hip.used);
  const back = Math.max(0, upper.used) + Math.max(0, low.used);
  const lean = Math.max(0, lift - back);
  const poseAt = (shift: number): Pose => ({
    pelvis: lift + shift,
    lowBack: Math.max(0, low.used),
    upperBack: Math.max(0, upper.used),
    hip: onSides(working, -Math.max(0, hip.used), lift),
    ankle: onSides(working, -55, shift),
    toes: onSides(working, -15, 0),
    hipOpen: onSides(working, 20, 20),
    shoulder: 75,
    shoulderOut: onSides(working, 60, 10),
    neck: 8,
  });
  const shift = rootOf((x) => offFoot(poseAt(x), standing), -14, 14);
  const pose = poseAt(shift);
  return assembled({
    pose,
    view: 0,
    balanced: Math.abs(offFoot(pose, standing)) < 0.05,
    base: { from: "heel", to: "toe", side: standing },
    joints: [hip, upper, low],
    gives: [
      {
        at: "neck",
        side: working,
        giving: { gives: "trunk-for-leg", lean },
        size: Math.max(0, lean - cleanLean),
        unit: "°",
        scale: 45,
      },
    ],
    line: lean <= cleanLean ? { line: "leg-behind" } : { line: "leg-behind-leans", lean },
  });
}

/**
 * The leg behind tilted fully: trunk down, leg toward the ceiling over a straight standing leg.
 * The legs open by F + E as in a split; what is missing to 180° leaves the leg short of upright.
 */
export function tiltedLegShape(ranges: Ranges, working: LeftRight): Shape {
  const standing = otherSide(working);
  const fold = joint(ranges, "hip.flexion-straight", "hip", standing, 145);
  const back = joint(ranges, "hip.extension", "hip", working, 35);
  const spread = Math.max(0, Math.min(180, fold.have + Math.max(0, back.have)));
  const behind = Math.max(0, Math.min(back.have, 180));
  const front = Math.max(0, Math.min(fold.have, 180 - behind));
  const short = Math.min(180, fold.asked + back.asked) - Math.min(180, front + behind);
  const poseAt = (shift: number): Pose => ({
    pelvis: front + shift,
    lowBack: 8,
    upperBack: 6,
    hip: onSides(working, -behind, front),
    ankle: onSides(working, -55, shift),
    toes: onSides(working, -15, 0),
    hipOpen: onSides(working, 12, 0),
    shoulder: 150,
    neck: 4,
  });
  const shift = rootOf((x) => offFoot(poseAt(x), standing), -14, 14);
  const pose = poseAt(shift);
  return assembled({
    pose,
    view: 0,
    balanced: Math.abs(offFoot(pose, standing)) < 0.05,
    base: { from: "heel", to: "toe", side: standing },
    joints: short > 0 ? [fold, back] : [],
    gives: [
      {
        at: "ankle",
        side: working,
        giving: { gives: "short-of-upright" },
        size: short,
        unit: "°",
        scale: 50,
      },
    ],
    line: short < 0.5 ? { line: "upright-legs" } : { line: "legs-short-of-upright", spread, short },
  });
}

/** How far the weight is in front of the middle of the standing foot, statures; leaning forward carries it on. */
function offFoot(pose: Pose, standing: LeftRight): number {
  const body = skeletonOf(pose);
  const middle = (landmark(body, "heel", standing)[0] + landmark(body, "toe", standing)[0]) / 2;
  return centreOfMass(body)[0] - middle;
}
