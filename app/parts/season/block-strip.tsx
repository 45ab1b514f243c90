import { blockMondays, weekTerms, type SeasonAround } from "#core/schedule/block";
import { mondayOf, plusDays } from "#core/dates/days";
import type { WeekSummary } from "#core/season/weeks";
import { shortDay } from "#words/days";
import { emphasisFill, emphasisWords, weekRemarks } from "./slot-words";

/** The block week by week: its emphasis, lighter weeks low, the show as a flag; each opens its week. */
export function BlockStrip({
  around,
  summaries,
  shown,
  show,
}: {
  around: SeasonAround;
  summaries: readonly WeekSummary[];
  shown: string;
  show: (monday: string) => void;
}) {
  const { season, today } = around;
  const mondays = blockMondays(season);
  const most = Math.max(
    1,
    ...summaries.map((week) => week.done + week.partly + week.missed + week.open),
  );
  return (
    <ol className="mt-2 flex items-end gap-px overflow-x-auto pb-1" aria-label="The block">
      {mondays.map((monday) => {
        const terms = weekTerms(around, monday);
        const week = summaries.find((one) => one.monday === monday);
        const all = week ? week.done + week.partly + week.missed + week.open : 0;
        const done = week ? week.done + week.partly : 0;
        const remark = weekRemarks(terms) || (week?.absence ?? "");
        return (
          <li key={monday} className="min-w-11 flex-1">
            <button
              type="button"
              aria-current={monday === shown ? "true" : undefined}
              title={`${emphasisWords[terms.emphasis]}${remark ? `; ${remark}` : ""}`}
              onClick={() => show(monday)}
              className={`relative block w-full text-left ${monday === shown ? "outline-2 outline-offset-0 outline-ink" : ""}`}
            >
              <span className="sr-only">{`Week of ${shortDay(monday)}, ${emphasisWords[terms.emphasis]}${remark ? `, ${remark}` : ""}: ${done} of ${all} done`}</span>
              <span
                aria-hidden="true"
                className="relative flex h-12 items-end border border-ink bg-raised"
              >
                <span
                  className="absolute inset-x-0 bottom-0 opacity-55"
                  style={{
                    height: `${(100 * all) / most}%`,
                    background: emphasisFill[terms.emphasis],
                  }}
                />
                <span
                  className="absolute inset-x-0 bottom-0"
                  style={{
                    height: `${(100 * done) / most}%`,
                    background: emphasisFill[terms.emphasis],
                    borderTop: done > 0 ? "1.5px solid var(--ink)" : undefined,
                  }}
                />
                <span className="label relative z-10 w-full bg-raised/80 text-center leading-tight text-ink [overflow-wrap:anywhere]">
                  {week?.absence
                    ? week.absence
                    : terms.taper
                      ? terms.taper <= plusDays(monday, 6)
                        ? "show"
                        : "before it"
                      : terms.lighter
                        ? "lighter"
                        : ""}
                </span>
              </span>
              <span
                aria-hidden="true"
                className={`figures block pl-1 text-xs leading-tight sm:whitespace-nowrap ${monday === mondayOf(today) ? "font-bold" : "text-muted"}`}
              >
                {shortDay(monday)}
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
