import { readRecord } from "#core/records/earlier";
import type { FieldProblem } from "#core/records/field-problem";
import { keyOf, AnyRecord, kinds, type Kind, type RecordOf } from "#core/records/records";
import type { JournalAct, Edit } from "./act";
import { noHistory, sameRecord, turned, withAct, tabHistoryOf, type TabHistory } from "./history";
import { Collision, Keeper, type Surroundings } from "./keeper";
import { everybody, isEverybodys, ownerOf, pageOf, type Owner } from "./layout";
import { merged } from "./merge";
import { goneOf } from "#core/merge/gone";
import { seenBy, stamped } from "#core/records/stamp";
import type { Aside, KeptRow } from "./page";
import { summaryOf, type Summary } from "./summary";
import { troubleOf, within, type Trouble } from "./trouble";
import type { Label } from "#core/acts/does";

/** An act that another tab was ahead of. Nothing of it was written; it waits here until its writer decides. */
export type Conflict = { id: string; label: Label; edits: Edit[] };

/** A change on its way to the shelf. `base` is what each of its records was when it was made. */
type Pending = JournalAct & {
  base: Map<string, KeptRow | null>;
  rows: Map<string, KeptRow | null>;
};

/** An act on its way, and what each of its records was when it was made. */
export type Unwritten = { act: JournalAct; base: Record<string, AnyRecord | null> };

type Around = Surroundings & {
  /** Tells other tabs that there is something new. */
  announce: () => void;
  /** Calls back after a pause, in milliseconds; gives a way to call it off. */
  later: (milliseconds: number, task: () => void) => () => void;
  /** Where what is on its way is noted at once, so that a page that is loaded again takes it up. */
  unwritten?: { read: () => Unwritten[]; write: (acts: readonly Unwritten[]) => void };
  /** Why nothing is kept at all, where the shelf lasts only as long as the page. */
  unkept: Trouble | null;
  /** How long the storage may take to answer at the opening, ms. */
  patience?: number;
  /** The name of this device in what it writes; without one nothing is dated. */
  device?: string;
};

export type Traveled = { done: Label } | { refused: "nothing" | "changed-since"; label: Label };

/** Where it is kept that a record went. */
const goneKey = (key: string): string => `gone/${key}`;

/** How long to wait before a write that failed is tried again, ms; the last holds from then on. */
const waits = [500, 1_000, 2_000, 5_000, 10_000, 30_000];
/** Athletes whose pages stay in memory beyond those that are needed. */
const openMost = 12;
/** The storage is given up for silent after so long, ms. */
export const storagePatience = 8_000;
/** Acts are folded into the pages when the hand has rested so long, ms, or so many wait. */
const rest = 1_500;
const unfoldedMost = 60;

/**
 * A notebook as a page works with it: reads are immediate, a change is seen at once and written behind.
 *
 * What is on the shelf is `truth`; what is still on its way lies over it. `status` is "saved" only when nothing is
 * on its way. An act is written whole or refused whole; one that another tab was ahead of is kept as a conflict.
 */
export class Notebook {
  private truth = new Map<string, KeptRow>();
  private seen = new Map<string, KeptRow>();
  /** Lists that were asked for, by owner and kind; `*` for those of every owner that is open. */
  private lists = new Map<Owner, Map<Kind, AnyRecord[]>>();
  private versions = new Map<Owner, number>();
  private open = new Map<Owner, number>();
  private opening = new Map<Owner, Promise<void>>();
  private summaries = new Map<Owner, Summary>();
  private pending: Pending[] = [];
  private history: TabHistory = noHistory;
  private listeners = new Set<() => void>();
  private flushing: Promise<void> | null = null;
  private failures = 0;
  private callOff: (() => void) | null = null;
  private callOffFold: (() => void) | null = null;
  private closed = false;
  private readonly keeper: Keeper;
  aside: Aside[] = [];
  conflicts: Conflict[] = [];
  trouble: Trouble | null;

  constructor(private readonly around: Around) {
    this.keeper = new Keeper(around);
    this.trouble = around.unkept;
  }

