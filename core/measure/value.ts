import type { Athlete } from "../exchange/athlete";
import type { Check } from "../exchange/records";
import type { Side } from "../body/side";
import type { Why } from "../why";
import { kneeToWall, kneeToWallSlope, type LegMeasures } from "./convert";
import type { Mode, Protocol } from "./protocol";

/** A reading with its standard error, both in the protocol's own unit (degrees or cm). */
export type Value = { value: number; se: number; trials: number; why: Why };

/** A joint angle with its standard error, degrees. */
export type Angle = { degrees: number; se: number; why: Why };

/**
 * The value of a check: the mean of its trials.
 *
 * Its standard error is the protocol's SEM, widened by √(n₀ / n) when fewer trials than n₀ were taken.
 * Extra trials are not credited: the SEM already contains the tester's day-to-day error.
 *
 * @throws when there are no trials
 */
export function valueOf(trials: readonly number[], protocol: Protocol): Value {
  if (trials.length === 0) throw new Error("a check needs at least one trial");
  const value = trials.reduce((sum, trial) => sum + trial, 0) / trials.length;
  const widening = trials.length < protocol.trials ? Math.sqrt(protocol.trials / trials.length) : 1;
  const se = protocol.sem * widening;
  return {
    value,
    se,
    trials: trials.length,
    why: {
      rule: "mean of the trials; error = SEM × √(n₀ / n) for fewer than n₀ trials",
      inputs: {
        trials: trials.join(", "),
        SEM: String(protocol.sem),
        "trials wanted (n₀)": String(protocol.trials),
        error: `± ${se.toFixed(2)}`,
      },
      source: protocol.semSource,
    },
  };
}

/** The leg measures of an athlete, for conversions: own measures where recorded, proportions otherwise. */
export const legMeasures = (athlete: Athlete): LegMeasures => ({
  statureCm: athlete.statureCm,
  shinCm: athlete.measures.shinCm,
  footCm: athlete.measures.footCm,
});

/** The joint angle that a reading stands for, error carried through the conversion. */
export function angleOf(value: Value, protocol: Protocol, body: LegMeasures): Angle {
  if (protocol.reading === "degrees") return { degrees: value.value, se: value.se, why: value.why };
  const slope = kneeToWallSlope(value.value, body);
  return {
    degrees: kneeToWall(value.value, body),
    se: value.se * slope,
    why: {
      rule: "shin angle = asin((d + a − p) / s); error = tape error × slope",
      inputs: {
        "toe to wall d": `${value.value.toFixed(1)} cm`,
        stature: `${body.statureCm} cm`,
        slope: `${slope.toFixed(2)}° per cm`,
      },
    },
  };
}

export type Wanted = { protocolId: string; side: Side; mode?: Mode; on?: string };

/**
 * The checks of one protocol and side, newest first, up to and including a day.
 * Mode is left open unless it is asked for.
 */
export function checksOf(checks: readonly Check[], wanted: Wanted): Check[] {
  return checks
    .filter(
      (check) =>
        check.protocolId === wanted.protocolId &&
        check.side === wanted.side &&
        (!wanted.mode || check.mode === wanted.mode) &&
        (!wanted.on || check.on <= wanted.on),
    )
    .sort((a, b) => (a.on < b.on ? 1 : a.on > b.on ? -1 : b.at.localeCompare(a.at)));
}
