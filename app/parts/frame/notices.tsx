import { Link } from "react-router";
import { troubleWords } from "#words/storage";
import { presentNotebook } from "../../store/open";
import type { Trouble } from "../../store/trouble";
import { saveFile } from "../file/save-file";
import { useNewVersion } from "./new-version";
import { useNotebookState } from "./use-notebook";
import { labelWords } from "#words/labels";

/** What the user must know before going on: unsaved work, another tab's change, records set aside, a new version. */
export function Notices() {
  const state = useNotebookState();
  const newVersion = useNewVersion();
  const notebook = presentNotebook()?.notebook;
  const quiet = !state?.trouble && !state?.conflicts && !state?.aside;
  if (!state || !notebook || (quiet && !newVersion)) return null;
  return (
    <div
      role="alert"
      className="no-print grid gap-1 border-b border-clay bg-raised px-4 py-2 text-sm lg:px-7"
    >
      {state.trouble ? <TroubleNotice trouble={state.trouble} /> : null}
      {notebook.conflicts.map(({ id, label }) => (
        <p key={id} className="flex flex-wrap items-center gap-x-3">
          Another tab was first: “{labelWords(label) || "a change"}” was not written. What the other
          tab wrote is shown; yours is kept aside.
          <button
            type="button"
            className="underlined"
            onClick={() => void notebook.settle(id, false)}
          >
            Let mine go
          </button>
          <button
            type="button"
            className="underlined"
            onClick={() => void notebook.settle(id, true)}
          >
            Put mine back
          </button>
        </p>
      ))}
      {state.aside > 0 ? (
        <p>
          {state.aside} record{state.aside > 1 ? "s" : ""} could not be read and{" "}
          {state.aside > 1 ? "were" : "was"} set aside.{" "}
          <Link className="underlined" to="/file#quarantine">
            See and save
          </Link>
          .
        </p>
      ) : null}
      {newVersion ? (
        <p className="flex flex-wrap items-center gap-x-3">
          A new version of Yearling is ready.
          <button type="button" className="underlined" onClick={newVersion}>
            Use it now
          </button>
          <span className="text-muted">What is typed is kept. Key: U</span>
        </p>
      ) : null}
    </div>
  );
}

function TroubleNotice({ trouble }: { trouble: Trouble }) {
  const notebook = presentNotebook()!.notebook;
  return (
    <p className="flex flex-wrap items-center gap-x-3">
      <span>{troubleWords(trouble)}</span>
      <button type="button" className="underlined" onClick={() => void saveFile(notebook)}>
        Save a file
      </button>
      {trouble.why === "gone" ? (
        <button type="button" className="underlined" onClick={() => void notebook.writeBack()}>
          Write it back
        </button>
      ) : trouble.why === "newer" || trouble.why === "silent" ? (
        <button type="button" className="underlined" onClick={() => location.reload()}>
          Load again
        </button>
      ) : trouble.why === "refused" ? null : (
        <button type="button" className="underlined" onClick={() => void notebook.retry()}>
          Try again
        </button>
      )}
    </p>
  );
}
