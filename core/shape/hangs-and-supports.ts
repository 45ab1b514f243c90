import { centreOfMass, landmark, skeletonOf } from "../figure/skeleton";
import type { Pose } from "../figure/pose";
import { assembled, rootOf, joint, type Ranges, type Shape } from "./shape";

/** Hips in the open hang: the legs hang about straight down, degrees. A working figure. */
const hangingFold = 62;

/**
 * Hanging behind the back from the side: arms upright from the hands, the trunk turned under them by the
 * shoulders' extension; the whole swings until its weight hangs under the hands.
 */
export function behindBackHangShape(ranges: Ranges): Shape {
  const shoulder = joint(ranges, "shoulder.extension", "shoulder", "both", 90);
  const elbow = joint(ranges, "elbow.extension", "elbow", "both", 0);
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
        giving: { gives: "folded-hang" },
        size: shoulder.short,
        unit: "°",
        scale: 45,
      },
      {
        at: "elbow",
        side: "right",
        giving: { gives: "bent-elbows" },
        size: elbow.short,
        unit: "°",
        scale: 30,
      },
    ],
    line:
      shoulder.short < 0.5
        ? { line: "behind-back-hang" }
        : { line: "folded-hang", short: shoulder.short },
  });
}

/**
 * A support with straight legs: level (L), or raised and apart (high straddle). What the hips do not fold by
 * their own muscles, the legs hang lower or the pelvis rolls under.
 */
export function supportShape(ranges: Ranges, high: boolean): Shape {
  const hip = joint(ranges, "hip.flexion-straight", "hip", "both", high ? 130 : 92);
  const open = high ? joint(ranges, "hip.straddle", "hip", "both", 55) : null;
  const wrist = joint(ranges, "wrist.extension", "wrist", "both", high ? 95 : 90);
  const arms = joint(ranges, "shoulder.extension", "shoulder", "both", high ? 40 : 10);
  const fold = Math.max(0, hip.used);
  // The pelvis leans back a little so that the hands stay under the weight.
  const back = high ? -28 : -6;
  const short = hip.short + (open ? 0.4 * open.short : 0) + 0.6 * arms.short;
  return assembled({
    pose: {
      pelvis: back,
      hip: fold,
      ...(open ? { hipOpen: open.used } : {}),
      ankle: -50,
      toes: -12,
      shoulder: -Math.max(0, arms.used),
      shoulderOut: 6,
      wrist: Math.min(90, Math.max(0, wrist.used)),
      lowBack: high ? -16 : -4,
      upperBack: high ? -10 : 0,
      neck: 6,
    },
    view: high ? 25 : 0,
    balanced: null,
    base: null,
    joints: [hip, ...(open ? [open] : []), arms, wrist],
    gives: [
      {
        at: "ankle",
        side: "right",
        giving: { gives: "lower-legs" },
        size: short,
        unit: "°",
        scale: 45,
      },
      {
        at: "wrist",
        side: "right",
        giving: { gives: "turned-hands" },
        size: wrist.short,
        unit: "°",
        scale: 40,
      },
    ],
    line:
      short < 0.5
        ? { line: high ? "high-support" : "level-support" }
        : { line: "lower-support", short },
  });
}
