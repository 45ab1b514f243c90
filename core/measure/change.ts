import type { Check } from "../exchange/records";
import type { Why } from "../why";
import type { Protocol } from "./protocol";
import { valueOf, type Value } from "./value";

/** Two-sided 95 %: a difference beyond this many standard errors is called real. */
const z95 = 1.96;

export type Change = {
  delta: number;
  real: boolean;
  /** The smallest difference that would have been called real, in the reading's unit. */
  threshold: number;
  /** Trials of each check at which a difference of this size would be called real; null when more trials alone cannot settle it. */
  trialsToSettle: number | null;
  why: Why;
};

/**
 * Whether two values differ by more than their errors explain: |Δ| > 1.96 · √(se₁² + se₂²).
 * With equal errors the threshold is the usual minimal detectable change, 2.77 · SEM.
 */
export function changeBetween(before: Value, after: Value, protocol: Protocol): Change {
  const delta = after.value - before.value;
  const threshold = z95 * Math.hypot(before.se, after.se);
  const real = Math.abs(delta) > threshold;
  return {
    delta,
    real,
    threshold,
    trialsToSettle: real ? null : trialsToSettle(Math.abs(delta), protocol),
    why: {
      rule: "a change is real when |Δ| > 1.96 · √(se₁² + se₂²)",
      inputs: {
        before: `${before.value.toFixed(1)} ± ${before.se.toFixed(1)}`,
        after: `${after.value.toFixed(1)} ± ${after.se.toFixed(1)}`,
        change: delta.toFixed(1),
        "needed to be real": threshold.toFixed(1),
      },
    },
  };
}

/** The fewest trials n ≤ n₀ with which a difference this large would be real; null when even n₀ is not enough. */
function trialsToSettle(size: number, protocol: Protocol): number | null {
  for (let trials = 1; trials <= protocol.trials; trials += 1) {
    const se = protocol.sem * Math.sqrt(protocol.trials / trials);
    if (size > z95 * Math.SQRT2 * se) return trials;
  }
  return null;
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

/** The change of a check against the latest earlier one it may be compared with; null when there is none. */
export function changeSince(
  check: Check,
  earlier: readonly Check[],
  protocol: Protocol,
): (Change & { since: string }) | null {
  const previous = earlier.find((other) => other.id !== check.id && comparable(check, other));
  if (!previous) return null;
  return {
    ...changeBetween(valueOf(previous.trials, protocol), valueOf(check.trials, protocol), protocol),
    since: previous.on,
  };
}

export type SideDifference = {
  /** left − right, in the reading's unit. */
  difference: number;
  real: boolean;
  /** 100 · |L − R| / max(L, R). */
  index: number;
  worthActing: boolean;
  shorter: "left" | "right";
  threshold: number;
  why: Why;
};

/**
 * Whether left and right differ by more than their errors explain, and by enough to act on
 * (real, and over the protocol's threshold, 10 % unless it says otherwise).
 */
export function sideDifference(left: Value, right: Value, protocol: Protocol): SideDifference {
  const difference = left.value - right.value;
  const threshold = z95 * Math.hypot(left.se, right.se);
  const real = Math.abs(difference) > threshold;
  const larger = Math.max(left.value, right.value);
  const index = larger > 0 ? (100 * Math.abs(difference)) / larger : 0;
  return {
    difference,
    real,
    index,
    threshold,
    worthActing: real && index > protocol.sideThreshold,
    shorter: difference < 0 ? "left" : "right",
    why: {
      rule: "a side difference is real when |L − R| > 1.96 · √(se_L² + se_R²), worth acting on when also over the threshold",
      inputs: {
        left: `${left.value.toFixed(1)} ± ${left.se.toFixed(1)}`,
        right: `${right.value.toFixed(1)} ± ${right.se.toFixed(1)}`,
        index: `${index.toFixed(0)} %`,
        "act above": `${protocol.sideThreshold} %`,
      },
    },
  };
}
