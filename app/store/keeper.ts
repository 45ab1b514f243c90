import { readRecord } from "#core/records/earlier";
import { recordsVersion, type AnyRecord } from "#core/records/records";
import {
  asEntry,
  entryName,
  entryNames,
  isEntry,
  isOld,
  type JournalAct,
  type ActEntry,
} from "./act";
import { steps } from "./history";
import {
  everybody,
  isPageOf,
  generationOf,
  nameOnShelf,
  ownerOf,
  ownerOfPage,
  pageOf,
  summaryName,
  type Owner,
  type PageName,
} from "./layout";
import {
  byKey,
  NewerValues,
  readKeptPage,
  writePage,
  type Aside,
  type PageRead,
  type KeptRow,
} from "./page";
import type { Shelf } from "./shelf";
import { summaryOf, type Summary } from "./summary";
import { StorageGone } from "./trouble";

/** The first thing on a shelf: whose it is, which generation is the notebook, and up to which act it is folded. */
type Head = { id: string; v: number; generation: number; folded: number };

/** Runs a task while no other tab writes. */
export type Exclusive = <T>(task: () => Promise<T>) => Promise<T>;

export type Surroundings = {
  /** Pages, summaries, what is set aside, and the head. */
  shelf: Shelf;
  /** Acts, one value each. */
  journal: Shelf;
  exclusive: Exclusive;
  /** False where the browser has no locks: acts of the same number are then told apart after they are written. */
  guarded: boolean;
  tab: string;
  newId: () => string;
  now: () => number;
};

/** What other tabs wrote since this one last looked; `missed` when it is only to be had from the pages. */
export type News = { entries: ActEntry[]; missed: boolean };

/** An owner's rows; what could not be read of them, and on which pages that is. */
export type OwnerRead = { rows: KeptRow[]; aside: Aside[]; dirty: PageName[] };

/** Another tab wrote an act of the same number at the same moment. Tried again. */
export class Collision extends Error {}

type KeptSummary = { v: number; upTo: number; summary: Summary };

/** Rows that are held back before pages are written, while a whole notebook is built. */
const rowsHeld = 20_000;

/**
 * A notebook on its shelf. An act is one value in the journal, and so is there whole or not at all; it is folded
 * into the pages later, page by page, and the head says last how far that went. A page knows which acts it holds,
 * so that folding may stop anywhere and be done again. See docs/architecture.md.
 */
export class Keeper {
  private head: Head | null = null;
  /** Acts that are not folded into the pages yet, in order. */
  private entries: ActEntry[] = [];
  private foldedBefore = 0;
  /** The last act that this tab knows. */
  seq = 0;

  constructor(private readonly around: Surroundings) {}

  /** Opens the shelf; begins a notebook where there is none. @returns the acts of this tab that the journal still has */
  async open(): Promise<ActEntry[]> {
    const { shelf, journal, tab } = this.around;
    const found = (await shelf.read("head")) as Head | null;
    if (found && found.v > recordsVersion) throw new NewerValues();
    const names = entryNames(await journal.keys());
    const folded = found?.folded ?? 0;
    const wanted = names.filter((one) => one.seq > folded || one.tab === tab);
    const entries = await this.read(wanted.map(({ name }) => name));
    this.head = found ?? { id: this.around.newId(), v: recordsVersion, generation: 1, folded: 0 };
    if (!found || found.v < recordsVersion)
      await shelf.write("head", (this.head = { ...this.head, v: recordsVersion }));
    this.foldedBefore = folded;
    this.entries = entries.filter(({ seq }) => seq > folded);
    this.seq = Math.max(folded, ...names.map(({ seq }) => seq), 0);
    return entries.filter((entry) => entry.tab === tab);
  }

  /** Whether nothing was ever written here. */
  get untouched(): boolean {
    return this.seq === 0;
  }

  /** How many acts wait to be folded. */
  get unfolded(): number {
    return this.entries.length;
  }

  get generation(): number {
    return this.entries.reduce((now, { turn }) => turn?.to ?? now, this.head?.generation ?? 1);
  }

  private async read(names: readonly string[]): Promise<ActEntry[]> {
    const found = await Promise.all(
      names.map(async (name) => [name, await this.around.journal.read(name)] as const),
    );
    const entries: ActEntry[] = [];
    for (const [name, value] of found) {
      if (value === null) continue;
      const entry = isEntry(value) ? current(value) : null;
      if (entry) entries.push(entry);
      else await this.setAsideEntry(name, value);
    }
    return entries;
  }

  private async setAsideEntry(name: string, found: unknown): Promise<void> {
    await this.around.shelf.write(`aside/act/${name}`, {
      name: `aside/act/${name}`,
      key: `act/${name}`,
      v: recordsVersion,
      found,
      why: { fact: "damaged-page" },
    } satisfies Aside);
    await this.around.journal.remove(name);
  }

