import { useState, type ReactNode } from "react";

/** Rows of a table that says what a chart shows. */
export type ChartTable = { head: readonly string[]; rows: readonly (readonly string[])[] };

/** A chart with its name, and what it shows as a table for whoever reads figures rather than lines. */
export function ChartFrame({
  name,
  table,
  children,
}: {
  name: string;
  /** Made when it is opened. */
  table: () => ChartTable;
  children: ReactNode;
}) {
  const [open, setOpen] = useState(false);
  return (
    <figure aria-label={name}>
      {children}
      <details className="no-print text-sm" onToggle={(event) => setOpen(event.currentTarget.open)}>
        <summary className="inline-flex min-h-7 items-center text-muted">As a table</summary>
        {open ? <Table name={name} {...table()} /> : null}
      </details>
    </figure>
  );
}

function Table({ name, head, rows }: ChartTable & { name: string }) {
  return (
    <div
      className="max-h-72 overflow-auto border-t border-ink"
      tabIndex={0}
      role="region"
      aria-label={`${name}, as a table`}
    >
      <table className="w-full text-left">
        <thead>
          <tr className="border-b border-line">
            {head.map((text) => (
              <th key={text} scope="col" className="label py-1 pr-4">
                {text}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, n) => (
            <tr key={n} className="border-b border-line">
              {row.map((text, i) => (
                <td key={i} className={i === 0 ? "py-1 pr-4" : "figures py-1 pr-4"}>
                  {text}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
