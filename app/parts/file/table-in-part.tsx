import { useEffect, useMemo, useState } from "react";
import {
  checksIn,
  guessedColumns,
  readCheckTable,
  type CheckColumn,
  type CheckTable,
  type DayOrder,
  type TableRead,
} from "#core/exchange/checks-in";
import { checksOfBundle } from "#core/exchange/fhir-in";
import type { Library } from "#core/content/library";
import { refusalWords } from "#words/acts";
import { rowProblemWords } from "#words/file";
import { many } from "#words/plain";
import { today } from "../../clock";
import { say } from "../say";
import { useAct } from "../use-act";

/** Readings of a bundle, once it is said whose they are; null where it is none. */
function bundleIn(text: string, library: Library, athleteId: string | null): TableRead | null {
  const read = checksOfBundle(text, library, today());
  if (!read) return null;
  const { checks, problems } = read;
  return { checks: athleteId ? checks.map((check) => ({ ...check, athleteId })) : [], problems };
}

type Named = { id: string; name: string };

const holdsNames: Record<Exclude<CheckColumn["holds"], "reading">, string> = {
  nothing: "leave it out",
  athlete: "athlete",
  date: "date",
  check: "which check",
  side: "side",
  mode: "passive or active",
  temperature: "warm or cold",
  instrument: "instrument",
  tester: "who measured",
  pain: "pain",
  note: "note",
  trial: "a reading",
};

/** So many problems are told; the rest are counted. */
const mostTold = 12;

