import { keyOf, type AnyRecord } from "#core/records/records";
import { Notebook } from "../store/notebook";
import type { Shelf } from "../store/shelf";

/** One act of a walk, as the notebook is asked for it. */
export type WalkStep =
  | {
      kind: "commit" | "jot";
      label: string;
      put: readonly AnyRecord[];
      remove: readonly string[];
      restore: readonly AnyRecord[];
    }
  | { kind: "rebuild"; label: string; records: readonly AnyRecord[] }
  | { kind: "undo" | "redo"; label: string };

/**
 * What goes wrong at one touch of the storage: it throws, with or without having done what it was asked; the tab
 * dies before or after it; or everything fails from there on, and later works again.
 */
export const faults = ["throws", "lies", "dies before", "dies after", "fails on"] as const;
export type Fault = (typeof faults)[number];

/** Two shelves that outlive a tab, and can be set to what they were. */
export type Disk = {
  shelf: Shelf;
  journal: Shelf;
  snapshot: () => Promise<unknown>;
  restore: (snapshot: unknown) => Promise<void>;
};

export type Found = {
  cases: number;
  /** Acts that were said to be saved and are not there. */
  lost: string[];
  /** What is there is neither what was before an act nor what was after it. */
  torn: string[];
  /** Said to be saved while the storage holds something else. */
  untrue: string[];
};

type Plan = { at: number; fault: Fault };

/** The storage of one tab: its writes are counted, and one of them goes wrong. */
class Tab {
  touches = 0;
  dead = false;
  failing = false;
  private ended: () => void = () => undefined;
  readonly end = new Promise<void>((done) => (this.ended = done));

  constructor(
    private readonly disk: Disk,
    private readonly plan: Plan | null,
  ) {}

  private die(): Promise<never> {
    this.dead = true;
    this.ended();
    return new Promise<never>(() => undefined);
  }

  private async write(task: () => Promise<void>): Promise<void> {
    if (this.dead) return this.die();
    if (this.failing) throw quota();
    const due = this.plan?.at === this.touches;
    this.touches += 1;
    if (!due) return task();
    switch (this.plan!.fault) {
      case "throws":
        throw quota();
      case "lies":
        await task();
        throw new Error("the transaction was aborted");
      case "dies before":
        return this.die();
      case "dies after":
        await task();
        return this.die();
      case "fails on":
        this.failing = true;
        throw quota();
    }
  }

  around(shelf: Shelf): Shelf {
    const read = <T>(task: () => Promise<T>): Promise<T> => (this.dead ? this.die() : task());
    return {
      keys: () => read(shelf.keys),
      read: (key) => read(() => shelf.read(key)),
      write: (key, value) => this.write(() => shelf.write(key, value)),
      remove: (key) => this.write(() => shelf.remove(key)),
    };
  }

  async open(name: string): Promise<Notebook> {
    let turn: Promise<unknown> = Promise.resolve();
    let count = 0;
    const notebook = new Notebook({
      shelf: this.around(this.disk.shelf),
      journal: this.around(this.disk.journal),
      exclusive: (task) => {
        const next = turn.then(task);
        turn = next.catch(() => undefined);
        return next;
      },
      guarded: true,
      tab: name,
      newId: () => `${name}-${(count += 1)}-${(made += 1)}`,
      now: () => 0,
      announce: () => undefined,
      later: () => () => undefined,
      unkept: null,
    });
    await notebook.load();
    return notebook;
  }
}

let made = 0;
const quota = (): Error => Object.assign(new Error("no room"), { name: "QuotaExceededError" });

/** Everything on the disk, as a new tab reads it, in one text. */
async function onDisk(disk: Disk): Promise<string> {
  const notebook = await new Tab(disk, null).open("reader");
  return allOf(notebook);
}

async function allOf(notebook: Notebook): Promise<string> {
  const records: AnyRecord[] = [];
  for await (const some of notebook.everything(true)) records.push(...some);
  return textOf(records);
}

const textOf = (records: readonly AnyRecord[]): string =>
  JSON.stringify([...records].sort((a, b) => (keyOf(a) < keyOf(b) ? -1 : 1)));

/** What the page shows of athletes that are open, and of what is always open. */
const inMemory = (notebook: Notebook, athletes: readonly string[]): string =>
  textOf([
    ...(["troupe", "settings", "athlete", "place", "group", "hall", "pack"] as const).flatMap(
      (kind) => notebook.all(kind),
    ),
    ...athletes.flatMap((id) =>
      (["aim", "check", "prep", "run", "log", "day", "season", "photo"] as const).flatMap((kind) =>
        notebook.all(kind, id),
      ),
    ),
  ]);

