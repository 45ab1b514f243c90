import type { Drawing, Look } from "#core/figure/drawing";
import { reachesInto } from "#core/figure/inside";
import { standingShift } from "#core/figure/movement";
import type { CloseUp, Picture } from "#core/figure/picture";
import { propShapes } from "#core/figure/props";
import type { Pose } from "#core/figure/pose";
import type { Point } from "#core/figure/space";
import { drawn } from "./drawn";

type FrameBox = { left: number; right: number; top: number; bottom: number };

/**
 * One of a picture's frames on its strip: what is drawn, from where it is looked at, what of it is shown, and where the
 * frame lies. Frames of a close-up are scaled up to the height of the strip.
 */
export type PictureFrame = {
  pose: Pose;
  look: Look;
  drawing: Drawing;
  box: FrameBox;
  near: boolean;
  x: number;
  y: number;
  width: number;
  height: number;
};

/** Between the frames of a strip, hundredths of stature. */
const gap = 3;
/** How high a whole body stands beside its close-up, as a share of the strip. */
const besideShare = 0.72;
/** A close-up's height, as a share of its width. */
const nearHeight = 0.8;

const lookOf = ({ view }: Picture): Look => ({ azimuth: view });
const nearLook = ({ view }: Picture, near: CloseUp): Look => ({
  azimuth: near.view ?? view,
  ...(near.above === undefined ? {} : { above: near.above }),
  fine: true,
});

/** The box that a whole body and its things need. */
function wholeBox(drawing: Drawing, picture: Picture): FrameBox {
  const shapes = picture.props.flatMap((prop) => propShapes(prop, drawing));
  const xs = shapes.flatMap((s) =>
    s.shape === "line"
      ? [s.x1, s.x2]
      : s.shape === "disc"
        ? [s.x - s.radius, s.x + s.radius]
        : s.shape === "path"
          ? s.points.map(([x]) => x)
          : [s.x, s.x + s.width],
  );
  const ys = shapes.flatMap((s) =>
    s.shape === "path"
      ? s.points.map(([, y]) => y)
      : s.shape === "line" && !s.heavy
        ? [s.y1, s.y2]
        : [],
  );
  return {
    left: Math.min(drawing.bounds.left, ...xs) - 5,
    right: Math.max(drawing.bounds.right, ...xs) + 5,
    top: Math.min(drawing.bounds.top, ...ys) - 4,
    bottom: 5,
  };
}

/** Where a close-up looks: a landmark, or the middle between its two sides. */
function middleOf(drawing: Drawing, { at, side }: CloseUp): Point {
  if (side !== "both") return drawing.spot(at, side);
  const [[lx, ly], [rx, ry]] = [drawing.spot(at, "left"), drawing.spot(at, "right")];
  return [(lx + rx) / 2, (ly + ry) / 2];
}

const inHandOrFoot = new Set<string>([
  "wrist",
  "knuckles",
  "thumb",
  "fingertips",
  "ankle",
  "heel",
  "ball",
  "toe",
]);

/** A drawing with only the limb that a close-up of a hand or a foot is about: what lies behind it would be taken for more fingers. */
function nearDrawing(drawing: Drawing, near: CloseUp): Drawing {
  const { at, side } = near;
  if (side === "both" || !inHandOrFoot.has(at)) return drawing;
  const heart = heartOf(nearBox(drawing, near));
  const layers = drawing.layers.filter(
    ({ name, rings }) => name.startsWith(side) && reachesInto(rings, heart),
  );
  return { ...drawing, layers, outline: layers.map(({ path }) => path).join(""), hair: "" };
}

/** What comes no nearer than a frame's rim, as a share of its half, is a corner of something and no picture. */
const rim = 0.25;

/** A frame but for its rim, as outlines are given: stature, y up. */
function heartOf({ left, right, top, bottom }: FrameBox): { low: Point; high: Point } {
  const [dx, dy] = [((right - left) / 2) * rim, ((bottom - top) / 2) * rim];
  return {
    low: [(left + dx) / 100, -(bottom - dy) / 100],
    high: [(right - dx) / 100, -(top + dy) / 100],
  };
}

function nearBox(drawing: Drawing, near: CloseUp): FrameBox {
  const [x, y] = middleOf(drawing, near);
  const half = near.width * 50;
  const tall = half * nearHeight;
  return { left: x - half, right: x + half, top: y - tall, bottom: y + tall };
}

/**
 * The box that holds a whole movement, as it lies about one pose on the way: what carries the body stays where it is,
 * and nothing grows or shrinks as it moves.
 * @param share how far on the way, 0 to 1
 */
function boxOnTheWay(picture: Picture, share: number): FrameBox | null {
  const { start, end, lift } = picture;
  if (!end) return null;
  const [first, last] = [start, end].map((pose) => drawn(pose, lookOf(picture), lift)) as [
    Drawing,
    Drawing,
  ];
  const shift = standingShift(first, last, (lift ?? 0) > 0);
  const [a, b] = [wholeBox(first, picture), wholeBox(last, picture)];
  return {
    left: Math.min(a.left, b.left + shift) - shift * share,
    right: Math.max(a.right, b.right + shift) - shift * share,
    top: Math.min(a.top, b.top),
    bottom: Math.max(a.bottom, b.bottom),
  };
}

/** Whole bodies side by side on one floor. @param share where the one pose is on its way */
function wholeFrames(
  picture: Picture,
  poses: readonly Pose[],
  share: number | null,
): PictureFrame[] {
  const still = share === null ? null : boxOnTheWay(picture, share);
  const boxes = poses.map((pose) => {
    const drawing = drawn(pose, lookOf(picture), picture.lift);
    return { pose, drawing, box: still ?? wholeBox(drawing, picture) };
  });
  const top = Math.min(-50, ...boxes.map(({ box }) => box.top));
  let x = 0;
  return boxes.map(({ pose, drawing, box }) => {
    const width = box.right - box.left;
    const frame = {
      pose,
      look: lookOf(picture),
      drawing,
      box: { ...box, top },
      near: false,
      x,
      y: 0,
      width,
      height: box.bottom - top,
    };
    x += width;
    return frame;
  });
}

/** A small whole body, then what matters from near by; the close-ups alone where there is no room for it. */
function nearFrames(
  picture: Picture,
  near: CloseUp,
  poses: readonly Pose[],
  beside: boolean,
  share: number | null,
): PictureFrame[] {
  const height = 80;
  const [first] = beside ? wholeFrames(picture, [poses.at(-1)!], share) : [];
  const frames: PictureFrame[] = [];
  let x = 0;
  if (first) {
    const scale = (height * besideShare) / first.height;
    const width = first.width * scale;
    frames.push({
      ...first,
      x,
      y: height * (1 - besideShare),
      width,
      height: height * besideShare,
    });
    x += width + gap;
  }
  for (const pose of poses) {
    const look = nearLook(picture, near);
    const drawing = nearDrawing(drawn(pose, look, picture.lift), near);
    const width = height / nearHeight;
    frames.push({
      pose,
      look,
      drawing,
      box: nearBox(drawing, near),
      near: true,
      x,
      y: 0,
      width,
      height,
    });
    x += width + gap;
  }
  return frames;
}

/**
 * The frames of a picture: start and end, or one of them, or one on the way.
 * @param share how far on the way from start to end; null where nothing moves
 */
export const framesOf = (
  picture: Picture,
  poses: readonly Pose[],
  beside: boolean,
  share: number | null = null,
): PictureFrame[] =>
  picture.closeUp
    ? nearFrames(picture, picture.closeUp, poses, beside, share)
    : wholeFrames(picture, poses, share);
