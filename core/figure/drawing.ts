import { bothSides, otherSide, type LeftRight } from "../body/side";
import {
  armRings,
  headLines,
  usualBuild,
  type Build,
  headRings,
  legRings,
  rootPlug,
  trunkRings,
  type Rings,
} from "./contour";
import { clamp } from "../body/angles";
import { digitRing } from "./digit-ring";
import type { Digit } from "./digits";
import { smoothPath } from "./ribbon";
import { landmark, skeletonOf, centreOfMass, type Skeleton } from "./skeleton";
import { projector, type BodyFrame, type Point, type Vec } from "./space";
import type { Pose } from "./pose";
import type { Landmark } from "./picture";

/** A layer of ink, from the back to the front. `seamless` layers cover the line where a limb meets the trunk. */
export type Layer = {
  name: string;
  path: string;
  /** The outlines that the path goes through; a point inside any of them is covered. Unit: stature, y up. */
  rings: Rings;
  far: boolean;
  seamless: boolean;
};

/**
 * A posed body on paper. Unit: hundredths of stature, y down, the floor at y = 0.
 * `outline` holds every part in one path: stroked behind its fill it shows one outer line and no joints.
 */
export type Drawing = {
  layers: Layer[];
  outline: string;
  hair: string;
  bounds: { left: number; right: number; top: number; bottom: number };
  centreOfMass: Point;
  /** A landmark on paper. */
  spot: (name: Landmark, side?: LeftRight) => Point;
};

/** From where a body is looked at: see `projector`; fine: near enough that fingers and toes are told apart. */
export type Look = { azimuth: number; above?: number; fine?: boolean; build?: Build };

/**
 * Draws a pose from an azimuth (0 from the right side, 90 from the front), set down on the floor.
 * @param lift raises the body above the floor, in statures (for hanging or a step)
 */
export function drawingOf(pose: Pose, from: number | Look = 0, lift = 0): Drawing {
  const look = typeof from === "number" ? { azimuth: from } : from;
  const { azimuth, above = 0, fine = false, build = usualBuild } = look;
  const body = skeletonOf(pose);
  const eye = projector(azimuth, above);
  const floating = ringsOf(body, eye.flat, fine, build);
  // How high it stands is seen from the side, wherever it is looked at from.
  const level = above === 0 ? floating : ringsOf(body, projector(azimuth).flat, false, build);
  const lowest = Math.min(
    ...every(level)
      .flat()
      .map(([, y]) => y),
  );
  const drop = eye.flat([0, lift - lowest, 0])[1];
  const down = (ring: Point[]): Point[] => ring.map(([x, y]) => [x, y + drop]);
  const flat = (v: Vec): Point => {
    const [x, y] = eye.flat(v);
    return [x, y + drop];
  };
  const rings = mapRings(floating, down);
  const near: LeftRight = eye.depth([0, 0, 1]) >= eye.depth([0, 0, -1]) ? "right" : "left";
  const all = every(rings);
  return {
    layers: layered(body, rings, (limb, size) => rootPlug(limb, size, flat), eye.depth),
    outline: pathOf(all),
    hair: headLines(body, near, eye.depth(body.skull.frame.forward), flat, build)
      .map(openPath)
      .join(""),
    bounds: boundsOf(all),
    centreOfMass: paper(flat(centreOfMass(body))),
    spot: (name, side) => paper(flat(landmark(body, name, side))),
  };
}

function ringsOf(body: Skeleton, flat: (v: Vec) => Point, fine: boolean, build: Build): BodyRings {
  const digits = (limb: { digits: () => Digit[] }): DigitRing[] =>
    fine
      ? limb.digits().map((digit) => ({ ring: digitRing(digit, flat), at: digit.joints[1]!.at }))
      : [];
  return {
    trunk: trunkRings(body, flat, build),
    head: headRings(body, flat, build),
    leg: {
      left: legRings(body.leg.left, flat, fine, build),
      right: legRings(body.leg.right, flat, fine, build),
    },
    arm: {
      left: armRings(body.arm.left, "left", flat, fine, build),
      right: armRings(body.arm.right, "right", flat, fine, build),
    },
    toes: { left: digits(body.leg.left), right: digits(body.leg.right) },
    fingers: { left: digits(body.arm.left), right: digits(body.arm.right) },
  };
}

