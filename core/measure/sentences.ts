import type { Change, SideDifference } from "./change";
import { unitOf, type Protocol } from "./protocol";
import type { Angle, Value } from "./value";

/** A value with its error, and the angle it stands for where it was read in centimetres. */
export function valueSentence(value: Value, angle: Angle, protocol: Protocol): string {
  const reading = `${value.value.toFixed(1).replace(/\.0$/, "")}${unitOf(protocol)} ± ${value.se.toFixed(1)}`;
  return protocol.reading === "degrees"
    ? reading
    : `${reading}, ${angle.degrees.toFixed(0)}° ± ${angle.se.toFixed(0)}`;
}

/** Whether it moved, and if that cannot be said, what would settle it. */
export function changeSentence(change: Change, since: string, protocol: Protocol): string {
  const unit = unitOf(protocol);
  const size = `${change.delta < 0 ? "−" : "+"}${Math.abs(change.delta).toFixed(1)}${unit}`;
  if (change.real) return `${size} since ${since}: a real change.`;
  const settle =
    change.trialsToSettle === null
      ? `it would have to pass ${change.threshold.toFixed(1)}${unit}`
      : `${change.trialsToSettle} trials each time would settle it`;
  return `${size} since ${since}: within measurement error; ${settle}.`;
}

export function sideSentence(difference: SideDifference, protocol: Protocol): string {
  const size = `${Math.abs(difference.difference).toFixed(1)}${unitOf(protocol)}`;
  if (!difference.real) return `Left and right ${size} apart: within measurement error.`;
  return `${difference.shorter === "left" ? "Left" : "Right"} ${size} less (${difference.index.toFixed(0)} %)${difference.worthActing ? ": worth extra time there." : ": real, too small to act on."}`;
}
