import { useEffect } from "react";

const reachable =
  "button:enabled, a[href], input:enabled, select:enabled, textarea:enabled, summary";

/** What had the cursor, with the rows beside its own, as they stood then. */
type Held = { element: Element; place: number; rows: (Element | null)[] };

const heldBy = (element: Element): Held => {
  const row = element.closest("li, tr");
  return {
    element,
    place: row ? [...row.querySelectorAll(reachable)].indexOf(element) : -1,
    rows: row ? [row, row.nextElementSibling, row.previousElementSibling] : [],
  };
};

/** The same button of the row itself or of the next or last one; the page where there is none. */
function heir({ place, rows }: Held): HTMLElement | null {
  for (const row of rows)
    if (row?.isConnected) {
      const list = row.querySelectorAll<HTMLElement>(reachable);
      const found = list[Math.min(place, list.length - 1)];
      if (found) return found;
    }
  return document.querySelector<HTMLElement>("#desk, main[data-run]");
}

/** Puts the cursor into the page where it is on nothing. */
export function intoThePage(): void {
  if (document.activeElement === document.body)
    document.querySelector<HTMLElement>("#desk, main[data-run]")?.focus({ preventScroll: true });
}

/**
 * Whoever presses what then goes, a drill that is dropped, a form that is saved, keeps the cursor: it passes on to the
 * same button of the next row, or into the page. One watch for the whole application.
 */
export function useKeptFocus(): void {
  useEffect(() => {
    let held: Held | null = null;
    const note = ({ target }: FocusEvent) => {
      held = target instanceof Element ? heldBy(target) : null;
    };
    const watch = new MutationObserver(() => {
      if (!held || held.element.isConnected || document.activeElement !== document.body) return;
      const gone = held;
      held = null;
      // What comes in its place may take the cursor itself.
      requestAnimationFrame(() => {
        if (document.activeElement === document.body) heir(gone)?.focus({ preventScroll: true });
      });
    });
    document.addEventListener("focusin", note);
    watch.observe(document.body, { childList: true, subtree: true });
    return () => {
      document.removeEventListener("focusin", note);
      watch.disconnect();
    };
  }, []);
}
