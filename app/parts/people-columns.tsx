import type { PeopleColumn, PeopleColumns } from "#core/exchange/people-list";
import { peopleColumnNames } from "#words/file";

/** Whether the first line of a table names its columns, and what each of them holds. */
export function PeopleColumnsPart({
  first,
  by: { headed, columns },
  set,
}: {
  /** The first line, cell by cell. */
  first: readonly string[];
  by: PeopleColumns;
  set: (by: PeopleColumns) => void;
}) {
  return (
    <fieldset className="mt-3 flex flex-wrap items-end gap-x-4 gap-y-2">
      <legend className="sr-only">Columns</legend>
      <label className="flex min-h-10 items-center gap-2">
        <input
          type="checkbox"
          className="size-4 accent-[var(--spruce)]"
          checked={headed}
          onChange={(event) => set({ headed: event.target.checked, columns })}
        />
        the first line names the columns
      </label>
      {headed
        ? first.map((head, at) => (
            <label key={at} className="grid">
              <span className="label">{head || `column ${at + 1}`}</span>
              <select
                className="field !min-h-9 max-w-36"
                aria-label={`What “${head || `column ${at + 1}`}” holds`}
                value={columns[at] ?? ""}
                onChange={(event) =>
                  set({
                    headed,
                    columns: columns.map((column, n) =>
                      n === at ? ((event.target.value || null) as PeopleColumn) : column,
                    ),
                  })
                }
              >
                <option value="">leave it out</option>
                {Object.entries(peopleColumnNames).map(([holds, name]) => (
                  <option key={holds} value={holds}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
          ))
        : null}
    </fieldset>
  );
}