  /** Opens the shelf and reads what every page needs. @throws what the storage throws; `StorageSilent` when nothing comes */
  async load(): Promise<void> {
    const mine = await within(
      this.around.patience ?? storagePatience,
      this.around.exclusive(() => this.keeper.open()),
    );
    this.history = tabHistoryOf(mine);
    await this.take(everybody);
    this.summaries = await this.keeper.summaries();
    this.aside = await this.keeper.aside();
    await this.takeUp(new Set(mine.map(({ id }) => id)));
    this.changed();
    if (this.keeper.unfolded > 0) this.foldSoon();
  }

  /** Takes up what this tab had on its way when it was loaded again. What no longer fits is told as a conflict. */
  private async takeUp(written: ReadonlySet<string>): Promise<void> {
    for (const { act, base } of this.around.unwritten?.read() ?? []) {
      if (written.has(act.id)) continue;
      const owners = [...new Set(act.edits.map(({ owner }) => owner))];
      await this.openAthletes(owners.filter((owner) => this.get("athlete", owner)));
      const fits = act.edits.every(
        ({ key, after }) =>
          sameRecord(this.seen.get(key)?.record ?? null, base[key] ?? null) &&
          (after === null || AnyRecord.safeParse(after).success),
      );
      if (fits) this.put(act);
      else
        this.conflicts = [
          ...this.conflicts,
          { id: act.id, label: act.label ?? "", edits: act.edits },
        ];
    }
    this.note();
  }

  private note(): void {
    this.around.unwritten?.write(
      this.pending.map(({ id, label, edits, turn, travel, base }) => ({
        act: { id, label, edits, turn, travel },
        base: Object.fromEntries([...base].map(([key, row]) => [key, row?.record ?? null])),
      })),
    );
  }

  /** Stops writing behind: the page turns to another notebook. */
  async close(): Promise<void> {
    await this.settled();
    this.closed = true;
    this.callOff?.();
    this.callOffFold?.();
    if (!this.trouble && this.keeper.unfolded > 0) await this.fold();
  }

  // — reading

  /** Reads the pages of athletes, unless they are open. What is long unused is closed again. */
  async openAthletes(owners: readonly Owner[]): Promise<void> {
    await Promise.all(
      owners.map((owner) => {
        if (this.open.has(owner)) return this.open.set(owner, (this.turn += 1)) && undefined;
        let reading = this.opening.get(owner);
        if (!reading) {
          reading = this.take(owner).finally(() => this.opening.delete(owner));
          this.opening.set(owner, reading);
        }
        return reading;
      }),
    );
    this.closeUnused(new Set(owners));
  }

  isOpen(owner: Owner): boolean {
    return this.open.has(owner);
  }

  private turn = 0;

  private async take(owner: Owner): Promise<void> {
    const { rows, aside, dirty } = await this.keeper.rows(owner);
    for (const [key, row] of this.truth) if (ownerOf(row.record) === owner) this.truth.delete(key);
    for (const row of rows) this.truth.set(keyOf(row.record), row);
    this.open.set(owner, (this.turn += 1));
    this.layOver(owner);
    if (dirty.length === 0) return;
    this.aside = [
      ...this.aside.filter(({ name }) => aside.every((one) => one.name !== name)),
      ...aside,
    ];
    void this.around.exclusive(() => this.keeper.clean(dirty)).catch(() => undefined);
  }

  /** Makes what is seen of an owner anew: the truth, and over it what is on its way. */
  private layOver(owner: Owner): void {
    for (const [key, row] of this.seen) if (ownerOf(row.record) === owner) this.seen.delete(key);
    for (const [key, row] of this.truth) if (ownerOf(row.record) === owner) this.seen.set(key, row);
    for (const { edits, rows } of this.pending)
      for (const edit of edits)
        if (edit.owner === owner) {
          const row = rows.get(edit.key);
          if (row) this.seen.set(edit.key, row);
          else this.seen.delete(edit.key);
        }
    this.touch(owner);
  }