  /**
   * What other tabs wrote since. To be asked before an act is judged and written.
   * @throws StorageGone when the shelf is not the one that was opened; NewerValues when a newer application wrote
   */
  async news(): Promise<News> {
    const { journal } = this.around;
    const [head, written] = await Promise.all([this.mine(), journal.keys()]);
    if (head.v > recordsVersion) throw new NewerValues();
    const names = entryNames(written).filter(({ seq }) => seq > this.seq);
    const entries = await this.read(names.map(({ name }) => name));
    const missed =
      head.folded > this.seq &&
      entries.filter(({ seq }) => seq <= head.folded).length < head.folded - this.seq;
    this.entries = [...this.entries, ...entries].filter(({ seq }) => seq > head.folded);
    this.head = head;
    this.seq = Math.max(this.seq, head.folded, ...entries.map(({ seq }) => seq));
    return { entries, missed };
  }

  /** The head on the shelf. @throws StorageGone when it is not the one that was opened */
  private async mine(): Promise<Head> {
    const head = (await this.around.shelf.read("head")) as Head | null;
    if (!head || head.id !== this.head?.id) throw new StorageGone();
    return head;
  }

  /** Writes an act down. @throws Collision without locks, when another tab was at it too */
  async append(act: JournalAct): Promise<ActEntry> {
    const { journal, tab, now, guarded } = this.around;
    const entry = asEntry(act, this.seq + 1, tab);
    const name = entryName(entry.seq, tab, now());
    await journal.write(name, entry);
    if (!guarded) {
      const rival = entryNames(await journal.keys()).some(
        (other) => other.seq === entry.seq && other.name !== name,
      );
      if (rival) {
        await journal.remove(name);
        throw new Collision();
      }
    }
    this.seq = entry.seq;
    this.entries.push(entry);
    return entry;
  }

  /** An owner's rows as they are on the shelf, acts that are not folded yet included. */
  async rows(owner: Owner): Promise<OwnerRead> {
    const { shelf } = this.around;
    const [generation, entries] = [this.generation, this.entriesOf(this.generation)];
    const start = nameOnShelf(generation, "");
    const mine = (page: PageName) => isPageOf(owner, page);
    const pages = new Set<PageName>();
    for (const name of await shelf.keys())
      if (name.startsWith(start) && mine(name.slice(start.length)))
        pages.add(name.slice(start.length));
    for (const { edits } of entries)
      for (const { page, from } of edits)
        for (const one of [page, from]) if (one !== null && mine(one)) pages.add(one);
    const read = await Promise.all(
      [...pages].map(async (page) => {
        const there = readKeptPage(page, await shelf.read(nameOnShelf(generation, page)));
        return { ...withActs(page, there, entries), page };
      }),
    );
    return {
      rows: newestOf(read.flatMap(({ rows }) => rows)),
      aside: read.flatMap(({ aside }) => aside),
      dirty: read.flatMap(({ aside, page }) => (aside.length > 0 ? [page] : [])),
    };
  }

  /**
   * Sets aside what cannot be read on these pages: it is written beside first, and only then taken off its page.
   * To be called while no other tab writes.
   */
  async clean(pages: readonly PageName[]): Promise<void> {
    const { shelf } = this.around;
    for (const page of pages) {
      const name = nameOnShelf(this.generation, page);
      const there = readKeptPage(page, await shelf.read(name));
      for (const one of there.aside) await shelf.write(one.name, one);
      if (there.rows.length > 0) await shelf.write(name, writePage(there.upTo, there.rows));
      else await shelf.remove(name);
    }
  }

  async aside(): Promise<Aside[]> {
    const { shelf } = this.around;
    const names = (await shelf.keys()).filter((name) => name.startsWith("aside/"));
    return (await Promise.all(names.map((name) => shelf.read(name)))).filter(Boolean) as Aside[];
  }

  letGo(aside: Aside): Promise<void> {
    return this.around.shelf.remove(aside.name);
  }

  keepAside(aside: Aside): Promise<void> {
    return this.around.shelf.write(aside.name, aside);
  }

  /** Athletes that have pages. */
  async owners(): Promise<Owner[]> {
    const start = nameOnShelf(this.generation, "");
    const names = (await this.around.shelf.keys()).filter((name) => name.startsWith(start));
    const owners = new Set(names.map((name) => ownerOfPage(name.slice(start.length))));
    for (const { edits } of this.entriesOf(this.generation))
      for (const { owner } of edits) owners.add(owner);
    owners.delete(everybody);
    return [...owners];
  }

