import { decimal, signed } from "./locale";
import { isLength, unitOf, type Protocol } from "#core/content/protocol";
import type { Change, SideDifference } from "#core/measure/change";
import type { CommonShift } from "#core/measure/round-changes";
import type { Jump, Slip } from "#core/measure/slip";
import type { EntryNote } from "#core/measure/entry";
import type { Finding } from "#core/measure/findings";
import { usableEnough, type Joined } from "#core/measure/pairs";
import type { Refused } from "#core/measure/sensor-log";
import { betweenTesters } from "#core/measure/tester";
import type { Angle, Value } from "#core/measure/value";
import type { Shorter } from "#core/progress/shorter-side";
import { motionOf } from "#core/body/motions";
import { shortDay } from "./days";
import { many } from "./plain";

/** Readings one after the other, as they were typed. @example trialsWords([85.5, 86]) // "85.5; 86" */
export const trialsWords = (trials: readonly number[]): string =>
  trials.map((trial) => decimal(trial, 2, 0)).join("; ");

const plain = (value: number): string => decimal(value, 1, 0);

/** A value with its error, and the angle it stands for where it was read in centimetres. */
export function valueWords(value: Value, angle: Angle | null, protocol: Protocol): string {
  const reading = `${plain(value.value)}${unitOf(protocol)} ± ${decimal(value.se, 1)}`;
  return isLength(protocol) && angle
    ? `${reading}, ${decimal(angle.degrees, 0)}° ± ${decimal(angle.se, 0)}`
    : reading;
}

/** Whether it moved, and if that cannot be said, how fine the series will see. Another tester is named as such. */
export function changeWords(change: Change, since: string, protocol: Protocol): string {
  const unit = unitOf(protocol);
  const all = change.readings > 2 ? ` by all ${change.readings} readings` : "";
  const size = `${signed(change.delta, 1)}${unit} since ${since}${all}`;
  const hands = change.widening > 1 ? ` Measured by other hands: errors × ${betweenTesters}.` : "";
  if (change.real) {
    const sense = protocol.better === "less" ? `, ${change.toward} range` : "";
    return `${size}: a real change${sense}.${hands}`;
  }
  return `${size}: can’t be told yet; ${settledBy(change, unit)}.${hands}`;
}

function settledBy({ threshold, finest }: Change, unit: string): string {
  const needed = `${decimal(threshold, 1)}${unit} or more would be real`;
  return finest
    ? `${needed}; ${many(finest.rounds, "round")} more see ${decimal(finest.perWeek, 1)}${unit} a week by ${shortDay(finest.by)}`
    : needed;
}

const slipWords: Record<Slip, string> = {
  digit: "a wrong digit",
  side: "the other side",
  unit: "another unit",
};

/** A number that a series makes unlikely, with the slip that would explain it. */
export const jumpWords = (
  { expected, off, slip }: Jump,
  side: string,
  protocol: Protocol,
): string => {
  const unit = unitOf(protocol);
  const far = `${side ? `The ${side} is ` : ""}${decimal(Math.abs(off), 0)}${unit} ${off > 0 ? "above" : "below"} what its checks lead one to expect, about ${decimal(expected, 0)}${unit}`;
  return `${far[0]!.toUpperCase()}${far.slice(1)}: ${slip ? `${slipWords[slip]}? ` : ""}read it again.`;
};

/** A side that was measured earlier on the same day. */
export const againWords = (value: number, side: string, protocol: Protocol): string => {
  const said = `measured already today, ${plain(value)}${unitOf(protocol)}: both together count as one.`;
  return side === "middle" ? `M${said.slice(1)}` : `The ${side} was ${said}`;
};

/** What all readings of a round share, and what is likelier than a gain everywhere. */
export const commonWords = ({ toward, readings }: CommonShift): string =>
  `All ${readings} readings together show ${toward} range than before: ${toward === "more" ? "warmer" : "colder, tired"}, or another tester?`;

