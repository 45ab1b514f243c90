import { landmark, skeletonOf } from "../figure/skeleton";
import type { Pose } from "../figure/pose";
import { assembled, joint, type Ranges, type Shape } from "./shape";

/** How far the whole back rounds in a fold without spoiling the line, degrees. A working figure. */
const backRounds = 34;

/**
 * A standing fold over straight legs: the pelvis tips as far as the hamstrings let it, the back rounds a little.
 * @param statureCm for the distance of the fingertips from the floor
 */
export function pikeShape(ranges: Ranges, statureCm: number): Shape {
  const hip = joint(ranges, "hip.flexion-straight", "hip", "both", 130);
  const pose: Pose = {
    pelvis: hip.used,
    hip: hip.used,
    lowBack: -backRounds * 0.55,
    upperBack: -backRounds * 0.45,
    shoulder: Math.max(60, Math.min(175, 300 - hip.used - backRounds)),
    neck: -8,
  };
  const body = skeletonOf(pose);
  const floor = landmark(body, "heel")[1];
  const fingers = (landmark(body, "fingertips")[1] - floor) * statureCm;
  return assembled({
    pose,
    view: 0,
    balanced: null,
    base: null,
    joints: [hip],
    gives: [
      {
        at: "hip",
        side: "right",
        giving: { gives: "open-fold" },
        size: hip.short,
        unit: "°",
        scale: 45,
      },
    ],
    line:
      hip.short < 0.5
        ? { line: "fold" }
        : { line: "open-fold", short: hip.short, fingersCm: fingers },
  });
}

/** Straight-leg flexion that each degree of straddle gives back: an open leg lets the pelvis tip further. */
const straddleHelps = 0.35;

/** A pancake: sitting with the legs apart, chest toward the floor. */
export function pancakeShape(ranges: Ranges, statureCm: number): Shape {
  const open = joint(ranges, "hip.straddle", "hip", "both", 65);
  const hip = joint(ranges, "hip.flexion-straight", "hip", "both", 145);
  const fold = hip.used + straddleHelps * open.used;
  const clean = hip.asked + straddleHelps * open.asked;
  // Sitting upright on straight legs takes 90° of flexion; what is beyond tips the pelvis forward.
  const tilt = Math.max(-25, Math.min(78, fold - 90));
  const pose: Pose = {
    pelvis: tilt,
    hip: 90 + tilt,
    hipOpen: open.used,
    lowBack: -8,
    upperBack: -6,
    ankle: -30,
    shoulder: 150 - Math.max(0, 60 - tilt),
    elbow: 5,
    neck: 14,
  };
  const body = skeletonOf(pose);
  const chest = Math.max(
    0,
    (landmark(body, "neck")[1] - landmark(body, "hip")[1] + 0.04) * statureCm - 8,
  );
  const left = Math.max(0, clean - fold);
  return assembled({
    pose,
    view: 60,
    balanced: null,
    base: null,
    joints: [open, hip],
    gives: [
      {
        at: "neck",
        side: "right",
        giving: { gives: "chest-off-the-floor", cm: chest },
        size: left,
        unit: "°",
        scale: 45,
      },
    ],
    line: left < 0.5 ? { line: "pancake" } : { line: "open-pancake", tilt, chestCm: chest },
  });
}
