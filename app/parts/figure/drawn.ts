import { drawingOf, type Drawing } from "#core/figure/drawing";
import type { Pose } from "#core/figure/pose";

const known = new WeakMap<Pose, Map<number, Drawing>>();

/** A pose as a drawing, made once for each pose object and azimuth: pictures come back at every change of station. */
export function drawn(pose: Pose, azimuth = 0): Drawing {
  let views = known.get(pose);
  if (!views) known.set(pose, (views = new Map()));
  let drawing = views.get(azimuth);
  if (!drawing) views.set(azimuth, (drawing = drawingOf(pose, azimuth)));
  return drawing;
}
