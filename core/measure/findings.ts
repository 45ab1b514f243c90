import type { Side } from "../body/side";
import type { Check } from "../records/records";
import { protocolOf, type Library } from "../content/library";
import type { Why } from "../stats/why";
import { changeSince, sideDifference } from "./change";
import { arcDifference, borrowedTurnout, totalArc, usableShare, type Joined } from "./pairs";
import type { Mode, Protocol } from "../content/protocol";
import {
  arcSentence,
  changeSentence,
  shareSentence,
  sideSentence,
  turnoutSentence,
} from "./sentences";
import { valueOf, type Value } from "./value";

/** What a round says, one sentence each, with the why behind it. */
export type Finding = {
  kind: "change" | "sides" | "share" | "arc" | "turnout";
  protocolId: string;
  side: Side | null;
  /** Active or passive, where it speaks of one of them. */
  mode: Mode | null;
  text: string;
  /** Whether it says that something is really so, rather than within the error. */
  real: boolean;
  why: Why;
};

type Reading = { check: Check; protocol: Protocol; value: Value };

/** The two halves of a shoulder's rotation, and the two ways to see a turnout. */
const arcHalves = ["shoulder-rotation-out", "shoulder-rotation-in"] as const;
const turnoutViews = ["turnout-standing", "turnout-lying"] as const;

/**
 * Reads a round: the change of each check against the latest earlier one it may be compared with, the side
 * difference, the usable share where active and passive were both taken, the total arc, and borrowed turnout.
 * Only checks of one temperature are set against each other.
 *
 * @param round the checks of one day
 * @param earlier checks before them
 * @param dayName how a date is written in a sentence
 */
export function findingsOf(
  round: readonly Check[],
  earlier: readonly Check[],
  library: Library,
  dayName: (day: string) => string,
): Finding[] {
  const readings = round.flatMap((check): Reading[] => {
    const protocol = protocolOf(library, check.protocolId);
    return protocol && check.trials.length > 0
      ? [{ check, protocol, value: valueOf(check, protocol) }]
      : [];
  });
  return [
    ...readings.flatMap((reading) => changeFinding(reading, earlier, dayName)),
    ...readings.flatMap((reading) => sidesFinding(reading, readings)),
    ...readings.flatMap((reading) => shareFinding(reading, readings)),
    ...arcFinding(readings),
    ...turnoutFinding(readings),
  ];
}

const newestFirst = (a: Check, b: Check): number =>
  b.on.localeCompare(a.on) || b.at.localeCompare(a.at);

function changeFinding(
  { check, protocol }: Reading,
  earlier: readonly Check[],
  dayName: (day: string) => string,
): Finding[] {
  const before = earlier
    .filter(({ protocolId, trials }) => protocolId === protocol.id && trials.length > 0)
    .sort(newestFirst);
  const change = changeSince(check, before, protocol);
  if (!change) return [];
  return [
    {
      kind: "change",
      protocolId: protocol.id,
      side: check.side,
      mode: check.mode,
      text: changeSentence(change, dayName(change.since), protocol),
      real: change.real,
      why: change.why,
    },
  ];
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

function sidesFinding(left: Reading, readings: readonly Reading[]): Finding[] {
  const right = left.check.side === "left" ? partner(left, readings, "right") : undefined;
  if (!right) return [];
  const difference = sideDifference(left.value, right.value, left.protocol);
  return [
    {
      kind: "sides",
      protocolId: left.protocol.id,
      side: null,
      mode: left.check.mode,
      text: sideSentence(difference, left.protocol),
      real: difference.real,
      why: difference.why,
    },
  ];
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
      protocolId: active.protocol.id,
      side: active.check.side,
      mode: null,
      text: shareSentence(share),
      real: true,
      why: share.why,
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
  const arcOn = (side: Side): Joined | null => {
    const halves = both(readings, arcHalves, side);
    return halves && totalArc(halves[0].value, halves[1].value);
  };
  const [left, right] = [arcOn("left"), arcOn("right")];
  const one = left ?? right;
  if (!one) return [];
  const apart = left && right ? arcDifference(left, right) : null;
  return [
    {
      kind: "arc",
      protocolId: arcHalves[0],
      side: null,
      mode: null,
      text: arcSentence(left, right, apart),
      real: apart?.real ?? false,
      why: one.why,
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
        protocolId: turnoutViews[0],
        side,
        mode: null,
        text: turnoutSentence(borrowed),
        real: borrowed.real,
        why: borrowed.why,
      },
    ];
  });
}
