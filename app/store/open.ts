import { beenOpen } from "./been-open";
import { deviceName } from "./device";
import type { AnyRecord } from "#core/records/records";
import { moment, newName, today } from "../clock";
import { draftsWritten, keepDraft, loadDrafts, noteDraftsLeaving } from "./drafts";
import type { Exclusive } from "./keeper";
import { everybody, ownerOf, type Owner } from "./layout";
import { metaIsEmpty, readMeta, writeMeta, type NotebookName } from "./meta";
import { Notebook, storagePatience, type Unwritten } from "./notebook";
import { memoryShelf, openShelf } from "./shelf";
import { claimTab } from "./tab";
import { troubleOf, within, type Trouble } from "./trouble";
import type { Label } from "#core/acts/does";

export type Opened = { name: NotebookName; notebook: Notebook };

const locks = globalThis.navigator?.locks;

/** Whether a notebook was opened in this browser before: a guess that is there at once, and costs little when wrong. */
export function hasBeenOpen(): boolean {
  try {
    return localStorage.getItem(beenOpen) !== null;
  } catch {
    return true;
  }
}

function noteOpen(): void {
  try {
    localStorage.setItem(beenOpen, "yes");
  } catch {
    // It is only a guess.
  }
}

let opened: Promise<Opened> | null = null;
let current: Opened | null = null;

/** The open notebook; the demo on an empty browser. Opened once a tab. */
export function openNotebook(): Promise<Opened> {
  opened ??= open();
  return opened;
}

/** The notebook if it is open already: for views that must not wait. */
export const presentNotebook = (): Opened | null => current;

async function open(): Promise<Opened> {
  let name: NotebookName = "demo";
  try {
    const fresh = await within(storagePatience, metaIsEmpty());
    name = (await readMeta("open")) ?? "demo";
    [current] = await Promise.all([bring(name), fresh ? writeMeta("layout", 2) : null]);
    if (!fresh) await bringOver(current);
    if (name === "demo") await freshen(current.notebook);
    await loadDrafts();
  } catch (error) {
    current = await withoutStorage(name, troubleOf(error));
  }
  current.notebook.subscribe(tell);
  tell();
  noteOpen();
  return current;
}

/** A notebook that lasts as long as the page, where the browser gives no storage; it says so all the time. */
async function withoutStorage(name: NotebookName, unkept: Trouble): Promise<Opened> {
  if (unkept.why === "newer") throw new Response("newer", { status: 409 });
  const notebook = await make(name, memoryShelf(), memoryShelf(), unkept);
  await notebook.load();
  if (name === "demo") await fillDemo(notebook, false);
  return { name, notebook };
}

const listeners = new Set<() => void>();
const tell = (): void => listeners.forEach((listener) => listener());

/** Hears of every change of the open notebook, whichever it is by then. Opens one when none is. */
export function subscribeNotebook(listener: () => void): () => void {
  listeners.add(listener);
  void openNotebook()
    .then(listener)
    .catch(() => undefined);
  return () => void listeners.delete(listener);
}

/** Turns to the other notebook. What is in either stays where it is. */
export async function turnTo(name: NotebookName): Promise<void> {
  await current?.notebook.close();
  await writeMeta("open", name).catch(() => undefined);
  opened = null;
  await openNotebook();
}

const channels = new Map<NotebookName, BroadcastChannel>();

/** One tab writes at a time, where the browser has locks. */
const inTurn =
  (name: NotebookName): Exclusive =>
  (task) =>
    locks ? locks.request(`yearling-write-${name}`, task) : task();

async function make(
  name: NotebookName,
  shelf = openShelf(`yearling-${name}`),
  journal = openShelf(`yearling-${name}-acts`),
  unkept: Trouble | null = null,
): Promise<Notebook> {
  return new Notebook({
    shelf,
    journal,
    exclusive: inTurn(name),
    guarded: Boolean(locks),
    tab: await claimTab(),
    newId: newName,
    now: Date.now,
    announce: () => channels.get(name)?.postMessage("written"),
    later: (milliseconds, task) => {
      const timer = setTimeout(task, milliseconds);
      return () => clearTimeout(timer);
    },
    unkept,
    unwritten: unwrittenOf(name),
    device: await deviceName(),
  });
}

/** More than this many characters on their way are not noted: a photograph waits for the shelf alone. */
const notedMost = 1_000_000;

/** Notes what is on its way where the browser writes at once and a loaded page finds it again: the tab's own store. */
function unwrittenOf(name: NotebookName) {
  const key = `yearling-unwritten-${name}`;
  return {
    read: (): Unwritten[] => {
      try {
        return JSON.parse(sessionStorage.getItem(key) ?? "[]") as Unwritten[];
      } catch {
        return [];
      }
    },
    write: (acts: readonly Unwritten[]): void => {
      try {
        const text = JSON.stringify(acts);
        if (acts.length === 0 || text.length > notedMost) sessionStorage.removeItem(key);
        else sessionStorage.setItem(key, text);
      } catch {
        // Without it, what is on its way ends with the page.
      }
    },
  };
}