  /** The summaries that are on the shelf and still true. */
  async summaries(): Promise<Map<Owner, Summary>> {
    const { shelf } = this.around;
    const start = summaryName(this.generation, "");
    const touched = new Set(
      this.entriesOf(this.generation).flatMap(({ edits }) => edits.map(({ owner }) => owner)),
    );
    const names = (await shelf.keys()).filter((name) => name.startsWith(start));
    const found = await Promise.all(names.map((name) => shelf.read(name)));
    return new Map(
      (found as (KeptSummary | null)[]).flatMap((kept) =>
        kept && kept.v === recordsVersion && !touched.has(kept.summary.athleteId)
          ? [[kept.summary.athleteId, kept.summary] as const]
          : [],
      ),
    );
  }

  /** Acts that belong to a generation. */
  private entriesOf(generation: number): ActEntry[] {
    let now = this.head?.generation ?? 1;
    return this.entries.filter((entry) => {
      const here = now === generation;
      if (entry.turn) now = entry.turn.to;
      return here && !entry.turn;
    });
  }

  /**
   * Folds the acts into the pages. May be cut off anywhere: until the head is written the acts count as not folded,
   * and a page that has them already is told so by its own number. To be called while no other tab writes.
   * @param known an owner's rows where they are in memory; null where they have to be read for the summary
   */
  async fold(known: (owner: Owner) => readonly AnyRecord[] | null): Promise<void> {
    const { shelf } = this.around;
    if (!this.head || this.entries.length === 0) return this.tidy();
    const upTo = this.seq;
    const generations = new Set([
      this.head.generation,
      ...this.entries.flatMap(({ turn }) => (turn ? [turn.to] : [])),
    ]);
    const owners = new Set<Owner>();
    for (const generation of generations) {
      const entries = this.entriesOf(generation);
      const pages = new Set(
        entries.flatMap(({ edits }) =>
          edits.flatMap(({ page, from }) => (from ? [page, from] : [page])),
        ),
      );
      for (const page of pages) {
        const name = nameOnShelf(generation, page);
        const there = readKeptPage(page, await shelf.read(name));
        for (const one of there.aside) await shelf.write(one.name, one);
        const { rows } = withActs(page, there, entries);
        if (rows.length > 0) await shelf.write(name, writePage(upTo, rows));
        else await shelf.remove(name);
        if (generation === this.generation && ownerOfPage(page) !== everybody)
          owners.add(ownerOfPage(page));
      }
    }
    for (const owner of owners)
      await this.writeSummary(
        this.generation,
        owner,
        known(owner) ?? (await this.rows(owner)).rows.map(({ record }) => record),
      );
    const head = { ...this.head, generation: this.generation, folded: upTo };
    // Cleared meanwhile, a head written now would stand over an empty shelf as if all were there.
    await this.mine();
    await shelf.write("head", head);
    this.foldedBefore = this.head.folded;
    this.head = head;
    this.entries = [];
    await this.tidy();
  }

  writeSummary(generation: number, owner: Owner, records: readonly AnyRecord[]): Promise<void> {
    return this.around.shelf.write(summaryName(generation, owner), {
      v: recordsVersion,
      upTo: this.seq,
      summary: summaryOf(owner, records),
    } satisfies KeptSummary);
  }

  /**
   * Lets go of acts that are folded and that nobody can take back any more, and of generations that no act leads
   * to. Acts of the last folding stay for one more, so that other tabs still find them.
   */
  private async tidy(): Promise<void> {
    const { shelf, journal, tab, now } = this.around;
    const names = entryNames(await journal.keys());
    const mine = names.filter((one) => one.tab === tab);
    const keep = new Set(mine.slice(-2 * steps).map(({ name }) => name));
    const gone = names.filter(
      ({ name, seq, hour, tab: writer }) =>
        seq <= this.foldedBefore && (writer === tab ? !keep.has(name) : isOld(hour, now())),
    );
    for (const { name } of gone) await journal.remove(name);
    const onShelf = await shelf.keys();
    const generations = new Set(onShelf.map(generationOf).filter((one) => one !== null));
    generations.delete(this.generation);
    if (generations.size === 0) return;
    const goneNames = new Set(gone.map(({ name }) => name));
    const left = names.filter(({ name }) => !goneNames.has(name));
    for (const { turn } of await this.read(left.map(({ name }) => name)))
      if (turn) [turn.from, turn.to].forEach((one) => generations.delete(one));
    for (const name of onShelf)
      if (generations.has(generationOf(name) ?? -1)) await shelf.remove(name);
  }

