import { keyOf, type AnyRecord } from "../records/records";
import { seenBy } from "../records/stamp";

/** The last write of a device that somebody else's copy of each record knew of, by the record's key. */
export type KnownThere = Readonly<Record<string, string>>;

/** What a device wrote last to a record; empty where it never did. */
export const lastOf = ({ stamp }: AnyRecord, device: string): string => seenBy(stamp)[device] ?? "";

/** What the sender of records knew of this device's writes. */
export const knownThere = (records: readonly AnyRecord[], device: string): KnownThere =>
  Object.fromEntries(
    records.flatMap((record) => {
      const last = lastOf(record, device);
      return last === "" ? [] : [[keyOf(record), last]];
    }),
  );

/** What both of two files knew. */
export const bothKnown = (one: KnownThere, other: KnownThere): KnownThere => ({
  ...one,
  ...Object.fromEntries(Object.entries(other).filter(([key, last]) => last > (one[key] ?? ""))),
});
