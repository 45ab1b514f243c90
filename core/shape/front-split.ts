import { splitGap } from "../measure/convert";
import type { LeftRight } from "../body/side";
import { otherSide } from "../body/side";
import type { Limits } from "./limits";
import type { Compensation, Shape, Stop } from "./shape";

/** How far the low back bends backward to keep the trunk upright, degrees. A working figure. */
const lowBackHas = 30;

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

/** A front split: legs as far apart as they go, trunk as upright as the back allows. */
export function frontSplitShape(limits: Limits, front: LeftRight, legCm: number): Shape {
  const back = otherSide(front);
  const asked = { front: 135, back: 45 };
  const had = {
    front: limits["hip.flexion-straight"]?.[front] ?? asked.front,
    back: limits["hip.extension"]?.[back] ?? asked.back,
  };
  const spare = Math.max(0, had.front + had.back - 180);
  const used = { front: had.front - spare / 2, back: had.back - spare / 2 };
  const { spread, gapCm, tilt } = splitGeometry(used.front, used.back, legCm);
  const upperBackHas = limits["upper-back.extension"]?.mid ?? 20;
  const lowBack = Math.min(lowBackHas, Math.max(0, tilt));
  const upperBack = Math.min(upperBackHas, Math.max(0, tilt - lowBack));
  const lean = Math.max(0, tilt - lowBack - upperBack);
  const sided = (forFront: number, forBack: number) =>
    ({ [front]: forFront, [back]: forBack }) as { left: number; right: number };
  const stops: Stop[] = [];
  if (had.front < asked.front && spread < 180)
    stops.push({
      motion: "hip.flexion-straight",
      at: "hip",
      side: front,
      have: had.front,
      asked: asked.front,
    });
  if (had.back < asked.back && spread < 180)
    stops.push({
      motion: "hip.extension",
      at: "hip",
      side: back,
      have: had.back,
      asked: asked.back,
    });
  const compensations: Compensation[] = [];
  if (gapCm >= 0.5)
    compensations.push({
      at: "hip",
      side: front,
      text: "Off the floor",
      amount: `${gapCm.toFixed(0)} cm under the hips`,
    });
  if (lean >= 1)
    compensations.push({
      at: "neck",
      side: front,
      text: "Trunk leans forward",
      amount: `${lean.toFixed(0)}° more than the back can take up`,
    });
  return {
    pose: {
      pelvis: tilt,
      lowBack,
      upperBack,
      hip: sided(used.front, -used.back),
      ankle: -58,
      toes: -12,
      shoulder: -6,
      shoulderOut: 14,
      elbow: 8,
      neck: Math.min(10, lean),
    },
    stops,
    compensations,
    balanced: null,
    base: null,
    sentence:
      spread >= 180
        ? "Flat, both legs on the floor."
        : `Legs ${spread.toFixed(0)}° apart: ${gapCm.toFixed(0)} cm off the floor, pelvis tipped ${tilt.toFixed(0)}°.`,
  };
}
