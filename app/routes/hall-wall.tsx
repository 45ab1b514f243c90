import { Link, redirect } from "react-router";
import { performSent } from "../acts/perform";
import { hallView, sessionOf } from "../hall";
import { HallWall } from "../parts/hall/hall-wall";
import { useFreshData } from "../parts/frame/use-notebook";
import type { Route } from "./+types/hall-wall";

export { ErrorBoundary } from "../parts/frame/broken";

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const view = await hallView(params.groupId);
  const hall = sessionOf(view, new URL(request.url).searchParams.get("session"));
  if (hall?.way === "in-step") throw redirect(`/hall/${view.id}/session?session=${hall.id}`);
  return { view, hall };
}
export const clientAction = ({ request }: Route.ClientActionArgs) => performSent(request);

export const meta: Route.MetaFunction = () => [{ title: "Hall · Yearling" }];

/** The wall screen: one clock, who is where now, and who goes where next. */
export default function HallWallPage({ loaderData: { view, hall } }: Route.ComponentProps) {
  useFreshData();
  if (!hall)
    return (
      <main
        data-run
        className="grid min-h-dvh content-center gap-6 bg-[#0e1213] p-8 text-[#f2eee4]"
      >
        <h1 className="text-5xl">There is no session at stations today.</h1>
        <Link className="text-xl underline" to={`/hall/${view.id}/session`}>
          Plan one
        </Link>
      </main>
    );
  return <HallWall key={hall.id} view={view} hall={hall} />;
}