  /**
   * Builds a whole notebook beside the present one and turns to it by one act; cut off before that, nothing has
   * changed. To be called while no other tab writes.
   * @param fill hands over every record; what it throws ends the building
   */
  async rebuild(
    named: Pick<JournalAct, "id" | "label">,
    fill: (add: (record: AnyRecord) => Promise<void>) => Promise<void>,
  ): Promise<ActEntry> {
    const { shelf } = this.around;
    const from = this.generation;
    const to = Math.max(from, ...(await shelf.keys()).map((name) => generationOf(name) ?? 0)) + 1;
    const rev = this.seq + 1;
    const written = new Set<PageName>();
    let held = new Map<PageName, KeptRow[]>();
    let count = 0;
    /** Every row, where they are few enough to be held at once. */
    let whole: ReadonlyMap<PageName, KeptRow[]> | null = null;
    const put = async () => {
      whole = written.size === 0 ? held : null;
      await Promise.all(
        [...held].map(async ([page, rows]) => {
          const name = nameOnShelf(to, page);
          const there = written.has(page) ? readKeptPage(page, await shelf.read(name)).rows : [];
          await shelf.write(name, writePage(rev, [...there, ...rows]));
          written.add(page);
        }),
      );
      held = new Map();
      count = 0;
    };
    const rowsOf = async (page: PageName): Promise<readonly KeptRow[]> =>
      whole?.get(page) ?? readKeptPage(page, await shelf.read(nameOnShelf(to, page))).rows;
    const act: JournalAct = { ...named, edits: [], turn: { from, to }, travel: null };
    try {
      await fill(async (record) => {
        const page = pageOf(record);
        const rows = held.get(page);
        if (rows) rows.push({ rev, record });
        else held.set(page, [{ rev, record }]);
        count += 1;
        if (count >= rowsHeld) await put();
      });
      await put();
      const owners = new Map<Owner, PageName[]>();
      for (const page of written) {
        const owner = ownerOfPage(page);
        if (owner !== everybody) owners.set(owner, [...(owners.get(owner) ?? []), page]);
      }
      const summed = async ([owner, pages]: [Owner, PageName[]]) => {
        const rows = await Promise.all(
          pages.filter((page) => !page.includes("/photo/")).map(rowsOf),
        );
        await this.writeSummary(
          to,
          owner,
          rows.flat().map(({ record }) => record),
        );
      };
      // Where all is held at once anyway, all are written at once; else one after the other.
      if (whole) await Promise.all([...owners].map(summed));
      else for (const one of owners) await summed(one);
    } catch (error) {
      await this.dropGeneration(to).catch(() => undefined);
      throw error;
    }
    return this.turn(act);
  }

  /**
   * Writes an act that turns to another generation. Where the write fails to say whether it happened, the journal
   * is asked; what it leads to is dropped by no one but a later tidying, which knows.
   */
  async turn(act: JournalAct): Promise<ActEntry> {
    try {
      return await this.append(act);
    } catch (error) {
      const { entries } = await this.news();
      const written = entries.find(({ id }) => id === act.id);
      if (written) return written;
      throw error;
    }
  }

  private async dropGeneration(generation: number): Promise<void> {
    const { shelf } = this.around;
    for (const name of await shelf.keys())
      if (generationOf(name) === generation) await shelf.remove(name);
  }

  /** Every record, an owner at a time: for a file, for a search, for a merge. */
  async *everything(): AsyncGenerator<AnyRecord[]> {
    for (const owner of [everybody, ...(await this.owners())])
      yield (await this.rows(owner)).rows.map(({ record }) => record);
  }
}

/** An act with its records brought up to this version; null where one of them cannot be read. */
function current(entry: ActEntry): ActEntry | null {
  if (entry.v > recordsVersion) throw new NewerValues();
  if (entry.v === recordsVersion) return entry;
  const upgraded = (record: AnyRecord | null) => {
    if (record === null) return null;
    const read = readRecord(record, entry.v);
    return "record" in read ? read.record : undefined;
  };
  const edits = entry.edits.map((edit) => ({
    ...edit,
    before: upgraded(edit.before) ?? null,
    after: upgraded(edit.after),
  }));
  if (edits.some(({ after }) => after === undefined)) return null;
  return {
    ...entry,
    v: recordsVersion,
    edits: edits.map((edit) => ({
      ...edit,
      after: edit.after!,
      ...(edit.after ? { page: pageOf(edit.after), owner: ownerOf(edit.after) } : {}),
    })),
  };
}

/** A page with the acts applied that it does not hold yet. */
export function withActs(page: PageName, there: PageRead, entries: readonly ActEntry[]): PageRead {
  const rows = byKey(there.rows);
  for (const { seq, edits } of entries) {
    if (seq <= there.upTo) continue;
    for (const { key, page: target, from, after } of edits) {
      if (from === page && target !== page) rows.delete(key);
      if (target !== page) continue;
      if (after) rows.set(key, { rev: seq, record: after });
      else rows.delete(key);
    }
  }
  return { ...there, rows: [...rows.values()] };
}

/** One row a key: the newest, where a folding was cut off between two pages. */
const newestOf = (rows: readonly KeptRow[]): KeptRow[] => [
  ...byKey([...rows].sort((a, b) => a.rev - b.rev)).values(),
];
