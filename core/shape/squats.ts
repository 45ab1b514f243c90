import { otherSide, type LeftRight } from "../body/side";
import { angleAt, type Pose } from "../figure/pose";
import type { Limits } from "./limits";
import {
  assembled,
  rootOf,
  joint,
  onSides,
  type Give,
  type Joint,
  type Ranges,
  type Shape,
} from "./shape";
import { sideViewOf } from "./side-view";

/** Deepest thigh drawn: this far below level. */
const deepest = 15;
/** The low back rounds this far at the bottom of any deep squat, degrees. A working figure. */
const lowBackRounds = 18;
const kneeBends = 155;
/** A trunk further forward than this at the bottom spoils the line, degrees. A working figure. */
const cleanLean = 48;

/** A trunk is counted to lean no further than this: beyond it the slightest ankle turns it by degrees. */
const mostRead = 50;
/** Within this of the middle of the foot the weight is over it, statures: half a centimetre. */
const balanced = 0.003;

/** What a kind of squat adds to the plain one. */
type Kind = {
  name: "deep" | "overhead" | "one-leg";
  /** The standing leg of a one-leg squat. */
  standing: LeftRight;
};

/**
 * A squat from the side, heels down. For each depth the trunk leans as far as the balance over the mid-foot
 * wants; the depth kept is the lowest at which hips and knees can still fold that much. Arms go forward, or overhead
 * with the shoulders' own range; on one leg the other is held out in front.
 */
export function squatShape(ranges: Ranges, kind: Kind): Shape {
  const one = kind.name === "one-leg";
  const sides = one ? kind.standing : "both";
  const ankle = joint(ranges, "ankle.dorsiflexion", "ankle", sides, one ? 40 : 38);
  const hip = joint(ranges, "hip.flexion", "hip", sides, 120);
  const knee = joint(ranges, "knee.flexion", "knee", sides, kneeBends);
  const free = one
    ? joint(ranges, "hip.flexion-straight", "hip", otherSide(kind.standing), 90)
    : null;
  const arms = armsOf(ranges, kind);
  const clean = cleanBottom(kind, ranges.asks);
  // Depth and lean are judged with arms and free leg as the skill asks them, so that only ankles and hips decide.
  const ideal = { ankle, free: free && { ...free, have: Infinity }, arms: arms.asked };
  const leanFor = (parts: Parts) => (below: number) =>
    rootOf((lean) => offMidFoot(bottom(kind, below, lean, parts), kind), -25, 80, 1e-5);
  const leanAt = leanFor(ideal);
  // Read at the asked ankle, so that a better ankle never costs depth.
  const kneeCap = knee.used - 90 - ankle.asked;
  const cap = Math.min(deepest, kneeBends - 90 - ankle.used, kneeCap);
  const judged = deepestFit(leanAt, hip.have, cap);
  // The body that is drawn holds its own arms and leg, and balances with them.
  const own = { ankle, free, arms };
  const plain = kind.name === "deep";
  const ownLean = plain ? leanAt : leanFor(own);
  const below = plain ? judged : deepestFit(ownLean, hip.have, judged);
  const lean = ownLean(below);
  const pose = bottom(kind, below, lean, plain ? ideal : own);
  const trunk = lean + lowBackRounds;
  const fullLean = Math.min(mostRead, leanAt(clean.below));
  const gives: Give[] = [
    {
      at: "knee",
      side: kind.standing,
      giving: { gives: "high-squat", below },
      size: Math.max(0, clean.below - judged),
      unit: "°",
      scale: 100,
    },
    // The trunk's lean is read at the full depth, so that sitting lower is never counted against the athlete.
    {
      at: "neck",
      side: kind.standing,
      giving: { gives: "trunk-over-feet", lean: trunk },
      size: Math.max(0, fullLean + lowBackRounds - Math.max(cleanLean, clean.trunk)),
      unit: "°",
      scale: 120,
    },
    ...arms.gives(fullLean),
    ...(free && free.short > 0
      ? [
          {
            at: "knee" as const,
            side: otherSide(kind.standing),
            giving: { gives: "free-leg" as const },
            size: Math.max(0, free.short),
            unit: "°" as const,
            scale: 120,
          },
        ]
      : []),
  ];
  return assembled({
    pose,
    view: 0,
    balanced: Math.abs(offMidFoot(pose, kind)) < balanced,
    base: { from: "heel", to: "toe", side: kind.standing },
    joints: [
      { ...ankle, side: kind.standing },
      { ...hip, short: below < clean.below - 0.5 && hip.have < 140 ? Math.max(hip.short, 1) : 0 },
      // At its stop only where it is what ends the depth.
      { ...knee, side: kind.standing, short: below > kneeCap - 0.5 ? knee.short : 0 },
      ...(free ? [free] : []),
      ...arms.joints,
    ],
    gives,
    line:
      below >= 0
        ? { line: "squat", oneLeg: one, below, trunk }
        : { line: "high-squat", oneLeg: one, above: -below },
  });
}

