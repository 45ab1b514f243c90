import { useState } from "react";
import { Link, redirect } from "react-router";
import { CautionLines } from "../parts/cautions";
import { StationLayout } from "../parts/frame/frame";
import { TaughtRun } from "../parts/frame/taught";
import { draftLog } from "../parts/log/draft";
import { DrillBeside, drillUnder, type DrillUnder } from "../parts/log/drill-beside";
import { DayMarks } from "../parts/log/day-marks";
import { LogForm } from "../parts/log/log-form";
import { LogList } from "../parts/log/log-list";
import { LogTabs } from "../parts/log/log-tabs";
import { WhatFollows } from "../parts/log/what-follows";
import { say } from "../parts/say";
import { longDay } from "#words/days";
import { athleteView, type AthleteView } from "../view";
import type { ActName, AnswerOf } from "#core/acts/decide";
import { performSent } from "../acts/perform";
import { removedWithLocks } from "#words/acts";
import { still } from "../parts/still";
import type { Route } from "./+types/log";

export { ErrorBoundary } from "../parts/frame/broken";

/** The log that is asked for, else the day's, else a draft of the day's prep, else nothing to fill in. */
export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const view = await athleteView(params.athleteId, request);
  const query = new URL(request.url).searchParams;
  const wish = query.get("log");
  const onDay = view.logs.filter((log) => log.on === view.day);
  const known =
    wish && wish !== "new"
      ? (view.logs.find(({ id }) => id === wish) ?? null)
      : wish === "new"
        ? null
        : (onDay.at(-1) ?? null);
  const prep =
    view.preps.find((p) => p.on === view.day && !view.logs.some((log) => log.prepId === p.id)) ??
    null;
  return { view, known, prep };
}

export async function clientAction({ params, request }: Route.ClientActionArgs) {
  const { act } = (await request.clone().json()) as { act: ActName };
  const came = await performSent(request, params);
  if (!("done" in came)) return came;
  if (act === "save-log") {
    say("The log is kept.");
    const { kept } = came.done as AnswerOf<"save-log">;
    return redirect(`/at/${params.athleteId}/log?log=${kept}`);
  }
  if (act === "remove-log") {
    const { lifted } = came.done as AnswerOf<"remove-log">;
    if (lifted.length > 0) say(removedWithLocks(lifted));
  }
  return came;
}

let draft: { key: string; log: ReturnType<typeof draftLog> } | null = null;

/** One draft for a day and prep, so that a fresh reading of the page does not start another; a kept one is no draft any more. */
function draftFor(
  { athlete, day, logs }: AthleteView,
  prep: Parameters<typeof draftLog>[2],
): ReturnType<typeof draftLog> {
  const key = `${athlete.id}/${day}/${prep?.id ?? ""}`;
  const kept = logs.some(({ id }) => id === draft?.log.id);
  if (draft?.key !== key || kept) draft = { key, log: draftLog(athlete.id, day, prep) };
  return draft.log;
}

/** Log: what was done against what was planned, how it felt, and what follows. */
function LogStation({ loaderData: { view, known, prep } }: Route.ComponentProps) {
  const start = known ?? draftFor(view, prep);
  const [last, setLast] = useState<DrillUnder | null>(null);
  const under = last ?? start.items[0] ?? null;
  const look = ({ target }: { target: EventTarget }) => {
    const found = drillUnder(target);
    if (found && (found.drillId !== last?.drillId || found.rungId !== last.rungId)) setLast(found);
  };
  return (
    <StationLayout
      figure={
        under ? (
          <DrillBeside under={under} library={view.library} />
        ) : (
          <TaughtRun library={view.library} athleteId={view.athlete.id} />
        )
      }
      look={look}
    >
      <LogTabs athleteId={view.athlete.id} />
      <h1 className="text-3xl">
        {known
          ? `${known.on === view.today ? "Today" : longDay(known.on)}, as it went`
          : prep
            ? "How did it go?"
            : "What was done?"}
      </h1>
      <p className="mt-1 text-muted">
        {known
          ? "Form and pain decide what comes next."
          : prep
            ? "The prep was not run here: fill in what was done."
            : "No open prep on this day: add the drills that were done."}
        {known ? (
          <>
            {" "}
            <Link className="underlined" to="?log=new">
              Write another
            </Link>
          </>
        ) : null}
      </p>
      <DayMarks on={start.on} note={view.days.find(({ on }) => on === start.on) ?? null} />
      <LogForm key={start.id} view={view} start={start} isNew={!known} />
      {known ? (
        <WhatFollows view={view} drillIds={known.items.map(({ drillId }) => drillId)} />
      ) : null}
      <LogList view={view} shown={known?.id ?? null} />
      <div className="mt-6">
        <CautionLines cautions={[]} always />
      </div>
    </StationLayout>
  );
}

export default still(LogStation);