  private closeUnused(needed: ReadonlySet<Owner>): void {
    if (this.open.size <= openMost + 1) return;
    const busy = new Set(this.pending.flatMap(({ edits }) => edits.map(({ owner }) => owner)));
    const unused = [...this.open]
      .filter(([owner]) => owner !== everybody && !needed.has(owner) && !busy.has(owner))
      .sort(([, a], [, b]) => a - b)
      .slice(0, this.open.size - openMost - 1)
      .map(([owner]) => owner);
    const gone = new Set(unused);
    for (const owner of unused) {
      this.summaries.set(owner, summaryOf(owner, this.of(owner)));
      this.open.delete(owner);
    }
    for (const map of [this.truth, this.seen])
      for (const [key, row] of map) if (gone.has(ownerOf(row.record))) map.delete(key);
    gone.forEach((owner) => this.touch(owner));
  }

  /** Every record of an owner whose pages are open. */
  private of(owner: Owner): AnyRecord[] {
    return [...this.seen.values()].flatMap(({ record }) =>
      ownerOf(record) === owner ? [record] : [],
    );
  }

  /**
   * Every record of a kind among those whose pages are open; of one athlete alone when he is named. The list is
   * the same object until something of it changes.
   */
  all<K extends Kind>(kind: K, owner?: Owner): RecordOf<K>[] {
    const name = owner ?? (isEverybodys(kind) ? everybody : "*");
    const lists = this.lists.get(name) ?? new Map<Kind, AnyRecord[]>();
    this.lists.set(name, lists);
    let list = lists.get(kind);
    if (!list) {
      list = [...this.seen.values()].flatMap(({ record }) =>
        record.kind === kind && (owner === undefined || ownerOf(record) === owner) ? [record] : [],
      );
      lists.set(kind, list);
    }
    return list as RecordOf<K>[];
  }

  /** Changes whenever something does that an athlete's pages are made of: his records, or what is everybody's. */
  versionOf(owner: Owner): string {
    return `${this.versions.get(owner) ?? 0}.${this.versions.get(everybody) ?? 0}`;
  }

  /** @param kind the only kind of which something has changed; all of them where none is named */
  private touch(owner: Owner, kind?: Kind): void {
    this.versions.set(owner, (this.versions.get(owner) ?? 0) + 1);
    for (const name of [owner, "*" as const])
      if (kind) this.lists.get(name)?.delete(kind);
      else this.lists.delete(name);
  }

  get<K extends Kind>(kind: K, id: string): RecordOf<K> | null {
    return (this.seen.get(`${kind}/${id}`)?.record as RecordOf<K> | undefined) ?? null;
  }

  /** How many records there are of each kind. */
  async counts(): Promise<Partial<Record<Kind, number>>> {
    const counts: Partial<Record<Kind, number>> = {};
    const add = (kind: Kind, count: number) => {
      if (count > 0) counts[kind] = (counts[kind] ?? 0) + count;
    };
    for (const kind of kinds.filter(isEverybodys)) add(kind, this.all(kind).length);
    for (const summary of await this.people())
      for (const [kind, count] of Object.entries(summary.counts)) add(kind as Kind, count);
    return counts;
  }

  /** What lists show of every athlete. Those that an act has touched since are made anew. */
  async people(): Promise<Summary[]> {
    const athletes = this.all("athlete");
    return Promise.all(
      athletes.map(async ({ id }) => {
        if (this.open.has(id)) return summaryOf(id, this.of(id));
        const known = this.summaries.get(id);
        if (known) return known;
        const { rows } = await this.keeper.rows(id);
        const made = summaryOf(
          id,
          rows.map(({ record }) => record),
        );
        this.summaries.set(id, made);
        return made;
      }),
    );
  }

  /** Records of athletes who are not in the notebook: kept, and shown nowhere else. */
  async strays(): Promise<AnyRecord[]> {
    const known = new Set(this.all("athlete").map(({ id }) => id));
    const owners = (await this.keeper.owners()).filter((owner) => !known.has(owner));
    const read = await Promise.all(owners.map((owner) => this.keeper.rows(owner)));
    return read.flatMap(({ rows }) => rows.map(({ record }) => record));
  }

