import type { WeekSummary } from "#core/season/weeks";
import { shortDay } from "#words/days";
import { PrepBoxes } from "./week-table";

/** Adherence by week: a column of boxes, filled done, half partly, empty missed; what was moved is said. */
export function WeekDots({ weeks }: { weeks: readonly WeekSummary[] }) {
  if (weeks.length === 0) return <p className="text-sm text-muted">No week behind you yet.</p>;
  return (
    <ol className="mt-1 flex flex-wrap gap-x-4 gap-y-2" aria-label="Planned and done by week">
      {weeks.map((week) => (
        <li key={week.monday} className="min-w-14">
          <PrepBoxes week={week} />
          <span className="figures block text-xs text-muted">{shortDay(week.monday)}</span>
          <span className="block text-xs">
            {week.absence ??
              `${week.done + week.partly} of ${week.done + week.partly + week.missed}`}
            {week.moved > 0 ? `, ${week.moved} moved` : ""}
          </span>
        </li>
      ))}
    </ol>
  );
}
