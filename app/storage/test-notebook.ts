import { vi } from "vitest";
import type { Shelf } from "./shelf";

/** A browser's database in memory: shelves by name, which outlive a reload. The real shelf has tests of its own. */
const database = new Map<string, Map<string, unknown>>();

function openShelf(name: string): Shelf {
  const shelf = database.get(name) ?? new Map<string, unknown>();
  database.set(name, shelf);
  const copy = <T>(kept: T): T => structuredClone(kept);
  return {
    all: () => Promise.resolve([...shelf].map(([key, kept]) => [key, copy(kept)])),
    read: (key) => Promise.resolve(copy(shelf.get(key)) ?? null),
    write: (key, kept) => Promise.resolve(void shelf.set(key, copy(kept))),
    remove: (key) => Promise.resolve(void shelf.delete(key)),
    clear: () => Promise.resolve(shelf.clear()),
  };
}

vi.mock("./shelf", () => ({ openShelf }));

/** A browser that has never seen the application, on a day. */
export async function freshBrowser(day: string) {
  database.clear();
  return sameBrowser(day);
}

/** The same browser after a reload. */
export async function sameBrowser(day: string) {
  vi.resetModules();
  vi.useFakeTimers({ toFake: ["Date"], now: new Date(`${day}T09:00:00`) });
  const [open, view] = [await import("./open"), await import("../view")];
  const at = (path: string) => new Request(`http://localhost${path}`);
  return {
    open,
    notebook: async () => (await open.openNotebook()).notebook,
    look: (athleteId: string, query = "") =>
      view.athleteView(athleteId, at(`/at/${athleteId}/gap${query}`)),
    athletes: await import("./athletes"),
    aims: await import("./aims"),
    skills: await import("./skills"),
    formats: await import("./formats"),
    checks: await import("./checks"),
    preps: await import("./preps"),
    runs: await import("./runs"),
    logs: await import("./logs"),
    days: await import("./days"),
    season: await import("./season"),
    nextChosen: await import("./next-chosen"),
    planning: await import("../planning"),
  };
}
