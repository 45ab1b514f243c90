import { useLayoutEffect } from "react";
import { pressed } from "../frame/key-choice";

/**
 * The keys of a run. Space and the arrows; a two-button remote sends PageDown and PageUp (or the arrows), some
 * send media keys or Enter. Letters for the rest. Off while a panel asks something.
 */
export function useRunKeys(
  keys: Readonly<Record<string, (() => void) | undefined>>,
  off: boolean,
): void {
  // Before the page is painted: a key pressed as soon as it is seen is not lost.
  useLayoutEffect(() => {
    if (off) return;
    const onKey = (event: KeyboardEvent) => {
      const key = pressed(event);
      if (key === null || event.repeat) return;
      const { target } = event;
      if (target instanceof HTMLElement && target.closest("input, select, textarea")) return;
      const onButton = target instanceof HTMLElement && target.closest("button, a") !== null;
      if (onButton && (event.key === " " || event.key === "Enter")) return;
      const act = keys[key];
      if (!act) return;
      event.preventDefault();
      act();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  });
}
