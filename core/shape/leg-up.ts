import { otherSide, type LeftRight } from "../body/side";
import { landmark, skeletonOf } from "../figure/skeleton";
import type { Pose } from "../figure/pose";
import { assembled, joint, onSides, type Ranges, type Shape } from "./shape";

/** The straight leg carried to the front by its own muscles, the pelvis still. */
export function legFrontShape(ranges: Ranges, working: LeftRight): Shape {
  const hip = joint(ranges, "hip.flexion-straight", "hip", working, 110);
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
        giving: { gives: "lower-in-front" },
        size: hip.short,
        unit: "°",
        scale: 50,
      },
    ],
    line: { line: "leg-up", to: "front", high: Math.max(0, hip.used), short: hip.short },
  });
}

/** Opening that a turned-out hip gives the leg to the side, per degree of outward rotation. A working figure. */
const turnGives = 0.5;

/** The straight leg carried to the side: opening, and what turning out adds to it; the hip hikes by the rest. */
export function legSideShape(ranges: Ranges, working: LeftRight): Shape {
  const open = joint(ranges, "hip.abduction", "hip", working, 80);
  const turn = joint(ranges, "hip.external-rotation", "hip", working, 60);
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
        giving: { gives: "lower-to-the-side" },
        size: short,
        unit: "°",
        scale: 50,
      },
    ],
    line: { line: "leg-up", to: "side", high, short },
  });
}

/**
 * A foothold at hip height and above, close to the wall: thigh folded and turned out. What the hip does not fold
 * or turn, the foothold has to come down by.
 * @param statureCm for the height of the foothold
 */
export function highFootholdShape(ranges: Ranges, working: LeftRight, statureCm: number): Shape {
  const fold = joint(ranges, "hip.flexion", "hip", working, 125);
  const turn = joint(ranges, "hip.external-rotation", "hip", working, 45);
  const knee = joint(ranges, "knee.flexion", "knee", working, 135);
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
        giving: { gives: "lower-foothold" },
        size: lost,
        unit: "cm",
        scale: 15,
      },
    ],
    line: { line: "foothold", heightCm: height(pose) },
  });
}
