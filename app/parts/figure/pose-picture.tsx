import { useMemo } from "react";
import type { LeftRight } from "#core/body/side";
import type { MotionId } from "#core/body/motions";
import { bareOf } from "#core/figure/bare";
import { instrumentShape } from "#core/figure/instrument";
import { movementOf, overTheHead, type Movement } from "#core/figure/movement";
import type { Point } from "#core/figure/space";
import type { Picture } from "#core/figure/picture";
import { between, type Pose } from "#core/figure/pose";
import { shownProps } from "#core/figure/props";
import { warmSpots, type WarmSpot } from "#core/figure/warm";
import {
  DrawnInstrument,
  EffortMarks,
  Floor,
  InkBody,
  MovementArrow,
  Props,
  WarmPlaces,
} from "./body";
import type { Effort } from "./effort";
import { framesOf, type PictureFrame } from "./frames";
import { tonesOn, type Tones } from "./tones";

/** What is drawn over the bodies, where there is room to see it. */
type Shown = { arrow: Movement | null; warm: WarmSpot[] };

const posesOf = (
  { start, end }: Picture,
  only?: "start" | "end",
  share: number | null = null,
): Pose[] =>
  end && share !== null
    ? [between(start, end, share)]
    : !end || only === "start"
      ? [start]
      : only === "end"
        ? [end]
        : [start, end];

/** The movement of a picture as its last frame shows it; none where only one of its poses stands there. */
function arrowOf({ start, end, lift }: Picture, { look, drawing }: PictureFrame): Movement | null {
  const found = end ? movementOf(start, end, (pose) => bareOf(pose, look), (lift ?? 0) > 0) : null;
  if (!found) return null;
  // Bare bones stand a little otherwise than a body: the way ends where the drawn one is.
  const [tip, there] = [found.way.at(-1)!, drawing.spot(found.of.at, found.of.side)];
  const [dx, dy] = [there[0] - tip[0], there[1] - tip[1]];
  const way = found.way.map(([x, y]): Point => [x + dx, y + dy]);
  return { ...found, way: found.of.at === "nose" ? overTheHead(way, drawing) : way };
}

export type PosePictureProps = {
  picture: Picture;
  label: string;
  only?: "start" | "end";
  /** One pose on the way from start to end, 0 to 1, in a frame that holds the whole way. */
  share?: number | null;
  serves?: readonly { motion: MotionId }[];
  small?: boolean;
  /** What is done in the position besides moving: a press at the start, a breath at the end. */
  effort?: Effort | null;
  /** What it is drawn on: paper, or the floor of a run, which is black by day too. */
  tones?: keyof typeof tonesOn | Tones;
  className?: string;
};

/**
 * A drill's or a check's picture: where it starts and where it ends, side by side, on one floor; where the work is in
 * the hand or the foot, a close-up beside the small whole body.
 * @param serves the motions it works on: their joints are warm
 * @param small no more than bodies and things: where it is too small for anything else
 */
export function PosePicture({
  picture,
  label,
  only,
  share = null,
  serves,
  small = false,
  effort,
  tones = "paper",
  className = "",
}: PosePictureProps) {
  const frames = useMemo(
    () => framesOf(picture, posesOf(picture, only, share), !small, share),
    [picture, only, small, share],
  );
  const last = frames.at(-1)!;
  const shown = useMemo(
    (): Shown => ({
      arrow: small || only || share !== null || picture.instrument ? null : arrowOf(picture, last),
      warm:
        small || !serves
          ? []
          : warmSpots(
              picture,
              serves.map(({ motion }) => motion),
            ),
    }),
    [picture, last, small, only, share, serves],
  );
  const beyond = pastFrame(shown.arrow, last);
  const left = -Math.max(0, beyond.left - last.x);
  const width = last.x + last.width + beyond.right - left;
  const height = Math.max(...frames.map((frame) => frame.y + frame.height));
  const top = -Math.max(0, beyond.top - last.y);
  return (
    <svg
      viewBox={`${left} ${top} ${width} ${height - top}`}
      {...(label ? { role: "img", "aria-label": label } : { "aria-hidden": true })}
      className={className}
      preserveAspectRatio="xMidYMax meet"
    >
      {frames.map((frame, i) => (
        <FrameDrawn
          key={i}
          frame={frame}
          picture={picture}
          tones={typeof tones === "string" ? tonesOn[tones] : tones}
          arrow={frame === last ? shown.arrow : null}
          warm={shown.warm}
          effort={effort && frame === effortFrame(frames, effort) ? effort : null}
          measured={frame === last}
        />
      ))}
    </svg>
  );
}