/** Takes over checks of a coach's own table: columns are mapped, what comes of it is shown, then it is one act. */
export function TableInPart({
  people,
  library,
  tester,
}: {
  people: readonly Named[];
  library: Library;
  tester: string;
}) {
  const [table, setTable] = useState<CheckTable | null>(null);
  const [bundle, setBundle] = useState<string | null>(null);
  const [columns, setColumns] = useState<CheckColumn[]>([]);
  const [who, setWho] = useState("");
  const [order, setOrder] = useState<DayOrder>("day-first");
  const { act, done, answer, refused, busy } = useAct<"take-table">();
  const read = useMemo(() => {
    const terms = { athletes: people, athleteId: who || null, tester, order, library };
    if (table) return checksIn(table, columns, { ...terms, today: today() });
    return bundle === null ? null : bundleIn(bundle, library, who || null);
  }, [table, bundle, columns, people, who, tester, order, library]);
  const kept = answer?.kept ?? 0;
  useEffect(() => {
    if (!done) return;
    say(kept > 0 ? `${many(kept, "check")} taken over.` : "All of it was here already.");
    close();
    // Once, when it is done.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [done]);
  if (people.length === 0) return null;
  const close = () => {
    setTable(null);
    setBundle(null);
  };
  const open = (text: string) => {
    close();
    if (text.trimStart().startsWith("{")) return setBundle(text);
    const found = readCheckTable(text);
    setTable(found);
    setColumns(guessedColumns(found.heads, library));
  };
  const named = columns.some(({ holds }) => holds === "athlete");
  return (
    <section className="mt-8">
      <h2 className="text-2xl">Take over checks from a table</h2>
      <p className="text-sm text-muted">
        Months of your own spreadsheet: a row a check, or a row a day with a column a joint and
        side. Or a clinician’s FHIR file. Shown first, then one change that can be undone.
      </p>
      <label className="mt-2 block">
        <span className="label">Table (.csv) or FHIR bundle (.json)</span>
        <input
          type="file"
          accept=".csv,.txt,.json,text/csv,text/plain,application/json"
          className="mt-1 block min-h-11 w-full file:mr-4 file:min-h-10 file:border file:border-ink file:bg-transparent file:px-4 file:font-semibold file:text-ink"
          onChange={(event) => void event.target.files?.[0]?.text().then(open)}
        />
      </label>
      {bundle !== null && !read ? (
        <p role="alert" className="mt-3 border-l-4 border-clay bg-raised px-4 py-2">
          This is no FHIR bundle. Nothing was changed.
        </p>
      ) : null}
      {read ? (
        <div className="mt-3 border border-ink p-4">
          <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
            {named ? null : (
              <label className="grid">
                <span className="label">All rows are of</span>
                <select
                  className="field"
                  value={who}
                  onChange={(event) => setWho(event.target.value)}
                >
                  <option value="">choose</option>
                  {people.map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
                </select>
              </label>
            )}
            {table ? (
              <label className="grid">
                <span className="label">3/4 is</span>
                <select
                  className="field"
                  value={order}
                  onChange={(event) => setOrder(event.target.value as DayOrder)}
                >
                  <option value="day-first">the third of April</option>
                  <option value="month-first">the fourth of March</option>
                </select>
              </label>
            ) : null}
          </div>
          {table ? (
            <div className="mt-3 overflow-x-auto" tabIndex={0} role="region" aria-label="Columns">
              <table className="text-left text-sm">
                <thead>
                  <tr>
                    {table.heads.map((head, n) => (
                      <th key={n} className="pr-3 pb-1 font-normal">
                        <span className="block font-semibold">{head || `column ${n + 1}`}</span>
                        <ColumnSelect
                          head={head || `column ${n + 1}`}
                          column={columns[n]!}
                          library={library}
                          set={(column) =>
                            setColumns(columns.map((one, at) => (at === n ? column : one)))
                          }
                        />
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {table.rows.slice(0, 3).map((row, n) => (
                    <tr key={n} className="border-t border-line">
                      {table.heads.map((_, at) => (
                        <td key={at} className="figures py-1 pr-3">
                          {row[at] ?? ""}
                        </td>
                      ))}
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          ) : null}
          <p role="status" className="mt-3 font-semibold">
            {table || who ? many(read.checks.length, "check") : "Say whose it is"}
            {table ? ` of ${many(table.rows.length, "row")}` : ""}
            {read.problems.length > 0 ? `; ${read.problems.length} could not be read:` : "."}
          </p>
          <ul className="text-sm">
            {read.problems.slice(0, mostTold).map((problem, n) => (
              <li key={n} className="text-clay">
                {rowProblemWords(problem)}
              </li>
            ))}
            {read.problems.length > mostTold ? (
              <li className="text-muted">and {read.problems.length - mostTold} more</li>
            ) : null}
          </ul>
          {refused ? (
            <p role="alert" className="mt-2 text-clay">
              {refusalWords(refused)}
            </p>
          ) : null}
          <p className="mt-3 flex gap-3">
            <button
              type="button"
              className="press press-main"
              disabled={read.checks.length === 0 || busy}
              onClick={() => act("take-table", { checks: read.checks })}
            >
              {busy ? "Taking them over …" : `Take over ${many(read.checks.length, "check")}`}
            </button>
            <button type="button" className="press" onClick={close}>
              Leave it
            </button>
          </p>
        </div>
      ) : null}
    </section>
  );
}

/** What a column holds: one of the fields, or a check and its side. */
function ColumnSelect({
  head,
  column,
  library,
  set,
}: {
  head: string;
  column: CheckColumn;
  library: Library;
  set: (column: CheckColumn) => void;
}) {
  const value = column.holds === "reading" ? `${column.protocolId}|${column.side}` : column.holds;
  return (
    <select
      className="field !min-h-9 max-w-44"
      aria-label={`What “${head}” holds`}
      value={value}
      onChange={(event) => {
        const [first, side] = event.target.value.split("|") as [string, string | undefined];
        set(
          side
            ? { holds: "reading", protocolId: first, side: side as "left" | "right" | "mid" }
            : ({ holds: first } as CheckColumn),
        );
      }}
    >
      {Object.entries(holdsNames).map(([holds, name]) => (
        <option key={holds} value={holds}>
          {name}
        </option>
      ))}
      <optgroup label="readings of">
        {library.protocols.flatMap(({ id, name, sided }) =>
          (sided ? (["left", "right"] as const) : (["mid"] as const)).map((side) => (
            <option key={`${id}|${side}`} value={`${id}|${side}`}>
              {name}
              {side === "mid" ? "" : `, ${side}`}
            </option>
          )),
        )}
      </optgroup>
    </select>
  );
}
