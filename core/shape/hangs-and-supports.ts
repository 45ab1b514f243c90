import { centreOfMass, landmark, skeletonOf } from "../figure/skeleton";
import type { Pose } from "../figure/pose";
import type { Limits } from "./limits";
import { assembled, rootOf, joint, type Shape } from "./shape";

/** Hips in the open hang: the legs hang about straight down, degrees. A working figure. */
const hangingFold = 62;

/**
 * Hanging behind the back from the side: arms upright from the hands, the trunk turned under them by the
 * shoulders' extension; the whole swings until its weight hangs under the hands.
 */
export function behindBackHangShape(limits: Limits): Shape {
  const shoulder = joint(limits, "shoulder.extension", "shoulder", "both", 90);
  const elbow = joint(limits, "elbow.extension", "elbow", "both", 0);
  const behind = Math.max(0, shoulder.used);
  const poseAt = (tilt: number): Pose => ({
    // The arms run from the hands to the shoulders; the trunk lies off their line by the shoulders' angle.
    pelvis: 180 - behind + tilt,
    shoulder: -behind,
    hip: hangingFold,
    ankle: -50,
    toes: -12,
    neck: -12,
  });
  const off = (pose: Pose) => {
    const body = skeletonOf(pose);
    return centreOfMass(body)[0] - landmark(body, "wrist")[0];
  };
  const pose = [
    poseAt(rootOf((x) => off(poseAt(x)), -80, 80)),
    poseAt(rootOf((x) => -off(poseAt(x)), -80, 80)),
  ].reduce((a, b) => (Math.abs(off(b)) < Math.abs(off(a)) ? b : a));
  return assembled({
    pose,
    view: 0,
    balanced: Math.abs(off(pose)) < 0.03,
    base: null,
    joints: [shoulder, elbow],
    gives: [
      {
        at: "shoulder",
        side: "right",
        text: "Body stays folded",
        size: shoulder.short,
        unit: "°",
        amount: `${shoulder.short.toFixed(0)}° before the shoulders stop`,
        scale: 45,
      },
      { at: "elbow", side: "right", text: "Elbows bend", size: elbow.short, unit: "°", scale: 20 },
    ],
    sentence:
      shoulder.short < 0.5
        ? "Hanging with the arms behind, the shoulders open."
        : `The shoulders stop ${shoulder.short.toFixed(0)}° before the open hang.`,
  });
}

/**
 * A support with straight legs: level (L), or raised and apart (high straddle). What the hips do not fold by
 * their own muscles, the legs hang lower or the pelvis rolls under.
 */
export function supportShape(limits: Limits, high: boolean): Shape {
  const hip = joint(limits, "hip.flexion-straight", "hip", "both", high ? 130 : 92);
  const open = high ? joint(limits, "hip.straddle", "hip", "both", 55) : null;
  const wrist = joint(limits, "wrist.extension", "wrist", "both", high ? 95 : 90);
  const fold = Math.max(0, hip.used);
  // The pelvis leans back a little so that the hands stay under the weight.
  const back = high ? -28 : -6;
  const short = hip.short + (open ? 0.4 * open.short : 0);
  return assembled({
    pose: {
      pelvis: back,
      hip: fold,
      ...(open ? { hipOpen: open.used } : {}),
      ankle: -50,
      toes: -12,
      shoulder: back - (high ? 16 : 4),
      shoulderOut: 6,
      wrist: Math.min(90, Math.max(0, wrist.used)),
      lowBack: high ? -16 : -4,
      upperBack: high ? -10 : 0,
      neck: 6,
    },
    view: high ? 25 : 0,
    balanced: null,
    base: null,
    joints: [hip, ...(open ? [open] : []), wrist],
    gives: [
      {
        at: "ankle",
        side: "right",
        text: "Legs hang lower",
        size: short,
        unit: "°",
        scale: 45,
      },
      {
        at: "wrist",
        side: "right",
        text: "Hands turn out or lift",
        size: wrist.short,
        unit: "°",
        scale: 40,
      },
    ],
    sentence:
      short < 0.5
        ? high
          ? "Legs apart and above level, held."
          : "Legs level, held."
        : `The legs hang ${short.toFixed(0)}° lower.`,
  });
}
