import { recordsVersion } from "#core/records/records";
import { Notebook, type Unwritten } from "./notebook";
import type { Page } from "./page";
import { memoryShelf, type Shelf } from "./shelf";

let count = 0;

/** A browser in memory, for tests: its two shelves outlive the tabs, and can be made to fail. */
export class Browser {
  private shelf = new Map<string, unknown>();
  private journal = new Map<string, unknown>();
  private turn: Promise<unknown> = Promise.resolve();
  private timers = new Set<() => void>();
  /** What each tab has noted as on its way. */
  private noted = new Map<string, string>();
  private clock = 0;
  /** Names that were written, in order. */
  writes: string[] = [];
  /** What every write throws, as long as it is set. */
  fail: Error | null = null;
  /** Acts are written, and said not to be. */
  lie = false;
  /** Everything is cleared right after so many more writes; null for never. */
  clearAfter: number | null = null;
  /** Nothing is ever answered. */
  silent = false;

  private around(values: Map<string, unknown>): Shelf {
    const plain = memoryShelf(values);
    const answer = <T>(task: () => Promise<T>): Promise<T> =>
      this.silent ? new Promise<T>(() => undefined) : task();
    const writing = async (task: () => Promise<void>) => {
      if (this.fail) throw this.fail;
      await task();
      if (this.clearAfter !== null && (this.clearAfter -= 1) <= 0) {
        this.clearAfter = null;
        this.clear();
      }
      if (this.lie && values === this.journal) throw new Error("aborted");
    };
    return {
      keys: () => answer(plain.keys),
      read: (key) => answer(() => plain.read(key)),
      write: (key, value) => {
        this.writes.push(key);
        return answer(() => writing(() => plain.write(key, value)));
      },
      remove: (key) => answer(() => writing(() => plain.remove(key))),
    };
  }

  /** Opens the notebook in a tab. @param guarded false for a browser without locks */
  async tab(name = `tab${(count += 1)}`, guarded = true, patience?: number): Promise<Notebook> {
    const exclusive = <T>(task: () => Promise<T>): Promise<T> => {
      if (!guarded) return task();
      const next = this.turn.then(task);
      this.turn = next.catch(() => undefined);
      return next;
    };
    const notebook = new Notebook({
      shelf: this.around(this.shelf),
      journal: this.around(this.journal),
      exclusive,
      guarded,
      tab: name,
      newId: () => `n${(count += 1)}`,
      now: () => this.clock,
      announce: () => undefined,
      later: (_, task) => {
        this.timers.add(task);
        return () => void this.timers.delete(task);
      },
      unkept: null,
      unwritten: {
        read: () => JSON.parse(this.noted.get(name) ?? "[]") as Unwritten[],
        write: (acts) => void this.noted.set(name, JSON.stringify(acts)),
      },
      ...(patience === undefined ? {} : { patience }),
    });
    await notebook.load();
    return notebook;
  }

  /** Lets everything happen that waits for its time. */
  async waits(): Promise<void> {
    const due = [...this.timers];
    this.timers.clear();
    for (const task of due) task();
    for (let n = 0; n < 50; n += 1) await new Promise((done) => setImmediate(done));
  }

  hours(more: number): void {
    this.clock += more * 3_600_000;
  }

  clear(): void {
    this.shelf.clear();
    this.journal.clear();
  }

  newer(): void {
    this.shelf.set("head", { ...(this.shelf.get("head") as object), v: recordsVersion + 1 });
  }

  names(): string[] {
    return [...this.shelf.keys(), ...this.journal.keys()].sort();
  }

  /** Names of pages and acts: what there is of records. */
  disk(): string[] {
    return this.names().filter((name) => name !== "head");
  }

  /** Changes a record where it lies, behind the application's back. @param v the version the page is to be of */
  spoil(
    which: (record: Record<string, unknown>) => boolean,
    change: (record: Record<string, unknown>) => void,
    v = recordsVersion,
  ): void {
    for (const [name, value] of this.shelf) {
      const page = value as Page;
      const row = page.rows?.find(({ record }) => which(record as Record<string, unknown>));
      if (!row) continue;
      change(row.record as Record<string, unknown>);
      this.shelf.set(name, { ...page, v });
    }
  }
}
