import { centreOfMass, fingerRoot, landmark, skeletonOf } from "../figure/skeleton";
import type { Pose } from "../figure/pose";
import { lesser, type Limits } from "./limits";
import { bisect, type Compensation, type Shape, type Stop } from "./shape";

/** Where over the hand the weight is carried: this share of the way from the wrist crease to the knuckles. */
const overTheHand = 0.2;

/**
 * A handstand seen from the side, arms upright over flat hands.
 *
 * Shoulders short of 180° put the chest off the line toward the belly. The arms lean by what the wrists
 * have to spare, the upper back bends back as far as it has, and low back and hips arch by the rest
 * until the weight is over the hands again. Wrists short
 * of 90° leave no balanced flat-handed posture: the answer is a wedge of at least the missing degrees.
 */
export function handstandShape(limits: Limits): Shape {
  const shoulder = Math.min(180, lesser(limits, "shoulder.flexion", 180));
  const upperBackHas = Math.max(0, lesser(limits, "upper-back.extension", 20));
  const wrist = lesser(limits, "wrist.extension", 90);
  const hipHas = Math.max(0, lesser(limits, "hip.extension", 20));
  const lean = wrist < 90 ? wrist - 90 : shoulder < 179.5 ? Math.min(wrist - 90, 12) : 0;
  const poseAt = (arch: number): Pose => {
    const upperBack = Math.min(upperBackHas, arch);
    const hips = Math.min(hipHas, (arch - upperBack) * 0.4);
    const lowBack = arch - upperBack - hips;
    return {
      pelvis: shoulder + lean + upperBack + lowBack,
      upperBack,
      lowBack,
      neck: 22,
      shoulder,
      wrist: 90 + lean,
      hip: -hips,
      ankle: -62,
      toes: -18,
    };
  };
  const offBase = (pose: Pose) => {
    const body = skeletonOf(pose);
    return centreOfMass(body)[0] - landmark(body, "wrist")[0] - overTheHand * fingerRoot;
  };
  const arch = shoulder >= 179.5 ? 0 : bisect((angle) => offBase(poseAt(angle)), 0, 120);
  const pose = poseAt(arch);
  const balanced = wrist >= 90 && Math.abs(offBase(pose)) < fingerRoot;
  const upperBack = Math.min(upperBackHas, arch);
  const stops: Stop[] = [];
  if (shoulder < 180)
    stops.push({
      motion: "shoulder.flexion",
      at: "shoulder",
      side: "right",
      have: shoulder,
      asked: 180,
    });
  if (arch > upperBackHas + 0.5)
    stops.push({
      motion: "upper-back.extension",
      at: "upper-back",
      side: "right",
      have: upperBackHas,
      asked: 20,
    });
  if (wrist < 90)
    stops.push({ motion: "wrist.extension", at: "wrist", side: "right", have: wrist, asked: 90 });
  const compensations: Compensation[] = [];
  const rest = arch - upperBack;
  if (rest >= 1)
    compensations.push({
      at: "low-back",
      side: "right",
      text: "Low back and hips arch",
      amount: `${rest.toFixed(0)}° to keep balance`,
    });
  if (wrist < 90)
    compensations.push({
      at: "wrist",
      side: "right",
      text: "No balance on flat hands",
      amount: `a wedge of ${(90 - wrist).toFixed(0)}° or bars`,
    });
  return {
    pose,
    stops,
    compensations,
    balanced,
    base: { from: "wrist", to: "fingertips", side: "right" },
    sentence: handstandSentence(rest, wrist),
  };
}

function handstandSentence(arch: number, wrist: number): string {
  if (wrist < 90)
    return `Flat hands leave no balance: the wrists lack ${(90 - wrist).toFixed(0)}°.`;
  if (arch < 1) return "One straight line over the hands.";
  return `The line breaks by ${arch.toFixed(0)}° in low back and hips to stay over the hands.`;
}
