import { Link } from "react-router";
import { presentNotebook } from "../../storage/open";
import { useNotebookState } from "./use-notebook";

/** What the user must know before going on: unsaved work, another tab's change, records set aside. */
export function Notices() {
  const state = useNotebookState();
  const notebook = presentNotebook()?.notebook;
  if (!state || !notebook || (!state.failure && state.conflicts === 0 && state.quarantined === 0))
    return null;
  return (
    <div
      role="alert"
      className="no-print grid gap-1 border-b border-clay bg-raised px-4 py-2 text-sm lg:px-7"
    >
      {state.failure ? (
        <p>
          The last change could not be written to this browser ({state.failure}). It is still on the
          screen:{" "}
          <Link className="underlined" to="/file">
            save a copy to a file
          </Link>
          .
        </p>
      ) : null}
      {notebook.conflicts.map(({ key }) => (
        <p key={key} className="flex flex-wrap items-center gap-x-3">
          Another tab changed this {key.split("/")[0]} first. Its version is shown; yours is kept
          aside.
          <button type="button" className="underlined" onClick={() => notebook.settle(key, false)}>
            Keep theirs
          </button>
          <button type="button" className="underlined" onClick={() => notebook.settle(key, true)}>
            Put mine over it
          </button>
        </p>
      ))}
      {state.quarantined > 0 ? (
        <p>
          {state.quarantined} record{state.quarantined > 1 ? "s" : ""} could not be read and{" "}
          {state.quarantined > 1 ? "were" : "was"} set aside.{" "}
          <Link className="underlined" to="/file#quarantine">
            See and save
          </Link>
          .
        </p>
      ) : null}
    </div>
  );
}