async function bring(name: NotebookName): Promise<Opened> {
  channels.forEach((channel) => channel.close());
  channels.clear();
  // Without channels, another tab's acts are seen when this one comes to the front.
  const channel =
    "BroadcastChannel" in globalThis ? new BroadcastChannel(`yearling-${name}`) : null;
  if (channel) channels.set(name, channel);
  const notebook = await make(name);
  if (channel) channel.onmessage = () => void notebook.look();
  await notebook.load();
  return { name, notebook };
}

/** Brings over what the first layout kept, once. Cut off, it is done again: the old shelf is cleared last. */
async function bringOver(now: Opened): Promise<void> {
  if ((await readMeta("layout")) === 2) return;
  await (locks ? locks.request("yearling-bring-over", () => bringBoth(now)) : bringBoth(now));
}

async function bringBoth(now: Opened): Promise<void> {
  if ((await readMeta("layout")) === 2) return;
  const { earlierNotebook } = await import("./earlier-shelf");
  const earlier = await earlierNotebook("own");
  if (earlier.records.length > 0 || earlier.aside.length > 0) {
    const own = now.name === "own" ? now.notebook : await make("own");
    if (own !== now.notebook) await own.load();
    if (own.untouched)
      await own.rebuild(
        "",
        async (add) => {
          for (const record of earlier.records) await add(record);
        },
        false,
      );
    await own.keepAside(earlier.aside);
    if (own !== now.notebook) await own.close();
  }
  await writeMeta("layout", 2);
  await earlier.clear();
  await (await earlierNotebook("demo")).clear();
}

/** Fills an empty demo, and renews an untouched one from an earlier day, so that it is never stale. */
async function freshen(notebook: Notebook): Promise<void> {
  const fill = async () => {
    await notebook.look();
    const made = await readMeta("demo");
    const renew = made !== null && made.on !== today() && made.acts === notebook.acts;
    if (notebook.untouched || renew) await fillDemo(notebook);
  };
  await (locks ? locks.request("yearling-demo", fill) : fill());
}

/** What the demo is made with: fetched when it is needed, or a little before. */
export const demoParts = () => Promise.all([import("../demo"), import("../demo-drafts")]);

/** Loads Lanternfield afresh into the demo notebook. */
export async function fillDemo(notebook: Notebook, remember = true): Promise<void> {
  const [{ lanternfield }, { demoDrafts }] = await demoParts();
  const records = await lanternfield(today());
  await notebook.rebuild(
    "",
    async (add) => {
      for (const record of records) await add(record);
    },
    false,
  );
  for (const [name, draft] of Object.entries(demoDrafts)) keepDraft(name, draft);
  if (!remember) return;
  // Drafts are read from the shelf right after: they have to lie there.
  await within(storagePatience, draftsWritten());
  await writeMeta("demo", { on: today(), acts: notebook.acts });
}

/** Reads a notebook that need not be the open one; nothing in it changes. */
export async function peekNotebook(name: NotebookName): Promise<Notebook> {
  if (current?.name === name) return current.notebook;
  const notebook = await make(name);
  await notebook.load();
  return notebook;
}

/**
 * Commits a change of the user's to the open notebook; at once when what it needs is open, so that reading,
 * working out and committing are one step.
 * @param restore what undo brings back in place of what was there before
 */
export async function change(
  label: Label,
  put: readonly AnyRecord[],
  remove: readonly string[] = [],
  restore: readonly AnyRecord[] = [],
): Promise<void> {
  const { name, notebook } = current ?? (await openNotebook());
  const closed = ownersOf(put).filter((owner) => !notebook.isOpen(owner));
  if (closed.length > 0) await notebook.openAthletes(closed);
  void notebook.commit(label, put, remove, restore);
  if (name === "own") void keepForLong();
}

/** Commits what nobody asked for: no step of undo. */
export async function jot(put: readonly AnyRecord[]): Promise<void> {
  const { notebook } = current ?? (await openNotebook());
  const closed = ownersOf(put).filter((owner) => !notebook.isOpen(owner));
  if (closed.length > 0) await notebook.openAthletes(closed);
  void notebook.jot(put);
}

const ownersOf = (records: readonly AnyRecord[]): Owner[] =>
  [...new Set(records.map(ownerOf))].filter((owner) => owner !== everybody);

let asked = false;

/** Asks the browser, once there is something of the user's own, to keep it when space is short. */
export async function keepForLong(): Promise<void> {
  if (asked) return;
  asked = true;
  try {
    if (!(await readMeta("begun"))) await writeMeta("begun", moment());
    const storage = globalThis.navigator?.storage;
    const granted = storage?.persist ? await storage.persist() : null;
    await writeMeta("persistence", granted === null ? "unknown" : granted ? "granted" : "denied");
    tell();
  } catch {
    // The browser does not say; the page of the file says that it is not known.
  }
}

if (typeof document !== "undefined") {
  window.addEventListener("pagehide", noteDraftsLeaving);
  document.addEventListener("visibilitychange", () => {
    if (document.visibilityState === "visible") void current?.notebook.look();
  });
  // What could not be written would go with the page: the browser asks before it is left.
  addEventListener("beforeunload", (event) => {
    if (current?.notebook.status === "failed" && current.notebook.isUnwritten)
      event.preventDefault();
  });
  addEventListener("online", () => void current?.notebook.retry());
}
