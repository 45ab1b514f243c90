import { useState } from "react";
import { previewImport, type ImportPreview } from "#core/exchange/file";
import { kindNames } from "#words/file";
import { fileRefusalWords } from "#words/file";
import { bringIn, lookInto, marksIn, type Incoming } from "../../store/file-in";
import { openNotebook, peek, turnTo } from "../../store/open";
import { LongWork, useLongWork } from "./long-work";

type Chosen = { file: File; incoming: Incoming; present: Map<string, number> };

/** Reads a file, shows what it would do, and only then does it. A file that cannot be right changes nothing. */
export function ImportPart({ name }: { name: "demo" | "own" }) {
  const work = useLongWork();
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const [imported, setImported] = useState<number | null>(null);
  const [replace, setReplace] = useState(false);
  const choose = (file: File | undefined) => {
    setChosen(null);
    setRefused(null);
    setImported(null);
    if (file)
      void work.run("Reading the file", async (progress, signal) => {
        const incoming = await lookInto(file, progress, signal);
        if ("refused" in incoming) return setRefused(fileRefusalWords(incoming.refused));
        setChosen({ file, incoming, present: await marksIn(await peek("own")) });
      });
  };
  const go = ({ file, incoming }: Chosen) => {
    setChosen(null);
    void work.run("Bringing it in", async (progress, signal) => {
      if (name === "demo") await turnTo("own");
      const { notebook } = await openNotebook();
      await bringIn(notebook, file, incoming, replace, progress, signal);
      setImported(incoming.marks.size);
    });
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
          disabled={work.under}
          onChange={(event) => choose(event.target.files?.[0])}
        />
      </label>
      <LongWork work={work} />
      {refused ? (
        <p role="alert" className="mt-3 border-l-4 border-clay bg-raised px-4 py-2">
          Refused. {refused} Nothing was changed.
        </p>
      ) : null}
      {chosen ? (
        <Preview
          chosen={chosen}
          rows={previewImport(chosen.present, chosen.incoming.marks, replace)}
          replace={replace}
          setReplace={setReplace}
          go={() => go(chosen)}
          leave={() => setChosen(null)}
        />
      ) : null}
      {imported !== null ? (
        <p role="status" className="mt-3 border-l-4 border-spruce bg-raised px-4 py-2">
          {imported} records are in your own notebook.
        </p>
      ) : null}
    </section>
  );
}

function Preview({
  chosen: { file, incoming },
  rows,
  replace,
  setReplace,
  go,
  leave,
}: {
  chosen: Chosen;
  rows: ImportPreview;
  replace: boolean;
  setReplace: (on: boolean) => void;
  go: () => void;
  leave: () => void;
}) {
  return (
    <div className="mt-3 border border-ink p-4">
      <h3 className="text-lg">What “{file.name}” will do</h3>
      <p className="text-sm text-muted">
        Saved {incoming.savedAt.slice(0, 10)}, version {incoming.version}.{" "}
        {rows.length === 0 ? "It holds nothing." : ""}
        {incoming.aside.length > 0
          ? `${incoming.aside.length} of it could not be read where it was saved: set aside here too.`
          : ""}
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
        <button type="button" className="press press-main" onClick={go}>
          {replace ? "Replace my notebook" : "Add to my notebook"}
        </button>
        <button type="button" className="press" onClick={leave}>
          Leave it
        </button>
      </p>
    </div>
  );
}
