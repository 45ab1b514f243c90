import { useCallback, useEffect, useState, type ComponentProps, type ReactNode } from "react";
import { guessedColumns, lostIn, type CheckColumn, type TableRead } from "#core/exchange/checks-in";
import { guessedLogColumns, type LogColumn } from "#core/exchange/logs-in";
import type { DayOrder, SheetTable } from "#core/exchange/table-cells";
import type { OpenedTable } from "#core/exchange/table-in";
import type { Library } from "#core/content/library";
import { many } from "#words/plain";
import { today } from "../../clock";
import { say } from "../say";
import { useAct } from "../use-act";
import { ColumnTable } from "./column-table";
import { CheckColumnSelect, LogColumnSelect } from "./column-select";
import { TakeOver } from "./take-over";
import { TableReading } from "./table-reading";
import { useTableReader, type TableThread } from "./use-table-reader";

type Named = { id: string; name: string };
type Terms = { people: readonly Named[]; library: Library; tester: string };

/** A larger file is not read, in bytes. */
const largest = 20_000_000;

/** Reads a chosen file in a thread of its own. */
function useOpened(file: File | null, library: Library) {
  const tooLarge = file !== null && file.size > largest;
  const ask = useCallback(
    async (reader: TableThread): Promise<OpenedTable> =>
      reader.openTable(await file!.text(), library, today()),
    [file, library],
  );
  return { tooLarge, ...useTableReader(file && !tooLarge ? ask : null) };
}

/** Takes over a coach's own tables, and a clinician's readings: shown, completed, then one act. */
export function TableInPart(terms: Terms) {
  const [file, setFile] = useState<File | null>(null);
  const { tooLarge, answer, status, stop } = useOpened(file, terms.library);
  if (terms.people.length === 0) return null;
  const close = () => setFile(null);
  const opened = status === "ready" ? answer : null;
  return (
    <section className="mt-8">
      <h2 className="text-2xl">Bring in a table</h2>
      <p className="text-sm text-muted">
        Months of your own spreadsheet. Checks: a row a check, or a row a day with a column a joint
        and side. Log: a row a drill. Or a clinician’s FHIR file.
      </p>
      <label className="mt-2 block">
        <span className="label">Table (.csv) or FHIR bundle (.json)</span>
        <input
          type="file"
          accept=".csv,.txt,.json,text/csv,text/plain,application/json"
          className="mt-1 block min-h-11 w-full file:mr-4 file:min-h-10 file:border file:border-ink file:bg-transparent file:px-4 file:font-semibold file:text-ink"
          // The same file chosen again is read again.
          onClick={(event) => (event.currentTarget.value = "")}
          onChange={(event) => setFile(event.target.files?.[0] ?? null)}
        />
      </label>
      <TableReading what="Reading the file" status={tooLarge ? "large" : status} stop={stop} />
      {opened?.holds === "nothing" ? (
        <p role="alert" className="mt-3 border-l-4 border-clay bg-raised px-4 py-2">
          There is no table and no FHIR bundle in it. Nothing was changed.
        </p>
      ) : null}
      {opened?.holds === "logs" ? (
        <LogsTable key={file!.lastModified} {...terms} table={opened.table} close={close} />
      ) : null}
      {opened?.holds === "checks" ? (
        <ChecksTable key={file!.lastModified} {...terms} table={opened.table} close={close} />
      ) : null}
      {opened?.holds === "bundle" ? <BundleIn {...terms} read={opened.read} close={close} /> : null}
    </section>
  );
}

type PartProps = Terms & { close: () => void };

