import type { Drawing } from "#core/figure/drawing";
import type { InstrumentShape } from "#core/figure/instrument";
import type { PropShape } from "#core/figure/props";
import type { Point } from "#core/figure/space";
import type { WarmSpot } from "#core/figure/warm";
import { curveCatmullRom, line as curveLine } from "d3-shape";
import { useId } from "react";
import type { Effort } from "./effort";

/** The body in ink: far limbs lighter, a thin light line where one part passes in front of another. */
export function InkBody({
  drawing,
  ground = "var(--paper)",
  ink = "var(--ink)",
  far = "var(--far)",
  line = 0.9,
}: {
  drawing: Drawing;
  ground?: string;
  ink?: string;
  far?: string;
  /** How thick the light line is where one part passes in front of another. */
  line?: number;
}) {
  return (
    <g>
      {drawing.layers.map(({ name, path, far: behind, seamless }) => (
        <path
          key={name}
          d={path}
          fill={behind ? far : ink}
          stroke={seamless ? "none" : ground}
          strokeWidth={line}
          strokeLinejoin="round"
          paintOrder="stroke"
        />
      ))}
      <path
        d={drawing.hair}
        fill="none"
        stroke={ground}
        strokeWidth={line * 0.6}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </g>
  );
}

/** The demanded shape in chalk: one outer line around all parts, dusted inside. */
export function ChalkBody({ drawing }: { drawing: Drawing }) {
  return (
    <path
      d={drawing.outline}
      fill="var(--chalk)"
      stroke="var(--chalk-line)"
      strokeWidth="1.3"
      strokeLinejoin="round"
      paintOrder="stroke"
    />
  );
}

const isBefore = (shape: PropShape): boolean => "before" in shape && shape.before === true;

/** Where a drill works: warm on the ink. */
export function WarmPlaces({
  drawing,
  spots,
  colour,
}: {
  drawing: Drawing;
  spots: readonly WarmSpot[];
  colour: string;
}) {
  const id = useId();
  if (spots.length === 0) return null;
  return (
    <g>
      <clipPath id={`${id}body`}>
        <path d={drawing.outline} />
      </clipPath>
      <radialGradient id={`${id}warm`}>
        <stop offset="0.25" stopColor={colour} stopOpacity="0.95" />
        <stop offset="1" stopColor={colour} stopOpacity="0" />
      </radialGradient>
      <g clipPath={`url(#${id}body)`}>
        {spots.map(({ at, side, size }) => {
          const [cx, cy] = drawing.spot(at, side);
          return <circle key={`${at}${side}`} {...{ cx, cy }} r={size} fill={`url(#${id}warm)`} />;
        })}
      </g>
    </g>
  );
}

/** Two heads that press toward the place of work; or arcs that widen about the ribs. */
export function EffortMarks({
  effort,
  drawing,
  spots,
  colour,
  ground,
  unit = 1,
}: {
  effort: Effort;
  drawing: Drawing;
  spots: readonly WarmSpot[];
  colour: string;
  ground: string;
  unit?: number;
}) {
  const [x, y] =
    effort === "breath" || spots.length === 0
      ? drawing.spot("thoracic")
      : drawing.spot(spots[0]!.at, spots[0]!.side);
  // The marks are as large in a close-up as elsewhere; the place they stand about is not.
  const u = unit;
  const off = effort === "press" ? (spots[0]?.size ?? 6) + 4 * u : 10;
  const head = (from: number, way: 1 | -1) =>
    `M${from} ${-3.4 * u}L${from + way * 4 * u} 0L${from} ${3.4 * u}`;
  const arc = (r: number, way: 1 | -1) =>
    `M${way * r} ${-4 * u}Q${way * (r + 3 * u)} 0 ${way * r} ${4 * u}`;
  const path =
    effort === "press"
      ? head(-off, 1) + head(off, -1)
      : [off, off + 4 * u].map((r) => arc(r, -1) + arc(r, 1)).join("");
  const place = `translate(${x.toFixed(2)} ${y.toFixed(2)})`;
  return (
    <g fill="none" strokeLinecap="round" strokeLinejoin="round" transform={place}>
      <path d={path} stroke={ground} strokeWidth={3.2 * u} />
      <path d={path} stroke={colour} strokeWidth={1.6 * u} />
    </g>
  );
}

const smooth = curveLine().curve(curveCatmullRom.alpha(0.5)).digits(2);