/** How far an arrow reaches out of its frame, on the strip: its line and head need a little room. */
function pastFrame(arrow: Movement | null, { box, width, near }: PictureFrame) {
  if (!arrow || near) return { left: 0, right: 0, top: 0 };
  const scale = width / (box.right - box.left);
  const xs = arrow.way.map(([x]) => x);
  const ys = arrow.way.map(([, y]) => y);
  const room = 3;
  return {
    left: Math.max(0, box.left + room - Math.min(...xs)) * scale,
    right: Math.max(0, Math.max(...xs) + room - box.right) * scale,
    top: Math.max(0, box.top + room - Math.min(...ys)) * scale,
  };
}

/** A press is made where the movement begins, a breath where it ends; a picture of one frame has both there. */
const effortFrame = (frames: readonly PictureFrame[], effort: Effort): PictureFrame =>
  (effort === "press" ? frames.at(-2) : undefined) ?? frames.at(-1)!;

const isShown = (side: LeftRight, near: Picture["closeUp"]): boolean =>
  near?.side === "both" || near?.side === side;

function FrameDrawn({
  frame: { drawing, look, box, near, x, y, width, height },
  picture,
  tones,
  arrow,
  warm,
  effort,
  measured,
}: {
  frame: PictureFrame;
  picture: Picture;
  tones: Tones;
  arrow: Movement | null;
  warm: readonly WarmSpot[];
  effort: Effort | null;
  measured: boolean;
}) {
  const spots = near ? warm.filter(({ side }) => isShown(side, picture.closeUp)) : warm;
  const things = shownProps(picture.props, drawing, look.above);
  const instrument = measured ? instrumentShape(picture, drawing) : null;
  // A line is as thick on paper in a close-up as elsewhere.
  const scale = near ? (box.right - box.left) / width : 1;
  return (
    <svg
      x={x}
      y={y}
      width={width}
      height={height}
      viewBox={`${box.left} ${box.top} ${box.right - box.left} ${box.bottom - box.top}`}
      // The way of what moves may begin beside the frame; a close-up ends at its own.
      overflow={near ? "hidden" : "visible"}
    >
      <Props shapes={things} line={tones.line} fill={tones.fill} part="behind" />
      {near ? null : <Floor from={box.left} to={box.right} strokes={false} colour={tones.line} />}
      <InkBody
        drawing={drawing}
        ground={tones.ground}
        ink={tones.ink}
        far={tones.far}
        line={near ? 1.1 * scale : 1.5}
      />
      <WarmPlaces drawing={drawing} spots={spots} colour={tones.warm} />
      <Props shapes={things} line={tones.kit} fill={tones.fill} part="before" />
      {effort ? (
        <EffortMarks
          effort={effort}
          drawing={drawing}
          spots={spots}
          colour={tones.warm}
          ground={tones.ground}
          unit={near ? scale : 1}
        />
      ) : null}
      {arrow ? (
        <MovementArrow
          way={arrow.way}
          colour={tones.warm}
          ground={tones.ground}
          unit={near ? scale : 1}
        />
      ) : null}
      {instrument ? (
        <DrawnInstrument
          shape={instrument}
          unit={picture.closeUp ? Math.max(0.35, picture.closeUp.width) : 1.2}
        />
      ) : null}
    </svg>
  );
}
