import { bothSides, type LeftRight } from "../body/side";
import type { Bare } from "./bare";
import type { Landmark } from "./picture";
import { between, type Pose } from "./pose";
import type { Point } from "./space";

/** Draws a pose as its picture is looked at. */
export type Draw = (pose: Pose) => Bare;

type Spot = { at: Landmark; side: LeftRight };

/** What a body can stand, kneel, sit, lie or hang on. */
const supports: readonly Landmark[] = [
  "toe",
  "ball",
  "heel",
  "knee",
  "hip",
  "lumbar",
  "thoracic",
  "crown",
  "elbow",
  "wrist",
  "fingertips",
];
/** What is followed by the eye. */
const movers: readonly Landmark[] = [
  "crown",
  "thoracic",
  "shoulder",
  "elbow",
  "wrist",
  "fingertips",
  "hip",
  "knee",
  "heel",
  "toe",
];

const spots = (names: readonly Landmark[]): Spot[] =>
  names.flatMap((at) => bothSides.map((side) => ({ at, side })));

/** A support lies this near the floor, or the highest hold, hundredths of stature. */
const touch = 5;

const where = (drawing: Bare, { at, side }: Spot): Point => drawing.spot(at, side);
const apart = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);

/**
 * How far a drawing has to be moved so that what carries the body stays where it was in the first one: poses are drawn
 * about the hips, and feet would slide otherwise. Hundredths of stature, rightward.
 */
export function standingShift(first: Bare, now: Bare, hangs = false): number {
  const carried = spots(supports).filter((spot) => {
    const [, y] = where(first, spot);
    const [, z] = where(now, spot);
    const edge = (drawing: Bare) => (hangs ? drawing.bounds.top : drawing.bounds.bottom);
    return Math.abs(y - edge(first)) < touch && Math.abs(z - edge(now)) < touch;
  });
  const moved = carried
    .map((spot) => where(first, spot)[0] - where(now, spot)[0])
    .sort((a, b) => Math.abs(a) - Math.abs(b));
  // What most of them agree on: the middle one.
  return moved.length === 0 ? 0 : moved[Math.floor((moved.length - 1) / 2)]!;
}

/** The way of what moves most from start to end, on paper about the end drawing; its last point is where it arrives. */
export type Movement = { way: Point[]; of: Spot };

/** Less than this is no movement that a picture can show, hundredths of stature. */
const least = 3;
const steps = 8;

/** The movement between two poses; null where hardly anything moves. */
export function movementOf(start: Pose, end: Pose, draw: Draw, hangs = false): Movement | null {
  const [first, last] = [draw(start), draw(end)];
  const shift = standingShift(first, last, hangs);
  const from = (spot: Spot): Point => {
    const [x, y] = where(first, spot);
    return [x - shift, y];
  };
  const farthest = (of: readonly Landmark[]): Spot | null => {
    let best: { of: Spot; far: number } | null = null;
    for (const spot of spots(of)) {
      const far = apart(from(spot), where(last, spot));
      if (far > (best?.far ?? least)) best = { of: spot, far };
    }
    return best?.of ?? null;
  };
  // A head that only turns moves nothing else.
  const of = farthest(movers) ?? farthest(["nose"]);
  if (!of) return null;
  const way: Point[] = [from(of)];
  for (let n = 1; n < steps; n += 1) {
    const now = draw(between(start, end, n / steps));
    const [x, y] = where(now, of);
    // On the way the weight goes over from one support to another: the shift grows evenly.
    way.push([x + shift * (n / steps - 1), y]);
  }
  way.push(where(last, of));
  return { way, of };
}

/** The turn of a head is drawn over its crown, so that the face stays free. */
export function overTheHead(way: readonly Point[], head: Pick<Bare, "spot">): Point[] {
  const [crown, neck] = [head.spot("crown"), head.spot("neck")];
  const beyond = 0.61;
  const [x, y] = [(crown[0] - neck[0]) * beyond, (crown[1] - neck[1]) * beyond];
  return way.map(([right, down]) => [right + x, down + y]);
}
