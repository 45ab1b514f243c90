import { decimal } from "#words/locale";
import { useMemo } from "react";
import { motionOf } from "#core/body/motions";
import type { LeftRight } from "#core/body/side";
import type { Drawing } from "#core/figure/drawing";
import { labelPlaces } from "#core/figure/label-places";
import type { Landmark } from "#core/figure/picture";
import type { Point } from "#core/figure/space";
import type { Shape } from "#core/shape/shape";
import { givingAmount, givingWords } from "#words/shape";

/** The part of the paper that is seen, in the drawing's units. */
export type Box = { left: number; top: number; width: number; height: number };

type Note = { at: Landmark; side: LeftRight; title: string; detail: string; stop: boolean };

/** What is written beside the figure: joints at their stop, and what gives way instead; the most telling first. */
function notesOf(shape: Shape, most: number): Note[] {
  const gives = [...shape.compensations].sort((a, b) => b.size - a.size);
  const stops = [...shape.stops]
    .sort((a, b) => b.asked - b.have - (a.asked - a.have))
    .slice(0, gives.length > 0 ? most - 1 : most);
  return [
    ...stops.map(({ motion, at, side, have, asked }) => ({
      at,
      side,
      title: `${motionOf(motion).name} at its stop`,
      detail: `${decimal(have, 0)}° of ${asked}°`,
      stop: true,
    })),
    ...gives.map((give) => ({
      at: give.at,
      side: give.side,
      title: givingWords(give),
      detail: givingAmount(give),
      stop: false,
    })),
  ].slice(0, most);
}

/** A figure about as wide as it is tall leaves no room at its sides: it needs some above. */
export const isWide = ({ bounds }: Pick<Drawing, "bounds">): boolean =>
  bounds.right - bounds.left > -bounds.top * 0.95;

/** At most two lines of about twenty letters. */
function wrapped(text: string): string[] {
  if (text.length <= 21) return [text];
  const cut = text.lastIndexOf(" ", 21);
  return cut < 0 ? [text] : [text.slice(0, cut), text.slice(cut + 1)];
}

/** The size of a note's letters, in units of the paper. */
const size = { title: 3, detail: 2.8, line: 3.3, last: 3.6 };
/** How wide a letter is, as a share of its size: set by measuring, a little generous. */
const letter = 0.48;

const roomFor = ({ title, detail }: Note, unit: number) => {
  const lines = wrapped(title);
  return {
    width:
      unit *
      letter *
      Math.max(...lines.map((line) => line.length * size.title), detail.length * size.detail),
    height: unit * (lines.length * size.line + size.last + 0.6),
  };
};

const ringsOf = ({ layers }: Drawing, shift = 0): Point[][] =>
  layers.flatMap(({ rings }) =>
    rings.map((ring) => ring.map(([x, y]): Point => [x * 100 + shift, -y * 100])),
  );

/** Joints at their stop, ringed, and the notes that name them and what gives way, each near what it names. */
export function Notes({
  shape,
  drawing,
  chalk,
  shift,
  box,
  unit,
}: {
  shape: Shape;
  drawing: Drawing;
  /** The clean shape behind it, and how far it is moved. */
  chalk: Drawing;
  shift: number;
  box: Box;
  unit: number;
}) {
  const placed = useMemo(() => {
    const notes = notesOf(shape, isWide(drawing) ? 3 : 5).map((note) => ({
      ...note,
      spot: drawing.spot(note.at, note.side),
      ...roomFor(note, unit),
    }));
    const places = labelPlaces(
      notes.map(({ spot, width, height }) => ({ at: spot, width, height })),
      // Nothing is written under the floor.
      { ...box, height: -box.top - unit, unit },
      ringsOf(drawing),
      ringsOf(chalk, shift),
    );
    return notes.map((note, i) => ({ ...note, ...places[i]! }));
  }, [shape, drawing, chalk, shift, box, unit]);
  return (
    <g>
      {placed.map(({ title, detail, stop, spot, edge, left, top }) => (
        <g key={title}>
          {stop ? (
            <circle
              cx={spot[0]}
              cy={spot[1]}
              r={unit * 2.6}
              fill="none"
              stroke="var(--clay)"
              strokeWidth={unit * 0.45}
            />
          ) : null}
          <path
            d={leader(spot, edge, unit)}
            stroke="var(--ink)"
            strokeWidth={unit * 0.2}
            fill="none"
          />
          <text
            x={left}
            y={top + unit * size.title * 0.85}
            fontSize={unit * size.title}
            fill="var(--ink)"
            fontWeight="700"
            fontFamily="var(--font-display)"
          >
            {wrapped(title).map((line, i) => (
              <tspan key={line} x={left} dy={i === 0 ? 0 : unit * size.line}>
                {line}
              </tspan>
            ))}
            <tspan
              x={left}
              dy={unit * size.last}
              fontSize={unit * size.detail}
              fontWeight="400"
              fill="var(--muted)"
              fontFamily="var(--font-sans)"
            >
              {detail}
            </tspan>
          </text>
        </g>
      ))}
    </g>
  );
}

/** From the rim of the joint's ring to the words. */
function leader([x, y]: Point, [edgeX, edgeY]: Point, unit: number): string {
  const length = Math.hypot(edgeX - x, edgeY - y) || 1;
  const rim = (unit * 2.8) / length;
  return `M${x + (edgeX - x) * rim} ${y + (edgeY - y) * rim}L${edgeX} ${edgeY}`;
}
