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
  for (const [name, value] of leftBehind()) {
    if (value === null) dropDraft(name);
    else keepDraft(name, value);
  }
}

/** Where a page that is left notes what is still on its way to the shelf: the one store that is written at once. */
const leavingKey = "yearling-drafts-leaving";

/** Drafts that a page had under way when it was left, null where one was let go; each is handed over once. */
function leftBehind(): [string, unknown][] {
  try {
    const found = JSON.parse(localStorage.getItem(leavingKey) ?? "[]") as [string, unknown][];
    localStorage.removeItem(leavingKey);
    return found;
  } catch {
    return [];
  }
}

/** A page that is left, or closed, notes the drafts whose writing it may not see through. */
export function noteDraftsLeaving(): void {
  if (underWay.size === 0) return;
  try {
    const leaving = [...underWay.keys()].map((name) => [name, drafts.get(name) ?? null]);
    localStorage.setItem(leavingKey, JSON.stringify(leaving));
  } catch {
    // Without it, what was typed in the last moment ends with the page.
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
