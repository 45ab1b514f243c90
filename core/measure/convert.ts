import { clamp, degrees, radians } from "../body/angles";
import {
  armLength,
  armToWrist,
  footLength,
  forearmLength,
  hipToAnkleShare,
  legLength,
  shinLength,
  shoulderBreadth,
  thighLength,
  trunkLength,
} from "../body/segments";
import type { BodyPart, Geometry, Protocol, ReadingKind } from "../content/protocol";

/** The wall touches the kneecap, which sits this far in front of the shin's axis, cm. A working figure. */
const patellaAllowance = 5;
/** The ankle axis lies this fraction of the foot's length behind the toe tip. A working figure. */
const ankleBehindToe = 0.75;

/** What of a body the conversions need, cm. Own measures count over proportions of the stature. */
export type BodyMeasures = {
  statureCm: number;
  /** How far the stature may be off, as a share of it; 0 where it was measured. */
  spread?: number | undefined;
  shinCm?: number | undefined;
  footCm?: number | undefined;
  legCm?: number | undefined;
  armCm?: number | undefined;
  breadthCm?: number | undefined;
};

/**
 * Shin angle from vertical in the knee-to-wall lunge.
 *
 * asin((d + a − p) / s): toe–wall distance d, ankle axis behind the toe a, kneecap allowance p,
 * shin length s. The athlete's own shin and foot are used where they were measured.
 *
 * @param distanceCm toe to wall, cm
 * @returns degrees, 0–90; clipped at 90 where the distance exceeds the shin
 * @example kneeToWall(10, { statureCm: 165 }) // 35.9
 */
export function kneeToWall(distanceCm: number, body: BodyMeasures): number {
  const shin = body.shinCm ?? shinLength(body.statureCm);
  const foot = body.footCm ?? footLength(body.statureCm);
  const sine = (distanceCm + ankleBehindToe * foot - patellaAllowance) / shin;
  return degrees(Math.asin(clamp(sine, -1, 1)));
}

/**
 * Leg spread of a front split from the floor gap under the pelvis: 180 − 2 · asin(h / L).
 * @param gapCm floor to crotch h, cm; below 0 the split goes past flat, on blocks
 * @param legCm leg length L, cm
 * @example splitSpread(27.1, 90) // 145
 */
export const splitSpread = (gapCm: number, legCm: number): number =>
  180 - 2 * degrees(Math.asin(clamp(gapCm / legCm, -1, 1)));

/** Floor gap left by a leg spread (the inverse of `splitSpread`), cm. */
export const splitGap = (spread: number, legCm: number): number =>
  legCm * Math.sin(radians(180 - spread) / 2);

/**
 * Middle-split spread from the distance between the ankles: 2 · asin(w / 2L).
 * @example middleSpread(150, 90) // 112.9
 */
export const middleSpread = (anklesCm: number, legCm: number): number =>
  2 * degrees(Math.asin(clamp(anklesCm / (2 * legCm), 0, 1)));

/**
 * Middle-split spread from the floor gap under the pelvis: 2 · acos(h / L).
 * @example middleSpreadFromGap(49.8, 90) // 112.8
 */
export const middleSpreadFromGap = (gapCm: number, legCm: number): number =>
  2 * degrees(Math.acos(clamp(gapCm / legCm, -1, 1)));

/**
 * Arm angle from vertical at the narrowest pass-over grip: asin((g − b) / 2A).
 * @param gripCm grip width g, shoulder breadth b, arm length A, all cm
 */
export const passOverAngle = (gripCm: number, breadthCm: number, armCm: number): number =>
  degrees(Math.asin(clamp((gripCm - breadthCm) / (2 * armCm), -1, 1)));

/** A length that a formula takes: of the body, measured (`own`) or from the stature, or a fixed allowance. */
export type BodyLength = {
  length: BodyPart | "leg" | "breadth" | "ankle-behind-toe" | "kneecap" | "allowance";
  cm: number;
  from: "own" | "stature" | "age" | "allowance";
};

/** The conversion behind a kind of reading: the lengths it takes, and the angle itself. */
export type Conversion = {
  lengths: (body: BodyMeasures) => BodyLength[];
  angle: (reading: number, body: BodyMeasures) => number;
};

const leg = (body: BodyMeasures): number => body.legCm ?? legLength(body.statureCm);
const arm = (body: BodyMeasures): number => body.armCm ?? armLength(body.statureCm);
const breadth = (body: BodyMeasures): number => body.breadthCm ?? shoulderBreadth(body.statureCm);
const bodyLength = (
  length: BodyLength["length"],
  own: number | undefined,
  cm: number,
): BodyLength => ({ length, cm, from: own === undefined ? "stature" : "own" });
const legAlone = (body: BodyMeasures) => [bodyLength("leg", body.legCm, leg(body))];

