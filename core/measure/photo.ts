import { degrees } from "../body/angles";
import type { PhotoReading } from "../content/protocol";

/** A place on a picture in its own pixels, x to the right, y down. */
export type Spot = readonly [x: number, y: number];

/** The pointing error of a landmark where the user's own is not known: this share of the longer segment. */
export const usualPointing = 0.01;

/** Which angle was read, with the pointing error σ in pixels. */
export type PhotoWhy = { rule: "photo-vertex" | "photo-plumb"; sigma: number; se: number };

export type PhotoAngle = { degrees: number; se: number; why: PhotoWhy };

/**
 * The angle at the middle of three landmarks, 0–180°, with the error that pointing gives it.
 *
 * Each landmark is off by σ across and along, independently. For rays a and c from the vertex the angle's
 * variance is σ² (1/a² + 1/c² + |n_a/a − n_c/c|²), the last term for the vertex itself, n the normals of the rays.
 *
 * @param spots three landmarks, the vertex second; px
 * @param pointing σ as a share of the longer segment, 0.01 by default
 * @throws when two landmarks lie on each other
 * @example angleAtVertex([[0, 100], [0, 0], [100, 0]]).degrees // 90
 */
export function angleAtVertex(
  [a, vertex, c]: readonly [Spot, Spot, Spot],
  pointing: number = usualPointing,
): PhotoAngle {
  const toA: Spot = [a[0] - vertex[0], a[1] - vertex[1]];
  const toC: Spot = [c[0] - vertex[0], c[1] - vertex[1]];
  const [lengthA, lengthC] = [Math.hypot(...toA), Math.hypot(...toC)];
  if (lengthA < 1 || lengthC < 1) throw new Error("two landmarks lie on each other");
  const cross = toA[0] * toC[1] - toA[1] * toC[0];
  const dot = toA[0] * toC[0] + toA[1] * toC[1];
  const angle = Math.atan2(Math.abs(cross), dot);
  const sigma = pointing * Math.max(lengthA, lengthC);
  const ends = 1 / lengthA ** 2 + 1 / lengthC ** 2;
  const middle = ends - (2 * Math.cos(angle)) / (lengthA * lengthC);
  const se = degrees(sigma * Math.sqrt(ends + middle));
  return { degrees: degrees(angle), se, why: { rule: "photo-vertex", sigma, se } };
}

/**
 * The angle between a segment and the plumb line (straight down), 0–180°, with its pointing error: √2 · σ / length.
 * @param spots two landmarks, from the first one to the second; px, in the levelled picture
 * @throws when the landmarks lie on each other
 * @example angleToPlumb([[0, 0], [0, 100]]).degrees // 0: hanging straight down
 */
export function angleToPlumb(
  [from, to]: readonly [Spot, Spot],
  pointing: number = usualPointing,
): PhotoAngle {
  const along: Spot = [to[0] - from[0], to[1] - from[1]];
  const length = Math.hypot(...along);
  if (length < 1) throw new Error("two landmarks lie on each other");
  const sigma = pointing * length;
  const se = degrees((Math.SQRT2 * sigma) / length);
  return {
    degrees: degrees(Math.acos(along[1] / length)),
    se,
    why: { rule: "photo-plumb", sigma, se },
  };
}

/**
 * A photo's angle as the check's reading.
 * @param over true when the joint has gone past 180° and the picture shows the arc's other side
 */
export function photoReading(
  angle: PhotoAngle,
  { base, sign }: Pick<PhotoReading, "base" | "sign">,
  over = false,
): number {
  const shown = over ? 360 - angle.degrees : angle.degrees;
  return base + sign * shown;
}

/** A landmark as it was placed and where it really is, on a practice picture; px. */
export type Placement = { placed: Spot; truth: Spot; segment: number };

/** Placements a person makes before the trainer says anything. */
export const placementsWanted = 10;

/**
 * A person's own pointing error: the root mean square miss in one direction, as a share of the longer segment.
 * Null before ten placements: fewer say too little.
 */
export function ownPointing(placements: readonly Placement[]): number | null {
  if (placements.length < placementsWanted) return null;
  const squares = placements.map(
    ({ placed, truth, segment }) =>
      ((placed[0] - truth[0]) ** 2 + (placed[1] - truth[1]) ** 2) / segment ** 2,
  );
  return Math.sqrt(squares.reduce((sum, square) => sum + square, 0) / (2 * placements.length));
}
