import { useState } from "react";
import { redirect } from "react-router";
import type { Prep } from "#core/exchange/records";
import { planPrep, type Plan } from "#core/prep/plan";
import { requestOf, newPrep, planned } from "../planning";
import { DrillSheet } from "../parts/prep/drill-sheet";
import { PrepDesk } from "../parts/prep/prep-desk";
import { Station } from "../parts/frame/frame";
import { StationFigure } from "../parts/station-figure";
import { bringBack, dropItem, lockItem, planAgain, reorder, startRun } from "../storage/preps";
import { athleteView, type AthleteView } from "../view";
import type { Route } from "./+types/prep";

let proposal: { view: AthleteView; prep: ReturnType<typeof planned>["prep"] } | null = null;

let lastPlan: { view: AthleteView; prep: Prep; plan: Plan } | null = null;

/** What a new plan would be; worked out once for a view and prep. */
function planFor(view: AthleteView, prep: Prep): Plan {
  if (lastPlan?.view !== view || lastPlan.prep !== prep)
    lastPlan = { view, prep, plan: planPrep(requestOf(view, prep)) };
  return lastPlan.plan;
}

/** The prep of the day looked at; for today, a proposal where there is none yet. */
export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const view = await athleteView(params.athleteId, request);
  const kept =
    view.preps.find(
      (prep) => prep.on === view.day && !view.logs.some((log) => log.prepId === prep.id),
    ) ?? view.preps.find((prep) => prep.on === view.day);
  if (!kept && view.day === view.today && proposal?.view !== view)
    proposal = { view, prep: planned(view, newPrep(view, view.today)).prep };
  const prep = kept ?? (view.day === view.today ? proposal!.prep : null);
  const leftOut = prep && view.day === view.today ? planFor(view, prep) : null;
  return {
    view,
    prep,
    kept: Boolean(kept),
    leftOut:
      leftOut?.leftOut.filter(
        ({ drillId }) => !prep!.items.some((item) => item.drillId === drillId),
      ) ?? [],
  };
}

export async function clientAction({ params, request }: Route.ClientActionArgs) {
  const sent = (await request.clone().json()) as { intent: string };
  const view = await athleteView(params.athleteId, request);
  switch (sent.intent) {
    case "plan":
      return planAgain(view, sent);
    case "order":
      return reorder(view, sent);
    case "lock":
      return lockItem(sent);
    case "drop":
      return dropItem(view, sent);
    case "bring-back":
      return bringBack(view, sent);
    case "run":
      await startRun(view, sent);
      return redirect(`/at/${params.athleteId}/run`);
    default:
      throw new Response(`The prep station does not know “${sent.intent}”.`, { status: 400 });
  }
}

/** Prep: drill by drill into the minutes there are. */
export default function PrepStation({ loaderData }: Route.ComponentProps) {
  const { view, prep } = loaderData;
  const [picked, setPicked] = useState<string | null>(null);
  const item = prep?.items.find(({ id }) => id === picked);
  return (
    <Station
      figure={
        item ? (
          <DrillSheet item={item} library={view.library} close={() => setPicked(null)} />
        ) : (
          <StationFigure view={view} />
        )
      }
    >
      <PrepDesk {...loaderData} picked={picked} pick={setPicked} />
    </Station>
  );
}
