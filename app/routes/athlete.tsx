import { Outlet, useLocation } from "react-router";
import { nextMove, stations, type Station } from "#core/season/next-move";
import { Frame } from "../parts/frame/frame";
import { Tape } from "../parts/frame/tape";
import { aimSentence } from "../parts/words";
import { athleteView } from "../view";
import type { Route } from "./+types/athlete";

export const clientLoader = ({ params, request }: Route.ClientLoaderArgs) =>
  athleteView(params.athleteId, request);

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: loaderData ? `${loaderData.athlete.name} · Yearling` : "Yearling" },
];

/** The walk: rail, tape, the station, the next move. */
export default function AthleteWalk({ loaderData: view }: Route.ComponentProps) {
  const last = useLocation().pathname.split("/").at(-1) as Station;
  const here = stations.includes(last) ? last : null;
  return (
    <Frame
      subject={{ id: view.athlete.id, name: view.athlete.name, aim: aimSentence(view) }}
      tape={<Tape view={view} />}
      move={nextMove({ ...view, here })}
    >
      <Outlet />
    </Frame>
  );
}
