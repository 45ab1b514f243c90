import { decimal, signed } from "#words/locale";
import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  useReactTable,
  type SortingState,
} from "@tanstack/react-table";
import { useMemo, useState } from "react";
import type { RecordRow, RecordSide } from "#core/aim/record";
import { unitOf } from "#core/content/protocol";
import { changeWords } from "#words/measure";
import { MarginMark, readingsOf } from "../margin-mark/margin-mark";
import { notch } from "../words";
import { shortDay } from "#words/days";
import { BothNames } from "../both-names";

const column = createColumnHelper<RecordRow>();
const plain = (value: number): string => decimal(value, 1, 0);
const shortageOf = ({ gap }: RecordRow): number => gap?.limiter ?? -1;

const columns = [
  column.accessor(({ protocol }) => protocol.name, {
    id: "name",
    header: "Check",
    cell: ({ row: { original } }) => (
      <>
        <span className="font-semibold">
          <BothNames motion={original.protocol.motion} plain={original.protocol.name} />
        </span>
        <span className="block text-xs text-muted">
          {original.mode}
          {original.gap ? `, needs ${original.gap.need}°` : ""}
        </span>
      </>
    ),
  }),
  column.accessor(({ sides }) => sides[0]!.last.value.value, {
    id: "last",
    header: "Last",
    enableGlobalFilter: false,
    cell: ({ row: { original } }) => (
      <EachSide row={original}>
        {({ last, side }) => (
          <>
            {notch[side]} {plain(last.value.value)}
            {unitOf(original.protocol)}{" "}
            <span className="text-muted">± {decimal(last.value.se, 1)}</span>
          </>
        )}
      </EachSide>
    ),
  }),
  column.accessor("lastOn", {
    id: "on",
    header: "On",
    enableGlobalFilter: false,
    cell: ({ getValue }) => <span className="whitespace-nowrap">{shortDay(getValue())}</span>,
  }),
  column.accessor(({ sides }) => sides[0]!.best.value, {
    id: "best",
    header: "Best",
    enableGlobalFilter: false,
    cell: ({ row: { original } }) => (
      <EachSide row={original}>
        {({ best }) => (
          <span title={`by the whole series, ${shortDay(best.on)}`}>
            {plain(best.value)}
            {unitOf(original.protocol)}
          </span>
        )}
      </EachSide>
    ),
  }),
  column.accessor(
    ({ sides }) => Math.max(...sides.map((one) => Math.abs(one.change?.delta ?? 0))),
    {
      id: "change",
      header: "Change",
      enableGlobalFilter: false,
      cell: ({ row: { original } }) => (
        <EachSide row={original}>
          {({ change }) =>
            change ? (
              <span
                className={change.real ? "font-semibold" : "text-muted"}
                title={changeWords(change, shortDay(change.since), original.protocol)}
              >
                {signed(change.delta, 1)} {change.real ? "real" : "not sure"}
              </span>
            ) : (
              <span className="text-muted">–</span>
            )
          }
        </EachSide>
      ),
    },
  ),
  column.accessor(shortageOf, {
    id: "margin",
    header: "Margin",
    enableGlobalFilter: false,
    sortDescFirst: true,
    cell: ({ row: { original } }) =>
      original.gap ? (
        <MarginMark width={130} height={40} readings={readingsOf(original.gap)} />
      ) : (
        <span className="text-xs text-muted">no aim asks it</span>
      ),
  }),
];

/** The last values as they stood on another date. */
const besideColumn = (before: readonly RecordRow[], on: string) =>
  column.accessor(
    ({ key }) => before.find((row) => row.key === key)?.sides[0]?.last.value.value ?? -Infinity,
    {
      id: "before",
      header: `On ${shortDay(on)}`,
      enableGlobalFilter: false,
      cell: ({ row: { original } }) => {
        const row = before.find(({ key }) => key === original.key);
        return row ? (
          <EachSide row={row}>
            {({ last, side }) => (
              <>
                {notch[side]} {plain(last.value.value)}
                {unitOf(row.protocol)}{" "}
                <span className="text-muted">± {decimal(last.value.se, 1)}</span>
              </>
            )}
          </EachSide>
        ) : (
          <span className="text-muted">not yet</span>
        );
      },
    },
  );

function EachSide({
  row,
  children,
}: {
  row: RecordRow;
  children: (side: RecordSide) => React.ReactNode;
}) {
  return (
    <>
      {row.sides.map((side) => (
        <span key={side.side} className="figures block whitespace-nowrap text-sm">
          {children(side)}
        </span>
      ))}
    </>
  );
}

/** On a phone the names need the room; what the aim asks stands under them. */
const narrow = (column: string): string =>
  ["on", "best", "margin"].includes(column) ? "hidden sm:table-cell" : "";

/** Everything that was measured: sorted by any column, filtered by typing, a press shows its chart. */
export function RecordTable({
  rows,
  before,
  beforeOn,
  filter,
  chosen,
  choose,
}: {
  rows: RecordRow[];
  /** The record as it stood on another date, to be shown beside. */
  before: readonly RecordRow[] | null;
  beforeOn: string;
  filter: string;
  chosen: string | null;
  choose: (key: string) => void;
}) {
  const [sorting, setSorting] = useState<SortingState>([{ id: "margin", desc: true }]);
  const state = useMemo(() => ({ sorting, globalFilter: filter }), [sorting, filter]);
  const table = useReactTable({
    data: rows,
    columns: useMemo(
      () =>
        before
          ? [...columns.slice(0, 1), besideColumn(before, beforeOn), ...columns.slice(1)]
          : columns,
      [before, beforeOn],
    ),
    state,
    getRowId: ({ key }) => key,
    onSortingChange: setSorting,
    globalFilterFn: (row, _column, wanted: string) =>
      `${row.original.protocol.name} ${row.original.protocol.joint} ${row.original.mode}`
        .toLowerCase()
        .includes(wanted.trim().toLowerCase()),
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
  });
  const shown = table.getRowModel().rows;
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="The record">
      <table className="w-full text-left">
        <thead>
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id} className="border-b border-ink">
              {group.headers.map((header) => {
                const sorted = header.column.getIsSorted();
                return (
                  <th
                    key={header.id}
                    scope="col"
                    className={`pr-4 ${narrow(header.column.id)}`}
                    aria-sort={
                      sorted === "asc" ? "ascending" : sorted === "desc" ? "descending" : "none"
                    }
                  >
                    <button
                      type="button"
                      className="label min-h-9"
                      onClick={header.column.getToggleSortingHandler()}
                    >
                      {flexRender(header.column.columnDef.header, header.getContext())}{" "}
                      {sorted === "asc" ? "↑" : sorted === "desc" ? "↓" : ""}
                    </button>
                  </th>
                );
              })}
            </tr>
          ))}
        </thead>
        <tbody>
          {shown.map((row) => (
            <tr
              key={row.id}
              className={`border-b border-line align-top ${row.id === chosen ? "bg-raised" : ""}`}
            >
              {row.getVisibleCells().map((cell) => (
                <td key={cell.id} className={`py-2 pr-4 ${narrow(cell.column.id)}`}>
                  {cell.column.id === "name" ? (
                    <button
                      type="button"
                      className="text-left"
                      aria-pressed={row.id === chosen}
                      onClick={() => choose(row.id)}
                    >
                      {flexRender(cell.column.columnDef.cell, cell.getContext())}
                    </button>
                  ) : (
                    flexRender(cell.column.columnDef.cell, cell.getContext())
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {shown.length === 0 ? (
        <p className="py-3 text-muted">Nothing measured is called that.</p>
      ) : null}
    </div>
  );
}
