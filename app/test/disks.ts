import { memoryShelf, openShelf, type Shelf } from "../store/shelf";
import type { Disk } from "./faults";

/** Two shelves in memory. */
export function memoryDisk(): Disk {
  const [shelf, journal] = [new Map<string, unknown>(), new Map<string, unknown>()];
  const set = (values: Map<string, unknown>, to: Map<string, unknown>) => {
    values.clear();
    for (const [key, value] of to) values.set(key, value);
  };
  return {
    shelf: memoryShelf(shelf),
    journal: memoryShelf(journal),
    snapshot: () => Promise.resolve([new Map(shelf), new Map(journal)]),
    restore: (snapshot) => {
      const [pages, acts] = snapshot as [Map<string, unknown>, Map<string, unknown>];
      set(shelf, pages);
      set(journal, acts);
      return Promise.resolve();
    },
  };
}

let count = 0;

/** Two shelves in the database that the browser gives, through the same package as in the application. */
export async function browserDisk(): Promise<Disk> {
  count += 1;
  const [shelf, journal] = [openShelf(`faults-${count}`), openShelf(`faults-${count}-acts`)];
  const all = async (one: Shelf) =>
    new Map(
      await Promise.all((await one.keys()).map(async (key) => [key, await one.read(key)] as const)),
    );
  const set = async (one: Shelf, to: Map<string, unknown>) => {
    const now = await all(one);
    for (const key of now.keys()) if (!to.has(key)) await one.remove(key);
    for (const [key, value] of to)
      if (JSON.stringify(now.get(key)) !== JSON.stringify(value)) await one.write(key, value);
  };
  return {
    shelf,
    journal,
    snapshot: async () => [await all(shelf), await all(journal)],
    restore: async (snapshot) => {
      const [pages, acts] = snapshot as [Map<string, unknown>, Map<string, unknown>];
      await set(shelf, pages);
      await set(journal, acts);
    },
  };
}
