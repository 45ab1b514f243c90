import same from "fast-deep-equal";
import { AnyRecord, isSingle, keyOf, kinds, type Kind } from "../records/records";
import { goneOf, isGone } from "./gone";
import { mergeKey } from "./keys";
import { decided, type Difference } from "./merge";
import { unstamped, type Writer, type Stamped } from "../records/stamp";

/** Where two notebooks differ in one record, with the record as it is to stand. */
export type Differing = Difference & {
  key: string;
  record: AnyRecord;
  /** Set where one side took the record away: what stands if it is to be away all the same. */
  away: AnyRecord | null;
};

/** How one of a difference is decided. */
export type Decision = "ours" | "theirs" | "both";

/** What a file does to the records of one kind. */
export type MergeRow = {
  kind: Kind;
  added: number;
  /** Newer in the file, or joined from both. */
  changed: number;
  /** Newer here: the file changes nothing of it. */
  kept: number;
  same: number;
  /** Taken away there. */
  removed: number;
};

export type NotebookMerge = {
  rows: MergeRow[];
  /** What stands under a key that both have, or is gone. */
  results: Map<string, AnyRecord>;
  differing: Differing[];
  /** Keys of the file that are not taken: of somebody removed for good here, or another troupe's name. */
  refused: Set<string>;
};

/** The key that a record, or its absence, speaks of. @example subjectOf(gone) // "check/c1" */
export const subjectOf = (record: AnyRecord): string =>
  record.kind === "gone" ? record.id : keyOf(record);

const kindOf = (subject: string): Kind => subject.slice(0, subject.indexOf("/")) as Kind;

/** Whether two records say the same, whenever it was written. */
const saysSame = (a: AnyRecord, b: AnyRecord): boolean =>
  same({ ...a, stamp: null }, { ...b, stamp: null });

/** What a file comes to beside a notebook, told record by record. */
export class Merging {
  private readonly counts = new Map(
    kinds.map((kind): [Kind, MergeRow] => [
      kind,
      { kind, added: 0, changed: 0, kept: 0, same: 0, removed: 0 },
    ]),
  );
  private readonly results = new Map<string, AnyRecord>();
  private readonly differing: Differing[] = [];
  private readonly refused = new Set<string>();

  /**
   * @param removed athletes that were removed here for good
   * @param singles the identifier of each record here of which there is one at most
   */
  constructor(
    private readonly now: Writer,
    private readonly removed: ReadonlySet<string>,
    private readonly singles: ReadonlyMap<Kind, string>,
  ) {}

  /** A record that only the file has. */
  fresh(theirs: AnyRecord): void {
    const subject = subjectOf(theirs);
    if (this.isRefused(theirs)) this.refused.add(subject);
    else if (!isGone(theirs)) this.row(subject).added += 1;
  }

  same(subject: string): void {
    this.row(subject).same += 1;
  }

  /** A record that both have, and not to the letter. */
  both(ours: AnyRecord, theirs: AnyRecord): void {
    const key = subjectOf(ours);
    if (isForGood(ours)) {
      this.refused.add(key);
      return;
    }
    if (isForGood(theirs) && !isGone(ours)) {
      // Nobody's records go unasked.
      this.results.set(key, ours);
      this.row(key).kept += 1;
      this.differing.push(awayOf(key, ours, ours, theirs, theirs));
      return;
    }
    const { record, differences, revived } = mergeKey(ours as Stamped, theirs as Stamped, this.now);
    const read = AnyRecord.safeParse(record);
    // Fields that fit one by one and not together: the record stays as it is here.
    const result = read.success ? read.data : ours;
    this.results.set(key, result);
    const row = this.row(key);
    if (isGone(result)) row[isGone(ours) ? "kept" : "removed"] += 1;
    else if (isGone(ours)) row.added += 1;
    else row[changeOf(ours, theirs, result)] += 1;
    for (const difference of differences)
      this.differing.push({ ...difference, key, record: result, away: null });
    if (revived)
      this.differing.push(
        awayOf(key, result, ours, theirs, AnyRecord.parse(goneOf(result as Stamped, this.now))),
      );
  }

  end(): NotebookMerge {
    return {
      rows: [...this.counts.values()].filter(
        ({ added, changed, kept, same, removed }) => added + changed + kept + same + removed > 0,
      ),
      results: this.results,
      differing: this.differing,
      refused: this.refused,
    };
  }

  private row(subject: string): MergeRow {
    return this.counts.get(kindOf(subject))!;
  }

  private isRefused(record: AnyRecord): boolean {
    const owner = record.kind === "athlete" ? record.id : "athleteId" in record && record.athleteId;
    if (owner && this.removed.has(owner)) return true;
    const single = this.singles.get(record.kind);
    return isSingle(record.kind) && single !== undefined && single !== record.id;
  }
}

const isForGood = (record: AnyRecord): boolean => record.kind === "gone" && record.forGood;

/** A record that one side took away and that stands. */
const awayOf = (
  key: string,
  record: AnyRecord,
  ours: AnyRecord,
  theirs: AnyRecord,
  away: AnyRecord,
): Differing => ({
  fields: [],
  ours: {},
  theirs: {},
  oursAt: ours.stamp?.made ?? unstamped,
  theirsAt: theirs.stamp?.made ?? unstamped,
  proposed: isGone(ours) ? "theirs" : "ours",
  key,
  record,
  away,
});

function changeOf(ours: AnyRecord, theirs: AnyRecord, result: AnyRecord) {
  if (!saysSame(result, ours)) return "changed";
  return saysSame(result, theirs) ? "same" : "kept";
}

/**
 * The records of a merge once every difference is decided.
 * @param sides how each is decided, in their order; as proposed where none is given
 */
export function withDecisions(
  { results, differing }: NotebookMerge,
  sides: readonly Decision[],
  now: Writer,
): Map<string, AnyRecord> {
  const settled = new Map(results);
  differing.forEach((difference, n) => {
    const side = sides[n] ?? difference.proposed;
    // What nobody dated is dated by whoever decides it, so that the other side comes to the same.
    const undated = difference.oursAt === unstamped && difference.theirsAt === unstamped;
    if (side === "both" || (side === difference.proposed && (!undated || difference.away))) return;
    const record = settled.get(difference.key)!;
    const next = difference.away ?? decided(record as Stamped, difference, side, now);
    settled.set(difference.key, AnyRecord.parse(next));
  });
  return settled;
}
