import type { Athlete } from "../records/athlete";
import { heightSpread } from "../body/usual-height";
import type { Check } from "../records/records";
import type { Side } from "../body/side";
import { sampleStandardDeviation } from "simple-statistics";
import { conversionOf, slopeAt, type BodyLength, type BodyMeasures } from "./convert";
import {
  errorOf,
  unitOf,
  type ErrorSource,
  type Geometry,
  type Instrument,
  type Mode,
  type Protocol,
  type ReadingKind,
  type ReadingUnit,
} from "../content/protocol";

/** What was read: the trials in the protocol's unit, with what, and the reading's own error where it has one. */
export type Taken = Pick<Check, "trials" | "instrument"> & { ownError?: number };

/** A reading with its standard error, both in the protocol's own unit (degrees, cm or a count). */
export type Value = {
  value: number;
  se: number;
  /** The error with the full number of trials: what n₀ trials would have. */
  sem: number;
  trials: number;
  why: MeanWhy;
};

/** How a value came to be: what went in, in the protocol's unit. */
export type MeanWhy = {
  rule: "mean";
  trials: readonly number[];
  instrument: Instrument;
  sem: number;
  /** n₀ */
  wanted: number;
  ownError: number;
  se: number;
  source: ErrorSource;
};

/** How a length became an angle: the formula by its kind of reading, the lengths it took, and its slope. */
export type ConvertedWhy = {
  rule: "converted";
  reading: ReadingKind;
  geometry?: Geometry;
  value: number;
  se: number;
  lengths: readonly BodyLength[];
  /** Degrees per cm. */
  slope: number;
  source: ErrorSource;
};

/** A joint angle with its standard error, degrees. */
export type Angle = {
  degrees: number;
  se: number;
  /** The reading stands at its stop (a split on the floor): the joint has at least so much. */
  atLeast: boolean;
  why: MeanWhy | ConvertedWhy;
};

/** Whether a reading stands where it cannot read more. */
const atItsStop = (value: number, { endsAt, better }: Protocol): boolean =>
  endsAt !== null && (better === "less" ? value <= endsAt : value >= endsAt);

/**
 * The value of a check: the mean of its trials.
 *
 * Its standard error is the instrument's SEM in this protocol, widened by √(n₀ / n) when fewer trials than n₀
 * were taken. Extra trials are not credited: the SEM already contains the tester's day-to-day error. A photo or
 * sensor reading adds its own error, as the root of the sum of squares.
 *
 * @throws when there are no trials
 */
export function valueOf(taken: Taken, protocol: Protocol): Value {
  const { trials, instrument, ownError = 0 } = taken;
  if (trials.length === 0) throw new Error("a check needs at least one trial");
  const value = trials.reduce((sum, trial) => sum + trial, 0) / trials.length;
  const { sem, source } = errorOf(protocol, instrument);
  const widening = trials.length < protocol.trials ? Math.sqrt(protocol.trials / trials.length) : 1;
  const se = Math.hypot(Math.max(sem * widening, trialError(trials, sem * widening)), ownError);
  return {
    value,
    se,
    sem: Math.hypot(sem, ownError),
    trials: trials.length,
    why: {
      rule: "mean",
      trials,
      instrument,
      sem,
      wanted: protocol.trials,
      ownError,
      se,
      source,
    },
  };
}

/** Of the SEM's variance so much comes with each trial, the rest with the sitting. Working figure. */
const trialShare = 0.4;
/** Trials that lie so many times farther apart than that were not read as the protocol is read. */
const muchApart = 2;

/** The error of a mean whose trials disagree more than the SEM lets them; 0 where they do not. */
function trialError(trials: readonly number[], error: number): number {
  if (trials.length < 2) return 0;
  const ofMean = sampleStandardDeviation([...trials]) / Math.sqrt(trials.length);
  return ofMean > muchApart * Math.sqrt(trialShare) * error
    ? Math.hypot(Math.sqrt(1 - trialShare) * error, ofMean)
    : 0;
}

/** The body measures of an athlete, for conversions: own measures where recorded, proportions otherwise. */
export const bodyOf = (athlete: Athlete): BodyMeasures => ({
  statureCm: athlete.statureCm,
  spread: athlete.assumed.includes("height") ? heightSpread : 0,
  ...athlete.measures,
});

/** What a stature that nobody has measured leaves open of an angle, degrees. */
function openBy(body: BodyMeasures, angle: (body: BodyMeasures) => number): number {
  const { spread = 0, statureCm } = body;
  if (spread === 0) return 0;
  const at = (share: number) => angle({ ...body, statureCm: statureCm * (1 + share) });
  return Math.abs(at(spread) - at(-spread)) / 2;
}

/** The joint angle that a reading stands for, error carried through the conversion; null for lengths and counts. */
export function angleOf(value: Value, protocol: Protocol, body: BodyMeasures): Angle | null {
  if (protocol.reading === "degrees") {
    const { value: degrees, se, why } = value;
    return { degrees, se, atLeast: atItsStop(degrees, protocol), why };
  }
  const conversion = conversionOf(protocol);
  if (!conversion) return null;
  const degrees = conversion.angle(value.value, body);
  if (!Number.isFinite(degrees)) return null;
  const slope = slopeAt(conversion, value.value, body);
  // At its end a conversion is flat: what the error reaches to either side stands for it there.
  const reaches = [value.value - value.se, value.value + value.se].map((reading) =>
    Math.abs(conversion.angle(reading, body) - degrees),
  );
  return {
    degrees,
    se: Math.hypot(
      Math.max(value.se * Math.abs(slope), ...reaches.map((reach) => reach / 2)),
      openBy(body, (other) => conversion.angle(value.value, other)),
    ),
    atLeast: atItsStop(value.value, protocol),
    why: {
      rule: "converted",
      reading: protocol.reading,
      ...(protocol.geometry ? { geometry: protocol.geometry } : {}),
      value: value.value,
      se: value.se,
      lengths: conversion
        .lengths(body)
        .map((one) => (one.from === "stature" && body.spread ? { ...one, from: "age" } : one)),
      slope,
      source: value.why.source,
    },
  };
}

/** What an angle says of one joint: of legs that go apart together, half each. */
export function ofOneJoint(
  angle: Angle | null,
  { together }: Pick<Protocol, "together">,
): Angle | null {
  if (!angle || !together.some(({ leg }) => leg === "both-sides")) return angle;
  return { ...angle, degrees: angle.degrees / 2, se: angle.se / 2 };
}

/** The unit in which a check is compared and charted: degrees where its reading stands for an angle. */
export const angleUnit = (protocol: Protocol): ReadingUnit =>
  conversionOf(protocol) ? "°" : unitOf(protocol);

export type Wanted = { protocolId: string; side: Side; mode?: Mode; on?: string };

/**
 * The checks of one protocol and side, newest first, up to and including a day.
 * Mode is left open unless it is asked for. A check that pain stopped before a reading is none of them.
 */
export function checksOf(checks: readonly Check[], wanted: Wanted): Check[] {
  return checks
    .filter(
      (check) =>
        check.protocolId === wanted.protocolId &&
        check.trials.length > 0 &&
        check.side === wanted.side &&
        (!wanted.mode || check.mode === wanted.mode) &&
        (!wanted.on || check.on <= wanted.on),
    )
    .sort((a, b) => (a.on < b.on ? 1 : a.on > b.on ? -1 : b.at.localeCompare(a.at)));
}
