import { memo, useState } from "react";
import { changesByDay } from "#core/measure/round-changes";
import { changeWords } from "#words/measure";
import { angleUnit, checksOf } from "#core/measure/value";
import { plusDays } from "#core/dates/days";
import { historyOf, type HistoryLine } from "#core/forecast/history";
import type { AthleteView } from "../../view";
import { CheckChart } from "../record/check-chart";
import { notch } from "../words";
import { shortDay } from "#words/days";

/** Lines that may stand in one chart: the same mode and temperature. */
function likeWithLike(lines: readonly HistoryLine[]): HistoryLine[][] {
  const groups = new Map<string, HistoryLine[]>();
  for (const line of lines) {
    const key = `${line.mode}/${line.temperature}`;
    groups.set(key, [...(groups.get(key) ?? []), line]);
  }
  return [...groups.values()];
}

/** Everything else that was measured, over the weeks: what the aim does not ask has no date to be forecast for. */
export const OtherCharts = memo(function OtherCharts({
  view,
  without,
}: {
  view: AthleteView;
  without: readonly string[];
}) {
  const [open, setOpen] = useState(false);
  const charts = view.library.protocols
    .filter(({ id }) => !without.includes(id))
    .flatMap((protocol) =>
      likeWithLike(historyOf(view.checks, protocol, view.athlete)).map((lines) => ({
        protocol,
        lines,
      })),
    );
  if (charts.length === 0) return null;
  const first = view.checks.reduce((day, { on }) => (on < day ? on : day), view.today);
  const from = first < plusDays(view.today, -7 * 16) ? plusDays(view.today, -7 * 16) : first;
  return (
    <details className="mt-8" onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary className="font-display text-xl font-bold">
        What else was measured ({charts.length})
      </summary>
      <p className="text-sm text-muted">
        Notches are checks, the band their error. Only checks of the same mode and temperature are
        joined.
      </p>
      {(open ? charts : []).map(({ protocol, lines }) => (
        <figure
          key={`${protocol.id}-${lines[0]!.mode}-${lines[0]!.temperature}`}
          className="mt-5 break-inside-avoid"
        >
          <figcaption className="flex flex-wrap items-baseline gap-x-4">
            <span className="font-display text-lg font-bold">{protocol.name}</span>
            <span className="text-sm text-muted">
              {lines[0]!.mode}, {lines[0]!.temperature}
            </span>
          </figcaption>
          <CheckChart
            name={`${protocol.name} over time`}
            lines={lines}
            need={null}
            from={from}
            to={view.today}
            unit={angleUnit(protocol)}
          />
          <ul className="text-sm">
            {lines.map((line) => (
              <li key={line.side}>
                {notch[line.side]} {lastChange(view, protocol.id, line)}
              </li>
            ))}
          </ul>
        </figure>
      ))}
    </details>
  );
});

/** What moved between the last two comparable checks of a side. */
function lastChange(
  view: AthleteView,
  protocolId: string,
  { side, mode, temperature }: HistoryLine,
): string {
  const protocol = view.library.protocols.find(({ id }) => id === protocolId)!;
  const [last] = checksOf(view.checks, { protocolId, side, mode }).filter(
    (check) => check.temperature === temperature,
  );
  const change = last ? changesByDay(view.checks, view.library)(last) : null;
  return change
    ? changeWords(change, shortDay(change.since), protocol)
    : "one check so far: nothing to compare with.";
}
