import { radians } from "../body/angles";
import type { Drawing } from "./drawing";
import type { InstrumentMark, Landmark, Picture } from "./picture";
import { propShapes } from "./props";
import type { Point } from "./space";

/** An instrument on paper: straight arms, and the arc between them where an angle is read. */
export type InstrumentShape = {
  kind: InstrumentMark["kind"];
  lines: [Point, Point][];
  arc: string;
  axis: Point | null;
};

const reach = 17;

/** Where a check's instrument lies over this drawing; null for a picture without one. */
export function instrumentShape(picture: Picture, drawing: Drawing): InstrumentShape | null {
  const mark = picture.instrument;
  if (!mark) return null;
  if (mark.kind === "tape") return tape(mark, picture, drawing);
  if (mark.kind === "level") return level(mark, drawing);
  return angle(mark, drawing);
}

const isLandmark = (name: string): name is Landmark =>
  !["vertical", "horizontal", "floor", "wall"].includes(name);

function angle(mark: InstrumentMark, drawing: Drawing): InstrumentShape {
  const axis = drawing.spot(mark.axis ?? "hip", mark.side);
  const toward = (name: string, side = mark.side): Point => {
    if (!isLandmark(name)) return name === "horizontal" ? [1, 0] : [0, -1];
    const [x, y] = drawing.spot(name, side);
    const size = Math.hypot(x - axis[0], y - axis[1]) || 1;
    return [(x - axis[0]) / size, (y - axis[1]) / size];
  };
  const to = toward(mark.to, mark.toSide);
  let from = toward(mark.from, mark.fromSide);
  // The fixed arm of a plumb or level reading lies on the side of the moving one.
  if (!isLandmark(mark.from) && from[0] * to[0] + from[1] * to[1] < 0) from = [-from[0], -from[1]];
  const end = ([x, y]: Point, size = reach): Point => [axis[0] + x * size, axis[1] + y * size];
  return {
    kind: "angle",
    lines: [
      [axis, end(from)],
      [axis, end(to)],
    ],
    arc: arcBetween(axis, from, to, reach * 0.62),
    axis,
  };
}

/** The smaller arc between two directions about a point. */
export function arcBetween(centre: Point, from: Point, to: Point, radius: number): string {
  const cross = from[0] * to[1] - from[1] * to[0];
  const at = ([x, y]: Point) =>
    `${(centre[0] + x * radius).toFixed(2)} ${(centre[1] + y * radius).toFixed(2)}`;
  return `M${at(from)}A${radius} ${radius} 0 0 ${cross > 0 ? 1 : 0} ${at(to)}`;
}

function tape(mark: InstrumentMark, picture: Picture, drawing: Drawing): InstrumentShape {
  const from = drawing.spot(isLandmark(mark.from) ? mark.from : "hip", mark.fromSide ?? mark.side);
  const to: Point =
    mark.to === "floor"
      ? [from[0], 0]
      : mark.to === "wall"
        ? [wallX(picture, drawing) ?? from[0], from[1]]
        : drawing.spot(mark.to, mark.toSide ?? mark.side);
  return { kind: "tape", lines: [[from, to]], arc: "", axis: null };
}

function wallX(picture: Picture, drawing: Drawing): number | null {
  const wall = picture.props.find(({ kind }) => kind === "wall");
  const shape = wall ? propShapes(wall, drawing)[0] : undefined;
  return shape?.shape === "line" ? shape.x1 : null;
}

/** A level on a segment: a short bar beside it, from a third to two thirds of the way. */
function level(mark: InstrumentMark, drawing: Drawing): InstrumentShape {
  const [ax, ay] = drawing.spot(isLandmark(mark.from) ? mark.from : "hip", mark.side);
  const [bx, by] = drawing.spot(isLandmark(mark.to) ? mark.to : "hip", mark.side);
  const turn = Math.atan2(by - ay, bx - ax) - radians(90);
  const off: Point = [Math.cos(turn) * 4.5, Math.sin(turn) * 4.5];
  const at = (share: number): Point => [
    ax + (bx - ax) * share + off[0],
    ay + (by - ay) * share + off[1],
  ];
  return { kind: "level", lines: [[at(0.28), at(0.72)]], arc: "", axis: null };
}
