import { lengths } from "../body/segments";
import type { LeftRight } from "../body/side";
import { blob, ribbon, slice, type Flat, type Slice } from "./ribbon";
import { fingerRoot, type Arm, type Leg, type Skeleton } from "./skeleton";
import { along, type BodyFrame, type Point, type Vec } from "./space";

/**
 * The flesh on the bones: each part of the body as rings of points on paper.
 * All sizes are fractions of stature, drawn after the girths of a slender trained adult.
 */
export type Rings = Point[][];

type Row = readonly [down: number, thick: number, wide: number, forward?: number];

const thighRows: Row[] = [
  [0.0, 0.05, 0.046, -0.002],
  [0.04, 0.054, 0.048, 0],
  [0.09, 0.051, 0.046, 0.004],
  [0.15, 0.043, 0.039, 0.005],
  [0.21, 0.034, 0.031, 0.004],
  [0.245, 0.031, 0.029, 0.004],
];
const shankRows: Row[] = [
  [0.0, 0.03, 0.028, 0.003],
  [0.035, 0.029, 0.028, -0.001],
  [0.075, 0.032, 0.031, -0.008],
  [0.12, 0.028, 0.027, -0.007],
  [0.18, 0.02, 0.02, -0.003],
  [0.225, 0.017, 0.017, -0.001],
  [0.246, 0.018, 0.018, 0],
];
const upperArmRows: Row[] = [
  [-0.004, 0.029, 0.025],
  [0.045, 0.029, 0.026, 0.002],
  [0.1, 0.025, 0.022, 0.002],
  [0.15, 0.02, 0.019, 0],
  [0.186, 0.019, 0.018, 0],
];
const forearmRows: Row[] = [
  [0.0, 0.02, 0.019],
  [0.035, 0.022, 0.021, 0.001],
  [0.085, 0.018, 0.017],
  [0.13, 0.0135, 0.014],
  [0.146, 0.0135, 0.015],
];
const palmRows: Row[] = [
  [-0.006, 0.0125, 0.015],
  [0.018, 0.0125, 0.022],
  [0.05, 0.0095, 0.024],
];
/** The palm without its fingers, as broad as their roots. */
const finePalmRows: Row[] = [
  [-0.008, 0.0125, 0.0148],
  [0.008, 0.013, 0.0178],
  [0.028, 0.012, 0.0215],
  [0.0475, 0.009, 0.0222],
];
const fingerRows: Row[] = [
  [0.0, 0.0095, 0.023],
  [0.03, 0.0075, 0.019],
  [0.055, 0.005, 0.011],
];
/** x along the foot from the ankle, sole, instep, half width. */
const footRows: readonly (readonly [number, number, number, number])[] = [
  [-0.043, -0.033, -0.01, 0.013],
  [-0.03, -0.039, 0.004, 0.018],
  [-0.006, -0.039, 0.018, 0.02],
  [0.02, -0.035, 0.012, 0.02],
  [0.05, -0.032, -0.006, 0.023],
  [0.085, -0.039, -0.018, 0.027],
];
/** Height above the hips along the spine, half depth, half breadth, forward. */
const trunkRows: Row[] = [
  [-0.026, 0.034, 0.045, -0.012],
  [-0.016, 0.054, 0.082, -0.011],
  [0.015, 0.06, 0.09, -0.009],
  [0.055, 0.051, 0.081, -0.002],
  [0.1, 0.044, 0.066, 0.004],
  [0.145, 0.047, 0.069, 0.006],
  [0.19, 0.055, 0.08, 0.005],
  [0.235, 0.058, 0.09, 0.001],
  [0.266, 0.05, 0.094, -0.003],
  [0.286, 0.04, 0.08, -0.006],
  [0.302, 0.031, 0.046, -0.006],
];
/** Height above the base of the skull. */
const headRows: Row[] = [
  [-0.012, 0.024, 0.024, 0.012],
  [0.004, 0.038, 0.03, 0.021],
  [0.026, 0.048, 0.037, 0.016],
  [0.055, 0.055, 0.043, 0.004],
  [0.085, 0.056, 0.044, 0],
  [0.108, 0.045, 0.037, -0.002],
  [0.121, 0.026, 0.022, -0.003],
];

/**
 * How a body is built: its girths and its head, as shares of those of the slender trained adult that the rows are of.
 */
export type Build = { girth: number; head: number };
export const usualBuild: Build = { girth: 1, head: 1 };

