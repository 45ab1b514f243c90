import { CautionLines } from "../parts/cautions";
import { Station } from "../parts/frame/frame";
import { GapDesk } from "../parts/gap/gap-desk";
import { StationFigure } from "../parts/station-figure";
import { athleteView } from "../view";
import type { Route } from "./+types/gap";

export const clientLoader = ({ params, request }: Route.ClientLoaderArgs) =>
  athleteView(params.athleteId, request);

/** Gap: every demand against what the athlete has, what limits most first. */
export default function GapStation({ loaderData: view }: Route.ComponentProps) {
  return (
    <Station figure={<StationFigure view={view} />}>
      <GapDesk view={view} />
      <div className="mt-6">
        <CautionLines cautions={view.cautions} />
      </div>
    </Station>
  );
}
