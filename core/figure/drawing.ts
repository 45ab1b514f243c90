import { bothSides, otherSide, type LeftRight } from "../body/side";
import {
  armRings,
  hairLine,
  headRings,
  legRings,
  rootPlug,
  trunkRings,
  type Rings,
} from "./contour";
import { smoothPath } from "./ribbon";
import { landmark, skeletonOf, centreOfMass, type Skeleton } from "./skeleton";
import { projector, type BodyFrame, type Point, type Vec } from "./space";
import type { Pose } from "./pose";
import type { Landmark } from "./picture";

/** A layer of ink, from the back to the front. `seamless` layers cover the line where a limb meets the trunk. */
export type Layer = { name: string; path: string; far: boolean; seamless: boolean };

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

/**
 * Draws a pose from an azimuth (0 from the right side, 90 from the front), set down on the floor.
 * @param lift raises the body above the floor, in statures (for hanging or a step)
 */
export function drawingOf(pose: Pose, azimuth = 0, lift = 0): Drawing {
  const body = skeletonOf(pose);
  const eye = projector(azimuth);
  const floating = ringsOf(body, eye.flat);
  const drop =
    lift -
    Math.min(
      ...every(floating)
        .flat()
        .map(([, y]) => y),
    );
  const down = (points: Point[]): Point[] => points.map(([x, y]) => [x, y + drop]);
  const flat = (v: Vec): Point => {
    const [x, y] = eye.flat(v);
    return [x, y + drop];
  };
  const rings = mapRings(floating, down);
  const near: LeftRight = eye.depth([0, 0, 1]) >= eye.depth([0, 0, -1]) ? "right" : "left";
  const parts = layered(
    body,
    rings,
    (limb, size) => smoothPath(down(rootPlug(limb, size, eye.flat))),
    eye.depth,
  );
  const all = every(rings);
  return {
    layers: parts,
    outline: pathOf(all),
    hair: openPath(hairLine(body, near, flat)),
    bounds: boundsOf(all),
    centreOfMass: paper(flat(centreOfMass(body))),
    spot: (name, side) => paper(flat(landmark(body, name, side))),
  };
}

function ringsOf(body: Skeleton, flat: (v: Vec) => Point): BodyRings {
  return {
    trunk: trunkRings(body, flat),
    head: headRings(body, flat),
    leg: { left: legRings(body.leg.left, flat), right: legRings(body.leg.right, flat) },
    arm: {
      left: armRings(body.arm.left, "left", flat),
      right: armRings(body.arm.right, "right", flat),
    },
  };
}

const mapRings = (
  { trunk, head, leg, arm }: BodyRings,
  move: (ring: Point[]) => Point[],
): BodyRings => ({
  trunk: trunk.map(move),
  head: head.map(move),
  leg: { left: leg.left.map(move), right: leg.right.map(move) },
  arm: { left: arm.left.map(move), right: arm.right.map(move) },
});

type BodyRings = {
  trunk: Rings;
  head: Rings;
  leg: Record<LeftRight, Rings>;
  arm: Record<LeftRight, Rings>;
};

const every = ({ trunk, head, leg, arm }: BodyRings): Rings => [
  ...leg.left,
  ...leg.right,
  ...trunk,
  ...head,
  ...arm.left,
  ...arm.right,
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
  plug: (limb: { at: Vec; frame: BodyFrame }, size: number) => string,
  depth: (v: Vec) => number,
): Layer[] {
  type Deep = Layer & { depth: number };
  const middle = depth(body.upperBack.at);
  const deep: Deep[] = [
    { name: "trunk", path: pathOf(rings.trunk), far: false, seamless: false, depth: middle },
    {
      name: "head",
      path: pathOf(rings.head),
      far: false,
      seamless: true,
      depth: depth(body.skull.at) + 0.001,
    },
  ];
  for (const side of bothSides) {
    const { leg, arm } = { leg: body.leg[side], arm: body.arm[side] };
    const opposite = otherSide(side);
    const legDepth = (depth(leg.hip.at) + depth(leg.knee.at) + depth(leg.ankle.at)) / 3;
    const armDepth = (depth(arm.shoulder.at) + 2 * depth(arm.elbow.at)) / 3;
    const farLeg = depth(leg.hip.at) < depth(body.leg[opposite].hip.at) - 0.03;
    const farArm = depth(arm.shoulder.at) < depth(body.arm[opposite].shoulder.at) - 0.03;
    const add = (name: string, path: string, far: boolean, at: number, root: string) => {
      const level = far ? at : at + 0.02;
      deep.push({ name, path, far, seamless: far, depth: level });
      if (!far)
        deep.push({ name: `${name}-root`, path: root, far, seamless: true, depth: level + 0.0005 });
    };
    add(`${side}-leg`, pathOf(rings.leg[side]), farLeg, legDepth, plug(leg.hip, 0.05));
    add(`${side}-arm`, pathOf(rings.arm[side]), farArm, armDepth, plug(arm.shoulder, 0.03));
  }
  return deep
    .sort((a, b) => a.depth - b.depth)
    .map(({ name, path, far, seamless }) => ({ name, path, far, seamless }));
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
