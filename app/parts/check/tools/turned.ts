import { radians } from "#core/body/angles";
import type { Spot } from "#core/measure/photo";

/** A size in px. */
export type Size = { width: number; height: number };

/** A place on a picture after the picture is turned about its middle, degrees clockwise. */
export function turnSpot([x, y]: Spot, degrees: number, { width, height }: Size): Spot {
  const [cos, sin] = [Math.cos(radians(degrees)), Math.sin(radians(degrees))];
  const [dx, dy] = [x - width / 2, y - height / 2];
  return [width / 2 + dx * cos - dy * sin, height / 2 + dx * sin + dy * cos];
}

/** The window of a turned picture: all of it at zoom 1, a part about a centre beyond. */
export function windowOf(size: Size, turn: number, zoom: number, centre: Spot): DOMRectLike {
  const corners = (
    [
      [0, 0],
      [size.width, 0],
      [0, size.height],
      [size.width, size.height],
    ] as const
  ).map((corner) => turnSpot(corner, turn, size));
  const xs = corners.map(([x]) => x);
  const ys = corners.map(([, y]) => y);
  const whole = {
    x: Math.min(...xs),
    y: Math.min(...ys),
    width: Math.max(...xs) - Math.min(...xs),
    height: Math.max(...ys) - Math.min(...ys),
  };
  const [width, height] = [whole.width / zoom, whole.height / zoom];
  const hold = (value: number, low: number, high: number) => Math.min(high, Math.max(low, value));
  return {
    x: hold(centre[0] - width / 2, whole.x, whole.x + whole.width - width),
    y: hold(centre[1] - height / 2, whole.y, whole.y + whole.height - height),
    width,
    height,
  };
}

export type DOMRectLike = { x: number; y: number; width: number; height: number };
