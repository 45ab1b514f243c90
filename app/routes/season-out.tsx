import { StationLayout } from "../parts/frame/frame";
import { OutDesk } from "../parts/season/out-desk";
import { SeasonTabs } from "../parts/season/season-tabs";
import { athleteView } from "../view";
import type { Route } from "./+types/season-out";

export { ErrorBoundary } from "../parts/frame/broken";

export const clientLoader = ({ params, request }: Route.ClientLoaderArgs) =>
  athleteView(params.athleteId, request);

/** What leaves the season: sheets, the calendar, tables. */
export default function SeasonOut({ loaderData: view }: Route.ComponentProps) {
  return (
    <StationLayout wide figure={null}>
      <SeasonTabs athleteId={view.athlete.id} />
      <OutDesk view={view} />
    </StationLayout>
  );
}
