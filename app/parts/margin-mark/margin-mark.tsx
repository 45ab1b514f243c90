import { decimal } from "#words/locale";
import { memo, useId, useRef } from "react";
import type { DemandGap } from "#core/aim/margin";
import type { Side } from "#core/body/side";
import { markGeometry, type Reading } from "./geometry";

/** A side's notch that can be carried along the rule: what if the joint had more, or less. */
export type Draggable = {
  /** What is carried, for those who hear it. */
  name: string;
  need: number;
  /** The side's range as it is moved, degrees. */
  onMove: (side: Side, degrees: number) => void;
};

const sideName = { left: "left", right: "right", mid: "middle" } as const;

/** A demand's sides as readings for the mark. */
export const readingsOf = (gap: DemandGap): Reading[] =>
  gap.sides.map(({ side, margin, have, verdict, asked }) => ({
    side,
    margin,
    se: have?.se ?? 0,
    verdict,
    asked,
  }));

/** The mark in words, for those who do not see it. */
function inWords(readings: readonly Reading[]): string {
  return readings
    .map(({ side, margin, se, verdict }) =>
      margin === null
        ? `${sideName[side]} not measured`
        : `${sideName[side]} ${decimal(Math.abs(margin), 0)}° ${margin < 0 ? "short" : "spare"}, ± ${decimal(se, 0)}°, ${verdict}`,
    )
    .join("; ");
}

/**
 * The line between have and need: the middle tick is the demand, the notch is the athlete, the whisker the
 * error. Hatched clay is surely short, hatched grey perhaps, plain lichen is spare. The same in a row, in a plan and in print.
 */
export const MarginMark = memo(function MarginMark({
  readings,
  width = 280,
  height = 44,
  span = 32,
  drag = null,
}: {
  readings: readonly Reading[];
  width?: number;
  height?: number;
  span?: number;
  drag?: Draggable | null;
}) {
  const hatch = useId();
  const svg = useRef<SVGSVGElement>(null);
  const mark = markGeometry(readings, width, height, span);
  const centre = height / 2;
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${width} ${height}`}
      width={width}
      height={height}
      role={drag ? "group" : "img"}
      aria-label={inWords(readings)}
      className="block max-w-full"
    >
      <defs>
        <pattern
          id={hatch}
          width="4.5"
          height="4.5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="4.5" height="4.5" fill="var(--clay-soft)" opacity="0.45" />
          <line x1="0" y1="0" x2="0" y2="4.5" stroke="var(--clay)" strokeWidth="2.2" />
        </pattern>
        <pattern
          id={`${hatch}-unsure`}
          width="4.5"
          height="4.5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line x1="0" y1="0" x2="0" y2="4.5" stroke="var(--hair)" strokeWidth="1.4" />
        </pattern>
      </defs>
      <line x1="0" x2={width} y1={centre} y2={centre} stroke="var(--hair)" strokeWidth="1" />
      {mark.ticks.map(({ x, heavy }) => (
        <line
          key={x}
          x1={x}
          x2={x}
          y1={centre - (heavy ? 3.5 : 2)}
          y2={centre + (heavy ? 3.5 : 2)}
          stroke="var(--hair)"
          strokeWidth="1"
        />
      ))}
      {mark.sides.map(({ side, y, bar, asked, verdict }) =>
        bar && bar.width > 0.5 ? (
          <rect
            key={side}
            x={bar.x}
            y={y - 4}
            width={bar.width}
            height="8"
            fill={
              bar.short
                ? `url(#${hatch}${verdict === "short" ? "" : "-unsure"})`
                : "var(--lichen-soft)"
            }
            opacity={asked ? 1 : 0.4}
          />
        ) : null,
      )}
      <line
        x1={mark.middle}
        x2={mark.middle}
        y1={2}
        y2={height - 2}
        stroke="var(--ink)"
        strokeWidth="2.4"
      />
      {mark.sides.map(({ side, y, x, whisker, notch, verdict, asked, beyond }) =>
        x === null || !whisker ? (
          <g key={side} stroke="var(--muted)" strokeWidth="1.2">
            <line x1="4" x2={mark.middle - 12} y1={y} y2={y} strokeDasharray="2 5" />
            <text
              x={mark.middle - 9}
              y={y + 4}
              fontSize="11"
              fill="var(--muted)"
              stroke="none"
              fontWeight="700"
            >
              ?
            </text>
          </g>
        ) : (
          <g key={side} opacity={asked ? 1 : 0.45} stroke="var(--ink)" strokeWidth="1.4">
            <path
              d={`M${whisker.from} ${y - 3.5}v7M${whisker.from} ${y}H${whisker.to}M${whisker.to} ${y - 3.5}v7`}
              fill="none"
            />
            <path d={notch} fill={verdict === "unsure" ? "var(--paper)" : "var(--ink)"} />
            {beyond ? (
              <path
                d={
                  beyond === "left"
                    ? `M7 ${y - 4}L1 ${y}L7 ${y + 4}`
                    : `M${width - 7} ${y - 4}L${width - 1} ${y}L${width - 7} ${y + 4}`
                }
                fill="none"
              />
            ) : null}
          </g>
        ),
      )}
      {drag
        ? mark.sides.map(({ side, y, x, asked }) => {
            const reading = readings.find((one) => one.side === side);
            if (!asked || !reading) return null;
            return (
              <Handle
                key={`${side}-handle`}
                svg={svg}
                side={side}
                x={x ?? mark.middle}
                y={y}
                margin={reading.margin ?? 0}
                perDegree={mark.middle / span}
                width={width}
                drag={drag}
              />
            );
          })
        : null}
    </svg>
  );
});

/** A grip over a notch: dragged with a finger, or moved by the arrow keys. */
function Handle({
  svg,
  side,
  x,
  y,
  margin,
  perDegree,
  width,
  drag,
}: {
  svg: React.RefObject<SVGSVGElement | null>;
  side: Side;
  x: number;
  y: number;
  margin: number;
  perDegree: number;
  width: number;
  drag: Draggable;
}) {
  const held = useRef<{ from: number; margin: number } | null>(null);
  const at = (event: React.PointerEvent): number => {
    const box = svg.current!.getBoundingClientRect();
    return ((event.clientX - box.left) * width) / box.width;
  };
  const degrees = drag.need + margin;
  return (
    <rect
      x={Math.min(width - 26, Math.max(0, x - 13))}
      y={y - 12}
      width="26"
      height="24"
      fill="transparent"
      style={{ cursor: "ew-resize", touchAction: "none" }}
      role="slider"
      tabIndex={0}
      aria-label={`What if: ${drag.name}, ${sideName[side]}`}
      aria-valuemin={-60}
      aria-valuemax={240}
      aria-valuenow={Math.round(degrees)}
      aria-valuetext={`${Math.round(degrees)} degrees`}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        held.current = { from: at(event), margin };
      }}
      onPointerMove={(event) => {
        const hand = held.current;
        if (hand)
          drag.onMove(
            side,
            Math.round(drag.need + hand.margin + (at(event) - hand.from) / perDegree),
          );
      }}
      onPointerUp={() => {
        held.current = null;
      }}
      onKeyDown={(event) => {
        const step = event.shiftKey ? 5 : 1;
        const by: Record<string, number> = {
          ArrowLeft: -step,
          ArrowDown: -step,
          ArrowRight: step,
          ArrowUp: step,
        };
        const moved = by[event.key];
        if (moved === undefined) return;
        event.preventDefault();
        drag.onMove(side, Math.round(degrees + moved));
      }}
    />
  );
}