const mapRings = (rings: BodyRings, move: (ring: Point[]) => Point[]): BodyRings => {
  const both = <A, B>(pair: Record<LeftRight, A>, each: (one: A) => B) => ({
    left: each(pair.left),
    right: each(pair.right),
  });
  const all = (list: Rings) => list.map(move);
  const digits = (list: DigitRing[]) => list.map(({ ring, at }) => ({ ring: move(ring), at }));
  return {
    trunk: all(rings.trunk),
    head: all(rings.head),
    leg: both(rings.leg, all),
    arm: both(rings.arm, all),
    toes: both(rings.toes, digits),
    fingers: both(rings.fingers, digits),
  };
};

type BodyRings = {
  trunk: Rings;
  head: Rings;
  leg: Record<LeftRight, Rings>;
  arm: Record<LeftRight, Rings>;
  /** Only where fingers and toes are told apart. */
  toes: Record<LeftRight, DigitRing[]>;
  fingers: Record<LeftRight, DigitRing[]>;
};
type DigitRing = { ring: Point[]; at: Vec };

const every = ({ trunk, head, leg, arm, toes, fingers }: BodyRings): Rings => [
  ...leg.left,
  ...leg.right,
  ...trunk,
  ...head,
  ...arm.left,
  ...arm.right,
  ...bothSides.flatMap((side) => [...toes[side], ...fingers[side]].map(({ ring }) => ring)),
];
const pathOf = (rings: Rings): string => rings.map(smoothPath).join("");
const paper = ([x, y]: Point): Point => [x * 100, -y * 100];
const openPath = (points: Point[]): string =>
  points
    .map(paper)
    .map(([x, y], i) => `${i === 0 ? "M" : "L"}${x.toFixed(2)} ${y.toFixed(2)}`)
    .join("");

function layered(
  body: Skeleton,
  rings: BodyRings,
  plug: (limb: { at: Vec; frame: BodyFrame }, size: number) => Point[],
  depth: (v: Vec) => number,
): Layer[] {
  const deep: (Layer & { depth: number })[] = [];
  const add = (
    name: string,
    own: Rings,
    at: number,
    { far = false, seamless = false }: { far?: boolean; seamless?: boolean } = {},
  ) => deep.push({ name, path: pathOf(own), rings: own, far, seamless, depth: at });
  add("trunk", rings.trunk, depth(body.upperBack.at));
  add("head", rings.head, depth(body.skull.at) + 0.001, { seamless: true });
  for (const side of bothSides) {
    const { leg, arm } = { leg: body.leg[side], arm: body.arm[side] };
    const opposite = otherSide(side);
    const legDepth = (depth(leg.hip.at) + depth(leg.knee.at) + depth(leg.ankle.at)) / 3;
    const armDepth = (depth(arm.shoulder.at) + 2 * depth(arm.elbow.at)) / 3;
    const farLeg = depth(leg.hip.at) < depth(body.leg[opposite].hip.at) - 0.03;
    const farArm = depth(arm.shoulder.at) < depth(body.arm[opposite].shoulder.at) - 0.03;
    /** @returns the depth that the limb stands at */
    const addLimb = (name: string, own: Rings, far: boolean, at: number, root: Point[]): number => {
      const level = far ? at : at + 0.02;
      add(name, own, level, { far, seamless: far });
      if (!far) add(`${name}-root`, [root], level + 0.0005, { seamless: true });
      return level;
    };
    /** Each finger passes before or behind its palm, and all with the limb they belong to. */
    const addDigits = (name: string, digits: DigitRing[], root: Vec, far: boolean, level: number) =>
      digits.forEach(({ ring, at }, n) => {
        const before = clamp((depth(at) - depth(root)) / 0.03, -1, 1);
        add(`${name}-${n}`, [ring], level + (before < -0.15 ? -0.001 : 0.001) + before * 0.0008, {
          far,
        });
      });
    const legAt = addLimb(`${side}-leg`, rings.leg[side], farLeg, legDepth, plug(leg.hip, 0.05));
    addDigits(`${side}-toe`, rings.toes[side], leg.toes.at, farLeg, legAt);
    const armAt = addLimb(
      `${side}-arm`,
      rings.arm[side],
      farArm,
      armDepth,
      plug(arm.shoulder, 0.03),
    );
    addDigits(`${side}-finger`, rings.fingers[side], arm.fingers.at, farArm, armAt);
  }
  return deep
    .sort((a, b) => a.depth - b.depth)
    .map(({ name, path, rings: own, far, seamless }) => ({
      name,
      path,
      rings: own,
      far,
      seamless,
    }));
}

function boundsOf(rings: Rings): Drawing["bounds"] {
  const points = rings.flat().map(paper);
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  return {
    left: Math.min(...xs),
    right: Math.max(...xs),
    top: Math.min(...ys),
    bottom: Math.max(...ys),
  };
}
