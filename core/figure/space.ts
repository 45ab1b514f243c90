import { radians } from "../body/angles";

/** A point or direction: x forward, y up, z to the body's right; unit: stature. */
export type Vec = readonly [x: number, y: number, z: number];
/** A frame as its three axes: forward, up, right. */
export type BodyFrame = { forward: Vec; up: Vec; right: Vec };
export type Point = readonly [x: number, y: number];

export const upright: BodyFrame = { forward: [1, 0, 0], up: [0, 1, 0], right: [0, 0, 1] };

/** The sum of a point and any number of directions, each times its length. */
export function along(origin: Vec, ...steps: readonly (readonly [Vec, number])[]): Vec {
  let [x, y, z] = origin;
  for (const [direction, length] of steps) {
    x += direction[0] * length;
    y += direction[1] * length;
    z += direction[2] * length;
  }
  return [x, y, z];
}

const combine = (a: Vec, ka: number, b: Vec, kb: number): Vec => along([0, 0, 0], [a, ka], [b, kb]);

/** Turns a frame about its own right axis; positive carries what hangs down forward. */
export function pitch(frame: BodyFrame, angle: number): BodyFrame {
  const [c, s] = [Math.cos(radians(angle)), Math.sin(radians(angle))];
  return {
    forward: combine(frame.forward, c, frame.up, s),
    up: combine(frame.up, c, frame.forward, -s),
    right: frame.right,
  };
}

/** Turns a frame about its own forward axis; positive carries what hangs down toward the right. */
export function roll(frame: BodyFrame, angle: number): BodyFrame {
  const [c, s] = [Math.cos(radians(angle)), Math.sin(radians(angle))];
  return {
    forward: frame.forward,
    up: combine(frame.up, c, frame.right, -s),
    right: combine(frame.right, c, frame.up, s),
  };
}

/** Turns a frame about its own up axis; positive carries what is in front toward the right. */
export function yaw(frame: BodyFrame, angle: number): BodyFrame {
  const [c, s] = [Math.cos(radians(angle)), Math.sin(radians(angle))];
  return {
    forward: combine(frame.forward, c, frame.right, s),
    up: frame.up,
    right: combine(frame.right, c, frame.forward, -s),
  };
}

/**
 * Looks at the body from an azimuth: 0 from its right side (facing right on paper), 90 from the front.
 * @param above how far from above, degrees: 0 level, 90 straight down
 */
export function projector(
  azimuth: number,
  above = 0,
): { flat: (v: Vec) => Point; depth: (v: Vec) => number } {
  const [c, s] = [Math.cos(radians(azimuth)), Math.sin(radians(azimuth))];
  const [ca, sa] = [Math.cos(radians(above)), Math.sin(radians(above))];
  const ahead = (v: Vec): number => v[2] * c + v[0] * s;
  return {
    flat: (v) => [v[0] * c - v[2] * s, v[1] * ca - ahead(v) * sa],
    depth: (v) => ahead(v) * ca + v[1] * sa,
  };
}
