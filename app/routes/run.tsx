import { useState } from "react";
import { Link, redirect } from "react-router";
import { drillOf } from "#core/content/library";
import { rungOf } from "#core/drill/drill";
import { PictureBeside } from "../parts/figure/picture-beside";
import { useAct } from "../parts/use-act";
import { useFreshData } from "../parts/frame/use-notebook";
import { AlongChoice } from "../parts/run/along-choice";
import { RunScreen } from "../parts/run/run-screen";
import { useFrameKeys } from "../parts/frame/keys";
import { athleteView } from "../view";
import type { Route } from "./+types/run";
import type { ActName, AnswerOf } from "#core/acts/decide";
import { performSent } from "../acts/perform";
import { allOfThem } from "../hall";

export { ErrorBoundary } from "../parts/frame/broken";

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const view = await athleteView(params.athleteId, request);
  const run = view.runs[0] ?? null;
  const waiting = run
    ? null
    : (view.preps.find(
        (prep) => prep.on === view.today && !view.logs.some((log) => log.prepId === prep.id),
      ) ?? null);
  return { view, run, waiting };
}

export async function clientAction({ params, request }: Route.ClientActionArgs) {
  const { act } = (await request.clone().json()) as { act: ActName };
  const came = await performSent(request, params);
  if (act === "start-run" && "refused" in came) return redirect(`/at/${params.athleteId}/prep`);
  if (act !== "finish-run" || !("done" in came)) return came;
  const { logId, hall } = came.done as AnswerOf<"finish-run">;
  if (hall) return redirect(`/hall/${hall.groupId ?? allOfThem}/log?session=${hall.id}`);
  return logId ? redirect(`/at/${params.athleteId}/log?log=${logId}`) : came;
}

export const meta: Route.MetaFunction = () => [{ title: "Run · Yearling" }];

/** Run: the prep on the floor. */
export default function RunStation({ loaderData: { view, run, waiting } }: Route.ComponentProps) {
  const { act } = useAct();
  useFreshData();
  const [along, setAlong] = useState<string[]>([]);
  useFrameKeys({ athleteId: run ? null : view.athlete.id, move: null, open: () => undefined });
  if (run)
    return (
      <RunScreen
        key={run.id}
        view={view}
        run={run}
        set={(choice) => act("hear", choice)}
        end={(clean) => act("finish-run", { clean })}
      />
    );
  const [item] = waiting?.items ?? [];
  const drill = drillOf(view.library, item?.drillId ?? "squat-to-stand");
  const first = drill ? { drill, rung: rungOf(drill, item?.rungId ?? drill.rungs[0]!.id) } : null;
  return (
    <main
      data-run
      className="grid min-h-dvh content-center gap-6 bg-[#0e1213] p-8 text-[#f2eee4] sm:p-16"
    >
      <h1 className="text-[clamp(2.2rem,6vw,5rem)]">
        {waiting ? "Ready when you are." : "Nothing is running."}
      </h1>
      <p className="max-w-2xl text-xl text-[#c9c3b3]">
        {view.athlete.name}:{" "}
        {waiting
          ? `${waiting.items.length} drills, ${waiting.budget / 60} minutes, planned for today.`
          : "there is no open prep for today. Plan one, or take the plan as the planner proposes it."}
      </p>
      {first ? (
        <div className="w-full max-w-md bg-paper p-4 text-ink">
          <PictureBeside
            picture={first.rung.picture}
            label={first.drill.name}
            className="h-44 w-full"
          />
          <p className="mt-2 text-center font-display text-lg font-bold">
            {waiting ? "First: " : ""}
            {first.drill.name}
          </p>
        </div>
      ) : null}
      <AlongChoice others={view.others} along={along} choose={setAlong} />
      <p className="flex flex-wrap gap-3">
        <button
          type="button"
          autoFocus
          className="min-h-16 bg-[#e9d9a6] px-8 text-xl font-bold text-[#0e1213]"
          onClick={() => act("start-run", { along })}
        >
          {waiting ? "Start" : "Start the proposed prep"}
        </button>
        <Link
          to={`/at/${view.athlete.id}/prep`}
          className="grid min-h-16 place-items-center border border-[#4a504f] px-8 text-lg"
        >
          Look it over first
        </Link>
      </p>
    </main>
  );
}
