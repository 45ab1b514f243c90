import { landmark, skeletonOf } from "../figure/skeleton";
import type { Pose } from "../figure/pose";
import type { Limits } from "./limits";
import { assembled, joint, type Shape } from "./shape";

/** How far the whole back rounds in a fold without spoiling the line, degrees. A working figure. */
const backRounds = 34;

/**
 * A standing fold over straight legs: the pelvis tips as far as the hamstrings let it, the back rounds a little.
 * @param statureCm for the distance of the fingertips from the floor
 */
export function pikeShape(limits: Limits, statureCm: number): Shape {
  const hip = joint(limits, "hip.flexion-straight", "hip", "both", 130);
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
        text: "The fold stays open",
        size: hip.short,
        unit: "°",
        amount: `${hip.short.toFixed(0)}° short of the thighs`,
        scale: 45,
      },
    ],
    sentence:
      hip.short < 0.5
        ? "Folded flat on straight legs."
        : fingers > 1
          ? `The fold opens by ${hip.short.toFixed(0)}°: fingertips ${fingers.toFixed(0)} cm off the floor.`
          : `The fold opens by ${hip.short.toFixed(0)}°: the hands reach the floor, the chest not the legs.`,
  });
}

/** Straight-leg flexion that each degree of straddle gives back: an open leg lets the pelvis tip further. */
const straddleHelps = 0.35;

/** A pancake: sitting with the legs apart, chest toward the floor. */
export function pancakeShape(limits: Limits, statureCm: number): Shape {
  const open = joint(limits, "hip.straddle", "hip", "both", 65);
  const hip = joint(limits, "hip.flexion-straight", "hip", "both", 145);
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
        text: "Chest off the floor",
        size: left,
        unit: "°",
        amount: `about ${chest.toFixed(0)} cm, ${left.toFixed(0)}° of fold short`,
        scale: 45,
      },
    ],
    sentence:
      left < 0.5
        ? "Chest on the floor between the legs."
        : `The pelvis tips ${tilt.toFixed(0)}°: the chest stays about ${chest.toFixed(0)} cm up.`,
  });
}
