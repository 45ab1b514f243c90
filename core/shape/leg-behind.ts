import { otherSide, type LeftRight } from "../body/side";
import { centreOfMass, landmark, skeletonOf } from "../figure/skeleton";
import type { Pose } from "../figure/pose";
import type { Limits } from "./limits";
import { assembled, rootOf, joint, onSides, type Shape } from "./shape";
import { lowBackHas } from "./splits";

/** Height of the leg behind in a pose at ninety degrees. */
const level = 90;
/** What hip and back are asked, degrees; with just these the trunk leans by the rest, and that is clean. */
const asked = { hip: 25, upperBack: 25, lowBack: lowBackHas };
const cleanLean = level - asked.hip - asked.upperBack - asked.lowBack;

/**
 * The leg behind at ninety degrees over a straight standing leg, the trunk as upright as the back allows.
 * The hip extends by what it has; the pelvis tips by the rest; low and upper back bring the trunk up again.
 */
export function legBehindShape(limits: Limits, working: LeftRight): Shape {
  const standing = otherSide(working);
  const hip = joint(limits, "hip.extension", "hip", working, asked.hip);
  const upper = joint(limits, "upper-back.extension", "upper-back", "both", asked.upperBack);
  const low = joint(limits, "low-back.extension", "low-back", "both", asked.lowBack);
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
        text: "Trunk leans forward",
        size: Math.max(0, lean - cleanLean),
        unit: "°",
        amount: `${lean.toFixed(0)}° to lift the leg level`,
        scale: 45,
      },
    ],
    sentence:
      lean <= cleanLean
        ? "The leg level behind, the trunk up."
        : `The leg comes level only with the trunk ${lean.toFixed(0)}° forward.`,
  });
}

/**
 * The leg behind tilted fully: trunk down, leg toward the ceiling over a straight standing leg.
 * The legs open by F + E as in a split; what is missing to 180° leaves the leg short of upright.
 */
export function tiltedLegShape(limits: Limits, working: LeftRight): Shape {
  const standing = otherSide(working);
  const fold = joint(limits, "hip.flexion-straight", "hip", standing, 145);
  const back = joint(limits, "hip.extension", "hip", working, 35);
  const spread = Math.max(0, Math.min(180, fold.have + Math.max(0, back.have)));
  const behind = Math.max(0, Math.min(back.have, 180));
  const front = Math.max(0, Math.min(fold.have, 180 - behind));
  const short = 180 - Math.min(180, front + behind);
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
        text: "Leg short of upright",
        size: short,
        unit: "°",
        scale: 50,
      },
    ],
    sentence:
      short < 0.5
        ? "Both legs in one upright line."
        : `The legs open ${spread.toFixed(0)}°: the upper one stays ${short.toFixed(0)}° off upright.`,
  });
}

/** How far the weight is in front of the middle of the standing foot, statures; leaning forward carries it on. */
function offFoot(pose: Pose, standing: LeftRight): number {
  const body = skeletonOf(pose);
  const middle = (landmark(body, "heel", standing)[0] + landmark(body, "toe", standing)[0]) / 2;
  return centreOfMass(body)[0] - middle;
}
