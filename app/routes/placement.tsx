import { sportsIn } from "#core/body/sports";
import { laddersToPlace } from "#core/prep/placement";
import { newPrep } from "#core/situation/planning";
import { requestOf } from "#core/situation/request-of";
import type { ShouldRevalidateFunctionArgs } from "react-router";
import { newId } from "../clock";
import { StationLayout } from "../parts/frame/frame";
import { PlacementWalk } from "../parts/prep/placement";
import { StationFigure } from "../parts/station-figure";
import { athleteView } from "../view";
import type { Route } from "./+types/placement";
import { performSent } from "../acts/perform";

export { ErrorBoundary } from "../parts/frame/broken";

/** The ladders that this athlete is not placed on yet, those that matter most first. */
export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const view = await athleteView(params.athleteId, request);
  const { athlete, library, logs } = view;
  const terms = requestOf(view, newPrep(view, view.today, newId("prep")));
  const done = new Set([
    ...logs.flatMap(({ items }) => items.map(({ drillId }) => drillId)),
    ...athlete.nextChosen.map(({ drillId }) => drillId),
  ]);
  const experience = { years: athlete.years, sports: sportsIn(athlete.discipline) };
  return { view, ladders: laddersToPlace(terms, library, experience, done) };
}

export const clientAction = ({ params, request }: Route.ClientActionArgs) =>
  performSent(request, params);

/** What was asked does not change under the thumb when it is kept. */
export const shouldRevalidate = ({ currentParams, nextParams }: ShouldRevalidateFunctionArgs) =>
  currentParams.athleteId !== nextParams.athleteId;

/** Three minutes of pictures: on which rung does this athlete begin? */
export default function PlacementStation({ loaderData: { view, ladders } }: Route.ComponentProps) {
  return (
    <StationLayout figure={<StationFigure view={view} />}>
      <PlacementWalk view={view} ladders={ladders} />
    </StationLayout>
  );
}
