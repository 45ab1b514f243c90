import { Link } from "react-router";
import { changeSince } from "#core/measure/change";
import { changeSentence } from "#core/measure/sentences";
import { angleUnit, checksOf } from "#core/measure/value";
import { historyOf, type HistoryLine } from "#core/season/history";
import { weekSummaries } from "#core/season/weeks";
import { plusDays } from "#core/season/days";
import { tapeSpan } from "../parts/frame/tape";
import { Station } from "../parts/frame/frame";
import { CheckChart } from "../parts/record/check-chart";
import { OutlookLines } from "../parts/season/outlook-lines";
import { WeekTable } from "../parts/season/week-table";
import { StationFigure } from "../parts/station-figure";
import { notch, shortDay } from "../parts/words";
import { athleteView, type AthleteView } from "../view";
import type { Route } from "./+types/season";

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const view = await athleteView(params.athleteId, request);
  const first = [...view.logs, ...view.checks, ...view.preps].reduce(
    (day, record) => (record.on < day ? record.on : day),
    view.today,
  );
  const from = first < plusDays(view.today, -7 * 16) ? plusDays(view.today, -7 * 16) : first;
  const { to } = tapeSpan(view.today, view.aim?.by ?? null);
  const weeks = weekSummaries(
    view,
    from,
    view.preps.some((prep) => prep.on > view.today) ? to : view.today,
    view.today,
  );
  const asked = view.gaps.map((gap) => gap.protocolId);
  const charts = view.library.protocols
    .flatMap((protocol) =>
      likeWithLike(historyOf(view.checks, protocol, view.athlete)).map((lines) => ({
        protocol,
        lines,
      })),
    )
    .sort((a, b) => rank(asked.indexOf(a.protocol.id)) - rank(asked.indexOf(b.protocol.id)));
  return { view, weeks, charts, from };
}

/** Lines that may stand in one chart: the same mode and temperature. */
function likeWithLike(lines: readonly HistoryLine[]): HistoryLine[][] {
  const groups = new Map<string, HistoryLine[]>();
  for (const line of lines)
    groups.set(`${line.mode}/${line.temperature}`, [
      ...(groups.get(`${line.mode}/${line.temperature}`) ?? []),
      line,
    ]);
  return [...groups.values()];
}

const rank = (index: number): number => (index < 0 ? 99 : index);

/** Season: the weeks as planned and done, and each motion over time with its error. */
export default function SeasonStation({
  loaderData: { view, weeks, charts, from },
}: Route.ComponentProps) {
  const past = weeks.filter((week) => week.monday <= view.today);
  const planned = past.reduce((sum, week) => sum + week.done + week.partly + week.missed, 0);
  const done = past.reduce((sum, week) => sum + week.done + week.partly, 0);
  const week = `${past.length} week${past.length === 1 ? "" : "s"}`;
  return (
    <Station figure={<StationFigure view={view} />}>
      <h1 className="text-3xl">
        {planned > 0 ? `${done} of ${planned} preps done in ${week}.` : "No weeks behind you yet."}
      </h1>
      <p className="mt-1 text-muted">
        {planned > 0
          ? "Missed while ill or away is not counted as missed."
          : "They gather here once preps are planned and logged."}
      </p>
      {weeks.some((w) => w.planned + w.done + w.partly + w.checks > 0) ? (
        <div className="mt-4">
          <WeekTable weeks={weeks} athleteId={view.athlete.id} today={view.today} />
        </div>
      ) : null}
      <h2 className="mt-8 text-2xl">Each motion over the weeks</h2>
      {charts.length === 0 ? (
        <p className="text-muted">
          Nothing measured yet.{" "}
          <Link className="underlined" to={`/at/${view.athlete.id}/check`}>
            Two trials a side
          </Link>{" "}
          make the first point.
        </p>
      ) : (
        <p className="text-sm text-muted">
          Notches are checks, the band their error, the rule the demand. Only checks of the same
          mode and temperature are joined.
        </p>
      )}
      {charts.map(({ protocol, lines }) => {
        const gap = view.gaps.find(({ protocolId }) => protocolId === protocol.id);
        return (
          <figure
            key={`${protocol.id}-${lines[0]!.mode}-${lines[0]!.temperature}`}
            className="mt-5 break-inside-avoid"
          >
            <figcaption className="flex flex-wrap items-baseline gap-x-4">
              <span className="font-display text-lg font-bold">{protocol.name}</span>
              <span className="text-sm text-muted">
                {[...new Set(lines.map((line) => `${line.mode}, ${line.temperature}`))].join("; ")}
              </span>
            </figcaption>
            <CheckChart
              lines={lines}
              need={gap?.need ?? null}
              from={from}
              to={view.today}
              unit={angleUnit(protocol)}
            />
            <ul className="text-sm">
              {lines.map((line) => (
                <li key={`${line.side}-${line.mode}-${line.temperature}`}>
                  {notch[line.side]} {lastChange(view, protocol.id, line)}
                </li>
              ))}
            </ul>
            {gap && gap.demand.mode === lines[0]!.mode ? (
              <OutlookLines view={view} gap={gap} protocol={protocol} lines={lines} />
            ) : null}
          </figure>
        );
      })}
    </Station>
  );
}

/** What moved between the last two comparable checks of a side. */
function lastChange(
  view: AthleteView,
  protocolId: string,
  { side, mode, temperature }: HistoryLine,
): string {
  const protocol = view.library.protocols.find(({ id }) => id === protocolId)!;
  const [last, ...earlier] = checksOf(view.checks, { protocolId, side, mode }).filter(
    (check) => check.temperature === temperature,
  );
  const change = last ? changeSince(last, earlier, protocol) : null;
  return change
    ? changeSentence(change, shortDay(change.since), protocol)
    : "one check so far: nothing to compare with.";
}
