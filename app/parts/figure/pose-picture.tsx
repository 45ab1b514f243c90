import { useMemo } from "react";
import type { Drawing } from "#core/figure/drawing";
import type { Picture } from "#core/figure/picture";
import type { Pose } from "#core/figure/pose";
import { propShapes } from "#core/figure/props";
import { drawn } from "./drawn";
import { Floor, InkBody, Props } from "./body";

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
  const frames = useMemo(() => {
    const poses: Pose[] =
      only === "start" || !picture.end
        ? [picture.start]
        : only === "end"
          ? [picture.end]
          : [picture.start, picture.end];
    let x = 0;
    return poses.map((pose) => {
      const drawing = drawn(pose, picture.view);
      const box = boxOf(drawing, picture);
      const shift = x - box.left + 5;
      x = shift + box.right + 5;
      return { drawing, shift, end: x, top: box.top };
    });
  }, [picture, only]);
  const width = frames.at(-1)!.end;
  const top = Math.min(-46, ...frames.map((frame) => frame.top)) - 4;
  return (
    <svg
      viewBox={`0 ${top} ${width} ${5 - top}`}
      {...(label ? { role: "img", "aria-label": label } : { "aria-hidden": true })}
      className={className}
      preserveAspectRatio="xMidYMax meet"
    >
      {frames.map(({ drawing, shift }, i) => (
        <g key={i} transform={`translate(${shift} 0)`}>
          <Props
            shapes={picture.props.flatMap((prop) => propShapes(prop, drawing))}
            line={tones.line}
            fill={tones.fill}
          />
          <InkBody
            drawing={drawing}
            ground={tones.ground}
            ink={tones.ink}
            far={tones.far}
            fine={false}
          />
        </g>
      ))}
      <Floor from={0} to={width} strokes={false} colour={tones.line} />
    </svg>
  );
}
