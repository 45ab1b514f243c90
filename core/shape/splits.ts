import { otherSide, type LeftRight } from "../body/side";
import { splitGap } from "../measure/convert";
import { assembled, joint, onSides, type Ranges, type Shape } from "./shape";

/** How far the low back bends backward to keep the trunk upright, degrees. A working figure. */
export const lowBackHas = 30;

/** Below this gap what lies between the hip's axis and the tape's end goes away, cm. A working figure. */
const pelvisWhole = 20;

/**
 * What of the pelvis's own allowance is in a gap: nothing on the floor, all of it well off the floor, so that a split
 * comes down without a jump.
 * @param legs the gap that the legs' axes make, cm
 * @param pelvisCm the allowance of a split well off the floor, cm
 */
function pelvisAt(legs: number, pelvisCm: number): number {
  const share = Math.min(1, Math.max(0, legs) / pelvisWhole);
  return pelvisCm * share * share * (3 - 2 * share);
}

export type SplitGeometry = { spread: number; gapCm: number; tilt: number };

/**
 * Closed form of a front split with straight legs and both feet down.
 *
 * @param front straight-leg hip flexion F of the front leg, degrees
 * @param back hip extension E of the back leg, degrees
 * @param legCm leg length, cm
 * @returns spread F + E (at most 180), floor gap, and forward pelvic tilt (F − E) / 2
 * @example splitGeometry(120, 25, 90) // spread 145, gap 27.1, tilt 47.5
 */
export function splitGeometry(front: number, back: number, legCm: number): SplitGeometry {
  const spread = Math.min(180, front + back);
  return { spread, gapCm: splitGap(spread, legCm), tilt: (front - back) / 2 };
}

/**
 * A front split: legs as far apart as they go, trunk as upright as the back allows. With more than a flat split's
 * range the front leg uses less of its own, which keeps the pelvis upright.
 * @param pelvisCm what lies between the hip's axis and the floor when the split is flat, cm
 */
export function frontSplitShape(
  ranges: Ranges,
  front: LeftRight,
  legCm: number,
  open = false,
  pelvisCm = 0,
): Shape {
  const back = otherSide(front);
  // Open hips carry the back leg to the side: the inner thigh gives what the hip's front need not.
  const inner = open ? joint(ranges, "hip.abduction", "hip", back, 45) : null;
  const backClean = open ? 30 : 45;
  const forward = joint(ranges, "hip.flexion-straight", "hip", front, 135);
  const behind = joint(ranges, "hip.extension", "hip", back, backClean);
  const help = inner ? Math.max(0, inner.used) / 3 : 0;
  const reach = Math.max(0, Math.min(90, behind.have + help));
  const used = {
    front: Math.max(0, Math.min(forward.have, 180 - reach)),
    back: reach,
  };
  const { spread, gapCm, tilt } = splitGeometry(used.front, used.back, legCm);
  const chest = joint(ranges, "thoracic.extension", "thoracic", "both", 20);
  const { lowBack, upperBack, lean } = taken(tilt, Math.max(0, chest.have));
  const flat = spread >= 180 - 1e-9;
  const gap = gapCm + pelvisAt(gapCm, pelvisCm);
  // A skill may ask less than a flat split: the clean one then stays off the floor by that.
  const wanted = splitGeometry(
    forward.asked,
    behind.asked + (inner ? Math.max(0, inner.asked) / 3 : 0),
    legCm,
  );
  const wantedGap = wanted.gapCm + pelvisAt(wanted.gapCm, pelvisCm);
  const there = flat || spread >= wanted.spread - 1e-9;
  const wantedLean = taken(wanted.tilt, Math.max(0, chest.asked)).lean;
  return assembled({
    pose: {
      pelvis: tilt,
      lowBack,
      upperBack,
      hip: onSides(front, used.front, -used.back),
      ...(open ? { hipOpen: onSides(front, 0, 24) } : {}),
      ankle: -58,
      toes: -12,
      shoulder: -6,
      shoulderOut: 14,
      elbow: 8,
      neck: Math.min(10, lean),
    },
    view: 0,
    balanced: null,
    base: null,
    tapeCm: gap,
    joints: there ? [] : [forward, behind, ...(inner ? [inner] : [])],
    gives: [
      {
        at: "hip",
        side: front,
        giving: { gives: "off-the-floor" },
        size: Math.max(0, gap - wantedGap),
        unit: "cm",
        scale: 35,
      },
      {
        at: "neck",
        side: front,
        giving: { gives: "trunk-over-split" },
        size: Math.max(0, lean - wantedLean),
        unit: "°",
        scale: 120,
      },
    ],
    line: flat ? { line: "flat-front-split" } : { line: "front-split", spread, gapCm: gap, tilt },
  });
}

/** How the trunk comes upright over a tipped pelvis, degrees: the low back first, then the upper, the rest leans. */
function taken(tilt: number, upper: number): { lowBack: number; upperBack: number; lean: number } {
  const lowBack = Math.min(lowBackHas, Math.max(0, tilt));
  const upperBack = Math.min(upper, Math.max(0, tilt - lowBack));
  return { lowBack, upperBack, lean: Math.max(0, tilt - lowBack - upperBack) };
}

/**
 * Floor gap of a middle split with straight legs: L · cos(spread / 2), spread the sum of both sides, at most 180.
 * @example middleGap(112.9, 90) // 49.8
 */
export const middleGap = (spread: number, legCm: number): number =>
  legCm * Math.cos((Math.min(180, spread) * Math.PI) / 360);

/** A middle split from the front: each leg as far to its side as it goes, the hips as low as that lets them. */
export function middleSplitShape(ranges: Ranges, legCm: number, pelvisCm = 0): Shape {
  const left = joint(ranges, "hip.abduction", "hip", "left", 90);
  const right = joint(ranges, "hip.abduction", "hip", "right", 90);
  const spread = left.used + right.used;
  const flat = spread >= 180 - 1e-9;
  const legs = middleGap(spread, legCm);
  const gap = legs + pelvisAt(legs, pelvisCm);
  const wanted = left.asked + right.asked;
  const wantedLegs = middleGap(wanted, legCm);
  const wantedGap = wantedLegs + pelvisAt(wantedLegs, pelvisCm);
  const there = spread >= Math.min(180, wanted) - 1e-9;
  // The floor evens the legs out: the pelvis tips toward the side that opens less.
  const tip = (left.used - right.used) / 2;
  return assembled({
    pose: {
      lean: -tip,
      hipOut: { left: left.used, right: right.used },
      hipOpen: 8,
      ankle: -40,
      sideBend: tip,
      shoulderOut: 22,
      elbow: 14,
    },
    view: 90,
    balanced: null,
    base: null,
    tapeCm: gap,
    joints: there ? [] : [left, right],
    gives: [
      {
        at: "hip",
        side: left.used <= right.used ? "left" : "right",
        giving: { gives: "off-the-floor" },
        size: Math.max(0, gap - wantedGap),
        unit: "cm",
        scale: 56,
      },
    ],
    line: flat ? { line: "flat-middle-split" } : { line: "middle-split", spread, gapCm: gap },
  });
}
