import { centreOfMass, fingerRoot, landmark, skeletonOf } from "../figure/skeleton";
import type { Pose } from "../figure/pose";
import { assembled, rootOf, joint, type Joint, type Line, type Ranges, type Shape } from "./shape";

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
export function handstandShape(ranges: Ranges, wedge = 0): Shape {
  const shoulder = joint(ranges, "shoulder.flexion", "shoulder", "both", 180);
  const upper = joint(ranges, "thoracic.extension", "thoracic", "both", 20);
  const wrist = joint(ranges, "wrist.extension", "wrist", "both", 90);
  const hips = joint(ranges, "hip.extension", "hip", "both", 10);
  // A skill that asks less than flat hands need is done on what raises them by the rest.
  const raised = Math.max(wedge, flatHands - wrist.asked);
  const missing = Math.max(0, flatHands - wrist.have - raised);
  const best = bestStand({ shoulder, upper, hips, wrist: wrist.have, raised });
  const clean = cleanStand({ shoulder, upper, hips, wrist: wrist.asked, raised });
  const spoilt = Math.max(0, spoiltBy(best) - spoiltBy(clean));
  const pose = missing > 0 ? fallingBack(best.pose, missing) : best.pose;
  const flexed = Math.max(0, Math.min(0, hips.asked) - hips.have);
  const arch = spoilt > 0 ? best.arch : 0;
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
        giving: { gives: "broken-line" },
        size: shoulder.short,
        unit: "°",
        scale: shoulderScale,
        silent: true,
      },
      {
        at: "lumbar",
        side: "right",
        giving: { gives: "arched-back" },
        size: arch,
        unit: "°",
        scale: (archScale * Math.max(arch, 1e-9)) / Math.max(spoilt, 1e-9),
      },
      {
        at: "shoulder",
        side: "right",
        giving: { gives: "leaning-arms" },
        size: Math.max(0, best.lean - clean.lean),
        unit: "°",
        scale: leanScale,
      },
      {
        at: "hip",
        side: "right",
        giving: { gives: "hanging-legs" },
        size: flexed,
        unit: "°",
        scale: 40,
      },
      {
        at: "wrist",
        side: "right",
        giving: { gives: "no-balance" },
        size: missing,
        unit: "°",
        scale: 12,
      },
    ],
    line: lineOf(arch, missing, wedge),
  });
}

/** The bend of the wrists that flat hands under upright arms take, degrees. */
const flatHands = 90;

type Parts = { shoulder: Joint; upper: Joint; hips: Joint; wrist: number; raised: number };

/** The stand that spoils the line least, over the leans that the wrists allow. */
function bestStand({ shoulder, upper, hips, wrist, raised }: Parts): Stand & { lean: number } {
  const body = {
    shoulder: shoulder.used,
    upperBack: Math.max(0, upper.have),
    hips: hips.have,
    wedge: raised,
  };
  const spare = Math.min(Math.max(0, wrist + raised - flatHands), mostLean);
  return leansUpTo(spare)
    .map((lean) => ({ lean, ...standing({ ...body, lean }) }))
    .reduce((a, b) => (costOf(b) < costOf(a) - 1e-6 ? b : a));
}

const cleanStands = new Map<string, Stand & { lean: number }>();

/** How somebody stands who has just what the skill asks: what the line is measured against. */
function cleanStand({ shoulder, upper, hips, wrist, raised }: Parts): Stand & { lean: number } {
  if (shoulder.asked >= straightShoulders) return { ...standing(straight), lean: 0 };
  const key = [shoulder.asked, upper.asked, hips.asked, wrist, raised].join();
  const known = cleanStands.get(key);
  if (known) return known;
  const meeting = (one: Joint): Joint => ({ ...one, have: one.asked, used: one.asked, short: 0 });
  const stand = bestStand({
    shoulder: meeting(shoulder),
    upper: meeting(upper),
    hips: meeting(hips),
    wrist,
    raised,
  });
  if (cleanStands.size > 50) cleanStands.clear();
  cleanStands.set(key, stand);
  return stand;
}

/** Shoulders this far open stand in one line without anything else giving, degrees. */
const straightShoulders = 179.5;
const straight: Body = { shoulder: 180, upperBack: 0, hips: 0, lean: 0, wedge: 0 };

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
    shoulder >= straightShoulders && hips >= 0
      ? 0
      : rootOf((angle) => offBase(poseAt(angle)), 0, 130);
  const pose = poseAt(whole);
  const hip = Math.max(0, -(pose.hip as number));
  return { arch: Math.max(0, (pose.lowBack ?? 0) + hip), hip, pose };
}

const offBase = (pose: Pose): number => {
  const body = skeletonOf(pose);
  return centreOfMass(body)[0] - landmark(body, "wrist")[0] - overTheHand * fingerRoot;
};

function lineOf(arch: number, missing: number, wedge: number): Line {
  if (missing > 0.05) return { line: "handstand-falls", missing };
  if (arch < 1) return { line: "handstand", wedge };
  return { line: "handstand-breaks", arch, wedge };
}
