import { useSyncExternalStore } from "react";

/** Something that is fetched beside the page; null until it is there, and then there at once for everybody. */
export type Later<T> = {
  now: () => T | null;
  ready: () => Promise<void>;
  subscribe: (listener: () => void) => () => void;
};

const awaited: (() => Promise<void>)[] = [];

/** Once everything is there that pages draw a moment after themselves: for a page that is read in one go, as in tests. */
export const allThatIsBeside = (): Promise<unknown> => Promise.all(awaited.map((ready) => ready()));

/** What nobody needs at first begins to be fetched so long after the page, in milliseconds. */
const idleAfter = 2_000;

/**
 * Begins to fetch when the page is there; in tests, when it is asked for.
 * @param idle nobody needs it to read the page: it waits until the page has come to rest, or somebody reaches for it
 */
export function later<T>(load: () => Promise<T>, { idle = false } = {}): Later<T> {
  let value: T | null = null;
  let fetching: Promise<void> | null = null;
  const listeners = new Set<() => void>();
  const ready = () =>
    (fetching ??= load().then(
      (loaded) => {
        value = loaded;
        listeners.forEach((listener) => listener());
      },
      () => {
        // A part that is not on the shelf of this build any more: the next look tries again.
        fetching = null;
      },
    ));
  if (typeof document !== "undefined") {
    if (idle) setTimeout(() => void ready(), idleAfter);
    else void ready();
  }
  if (!idle) awaited.push(ready);
  return {
    now: () => value,
    ready,
    subscribe: (listener) => {
      listeners.add(listener);
      if (!idle) void ready();
      return () => void listeners.delete(listener);
    },
  };
}

export const useLater = <T>({ subscribe, now }: Later<T>): T | null =>
  useSyncExternalStore(subscribe, now, now);