const limb = (
  origin: Vec,
  frame: BodyFrame,
  rows: readonly Row[],
  { girth } = usualBuild,
): Slice[] =>
  rows.map(([down, thick, wide, forward]) =>
    slice(origin, frame, down, thick * girth, wide * girth, forward),
  );

export function legRings(leg: Leg, flat: Flat, fine = false, build = usualBuild): Rings {
  return [
    ribbon(limb(leg.hip.at, leg.hip.frame, thighRows, build), flat),
    ribbon(limb(leg.knee.at, leg.knee.frame, shankRows, build), flat),
    joint(leg.knee.at, leg.knee.frame, 0.0285 * build.girth, 0.003, flat),
    ...footRings(leg, flat, fine),
  ];
}

function footRings({ ankle, toes, arch }: Leg, flat: Flat, fine: boolean): Rings {
  const { forward, up, right } = ankle.frame;
  const body = footRows.map(([x, sole, instep, wide]): Slice => raised(x, sole, instep, wide));
  function raised(x: number, low: number, high: number, wide: number): Slice {
    // A short foot: its middle rises, heel and ball stay.
    const lift = arch * 0.0007 * Math.max(0, 1 - Math.abs(x - 0.03) / 0.045);
    const [sole, instep] = [low + lift, high + lift * 0.7];
    return {
      centre: along(ankle.at, [forward, x], [up, (sole + instep) / 2]),
      across: up,
      thick: (instep - sole) / 2,
      beside: right,
      wide,
    };
  }
  const tip = [
    [-0.006, 0.0105, 0.027],
    [0.012, 0.0085, 0.025],
    [0.026, 0.006, 0.016],
  ].map(([x, thick, wide]): Slice => ({
    centre: along(
      toes.at,
      [toes.frame.forward, x!],
      [toes.frame.up, -0.0005 - 0.4 * (0.0105 - thick!)],
    ),
    across: toes.frame.up,
    thick: thick!,
    beside: toes.frame.right,
    wide: wide!,
  }));
  return [
    ribbon(body, flat, [0.5, 0.3]),
    // Seen from near by, the toes are drawn each on its own.
    ...(fine ? [] : [ribbon(tip, flat, [0.3, 0.5])]),
    joint(ankle.at, ankle.frame, 0.018, 0, flat),
  ];
}

export function armRings(
  arm: Arm,
  side: LeftRight,
  flat: Flat,
  fine = false,
  build = usualBuild,
): Rings {
  const { wrist, fingers } = arm;
  const inward = side === "left" ? 1 : -1;
  const thumb = [0.008, 0.03, 0.052].map((down, i): Slice => ({
    centre: along(
      wrist.at,
      [wrist.frame.up, -down],
      [wrist.frame.right, inward * (0.016 + i * 0.008)],
      [wrist.frame.forward, -0.004],
    ),
    across: wrist.frame.forward,
    thick: 0.0085 - i * 0.0015,
    beside: wrist.frame.right,
    wide: 0.009 - i * 0.0015,
  }));
  const bones = [
    ribbon(limb(arm.shoulder.at, arm.shoulder.frame, upperArmRows, build), flat, [0.35, 0.5]),
    ribbon(limb(arm.elbow.at, arm.elbow.frame, forearmRows, build), flat),
    joint(arm.elbow.at, arm.elbow.frame, 0.0185 * build.girth, 0, flat),
  ];
  // Seen from near by, the fingers are drawn each on its own.
  if (fine) return [...bones, ribbon(limb(wrist.at, wrist.frame, finePalmRows), flat, [0.4, 0.12])];
  return [
    ...bones,
    ribbon(limb(wrist.at, wrist.frame, palmRows), flat),
    ribbon(limb(along(wrist.at, [wrist.frame.up, -fingerRoot]), fingers.frame, fingerRows), flat),
    ribbon(thumb, flat),
  ];
}

/** The trunk as one ribbon along the bent spine, so that it curves as a back does; with the neck. */
export function trunkRings(body: Skeleton, flat: Flat, { girth } = usualBuild): Rings {
  const slices = trunkRows.map(([height, thick, wide, forward]) => {
    const { at, frame } = spineAt(body, height);
    return slice(at, frame, 0, thick * girth, wide * (1 + (girth - 1) * 0.8), forward);
  });
  const throat = [-0.03, 0, 0.035, 0.062].map((height) =>
    slice(body.neck.at, body.neck.frame, -height, 0.029, 0.029, -0.002),
  );
  return [ribbon(slices, flat, [0.12, 0.2]), ribbon(throat, flat)];
}

