import { drawingOf, type Drawing, type Look } from "#core/figure/drawing";
import { usualBuild } from "#core/figure/contour";
import type { Pose } from "#core/figure/pose";

const known = new WeakMap<Pose, Map<string, Drawing>>();

/** A pose as a drawing, made once for each pose object, azimuth and lift: pictures come back at every change of station. */
export function drawn(pose: Pose, from: number | Look = 0, lift = 0): Drawing {
  let views = known.get(pose);
  if (!views) known.set(pose, (views = new Map()));
  const {
    azimuth,
    above = 0,
    fine = false,
    build = usualBuild,
  } = typeof from === "number" ? { azimuth: from } : from;
  const key = [azimuth, above, fine, build.girth, build.head, lift].join("/");
  let drawing = views.get(key);
  if (!drawing) views.set(key, (drawing = drawingOf(pose, from, lift)));
  return drawing;
}
