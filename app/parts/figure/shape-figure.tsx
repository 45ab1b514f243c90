import { useMemo, useState } from "react";
import { landmarkOfJoint } from "#core/figure/joints";
import { motionOf, type MotionId } from "#core/body/motions";
import { usualBuild, type Build } from "#core/figure/contour";
import type { Drawing } from "#core/figure/drawing";
import type { Landmark } from "#core/figure/picture";
import type { LeftRight, Side } from "#core/body/side";
import type { Shape } from "#core/shape/shape";
import { ChalkBody, Floor, InkBody } from "./body";
import { drawn } from "./drawn";
import { isWide, Notes, type Box } from "./notes";
import { useSmooth } from "./use-smooth";
import { shapeWords } from "#words/shape";

export type JointSpot = { motion: MotionId; at: Landmark; side: LeftRight; text: string };

/**
 * The figure: the clean shape in chalk, what these joints allow in ink on the same floor, joints at their
 * stop ringed and named. Joints can be pressed; the whole can be turned.
 */
export function ShapeFigure({
  asked,
  had,
  before = null,
  fan = [],
  assumed = [],
  joints,
  onJoint,
  build = usualBuild,
}: {
  asked: Shape;
  had: Shape | null;
  /** The shape as it was on another date. */
  before?: Shape | null;
  /** Shapes at the ends of what the checks leave open: a fan of faint ink. */
  fan?: readonly Shape[];
  /** Joints nobody has measured: ringed with dots. */
  assumed?: readonly { motion: MotionId; side: Side }[];
  joints: readonly JointSpot[];
  onJoint: (motion: MotionId) => void;
  /** How the athlete is built: the ink is drawn so, the chalk too. */
  build?: Build;
}) {
  const [turned, setTurn] = useState<number | null>(null);
  const turn = turned ?? asked.view;
  const look = { azimuth: turn, build };
  const chalk = drawn(asked.pose, look);
  const shape = useSmooth(had ?? asked);
  const ink = drawn(shape.pose, look);
  const past = before ? drawn(before.pose, look) : null;
  const anchor = anchorShift(shape, chalk, ink);
  const box = useMemo(() => frameOf(chalk, ink, anchor), [chalk, ink, anchor]);
  const unit = box.width / 100;
  return (
    <figure className="relative flex h-full min-h-0 flex-col">
      <svg
        viewBox={`${box.left} ${box.top} ${box.width} ${box.height}`}
        className="min-h-0 w-full flex-1"
        role="group"
        aria-label={`The figure. ${shapeWords(shape)}`}
      >
        <Floor from={box.left + 2} to={box.left + box.width - 2} />
        <g transform={`translate(${anchor} 0)`}>
          <ChalkBody drawing={chalk} />
        </g>
        {past && before ? (
          <g transform={`translate(${anchorShift(before, past, ink)} 0)`} opacity="0.55">
            <InkBody drawing={past} ground="var(--paper)" ink="var(--hair)" far="var(--hair)" />
          </g>
        ) : null}
        {had
          ? fan.map((end, n) => {
              const edge = drawn(end.pose, look);
              return (
                <g key={n} transform={`translate(${anchorShift(end, edge, ink)} 0)`} opacity="0.16">
                  <InkBody drawing={edge} ground="var(--ink)" />
                </g>
              );
            })
          : null}
        {had ? <InkBody drawing={ink} ground="var(--paper)" /> : null}
        {had
          ? assumed.map(({ motion, side }) => {
              const at = landmarkOfJoint[motionOf(motion).joint];
              const [x, y] = ink.spot(at, side === "left" ? "left" : "right");
              return (
                <circle
                  key={`${motion}/${side}`}
                  cx={x}
                  cy={y}
                  r={unit * 2.6}
                  fill="none"
                  stroke="var(--muted)"
                  strokeWidth={unit * 0.5}
                  strokeDasharray={`${unit * 0.1} ${unit * 1.1}`}
                  strokeLinecap="round"
                />
              );
            })
          : null}
        {had && Math.abs(turn - asked.view) < 40 ? (
          <Drift shape={shape} chalk={chalk} ink={ink} anchor={anchor} unit={unit} />
        ) : null}
        {had && shape.base ? <Balance shape={shape} drawing={ink} /> : null}
        {had && Math.abs(turn - asked.view) < 40 ? (
          <Notes
            shape={had}
            drawing={drawn(had.pose, look)}
            chalk={chalk}
            shift={anchorShift(had, chalk, drawn(had.pose, look))}
            box={box}
            unit={unit}
          />
        ) : null}
        {joints.map((joint) => {
          const [x, y] = ink.spot(joint.at, joint.side);
          return (
            <Joint
              key={`${joint.motion}-${joint.side}`}
              x={x}
              y={y}
              unit={unit}
              joint={joint}
              onJoint={onJoint}
            />
          );
        })}
      </svg>
      <label className="no-print mt-1 flex items-center gap-3 text-sm text-muted">
        turn
        <input
          type="range"
          min="0"
          max="90"
          step="5"
          value={turn}
          onChange={(event) => setTurn(Number(event.target.value))}
          className="w-32 accent-[var(--spruce)]"
          aria-valuetext={
            turn === 0 ? "from the side" : turn === 90 ? "from the front" : `${turn} degrees`
          }
        />
        <span>{turn === 0 ? "side" : turn === 90 ? "front" : `${turn}°`}</span>
      </label>
    </figure>
  );
}

