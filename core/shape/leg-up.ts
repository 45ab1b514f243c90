import { otherSide, type LeftRight } from "../body/side";
import { landmark, skeletonOf } from "../figure/skeleton";
import type { Pose } from "../figure/pose";
import type { Limits } from "./limits";
import { assembled, joint, onSides, type Shape } from "./shape";

/** The straight leg carried to the front by its own muscles, the pelvis still. */
export function legFrontShape(limits: Limits, working: LeftRight): Shape {
  const hip = joint(limits, "hip.flexion-straight", "hip", working, 110);
  return assembled({
    pose: {
      hip: onSides(working, Math.max(0, hip.used), 0),
      ankle: onSides(working, -58, 0),
      toes: onSides(working, -14, 0),
      hipOpen: 18,
      shoulder: 70,
      shoulderOut: onSides(working, 20, 60),
      elbow: 12,
      lowBack: -Math.min(14, hip.short * 0.3),
    },
    view: 0,
    balanced: null,
    base: null,
    joints: [hip],
    gives: [
      {
        at: "ankle",
        side: working,
        text: "Leg lower",
        size: hip.short,
        unit: "°",
        amount: `${hip.short.toFixed(0)}° lower in front`,
        scale: 50,
      },
    ],
    sentence: `The leg holds ${Math.max(0, hip.used).toFixed(0)}° in front${hip.short >= 1 ? `, ${hip.short.toFixed(0)}° short` : ""}.`,
  });
}

/** Opening that a turned-out hip gives the leg to the side, per degree of outward rotation. A working figure. */
const turnGives = 0.5;

/** The straight leg carried to the side: opening, and what turning out adds to it; the hip hikes by the rest. */
export function legSideShape(limits: Limits, working: LeftRight): Shape {
  const open = joint(limits, "hip.abduction", "hip", working, 80);
  const turn = joint(limits, "hip.rotation-out", "hip", working, 60);
  const high = Math.max(0, open.used) + turnGives * Math.max(0, turn.used);
  const short = turnGives * turn.short + open.short;
  const hike = Math.min(12, short * 0.35);
  return assembled({
    pose: {
      lean: (working === "right" ? -1 : 1) * hike,
      sideBend: (working === "right" ? 1 : -1) * hike,
      hipOut: onSides(working, high - hike, 0),
      hipTurn: onSides(working, 30, 30),
      hipOpen: onSides(working, 0, 30),
      ankle: onSides(working, -55, 0),
      toes: onSides(working, -14, 0),
      shoulderOut: onSides(working, 70, 100),
      elbow: 14,
    },
    view: 90,
    balanced: null,
    base: null,
    joints: [open, turn],
    gives: [
      {
        at: "ankle",
        side: working,
        text: "Leg lower",
        size: short,
        unit: "°",
        amount: `${short.toFixed(0)}° lower to the side, the hip hikes`,
        scale: 50,
      },
    ],
    sentence: `The leg holds ${high.toFixed(0)}° to the side${short >= 1 ? `, ${short.toFixed(0)}° short` : ""}.`,
  });
}

/**
 * A foothold at hip height and above, close to the wall: thigh folded and turned out. What the hip does not fold
 * or turn, the foothold has to come down by.
 * @param statureCm for the height of the foothold
 */
export function highFootholdShape(limits: Limits, working: LeftRight, statureCm: number): Shape {
  const fold = joint(limits, "hip.flexion", "hip", working, 125);
  const turn = joint(limits, "hip.rotation-out", "hip", working, 45);
  const knee = joint(limits, "knee.flexion", "knee", working, 135);
  const poseAt = (folded: number, turned: number, bent: number): Pose => ({
    hip: onSides(working, folded, 0),
    hipOut: onSides(working, turned * 0.8, 0),
    hipOpen: onSides(working, turned * 0.5, 0),
    knee: onSides(working, bent, 0),
    ankle: onSides(working, 12, -8),
    shoulder: onSides(working, 128, 150),
    elbow: onSides(working, 40, 18),
    wrist: 30,
    neck: 12,
  });
  const height = (pose: Pose): number => {
    const body = skeletonOf(pose);
    return (
      (landmark(body, "ball", working)[1] - landmark(body, "ball", otherSide(working))[1]) *
      statureCm
    );
  };
  const pose = poseAt(Math.max(0, fold.used), Math.max(0, turn.used), Math.max(0, knee.used));
  const lost = 0.45 * fold.short + 0.2 * turn.short + 0.1 * knee.short;
  return assembled({
    pose,
    view: 30,
    balanced: null,
    base: null,
    joints: [fold, turn, knee],
    gives: [
      {
        at: "ankle",
        side: working,
        text: "Foothold comes down",
        size: lost,
        unit: "cm",
        amount: `about ${lost.toFixed(0)} cm, or the pelvis rolls and leaves the wall`,
        scale: 15,
      },
    ],
    sentence: `A foothold ${height(pose).toFixed(0)} cm up is within reach without leaving the wall.`,
  });
}
