import type { Check } from "../records/records";
import type { Reckoned } from "./pairs";
import type { Protocol } from "../content/protocol";
import type { Fineness } from "./trend";
import type { Value } from "./value";
import { normalBelow } from "../stats/normal";
import { aloneBelow, discoveryBar } from "./discoveries";
import { acrossHands } from "./tester";
import { probit } from "simple-statistics";

/** What a series of readings says of a change from its first day to its last. */
export type Change = {
  /** The change of the line through the series, in the reading's unit. */
  delta: number;
  real: boolean;
  /** Whether the change is toward more range, by the protocol's own sense. */
  toward: "more" | "less" | "same";
  /** The smallest change that would have been called real in this round, in the reading's unit. */
  threshold: number;
  /** 1, or the factor by which other hands widen the errors. */
  widening: number;
  readings: number;
  /** How fine the series will see, and after how many more rounds. */
  finest: Fineness | null;
  why: ChangeWhy;
};

export type ChangeWhy = {
  rule: "change";
  delta: number;
  /** Of the change, day-to-day differences included. */
  se: number;
  readings: number;
  threshold: number;
  widening: number;
  /** Everybody who measured. */
  testers: readonly string[];
};

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

/** How likely two sides differ so much by error alone, 0–1. */
const sidesByChance = (left: Value, right: Value): number =>
  2 * normalBelow(-Math.abs(left.value - right.value) / Math.hypot(left.se, right.se));

/**
 * Whether left and right differ by more than their errors explain, and by enough to act on
 * (real, and over the protocol's threshold, 10 % unless it says otherwise).
 * @param bar how likely by error alone it may be at most: of many pairs the one of `discoveryBar`
 */
export function sideDifference(
  left: Value,
  right: Value,
  protocol: Protocol,
  bar = aloneBelow,
): SideDifference {
  const difference = left.value - right.value;
  const threshold = -probit(bar / 2) * Math.hypot(left.se, right.se);
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

/** Two sides of one check, and who measured each. */
export type SidePairOf = {
  protocol: Protocol;
  left: { value: Value; tester: string };
  right: { value: Value; tester: string };
};

/**
 * Left against right of many pairs, in their order: all judged together, so that of those called real no more than a
 * tenth is false; two people's hands widen both errors.
 */
export function sideDifferencesOf(pairs: readonly SidePairOf[]): SideDifference[] {
  const across = pairs.map(({ protocol, left, right }) => ({
    protocol,
    values: acrossHands(left.value, right.value, [left.tester, right.tester]),
  }));
  const bar = discoveryBar(across.map(({ values }) => sidesByChance(...values)));
  return across.map(({ protocol, values }) => sideDifference(...values, protocol, bar));
}