/** The way of what moves, with a head where it arrives. */
export function MovementArrow({
  way,
  colour,
  ground,
  unit = 1,
}: {
  way: readonly Point[];
  colour: string;
  ground: string;
  unit?: number;
}) {
  const [tip, before] = [way.at(-1)!, way.at(-3) ?? way[0]!];
  const turn = (Math.atan2(tip[1] - before[1], tip[0] - before[0]) * 180) / Math.PI;
  const line = smooth(way.map(([x, y]) => [x, y])) ?? "";
  const head = `translate(${tip[0].toFixed(2)} ${tip[1].toFixed(2)}) rotate(${turn.toFixed(1)}) scale(${unit})`;
  return (
    <g fill="none" strokeLinecap="round" strokeLinejoin="round">
      {[
        { stroke: ground, strokeWidth: 3.4 * unit },
        { stroke: colour, strokeWidth: 1.5 * unit },
      ].map((ink, i) => (
        <g key={i} {...ink}>
          <path data-arrow d={line} />
          <path d="M-4 -3L0 0L-4 3" transform={head} strokeWidth={ink.strokeWidth / unit} />
        </g>
      ))}
    </g>
  );
}

/** What the body stands on, leans on or holds. */
export function Props({
  shapes,
  line = "var(--hair)",
  fill = "var(--line)",
  part,
}: {
  shapes: readonly PropShape[];
  line?: string;
  fill?: string;
  /** Only what lies behind the body, or what passes before it. */
  part?: "behind" | "before";
}) {
  const shown = part ? shapes.filter((shape) => isBefore(shape) === (part === "before")) : shapes;
  return (
    <g stroke={line} strokeWidth="0.9" strokeLinejoin="round" strokeLinecap="round">
      {shown.map((shape, i) => {
        switch (shape.shape) {
          case "path":
            return (
              <path
                key={i}
                d={`M${shape.points.map(([x, y]) => `${x} ${y}`).join("L")}${shape.closed ? "Z" : ""}`}
                fill={shape.filled ? fill : "none"}
                strokeWidth={shape.thick}
              />
            );
          case "block":
            return (
              <rect
                key={i}
                x={shape.x}
                y={shape.y}
                width={shape.width}
                height={shape.height}
                fill={fill}
              />
            );
          case "disc":
            return <circle key={i} cx={shape.x} cy={shape.y} r={shape.radius} fill={fill} />;
          case "ramp":
            return (
              <path
                key={i}
                d={`M${shape.x} ${shape.y}h${shape.width}l${-shape.width} ${-shape.height}z`}
                fill={fill}
              />
            );
          case "line":
            return (
              <line
                key={i}
                x1={shape.x1}
                y1={shape.y1}
                x2={shape.x2}
                y2={shape.y2}
                strokeWidth={shape.heavy ? 2.4 : 1.2}
              />
            );
        }
      })}
    </g>
  );
}

/** The floor: a line with the short strokes of a studio plan beneath. */
export function Floor({
  from,
  to,
  strokes = true,
  colour = "var(--ink)",
}: {
  from: number;
  to: number;
  strokes?: boolean;
  colour?: string;
}) {
  const marks = strokes
    ? Array.from(
        { length: Math.floor((to - from) / 9) },
        (_, i) => `M${from + 6 + i * 9} 1.4l-2.6 3`,
      ).join("")
    : "";
  return (
    <g fill="none">
      <path d={`M${from} 0H${to}`} stroke={colour} strokeWidth="0.9" />
      <path d={marks} stroke="var(--hair)" strokeWidth="0.45" />
    </g>
  );
}

/** The instrument on the body: a goniometer's arms and arc, a tape's run, a level's bar. */
export function DrawnInstrument({
  shape,
  colour = "var(--clay)",
  unit = 1,
}: {
  shape: InstrumentShape;
  colour?: string;
  unit?: number;
}) {
  const { kind, lines, arc, axis } = shape;
  return (
    <g fill="none" stroke={colour} strokeLinecap="round">
      {lines.map(([[x1, y1], [x2, y2]], i) => (
        <line
          key={i}
          {...{ x1, y1, x2, y2 }}
          strokeWidth={(kind === "level" ? 3.6 : 1.5) * unit}
          {...(kind === "tape" ? { strokeDasharray: `${2.2 * unit} ${1.6 * unit}` } : {})}
        />
      ))}
      {kind === "tape"
        ? lines[0]!.map(([x, y], i) => (
            <circle key={i} cx={x} cy={y} r={1.5 * unit} fill={colour} stroke="none" />
          ))
        : null}
      {arc ? <path d={arc} strokeWidth={unit} /> : null}
      {axis ? (
        <circle
          cx={axis[0]}
          cy={axis[1]}
          r={1.9 * unit}
          fill="var(--paper)"
          strokeWidth={1.3 * unit}
        />
      ) : null}
    </g>
  );
}
