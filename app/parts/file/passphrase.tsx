import { useState } from "react";
import { canLock, unlocked, type Unlocking } from "../../store/locked";

const failures = {
  passphrase: "That is not its passphrase.",
  damaged: "The file is damaged: it begins like a locked one, and is none.",
} as const;

/** A locked file asks for its passphrase. */
export function Passphrase({ file, open }: { file: File; open: (file: File) => void }) {
  const [typed, setTyped] = useState("");
  const [came, setCame] = useState<Unlocking | "busy" | null>(null);
  if (!canLock())
    return (
      <p role="alert" className="mt-3 border-l-4 border-clay bg-raised px-4 py-2">
        This file is locked, and can’t be opened here: the page came without https. Open it over
        https, or on this computer itself.
      </p>
    );
  return (
    <form
      className="mt-3 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        setCame("busy");
        void unlocked(file, typed).then((opening) => {
          setCame(opening);
          if ("file" in opening) open(opening.file);
        });
      }}
    >
      <label className="grid">
        <span className="label">This file is locked. Its passphrase</span>
        <input
          className="field w-72"
          autoFocus
          autoComplete="off"
          spellCheck={false}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      <button type="submit" className="press press-main" disabled={typed === "" || came === "busy"}>
        {came === "busy" ? "Opening …" : "Open it"}
      </button>
      {came !== null && came !== "busy" && "failed" in came ? (
        <p role="alert" className="w-full text-clay">
          {failures[came.failed]} Nothing was changed.
        </p>
      ) : null}
    </form>
  );
}