  /**
   * Every record on the shelf, an owner at a time. Waits for what is on its way.
   * @param withStrays also what belongs to an athlete who is not in the notebook
   */
  async *everything(withStrays = false): AsyncGenerator<AnyRecord[]> {
    await this.settled();
    const known = new Set(this.all("athlete").map(({ id }) => id));
    const whole = (records: AnyRecord[]) =>
      withStrays
        ? records
        : records.filter((record) => ownerOf(record) === everybody || known.has(ownerOf(record)));
    if (this.pending.length === 0 && !this.trouble) {
      for await (const records of this.keeper.everything()) yield whole(records);
      return;
    }
    // The storage fails: what this page holds is all there is to give.
    yield whole([...this.seen.values()].map(({ record }) => record));
  }

  get isEmpty(): boolean {
    return this.all("athlete").length === 0 && this.seen.size === 0;
  }

  /** Whether nothing was ever written to this notebook. */
  get untouched(): boolean {
    return this.keeper.untouched;
  }

  /** The number of the last act that is on the shelf. */
  get acts(): number {
    return this.keeper.seq;
  }

  // — acts

  /**
   * Makes a change: records put and keys taken away, as one act and one step of undo.
   * @param restore what undo brings back in place of what was there before
   * @throws when a record is not what the schema knows, or belongs to nobody in the notebook
   */
  commit(
    label: Label,
    put: readonly AnyRecord[],
    remove: readonly string[] = [],
    restore: readonly AnyRecord[] = [],
  ): Promise<void> {
    return this.act({ label, edits: this.edits(put, remove, restore) });
  }

  /** Writes what nobody asked for: no step of undo, and none is lost by it. */
  jot(put: readonly AnyRecord[], fromAction = true): Promise<void> {
    if (!fromAction) this.outside += 1;
    return this.act({ label: null, edits: this.edits(put, [], []) });
  }

  private edits(
    put: readonly AnyRecord[],
    remove: readonly string[],
    restore: readonly AnyRecord[],
  ): Edit[] {
    const back = new Map(restore.map((record) => [keyOf(record), record]));
    const whole = put.map((record) => AnyRecord.parse(record));
    const added = new Set(whole.flatMap(({ kind, id }) => (kind === "athlete" ? [id] : [])));
    for (const record of whole) {
      const owner = ownerOf(record);
      if (owner !== everybody && !added.has(owner) && !this.get("athlete", owner))
        throw new Error(`${keyOf(record)} belongs to an athlete who is not in the notebook`);
    }
    const leaving = new Set(remove.filter((key) => key.startsWith("athlete/")));
    const edits = [
      ...whole.flatMap((record) => [
        this.edit(keyOf(record), record),
        this.edit(goneKey(keyOf(record)), null),
      ]),
      ...remove.flatMap((key) => [this.edit(key, null), this.gone(key, leaving)]),
    ].filter((edit) => edit !== null);
    return edits.map((edit) => {
      const before = back.get(edit.key);
      return before ? { ...edit, before } : edit;
    });
  }

  /**
   * What is left of a record that goes; null where nobody would ask.
   * @param leaving keys of athletes who go for good: of what was theirs nothing is left
   */
  private gone(key: string, leaving: ReadonlySet<string>): Edit | null {
    const there = this.seen.get(key)?.record;
    const { device } = this.around;
    if (!there || !device || there.kind === "gone") return null;
    if (leaving.has(`athlete/${ownerOf(there)}`)) return null;
    const gone = goneOf(there, { ms: this.around.now(), device }, leaving.has(key));
    return this.edit(goneKey(key), AnyRecord.parse(gone));
  }

