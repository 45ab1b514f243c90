import { useEffect, useId, useRef, useState, type ReactNode } from "react";
import { ZoomIn, ZoomOut } from "lucide-react";
import type { Spot } from "#core/measure/photo";
import { turnSpot, windowOf, type Size } from "./turned";

/** Landmarks of one angle on the board, and whether it is the one that is being placed. */
export type BoardAngle = {
  key: string;
  /** Names of the landmarks, in order. */
  names: readonly string[];
  /** The landmarks placed so far, in the picture's own px. */
  spots: readonly Spot[];
  /** What stands beside it, as the angle with its error. */
  text: string;
  plumb: boolean;
};

/** How large an element is on the screen, px. */
function useSize() {
  const ref = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ width: 640, height: 480 });
  useEffect(() => {
    const watcher = new ResizeObserver(([entry]) => {
      const { width, height } = entry!.contentRect;
      if (width > 0 && height > 0) setSize({ width, height });
    });
    watcher.observe(ref.current!);
    return () => watcher.disconnect();
  }, []);
  return { ref, ...size };
}

type Hand = { mode: "spot"; index: number } | { mode: "pan"; from: Spot; centre: Spot };

/**
 * A picture to place landmarks on: tap for the next one or place it by keys, drag any of them, arrow keys to nudge; a loupe shows what
 * the finger hides. Turned and zoomed as the user likes; everything is kept in the picture's own px.
 */
