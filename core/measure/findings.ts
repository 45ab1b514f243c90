import type { Side } from "../body/side";
import type { DayText } from "../dates/days";
import type { Check } from "../records/records";
import { protocolOf, type Library } from "../content/library";
import { sideDifferencesOf, type Change, type SideDifference } from "./change";
import { arcDifference, borrowedTurnout, totalArc, usableShare, type Joined } from "./pairs";
import type { Mode, Protocol } from "../content/protocol";
import { roundChanges, type CommonShift } from "./round-changes";
import { valueOf, type Value } from "./value";

/** What a round says of one check, with the figures behind it. */
export type Finding = {
  protocol: Protocol;
  side: Side | null;
  /** Active or passive, where it speaks of one of them. */
  mode: Mode | null;
  /** Whether it says that something is really so, rather than within the error. */
  real: boolean;
} & (
  | { kind: "change"; change: Change & { since: DayText } }
  | { kind: "sides"; difference: SideDifference }
  | { kind: "share"; share: Joined }
  /** The total arc of either side or both, and how they differ where both are known. */
  | { kind: "arc"; left: Joined | null; right: Joined | null; apart: Apart | null }
  | { kind: "turnout"; borrowed: Borrowed }
  /** All readings of the round moved together. */
  | { kind: "common"; shift: CommonShift }
);

type Apart = ReturnType<typeof arcDifference>;
type Borrowed = ReturnType<typeof borrowedTurnout>;

type Reading = { check: Check; protocol: Protocol; value: Value };

/** The two halves of a shoulder's rotation, and the two ways to see a turnout. */
const arcHalves = ["shoulder-rotation-out", "shoulder-rotation-in"] as const;
const turnoutViews = ["turnout-standing", "turnout-lying"] as const;

/**
 * Reads a round: the change of each check by its whole series, all of them judged together, what they share, the side
 * difference, the usable share where active and passive were both taken, the total arc, and borrowed turnout.
 * Only checks of one temperature are set against each other.
 *
 * @param round the checks of one day
 * @param earlier checks before them
 */
export function findingsOf(
  round: readonly Check[],
  earlier: readonly Check[],
  library: Library,
): Finding[] {
  const readings = round.flatMap((check): Reading[] => {
    const protocol = protocolOf(library, check.protocolId);
    return protocol && check.trials.length > 0
      ? [{ check, protocol, value: valueOf(check, protocol) }]
      : [];
  });
  return [
    ...changeFindings(readings, earlier, library),
    ...sidesFindings(readings),
    ...readings.flatMap((reading) => shareFinding(reading, readings)),
    ...arcFinding(readings),
    ...turnoutFinding(readings),
  ];
}

/** The change of each reading of a round by its series, and what the whole body shares. */
function changeFindings(
  readings: readonly Reading[],
  earlier: readonly Check[],
  library: Library,
): Finding[] {
  const on = readings[0]?.check.on;
  if (!on) return [];
  const round = readings.map(({ check }) => check);
  const { changes, common } = roundChanges([...earlier, ...round], library, { on });
  const found = readings.flatMap(({ check, protocol }): Finding[] => {
    const one = changes.find((other) => other.check.id === check.id);
    if (!one) return [];
    const { change } = one;
    return [
      { kind: "change", protocol, side: check.side, mode: check.mode, real: change.real, change },
    ];
  });
  return common
    ? [
        {
          kind: "common",
          protocol: readings[0]!.protocol,
          side: null,
          mode: null,
          real: true,
          shift: common,
        },
        ...found,
      ]
    : found;
}

/** The reading on the other side, taken the same way. */
const partner = ({ check }: Reading, readings: readonly Reading[], side: Side) =>
  readings.find(
    (other) =>
      other.check.protocolId === check.protocolId &&
      other.check.side === side &&
      other.check.mode === check.mode &&
      other.check.temperature === check.temperature,
  );

/** Left against right of every pair of the round, all judged together. */
function sidesFindings(readings: readonly Reading[]): Finding[] {
  const pairs = readings.flatMap((left) => {
    const right = left.check.side === "left" ? partner(left, readings, "right") : undefined;
    return right ? [{ left, right }] : [];
  });
  const of = ({ value, check }: Reading) => ({ value, tester: check.tester });
  const differences = sideDifferencesOf(
    pairs.map(({ left, right }) => ({ protocol: left.protocol, left: of(left), right: of(right) })),
  );
  return pairs.map(({ left }, n): Finding => {
    const difference = differences[n]!;
    return {
      kind: "sides",
      protocol: left.protocol,
      side: null,
      mode: left.check.mode,
      real: difference.real,
      difference,
    };
  });
}

function shareFinding(active: Reading, readings: readonly Reading[]): Finding[] {
  if (active.check.mode !== "active" || active.protocol.reading !== "degrees") return [];
  const passive = readings.find(
    ({ check }) =>
      check.protocolId === active.check.protocolId &&
      check.side === active.check.side &&
      check.mode === "passive" &&
      check.temperature === active.check.temperature,
  );
  const share = passive ? usableShare(active.value, passive.value) : null;
  if (!share) return [];
  return [
    {
      kind: "share",
      protocol: active.protocol,
      side: active.check.side,
      mode: null,
      real: true,
      share,
    },
  ];
}

const readingOf = (readings: readonly Reading[], protocolId: string, side: Side) =>
  readings.find(({ check }) => check.protocolId === protocolId && check.side === side);

/** Two readings of one side and temperature by protocol; null where either is missing. */
function both(
  readings: readonly Reading[],
  [a, b]: readonly [string, string],
  side: Side,
): [Reading, Reading] | null {
  const one = readingOf(readings, a, side);
  const other =
    one &&
    readings.find(
      ({ check }) =>
        check.protocolId === b &&
        check.side === side &&
        check.mode === one.check.mode &&
        check.temperature === one.check.temperature,
    );
  return one && other ? [one, other] : null;
}

function arcFinding(readings: readonly Reading[]): Finding[] {
  const arcOn = (side: Side) => {
    const halves = both(readings, arcHalves, side);
    return (
      halves && { protocol: halves[0].protocol, arc: totalArc(halves[0].value, halves[1].value) }
    );
  };
  const [onLeft, onRight] = [arcOn("left"), arcOn("right")];
  const one = onLeft ?? onRight;
  if (!one) return [];
  const [left, right] = [onLeft?.arc ?? null, onRight?.arc ?? null];
  const apart = left && right ? arcDifference(left, right) : null;
  return [
    {
      kind: "arc",
      protocol: one.protocol,
      side: null,
      mode: null,
      real: apart?.real ?? false,
      left,
      right,
      apart,
    },
  ];
}

/** A standing turnout beside what the hip gives lying down, each side by itself. */
function turnoutFinding(readings: readonly Reading[]): Finding[] {
  return (["left", "right"] as const).flatMap((side): Finding[] => {
    const views = both(readings, turnoutViews, side);
    if (!views) return [];
    const borrowed = borrowedTurnout(views[0].value, views[1].value);
    return [
      {
        kind: "turnout",
        protocol: views[0].protocol,
        side,
        mode: null,
        real: borrowed.real,
        borrowed,
      },
    ];
  });
}
