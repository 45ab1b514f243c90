import { StationLayout } from "../parts/frame/frame";
import { DoseDesk } from "../parts/season/dose-desk";
import { SeasonTabs } from "../parts/season/season-tabs";
import { athleteView } from "../view";
import { performSent } from "../acts/perform";
import type { Route } from "./+types/season-dose";

export { ErrorBoundary } from "../parts/frame/broken";

export const clientLoader = ({ params, request }: Route.ClientLoaderArgs) =>
  athleteView(params.athleteId, request);

export const clientAction = ({ params, request }: Route.ClientActionArgs) =>
  performSent(request, params);

/** Enough, too much: what every joint got by week against the plan and the cap. */
export default function SeasonDose({ loaderData: view }: Route.ComponentProps) {
  return (
    <StationLayout wide figure={null}>
      <SeasonTabs athleteId={view.athlete.id} />
      <DoseDesk view={view} />
    </StationLayout>
  );
}
