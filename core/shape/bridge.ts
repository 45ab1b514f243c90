import { landmark, skeletonOf } from "../figure/skeleton";
import type { Pose } from "../figure/pose";
import { assembled, joint, type Ranges, type Shape } from "./shape";

/** The low back's part in a clean bridge, and the most it is drawn with, degrees. Working figures. */
const lowBackShare = 42;
const lowBackMost = 72;
/** Shins this far from upright, feet under the knees, degrees. */
const shin = -12;

/**
 * A bridge from the side: hands and feet flat, shoulders over the hands. What shoulders, upper back and hips do not
 * give, the low back takes up; what it cannot, shows as shoulders that stay behind the hands.
 */
export function bridgeShape(ranges: Ranges, statureCm: number): Shape {
  const shoulder = joint(ranges, "shoulder.flexion", "shoulder", "both", 185);
  const upper = joint(ranges, "thoracic.extension", "thoracic", "both", 30);
  const hip = joint(ranges, "hip.extension", "hip", "both", 20);
  const wrist = joint(ranges, "wrist.extension", "wrist", "both", 90);
  const taken = 0.6 * shoulder.short + upper.short + 0.7 * hip.short;
  const lowBack = Math.min(lowBackMost, lowBackShare + taken);
  const beyond = Math.max(0, lowBackShare + taken - lowBackMost);
  const behind = 0.5 * shoulder.short + beyond;
  const pose = closed({
    lowBack,
    upperBack: upper.used,
    hip: hip.used,
    shoulder: shoulder.used,
    wrist: wrist.used,
  });
  const body = skeletonOf(pose);
  const reach = Math.abs(landmark(body, "wrist")[0] - landmark(body, "heel")[0]) * statureCm;
  const taking = lowBack - lowBackShare;
  return assembled({
    pose,
    view: 0,
    balanced: null,
    base: null,
    tapeCm: reach,
    joints: [shoulder, upper, hip, wrist],
    gives: [
      {
        at: "lumbar",
        side: "right",
        giving: { gives: "lumbar" },
        size: taking,
        unit: "°",
        scale: 45,
      },
      {
        at: "shoulder",
        side: "right",
        giving: { gives: "shoulders-behind-hands" },
        size: behind,
        unit: "°",
        scale: 45,
      },
      {
        at: "wrist",
        side: "right",
        giving: { gives: "heels-of-hands" },
        size: wrist.short,
        unit: "°",
        scale: 30,
      },
    ],
    line:
      taking + behind < 1
        ? { line: "bridge", reachCm: reach }
        : { line: "bridge-low-back", taking, reachCm: reach },
  });
}

/** The posture that sets hands and feet on one floor: the pelvis tips until they are level. */
function closed(bends: {
  lowBack: number;
  upperBack: number;
  hip: number;
  shoulder: number;
  wrist: number;
}): Pose {
  const { lowBack, upperBack, hip, shoulder, wrist } = bends;
  const poseAt = (pelvis: number): Pose => {
    const thigh = -pelvis - hip;
    const arm = -pelvis + lowBack + upperBack + shoulder;
    return {
      pelvis,
      lowBack,
      upperBack,
      hip: -hip,
      knee: thigh - shin,
      ankle: -shin,
      shoulder,
      wrist: Math.min(wrist, Math.max(60, 360 + 90 - arm)),
      neck: 18,
      shoulderOut: 6,
    };
  };
  const level = (pelvis: number): number => {
    const body = skeletonOf(poseAt(pelvis));
    return landmark(body, "wrist")[1] - landmark(body, "heel")[1] - 0.01;
  };
  // Scanned from the flattest hips up: the first level posture is the highest bridge.
  let [best, least] = [-95, Infinity];
  for (let pelvis = -150; pelvis <= -40; pelvis += 1) {
    const off = Math.abs(level(pelvis));
    if (off < least) [best, least] = [pelvis, off];
  }
  return poseAt(best);
}
