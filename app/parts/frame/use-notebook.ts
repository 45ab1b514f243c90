import { useEffect, useRef, useSyncExternalStore } from "react";
import { useRevalidator } from "react-router";
import { presentNotebook, subscribeNotebook } from "../../store/open";
import type { Trouble } from "../../store/trouble";
import type { Label } from "#core/acts/does";

export type NotebookState = {
  name: "demo" | "own";
  status: "saved" | "saving" | "failed";
  trouble: Trouble | null;
  undo: Label | null;
  redo: Label | null;
  conflicts: number;
  aside: number;
  outside: number;
};

let last: NotebookState | null = null;

/** A snapshot that stays the same object while nothing changed. */
function snapshot(): NotebookState | null {
  const present = presentNotebook();
  if (!present) return null;
  const { name, notebook } = present;
  const next: NotebookState = {
    name,
    status: notebook.status,
    trouble: notebook.trouble,
    undo: notebook.undoLabel,
    redo: notebook.redoLabel,
    conflicts: notebook.conflicts.length,
    aside: notebook.aside.length,
    outside: notebook.outside,
  };
  if (
    !last ||
    (Object.keys(next) as (keyof NotebookState)[]).some((key) => last![key] !== next[key])
  )
    last = next;
  return last;
}

/** Whether everything is saved, what can be undone, and whether another tab disagrees. */
export const useNotebookState = (): NotebookState | null =>
  useSyncExternalStore(subscribeNotebook, snapshot, () => null);

/** Reads the page's data again when the notebook changed otherwise than by an action: by undo, another tab, a run. */
export function useFreshData(): void {
  const outside = useNotebookState()?.outside ?? 0;
  const { revalidate } = useRevalidator();
  const seen = useRef(outside);
  useEffect(() => {
    if (seen.current === outside) return;
    seen.current = outside;
    void revalidate();
  }, [outside, revalidate]);
}
