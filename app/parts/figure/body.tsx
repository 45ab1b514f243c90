import type { Drawing } from "#core/figure/drawing";
import type { InstrumentShape } from "#core/figure/instrument";
import type { PropShape } from "#core/figure/props";

/** The body in ink: far limbs lighter, a thin light line where one part passes in front of another. */
export function InkBody({
  drawing,
  ground = "var(--paper)",
  ink = "var(--ink)",
  far = "var(--far)",
  fine = true,
}: {
  drawing: Drawing;
  ground?: string;
  ink?: string;
  far?: string;
  fine?: boolean;
}) {
  return (
    <g>
      {drawing.layers.map(({ name, path, far: behind, seamless }) => (
        <path
          key={name}
          d={path}
          fill={behind ? far : ink}
          stroke={seamless ? "none" : ground}
          strokeWidth={fine ? 0.9 : 1.5}
          strokeLinejoin="round"
          paintOrder="stroke"
        />
      ))}
      <path
        d={drawing.hair}
        fill="none"
        stroke={ground}
        strokeWidth={fine ? 0.55 : 0.9}
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

/** What the body stands on, leans on or holds. */
export function Props({
  shapes,
  line = "var(--hair)",
  fill = "var(--line)",
}: {
  shapes: readonly PropShape[];
  line?: string;
  fill?: string;
}) {
  return (
    <g stroke={line} strokeWidth="0.9" strokeLinejoin="round">
      {shapes.map((shape, i) => {
        switch (shape.shape) {
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
