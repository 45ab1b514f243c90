import { useEffect, useRef, useSyncExternalStore } from "react";
import { useFetchers, useNavigation, useRevalidator } from "react-router";
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

export type NotebookState = {
  name: "demo" | "own";
  status: "saved" | "saving" | "failed";
  failure: string | null;
  undo: string | null;
  redo: string | null;
  conflicts: number;
  quarantined: number;
  version: number;
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
    failure: notebook.failure,
    undo: notebook.undoLabel,
    redo: notebook.redoLabel,
    conflicts: notebook.conflicts.length,
    quarantined: notebook.quarantined.length,
    version: notebook.version,
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
  useSyncExternalStore(subscribe, snapshot, () => null);

/**
 * Reads the page's data again when the notebook changed behind it: by undo, by a commit, by another tab.
 * While an act or a navigation is under way it waits: those read afresh by themselves, and a revalidation
 * in between would call off their redirect.
 */
export function useFreshData(): void {
  const version = useNotebookState()?.version ?? 0;
  const { revalidate } = useRevalidator();
  const acting = useFetchers().some(({ state }) => state !== "idle");
  const busy = useNavigation().state !== "idle" || acting;
  const seen = useRef(version);
  useEffect(() => {
    if (busy || seen.current === version) return;
    // The notebook tells of a change before the router has shown that an act is under way: give it a moment.
    const timer = setTimeout(() => {
      seen.current = version;
      void revalidate();
    }, 60);
    return () => clearTimeout(timer);
  }, [version, busy, revalidate]);
}
