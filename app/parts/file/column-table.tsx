import type { ReactNode } from "react";
import type { SheetTable } from "#core/exchange/table-cells";

/** The columns of a table with what each holds, over its first rows. */
export function ColumnTable({
  table,
  choice,
}: {
  table: SheetTable;
  choice: (head: string, at: number) => ReactNode;
}) {
  return (
    <div className="mt-3 overflow-x-auto" tabIndex={0} role="region" aria-label="Columns">
      <table className="text-left text-sm">
        <thead>
          <tr>
            {table.heads.map((head, n) => (
              <th key={n} className="pr-3 pb-1 font-normal">
                <span className="block font-semibold">{head || `column ${n + 1}`}</span>
                {choice(head || `column ${n + 1}`, n)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {table.rows.slice(0, 3).map(({ row, cells }) => (
            <tr key={row} className="border-t border-line">
              {table.heads.map((_, at) => (
                <td key={at} className="figures py-1 pr-3">
                  {cells[at] ?? ""}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
