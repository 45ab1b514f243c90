import { openShelf, type Shelf } from "./shelf";

/**
 * What is typed and not kept yet: rounds, forms, notes of a log. It survives a reload and a closed tab, and goes
 * when it is kept or let go. Read whole when the notebook opens, so that a form has it at its first drawing.
 */
const drafts = new Map<string, unknown>();
/** Names that are being written, and whether they have changed since that began. */
const underWay = new Map<string, { again: boolean }>();

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

export const keptDraft = (name: string): unknown => drafts.get(name) ?? null;

/** Keeps a draft: written at once, or as soon as the write before it is done. */
export function keepDraft(name: string, value: unknown): void {
  drafts.set(name, value);
  void write(name);
}

export function dropDraft(name: string): void {
  drafts.delete(name);
  void write(name);
}

async function write(name: string): Promise<void> {
  const now = underWay.get(name);
  if (now) {
    now.again = true;
    return;
  }
  const state = { again: true };
  underWay.set(name, state);
  while (state.again) {
    state.again = false;
    const shelf = onShelf();
    await (drafts.has(name) ? shelf.write(name, drafts.get(name)) : shelf.remove(name)).catch(
      () => undefined,
    );
  }
  underWay.delete(name);
}

/** Resolves when every draft is on the shelf. */
export async function draftsWritten(): Promise<void> {
  while (underWay.size > 0) await new Promise((done) => setTimeout(done, 5));
}
