import { motionOf } from "#core/body/motions";
import type { LeftRight } from "#core/body/side";
import type { Drawing } from "#core/figure/drawing";
import type { Landmark } from "#core/figure/picture";
import type { Shape } from "#core/shape/shape";
import { givingAmount, givingWords } from "#words/shape";

/** The part of the paper that is seen, in the drawing's units. */
export type Box = { left: number; top: number; width: number; height: number };

type Note = { at: Landmark; side: LeftRight; title: string; detail: string; stop: boolean };
/** A note with its joint at (x, y), its first line at (textX, textY) and the end of its leader. */
type Placed = Note & {
  x: number;
  y: number;
  textX: number;
  textY: number;
  edgeX: number;
  edgeY: number;
};

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
      detail: `${have.toFixed(0)}° of ${asked}°`,
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

/** A figure about as wide as it is tall leaves no room at its sides: what is written stands above it. */
export const isWide = ({ bounds }: Pick<Drawing, "bounds">): boolean =>
  bounds.right - bounds.left > -bounds.top * 0.95;

/** At most two lines of about twenty letters. */
function wrapped(text: string): string[] {
  if (text.length <= 21) return [text];
  const cut = text.lastIndexOf(" ", 21);
  return cut < 0 ? [text] : [text.slice(0, cut), text.slice(cut + 1)];
}

/** Beside a tall figure: right and left in turn, each at the height of its joint, none over another. */
function beside(
  notes: readonly (Note & { x: number; y: number })[],
  box: Box,
  unit: number,
): Placed[] {
  const centre = box.left + box.width / 2;
  const column = {
    left: box.left,
    right: Math.max(centre + unit * 17, box.left + box.width - unit * 33),
  };
  return [false, true].flatMap((onLeft) => {
    const mine = notes.filter((_, i) => (i % 2 === 1) === onLeft).sort((a, b) => a.y - b.y);
    let free = box.top + unit * 5;
    return mine.map((note, i): Placed => {
      const lowest = -unit * (9.5 + 11 * (mine.length - 1 - i));
      const textY = Math.min(Math.max(note.y, free), lowest);
      free = textY + unit * 11;
      const textX = onLeft ? column.left : column.right;
      return {
        ...note,
        textX,
        textY,
        edgeX: onLeft ? textX + unit * 35 : textX - unit * 1.2,
        edgeY: textY,
      };
    });
  });
}

/** Above a wide figure: side by side in the order of their joints. */
function above(
  notes: readonly (Note & { x: number; y: number })[],
  box: Box,
  unit: number,
): Placed[] {
  const ordered = [...notes].sort((a, b) => a.x - b.x);
  return ordered.map((note, i): Placed => {
    const textX = box.left + unit * 3 + (i * unit * 97) / Math.max(2, ordered.length);
    const textY = box.top + unit * 6;
    return {
      ...note,
      textX,
      textY,
      edgeX: textX + unit * 8,
      edgeY: textY + unit * (wrapped(note.title).length > 1 ? 9.5 : 6.5),
    };
  });
}

/** Joints at their stop, ringed, and the notes that name them and what gives way. */
export function Notes({
  shape,
  drawing,
  box,
  unit,
}: {
  shape: Shape;
  drawing: Drawing;
  box: Box;
  unit: number;
}) {
  const wide = isWide(drawing);
  const located = notesOf(shape, wide ? 3 : 5).map((note) => {
    const [x, y] = drawing.spot(note.at, note.side);
    return { ...note, x, y };
  });
  const placed = wide ? above(located, box, unit) : beside(located, box, unit);
  return (
    <g>
      {placed.map((note) => (
        <g key={note.title}>
          {note.stop ? (
            <circle
              cx={note.x}
              cy={note.y}
              r={unit * 2.6}
              fill="none"
              stroke="var(--clay)"
              strokeWidth={unit * 0.45}
            />
          ) : null}
          <path d={leader(note, unit)} stroke="var(--ink)" strokeWidth={unit * 0.2} fill="none" />
          <text
            x={note.textX}
            y={note.textY}
            fontSize={unit * 3}
            fill="var(--ink)"
            fontWeight="700"
            fontFamily="var(--font-display)"
          >
            {wrapped(note.title).map((line, i) => (
              <tspan key={line} x={note.textX} dy={i === 0 ? unit * 0.6 : unit * 3.3}>
                {line}
              </tspan>
            ))}
            <tspan
              x={note.textX}
              dy={unit * 3.6}
              fontSize={unit * 2.8}
              fontWeight="400"
              fill="var(--muted)"
              fontFamily="var(--font-sans)"
            >
              {note.detail}
            </tspan>
          </text>
        </g>
      ))}
    </g>
  );
}

/** From the rim of the joint's ring to the note. */
function leader({ x, y, edgeX, edgeY }: Placed, unit: number): string {
  const size = Math.hypot(edgeX - x, edgeY - y) || 1;
  const [fromX, fromY] = [
    x + ((edgeX - x) / size) * unit * 2.8,
    y + ((edgeY - y) / size) * unit * 2.8,
  ];
  return `M${fromX} ${fromY}L${edgeX} ${edgeY}`;
}
