import { useMemo, useState } from "react";
import { Download } from "lucide-react";
import { useNavigate } from "react-router";
import { rankedGaps } from "#core/limit/ranked-gaps";
import { checksCsv } from "#core/exchange/checks-csv";
import { skillOf } from "#core/content/library";
import { bodyMarks, recordRows, type RecordInput, type RecordRow } from "#core/aim/record";
import { plusDays } from "#core/dates/days";
import { CheckTabs } from "../parts/check/check-tabs";
import { BarChoice } from "../parts/check/round-bar";
import { download } from "../parts/download";
import { StationLayout } from "../parts/frame/frame";
import { TaughtCheck } from "../parts/frame/taught";
import { BodyLegend, BodyMap } from "../parts/record/body-map";
import { KeptPhotos } from "../parts/record/kept-photos";
import { RecordChart } from "../parts/record/record-chart";
import { RecordTable } from "../parts/record/record-table";
import { WhyNote } from "../parts/why";
import { shortDay } from "#words/days";
import { recordWhy } from "#words/forecast";
import { athleteView, type AthleteView } from "../view";
import type { Route } from "./+types/record";

export { ErrorBoundary } from "../parts/frame/broken";

export const clientLoader = ({ params, request }: Route.ClientLoaderArgs) =>
  athleteView(params.athleteId, request);

/** The record as it stood on a day, with the demands of the open aims read on that day. */
function recordOn(view: AthleteView, on: string, since: string) {
  const { athlete, checks, logs, library, aims } = view;
  const gaps = aims
    .filter(({ closedOn }) => !closedOn)
    .flatMap((aim) => {
      const skill = skillOf(library, aim.skillId);
      return skill ? rankedGaps({ athlete, aim, skill, checks, logs, library, on }) : [];
    });
  const input: RecordInput = { athlete, checks, library, gaps, on, since };
  const rows = recordRows(input);
  return { rows, marks: bodyMarks(rows, gaps) };
}

/** The record: the whole body by its margins, everything measured as a table, one motion over time, two dates. */
export default function RecordPage({ loaderData: view }: Route.ComponentProps) {
  const navigate = useNavigate();
  const days = useMemo(
    () =>
      [...new Set(view.checks.map(({ on }) => on))]
        .filter((on) => on <= view.day)
        .sort()
        .reverse(),
    [view.checks, view.day],
  );
  const [since, setSince] = useState(days.at(-1) ?? view.day);
  const [beside, setBeside] = useState("");
  const [filter, setFilter] = useState("");
  const [key, setKey] = useState<string | null>(null);
  const now = useMemo(() => recordOn(view, view.day, since), [view, since]);
  const then = useMemo(
    () => (beside ? recordOn(view, beside, plusDays(beside, -1)) : null),
    [view, beside],
  );
  const chosen =
    now.rows.find((row) => row.key === key) ??
    [...now.rows].sort((a, b) => (b.gap?.limiter ?? -1) - (a.gap?.limiter ?? -1))[0];
  const dayOptions = days.map((day) => [day, shortDay(day)] as const);
  const showJoint = (protocolId: string) => {
    const row = now.rows.find(({ protocol }) => protocol.id === protocolId);
    if (row) setKey(row.key);
    else void navigate(`/at/${view.athlete.id}/check?focus=${protocolId}`);
  };
  return (
    <StationLayout
      figure={
        <>
          <div className="flex min-h-[24rem] flex-1 gap-2">
            {then ? (
              <BodyMap marks={then.marks} onJoint={showJoint} caption={`on ${shortDay(beside)}`} />
            ) : null}
            <BodyMap
              marks={now.marks}
              onJoint={showJoint}
              caption={then ? `on ${shortDay(view.day)}` : "as it is known"}
            />
          </div>
          <BodyLegend />
        </>
      }
    >
      <CheckTabs athleteId={view.athlete.id} />
      <h1 className="text-3xl">{headline(now.rows, view)}</h1>
      {now.rows.length === 0 ? (
        <>
          <p className="mt-2 text-muted">
            A first round fills this page: values with their error, and later what really moved.
          </p>
          <div className="mt-8">
            <TaughtCheck
              library={view.library}
              athleteId={view.athlete.id}
              protocolId={view.allGaps[0]?.protocolId}
            />
          </div>
        </>
      ) : (
        <>
          <div className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-2">
            <label className="grid">
              <span className="label">Show</span>
              <input
                type="search"
                className="field w-40"
                placeholder="joint or check"
                value={filter}
                onChange={(event) => setFilter(event.target.value)}
              />
            </label>
            <BarChoice
              label="Change since"
              value={since}
              options={dayOptions}
              onChange={setSince}
            />
            <BarChoice
              label="Beside it"
              value={beside}
              options={[["", "no other date"], ...dayOptions]}
              onChange={setBeside}
            />
            <button
              type="button"
              className="press"
              onClick={() =>
                download(
                  "checks",
                  checksCsv(
                    view.checks.filter(({ on }) => on <= view.day),
                    [view.athlete],
                    view.library,
                  ),
                  view.athlete.name,
                  { on: view.day },
                )
              }
            >
              <Download size={16} aria-hidden="true" /> All checks as CSV
            </button>
            <WhyNote why={recordWhy} label="why real" />
          </div>
          <div className="mt-3">
            <RecordTable
              rows={now.rows}
              before={then?.rows ?? null}
              beforeOn={beside}
              filter={filter}
              chosen={chosen?.key ?? null}
              choose={setKey}
            />
          </div>
          {chosen ? <RecordChart key={chosen.key} view={view} row={chosen} /> : null}
          <KeptPhotos
            photos={view.photos}
            library={view.library}
            action={`/at/${view.athlete.id}/check`}
          />
        </>
      )}
    </StationLayout>
  );
}

function headline(rows: readonly RecordRow[], view: AthleteView): string {
  if (rows.length === 0) return "Nothing is measured yet.";
  const checks = `${rows.length} check${rows.length === 1 ? "" : "s"} on record`;
  const short = view.allGaps.filter(({ verdict }) => verdict === "short").length;
  const unknown = view.allGaps.filter(({ verdict }) => verdict === "unknown").length;
  const asked = [
    short > 0 ? `${short} short of what is asked` : "",
    unknown > 0 ? `${unknown} asked and not measured` : "",
  ].filter((text) => text !== "");
  return `${[checks, ...asked].join(", ")}.`;
}
