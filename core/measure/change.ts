import { differenceInCalendarDays, parseISO } from "date-fns";
import type { Check } from "../records/records";
import type { Reckoned } from "./pairs";
import type { Protocol } from "../content/protocol";
import { testerWidening } from "./tester";
import { valueOf, type Value } from "./value";
import { z95 } from "../stats/confidence";

export type Change = {
  delta: number;
  real: boolean;
  /** Whether the change is toward more range, by the protocol's own sense. */
  toward: "more" | "less" | "same";
  /** The smallest difference that would have been called real, in the reading's unit. */
  threshold: number;
  /** 1, or the factor by which another tester's hands widen both errors. */
  widening: number;
  /** Trials of each check at which a difference of this size would be called real; null when more trials alone cannot settle it. */
  trialsToSettle: number | null;
  /** Weeks more, at the pace so far, until the change would be real; null when trials settle it or a year would not. */
  weeksToSettle: number | null;
  why: ChangeWhy;
};

export type ChangeWhy = {
  rule: "change";
  before: Reckoned;
  after: Reckoned;
  delta: number;
  threshold: number;
  widening: number;
  /** The two people who measured, where the errors were widened for them. */
  testers: readonly [string, string] | null;
};

/** What lies between two checks besides the change itself. */
export type Between = { testers?: readonly [string, string]; days?: number };

/**
 * Whether two values differ by more than their errors explain: |Δ| > 1.96 · √(se₁² + se₂²).
 * With equal errors the threshold is the usual minimal detectable change, 2.77 · SEM. When two different people
 * measured, both errors are widened first.
 */
export function changeBetween(
  before: Value,
  after: Value,
  protocol: Protocol,
  between: Between = {},
): Change {
  const delta = after.value - before.value;
  const widening = between.testers ? testerWidening(...between.testers) : 1;
  const threshold = z95 * widening * Math.hypot(before.se, after.se);
  const real = Math.abs(delta) > threshold;
  const best = z95 * widening * Math.hypot(before.sem, after.sem);
  const trials = real ? null : trialsToSettle(Math.abs(delta), best, protocol);
  return {
    delta,
    real,
    toward: delta === 0 ? "same" : delta > 0 === (protocol.better === "more") ? "more" : "less",
    threshold,
    widening,
    trialsToSettle: trials,
    weeksToSettle: real || trials ? null : weeksToSettle(delta, best, between.days ?? 0),
    why: {
      rule: "change",
      before: { value: before.value, se: before.se },
      after: { value: after.value, se: after.se },
      delta,
      threshold,
      widening,
      testers: widening > 1 ? between.testers! : null,
    },
  };
}

/** The fewest trials n ≤ n₀ with which a difference this large would be real; null when even n₀ is not enough. */
function trialsToSettle(size: number, best: number, protocol: Protocol): number | null {
  for (let trials = 1; trials <= protocol.trials; trials += 1)
    if (size > best * Math.sqrt(protocol.trials / trials)) return trials;
  return null;
}

/** Weeks more until the same pace passes the threshold; null without a pace, or beyond a year. */
function weeksToSettle(delta: number, best: number, days: number): number | null {
  if (delta === 0 || days <= 0) return null;
  const weeks = Math.ceil(((best / Math.abs(delta)) * days - days) / 7);
  return weeks <= 52 ? Math.max(1, weeks) : null;
}

/**
 * Whether two checks may be compared at all: same protocol version, side, mode and temperature.
 * Cold and warm values are never compared with each other.
 */
export const comparable = (a: Check, b: Check): boolean =>
  a.protocolId === b.protocolId &&
  a.protocolVersion === b.protocolVersion &&
  a.side === b.side &&
  a.mode === b.mode &&
  a.temperature === b.temperature;

/** The change from one check to a later one, its tester and the days between taken into account. */
export const changeOfChecks = (before: Check, after: Check, protocol: Protocol): Change =>
  changeBetween(valueOf(before, protocol), valueOf(after, protocol), protocol, {
    testers: [before.tester, after.tester],
    days: differenceInCalendarDays(parseISO(after.on), parseISO(before.on)),
  });

/** The change of a check against the latest earlier one it may be compared with; null when there is none. */
export function changeSince(
  check: Check,
  earlier: readonly Check[],
  protocol: Protocol,
): (Change & { since: string }) | null {
  const previous = earlier.find((other) => other.id !== check.id && comparable(check, other));
  return previous ? { ...changeOfChecks(previous, check, protocol), since: previous.on } : null;
}

export type SideDifference = {
  /** left − right, in the reading's unit. */
  difference: number;
  real: boolean;
  /** 100 · |L − R| / max(L, R). */
  index: number;
  worthActing: boolean;
  /** The side with less range. */
  shorter: "left" | "right";
  threshold: number;
  why: SidesWhy;
};

export type SidesWhy = {
  rule: "sides";
  left: Reckoned;
  right: Reckoned;
  /** Per cent, and from how many on it is worth acting. */
  index: number;
  actAbove: number;
};

/**
 * Whether left and right differ by more than their errors explain, and by enough to act on
 * (real, and over the protocol's threshold, 10 % unless it says otherwise).
 */
export function sideDifference(left: Value, right: Value, protocol: Protocol): SideDifference {
  const difference = left.value - right.value;
  const threshold = z95 * Math.hypot(left.se, right.se);
  const real = Math.abs(difference) > threshold;
  const larger = Math.max(Math.abs(left.value), Math.abs(right.value));
  const index = larger > 0 ? (100 * Math.abs(difference)) / larger : 0;
  const leftIsLess = protocol.better === "more" ? difference < 0 : difference > 0;
  return {
    difference,
    real,
    index,
    threshold,
    worthActing: real && index > protocol.sideThreshold,
    shorter: leftIsLess ? "left" : "right",
    why: {
      rule: "sides",
      left: { value: left.value, se: left.se },
      right: { value: right.value, se: right.se },
      index,
      actAbove: protocol.sideThreshold,
    },
  };
}
