import { useEffect, useState } from "react";
import { Link, useNavigate } from "react-router";
import { previewImport } from "#core/exchange/file";
import type { MergeRow, Decision } from "#core/merge/notebooks";
import { protocolOf, type Library } from "#core/content/library";
import { kindNames } from "#words/file";
import { fileRefusalWords, handedWords } from "#words/file";
import { many } from "#words/plain";
import {
  addIn,
  besideOf,
  isOutdated,
  lookInto,
  marksIn,
  namesIn,
  replaceBy,
  type Beside,
  type Incoming,
} from "../../store/file-in";
import { rememberHanded } from "../../store/handed";
import { openNotebook, peekNotebook, turnTo } from "../../store/open";
import { isLocked } from "../../store/locked";
import { Differences } from "./differences";
import { Passphrase } from "./passphrase";
import { LongWork, useLongWork } from "./long-work";

type Chosen = {
  file: File;
  incoming: Incoming;
  present: Map<string, number>;
  beside: Beside;
  names: ReadonlyMap<string, string>;
};

/**
 * Reads a file, shows what it would do, and only then does it. A file that cannot be right changes nothing.
 * What a coach has handed over is gone to at once.
 * @param came a file that came by another way than being chosen here, null before it has; left out where none can come
 * @param into whose notebook it goes into: the user's own, but for a file that is of the demo itself
 */