function Joint({
  x,
  y,
  unit,
  joint,
  onJoint,
}: {
  x: number;
  y: number;
  unit: number;
  joint: JointSpot;
  onJoint: (motion: MotionId) => void;
}) {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={joint.text}
      className="cursor-pointer [&:hover>circle:last-child]:fill-[var(--tape)]"
      onClick={() => onJoint(joint.motion)}
      onKeyDown={(event) => {
        if (event.key !== "Enter" && event.key !== " ") return;
        event.preventDefault();
        event.stopPropagation();
        onJoint(joint.motion);
      }}
    >
      <circle cx={x} cy={y} r={unit * 3.4} fill="transparent" />
      <circle
        cx={x}
        cy={y}
        r={unit * 0.85}
        fill="var(--paper)"
        stroke="var(--ink)"
        strokeWidth={unit * 0.22}
      />
    </g>
  );
}

/** Arrows from where the clean shape has a joint to where this body puts it, at everything that gives way. */
function Drift({
  shape,
  chalk,
  ink,
  anchor,
  unit,
}: {
  shape: Shape;
  chalk: Drawing;
  ink: Drawing;
  anchor: number;
  unit: number;
}) {
  const places = new Map(shape.compensations.map((give) => [`${give.at}/${give.side}`, give]));
  return (
    <g stroke="var(--clay)" strokeWidth={unit * 0.45} fill="none" strokeLinecap="round">
      {[...places].map(([key, { at, side }]) => {
        const [cx, cy] = chalk.spot(at, side);
        const [x, y] = ink.spot(at, side);
        const from = [cx + anchor, cy] as const;
        const [dx, dy] = [x - from[0], y - from[1]];
        const length = Math.hypot(dx, dy);
        if (length < unit * 3) return null;
        const [ux, uy] = [dx / length, dy / length];
        // It ends at the rim of the joint's mark.
        const [tx, ty] = [x - ux * unit * 1.4, y - uy * unit * 1.4];
        const head = unit * 1.6;
        return (
          <path
            key={key}
            d={`M${from[0]} ${from[1]}L${tx} ${ty}M${tx - head * (ux + uy * 0.6)} ${ty - head * (uy - ux * 0.6)}L${tx} ${ty}L${tx - head * (ux - uy * 0.6)} ${ty - head * (uy + ux * 0.6)}`}
          />
        );
      })}
    </g>
  );
}

/** Centre of mass as a lozenge with a plumb line to the base bracket under the floor. */
function Balance({ shape, drawing }: { shape: Shape; drawing: Drawing }) {
  const { base } = shape;
  if (!base) return null;
  const [x, y] = drawing.centreOfMass;
  const ends = [drawing.spot(base.from, base.side)[0], drawing.spot(base.to, base.side)[0]].sort(
    (a, b) => a - b,
  );
  return (
    <g fill="none" stroke="var(--ink)">
      <path d={`M${x} ${y}V0`} strokeWidth="0.5" strokeDasharray="0.6 1.6" />
      <path
        d={`M${x} ${y - 2.2}l2.2 2.2l-2.2 2.2l-2.2 -2.2z`}
        fill="var(--tape)"
        strokeWidth="0.55"
      />
      <path
        d={`M${ends[0]} 5.5v2.6H${ends[1]}v-2.6`}
        strokeWidth="0.7"
        stroke={shape.balanced ? "var(--ink)" : "var(--clay)"}
      />
    </g>
  );
}

/** Both figures share what carries the weight: hands on hands, feet on feet, hips over hips in a split. */
function anchorShift(shape: Shape, chalk: Drawing, ink: Drawing): number {
  if (!shape.base) return 0;
  return (
    ink.spot(shape.base.from, shape.base.side)[0] - chalk.spot(shape.base.from, shape.base.side)[0]
  );
}

/** The two drawings with room for words at the sides, never narrower than a hand's breadth around a tall shape. */
function frameOf(chalk: Drawing, ink: Drawing, shift: number): Box {
  const left = Math.min(chalk.bounds.left + shift, ink.bounds.left);
  const right = Math.max(chalk.bounds.right + shift, ink.bounds.right);
  const top = Math.min(chalk.bounds.top, ink.bounds.top) - 8;
  const tall = -top;
  const width = Math.max(right - left + 16, tall * 0.72, 120);
  const wide = isWide(ink);
  // Words stand above a wide shape: it leaves them room.
  const height = Math.max(tall + (wide ? 14 + width * 0.06 : 14), width * (wide ? 0.8 : 0.72));
  const centre = (left + right) / 2;
  return { left: centre - width / 2, top: 14 - height, width, height };
}