export function sidesWords(difference: SideDifference, protocol: Protocol): string {
  const size = `${decimal(Math.abs(difference.difference), 1)}${unitOf(protocol)}`;
  if (!difference.real) return `Left and right ${size} apart: within measurement error.`;
  const side = difference.shorter === "left" ? "Left" : "Right";
  const less = protocol.better === "more" ? `${size} less` : `${size} more, so less range`;
  return `${side} ${less} (${decimal(difference.index, 0)} %)${difference.worthActing ? ": worth extra time there." : ": real, too small to act on."}`;
}

/** The arcs of both sides, and whether they differ. */
export function arcWords(
  left: Joined | null,
  right: Joined | null,
  apart: { difference: number; real: boolean } | null,
): string {
  const one = (name: string, arc: Joined) =>
    `${name} ${decimal(arc.value, 0)}° ± ${decimal(arc.se, 0)}`;
  const both = [left ? one("left", left) : null, right ? one("right", right) : null]
    .filter((text) => text !== null)
    .join(", ");
  if (!apart) return `Total arc ${both}.`;
  return `Total arc ${both}: ${apart.real ? `a real difference of ${decimal(Math.abs(apart.difference), 0)}°` : "the sides are alike within the error"}.`;
}

/** How much of the range the athlete's own muscles use. */
export function shareWords(share: Joined): string {
  const size = `${decimal(100 * share.value, 0)} % ± ${decimal(100 * share.se, 0)}`;
  if (share.value + share.se < usableEnough)
    return `Active reaches ${size} of passive: strength at the end of the range comes first.`;
  if (share.value - share.se < usableEnough)
    return `Active reaches ${size} of passive: too close to four fifths to say more.`;
  return `Active reaches ${size} of passive: the range is used.`;
}

/** Whether the standing turnout is more than the hips give. */
export const turnoutWords = (borrowed: Joined & { real: boolean }): string =>
  borrowed.real
    ? `Standing shows ${decimal(borrowed.value, 0)}° ± ${decimal(borrowed.se, 0)} more than the hips give lying: the knees and feet make up the rest.`
    : "Standing shows what the hips give lying, within the error.";

/** What a round says of a check, in one sentence. */
export function findingWords(finding: Finding): string {
  switch (finding.kind) {
    case "change":
      return changeWords(finding.change, shortDay(finding.change.since), finding.protocol);
    case "sides":
      return sidesWords(finding.difference, finding.protocol);
    case "share":
      return shareWords(finding.share);
    case "arc":
      return arcWords(finding.left, finding.right, finding.apart);
    case "turnout":
      return turnoutWords(finding.borrowed);
    case "common":
      return commonWords(finding.shift);
  }
}

/** What there is to say about numbers while they are typed. */
export function entryWords(note: EntryNote): string {
  switch (note.about) {
    case "no-number":
      return "A reading is a number.";
    case "no-pain":
      return "Pain is a whole number from 0 to 10.";
    case "impossible":
      return `Not possible here: between ${note.low} and ${note.high}${note.unit}. Measure it again.`;
    case "disagree":
      return note.trial === null
        ? `The trials are more than ${note.limit}${note.unit} apart: take one more.`
        : `Trial ${note.trial} is more than ${note.limit}${note.unit} off the others: measure it again.`;
    case "pain":
      return `Above ${note.limit}/10: stop measuring this motion. A clinician should look at it first.`;
  }
}

/** Why a sensor's log cannot be read. */
export function sensorLogWords(refused: Refused): string {
  switch (refused) {
    case "empty":
      return "The file is empty.";
    case "no-columns":
      return "No columns were found: a sensor log has a time and an angle on each line.";
    case "unclosed-quote":
      return "A quotation mark in it is never closed: the rows after it can’t be told apart.";
    case "no-two-columns":
      return "No two columns of numbers were found: a sensor log has a time and an angle.";
  }
}

/** Why a side gets a larger share. */
export const shorterWords = ({ motion, side, difference, unit }: Shorter): string =>
  `${motionOf(motion).name.toLowerCase()}: ${side} ${decimal(Math.abs(difference), 0)}${unit} behind, more than the error explains`;
