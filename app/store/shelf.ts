import localforage from "localforage";

/**
 * A shelf of values in the browser's database. Each call is one transaction: a value is written whole or not at
 * all, and a promise that is kept means that the browser has it.
 */
export type Shelf = {
  keys: () => Promise<string[]>;
  read: (key: string) => Promise<unknown>;
  write: (key: string, value: unknown) => Promise<void>;
  remove: (key: string) => Promise<void>;
};

/** Opens a shelf; made when it is not there. @param database shelves of one database share its fate */
export function openShelf(database: string, name = "kept"): Shelf {
  const store = localforage.createInstance({
    name: database,
    storeName: name,
    driver: localforage.INDEXEDDB,
  });
  return {
    keys: () => store.keys(),
    read: (key) => store.getItem(key),
    write: async (key, value) => void (await store.setItem(key, value)),
    remove: (key) => store.removeItem(key),
  };
}

/** A shelf that lasts as long as the page: where the browser has none to give. */
export function memoryShelf(values = new Map<string, unknown>()): Shelf {
  return {
    keys: () => Promise.resolve([...values.keys()]),
    read: (key) => Promise.resolve(structuredClone(values.get(key) ?? null)),
    write: (key, value) => Promise.resolve(void values.set(key, structuredClone(value))),
    remove: (key) => Promise.resolve(void values.delete(key)),
  };
}
