import { thousands } from "#words/locale";
import { ChevronLeft, ChevronRight, Download, Printer } from "lucide-react";
import { useMemo } from "react";
import { drillOf } from "#core/content/library";
import { mondayOf, plusDays } from "#core/dates/days";
import { loadVolumes, loadWeek, type LoadFigures, type LoadRow } from "#core/doses/load-week";
import { rungOf } from "#core/drill/drill";
import { loadCsv } from "#core/season/load-csv";
import { loadSaid } from "#words/bands";
import { shortDay } from "#words/days";
import type { AthleteView } from "../../view";
import { download } from "../download";
import { PullPush } from "./pull-push";

/** So many weeks of volume are shown beside each other. */
const weeksShown = 8;

/** The book by load: a week's warm-up and work, planned against done; what was lifted by week; pull to push. */
export function BookLoad({
  view,
  week,
  choose,
}: {
  view: AthleteView;
  /** Any day of the week that is shown. */
  week: string;
  choose: (monday: string) => void;
}) {
  const monday = mondayOf(week);
  const rows = useMemo(() => loadWeek(monday, view), [monday, view]);
  return (
    <>
      <div className="mt-4 flex flex-wrap items-center gap-x-2">
        <button
          type="button"
          className="quiet no-print"
          aria-label="The week before"
          onClick={() => choose(plusDays(monday, -7))}
        >
          <ChevronLeft size={18} />
        </button>
        <h2 className="text-xl">
          {view.athlete.name}, {shortDay(monday)} to {shortDay(plusDays(monday, 6))}
        </h2>
        <button
          type="button"
          className="quiet no-print"
          aria-label="The week after"
          onClick={() => choose(plusDays(monday, 7))}
        >
          <ChevronRight size={18} />
        </button>
        <span className="no-print ml-auto flex gap-2">
          <button type="button" className="press" onClick={() => window.print()}>
            <Printer size={16} /> Print
          </button>
          <button
            type="button"
            className="press"
            disabled={rows.length === 0}
            onClick={() =>
              download("loads", loadCsv(rows, view.library), view.athlete.name, { on: monday })
            }
          >
            <Download size={16} /> CSV
          </button>
        </span>
      </div>
      {rows.length === 0 ? (
        <p className="mt-2 text-muted">
          Nothing with a weight, a band or counted strength in this week, planned or done.
        </p>
      ) : (
        <LoadTable rows={rows} view={view} />
      )}
      <Volumes view={view} monday={monday} />
      <PullPush view={view} />
    </>
  );
}

const said = (figures: LoadFigures | null): string =>
  figures ? [`${figures.sets} × ${figures.reps}`, ...loadSaid(figures)].join(", ") : "–";

const kilos = (figures: LoadFigures | null): string =>
  figures?.volume == null ? "" : thousands(figures.volume);

function LoadTable({ rows, view }: { rows: readonly LoadRow[]; view: AthleteView }) {
  const total = (of: (row: LoadRow) => LoadFigures | null) =>
    rows.reduce((sum, row) => sum + (of(row)?.volume ?? 0), 0);
  const weighed = rows.some(({ planned, done }) => planned?.volume || done?.volume);
  return (
    <div className="mt-2 overflow-x-auto" role="region" tabIndex={0} aria-label="The week's load">
      <table className="w-full min-w-[36rem] border-t border-ink text-sm">
        <thead>
          <tr className="label text-left">
            <th className="py-1 font-normal">Day</th>
            <th className="font-normal">For</th>
            <th className="font-normal">Drill</th>
            <th className="font-normal">Planned</th>
            <th className="font-normal">Done</th>
            <th className="text-right font-normal">{weighed ? "kg planned" : ""}</th>
            <th className="text-right font-normal">{weighed ? "kg done" : ""}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, at) => {
            const drill = drillOf(view.library, row.drillId);
            const first = rows[at - 1]?.on !== row.on;
            return (
              <tr
                key={at}
                className={`${first ? "border-t border-ink" : "border-t border-line"} ${row.part === "warm-up" ? "text-muted" : ""}`}
              >
                <td className="whitespace-nowrap py-1 pr-3">{first ? shortDay(row.on) : ""}</td>
                <td className="whitespace-nowrap pr-3">{row.part}</td>
                <td className="pr-3">
                  {drill?.name ?? row.drillId}
                  {drill ? (
                    <span className="text-muted"> {rungOf(drill, row.rungId).name}</span>
                  ) : null}
                </td>
                <td className="figures whitespace-nowrap pr-3">{said(row.planned)}</td>
                <td className="figures whitespace-nowrap pr-3">{said(row.done)}</td>
                <td className="figures text-right">{kilos(row.planned)}</td>
                <td className="figures text-right">{kilos(row.done)}</td>
              </tr>
            );
          })}
        </tbody>
        <tfoot className={weighed ? "" : "hidden"}>
          <tr className="border-t border-ink font-bold">
            <td className="py-1" colSpan={5}>
              In all, weight × sets × times, both sides
            </td>
            <td className="figures text-right">{thousands(total(({ planned }) => planned))}</td>
            <td className="figures text-right">{thousands(total(({ done }) => done))}</td>
          </tr>
        </tfoot>
      </table>
    </div>
  );
}

/** What was lifted of each drill, week by week. */
function Volumes({ view, monday }: { view: AthleteView; monday: string }) {
  const from = plusDays(monday, -7 * (weeksShown - 1));
  const found = useMemo(() => loadVolumes(view, from, monday), [view, from, monday]);
  const drills = [...new Set(found.map(({ drillId }) => drillId))];
  if (drills.length === 0) return null;
  const mondays = Array.from({ length: weeksShown }, (_, n) => plusDays(from, 7 * n));
  return (
    <section className="mt-5" aria-label="Kilograms by week">
      <h2 className="text-xl">Kilograms by week</h2>
      <div className="overflow-x-auto" role="region" tabIndex={0} aria-label="Kilograms by week">
        <table className="mt-1 w-full min-w-[36rem] border-t border-ink text-sm">
          <thead>
            <tr className="label text-right">
              <th className="py-1 text-left font-normal">Drill</th>
              {mondays.map((one) => (
                <th key={one} className="font-normal">
                  {shortDay(one)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {drills.map((drillId) => (
              <tr key={drillId} className="border-t border-line">
                <td className="py-1 pr-3">{drillOf(view.library, drillId)?.name ?? drillId}</td>
                {mondays.map((one) => {
                  const sum = found.find((row) => row.monday === one && row.drillId === drillId);
                  return (
                    <td key={one} className="figures text-right">
                      {sum ? thousands(sum.all) : "–"}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
