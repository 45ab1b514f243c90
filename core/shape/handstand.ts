import { fingerRoot } from "../figure/skeleton";
import type { Pose } from "../figure/pose";
import { remembered } from "../stats/remembered";
import { leastOf } from "./least";
import { assembled, rootOf, joint, jointOf, type Line, type Ranges, type Shape } from "./shape";
import { sideViewOf } from "./side-view";

/** Where over the hand the weight is carried: this share of the way from the wrist crease to the knuckles. */
const overTheHand = 0.2;
/** An arm may lean this far forward of upright before the fingers cannot hold it, degrees. A working figure. */
const mostLean = 12;

/**
 * A handstand seen from the side, arms over flat hands.
 *
 * Shoulders short of 180° put the chest off the line toward the belly. The arms lean forward by what the wrists have to
 * spare where that helps, the upper back bends back as far as it has, and hips and low back arch by the rest until the
 * weight is over the hands again: of all stands that balance the one that spoils the line least. Wrists short of 90°
 * leave no balanced flat-handed posture, nor do hips and low back that have no more to give: the answer is a wedge or
 * bars that raise the heels of the hands by the missing degrees, on which it stands.
 *
 * The low back has what was measured of it, else {@link lowBackUnmeasured}.
 *
 * @param wedge degrees by which the heels of the hands are raised: the wrists need that much less
 */
export function handstandShape(ranges: Ranges, wedge = 0): Shape {
  const shoulder = joint(ranges, "shoulder.flexion", "shoulder", "both", 180);
  const upper = joint(ranges, "thoracic.extension", "thoracic", "both", 20);
  const wrist = joint(ranges, "wrist.extension", "wrist", "both", 90);
  const hips = joint(ranges, "hip.extension", "hip", "both", 10);
  const lowBack = jointOf(ranges.has, "lumbar.extension", "lumbar", "mid", lowBackUnmeasured);
  // A skill that asks less than flat hands need is done on what raises them by the rest.
  const raised = Math.max(wedge, flatHands - wrist.asked);
  const best = bestStand({
    shoulder: shoulder.used,
    upperBack: Math.max(0, upper.have),
    lowBack: Math.max(0, lowBack.have),
    hips: hips.have,
    spare: wrist.have + raised - flatHands,
  });
  const clean = cleanStand({
    shoulder: Math.min(shoulder.asked, straightShoulders),
    upperBack: Math.max(0, upper.asked),
    lowBack: lowBackUnmeasured,
    hips: hips.asked,
    spare: Math.max(0, wrist.have + raised - flatHands),
  });
  const spoilt = Math.max(0, spoiltBy(best) - spoiltBy(clean));
  const flexed = Math.max(0, Math.min(0, hips.asked) - hips.have);
  const arch = spoilt > 0 ? Math.max(0, best.arch - clean.arch) : 0;
  return assembled({
    pose: best.missing > 0 ? fallingBack(best.pose, best.missing) : best.pose,
    view: 0,
    balanced: best.missing < withinHand,
    base: { from: "wrist", to: "fingertips", side: "right" },
    joints: [
      shoulder,
      { ...upper, short: best.arch > 0.5 ? upper.short : 0 },
      { ...wrist, short: best.missing },
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
        size: best.missing,
        unit: "°",
        scale: missingScale,
      },
    ],
    line: lineOf(arch, best.missing, wedge),
  });
}

/** The bend of the wrists that flat hands under upright arms take, degrees. */
const flatHands = 90;
const straightShoulders = 180;
/**
 * What a low back that nobody measured can arch under load, degrees. A working figure: more than adults show standing
 * (about 25), as the legs' weight bends it.
 */
export const lowBackUnmeasured = 40;

/** What of the body the stand is made of, degrees; `spare` is what the wrists have beyond upright arms. */
type Parts = {
  shoulder: number;
  upperBack: number;
  lowBack: number;
  hips: number;
  spare: number;
};

/**
 * A stand: its lean and arch, what of the arch is in the hips, how far the weight is off where the hand carries it
 * (statures, negative behind it), and the degrees that the wrists lack.
 */
type Stand = {
  lean: number;
  arch: number;
  hip: number;
  off: number;
  missing: number;
  pose: Pose;
};

const archScale = 90;
const leanScale = 36;
const shoulderScale = 90;
const missingScale = 25;
/** An arch in the hips spoils the line less than one in the low back. A working figure. */
const hipShare = 0.5;
const spoiltBy = ({ arch, hip }: Pick<Stand, "arch" | "hip">): number =>
  arch - (1 - hipShare) * hip;
