import { curveCatmullRomClosed, line } from "d3-shape";
import type { BodyFrame, Point, Vec } from "./space";
import { along } from "./space";

/** One slice through a limb: an ellipse across it, with half-axes along two directions of the body. */
export type Slice = { centre: Vec; across: Vec; thick: number; beside: Vec; wide: number };

/**
 * A slice at a distance along a segment.
 * @param origin the segment's upper joint
 * @param frame the segment's frame; the segment runs along −up
 * @param down distance from the joint
 * @param thick half the depth, front to back
 * @param wide half the breadth, side to side
 * @param forward shift of the slice toward the front
 */
export const slice = (
  origin: Vec,
  frame: BodyFrame,
  down: number,
  thick: number,
  wide: number,
  forward = 0,
): Slice => ({
  centre: along(origin, [frame.up, -down], [frame.forward, forward]),
  across: frame.forward,
  thick,
  beside: frame.right,
  wide,
});

export type Flat = (v: Vec) => Point;

/**
 * The outline of a limb on paper: a closed ring around the projected slices, rounded at both ends.
 * @param caps how far each end bulges beyond its last slice, as a share of that slice's half-width
 */
export function ribbon(
  slices: readonly Slice[],
  flat: Flat,
  caps: readonly [number, number] = [0.6, 0.6],
): Point[] {
  const centres = slices.map((s) => flat(s.centre));
  const left: Point[] = [];
  const right: Point[] = [];
  slices.forEach((s, i) => {
    const [nx, ny] = normal(centres, i);
    const reach = halfWidth(s, flat, [nx, ny]);
    const [x, y] = centres[i]!;
    left.push([x + nx * reach, y + ny * reach]);
    right.push([x - nx * reach, y - ny * reach]);
  });
  const last = slices.length - 1;
  return oriented([
    cap(centres, 0, -1, caps[0] * distance(left[0]!, right[0]!)),
    ...left,
    cap(centres, last, 1, caps[1] * distance(left[last]!, right[last]!)),
    ...right.reverse(),
  ]);
}

/** The outline of an ellipsoid on paper, as a ring of points. */
export function blob(s: Slice & { tall: number; upward: Vec }, flat: Flat): Point[] {
  const [cx, cy] = flat(s.centre);
  const ring: Point[] = [];
  for (let i = 0; i < 10; i += 1) {
    const angle = (i / 10) * 2 * Math.PI;
    const n: Point = [Math.cos(angle), Math.sin(angle)];
    const gradient: Point = [0, 0];
    const axes = [
      [s.across, s.thick],
      [s.beside, s.wide],
      [s.upward, s.tall],
    ] as const;
    let [gx, gy] = gradient;
    let reach = 0;
    for (const [axis, half] of axes) {
      const [ax, ay] = flat(axis);
      const dot = (ax * n[0] + ay * n[1]) * half;
      reach += dot * dot;
      gx += dot * ax * half;
      gy += dot * ay * half;
    }
    const size = Math.sqrt(reach) || 1;
    ring.push([cx + gx / size, cy + gy / size]);
  }
  return oriented(ring);
}

/** A smooth closed SVG path through a ring of points, in hundredths of stature, y down. */
export const smoothPath = (ring: readonly Point[]): string =>
  draw(ring.map(([x, y]) => [x * 100, -y * 100])) ?? "";

const draw = line().curve(curveCatmullRomClosed.alpha(0.5)).digits(2);

function halfWidth(s: Slice, flat: Flat, n: Point): number {
  const [fx, fy] = flat(s.across);
  const [rx, ry] = flat(s.beside);
  return Math.hypot((fx * n[0] + fy * n[1]) * s.thick, (rx * n[0] + ry * n[1]) * s.wide);
}

function normal(centres: readonly Point[], i: number): Point {
  const from = centres[Math.max(0, i - 1)]!;
  const to = centres[Math.min(centres.length - 1, i + 1)]!;
  const size = distance(from, to);
  return size < 1e-6 ? [1, 0] : [-(to[1] - from[1]) / size, (to[0] - from[0]) / size];
}

function cap(centres: readonly Point[], i: number, way: 1 | -1, reach: number): Point {
  const [nx, ny] = normal(centres, i);
  const [x, y] = centres[i]!;
  return [x + ny * way * reach * 0.5, y - nx * way * reach * 0.5];
}

const distance = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);

/** Every ring turns the same way, so that overlapping rings add up under the non-zero fill rule. */
function oriented(ring: Point[]): Point[] {
  let area = 0;
  ring.forEach(([x, y], i) => {
    const [nx, ny] = ring[(i + 1) % ring.length]!;
    area += x * ny - nx * y;
  });
  return area < 0 ? ring.reverse() : ring;
}
