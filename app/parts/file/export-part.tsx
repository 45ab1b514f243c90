import { Download } from "lucide-react";
import { useState } from "react";
import { checksCsv } from "#core/exchange/checks-csv";
import type { Check, Kind } from "#core/records/records";
import { withPacks } from "#core/content/library";
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
        <button
          type="button"
          className="press"
          disabled={!counts.check || work.under}
          onClick={() =>
            void work.run("Writing the table", async (progress, signal) => {
              const { notebook } = await openNotebook();
              const checks: Check[] = [];
              for await (const records of notebook.everything()) {
                signal.throwIfAborted();
                for (const record of records) if (record.kind === "check") checks.push(record);
                progress(checks.length / counts.check!);
              }
              const whole = withPacks(library, notebook.all("pack"));
              download("checks", checksCsv(checks, notebook.all("athlete"), whole));
            })
          }
        >
          <Download size={16} /> The checks as a table (CSV)
        </button>
      </p>
      <LockFields lock={lock} set={setLock} />
      <LongWork work={work} />
      {saved ? (
        <p role="status" className="mt-2 text-sm">
          The file is in the downloads of this device. Put it where it is safe.
        </p>
      ) : null}
      <p className="mt-1 text-sm text-muted">
        The notebook file holds the health answers too: lock it, or keep it as you would keep a
        paper with them.
      </p>
    </section>
  );
}
