import { Download } from "lucide-react";
import { checksCsv } from "#core/exchange/checks-csv";
import { toFile } from "#core/exchange/file";
import type { AnyRecord } from "#core/exchange/records";
import { withPacks } from "#core/library";
import { library } from "#library/index";
import { moment, today } from "../../clock";
import { download } from "../download";

/** The whole notebook as JSON; the checks as a table. */
export function ExportPart({ records }: { records: readonly AnyRecord[] }) {
  const of = <K extends AnyRecord["kind"]>(kind: K) =>
    records.filter((record): record is Extract<AnyRecord, { kind: K }> => record.kind === kind);
  const checks = of("check");
  return (
    <section className="mt-8">
      <h2 className="text-2xl">Save a copy</h2>
      <p className="mt-2 flex flex-wrap gap-3">
        <button
          type="button"
          className="press"
          disabled={records.length === 0}
          onClick={() =>
            download(
              `yearling-${today()}.json`,
              JSON.stringify(toFile(records, moment()), null, 1),
              "application/json",
            )
          }
        >
          <Download size={16} /> The whole notebook
        </button>
        <button
          type="button"
          className="press"
          disabled={checks.length === 0}
          onClick={() =>
            download(
              `yearling-checks-${today()}.csv`,
              `\uFEFF${checksCsv(checks, of("athlete"), withPacks(library, of("pack")))}`,
              "text/csv;charset=utf-8",
            )
          }
        >
          <Download size={16} /> The checks as a table (CSV)
        </button>
      </p>
      <p className="mt-1 text-sm text-muted">
        The notebook file holds the health answers too: keep it as you would keep a paper with them.
      </p>
    </section>
  );
}
