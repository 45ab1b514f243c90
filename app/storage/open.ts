import { openShelf } from "./shelf";
import { Notebook, type Exclusive } from "./notebook";
import { AnyRecord } from "#core/exchange/records";
import { today } from "../clock";

/** Which notebook a browser has open. The demo and the user's own never share a shelf. */
export type NotebookName = "demo" | "own";

const meta = openShelf("meta");
/** One tab writes at a time, where the browser has locks. */
const locks = globalThis.navigator?.locks;
const inTurn: Exclusive = (task) => (locks ? locks.request("yearling-write", task) : task());

let opened: Promise<{ name: NotebookName; notebook: Notebook }> | null = null;
let current: { name: NotebookName; notebook: Notebook } | null = null;

/** The open notebook; the demo on an empty browser. Opened once a tab. */
export function openNotebook(): Promise<{ name: NotebookName; notebook: Notebook }> {
  opened ??= (async () => {
    const name = ((await meta.read("open")) as NotebookName | null) ?? "demo";
    current = await bring(name);
    current.notebook.subscribe(tell);
    tell();
    return current;
  })();
  return opened;
}

/** The notebook if it is open already: for views that must not wait. */
export const presentNotebook = (): { name: NotebookName; notebook: Notebook } | null => current;

const listeners = new Set<() => void>();
const tell = (): void => listeners.forEach((listener) => listener());

/** Hears of every change of the open notebook, whichever it is by then. Opens one when none is. */
export function subscribeNotebook(listener: () => void): () => void {
  listeners.add(listener);
  void openNotebook().then(listener);
  return () => void listeners.delete(listener);
}

/** Turns to the other notebook. What is in either stays where it is. */
export async function turnTo(name: NotebookName): Promise<void> {
  await current?.notebook.settled();
  await meta.write("open", name);
  opened = null;
  await openNotebook();
}

const channels = new Map<NotebookName, BroadcastChannel>();

async function bring(name: NotebookName): Promise<{ name: NotebookName; notebook: Notebook }> {
  channels.forEach((channel) => channel.close());
  channels.clear();
  const channel = new BroadcastChannel(`yearling-${name}`);
  channels.set(name, channel);
  const notebook = new Notebook({
    shelf: openShelf(name),
    quarantine: openShelf(`${name}-quarantine`),
    exclusive: inTurn,
    announce: (keys) => channel.postMessage(keys),
  });
  channel.onmessage = (message: MessageEvent<string[]>) => void notebook.refresh(message.data);
  if (name === "own") await notebook.load();
  else await oneTabAtATime(() => notebook.load().then(() => freshen(notebook)));
  return { name, notebook };
}

/**
 * Two tabs opened on an empty browser must not both fill the demo: the second waits until the first has
 * written it. The first is shown its demo at once, while it is still being written.
 */
async function oneTabAtATime(fill: () => Promise<{ written: Promise<void> }>): Promise<void> {
  if (!locks) return void (await fill());
  await new Promise<void>((ready, failed) => {
    void locks
      .request("yearling-demo", async () => {
        const { written } = await fill();
        ready();
        await written;
      })
      .catch(failed);
  });
}

/** Fills an empty demo, and renews an untouched one from an earlier day, so that it is never stale. */
async function freshen(notebook: Notebook): Promise<{ written: Promise<void> }> {
  const made = (await meta.read("demo-made")) as { on: string; touched: boolean } | null;
  const whole = made && !notebook.isEmpty;
  if (whole && (made.touched || made.on === today())) return { written: Promise.resolve() };
  return fillDemo(notebook);
}

/** Loads Lanternfield afresh into the demo notebook. */
export async function fillDemo(notebook: Notebook): Promise<{ written: Promise<void> }> {
  const { lanternfield } = await import("../demo");
  const records = lanternfield(today());
  const keep = new Set(records.map(({ kind, id }) => `${kind}/${id}`));
  const gone = notebook
    .everything()
    .map(({ kind, id }) => `${kind}/${id}`)
    .filter((key) => !keep.has(key));
  await meta.remove("demo-made");
  const written = notebook.commit("load Lanternfield", records, gone);
  notebook.forget();
  return { written: written.then(() => meta.write("demo-made", { on: today(), touched: false })) };
}

/** The records of a notebook that is not the open one; nothing in it changes. */
export async function peek(name: NotebookName): Promise<AnyRecord[]> {
  const entries = await openShelf(name).all();
  return entries.flatMap(([, kept]) => {
    const parsed = AnyRecord.safeParse((kept as { record?: unknown } | null)?.record);
    return parsed.success ? [parsed.data] : [];
  });
}

/** Commits a change of the user's to the open notebook; at once when it is open, so that reading, working out and committing are one step. */
export async function change(
  label: string,
  put: readonly AnyRecord[],
  remove: readonly string[] = [],
): Promise<void> {
  const { notebook } = current ?? (await openNotebook());
  void notebook.commit(label, put, remove);
  await touchDemo();
}

/** Once the user has changed the demo, it is not renewed behind his back. */
async function touchDemo(): Promise<void> {
  if (current?.name !== "demo") return;
  const made = (await meta.read("demo-made")) as { on: string; touched: boolean } | null;
  if (made && !made.touched) await meta.write("demo-made", { ...made, touched: true });
}
