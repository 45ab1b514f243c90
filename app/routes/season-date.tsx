import { StationLayout } from "../parts/frame/frame";
import { DateDesk } from "../parts/season/date-desk";
import { SeasonTabs } from "../parts/season/season-tabs";
import { athleteView } from "../view";
import type { Route } from "./+types/season-date";

export { ErrorBoundary } from "../parts/frame/broken";

export const clientLoader = ({ params, request }: Route.ClientLoaderArgs) =>
  athleteView(params.athleteId, request);

/** The date: whether every demand is met by then, what holds it back, and what would help. */
export default function SeasonDate({ loaderData: view }: Route.ComponentProps) {
  return (
    <StationLayout wide figure={null}>
      <SeasonTabs athleteId={view.athlete.id} />
      <DateDesk view={view} />
    </StationLayout>
  );
}
