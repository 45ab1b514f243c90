import { useState } from "react";
import { redirect } from "react-router";
import type { Prep } from "#core/records/records";
import { planPrep, type Plan } from "#core/prep/plan";
import { schoolsFor } from "#core/content/schools";
import { prepShown, type ShownPrep } from "#core/situation/planning";
import { requestOf } from "#core/situation/request-of";
import { DrillSheet } from "../parts/prep/drill-sheet";
import { PrepDesk } from "../parts/prep/prep-desk";
import { StationLayout } from "../parts/frame/frame";
import { StationFigure } from "../parts/station-figure";
import { newId } from "../clock";
import { planDay } from "../plan-day";
import type { ActName } from "#core/acts/decide";
import { athleteView, type AthleteView } from "../view";
import { still } from "../parts/still";
import type { Route } from "./+types/prep";
import { performSent } from "../acts/perform";

export { ErrorBoundary } from "../parts/frame/broken";

let shown: ({ view: AthleteView; asked: string | null; on: string } & ShownPrep) | null = null;

let lastPlan: { view: AthleteView; prep: Prep; plan: Plan } | null = null;

/** What a new plan would be; worked out once for a view and prep. */
function planFor(view: AthleteView, prep: Prep): Plan {
  if (lastPlan?.view !== view || lastPlan.prep !== prep)
    lastPlan = { view, prep, plan: planPrep(requestOf(view, prep)) };
  return lastPlan.plan;
}

/** The prep of the day looked at, or of one to come; from today on, a proposal where there is none yet. */
export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const view = await athleteView(params.athleteId, request);
  const asked = new URL(request.url).searchParams.get("prep");
  const on = planDay(request, view);
  if (shown?.view !== view || shown.asked !== asked || shown.on !== on)
    shown = { view, asked, on, ...prepShown(view, on, asked, newId("prep")) };
  const { prep, kept } = shown;
  const plan = prep && on >= view.today ? planFor(view, prep) : null;
  return { view, on, prep, kept, plan };
}

export async function clientAction({ params, request }: Route.ClientActionArgs) {
  const { act } = (await request.clone().json()) as { act: ActName };
  const came = await performSent(request, params);
  if (!("done" in came)) return came;
  return act === "start-run" ? redirect(`/at/${params.athleteId}/run`) : came;
}

/** Prep: drill by drill into the minutes there are. */
function PrepStation({ loaderData }: Route.ComponentProps) {
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

export default still(PrepStation);
