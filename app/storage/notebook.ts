import * as z from "zod";
import { keyOf } from "#core/exchange/file";
import { AnyRecord, type Kind, type RecordOf } from "#core/exchange/records";
import type { Kept, Shelf } from "./shelf";

const KeptSchema = z.object({ rev: z.int().min(1), record: AnyRecord });

/** One edit: a record put, or taken away when `after` is null. */
type Edit = { key: string; before: AnyRecord | null; after: AnyRecord | null };
/** A change as the user knows it; undone and redone as a whole. */
type Change = { label: string; edits: Edit[] };

export type Quarantined = { key: string; found: unknown; why: string };
/** An edit that another tab was ahead of. `mine` is kept here until the user decides. */
export type Conflict = { key: string; mine: AnyRecord | null };

/** Runs a task while no other tab writes. */
export type Exclusive = <T>(task: () => Promise<T>) => Promise<T>;
/** Tells the other tabs which keys were written. */
export type Announce = (keys: string[]) => void;

type Surroundings = { shelf: Shelf; quarantine: Shelf; exclusive: Exclusive; announce: Announce };

/**
 * A notebook in memory, written through to its shelf a record a key.
 *
 * Reads are immediate. A change is seen at once and written behind; a record that another tab wrote in the
 * meantime is never overwritten: the tab takes over the other's record and keeps its own aside as a conflict.
 */
export class Notebook {
  private kept = new Map<string, Kept>();
  private past: Change[] = [];
  private future: Change[] = [];
  private writing = 0;
  private queue: Promise<void> = Promise.resolve();
  private listeners = new Set<() => void>();
  private byKind = new Map<Kind, AnyRecord[]>();
  quarantined: Quarantined[] = [];
  conflicts: Conflict[] = [];
  failure: string | null = null;

  constructor(private readonly around: Surroundings) {}

  /** Reads the whole shelf. A record that does not parse is moved to quarantine, never dropped. */
  async load(): Promise<void> {
    this.kept.clear();
    for (const [key, found] of await this.around.shelf.all()) {
      const parsed = KeptSchema.safeParse(found);
      if (parsed.success && keyOf(parsed.data.record) === key) this.kept.set(key, parsed.data);
      else
        await this.setAside(
          key,
          found,
          parsed.success
            ? "kept under another key"
            : (parsed.error.issues[0]?.message ?? "unreadable"),
        );
    }
    this.quarantined = (await this.around.quarantine.all()).map(
      ([, entry]) => entry as Quarantined,
    );
    this.changed();
  }

  private async setAside(key: string, found: unknown, why: string): Promise<void> {
    const name = `${key}@${Date.now()}`;
    await this.around.quarantine.write(name, { key: name, found, why } satisfies Quarantined);
    await this.around.shelf.remove(key);
  }

  /** Forgets what is in quarantine, once the user has saved it or does not want it. */
  async emptyQuarantine(): Promise<void> {
    await this.around.quarantine.clear();
    this.quarantined = [];
    this.outside += 1;
    this.changed();
  }

  /** Every record of a kind. The list is the same object until a record of that kind changes. */
  all<K extends Kind>(kind: K): RecordOf<K>[] {
    let list = this.byKind.get(kind);
    if (!list) {
      list = [...this.kept.values()].flatMap(({ record }) =>
        record.kind === kind ? [record] : [],
      );
      this.byKind.set(kind, list);
    }
    return list as RecordOf<K>[];
  }

  get<K extends Kind>(kind: K, id: string): RecordOf<K> | null {
    return (this.kept.get(`${kind}/${id}`)?.record as RecordOf<K> | undefined) ?? null;
  }

  everything(): AnyRecord[] {
    return [...this.kept.values()].map(({ record }) => record);
  }

  get isEmpty(): boolean {
    return this.kept.size === 0;
  }

  /** Makes a change: records put and keys taken away, as one step of undo. */
  commit(label: string, put: readonly AnyRecord[], remove: readonly string[] = []): Promise<void> {
    const edits = [
      ...put.map((after): Edit => ({
        key: keyOf(after),
        before: this.kept.get(keyOf(after))?.record ?? null,
        after: AnyRecord.parse(after),
      })),
      ...remove.map((key): Edit => ({
        key,
        before: this.kept.get(key)?.record ?? null,
        after: null,
      })),
    ].filter(({ before, after }) => JSON.stringify(before) !== JSON.stringify(after));
    if (edits.length === 0) return Promise.resolve();
    this.past.push({ label, edits });
    this.future = [];
    return this.write(edits);
  }