export function PictureBoard({
  size,
  turn = 0,
  children,
  angles,
  active,
  truth = null,
  onSpots,
}: {
  size: Size;
  /** Degrees clockwise about the middle. */
  turn?: number;
  /** The picture, drawn in its own px. */
  children: ReactNode;
  angles: readonly BoardAngle[];
  active: string;
  /** Where the landmarks really are, once that may be shown. */
  truth?: readonly Spot[] | null;
  onSpots: (spots: Spot[]) => void;
}) {
  const id = useId();
  const svg = useRef<SVGSVGElement>(null);
  const hand = useRef<Hand | null>(null);
  const [held, setHeld] = useState<number | null>(null);
  const [zoom, setZoom] = useState(1);
  const [centre, setCentre] = useState<Spot>([size.width / 2, size.height / 2]);
  const view = windowOf(size, turn, zoom, centre);
  const angle = angles.find(({ key }) => key === active);
  const { ref: frame, width, height } = useSize();
  // One px of the screen in px of the picture.
  const unit = Math.max(view.width / width, view.height / height);
  const onPaper = (spot: Spot): Spot => turnSpot(spot, turn, size);
  const at = (event: { clientX: number; clientY: number }): Spot => {
    const matrix = svg.current!.getScreenCTM()!.inverse();
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return [point.x, point.y];
  };
  const place = (index: number, spot: Spot) => {
    if (!angle) return;
    const inside: Spot = [
      Math.min(size.width, Math.max(0, spot[0])),
      Math.min(size.height, Math.max(0, spot[1])),
    ];
    const spots = [...angle.spots];
    // On another landmark it would have no angle to it.
    const taken = spots.some(
      (other, n) => n !== index && Math.hypot(other[0] - inside[0], other[1] - inside[1]) < 2,
    );
    if (taken) return;
    spots[index] = inside;
    onSpots(spots);
  };
  const down = (event: React.PointerEvent<SVGSVGElement>) => {
    if (!angle || truth) return;
    const paper = at(event);
    const near = angle.spots.findIndex((spot) => {
      const [x, y] = onPaper(spot);
      return Math.hypot(x - paper[0], y - paper[1]) < 24 * unit;
    });
    const index = near >= 0 ? near : angle.spots.length;
    svg.current!.setPointerCapture(event.pointerId);
    if (index >= angle.names.length) {
      hand.current = { mode: "pan", from: paper, centre };
      return;
    }
    hand.current = { mode: "spot", index };
    setHeld(index);
    if (near < 0) place(index, turnSpot(paper, -turn, size));
  };
  const move = (event: React.PointerEvent<SVGSVGElement>) => {
    const now = hand.current;
    if (!now) return;
    const paper = at(event);
    if (now.mode === "spot") place(now.index, turnSpot(paper, -turn, size));
    else setCentre(([x, y]) => [x + now.from[0] - paper[0], y + now.from[1] - paper[1]]);
  };
  const up = () => {
    hand.current = null;
    setHeld(null);
  };
  const nudge = (event: React.KeyboardEvent, index: number) => {
    const step = (event.shiftKey ? 10 : 1) * Math.max(0.1, unit * 0.75);
    const by: Record<string, Spot> = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    };
    const moved = by[event.key];
    if (!moved || !angle) return;
    event.preventDefault();
    const [x, y] = onPaper(angle.spots[index]!);
    place(index, turnSpot([x + moved[0], y + moved[1]], -turn, size));
  };
  const next = angle && !truth ? angle.names[angle.spots.length] : undefined;
  const placed = useRef<number | null>(null);
  useEffect(() => {
    const mark =
      placed.current === null
        ? null
        : svg.current?.querySelector<SVGGElement>(`[data-spot="${placed.current}"]`);
    if (!mark) return;
    placed.current = null;
    mark.focus();
  });
  /** Without a pointer: the next landmark stands in the middle of what is seen, and the arrow keys carry it. */
  const placeByKeys = () => {
    if (!angle || !next) return;
    const index = angle.spots.length;
    // Each a little beside the last: two on one spot have no angle.
    const beside = index * 40 * unit;
    const middle: Spot = [view.x + view.width / 2 + beside, view.y + view.height / 2 + beside / 2];
    place(index, turnSpot(middle, -turn, size));
    placed.current = index;
  };
  const zoomBy = (factor: number, about?: Spot) => {
    const to = Math.min(8, Math.max(1, zoom * factor));
    const last = angle?.spots.at(-1);
    const target = about ?? (last ? onPaper(last) : null);
    if (target) setCentre(target);
    setZoom(to);
  };
  return (
    <div ref={frame} className="relative select-none">
      <svg
        ref={svg}
        viewBox={`${view.x} ${view.y} ${view.width} ${view.height}`}
        className="block max-h-[62vh] w-full touch-none bg-raised"
        role="group"
        aria-label="The picture with its landmarks"
        onPointerDown={down}
        onPointerMove={move}
        onPointerUp={up}
        onPointerCancel={up}
      >
        <g id={id} transform={`rotate(${turn} ${size.width / 2} ${size.height / 2})`}>
          {children}
        </g>
        {angles.map((one) => (
          <AngleMarks
            key={one.key}
            angle={one}
            unit={unit}
            active={one.key === active}
            onPaper={onPaper}
            nudge={nudge}
            hold={setHeld}
          />
        ))}
        {truth?.map((spot, i) => {
          const [x, y] = onPaper(spot);
          return (
            <circle
              key={i}
              cx={x}
              cy={y}
              r={9 * unit}
              fill="none"
              stroke="var(--lichen)"
              strokeWidth={2.5 * unit}
            />
          );
        })}
      </svg>
      {held !== null && angle?.spots[held] ? (
        <Loupe picture={id} at={onPaper(angle.spots[held])} view={view} />
      ) : null}
      {/* It stays when all are placed, so that the cursor isn't torn from it before it is passed on. */}
      <button
        type="button"
        className={
          next
            ? "quiet underlined absolute bottom-1 left-1 bg-paper/90 px-2 text-sm text-ink"
            : "sr-only"
        }
        tabIndex={next ? 0 : -1}
        onClick={placeByKeys}
      >
        {next ? `Place ${next} by keys` : "All are placed"}
      </button>
      <p className="absolute right-1 bottom-1 flex bg-paper/80">
        <button
          type="button"
          className="quiet"
          aria-label="Zoom out"
          disabled={zoom <= 1}
          onClick={() => zoomBy(1 / 1.6)}
        >
          <ZoomOut size={18} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="quiet"
          aria-label="Zoom in"
          disabled={zoom >= 8}
          onClick={() => zoomBy(1.6)}
        >
          <ZoomIn size={18} aria-hidden="true" />
        </button>
      </p>
    </div>
  );
}

