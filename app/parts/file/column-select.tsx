import type { CheckColumn } from "#core/exchange/checks-in";
import type { LogColumn } from "#core/exchange/logs-in";
import type { Library } from "#core/content/library";
import { checkColumnNames, logColumnNames } from "#words/file";

/** What a column of checks holds: one of the fields, or a check and its side. */
export function CheckColumnSelect({
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
      {Object.entries(checkColumnNames).map(([holds, name]) => (
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

/** What a column of a training book holds. */
export const LogColumnSelect = ({
  head,
  column,
  set,
}: {
  head: string;
  column: LogColumn;
  set: (column: LogColumn) => void;
}) => (
  <select
    className="field !min-h-9 max-w-44"
    aria-label={`What “${head}” holds`}
    value={column}
    onChange={(event) => set(event.target.value as LogColumn)}
  >
    {Object.entries(logColumnNames).map(([holds, name]) => (
      <option key={holds} value={holds}>
        {name}
      </option>
    ))}
  </select>
);
