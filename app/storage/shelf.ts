import localforage from "localforage";
import type { AnyRecord } from "#core/exchange/records";

/** What is kept under a key: the record, and how often it was written. */
export type Kept = { rev: number; record: AnyRecord };

/** A shelf of records in the browser's database: one record a key. */
export type Shelf = {
  all: () => Promise<[key: string, kept: unknown][]>;
  read: (key: string) => Promise<unknown>;
  write: (key: string, kept: unknown) => Promise<void>;
  remove: (key: string) => Promise<void>;
  clear: () => Promise<void>;
};

export function openShelf(name: string): Shelf {
  const store = localforage.createInstance({
    name: "yearling",
    storeName: name,
    driver: localforage.INDEXEDDB,
  });
  return {
    async all() {
      const entries: [string, unknown][] = [];
      await store.iterate((kept, key) => {
        entries.push([key, kept]);
      });
      return entries;
    },
    read: (key) => store.getItem(key),
    write: async (key, kept) => void (await store.setItem(key, kept)),
    remove: (key) => store.removeItem(key),
    clear: () => store.clear(),
  };
}
