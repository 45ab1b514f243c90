import { useEffect, useState } from "react";
import { fromFile, previewImport, readFile, type NotebookFile } from "#core/exchange/file";
import { kindNames, type AnyRecord } from "#core/exchange/records";
import { useAct } from "../use-act";
import { openNotebook, peek } from "../../storage/open";

type Chosen = { name: string; text: string; file: NotebookFile };

const largest = 50_000_000;

/** Reads a file, shows what it would do, and only then does it. A file that cannot be right changes nothing. */
export function ImportPart({
  name,
  records,
}: {
  name: "demo" | "own";
  records: readonly AnyRecord[];
}) {
  const { act, answer, busy } = useAct<{ refused?: string; imported?: number }>();
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const [replace, setReplace] = useState(false);
  const choose = async (file: File | undefined) => {
    setChosen(null);
    setRefused(null);
    if (!file) return;
    if (file.size > largest)
      return setRefused(`“${file.name}” is larger than any notebook (50 MB).`);
    const text = await file.text();
    const read = readFile(text);
    if ("refused" in read) setRefused(read.refused);
    else setChosen({ name: file.name, text, file: read.file });
  };
  return (
    <section className="mt-8">
      <h2 className="text-2xl">Open a file</h2>
      <p className="text-sm text-muted">
        {name === "demo"
          ? "It goes into your own notebook, never into the demo."
          : "Shown first, then done, as one change that can be undone."}
      </p>
      <label className="mt-2 block">
        <span className="label">Notebook file (.json)</span>
        <input
          type="file"
          accept=".json,application/json"
          className="mt-1 block min-h-11 w-full file:mr-4 file:min-h-10 file:border file:border-ink file:bg-transparent file:px-4 file:font-semibold file:text-ink"
          onChange={(event) => void choose(event.target.files?.[0])}
        />
      </label>
      {refused ? (
        <p role="alert" className="mt-3 border-l-4 border-clay bg-raised px-4 py-2">
          Refused. {refused} Nothing was changed.
        </p>
      ) : null}
      {chosen ? (
        <ImportPreview
          chosen={chosen}
          present={name === "own" ? records : null}
          replace={replace}
          setReplace={setReplace}
          busy={busy}
          go={() => {
            act("import", { text: chosen.text, replace });
            setChosen(null);
          }}
          leave={() => setChosen(null)}
        />
      ) : null}
      {answer?.imported !== undefined ? (
        <p role="status" className="mt-3 border-l-4 border-spruce bg-raised px-4 py-2">
          {answer.imported} records are in your own notebook.
        </p>
      ) : null}
    </section>
  );
}

function ImportPreview({
  chosen,
  present,
  replace,
  setReplace,
  busy,
  go,
  leave,
}: {
  chosen: Chosen;
  present: readonly AnyRecord[] | null;
  replace: boolean;
  setReplace: (on: boolean) => void;
  busy: boolean;
  go: () => void;
  leave: () => void;
}) {
  const [own, setOwn] = useState<readonly AnyRecord[] | null>(present);
  useEffect(() => {
    if (own === null) void peekOwn().then(setOwn);
  }, [own]);
  if (own === null) {
    return <p className="mt-3 text-muted">Looking into your own notebook …</p>;
  }
  const rows = previewImport(own, fromFile(chosen.file), replace);
  return (
    <div className="mt-3 border border-ink p-4">
      <h3 className="text-lg">What “{chosen.name}” will do</h3>
      <p className="text-sm text-muted">
        Saved {chosen.file.savedAt.slice(0, 10)}, version {chosen.file.version}.{" "}
        {rows.length === 0 ? "It holds nothing." : ""}
      </p>
      <table className="mt-2 w-full text-left">
        <thead>
          <tr className="border-b border-ink">
            {["", "New", "Changed", "Same", "Removed"].map((head) => (
              <th key={head} className="label py-1 not-first:text-right">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.kind} className="border-b border-line">
              <td className="py-1 first-letter:uppercase">{kindNames[row.kind]}</td>
              {[row.added, row.changed, row.same, row.removed].map((count, i) => (
                <td
                  key={i}
                  className={`figures py-1 text-right ${i === 3 && count > 0 ? "text-clay" : count === 0 ? "text-muted" : ""}`}
                >
                  {count}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <label className="mt-3 flex min-h-10 items-center gap-2">
        <input
          type="checkbox"
          className="size-4 accent-[var(--clay)]"
          checked={replace}
          onChange={(event) => setReplace(event.target.checked)}
        />
        Replace: take away what the file does not have
      </label>
      <p className="mt-2 flex gap-3">
        <button type="button" className="press press-main" disabled={busy} onClick={go}>
          {replace ? "Replace my notebook" : "Add to my notebook"}
        </button>
        <button type="button" className="press" onClick={leave}>
          Leave it
        </button>
      </p>
    </div>
  );
}

/** What the user's own notebook holds, while the demo is the open one. */
async function peekOwn(): Promise<readonly AnyRecord[]> {
  const { name, notebook } = await openNotebook();
  return name === "own" ? notebook.everything() : peek("own");
}
