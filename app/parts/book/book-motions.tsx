import { lazy, Suspense, useMemo } from "react";
import { motionOf, type MotionId } from "#core/body/motions";
import { weekDoses, workKinds, type WeekDose } from "#core/doses/ledger";
import { plusDays } from "#core/dates/days";
import type { AthleteView } from "../../view";
import { hasWords, workFills, workWords } from "./book-words";
import { PullPush } from "./pull-push";

const DoseChart = lazy(() => import("./dose-chart").then((part) => ({ default: part.DoseChart })));

/** So many weeks are looked back on. */
const weeksBack = 12;

const total = (week: WeekDose): number => workKinds.reduce((sum, kind) => sum + week[kind], 0);

/** The book by joint motion: minutes a week by kind of work, and pulling against pushing. */
export function BookMotions({
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
  const doses = useMemo(
    () => weekDoses(view.logs, view.library, plusDays(view.day, -7 * (weeksBack - 1)), view.day),
    [view],
  );
  const rows = useMemo(() => {
    const asked = new Set(view.allGaps.map(({ demand }) => demand.motion));
    return [...doses]
      .map(([motion, weeks]) => ({
        motion,
        weeks,
        asked: asked.has(motion),
        sum: weeks.reduce((all, week) => all + total(week), 0),
      }))
      .sort((a, b) => Number(b.asked) - Number(a.asked) || b.sum - a.sum);
  }, [doses, view.allGaps]);
  const found = rows.filter(({ motion }) => hasWords(search, [motionOf(motion).name]));
  const one = found.find(({ motion }) => motion === chosen) ?? found[0];
  if (rows.length === 0)
    return <p className="mt-4 text-muted">Nothing was worked on in these weeks.</p>;
  const most = Math.max(...rows.map(({ sum }) => sum));
  return (
    <>
      <PullPush view={view} />
      {one ? (
        <section aria-label={motionOf(one.motion).name} className="mt-4">
          <h2 className="text-2xl">{motionOf(one.motion).name}</h2>
          <p className="text-sm text-muted">
            Minutes a week, both sides, by what counts for it.{" "}
            {workKinds.map((kind) => (
              <span key={kind} className="mr-3 inline-flex items-center gap-1.5">
                <span
                  className="inline-block size-3 border border-ink"
                  style={{ background: workFills[kind] }}
                />
                {workWords[kind]}
              </span>
            ))}
          </p>
          <Suspense fallback={<div className="h-52" />}>
            <DoseChart name={`${motionOf(one.motion).name}, minutes by week`} weeks={one.weeks} />
          </Suspense>
        </section>
      ) : null}
      <ul className="mt-3 border-t border-ink sm:columns-2 sm:gap-8" aria-label="Motions worked on">
        {found.map(({ motion, sum, asked }) => (
          <li key={motion} className="break-inside-avoid border-b border-line">
            <MotionRow
              motion={motion}
              asked={asked}
              minutes={sum / 60}
              share={sum / most}
              on={motion === one?.motion}
              press={() => choose(motion)}
            />
          </li>
        ))}
      </ul>
    </>
  );
}

function MotionRow({
  motion,
  asked,
  minutes,
  share,
  on,
  press,
}: {
  motion: MotionId;
  asked: boolean;
  minutes: number;
  share: number;
  on: boolean;
  press: () => void;
}) {
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={press}
      className={`grid min-h-9 w-full grid-cols-[1fr_4rem_minmax(4.5rem,auto)] items-center gap-2 text-left text-sm ${on ? "bg-raised font-semibold" : ""}`}
    >
      <span>
        {motionOf(motion).name}
        {asked ? <span className="ml-2 font-normal text-muted">asked</span> : null}
      </span>
      <span className="h-2 bg-[var(--phase-own)]" style={{ width: `${100 * share}%` }} />
      <span className="figures whitespace-nowrap text-right">{Math.round(minutes)} min</span>
    </button>
  );
}