export function ImportPart({
  name,
  library,
  came,
  into = "own",
}: {
  name: "demo" | "own";
  library: Library;
  came?: File | null;
  into?: "demo" | "own";
}) {
  const navigate = useNavigate();
  const work = useLongWork();
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [sides, setSides] = useState<Decision[]>([]);
  const [refused, setRefused] = useState<string | null>(null);
  const [imported, setImported] = useState<number | null>(null);
  const [replace, setReplace] = useState(false);
  const [anew, setAnew] = useState(false);
  /** A file that wants its passphrase first. */
  const [sealed, setSealed] = useState<File | null>(null);
  const choose = (file: File | undefined) => {
    setChosen(null);
    setReplace(false);
    setRefused(null);
    setImported(null);
    setAnew(false);
    setSealed(null);
    if (file)
      void isLocked(file).then((asks) => {
        if (asks) setSealed(file);
        else look(file);
      });
  };
  useEffect(() => {
    if (came) choose(came);
    // Once for every file that comes.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [came]);
  const look = (file: File) =>
    void work.run("Reading the file", async (progress, signal) => {
      const incoming = await lookInto(file, (share) => progress(share / 2), signal);
      if ("refused" in incoming) return setRefused(fileRefusalWords(incoming.refused));
      const notebook = await peekNotebook(into);
      const half = (share: number) => progress(0.5 + share / 2);
      const beside = await besideOf(notebook, file, incoming, half, signal);
      setSides(beside.merge.differing.map(({ proposed }) => proposed));
      setChosen({
        file,
        incoming,
        present: await marksIn(notebook.everything()),
        beside,
        names: new Map([...incoming.names, ...namesIn(notebook)]),
      });
    });
  const go = async ({ file, incoming, beside }: Chosen) => {
    let outdated = false;
    setChosen(null);
    await work.run("Bringing it in", async (progress, signal) => {
      if (name !== into) await turnTo(into);
      const { notebook } = await openNotebook();
      await notebook.settled();
      await notebook.look();
      outdated = !replace && isOutdated(notebook, beside);
      if (outdated) return;
      const wasHere = notebook.get("athlete", incoming.handed?.athleteId ?? "") !== null;
      if (replace) await replaceBy(notebook, file, incoming, progress, signal);
      else await addIn(notebook, file, incoming, beside, sides, progress, signal);
      const handed = await rememberHanded(incoming, wasHere);
      setImported(incoming.marks.size);
      if (handed) await navigate("/coach");
    });
    setAnew(outdated);
    if (outdated) look(file);
  };
  return (
    <section className="mt-8">
      <h2 className="text-2xl">Open a file</h2>
      <p className="text-sm text-muted">
        {into === "own" && name === "demo"
          ? "It goes into your own notebook, never into the demo."
          : "Shown first, then done, as one change that can be undone."}
        {came === undefined ? (
          <>
            {" "}
            <Link className="underlined" to="/open">
              Scan or paste
            </Link>{" "}
            what came as a code or link.
          </>
        ) : null}
      </p>
      <label className="mt-2 block">
        <span className="label">A file of Yearling’s</span>
        <input
          type="file"
          accept=".yearling,.json,.txt,application/json,text/plain"
          className="mt-1 block min-h-11 w-full file:mr-4 file:min-h-10 file:border file:border-ink file:bg-transparent file:px-4 file:font-semibold file:text-ink"
          disabled={work.under}
          onChange={(event) => choose(event.target.files?.[0])}
        />
      </label>
      {sealed ? (
        <Passphrase
          key={`${sealed.name}/${sealed.lastModified}`}
          file={sealed}
          open={(file) => {
            setSealed(null);
            look(file);
          }}
        />
      ) : null}
      <LongWork work={work} />
      {refused ? (
        <p role="alert" className="mt-3 border-l-4 border-clay bg-raised px-4 py-2">
          Refused. {refused} Nothing was changed.
        </p>
      ) : null}
      {chosen ? (
        <div className="mt-3 border border-ink p-4">
          <FileHead chosen={chosen} library={library} />
          {anew ? (
            <p role="status" className="mt-1 text-sm text-clay">
              The notebook has changed since you looked: this is how it stands now.
            </p>
          ) : null}
          {replace ? (
            <ReplaceTable chosen={chosen} />
          ) : (
            <>
              <MergeTable rows={chosen.beside.merge.rows} />
              <Differences
                differing={chosen.beside.merge.differing}
                sides={sides}
                setSides={setSides}
                names={chosen.names}
                library={library}
              />
            </>
          )}
          {chosen.incoming.handed ? null : (
            <label className="mt-3 flex min-h-10 items-center gap-2">
              <input
                type="checkbox"
                className="size-4 accent-[var(--clay)]"
                checked={replace}
                onChange={(event) => setReplace(event.target.checked)}
              />
              Replace: take away what the file does not have
            </label>
          )}
          <p className="mt-2 flex gap-3">
            <button type="button" className="press press-main" onClick={() => void go(chosen)}>
              {replace ? "Replace my notebook" : "Add to my notebook"}
            </button>
            <button type="button" className="press" onClick={() => setChosen(null)}>
              Cancel
            </button>
          </p>
        </div>
      ) : null}
      {imported !== null ? (
        <p role="status" className="mt-3 border-l-4 border-spruce bg-raised px-4 py-2">
          {imported} records are in {into === "own" ? "your own notebook" : "the demo"}.
        </p>
      ) : null}
    </section>
  );
}

function FileHead({
  chosen: { file, incoming, beside },
  library,
}: {
  chosen: Chosen;
  library: Library;
}) {
  const { refused } = beside.merge;
  const { read, brought } = incoming.protocols;
  const unknown = [...read].filter((id) => !brought.has(id) && !protocolOf(library, id));
  return (
    <>
      <h3 className="text-lg">
        {incoming.handed
          ? handedWords(incoming.handed, incoming.names)
          : `What “${file.name}” will do`}
      </h3>
      <p className="text-sm text-muted">
        Saved {incoming.savedAt.slice(0, 10)}, version {incoming.version}.{" "}
        {incoming.marks.size === 0 ? "It holds nothing." : ""}
        {incoming.aside.length > 0
          ? `${incoming.aside.length} of it could not be read where it was saved: set aside here too. `
          : ""}
        {refused.size > 0
          ? `${refused.size} of it stay out: of somebody removed here for good, or another troupe’s name.`
          : ""}
        {unknown.length > 0
          ? `It has readings of checks that nobody knows here: ${unknown.slice(0, 5).join(", ")}${unknown.length > 5 ? ` and ${unknown.length - 5} more` : ""}. They are kept, and count for nothing.`
          : ""}
      </p>
    </>
  );
}

const ReplaceTable = ({ chosen: { present, incoming } }: { chosen: Chosen }) => (
  <Counts
    heads={["New", "Changed", "Same", "Removed"]}
    rows={previewImport(present, incoming.marks, true).map(
      ({ kind, added, changed, same, removed }) => [kindNames[kind], added, changed, same, removed],
    )}
    grave={3}
  />
);

/** Only what the file changes, or what is newer here than in it; how many are the same is a line. */
function MergeTable({ rows }: { rows: readonly MergeRow[] }) {
  const told = rows.filter(({ added, changed, kept, removed }) => added + changed + kept + removed);
  const same = rows.reduce((sum, row) => sum + row.same, 0);
  return (
    <>
      {told.length > 0 ? (
        <Counts
          heads={["New", "Newer there", "Newer here", "Taken away there"]}
          rows={told.map(({ kind, added, changed, kept, removed }) => [
            kindNames[kind],
            added,
            changed,
            kept,
            removed,
          ])}
          grave={3}
        />
      ) : null}
      <p className="mt-1 text-sm text-muted">
        {same > 0 ? `${many(same, "record is", "records are")} the same.` : ""}
        {told.length === 0 && rows.length > 0 ? " Nothing in it is new." : ""}
      </p>
    </>
  );
}

function Counts({
  heads,
  rows,
  grave,
}: {
  heads: readonly string[];
  rows: readonly (readonly [string, ...number[]])[];
  /** The column in which any number is looked at twice. */
  grave: number;
}) {
  return (
    <table className="mt-2 w-full text-left">
      <thead>
        <tr className="border-b border-ink">
          {["", ...heads].map((head) => (
            <th key={head} className="label py-1 not-first:text-right">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(([kind, ...counts]) => (
          <tr key={kind} className="border-b border-line">
            <td className="py-1 first-letter:uppercase">{kind}</td>
            {counts.map((count, i) => (
              <td
                key={i}
                className={`figures py-1 text-right ${i === grave && count > 0 ? "text-clay" : count === 0 ? "text-muted" : ""}`}
              >
                {count}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
