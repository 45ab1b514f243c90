import { openShelf, type Shelf } from "./shelf";

/**
 * What is typed and not kept yet: rounds, forms, notes of a log. It survives a reload and a closed tab, and goes
 * when it is kept or let go. Read whole when the notebook opens, so that a form has it at its first drawing.
 */
const drafts = new Map<string, unknown>();
const waiting = new Map<string, ReturnType<typeof setTimeout>>();
/** The hand has rested so long, ms. */
const pause = 120;

let shelf: Shelf | null = null;
const onShelf = (): Shelf => (shelf ??= openShelf("yearling-drafts"));

export async function loadDrafts(): Promise<void> {
  drafts.clear();
  try {
    for (const name of await onShelf().keys()) drafts.set(name, await onShelf().read(name));
  } catch {
    // Without storage a draft lasts as long as the page; the notebook says so.
  }
}

export const draftOf = (name: string): unknown => drafts.get(name) ?? null;

export function keepDraft(name: string, value: unknown): void {
  drafts.set(name, value);
  clearTimeout(waiting.get(name));
  waiting.set(
    name,
    setTimeout(() => void write(name), pause),
  );
}

export function dropDraft(name: string): void {
  drafts.delete(name);
  clearTimeout(waiting.get(name));
  waiting.delete(name);
  void onShelf()
    .remove(name)
    .catch(() => undefined);
}

/** Writes at once what still waits: the page is being left. */
export function writeDrafts(): Promise<unknown> {
  return Promise.all([...waiting.keys()].map((name) => write(name)));
}

async function write(name: string): Promise<void> {
  clearTimeout(waiting.get(name));
  waiting.delete(name);
  if (drafts.has(name))
    await onShelf()
      .write(name, drafts.get(name))
      .catch(() => undefined);
}
