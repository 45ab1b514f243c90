import { useSyncExternalStore } from "react";

/**
 * A choice that belongs to this device and to no notebook.
 * @param name where the browser keeps it
 * @param options what can be chosen; the first where nothing was
 */
export function deviceChoice<Option extends string>(
  name: string,
  options: readonly [Option, ...Option[]],
) {
  const listeners = new Set<() => void>();
  // Where the browser keeps nothing, a choice lasts as long as the page.
  let here: Option | null = null;
  const get = (): Option => {
    if (here !== null) return here;
    try {
      const kept = localStorage.getItem(name);
      return options.find((one) => one === kept) ?? options[0];
    } catch {
      return options[0];
    }
  };
  const subscribe = (listener: () => void): (() => void) => {
    listeners.add(listener);
    return () => void listeners.delete(listener);
  };
  return {
    options,
    get,
    set: (chosen: Option): void => {
      try {
        localStorage.setItem(name, chosen);
        here = null;
      } catch {
        here = chosen;
      }
      listeners.forEach((listener) => listener());
    },
    use: (): Option => useSyncExternalStore(subscribe, get, () => options[0]),
  };
}