/** Place and frame at a height above the hips along the spine; frames turn gradually about the joints. */
function spineAt(body: Skeleton, height: number): { at: Vec; frame: BodyFrame } {
  const blend = 0.03;
  const bends = [
    { start: 0, joint: body.hip },
    { start: lengths.pelvis, joint: body.lowBack },
    { start: lengths.pelvis + lengths.loin, joint: body.upperBack },
  ];
  let { at, frame } = {
    at: along(body.hip.at, [body.hip.frame.up, height]),
    frame: body.hip.frame,
  };
  for (const { start, joint } of bends.slice(1)) {
    const share = Math.min(1, Math.max(0, (height - start + blend) / (2 * blend)));
    if (share === 0) break;
    const there = along(joint.at, [joint.frame.up, height - start]);
    const mix = (a: Vec, b: Vec): Vec => along([0, 0, 0], [a, 1 - share], [b, share]);
    at = mix(at, there);
    frame = {
      forward: mix(frame.forward, joint.frame.forward),
      up: mix(frame.up, joint.frame.up),
      right: mix(frame.right, joint.frame.right),
    };
  }
  return { at, frame };
}

export function headRings(body: Skeleton, flat: Flat, { head } = usualBuild): Rings {
  const { at, frame } = body.skull;
  const face = headRows.map(([height, thick, wide, forward = 0]) =>
    slice(at, frame, -height * head, thick * head, wide * head, forward * head),
  );
  const ball = (up: number, forward: number, thick: number, tall: number, wide: number) =>
    blob(
      {
        ...slice(at, frame, -up * head, thick * head, wide * head, forward * head),
        tall: tall * head,
        upward: frame.up,
      },
      flat,
    );
  return [ribbon(face, flat, [0.3, 0.35]), ball(0.047, 0.054, 0.016, 0.021, 0.009)];
}

/** Points on the head: up from the base of the skull, forward, to the right. */
type HeadPoint = readonly [up: number, forward: number, right: number];

const sideHair: readonly HeadPoint[] = [
  [0.118, 0.028, 0.02],
  [0.098, 0.036, 0.035],
  [0.078, 0.022, 0.042],
  [0.056, 0.012, 0.043],
  [0.04, -0.012, 0.04],
  [0.024, -0.036, 0.024],
];
/** From one temple over the forehead to the other. */
const frontHair: readonly HeadPoint[] = [
  [0.062, 0.02, -0.041],
  [0.088, 0.036, -0.034],
  [0.101, 0.043, -0.014],
  [0.101, 0.043, 0.014],
  [0.088, 0.036, 0.034],
  [0.062, 0.02, 0.041],
];
const nose: readonly HeadPoint[] = [
  [0.064, 0.056, 0],
  [0.05, 0.066, 0.004],
  [0.045, 0.062, -0.003],
];

/**
 * The light lines of a head: from the side the hair line that faces the eye, from the front the hair over the forehead
 * and the nose, from behind none.
 * @param facing how far the face looks at the eye: 1 straight at it, 0 past it, −1 away
 */
export function headLines(
  body: Skeleton,
  near: LeftRight,
  facing: number,
  flat: Flat,
  { head } = usualBuild,
): Point[][] {
  const { at, frame } = body.skull;
  const out = near === "left" ? -1 : 1;
  const line = (points: readonly HeadPoint[], turn = 1): Point[] =>
    points.map(([up, forward, right]) =>
      flat(
        along(
          at,
          [frame.up, up * head],
          [frame.forward, forward * head],
          [frame.right, turn * right * head],
        ),
      ),
    );
  if (facing < -0.75) return [];
  if (facing > 0.75) return [line(frontHair), line(nose, out)];
  return facing > 0.35 ? [line(sideHair, out), line(nose, out)] : [line(sideHair, out)];
}

/** What covers the seam where a limb leaves the trunk. */
export function rootPlug(limb: { at: Vec; frame: BodyFrame }, size: number, flat: Flat): Point[] {
  return joint(limb.at, limb.frame, size, 0, flat);
}

function joint(at: Vec, frame: BodyFrame, size: number, forward: number, flat: Flat): Point[] {
  return blob({ ...slice(at, frame, 0, size, size, forward), tall: size, upward: frame.up }, flat);
}
