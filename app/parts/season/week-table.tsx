import { OutcomeBox } from "./outcome-box";
import { memo } from "react";
import { Link } from "react-router";
import type { WeekSummary } from "#core/season/weeks";
import { shortDay } from "#words/days";

/** The weeks: planned and done, minutes, checks, stops, and why a week is empty. */
export const WeekTable = memo(function WeekTable({
  weeks,
  athleteId,
  today,
}: {
  weeks: readonly WeekSummary[];
  athleteId: string;
  today: string;
}) {
  const longest = Math.max(1, ...weeks.map((week) => week.minutes));
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="The weeks">
      <table className="w-full min-w-[34rem] text-left">
        <thead>
          <tr className="border-b border-ink">
            <th scope="col" className="label py-1">
              Week of
            </th>
            <th scope="col" colSpan={2} className="label py-1">
              Preps
            </th>
            <th scope="col" className="label py-1 text-right">
              Minutes
            </th>
            <td />
            <th scope="col" className="label py-1 text-right">
              Checks
            </th>
            <th scope="col" className="label py-1 pl-4">
              Notes
            </th>
          </tr>
        </thead>
        <tbody>
          {[...weeks].reverse().map((week) => (
            <tr key={week.monday} className="border-b border-line">
              <td className="figures py-1.5">
                <Link
                  className="hover:underline"
                  to={`/at/${athleteId}/season?day=${week.monday <= today ? week.monday : today}`}
                >
                  {shortDay(week.monday)}
                </Link>
              </td>
              <td className="py-1.5">
                <PrepBoxes week={week} />
              </td>
              <td className="py-1.5 text-sm text-muted">{inWords(week)}</td>
              <td className="figures py-1.5 text-right">
                {week.minutes ? Math.round(week.minutes) : "–"}
              </td>
              <td className="w-28 py-1.5 pl-2">
                <div
                  className="h-2.5 bg-[var(--phase-own)]"
                  style={{ width: `${(100 * week.minutes) / longest}%` }}
                />
              </td>
              <td className="figures py-1.5 text-right">{week.checks || "–"}</td>
              <td className="py-1.5 pl-4 text-sm">
                {week.stops > 0 ? <span className="text-clay">{week.stops} stopped </span> : null}
                {week.absence ? <i>{week.absence}</i> : null}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
});

/** A box a prep. */
export function PrepBoxes({ week }: { week: WeekSummary }) {
  const boxes = [
    ...Array<string>(week.done).fill("done"),
    ...Array<string>(week.partly).fill("partly"),
    ...Array<string>(week.missed).fill("missed"),
    ...Array<string>(week.open).fill("open"),
  ];
  return (
    <span className="flex gap-1" aria-hidden="true">
      {boxes.map((kind, i) => (
        <OutcomeBox key={i} outcome={kind} className="h-4 w-2.5" />
      ))}
    </span>
  );
}

function inWords(week: WeekSummary): string {
  const parts = (["done", "partly", "missed", "open"] as const)
    .filter((key) => week[key] > 0)
    .map((key) => `${week[key]} ${key}`);
  return parts.length > 0 ? parts.join(", ") : week.absence ? "" : "nothing planned";
}
