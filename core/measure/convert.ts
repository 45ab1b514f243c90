import { clamp, degrees, radians } from "../body/angles";
import { footLength, shinLength } from "../body/segments";

/** The wall touches the kneecap, which sits this far in front of the shin's axis, cm. A working figure. */
const patellaAllowance = 5;
/** The ankle axis lies this fraction of the foot's length behind the toe tip. A working figure. */
const ankleBehindToe = 0.75;

export type LegMeasures = {
  statureCm: number;
  shinCm?: number | undefined;
  footCm?: number | undefined;
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
export function kneeToWall(distanceCm: number, body: LegMeasures): number {
  return degrees(Math.asin(clamp(kneeToWallSine(distanceCm, body), -1, 1)));
}

/**
 * Degrees of shin angle per centimetre of toe–wall distance at this reading: the slope that
 * carries the tape's error into the angle.
 */
export function kneeToWallSlope(distanceCm: number, body: LegMeasures): number {
  const shin = body.shinCm ?? shinLength(body.statureCm);
  const sine = clamp(kneeToWallSine(distanceCm, body), -0.99, 0.99);
  return degrees(1 / (shin * Math.sqrt(1 - sine * sine)));
}

function kneeToWallSine(distanceCm: number, body: LegMeasures): number {
  const shin = body.shinCm ?? shinLength(body.statureCm);
  const foot = body.footCm ?? footLength(body.statureCm);
  return (distanceCm + ankleBehindToe * foot - patellaAllowance) / shin;
}

/**
 * Leg spread of a front split from the floor gap under the pelvis: 180 − 2 · asin(h / L).
 * @param gapCm floor to crotch h, cm
 * @param legCm leg length L, cm
 * @example splitSpread(27.1, 90) // 145
 */
export const splitSpread = (gapCm: number, legCm: number): number =>
  180 - 2 * degrees(Math.asin(clamp(gapCm / legCm, 0, 1)));

/** Floor gap left by a leg spread (the inverse of `splitSpread`), cm. */
export const splitGap = (spread: number, legCm: number): number =>
  legCm * Math.sin(radians(Math.max(0, 180 - spread)) / 2);

/**
 * Middle-split spread from the distance between the ankles: 2 · asin(w / 2L).
 * @example middleSpread(150, 90) // 112.9
 */
export const middleSpread = (anklesCm: number, legCm: number): number =>
  2 * degrees(Math.asin(clamp(anklesCm / (2 * legCm), 0, 1)));

/**
 * Arm angle from vertical at the narrowest pass-over grip: asin((g − b) / 2A).
 * @param gripCm grip width g, shoulder breadth b, arm length A, all cm
 */
export const passOverAngle = (gripCm: number, breadthCm: number, armCm: number): number =>
  degrees(Math.asin(clamp((gripCm - breadthCm) / (2 * armCm), -1, 1)));
