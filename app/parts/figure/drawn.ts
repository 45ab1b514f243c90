import { drawingOf, type Drawing } from "#core/figure/drawing";
import type { Pose } from "#core/figure/pose";

const known = new WeakMap<Pose, Map<string, Drawing>>();

/** A pose as a drawing, made once for each pose object, azimuth and lift: pictures come back at every change of station. */
export function drawn(pose: Pose, azimuth = 0, lift = 0): Drawing {
  let views = known.get(pose);
  if (!views) known.set(pose, (views = new Map()));
  const key = `${azimuth}/${lift}`;
  let drawing = views.get(key);
  if (!drawing) views.set(key, (drawing = drawingOf(pose, azimuth, lift)));
  return drawing;
}
