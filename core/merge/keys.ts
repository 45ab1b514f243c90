import same from "fast-deep-equal";
import { goneFrom, isGone } from "./gone";
import { mergeRecord, type Difference } from "./merge";
import {
  dotAt,
  isMerging,
  seenBy,
  seenOfBoth,
  stampOf,
  unstamped,
  writtenFields,
  type Known,
  type Stamped,
  type Writer,
} from "../records/stamp";

type State = { record: Stamped | null; gone: Known; forGood: boolean };

const stateOf = (found: Stamped): State =>
  isGone(found)
    ? { record: found.was as Stamped | null, gone: seenBy(found.stamp), forGood: found.forGood }
    : { record: found, gone: found.stamp?.gone ?? {}, forGood: false };

/** What becomes of one key of two notebooks: the record that stands, or that it is gone. */
export type Settled = {
  record: Stamped;
  differences: Difference[];
  /** One side took it away and the other wrote to it without knowing: it stands, unless the user says otherwise. */
  revived: boolean;
};

/** Two copies of what stands under one key, a record or that it is gone, as one; the same on every device. */
export function mergeKey(ours: Stamped, theirs: Stamped, now: Writer): Settled {
  const [a, b] = [stateOf(ours), stateOf(theirs)];
  const merged =
    a.record && b.record
      ? mergeRecord(a.record, b.record, now)
      : { record: a.record ?? b.record, differences: [] };
  const gone = seenOfBoth(a.gone, b.gone);
  const forGood = a.forGood || b.forGood;
  const { record } = merged;
  if (forGood || !record || (covered(record, gone) && !wroteUndated(ours, theirs)))
    return {
      record: goneFrom(ours, forGood ? null : record, gone, forGood),
      differences: [],
      revived: false,
    };
  const dots = new Map(writtenFields(record).map((name) => [name, dotAt(record, name)]));
  const standing =
    Object.keys(gone).length > 0
      ? { ...record, stamp: stampOf(dots, seenBy(record.stamp), gone) }
      : record;
  const [taken, other] = isGone(ours) ? [a, b] : [b, a];
  const news = Object.entries(taken.gone).some(([device, dot]) => (other.gone[device] ?? "") < dot);
  return {
    record: standing,
    differences: merged.differences,
    revived: (isGone(ours) || isGone(theirs)) && news,
  };
}

/** Whether everything that anybody wrote to a record was known to somebody who took it away. */
const covered = ({ stamp }: Stamped, gone: Known): boolean =>
  Object.keys(gone).length > 0 &&
  Object.entries(seenBy(stamp)).every(
    ([device, dot]) => isMerging(device) || (gone[device] ?? "") >= dot,
  );

/** Whether a record says something that nobody dated and that is not what was taken away. */
function wroteUndated(ours: Stamped, theirs: Stamped): boolean {
  const [taken, record] = isGone(ours) ? [ours, theirs] : [theirs, ours];
  if (!isGone(taken) || isGone(record)) return false;
  const was = taken.was as Record<string, unknown> | null;
  return writtenFields(record).some(
    (name) =>
      dotAt(record, name) === unstamped && was !== null && !same(was[name], record[name as "kind"]),
  );
}