function AngleMarks({
  angle: { names, spots, text, plumb },
  unit,
  active,
  onPaper,
  nudge,
  hold,
}: {
  angle: BoardAngle;
  unit: number;
  active: boolean;
  onPaper: (spot: Spot) => Spot;
  nudge: (event: React.KeyboardEvent, index: number) => void;
  hold: (index: number | null) => void;
}) {
  const shown = spots.map(onPaper);
  const corner = plumb ? shown[0] : shown[1];
  return (
    <g opacity={active ? 1 : 0.55}>
      {shown.slice(1).map(([x, y], i) => (
        <g key={i} strokeLinecap="round">
          <line
            x1={shown[i]![0]}
            y1={shown[i]![1]}
            x2={x}
            y2={y}
            stroke="#fff"
            strokeWidth={4.5 * unit}
          />
          <line
            x1={shown[i]![0]}
            y1={shown[i]![1]}
            x2={x}
            y2={y}
            stroke="#a8461f"
            strokeWidth={2 * unit}
          />
        </g>
      ))}
      {plumb && shown[0] && shown[1] ? (
        <line
          x1={shown[0][0]}
          y1={shown[0][1]}
          x2={shown[0][0]}
          y2={shown[0][1] + 90 * unit * (shown[1][1] < shown[0][1] ? -1 : 1)}
          stroke="#a8461f"
          strokeWidth={1.5 * unit}
          strokeDasharray={`${5 * unit} ${4 * unit}`}
        />
      ) : null}
      {shown.map(([x, y], index) => (
        <g
          key={index}
          role="button"
          tabIndex={active ? 0 : -1}
          data-spot={active ? index : undefined}
          aria-label={`${names[index]}: arrow keys nudge it`}
          onKeyDown={(event) => nudge(event, index)}
          onFocus={(event) => {
            if (event.currentTarget.matches(":focus-visible")) hold(index);
          }}
          onBlur={() => hold(null)}
          style={{ cursor: "grab" }}
        >
          <circle
            cx={x}
            cy={y}
            r={7 * unit}
            fill="#fff"
            fillOpacity="0.35"
            stroke="#fff"
            strokeWidth={4 * unit}
          />
          <circle cx={x} cy={y} r={7 * unit} fill="none" stroke="#a8461f" strokeWidth={2 * unit} />
          <circle cx={x} cy={y} r={1.3 * unit} fill="#a8461f" />
        </g>
      ))}
      {text && corner ? (
        <text
          x={corner[0] + 13 * unit}
          y={corner[1] - 12 * unit}
          fontSize={17 * unit}
          fontWeight="700"
          fill="#1c2526"
          stroke="#fff"
          strokeWidth={4 * unit}
          paintOrder="stroke"
        >
          {text}
        </text>
      ) : null}
    </g>
  );
}

/** What lies under the finger, four times larger, in the corner it is not in. */
function Loupe({
  picture,
  at: [x, y],
  view,
}: {
  picture: string;
  at: Spot;
  view: { x: number; y: number; width: number; height: number };
}) {
  const half = view.width / 26;
  const onLeft = x - view.x > view.width / 2;
  return (
    <svg
      viewBox={`${x - half} ${y - half} ${half * 2} ${half * 2}`}
      className={`pointer-events-none absolute top-2 size-32 rounded-full border-2 border-ink bg-raised ${onLeft ? "left-2" : "right-2"}`}
      aria-hidden="true"
    >
      <use href={`#${picture}`} />
      <path
        d={`M${x - half} ${y}H${x - half / 5}M${x + half / 5} ${y}H${x + half}M${x} ${y - half}V${y - half / 5}M${x} ${y + half / 5}V${y + half}`}
        stroke="#a8461f"
        strokeWidth={half / 22}
      />
    </svg>
  );
}