/** The ball of the foot lies this fraction of the foot's length before the heel. A working figure. */
const heelToBall = 0.7;

/** The length of a body part: measured where it was, else from the stature. */
function partOf(part: BodyPart, body: BodyMeasures): BodyLength {
  const stature = body.statureCm;
  switch (part) {
    case "hip-to-ankle":
      return bodyLength(part, body.legCm, leg(body) * hipToAnkleShare);
    case "arm":
      return bodyLength(part, body.armCm, arm(body));
    case "shin":
      return bodyLength(part, body.shinCm, body.shinCm ?? shinLength(stature));
    case "thigh":
      return bodyLength(part, undefined, thighLength(stature));
    case "arm-to-wrist":
      return bodyLength(part, undefined, armToWrist(stature));
    case "forearm":
      return bodyLength(part, undefined, forearmLength(stature));
    case "trunk":
      return bodyLength(part, undefined, trunkLength(stature));
    case "ankle-to-toe":
      return bodyLength(part, body.footCm, ankleBehindToe * (body.footCm ?? footLength(stature)));
    case "heel-to-ball":
      return bodyLength(part, body.footCm, heelToBall * (body.footCm ?? footLength(stature)));
  }
}

/** Bend of a knee whose heel is this far from the hip, degrees: law of cosines over thigh and shin. */
function kneeFold(heelToHip: number, thigh: number, shin: number): number {
  const cosine = (thigh * thigh + shin * shin - heelToHip * heelToHip) / (2 * thigh * shin);
  return 180 - degrees(Math.acos(clamp(cosine, -1, 1)));
}

/**
 * The conversion of a check that states its own geometry.
 * @example a chord of 90 cm over a leg of 90 cm is 60°; a sine of 30 cm over an arm of 60 cm is 30°
 */
function byGeometry(geometry: Geometry): Conversion {
  const { rule, part, base, sign, less, share } = geometry;
  const turned = (cm: number, body: BodyMeasures): number => {
    const length = partOf(part, body).cm;
    if (rule === "chord") return 2 * degrees(Math.asin(clamp(cm / (2 * length), -1, 1)));
    if (rule === "sine") return degrees(Math.asin(clamp(cm / length, -1, 1)));
    return kneeFold(cm, partOf("thigh", body).cm, partOf("shin", body).cm);
  };
  return {
    lengths: (body) => [
      ...(rule === "fold" ? [partOf("thigh", body), partOf("shin", body)] : [partOf(part, body)]),
      ...(less === 0
        ? []
        : [{ length: "allowance" as const, cm: less, from: "allowance" as const }]),
    ],
    angle: (reading, body) => share * (base + sign * turned(reading - less, body)),
  };
}

const geometries = new WeakMap<Geometry, Conversion>();

/** The conversion of a check's reading to an angle; undefined for angles, bare lengths and counts. */
export function conversionOf({
  reading,
  geometry,
}: Pick<Protocol, "reading" | "geometry">): Conversion | undefined {
  if (!geometry) return conversions[reading];
  let known = geometries.get(geometry);
  if (!known) geometries.set(geometry, (known = byGeometry(geometry)));
  return known;
}

/** The conversions by kind of reading; angles, bare lengths and counts have none. */
const conversions: Partial<Record<ReadingKind, Conversion>> = {
  "knee-to-wall-cm": {
    lengths: (body) => [
      bodyLength("shin", body.shinCm, body.shinCm ?? shinLength(body.statureCm)),
      bodyLength(
        "ankle-behind-toe",
        body.footCm,
        ankleBehindToe * (body.footCm ?? footLength(body.statureCm)),
      ),
      { length: "kneecap", cm: patellaAllowance, from: "allowance" },
    ],
    angle: kneeToWall,
  },
  "front-split-gap-cm": {
    lengths: legAlone,
    angle: (gap, body) => splitSpread(gap, leg(body)),
  },
  "middle-split-gap-cm": {
    lengths: legAlone,
    angle: (gap, body) => middleSpreadFromGap(gap, leg(body)),
  },
  "ankle-spread-cm": {
    lengths: legAlone,
    angle: (spread, body) => middleSpread(spread, leg(body)),
  },
  "pass-over-grip-cm": {
    lengths: (body) => [
      bodyLength("breadth", body.breadthCm, breadth(body)),
      bodyLength("arm", body.armCm, arm(body)),
    ],
    angle: (grip, body) => passOverAngle(grip, breadth(body), arm(body)),
  },
};

/**
 * Degrees of angle per unit of reading, by a central difference: the slope that carries the reading's error
 * into the angle. The step is wide enough to stay finite where a formula ends (a split all the way down).
 */
export function slopeAt(conversion: Conversion, reading: number, body: BodyMeasures): number {
  const step = 0.25;
  return (
    (conversion.angle(reading + step, body) - conversion.angle(reading - step, body)) / (2 * step)
  );
}
