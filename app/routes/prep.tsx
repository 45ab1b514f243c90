import { useState } from "react";
import { redirect } from "react-router";
import type { Prep } from "#core/records/records";
import { planPrep, type Plan } from "#core/prep/plan";
import { schoolsFor } from "#core/content/schools";
import { newPrep, planned, prepOfSlot, requestOf, waitingOn } from "#core/situation/planning";
import { DrillSheet } from "../parts/prep/drill-sheet";
import { PrepDesk } from "../parts/prep/prep-desk";
import { StationLayout } from "../parts/frame/frame";
import { StationFigure } from "../parts/station-figure";
import { removeDrill, removeFormat, saveDrill, saveFormat, saveSchools } from "../storage/formats";
import {
  addDrill,
  dropItem,
  editItem,
  extraItem,
  fillUp,
  keepAsOwn,
  keepPreps,
  lockItem,
  planAgain,
  reorder,
  removeOwn,
  repair,
  retime,
  startRun,
  swapItem,
  takeProven,
  takeOwn,
} from "../storage/preps";
import { newId } from "../clock";
import { athleteView, type AthleteView } from "../view";
import type { Route } from "./+types/prep";

export { ErrorBoundary } from "../parts/frame/broken";

let proposal: { view: AthleteView; asked: string | null; prep: Prep } | null = null;

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
  const asked = new URL(request.url).searchParams.get("prep");
  const onDay = view.preps.filter((prep) => prep.on === view.day);
  const waiting = waitingOn(view, view.day);
  const slot = waiting.find(({ id }) => id === asked);
  const kept = slot
    ? undefined
    : (onDay.find(({ id }) => id === asked) ??
      onDay.find((prep) => !view.logs.some((log) => log.prepId === prep.id)) ??
      onDay[0]);
  if (!kept && view.day === view.today && (proposal?.view !== view || proposal.asked !== asked)) {
    const blank = slot ? prepOfSlot(view, slot) : newPrep(view, view.today, newId("prep"));
    proposal = { view, asked, prep: planned(view, blank).prep };
  }
  const prep = kept ?? (view.day === view.today ? proposal!.prep : null);
  const plan = prep && view.day === view.today ? planFor(view, prep) : null;
  return { view, prep, kept: Boolean(kept), plan };
}

export async function clientAction({ params, request }: Route.ClientActionArgs) {
  const sent = (await request.clone().json()) as { intent: string };
  const view = await athleteView(params.athleteId, request);
  switch (sent.intent) {
    case "plan":
      return planAgain(view, sent);
    case "retime":
      return retime(view, sent);
    case "order":
      return reorder(view, sent);
    case "repair":
      return repair(view, sent);
    case "lock":
      return lockItem(sent);
    case "drop":
      return dropItem(view, sent);
    case "add":
      return addDrill(view, sent);
    case "swap":
      return swapItem(sent);
    case "edit":
      return editItem(view, sent);
    case "extra":
      return extraItem(view, sent);
    case "fill":
      return fillUp(view, sent);
    case "keep-own":
      return keepAsOwn(sent);
    case "use-own":
      return takeOwn(view, sent);
    case "remove-own":
      return removeOwn(sent);
    case "keep-preps":
      return keepPreps(sent);
    case "proven": {
      const proven = await takeProven(sent);
      if (proven && proposal?.prep.id === proven.id) proposal = { ...proposal, prep: proven };
      return null;
    }
    case "save-format":
      return saveFormat(sent);
    case "remove-format":
      return removeFormat(sent);
    case "save-drill":
      return saveDrill(sent);
    case "remove-drill":
      return removeDrill(sent);
    case "schools":
      return saveSchools(sent);
    case "run":
      if ((await startRun(view, sent)) === "unsafe") return null;
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
    <StationLayout
      figure={
        item ? (
          <DrillSheet
            item={item}
            library={view.library}
            discomfort={schoolsFor(view.settings.schools, view.athlete.schools).discomfort}
            close={() => setPicked(null)}
          />
        ) : (
          <StationFigure view={view} />
        )
      }
    >
      <PrepDesk {...loaderData} picked={picked} pick={setPicked} />
    </StationLayout>
  );
}
