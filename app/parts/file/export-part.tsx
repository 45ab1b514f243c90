import { Download } from "lucide-react";
import { useState } from "react";
import { checksCsv } from "#core/exchange/checks-csv";
import { logsCsv } from "#core/exchange/logs-csv";
import type { Athlete } from "#core/records/athlete";
import type { Kind, RecordOf } from "#core/records/records";
import { kindNames } from "#words/file";
import { withPacks, type Library } from "#core/content/library";
import { library } from "#library/index";
import { rememberSaved } from "../../store/file-out";
import { openNotebook } from "../../store/open";
import { download } from "../download";
import { LockFields, lockReady, type LockChoice } from "./lock-fields";
import { LongWork, useLongWork } from "./long-work";
import { saveNotebook } from "./save-notebook";

/** The whole notebook as JSON; the checks as a table. */
export function ExportPart({ counts }: { counts: Partial<Record<Kind, number>> }) {
  const work = useLongWork();
  const [saved, setSaved] = useState(false);
  const [lock, setLock] = useState<LockChoice>({ on: false, passphrase: "" });
  return (
    <section className="mt-8">
      <h2 className="text-2xl">Save a copy</h2>
      <p className="mt-2 flex flex-wrap gap-3">
        <button
          type="button"
          className="press"
          disabled={Object.keys(counts).length === 0 || work.under || !lockReady(lock)}
          onClick={() =>
            void work.run("Writing the file", async (progress, signal) => {
              const { name, notebook } = await openNotebook();
              await saveNotebook(notebook, progress, signal, lock.on ? lock.passphrase : null);
              if (name === "own") await rememberSaved(notebook);
              setSaved(true);
            })
          }
        >
          <Download size={16} /> The whole notebook
        </button>
        <TableOut
          kind="check"
          count={counts.check}
          work={work}
          save={(checks, athletes, whole) => download("checks", checksCsv(checks, athletes, whole))}
        />
        <TableOut
          kind="log"
          count={counts.log}
          work={work}
          save={(logs, athletes, whole) => download("logs", logsCsv(logs, athletes, whole))}
        />
      </p>
      <LockFields lock={lock} set={setLock} />
      <LongWork work={work} />
      {saved ? (
        <p role="status" className="mt-2 text-sm">
          The file is in the downloads of this device. Put it where it is safe.
        </p>
      ) : null}
      <p className="mt-1 text-sm text-muted">
        The notebook file holds the health answers too. Lock it, or keep it as you would keep a
        paper with them.
      </p>
    </section>
  );
}

/** Everything of a kind in the notebook as a table, an athlete at a time. */
function TableOut<K extends "check" | "log">({
  kind,
  count = 0,
  work,
  save,
}: {
  kind: K;
  count: number | undefined;
  work: ReturnType<typeof useLongWork>;
  save: (records: RecordOf<K>[], athletes: Athlete[], library: Library) => void;
}) {
  return (
    <button
      type="button"
      className="press"
      disabled={count === 0 || work.under}
      onClick={() =>
        void work.run("Writing the table", async (progress, signal) => {
          const { notebook } = await openNotebook();
          const found: RecordOf<K>[] = [];
          for await (const records of notebook.everything()) {
            signal.throwIfAborted();
            for (const record of records)
              if (record.kind === kind) found.push(record as RecordOf<K>);
            progress(found.length / count);
          }
          save(found, notebook.all("athlete"), withPacks(library, notebook.all("pack")));
        })
      }
    >
      <Download size={16} /> The {kindNames[kind]} as a table (CSV)
    </button>
  );
}
