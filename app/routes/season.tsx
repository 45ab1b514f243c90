import { StationLayout } from "../parts/frame/frame";
import { SeasonTabs } from "../parts/season/season-tabs";
import { WeekDesk } from "../parts/season/week-desk";
import { athleteView } from "../view";
import { still } from "../parts/still";
import type { Route } from "./+types/season";
import { performSent } from "../acts/perform";

export { ErrorBoundary } from "../parts/frame/broken";

export const clientLoader = ({ params, request }: Route.ClientLoaderArgs) =>
  athleteView(params.athleteId, request);

export const clientAction = ({ params, request }: Route.ClientActionArgs) =>
  performSent(request, params);

/** Season: what happens in the week, and what it is for. */
function SeasonStation({ loaderData: view }: Route.ComponentProps) {
  return (
    <StationLayout wide figure={null}>
      <SeasonTabs athleteId={view.athlete.id} />
      <WeekDesk view={view} />
    </StationLayout>
  );
}

export default still(SeasonStation);
