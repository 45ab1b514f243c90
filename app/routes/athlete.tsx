import { Outlet, useLocation } from "react-router";
import { nextMove } from "#core/season/next-move";
import { stations, type Station } from "#core/season/walk";
import { Frame } from "../parts/frame/frame";
import { NextLine } from "../parts/frame/next-line";
import { Tape } from "../parts/frame/tape";
import { aimSentence } from "../parts/words";
import { isHanded } from "../store/handed";
import { rememberLast } from "../store/last-athlete";
import { fileDue } from "../store/keeping";
import { titleWords } from "#words/frame";
import { athleteView } from "../view";
import { still } from "../parts/still";
import type { Route } from "./+types/athlete";

export { ErrorBoundary } from "../parts/frame/broken";

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const view = await athleteView(params.athleteId, request);
  rememberLast(params.athleteId);
  const handed = view.notebook === "own" && (await isHanded(params.athleteId));
  return { view, fileDue: await fileDue(), handed };
}

export const meta: Route.MetaFunction = ({ loaderData, location }) => [
  { title: titleWords(location.pathname, loaderData?.view.athlete.name ?? "") },
];

/** The walk: rail, tape, the station, the next move. */
function AthleteWalk({ loaderData: { view, fileDue, handed } }: Route.ComponentProps) {
  const last = useLocation().pathname.split("/").at(-1) as Station;
  const here = stations.includes(last) ? last : null;
  const move = nextMove({ ...view, here, fileDue });
  return (
    <Frame
      subject={{ id: view.athlete.id, name: view.athlete.name, aim: aimSentence(view), handed }}
      tape={<Tape view={view} />}
      move={move}
      next={<NextLine athleteId={view.athlete.id} move={move} here={here} />}
      here={here}
    >
      <Outlet />
    </Frame>
  );
}

export default still(AthleteWalk);
