import { useCallback } from "react";
import { motionOf } from "#core/body/motions";
import { hardDaysAWeek } from "#core/doses/stretch-days";
import { weeklyCap } from "#core/forecast/forecast-answer";
import { plusDays } from "#core/dates/days";
import type { AthleteView } from "../../view";
import { PullPush } from "../book/pull-push";
import { shortDay } from "#words/days";
import { RegionLedger } from "./region-ledger";
import { useSeason, weeksAhead, weeksBack } from "./use-season";
import { WeekDots } from "./week-dots";
import { jointWords } from "#words/slots";
import { Meaning } from "../meaning";

/** Enough, too much: each joint by week against plan and cap, pull and push, what was kept, soreness. */
export function DoseDesk({ view }: { view: AthleteView }) {
  const { regions, summaries } = useSeason(view);
  const asked = useCallback(
    (joint: string) =>
      [...new Set(view.allGaps.map(({ demand }) => demand.motion))]
        .filter((motion) => motionOf(motion).joint === joint)
        .map((motion) => motionOf(motion).name.toLowerCase())
        .join(", "),
    [view],
  );
  const sore = view.days
    .filter(
      ({ on, soreness }) =>
        soreness !== null && on > plusDays(view.today, -7 * weeksBack) && on <= view.today,
    )
    .sort((a, b) => a.on.localeCompare(b.on));
  const worked = regions.filter(({ weeks }) =>
    weeks.some((week) => week.stretch + week.strength + week.planned > 0),
  );
  const idle = regions.filter((region) => !worked.includes(region));
  return (
    <>
      <h1 className="text-3xl">{verdictOf(worked)}</h1>
      <p className="mt-1 text-sm text-muted">
        Minutes a side by week, {weeksBack} back and {weeksAhead} ahead. Full bars: under stretch,
        done. Outline: planned. Hatched: active and loaded work, counted apart. The rule above is
        the cap, {weeklyCap / 60} minutes in {hardDaysAWeek} hard days. A dot is a hard day: ten
        minutes or more. A ring is a session to come, counted as a hard day. <Meaning of="cap" />
      </p>
      {worked.length === 0 ? (
        <p className="mt-4">
          Nothing was worked on yet for the joints the aims ask. The ledger fills from the logs.
        </p>
      ) : (
        worked.map(({ joint, weeks }) => (
          <RegionLedger
            key={joint}
            joint={joint}
            asks={asked(joint)}
            weeks={weeks}
            today={view.today}
          />
        ))
      )}
      {worked.length > 0 && idle.length > 0 ? (
        <p className="mt-2 text-sm">
          Nothing in these weeks:{" "}
          {idle.map(({ joint }) => `${jointWords(joint)} (${asked(joint)})`).join("; ")}.
        </p>
      ) : null}
      <h2 className="mt-6 text-xl">Planned and done</h2>
      <WeekDots
        weeks={summaries.filter((week) => week.monday <= view.today).slice(-(weeksBack + 1))}
      />
      <PullPush view={view} />
      <h2 className="mt-6 text-xl">Soreness noted</h2>
      {sore.length === 0 ? (
        <p className="text-sm text-muted">No day was marked. Marks are made under Log.</p>
      ) : (
        <ol className="mt-1 flex flex-wrap items-end gap-1" aria-label="Soreness by day">
          {sore.map(({ on, soreness, sore: joints }) => (
            <li key={on} className="w-16 text-center">
              <span className="flex h-12 items-end justify-center">
                <span
                  className={`block w-5 border ${soreness! > 4 ? "border-clay bg-clay" : "border-ink"}`}
                  style={{ height: `${Math.max(4, soreness! * 10)}%` }}
                />
              </span>
              <span className="figures block text-xs">{soreness}/10</span>
              <span className="figures block whitespace-nowrap text-xs text-muted">
                {shortDay(on)}
              </span>
              <span className="block truncate text-xs">{joints.map(jointWords).join(", ")}</span>
            </li>
          ))}
        </ol>
      )}
    </>
  );
}

/** The ledgers in one sentence: too much where it is, else what gets least of its plan. */
function verdictOf(rows: ReturnType<typeof useSeason>["regions"]): string {
  const over = rows.find(({ weeks }) =>
    weeks.some((week) => week.hard > hardDaysAWeek || week.stretch > weeklyCap),
  );
  if (over) return `Too much for the ${jointWords(over.joint)} in some week.`;
  const kept = rows.flatMap(({ joint, weeks }) => {
    const past = weeks.filter(({ planned, stretch }) => planned > 0 && stretch + planned > 0);
    const planned = past.reduce((sum, week) => sum + week.planned, 0);
    const done = past.reduce((sum, week) => sum + week.stretch, 0);
    return planned > 0 ? [{ joint, share: done / planned }] : [];
  });
  const least = kept.sort((a, b) => a.share - b.share)[0];
  if (!least) return "No overload; nothing is planned to compare it with.";
  return least.share < 0.6
    ? `No overload. The ${jointWords(least.joint)} is furthest behind its plan.`
    : "No overload, and close to the plan.";
}