/** Does a step. @returns false when it said that it was not done */
async function act(notebook: Notebook, step: WalkStep): Promise<boolean> {
  switch (step.kind) {
    case "commit":
      await notebook.commit(step.label, step.put, step.remove, step.restore);
      return true;
    case "jot":
      await notebook.jot(step.put);
      return true;
    case "rebuild":
      try {
        await notebook.rebuild(step.label, async (add) => {
          for (const record of step.records) await add(record);
        });
        return true;
      } catch {
        return false;
      }
    default:
      notebook[step.kind]();
      await notebook.settled();
      return notebook.status === "saved";
  }
}

const athletesOf = (notebook: Notebook): string[] => notebook.all("athlete").map(({ id }) => id);

/**
 * Walks through acts; before each, every write of it and of the folding after it goes wrong once in every way, and
 * the notebook is opened again. What is then there has to be what was before an act or after it, never between,
 * and everything that was said to be saved.
 * @param atOnce how many acts are made without waiting for one another
 * @param most cases at most
 * @param again the tab that comes after one that died dies as well
 */
export async function walkFaults(
  disk: Disk,
  start: readonly AnyRecord[],
  steps: readonly WalkStep[],
  atOnce: number,
  most: number,
  again = false,
): Promise<Found> {
  const found: Found = { cases: 0, lost: [], torn: [], untrue: [] };
  const first = await new Tab(disk, null).open("walk");
  await first.rebuild(
    "start",
    async (add) => {
      for (const record of start) await add(record);
    },
    false,
  );
  await first.fold();
  for (let at = 0; at < steps.length && found.cases < most; at += atOnce) {
    const now = steps.slice(at, at + atOnce);
    const before = await disk.snapshot();
    const { states, touches } = await plainly(disk, now);
    const after = await disk.snapshot();
    for (let touch = 0; touch < touches && found.cases < most; touch += 1)
      for (const fault of faults) {
        await disk.restore(before);
        await oneCase(disk, now, states, { at: touch, fault }, again, found);
      }
    await disk.restore(after);
  }
  return found;
}

/** The acts as they go when nothing goes wrong: what is on the disk after each, and how often it is written to. */
async function plainly(
  disk: Disk,
  steps: readonly WalkStep[],
): Promise<{ states: string[]; touches: number }> {
  const tab = new Tab(disk, null);
  const notebook = await tab.open("walk");
  await notebook.openAthletes(athletesOf(notebook));
  const states = [await onDisk(disk)];
  const opened = tab.touches;
  for (const step of steps) {
    await act(notebook, step);
    states.push(await onDisk(disk));
  }
  await notebook.fold();
  if ((await onDisk(disk)) !== states.at(-1)) throw new Error("folding changed the notebook");
  return { states, touches: tab.touches - opened };
}

async function oneCase(
  disk: Disk,
  steps: readonly WalkStep[],
  states: readonly string[],
  plan: Plan,
  again: boolean,
  found: Found,
): Promise<void> {
  const name = `${steps.map(({ label }) => label).join(" + ")}: ${plan.fault} at write ${plan.at}`;
  const tab = new Tab(disk, plan);
  const notebook = await tab.open("walk");
  await notebook.openAthletes(athletesOf(notebook));
  let saved = 0;
  const walk = async () => {
    const acts = steps.map(async (step) => {
      const done = await act(notebook, step);
      if (done && notebook.status === "saved" && !tab.dead) saved += 1;
    });
    await Promise.all(acts);
    await notebook.fold();
    if (tab.failing || notebook.status === "failed") {
      tab.failing = false;
      await notebook.retry();
      await notebook.settled();
    }
    if (notebook.status !== "saved") return;
    const seen = inMemory(notebook, athletesOf(notebook));
    if (seen !== (await onDisk(disk))) found.untrue.push(name);
    // A whole notebook that failed to come in says so, and changes nothing; any other act is there by now.
    if (steps.every(({ label }) => !/import|empty/.test(label))) saved = steps.length;
  };
  await Promise.race([walk(), tab.end]);
  const judge = async (which: string) => {
    found.cases += 1;
    const there = await onDisk(disk);
    const at = states.lastIndexOf(there);
    if (at < 0) found.torn.push(which);
    else if (at < saved && states[saved] !== there) found.lost.push(which);
  };
  await judge(name);
  if (!tab.dead || !again) return;
  // The next tab dies too, in the midst of folding what it found.
  const dead = await disk.snapshot();
  for (const at of [0, 1, 2]) {
    await disk.restore(dead);
    const next = new Tab(disk, { at, fault: "dies after" });
    await Promise.race([next.open("next").then((heir) => heir.fold()), next.end]);
    await judge(`${name}, and the next tab at write ${at}`);
  }
}
