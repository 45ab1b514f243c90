import { useMemo } from "react";
import type { Drawing } from "#core/figure/drawing";
import type { Picture } from "#core/figure/picture";
import type { Pose } from "#core/figure/pose";
import { instrumentShape } from "#core/figure/instrument";
import { propShapes } from "#core/figure/props";
import { drawn } from "./drawn";
import { Floor, InkBody, DrawnInstrument, Props } from "./body";

type Tones = { ink: string; far: string; ground: string; line: string; fill: string };
const paperTones: Tones = {
  ink: "var(--ink)",
  far: "var(--far)",
  ground: "var(--paper)",
  line: "var(--hair)",
  fill: "var(--line)",
};
export const runTones: Tones = {
  ink: "#F2EEE4",
  far: "#8d9490",
  ground: "#0E1213",
  line: "#6f6b60",
  fill: "#23292b",
};

/** Box that a drawing and its props need. */
function boxOf(drawing: Drawing, picture: Picture): { left: number; right: number; top: number } {
  const shapes = picture.props.flatMap((prop) => propShapes(prop, drawing));
  const xs = shapes.flatMap((s) =>
    s.shape === "line"
      ? [s.x1, s.x2]
      : s.shape === "disc"
        ? [s.x - s.radius, s.x + s.radius]
        : [s.x, s.x + s.width],
  );
  return {
    left: Math.min(drawing.bounds.left, ...xs),
    right: Math.max(drawing.bounds.right, ...xs),
    top: drawing.bounds.top,
  };
}

type FrameBox = { left: number; right: number; top: number; bottom: number };
type PictureFrame = { drawing: Drawing; box: FrameBox; x: number };

/** What of a drawing is shown: all of it with its props, or a square about a landmark. */
function shownBox(drawing: Drawing, picture: Picture): FrameBox {
  if (!picture.closeUp) {
    const { left, right, top } = boxOf(drawing, picture);
    return { left: left - 5, right: right + 5, top: top - 4, bottom: 5 };
  }
  const { at, side, width } = picture.closeUp;
  const [x, y] = drawing.spot(at, side);
  const half = width * 50;
  return { left: x - half, right: x + half, top: y - half * 0.8, bottom: y + half * 0.8 };
}

/** Frames side by side; those of a whole body share one height so that they stand on one floor. */
function framesOf(picture: Picture, poses: readonly Pose[]): PictureFrame[] {
  const boxes = poses.map((pose) => {
    const drawing = drawn(pose, picture.view, picture.lift);
    return { drawing, box: shownBox(drawing, picture) };
  });
  const top = Math.min(-50, ...boxes.map(({ box }) => box.top));
  let x = 0;
  return boxes.map(({ drawing, box }) => {
    const at = x;
    x += box.right - box.left;
    return { drawing, x: at, box: picture.closeUp ? box : { ...box, top } };
  });
}

/** A drill's or a check's picture: where it starts and where it ends, side by side, on one floor. */
export function PosePicture({
  picture,
  label,
  only,
  tones = paperTones,
  className = "",
}: {
  picture: Picture;
  label: string;
  only?: "start" | "end";
  tones?: Tones;
  className?: string;
}) {
  const frames = useMemo(
    () =>
      framesOf(
        picture,
        only === "start" || !picture.end
          ? [picture.start]
          : only === "end"
            ? [picture.end]
            : [picture.start, picture.end],
      ),
    [picture, only],
  );
  const last = frames.at(-1)!;
  const width = last.x + last.box.right - last.box.left;
  const height = last.box.bottom - last.box.top;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      {...(label ? { role: "img", "aria-label": label } : { "aria-hidden": true })}
      className={className}
      preserveAspectRatio="xMidYMax meet"
    >
      {frames.map(({ drawing, box, x }, i) => {
        const instrument = drawing === last.drawing ? instrumentShape(picture, drawing) : null;
        return (
          <svg
            key={i}
            x={x}
            y={0}
            width={box.right - box.left}
            height={height}
            viewBox={`${box.left} ${box.top} ${box.right - box.left} ${height}`}
          >
            <Props
              shapes={picture.props.flatMap((prop) => propShapes(prop, drawing))}
              line={tones.line}
              fill={tones.fill}
            />
            <Floor from={box.left} to={box.right} strokes={false} colour={tones.line} />
            <InkBody
              drawing={drawing}
              ground={tones.ground}
              ink={tones.ink}
              far={tones.far}
              fine={false}
            />
            {instrument ? (
              <DrawnInstrument
                shape={instrument}
                unit={picture.closeUp ? Math.max(0.35, picture.closeUp.width) : 1.2}
              />
            ) : null}
          </svg>
        );
      })}
    </svg>
  );
}