  /** The record as it is written now and here. */
  private dated(before: AnyRecord | null, after: AnyRecord): AnyRecord {
    const { device } = this.around;
    if (!device || after.kind === "gone") return after;
    const gone = this.seen.get(goneKey(keyOf(after)))?.record.stamp;
    const now = { ms: this.around.now(), device };
    return stamped(before, after, now, gone ? seenBy(gone) : undefined);
  }

  /** One record's change; null when there is none. */
  private edit(key: string, wanted: AnyRecord | null): Edit | null {
    const row = this.seen.get(key);
    const before = row?.record ?? null;
    if ((wanted ?? before) === null || sameRecord(before, wanted)) return null;
    const after = wanted && this.dated(before, wanted);
    const there = (after ?? before)!;
    const owner = ownerOf(there);
    if (owner !== everybody && !this.open.has(owner)) {
      // Somebody who is new in this very act has no pages yet; anybody else's must be open.
      if (this.get("athlete", owner)) throw new Error(`the pages of ${owner} are not open`);
      this.open.set(owner, (this.turn += 1));
    }
    const [page, old] = [pageOf(there), before && pageOf(before)];
    return { key, owner, page, from: old !== null && old !== page ? old : null, before, after };
  }

  private act(
    { label, edits }: Pick<JournalAct, "label" | "edits">,
    travel: JournalAct["travel"] = null,
  ): Promise<void> {
    if (edits.length === 0) return Promise.resolve();
    return this.put({ id: this.around.newId(), label, edits, turn: null, travel });
  }

  /** Lays an act over what is seen, and sends it on its way. */
  private put(act: JournalAct): Promise<void> {
    const { edits } = act;
    const base = new Map(edits.map(({ key }) => [key, this.seen.get(key) ?? null]));
    const rows = new Map(
      edits.map(({ key, after }): [string, KeptRow | null] => [
        key,
        after && { rev: Number.NaN, record: after },
      ]),
    );
    for (const [key, row] of rows)
      if (row) this.seen.set(key, row);
      else this.seen.delete(key);
    for (const { owner, key } of edits) this.touch(owner, key.slice(0, key.indexOf("/")) as Kind);
    for (const { after } of edits)
      if (after?.kind === "athlete" && !this.open.has(after.id) && !base.get(keyOf(after)))
        this.open.set(after.id, (this.turn += 1));
    this.pending.push({ ...act, base, rows });
    this.note();
    this.history = withAct(this.history, act);
    this.changed();
    return this.flush();
  }

  // — undo

  get undoLabel(): Label | null {
    return this.history.past.at(-1)?.label ?? null;
  }

  get redoLabel(): Label | null {
    return this.history.future.at(-1)?.label ?? null;
  }

  /** Athletes whose pages the next step needs open. */
  travelNeeds(way: "undo" | "redo"): Owner[] {
    const step = this.history[way === "undo" ? "past" : "future"].at(-1);
    return [...new Set(step?.edits.map(({ owner }) => owner) ?? [])].filter(
      (owner) => owner !== everybody,
    );
  }

  /** Takes the last change back. One that another tab has changed since is left as it is, and let go of. */
  undo(): Traveled {
    return this.travel("undo");
  }

  redo(): Traveled {
    return this.travel("redo");
  }

  private travel(way: "undo" | "redo"): Traveled {
    const { past, future } = this.history;
    const step = (way === "undo" ? past : future).at(-1);
    if (!step) return { refused: "nothing", label: "" };
    const label = step.label ?? "";
    const travel = { way, of: step.id } as const;
    if (step.turn) {
      const { from, to } = step.turn;
      const back = way === "undo" ? { from: to, to: from } : step.turn;
      if (this.keeper.generation !== back.from) return this.drop(way, label);
      const before = this.history;
      this.history = withAct(this.history, { ...step, travel });
      this.outside += 1;
      this.turning = this.turnTo({ ...step, id: this.around.newId(), turn: back, travel }).catch(
        (error: unknown) => {
          this.history = before;
          this.trouble = troubleOf(error);
          this.changed();
        },
      );
      return { done: label };
    }
    const wanted =
      way === "undo"
        ? turned(step.edits)
        : step.edits.map(({ key, before, after }) => ({ key, before, after }));
    const stale = wanted.some(
      ({ key, before }) => !sameRecord(this.seen.get(key)?.record ?? null, before),
    );
    if (stale) return this.drop(way, label);
    const edits = wanted
      .map(({ key, after }) => this.edit(key, after))
      .filter((one) => one !== null);
    this.outside += 1;
    void this.act({ label, edits }, travel);
    return { done: label };
  }

