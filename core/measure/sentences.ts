import { betweenTesters } from "./tester";
import type { Change, SideDifference } from "./change";
import { usableEnough, type Joined } from "./pairs";
import { unitOf, type Protocol } from "../content/protocol";
import type { Angle, Value } from "./value";

const plain = (value: number): string => value.toFixed(1).replace(/\.0$/, "");

/** A value with its error, and the angle it stands for where it was read in centimetres. */
export function valueSentence(value: Value, angle: Angle | null, protocol: Protocol): string {
  const reading = `${plain(value.value)}${unitOf(protocol)} ± ${value.se.toFixed(1)}`;
  return protocol.reading === "degrees" || !angle
    ? reading
    : `${reading}, ${angle.degrees.toFixed(0)}° ± ${angle.se.toFixed(0)}`;
}

/** Whether it moved, and if that cannot be said, what would settle it. Another tester is named as such. */
export function changeSentence(change: Change, since: string, protocol: Protocol): string {
  const unit = unitOf(protocol);
  const sign = change.delta < 0 ? "−" : "+";
  const size = `${sign}${Math.abs(change.delta).toFixed(1)}${unit}`;
  const hands = change.widening > 1 ? ` Measured by other hands: errors × ${betweenTesters}.` : "";
  if (change.real) {
    const sense = protocol.better === "less" ? `, ${change.toward} range` : "";
    return `${size} since ${since}: a real change${sense}.${hands}`;
  }
  return `${size} since ${since}: within measurement error; ${settledBy(change, unit)}.${hands}`;
}

function settledBy(change: Change, unit: string): string {
  if (change.trialsToSettle !== null)
    return `${change.trialsToSettle} trials each time would settle it`;
  const needed = `it would have to pass ${change.threshold.toFixed(1)}${unit}`;
  return change.weeksToSettle === null
    ? needed
    : `${needed}, about ${change.weeksToSettle} week${change.weeksToSettle > 1 ? "s" : ""} more at this pace`;
}

export function sideSentence(difference: SideDifference, protocol: Protocol): string {
  const size = `${Math.abs(difference.difference).toFixed(1)}${unitOf(protocol)}`;
  if (!difference.real) return `Left and right ${size} apart: within measurement error.`;
  const side = difference.shorter === "left" ? "Left" : "Right";
  const less = protocol.better === "more" ? `${size} less` : `${size} more, so less range`;
  return `${side} ${less} (${difference.index.toFixed(0)} %)${difference.worthActing ? ": worth extra time there." : ": real, too small to act on."}`;
}

/** The arcs of both sides, and whether they differ. */
export function arcSentence(
  left: Joined | null,
  right: Joined | null,
  apart: { difference: number; real: boolean } | null,
): string {
  const one = (name: string, arc: Joined) =>
    `${name} ${arc.value.toFixed(0)}° ± ${arc.se.toFixed(0)}`;
  const both = [left ? one("left", left) : null, right ? one("right", right) : null]
    .filter((text) => text !== null)
    .join(", ");
  if (!apart) return `Total arc ${both}.`;
  return `Total arc ${both}: ${apart.real ? `a real difference of ${Math.abs(apart.difference).toFixed(0)}°` : "the sides are alike within the error"}.`;
}

/** How much of the range the athlete's own muscles use. */
export function shareSentence(share: Joined): string {
  const size = `${(100 * share.value).toFixed(0)} % ± ${(100 * share.se).toFixed(0)}`;
  if (share.value + share.se < usableEnough)
    return `Active reaches ${size} of passive: strength at the end of the range comes first.`;
  if (share.value - share.se < usableEnough)
    return `Active reaches ${size} of passive: too close to four fifths to say more.`;
  return `Active reaches ${size} of passive: the range is used.`;
}

/** Whether the standing turnout is more than the hips give. */
export const turnoutSentence = (borrowed: Joined & { real: boolean }): string =>
  borrowed.real
    ? `Standing shows ${borrowed.value.toFixed(0)}° ± ${borrowed.se.toFixed(0)} more than the hips give lying: the knees and feet make up the rest.`
    : "Standing shows what the hips give lying, within the error.";
