import type { Rings } from "./contour";
import type { Point } from "./space";

/** Whether a point lies inside a ring. */
export function inside([x, y]: Point, ring: readonly Point[]): boolean {
  let odd = false;
  ring.forEach(([ax, ay], i) => {
    const [bx, by] = ring[(i + 1) % ring.length]!;
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) odd = !odd;
  });
  return odd;
}

/** A box on paper; `low` is its lesser corner, in the unit of what lies in it. */
type Box = { low: Point; high: Point };

/** Whether outlines come into a box: a corner of theirs lies in it, or a corner or the middle of it in them. */
export function reachesInto(rings: Rings, { low, high }: Box): boolean {
  const isIn = ([x, y]: Point) => x >= low[0] && x <= high[0] && y >= low[1] && y <= high[1];
  const middle: Point = [(low[0] + high[0]) / 2, (low[1] + high[1]) / 2];
  const own: Point[] = [low, high, [low[0], high[1]], [high[0], low[1]], middle];
  return rings.some((ring) => ring.some(isIn) || own.some((point) => inside(point, ring)));
}