  /** A step that cannot be gone any more makes way for the one before it. */
  private drop(way: "undo" | "redo", label: Label): Traveled {
    const { past, future } = this.history;
    this.history =
      way === "undo" ? { past: past.slice(0, -1), future } : { past, future: future.slice(0, -1) };
    this.changed();
    return { refused: "changed-since", label };
  }

  private turning: Promise<void> = Promise.resolve();

  private async turnTo(act: JournalAct): Promise<void> {
    await this.settled();
    await this.around.exclusive(async () => {
      await this.news();
      await this.keeper.turn(act);
    });
    await this.readAgain();
    this.around.announce();
  }

  /**
   * Builds a whole notebook beside this one and turns to it, as one act: an import, a fresh demo, a new start.
   * @param fill hands over every record there is to be; what it throws leaves everything as it is
   * @param step false where it is not the user's own change
   */
  async rebuild(
    label: Label,
    fill: (add: (record: AnyRecord) => Promise<void>) => Promise<void>,
    step = true,
  ): Promise<void> {
    await this.settled();
    const entry = await this.around.exclusive(async () => {
      await this.news();
      return this.keeper.rebuild({ id: this.around.newId(), label: step ? label : null }, fill);
    });
    this.history = step ? withAct(this.history, entry) : noHistory;
    this.trouble = this.around.unkept;
    await this.readAgain();
    this.around.announce();
    this.foldSoon();
  }

  /** Reads everything that is open once more. */
  private async readAgain(): Promise<void> {
    const owners = [...this.open.keys()];
    this.truth.clear();
    this.seen.clear();
    this.lists.clear();
    const [summaries, aside] = await Promise.all([
      this.keeper.summaries(),
      this.keeper.aside(),
      ...owners.map((owner) => this.take(owner)),
    ]);
    const known = new Set(this.all("athlete").map(({ id }) => id));
    for (const owner of owners)
      if (owner !== everybody && !known.has(owner)) this.open.delete(owner);
    [this.summaries, this.aside] = [summaries, aside];
    this.outside += 1;
    this.changed();
  }

  // — writing

  get status(): "saved" | "saving" | "failed" {
    return this.trouble ? "failed" : this.pending.length > 0 ? "saving" : "saved";
  }

  /** Whether the page holds something that the shelf does not. */
  get isUnwritten(): boolean {
    return this.pending.length > 0;
  }

  /** Resolves when everything seen so far is on the shelf, or it is plain that it cannot be. */
  async settled(): Promise<void> {
    await this.turning;
    while (this.flushing) await this.flushing;
  }

  /** Tries at once to write what could not be written. */
  retry(): Promise<void> {
    return this.pending.length > 0 ? this.flush() : this.look();
  }

  private flush(): Promise<void> {
    if (this.closed || this.pending.length === 0) return Promise.resolve();
    this.callOff?.();
    this.callOff = null;
    this.flushing ??= this.writeAll();
    return this.flushing;
  }

  private async writeAll(): Promise<void> {
    const wrote = await this.writeEach();
    this.changed();
    if (!wrote) return;
    this.around.announce();
    this.foldSoon();
  }