type Bottom = { below: number; trunk: number };
const cleanBottoms = new Map<string, Bottom>();

/** Where a body with just what a clean squat asks sits: what depth and lean are measured against. */
function cleanBottom(kind: Kind, asks: Limits): Bottom {
  const key = `${kind.name} ${kind.standing} ${JSON.stringify(asks)}`;
  const known = cleanBottoms.get(key);
  if (known) return known;
  if (cleanBottoms.size > 50) cleanBottoms.clear();
  cleanBottoms.set(key, { below: deepest, trunk: cleanLean });
  const { pose } = squatShape({ has: asks, asks }, kind);
  const lean = pose.pelvis ?? 0;
  const bottom = {
    below: angleAt(pose.hip, kind.standing) - lean - 90,
    trunk: lean + lowBackRounds,
  };
  cleanBottoms.set(key, bottom);
  return bottom;
}

/** What the arms give to a posture: the upper back's bend and the shoulders'; null where they hang forward. */
type ArmAngles = { upper: number; shoulder: number | null };

type Arms = ArmAngles & {
  joints: Joint[];
  /** The same with just what the skill asks. */
  asked: ArmAngles;
  gives: (lean: number) => Give[];
};

/** Arms overhead have to go back by what the trunk leans forward, less what the upper back gives. */
function armsOf(ranges: Ranges, { name }: Kind): Arms {
  const forward = { upper: 0, shoulder: null };
  if (name !== "overhead") return { joints: [], ...forward, asked: forward, gives: () => [] };
  const shoulder = joint(ranges, "shoulder.flexion", "shoulder", "both", 180);
  const upper = joint(ranges, "thoracic.extension", "thoracic", "both", 20);
  const chest = Math.max(0, upper.used);
  const falling = (lean: number, back: number, arms: number) =>
    Math.max(0, 180 + lean + lowBackRounds - back - arms - armsMayFall);
  return {
    asked: { upper: Math.max(0, upper.asked), shoulder: shoulder.asked },
    joints: [shoulder, upper],
    upper: chest,
    shoulder: shoulder.used,
    gives: (lean) => [
      {
        at: "wrist",
        side: "right",
        giving: { gives: "arms-forward" },
        size:
          falling(lean, chest, shoulder.used) -
          falling(lean, Math.max(0, upper.asked), shoulder.asked),
        unit: "°",
        scale: 110,
      },
    ],
  };
}

/** Arms this far in front of upright still count as overhead at the bottom of a squat, degrees. A working figure. */
const armsMayFall = 30;

type Parts = { ankle: Joint; free: Joint | null; arms: ArmAngles };

function bottom(kind: Kind, below: number, lean: number, { ankle, free, arms }: Parts): Pose {
  const thigh = lean + 90 + below;
  const bend = Math.min(kneeBends, 90 + below + ankle.used);
  // Level in front takes as much more of the hip as the pelvis is tipped.
  const freeHip = free ? Math.min(free.have, 90 + lean) : 0;
  const level = <T>(here: T, there: T) =>
    kind.name === "one-leg" ? (onSides(kind.standing, here as number, there as number) as T) : here;
  const trunk = lean + lowBackRounds;
  return {
    pelvis: lean,
    lowBack: -lowBackRounds,
    upperBack: arms.upper,
    hip: level<Pose["hip"]>(thigh, freeHip) ?? thigh,
    knee: level<Pose["knee"]>(bend, 0) ?? bend,
    ankle: level<Pose["ankle"]>(ankle.used, -20) ?? ankle.used,
    shoulder: arms.shoulder ?? 90 + trunk * 0.8,
    neck: trunk * 0.45,
  };
}

/** How far the weight is in front of the middle of the foot that bears it, statures. */
function offMidFoot(pose: Pose, { standing }: Kind): number {
  const { mass, leg } = sideViewOf(pose);
  return mass[0] - (leg[standing].heel[0] + leg[standing].toe[0]) / 2;
}

/** The hips are used up to this close to their end, degrees: a search ends beside its root, and never past the hips. */
const hair = 0.03;

/**
 * The deepest thigh angle at which the hips still fold enough: they fold by lean + 90 + depth, which rises with depth.
 * The way there is cut short where it may: at the cap the hips allow it, or at no depth at all.
 */
const deepestFit = (leanAt: (below: number) => number, hip: number, cap: number): number =>
  rootOf((below) => leanAt(below) + 90 + below - (hip - hair), -75, cap, hair / 2);
