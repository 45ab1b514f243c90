import { TaughtRun } from "../frame/taught";
import { lazy, Suspense, useMemo } from "react";
import { drillOf } from "#core/content/library";
import { rungOf, type Drill } from "#core/drill/drill";
import { drillHistory, type DrillDay } from "#core/progress/drill-history";
import { looseAtMedians } from "#core/progress/loose-at";
import type { AthleteView } from "../../view";
import { NextRow, useNextSteps } from "../log/what-follows";
import { PictureBeside } from "../figure/picture-beside";
import { shortDay } from "#words/days";
import { hasWords } from "./book-words";

const DrillChart = lazy(() =>
  import("./drill-chart").then((part) => ({ default: part.DrillChart })),
);

type Known = { drill: Drill; history: DrillDay[] };

/** Every drill that was ever done, the most often first. */
function knownDrills(view: AthleteView): Known[] {
  const ids = new Set(view.logs.flatMap(({ items }) => items.map(({ drillId }) => drillId)));
  return [...ids]
    .flatMap((id) => {
      const drill = drillOf(view.library, id);
      const history = drill ? drillHistory(drill, view.logs) : [];
      return drill && history.length > 0 ? [{ drill, history }] : [];
    })
    .sort((a, b) => b.history.length - a.history.length);
}

/** The book by drill: how often, on which rung, and one drill over time with what follows. */
export function BookDrills({
  view,
  search,
  chosen,
  choose,
}: {
  view: AthleteView;
  search: string;
  chosen: string | null;
  choose: (id: string) => void;
}) {
  const known = useMemo(() => knownDrills(view), [view]);
  const steps = useNextSteps(view);
  const usual = useMemo(() => looseAtMedians(view.logs, view.today), [view]);
  const found = known.filter(({ drill }) =>
    hasWords(search, [drill.name, drill.region, drill.kind]),
  );
  const one = found.find(({ drill }) => drill.id === chosen) ?? found[0];
  if (known.length === 0)
    return (
      <div className="mt-8">
        <TaughtRun library={view.library} athleteId={view.athlete.id} />
      </div>
    );
  const step = one ? steps.get(one.drill.id) : undefined;
  return (
    <div className="mt-4 grid gap-6 xl:grid-cols-[17rem_1fr]">
      <ul
        className="max-h-56 xl:max-h-[34rem] overflow-y-auto border-t border-ink xl:order-1"
        aria-label="Drills done"
      >
        {found.map(({ drill, history }) => {
          const last = history.at(-1)!;
          return (
            <li key={drill.id} className="border-b border-line">
              <button
                type="button"
                aria-pressed={drill.id === one?.drill.id}
                onClick={() => choose(drill.id)}
                className={`grid min-h-11 w-full grid-cols-[1fr_auto] gap-x-3 py-1 text-left ${drill.id === one?.drill.id ? "bg-raised font-semibold" : ""}`}
              >
                <span className="leading-tight">{drill.name}</span>
                <span className="figures text-sm">{history.length} ×</span>
                <span className="col-span-2 flex items-center gap-2 text-sm font-normal text-muted">
                  <Rungs of={drill.rungs.length} at={last.rung} /> {shortDay(last.on)}
                </span>
              </button>
            </li>
          );
        })}
        {found.length === 0 ? <li className="py-2">No drill of these words was done.</li> : null}
      </ul>
      {one ? (
        <section aria-label={one.drill.name} className="min-w-0 xl:order-2">
          <div className="flex items-end gap-4">
            <PictureBeside
              picture={rungOf(one.drill, one.history.at(-1)!.item.rungId).picture}
              label=""
              className="h-20 w-28 shrink-0"
            />
            <div>
              <h2 className="text-2xl">{one.drill.name}</h2>
              <p className="text-sm text-muted">
                {one.history.length} sessions since {shortDay(one.history[0]!.on)}; now{" "}
                {rungOf(one.drill, one.history.at(-1)!.item.rungId).name.toLowerCase()}, level{" "}
                {one.history.at(-1)!.rung + 1} of {one.drill.rungs.length}
                {usual.has(one.drill.id) ? `; usually loose at ${usual.get(one.drill.id)}` : ""}
              </p>
            </div>
          </div>
          <p className="label mt-3">Level, with repetitions or seconds of a set</p>
          <Suspense fallback={<div className="h-40" />}>
            <DrillChart
              drill={one.drill}
              history={one.history}
              usual={usual.get(one.drill.id) ?? null}
            />
          </Suspense>
          {step ? (
            <>
              <h3 className="label mt-4">Next time</h3>
              <ul className="border-t border-line">
                <NextRow drill={one.drill} step={step} action={`/at/${view.athlete.id}/log`} />
              </ul>
            </>
          ) : null}
        </section>
      ) : null}
    </div>
  );
}

/** The ladder as a row of marks, filled up to the rung. */
function Rungs({ of, at }: { of: number; at: number }) {
  return (
    <span className="inline-flex gap-0.5" role="img" aria-label={`level ${at + 1} of ${of}`}>
      {Array.from({ length: of }, (_, i) => (
        <span
          key={i}
          className={`inline-block h-2.5 w-3 border border-ink ${i <= at ? "bg-ink" : ""}`}
        />
      ))}
    </span>
  );
}
