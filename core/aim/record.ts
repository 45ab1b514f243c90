import type { DemandGap, Verdict } from "./margin";
import type { JointId, MotionId } from "../body/motions";
import { motionOf } from "../body/motions";
import { bothSides, sidesOf, type Side } from "../body/side";
import type { Athlete } from "../records/athlete";
import type { Check } from "../records/records";
import type { Library } from "../content/library";
import type { DayText } from "../dates/days";
import { comparable, type Change } from "../measure/change";
import { roundChanges, seriesPointOf, type RoundChanges } from "../measure/round-changes";
import { bestOf } from "../measure/trend";
import type { Mode, Protocol } from "../content/protocol";
import { angleOf, bodyOf, checksOf, valueOf, type Angle, type Value } from "../measure/value";

/** One side of one check in the record. */
export type RecordSide = {
  side: Side;
  last: { check: Check; value: Value; angle: Angle | null };
  /** The best that its series supports, and the day of it. */
  best: { value: number; on: DayText };
  /** By the series from the latest comparable check on or before the chosen date; null when there is none. */
  change: (Change & { since: DayText }) | null;
};

/** One check of one mode, both sides, as of a day. */
export type RecordRow = {
  key: string;
  protocol: Protocol;
  mode: Mode;
  sides: RecordSide[];
  /** The demand it answers, where an open aim asks it. */
  gap: DemandGap | null;
  lastOn: DayText;
};

export type RecordInput = {
  athlete: Athlete;
  checks: readonly Check[];
  library: Library;
  gaps: readonly DemandGap[];
  /** The day the record is read on: later checks are not seen. */
  on: DayText;
  /** The date against which a change is read. */
  since: DayText;
};

/** The record as rows: last, best and change since a date, both sides of every check that was ever taken. */
export function recordRows(input: RecordInput): RecordRow[] {
  const { library, gaps, checks, on, since } = input;
  const changes = roundChanges(checks, library, { on, since });
  return library.protocols.flatMap((protocol) =>
    protocol.modes.flatMap((mode): RecordRow[] => {
      const sides = sidesOf(protocol.sided).flatMap((side) =>
        sideOf(protocol, mode, side, input, changes),
      );
      if (sides.length === 0) return [];
      return [
        {
          key: `${protocol.id}/${mode}`,
          protocol,
          mode,
          sides,
          gap:
            gaps.find(
              ({ protocolId, demand }) => protocolId === protocol.id && demand.mode === mode,
            ) ?? null,
          lastOn: sides.map(({ last }) => last.check.on).reduce((a, b) => (a > b ? a : b)),
        },
      ];
    }),
  );
}

function sideOf(
  protocol: Protocol,
  mode: Mode,
  side: Side,
  { athlete, checks, on }: RecordInput,
  { changes, day }: RoundChanges,
): RecordSide[] {
  const own = checksOf(checks, { protocolId: protocol.id, side, mode, on });
  const [check] = own;
  if (!check) return [];
  const value = valueOf(check, protocol);
  const series = own.filter((other) => comparable(other, check)).reverse();
  const best = bestOf(
    series.map((one) => seriesPointOf(one, protocol)),
    day,
    protocol.better,
  )!;
  return [
    {
      side,
      last: { check, value, angle: angleOf(value, protocol, bodyOf(athlete)) },
      best,
      change: changes.find((one) => one.check.id === check.id)?.change ?? null,
    },
  ];
}

/** A motion behind a mark: a demand against what there is, degrees, or a check that nobody asks. */
export type BodyLine =
  | { of: "demand"; motion: MotionId; need: number; margin: number | null; verdict: Verdict }
  | { of: "check"; protocol: Protocol; mode: Mode; value: number };

/** What the body's picture shows of a joint and side: the worst verdict on it, or only that it was measured. */
export type BodyMark = {
  joint: JointId;
  side: Side;
  state: Verdict | "measured" | "none";
  /** The motions behind it, worst first. */
  lines: BodyLine[];
  /** The check that speaks of it. */
  protocolId: string | null;
};

const worst: readonly BodyMark["state"][] = [
  "short",
  "unknown",
  "unsure",
  "clear",
  "measured",
  "none",
];

/** The joints that have sides, and those in the middle of the body. */
const sidedJoints: readonly JointId[] = [
  "shoulder",
  "elbow",
  "forearm",
  "wrist",
  "fingers",
  "hip",
  "knee",
  "ankle",
  "toes",
];
const middleJoints: readonly JointId[] = ["neck", "thoracic", "lumbar"];

/** A mark for every joint and side of the body. A sided motion of the neck or trunk counts for the middle. */
export function bodyMarks(rows: readonly RecordRow[], gaps: readonly DemandGap[]): BodyMark[] {
  const places = [
    ...middleJoints.map((joint) => ({ joint, side: "mid" as Side })),
    ...sidedJoints.flatMap((joint) => bothSides.map((side) => ({ joint, side: side as Side }))),
  ];
  return places.map(({ joint, side }) => {
    const said = [...demanded(joint, side, gaps), ...measured(joint, side, rows)].sort(
      (a, b) => worst.indexOf(a.state) - worst.indexOf(b.state),
    );
    return {
      joint,
      side,
      state: said[0]?.state ?? "none",
      lines: said.map(({ line }) => line),
      protocolId: said[0]?.protocolId ?? null,
    };
  });
}

type Said = { state: BodyMark["state"]; line: BodyLine; protocolId: string | null };

const here = (side: Side, wanted: Side): boolean => wanted === "mid" || side === wanted;

function demanded(joint: JointId, side: Side, gaps: readonly DemandGap[]): Said[] {
  return gaps.flatMap((gap) =>
    motionOf(gap.demand.motion).joint === joint
      ? gap.sides
          .filter((one) => one.asked && here(one.side, side))
          .map((one): Said => ({
            state: one.verdict,
            line: {
              of: "demand",
              motion: gap.demand.motion,
              need: gap.need,
              margin: one.margin,
              verdict: one.verdict,
            },
            protocolId: gap.protocolId,
          }))
      : [],
  );
}

function measured(joint: JointId, side: Side, rows: readonly RecordRow[]): Said[] {
  return rows.flatMap(({ protocol, sides, gap, mode }) =>
    protocol.joint === joint && !gap
      ? sides
          .filter((one) => here(one.side, side))
          .map((one): Said => ({
            state: "measured",
            line: { of: "check", protocol, mode, value: one.last.value.value },
            protocolId: protocol.id,
          }))
      : [],
  );
}