  /** Writes without a step of undo: the beat of a run, which has its own way back. */
  jot(record: AnyRecord, fromAction = true): Promise<void> {
    if (!fromAction) this.outside += 1;
    return this.write([{ key: keyOf(record), before: null, after: AnyRecord.parse(record) }]);
  }

  /** Empties the memory of undo: for a fresh start that is not the user's own change. */
  forget(): void {
    this.past = [];
    this.future = [];
  }

  get undoLabel(): string | null {
    return this.past.at(-1)?.label ?? null;
  }

  get redoLabel(): string | null {
    return this.future.at(-1)?.label ?? null;
  }

  /** Takes the last change back. Says why not, when another tab has changed the same record since. */
  undo(): { done: string } | { refused: string } {
    return this.travel(this.past, this.future, ({ key, before, after }) => ({
      key,
      before: after,
      after: before,
    }));
  }

  redo(): { done: string } | { refused: string } {
    return this.travel(this.future, this.past, (edit) => edit);
  }

  private travel(
    from: Change[],
    to: Change[],
    turn: (edit: Edit) => Edit,
  ): { done: string } | { refused: string } {
    const change = from.at(-1);
    if (!change) return { refused: "Nothing to take back." };
    const edits = change.edits.map(turn);
    const stale = edits.find(
      ({ key, before }) =>
        JSON.stringify(this.kept.get(key)?.record ?? null) !== JSON.stringify(before),
    );
    if (stale)
      return { refused: `“${change.label}” was changed since in another tab; it stays as it is.` };
    from.pop();
    to.push(change);
    this.outside += 1;
    void this.write(edits);
    return { done: change.label };
  }

  get status(): "saved" | "saving" | "failed" {
    return this.failure ? "failed" : this.writing > 0 ? "saving" : "saved";
  }

  /** Resolves when everything seen so far is on the shelf. */
  settled(): Promise<void> {
    return this.queue;
  }

  private write(edits: readonly Edit[]): Promise<void> {
    const expected = edits.map(({ key, after }) => {
      const rev = this.kept.get(key)?.rev ?? 0;
      if (after) this.kept.set(key, { rev: rev + 1, record: after });
      else this.kept.delete(key);
      return { key, after, rev };
    });
    this.writing += 1;
    this.changed();
    const task = this.queue.then(() => this.around.exclusive(() => this.put(expected)));
    this.queue = task
      .catch((error: unknown) => {
        this.failure = error instanceof Error ? error.message : String(error);
      })
      .finally(() => {
        this.writing -= 1;
        this.changed();
      });
    return this.queue;
  }

  private async put(
    edits: readonly { key: string; after: AnyRecord | null; rev: number }[],
  ): Promise<void> {
    const written: string[] = [];
    await Promise.all(
      edits.map(async ({ key, after, rev }) => {
        const there = (await this.around.shelf.read(key)) as Kept | null;
        if ((there?.rev ?? 0) > rev) {
          this.conflicts.push({ key, mine: after });
          this.kept.set(key, there!);
          this.outside += 1;
          return;
        }
        if (after)
          await this.around.shelf.write(key, { rev: rev + 1, record: after } satisfies Kept);
        else await this.around.shelf.remove(key);
        written.push(key);
      }),
    );
    this.failure = null;
    if (written.length > 0) this.around.announce(written);
  }

  /** Another tab wrote these keys: take its records over. */
  async refresh(keys: readonly string[]): Promise<void> {
    await this.queue;
    for (const key of keys) {
      const parsed = KeptSchema.safeParse(await this.around.shelf.read(key));
      if (parsed.success) this.kept.set(key, parsed.data);
      else this.kept.delete(key);
    }
    this.outside += 1;
    this.changed();
  }

  /** Ends a conflict: keep the other tab's record, or put mine over it as a new change. */
  settle(key: string, keepMine: boolean): void {
    const conflict = this.conflicts.find((c) => c.key === key);
    this.conflicts = this.conflicts.filter((c) => c.key !== key);
    this.outside += 1;
    if (keepMine && conflict)
      void this.commit(
        "keep my version",
        conflict.mine ? [conflict.mine] : [],
        conflict.mine ? [] : [key],
      );
    else this.changed();
  }

  subscribe(listener: () => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  private changed(): void {
    this.byKind.clear();
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
