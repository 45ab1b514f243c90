import { centreOfMass, fingerRoot, landmark, skeletonOf } from "../figure/skeleton";
import type { Pose } from "../figure/pose";
import type { Limits } from "./limits";
import { assembled, rootOf, joint, type Shape } from "./shape";

/** Where over the hand the weight is carried: this share of the way from the wrist crease to the knuckles. */
const overTheHand = 0.2;
/** An arm may lean this far forward of upright before the fingers cannot hold it, degrees. A working figure. */
const mostLean = 12;

/**
 * A handstand seen from the side, arms upright over flat hands.
 *
 * Shoulders short of 180° put the chest off the line toward the belly. The arms lean by what the wrists have to
 * spare where that helps, the upper back bends back as far as it has, and low back and hips arch by the rest until
 * the weight is over the hands again. Wrists short of 90° leave no balanced flat-handed posture: the answer is a
 * wedge or bars of at least the missing degrees, on which it stands as with 90°.
 *
 * @param wedge degrees by which the heels of the hands are raised: the wrists need that much less
 */
export function handstandShape(limits: Limits, wedge = 0): Shape {
  const shoulder = joint(limits, "shoulder.flexion", "shoulder", "both", 180);
  const upper = joint(limits, "upper-back.extension", "upper-back", "both", 20);
  const wrist = joint(limits, "wrist.extension", "wrist", "both", 90);
  const hips = joint(limits, "hip.extension", "hip", "both", 10);
  const missing = Math.max(0, 90 - wrist.have - wedge);
  const spare = Math.min(Math.max(0, wrist.have + wedge - 90), mostLean);
  const body = {
    shoulder: shoulder.used,
    upperBack: Math.max(0, upper.have),
    hips: hips.have,
    wedge,
  };
  const best = leansUpTo(spare)
    .map((lean) => ({ lean, ...standing({ ...body, lean }) }))
    .reduce((a, b) => (costOf(b) < costOf(a) - 1e-6 ? b : a));
  const pose = missing > 0 ? fallingBack(best.pose, missing) : best.pose;
  const flexed = Math.max(0, -hips.have);
  return assembled({
    pose,
    view: 0,
    balanced: missing === 0 && Math.abs(offBase(pose)) < fingerRoot,
    base: { from: "wrist", to: "fingertips", side: "right" },
    joints: [
      shoulder,
      { ...upper, short: best.arch > 0.5 ? upper.short : 0 },
      { ...wrist, short: missing },
      { ...hips, short: flexed },
    ],
    gives: [
      {
        at: "shoulder",
        side: "right",
        text: "Line breaks at the shoulders",
        size: shoulder.short,
        unit: "°",
        scale: shoulderScale,
        silent: true,
      },
      {
        at: "low-back",
        side: "right",
        text: "Low back and hips arch",
        size: best.arch,
        unit: "°",
        amount: `${best.arch.toFixed(0)}° to keep balance`,
        scale: (archScale * Math.max(best.arch, 1e-9)) / Math.max(spoiltBy(best), 1e-9),
      },
      {
        at: "shoulder",
        side: "right",
        text: "Arms lean forward",
        size: best.lean,
        unit: "°",
        amount: `${best.lean.toFixed(0)}° past upright`,
        scale: leanScale,
      },
      {
        at: "hip",
        side: "right",
        text: "Legs hang toward the belly",
        size: flexed,
        unit: "°",
        scale: 40,
      },
      {
        at: "wrist",
        side: "right",
        text: "No balance on flat hands",
        size: missing,
        unit: "°",
        amount: `a wedge of ${missing.toFixed(0)}° or bars`,
        scale: 12,
      },
    ],
    sentence: sentenceOf(best.arch, missing, wedge),
  });
}

/** Leans that are tried: the same steps for everybody, so that more wrist only adds choices. */
const leansUpTo = (spare: number): number[] =>
  [0, 2, 4, 6, 8, 10, 12].filter((lean) => lean <= spare);

const archScale = 40;
const leanScale = 20;
const shoulderScale = 45;
/** An arch in the hips spoils the line less than one in the low back. A working figure. */
const hipShare = 0.5;
const spoiltBy = ({ arch, hip }: Pick<Stand, "arch" | "hip">): number =>
  arch - (1 - hipShare) * hip;
const costOf = (stand: Stand & { lean: number }): number =>
  spoiltBy(stand) / archScale + stand.lean / leanScale;

/** What the wrists lack tips the whole stand off the hands, back toward where it came from. */
const fallingBack = (pose: Pose, missing: number): Pose => ({
  ...pose,
  pelvis: (pose.pelvis ?? 180) - missing,
  wrist: (pose.wrist as number) - missing,
});

type Stand = { arch: number; hip: number; pose: Pose };

type Body = { shoulder: number; upperBack: number; hips: number; lean: number; wedge: number };

/** The arch in low back and hips that brings the weight over the hands, and the posture with it. */
function standing({ shoulder, upperBack, hips, lean, wedge }: Body): Stand {
  const poseAt = (whole: number): Pose => {
    const upper = Math.min(upperBack, whole);
    const rest = whole - upper;
    const hip = hips < 0 ? hips : Math.min(hips, rest * 0.4);
    const lowBack = rest - Math.max(0, hip);
    return {
      pelvis: shoulder + lean + upper + lowBack,
      upperBack: upper,
      lowBack,
      neck: 22,
      shoulder,
      wrist: 90 + lean - wedge,
      hip: -hip,
      ankle: -62,
      toes: -18,
    };
  };
  const whole =
    shoulder >= 179.5 && hips >= 0 ? 0 : rootOf((angle) => offBase(poseAt(angle)), 0, 130);
  const pose = poseAt(whole);
  const hip = Math.max(0, -(pose.hip as number));
  return { arch: Math.max(0, (pose.lowBack ?? 0) + hip), hip, pose };
}

const offBase = (pose: Pose): number => {
  const body = skeletonOf(pose);
  return centreOfMass(body)[0] - landmark(body, "wrist")[0] - overTheHand * fingerRoot;
};

function sentenceOf(arch: number, missing: number, wedge: number): string {
  const on = wedge > 0 ? ` On a wedge of ${wedge.toFixed(0)}°.` : "";
  if (missing > 0.05) return `Flat hands leave no balance: the wrists lack ${missing.toFixed(0)}°.`;
  if (arch < 1) return `One straight line over the hands.${on}`;
  return `The line breaks by ${arch.toFixed(0)}° in low back and hips to stay over the hands.${on}`;
}
