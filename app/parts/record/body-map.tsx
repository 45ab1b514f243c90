import { useId } from "react";
import type { BodyMark } from "#core/aim/record";
import type { Landmark } from "#core/figure/picture";
import type { LeftRight, Side } from "#core/body/side";
import type { JointId } from "#core/body/motions";
import type { Pose } from "#core/figure/pose";
import { Floor, InkBody } from "../figure/body";
import { drawn } from "../figure/drawn";
import { bodyLineWords } from "#words/aim";
import { jointWords } from "#words/slots";

/** Standing, arms a little away, palms back: seen from behind, so that left is on the left. */
const pose: Pose = { shoulderOut: 32, elbow: 4, hipOut: 9, forearmTurn: -30 };
const fromBehind = -90;

const spotOf: Record<JointId, readonly [Landmark, Landmark?]> = {
  neck: ["neck", "crown"],
  thoracic: ["thoracic", "neck"],
  lumbar: ["lumbar"],
  shoulder: ["shoulder"],
  elbow: ["elbow"],
  forearm: ["elbow", "wrist"],
  wrist: ["wrist"],
  fingers: ["fingertips"],
  hip: ["hip"],
  knee: ["knee"],
  ankle: ["ankle"],
  toes: ["toe"],
};

const stateText: Record<BodyMark["state"], string> = {
  short: "short of what is asked",
  unsure: "too close to call",
  unknown: "asked, not measured",
  clear: "enough",
  measured: "measured, not asked",
  none: "not measured",
};
const sideText: Record<Side, string> = { left: "left ", right: "right ", mid: "" };

/** The whole body, every joint marked by its margin: hatched clay short, lichen enough, a question not measured. */
export function BodyMap({
  marks,
  onJoint,
  caption,
}: {
  marks: readonly BodyMark[];
  onJoint: (protocolId: string, joint: JointId) => void;
  caption: string;
}) {
  const hatch = useId();
  const drawing = drawn(pose, fromBehind);
  const { left, right, top } = drawing.bounds;
  return (
    <figure className="flex min-h-0 flex-1 flex-col">
      <svg
        viewBox={`${left - 8} ${top - 5} ${right - left + 16} ${10 - top}`}
        role="group"
        aria-label={`The body, seen from behind, ${caption}`}
        className="min-h-0 w-full flex-1"
      >
        <Hatch id={hatch} />
        <Floor from={left - 6} to={right + 6} strokes={false} colour="var(--line)" />
        <InkBody drawing={drawing} ground="var(--paper)" ink="var(--line)" far="var(--line)" />
        {marks.map((mark) => {
          const [a, b] = spotOf[mark.joint];
          const side: LeftRight = mark.side === "left" ? "left" : "right";
          const [ax, ay] = drawing.spot(a, side);
          const [bx, by] = b ? drawing.spot(b, side) : [ax, ay];
          return (
            <Mark
              key={`${mark.joint}/${mark.side}`}
              x={(ax + bx) / 2}
              y={(ay + by) / 2}
              mark={mark}
              hatch={hatch}
              onPress={mark.protocolId ? () => onJoint(mark.protocolId!, mark.joint) : null}
            />
          );
        })}
      </svg>
      <figcaption className="text-center text-sm text-muted">{caption}</figcaption>
    </figure>
  );
}

function Mark({
  x,
  y,
  mark,
  hatch,
  onPress,
}: {
  x: number;
  y: number;
  mark: BodyMark;
  hatch: string;
  onPress: (() => void) | null;
}) {
  const { state, joint, side, lines } = mark;
  const label = `${sideText[side]}${jointWords(joint)}: ${stateText[state]}${lines.length > 0 ? `. ${lines.map(bodyLineWords).join("; ")}` : ""}`;
  const dot =
    state === "none" ? (
      <circle cx={x} cy={y} r="0.9" fill="var(--hair)" />
    ) : state === "measured" ? (
      <circle cx={x} cy={y} r="1.6" fill="var(--paper)" stroke="var(--ink)" strokeWidth="0.7" />
    ) : (
      <>
        <circle
          cx={x}
          cy={y}
          r="3"
          fill={
            state === "short"
              ? `url(#${hatch})`
              : state === "clear"
                ? "var(--lichen-soft)"
                : "var(--paper)"
          }
          stroke={state === "short" ? "var(--clay)" : "var(--ink)"}
          strokeWidth="0.8"
          {...(state === "unknown" ? { strokeDasharray: "1.4 1.1" } : {})}
        />
        {state === "unknown" ? (
          <text
            x={x}
            y={y + 1.4}
            fontSize="4"
            textAnchor="middle"
            fill="var(--ink)"
            fontWeight="700"
          >
            ?
          </text>
        ) : state === "unsure" ? (
          <path
            d={`M${x} ${y - 3}A3 3 0 0 1 ${x} ${y + 3}Z`}
            fill="var(--clay-soft)"
            stroke="none"
          />
        ) : null}
      </>
    );
  if (!onPress)
    return (
      <g>
        <title>{label}</title>
        {dot}
      </g>
    );
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      className="cursor-pointer"
      onClick={onPress}
      onKeyDown={(event) => {
        if (event.key !== "Enter" && event.key !== " ") return;
        event.preventDefault();
        onPress();
      }}
    >
      <title>{label}</title>
      <circle cx={x} cy={y} r="4.6" fill="transparent" />
      {dot}
    </g>
  );
}

/** What the marks mean, once beneath the body. */
export function BodyLegend() {
  const hatch = useId();
  const entry = (mark: React.ReactNode, text: string) => (
    <li className="flex items-center gap-1.5">
      <svg viewBox="-4 -4 8 8" className="size-4" aria-hidden="true">
        {mark}
      </svg>
      {text}
    </li>
  );
  return (
    <ul className="mt-2 flex flex-wrap justify-center gap-x-4 gap-y-1 text-xs text-muted">
      {entry(
        <>
          <Hatch id={hatch} />
          <circle r="3" fill={`url(#${hatch})`} stroke="var(--clay)" strokeWidth="0.8" />
        </>,
        "short",
      )}
      {entry(
        <>
          <circle r="3" fill="var(--paper)" stroke="var(--ink)" strokeWidth="0.8" />
          <path d="M0 -3A3 3 0 0 1 0 3Z" fill="var(--clay-soft)" />
        </>,
        "too close to call",
      )}
      {entry(
        <circle r="3" fill="var(--lichen-soft)" stroke="var(--ink)" strokeWidth="0.8" />,
        "enough",
      )}
      {entry(
        <circle
          r="3"
          fill="none"
          stroke="var(--ink)"
          strokeWidth="0.8"
          strokeDasharray="1.4 1.1"
        />,
        "asked, not measured",
      )}
      {entry(
        <circle r="1.6" fill="none" stroke="var(--ink)" strokeWidth="0.8" />,
        "measured, not asked",
      )}
    </ul>
  );
}

/** Clay strokes on paper: what is short. */
function Hatch({ id }: { id: string }) {
  return (
    <defs>
      <pattern
        id={id}
        width="1.5"
        height="1.5"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="1.5" height="1.5" fill="var(--paper)" />
        <line x1="0" y1="0" x2="0" y2="1.5" stroke="var(--clay)" strokeWidth="1.5" />
      </pattern>
    </defs>
  );
}