/** Says what came of taking over, and closes. */
function useTaken<Name extends "take-table" | "take-logs">(noun: string, close: () => void) {
  const { act, done, answer, refused, busy } = useAct<Name>();
  const kept = answer?.kept ?? 0;
  useEffect(() => {
    if (!done) return;
    say(kept > 0 ? `${many(kept, noun)} taken over.` : "All of it was here already.");
    close();
    // Once, when it is done.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [done]);
  return { act, refused, busy };
}

/** Whose a table is where it does not say so, and how its days are written. */
function useReading() {
  const [who, setWho] = useState("");
  const [order, setOrder] = useState<DayOrder>("day-first");
  return { who, setWho, order, setOrder };
}

/** A table with what its columns hold, and what would be taken over of it. */
function SheetFrame<Column>({
  table,
  people,
  reading: { who, setWho, order, setOrder },
  namesPeople,
  columns,
  setColumns,
  choice,
  noun,
  count,
  reader,
  ...taking
}: {
  table: SheetTable;
  people: readonly Named[];
  reading: ReturnType<typeof useReading>;
  /** A column says whose each row is. */
  namesPeople: boolean;
  columns: readonly Column[];
  setColumns: (columns: Column[]) => void;
  choice: (head: string, column: Column, set: (column: Column) => void) => ReactNode;
  noun: string;
  /** What is read of the rows, and how far that is. */
  reader: Pick<ReturnType<typeof useTableReader>, "status" | "stop">;
} & Omit<ComponentProps<typeof TakeOver>, "found">) {
  return (
    <div className="mt-3 border border-ink p-4">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        {namesPeople ? null : <Whose people={people} who={who} set={setWho} />}
        <Order order={order} set={setOrder} />
      </div>
      <ColumnTable
        table={table}
        choice={(head, at) =>
          choice(head, columns[at]!, (column) =>
            setColumns(columns.map((one, n) => (n === at ? column : one))),
          )
        }
      />
      <TableReading what="Reading the rows" {...reader} />
      <TakeOver
        found={`${many(count, noun)} of ${many(table.rows.length, "row")}`}
        count={reader.status === "ready" ? count : 0}
        {...taking}
      />
    </div>
  );
}

function ChecksTable({ table, people, library, tester, close }: PartProps & { table: SheetTable }) {
  const [columns, setColumns] = useState<CheckColumn[]>(() => guessedColumns(table.heads, library));
  const reading = useReading();
  const { who, order } = reading;
  const { act, refused, busy } = useTaken<"take-table">("check", close);
  const ask = useCallback(
    (reader: TableThread) => {
      const terms = { athletes: people, athleteId: who || null, tester, order };
      const { protocols } = library;
      return reader.checksIn(table, columns, {
        ...terms,
        library: { protocols, drills: [] },
        today: today(),
      });
    },
    [table, columns, people, who, tester, order, library],
  );
  const reader = useTableReader(ask);
  const { checks, problems } = reader.answer ?? { checks: [], problems: lostIn(table.lost) };
  return (
    <SheetFrame
      {...{ table, people, reading, columns, setColumns, problems, refused, busy, reader }}
      namesPeople={columns.some(({ holds }) => holds === "athlete")}
      choice={(head, column, set) => <CheckColumnSelect {...{ head, column, library, set }} />}
      noun="check"
      count={checks.length}
      take={() => act("take-table", { checks })}
      leave={close}
    />
  );
}

function LogsTable({ table, people, library, close }: PartProps & { table: SheetTable }) {
  const [columns, setColumns] = useState<LogColumn[]>(() => guessedLogColumns(table.heads));
  const reading = useReading();
  const { who, order } = reading;
  const { act, refused, busy } = useTaken<"take-logs">("log", close);
  const ask = useCallback(
    (reader: TableThread) => {
      const terms = { athletes: people, athleteId: who || null, order };
      const { drills } = library;
      return reader.logsIn(table, columns, {
        ...terms,
        library: { drills, protocols: [] },
        today: today(),
      });
    },
    [table, columns, people, who, order, library],
  );
  const reader = useTableReader(ask);
  const { logs, problems } = reader.answer ?? { logs: [], problems: lostIn(table.lost) };
  return (
    <SheetFrame
      {...{ table, people, reading, columns, setColumns, problems, refused, busy, reader }}
      namesPeople={columns.includes("athlete")}
      choice={(head, column, set) => <LogColumnSelect {...{ head, column, set }} />}
      noun="log"
      count={logs.length}
      take={() => act("take-logs", { logs })}
      leave={close}
    />
  );
}

function BundleIn({ read, people, close }: PartProps & { read: TableRead }) {
  const [who, setWho] = useState("");
  const { act, refused, busy } = useTaken<"take-table">("check", close);
  const checks = who ? read.checks.map((check) => ({ ...check, athleteId: who })) : [];
  return (
    <div className="mt-3 border border-ink p-4">
      <Whose people={people} who={who} set={setWho} />
      <TakeOver
        found={who ? many(checks.length, "check") : "Say whose it is"}
        count={checks.length}
        problems={read.problems}
        refused={refused}
        busy={busy}
        take={() => act("take-table", { checks })}
        leave={close}
      />
    </div>
  );
}

const Whose = ({
  people,
  who,
  set,
}: {
  people: readonly Named[];
  who: string;
  set: (who: string) => void;
}) => (
  <label className="grid max-w-xs">
    <span className="label">All of it is of</span>
    <select className="field" value={who} onChange={(event) => set(event.target.value)}>
      <option value="">choose</option>
      {people.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </select>
  </label>
);

const Order = ({ order, set }: { order: DayOrder; set: (order: DayOrder) => void }) => (
  <label className="grid">
    <span className="label">3/4 is</span>
    <select
      className="field"
      value={order}
      onChange={(event) => set(event.target.value as DayOrder)}
    >
      <option value="day-first">the third of April</option>
      <option value="month-first">the fourth of March</option>
    </select>
  </label>
);
