import {
  nextDot,
  seenBy,
  seenOfBoth,
  stampOf,
  unstamped,
  type Known,
  type Stamp,
  type Stamped,
  type Writer,
} from "../records/stamp";

/**
 * What was taken away, so that a file from elsewhere doesn't bring it back. Its stamp says what was known by whoever did it.
 */
export type GoneLike = {
  kind: "gone";
  /** The key of the record that went. */
  id: string;
  athleteId?: string | undefined;
  /** The record as it was; null where it was only of the moment, large, or is gone for good. */
  was: unknown;
  /** Whatever anybody wrote to it elsewhere, it stays away. */
  forGood: boolean;
  stamp: Stamp;
};

export const isGone = (record: { kind: string }): record is GoneLike => record.kind === "gone";

/** Kinds that leave nothing behind. */
const leavesNothing = new Set(["run", "photo"]);

/** A record taken away now. */
export function goneOf(record: Stamped, now: Writer, forGood = false): GoneLike {
  const known = seenOfBoth(seenBy(record.stamp), record.stamp?.gone ?? {});
  const dot = nextDot(known, now);
  const kept = forGood || leavesNothing.has(record.kind) ? null : record;
  return goneFrom(record, kept, { ...known, [now.device]: dot }, forGood);
}

/** That a record is gone, as far as was known of it. */
export const goneFrom = (
  record: Stamped,
  was: Stamped | null,
  known: Known,
  forGood: boolean,
): GoneLike => ({
  kind: "gone",
  id: record.kind === "gone" ? record.id : `${record.kind}/${record.id}`,
  ...("athleteId" in record ? { athleteId: record.athleteId as string } : {}),
  was,
  forGood,
  stamp: stampOf(new Map([["was", Object.values(known).sort().at(-1) ?? unstamped]]), known),
});
