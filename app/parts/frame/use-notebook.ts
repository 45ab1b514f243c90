import { useEffect, useSyncExternalStore } from "react";
import { useRevalidator } from "react-router";
import { openNotebook, presentNotebook } from "../../storage/open";

const subscribe = (listener: () => void) => {
  let leave: (() => void) | null = null;
  let gone = false;
  void openNotebook().then(({ notebook }) => {
    if (gone) return;
    leave = notebook.subscribe(listener);
    listener();
  });
  return () => {
    gone = true;
    leave?.();
  };
};

export type NotebookState = { name: "demo" | "own"; status: "saved" | "saving" | "failed"; failure: string | null; undo: string | null; redo: string | null; conflicts: number; quarantined: number; version: number };

let last: NotebookState | null = null;

/** A snapshot that stays the same object while nothing changed. */
function snapshot(): NotebookState | null {
  const present = presentNotebook();
  if (!present) return null;
  const { name, notebook } = present;
  const next: NotebookState = {
    name,
    status: notebook.status,
    failure: notebook.failure,
    undo: notebook.undoLabel,
    redo: notebook.redoLabel,
    conflicts: notebook.conflicts.length,
    quarantined: notebook.quarantined.length,
    version: notebook.version,
  };
  if (!last || (Object.keys(next) as (keyof NotebookState)[]).some((key) => last![key] !== next[key])) last = next;
  return last;
}

/** Whether everything is saved, what can be undone, and whether another tab disagrees. */
export const useNotebookState = (): NotebookState | null => useSyncExternalStore(subscribe, snapshot, () => null);

/** Reads the page's data again when the notebook changed behind it: by undo, by a commit, by another tab. */
export function useFreshData(): void {
  const version = useNotebookState()?.version ?? 0;
  const { revalidate } = useRevalidator();
  useEffect(() => {
    if (version > 0) void revalidate();
  }, [version, revalidate]);
}