  /**
   * Writes what waits, in order. Ends within the same step in which nothing was found to wait any more, so that
   * whoever comes later begins anew.
   * @returns false when the storage failed; it is tried again by itself where that can help
   */
  private async writeEach(): Promise<boolean> {
    while (this.pending.length > 0) {
      try {
        await this.around.exclusive(() => this.writeNext());
        this.failures = 0;
        this.trouble = this.around.unkept;
      } catch (error) {
        if (error instanceof Collision) {
          // Not in step with the other tab: one of them comes first.
          await new Promise((done) => setTimeout(done, 40 * Math.random()));
          continue;
        }
        this.trouble = troubleOf(error);
        this.failures += 1;
        if (this.trouble.why !== "gone" && this.trouble.why !== "newer") {
          const wait = waits[Math.min(this.failures, waits.length) - 1]!;
          this.callOff = this.around.later(wait, () => void this.flush());
        }
        this.flushing = null;
        return false;
      }
    }
    this.flushing = null;
    return true;
  }

  private async writeNext(): Promise<void> {
    await this.news();
    const act = this.pending[0];
    if (!act) return;
    if (
      act.edits.some(({ key }) => (act.base.get(key)?.rev ?? 0) !== (this.truth.get(key)?.rev ?? 0))
    )
      return this.refuse(act);
    const { id, label, edits, turn, travel } = act;
    this.written(act, (await this.keeper.append({ id, label, edits, turn, travel })).seq);
  }

  private written(act: Pending, seq: number): void {
    this.pending = this.pending.filter((one) => one !== act);
    for (const [key, row] of act.rows)
      if (row) {
        row.rev = seq;
        this.truth.set(key, row);
      } else this.truth.delete(key);
    this.note();
  }

  /** Another tab was ahead: nothing of the act is written, what the others wrote is seen, and the act is kept. */
  private refuse(act: Pending): void {
    this.pending = this.pending.filter((one) => one !== act);
    this.history = {
      past: this.history.past.filter(({ id }) => id !== act.id),
      future: this.history.future,
    };
    this.conflicts = [...this.conflicts, { id: act.id, label: act.label ?? "", edits: act.edits }];
    this.note();
    for (const owner of new Set(act.edits.map((edit) => edit.owner))) this.layOver(owner);
    this.outside += 1;
    this.changed();
  }

  /** Takes over what other tabs wrote. */
  private async news(): Promise<void> {
    const { entries, missed } = await this.keeper.news();
    // An act of one's own that failed to say that it was written is no news.
    const own = this.pending.find(({ id }) => entries.some((entry) => entry.id === id));
    if (own) this.written(own, entries.find(({ id }) => id === own.id)!.seq);
    const foreign = entries.filter(({ id }) => id !== own?.id);
    if (missed || foreign.some(({ turn }) => turn)) return this.readAgain();
    if (foreign.length === 0) return;
    const touched = new Set<Owner>();
    for (const { edits, seq } of foreign)
      for (const edit of edits) {
        touched.add(edit.owner);
        if (!this.open.has(edit.owner)) this.summaries.delete(edit.owner);
        else if (edit.after) this.truth.set(edit.key, { rev: seq, record: edit.after });
        else this.truth.delete(edit.key);
      }
    for (const owner of touched) if (this.open.has(owner)) this.layOver(owner);
    this.outside += 1;
    this.changed();
  }

  /** Another tab has written, or may have: look. */
  async look(): Promise<void> {
    try {
      await this.around.exclusive(() => this.news());
      if (this.trouble !== this.around.unkept && this.pending.length === 0) {
        this.trouble = this.around.unkept;
        this.changed();
      }
    } catch (error) {
      this.trouble = troubleOf(error);
      this.changed();
    }
  }

  /** What is in memory becomes a new notebook on the shelf, after the old one was cleared under the page. */
  async writeBack(): Promise<void> {
    const records = [...this.seen.values()].map(({ record }) => record);
    const waiting = this.pending;
    this.pending = [];
    try {
      await this.around.exclusive(async () => {
        await this.keeper.open();
        await this.keeper.rebuild({ id: this.around.newId(), label: null }, async (add) => {
          for (const record of records) await add(record);
        });
      });
      this.trouble = null;
      this.history = noHistory;
      await this.readAgain();
      this.around.announce();
    } catch (error) {
      this.pending = waiting;
      this.trouble = troubleOf(error);
      this.changed();
    }
  }