const costOf = (stand: Omit<Stand, "pose">): number =>
  spoiltBy(stand) / archScale + stand.lean / leanScale + stand.missing / missingScale;

/**
 * The stand that spoils the line least: over every lean that the wrists allow and every share of the hips. Where none of
 * these balances, the least lean that does, on hands that are raised by what the wrists lack for it.
 */
function bestStand(parts: Parts): Stand {
  const most = Math.min(Math.max(0, parts.spare), mostLean);
  const at = (lean: number) => standing(parts, lean);
  const lean = leastOf((lean) => costOf(at(lean)), 0, most);
  const stand = at(lean);
  if (stand.off >= -balances) return onWedge(stand, lean, parts.spare);
  const needed = rootOf((more) => furthestOff(parts, more), most, furthest);
  return onWedge(at(needed), most, parts.spare);
}

/** Wrists that lack less than this tip the weight back, and it is still over the hand, degrees. */
const withinHand = 1;
/** Off its target by less than this the weight is over it, statures. */
const balances = 1e-6;
/** Further than this nobody leans on any wedge, degrees. */
const furthest = 40;

/** A stand with the lean that the wrists give, and what they lack for it. */
const onWedge = (stand: Stand, lean: number, spare: number): Stand => ({
  ...stand,
  lean,
  missing: Math.max(0, stand.lean - spare),
});

const cleanStand = remembered(bestStand, (parts) => JSON.stringify(parts));

/** What the wrists and the back lack tips the whole stand off the hands, back toward where it came from. */
const fallingBack = (pose: Pose, missing: number): Pose => ({
  ...pose,
  pelvis: (pose.pelvis ?? 180) - missing,
  wrist: (pose.wrist as number) - missing,
});

/** A stand's posture by what it arches where, degrees. */
const stood = (
  { shoulder }: Parts,
  lean: number,
  { upper, low, hip }: { upper: number; low: number; hip: number },
): Pose => ({
  pelvis: shoulder + lean + upper + low,
  upperBack: upper,
  lowBack: low,
  neck: 22,
  shoulder,
  wrist: flatHands + lean,
  hip: -hip,
  ankle: -62,
  toes: -18,
});

/** How far the weight is off with everything arched that there is. */
const furthestOff = (parts: Parts, lean: number): number =>
  offTarget(stood(parts, lean, { upper: parts.upperBack, low: parts.lowBack, hip: parts.hips }));

/** The arch that brings the weight over the hands at a lean: upper back first, then hips and low back as is cheapest. */
function standing(parts: Parts, lean: number): Stand {
  const flexed = Math.min(0, parts.hips);
  const pose = (upper: number, low: number, hip: number): Pose =>
    stood(parts, lean, { upper, low, hip });
  const made = (upper: number, lowBack: number, hip: number): Stand => {
    const posed = pose(upper, lowBack, hip);
    return {
      lean,
      arch: lowBack + Math.max(0, hip),
      hip: Math.max(0, hip),
      off: offTarget(posed),
      missing: 0,
      pose: posed,
    };
  };
  if (offTarget(pose(parts.upperBack, 0, flexed)) >= 0)
    return made(
      rootOf((upper) => offTarget(pose(upper, 0, flexed)), 0, parts.upperBack),
      0,
      flexed,
    );
  const lowFor = (hip: number) =>
    rootOf((low) => offTarget(pose(parts.upperBack, low, hip)), 0, parts.lowBack);
  const with_ = (hip: number) => made(parts.upperBack, lowFor(hip), hip);
  if (parts.hips <= 0) return with_(flexed);
  // No less of the hips than balances with all of the low back, and no more than with a straight one.
  const hipFor = (low: number) =>
    rootOf((hip) => offTarget(pose(parts.upperBack, low, hip)), 0, parts.hips);
  return with_(leastOf((hip) => costOf(with_(hip)), hipFor(parts.lowBack), hipFor(0)));
}

/** How far the weight is in front of where the hand carries it, statures. */
function offTarget(pose: Pose): number {
  const { mass, arm } = sideViewOf(pose);
  return mass[0] - arm.right.wrist[0] - overTheHand * fingerRoot;
}

function lineOf(arch: number, missing: number, wedge: number): Line {
  if (missing >= withinHand) return { line: "handstand-falls", missing };
  if (arch < 1) return { line: "handstand", wedge };
  return { line: "handstand-breaks", arch, wedge };
}
