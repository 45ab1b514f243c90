import { mondayOf } from "../dates/days";
import { drillOf, type Library } from "../content/library";
import { rungOf } from "../drill/drill";
import type { LoadFigures, LoadRow } from "../doses/load-week";
import { tableText } from "../exchange/table-text";

const columns = ["sets", "reps", "kg", "band", "volume_kg"] as const;

const cells = (name: string, figures: LoadFigures | null): Record<string, string | number> =>
  Object.fromEntries(
    columns.map((column) => [
      `${name}_${column}`,
      figures === null
        ? ""
        : column === "volume_kg"
          ? (figures.volume ?? "")
          : (figures[column] ?? ""),
    ]),
  );

/** Loaded work as a table, one row a drill: warm-up or work, planned and done. Volume is weight × sets × repetitions, both sides, kg. */
export function loadCsv(rows: readonly LoadRow[], library: Library): string {
  return tableText(
    rows.map(({ on, part, drillId, rungId, planned, done }) => {
      const drill = drillOf(library, drillId);
      return {
        week: mondayOf(on),
        date: on,
        part,
        drill: drill?.name ?? drillId,
        rung: drill ? rungOf(drill, rungId).name : rungId,
        ...cells("planned", planned),
        ...cells("done", done),
      };
    }),
    [
      "week",
      "date",
      "part",
      "drill",
      "rung",
      ...columns.map((column) => `planned_${column}`),
      ...columns.map((column) => `done_${column}`),
    ],
  );
}