  // — folding

  private foldSoon(): void {
    this.callOffFold?.();
    if (this.closed) return;
    const wait = this.keeper.unfolded >= unfoldedMost ? 0 : rest;
    this.callOffFold = this.around.later(wait, () => void this.fold());
  }

  /** Folds what is written into the pages. What goes wrong here loses nothing: the acts are still in the journal. */
  async fold(): Promise<void> {
    this.callOffFold?.();
    this.callOffFold = null;
    await this.settled();
    await this.around
      .exclusive(async () => {
        await this.news();
        await this.keeper.fold((owner) =>
          this.open.has(owner) && this.pending.length === 0 ? this.of(owner) : null,
        );
      })
      .catch((error: unknown) => {
        const trouble = troubleOf(error);
        if (trouble.why === "gone" || trouble.why === "newer") this.trouble = trouble;
        this.changed();
      });
  }

  // — conflicts and what is set aside

  /** Ends a conflict. Put back, one's own fields go over the other tab's; what only the other changed stays. */
  async settle(id: string, putMine: boolean): Promise<void> {
    const conflict = this.conflicts.find((one) => one.id === id);
    this.conflicts = this.conflicts.filter((one) => one !== conflict);
    this.outside += 1;
    this.changed();
    if (!putMine || !conflict) return;
    await this.openAthletes(
      [...new Set(conflict.edits.map(({ owner }) => owner))].filter((owner) => owner !== everybody),
    );
    const put: AnyRecord[] = [];
    const remove: string[] = [];
    for (const { key, before, after } of conflict.edits) {
      const theirs = this.seen.get(key)?.record ?? null;
      if (after === null) remove.push(key);
      else put.push(theirs ? AnyRecord.parse(merged(before, after, theirs)) : after);
    }
    await this.commit(conflict.label, put, remove);
  }

  /**
   * Takes back in what was set aside, mended or as an upgrade now reads it.
   * @param text the value as it is to be, as JSON; null for as it was found
   * @returns what still cannot be right, or null
   */
  async takeBackIn(
    name: string,
    text: string | null = null,
  ): Promise<FieldProblem | Trouble | null> {
    const aside = this.aside.find((one) => one.name === name);
    if (!aside) return null;
    let found: unknown = aside.found;
    try {
      if (text !== null) found = JSON.parse(text);
    } catch {
      return { at: [], problem: { is: "format" } };
    }
    const read = readRecord(found, aside.v);
    if ("refused" in read) return read.refused;
    const owner = ownerOf(read.record);
    if (owner !== everybody) {
      if (!this.get("athlete", owner)) return { at: ["athleteId"], problem: { is: "unknown" } };
      await this.openAthletes([owner]);
    }
    await this.commit(aside.key, [read.record]);
    if (this.trouble) return this.trouble;
    // What is his has waited on his pages.
    if (read.record.kind === "athlete") await this.take(read.record.id);
    await this.letGo([name]);
    return null;
  }

  /** Lets go of what is set aside, once the user has saved it or does not want it. */
  async letGo(names: readonly string[]): Promise<void> {
    for (const aside of this.aside.filter(({ name }) => names.includes(name)))
      await this.keeper.letGo(aside);
    this.aside = this.aside.filter(({ name }) => !names.includes(name));
    this.outside += 1;
    this.changed();
  }

  /** Keeps beside the notebook what came in a file and cannot be read. */
  async keepAside(found: readonly Aside[]): Promise<void> {
    for (const aside of found) await this.keeper.keepAside(aside);
    this.aside = await this.keeper.aside();
    this.outside += 1;
    this.changed();
  }

  // — being heard

  subscribe(listener: () => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  private changed(): void {
    this.version += 1;
    for (const listener of this.listeners) listener();
  }

  /** Counts up with every change. */
  version = 0;
  /**
   * Counts up with every change that did not come from a route's action: undo, another tab, the beat of a run.
   * Actions read their page afresh by themselves; for these the page has to be told.
   */
  outside = 0;
}
