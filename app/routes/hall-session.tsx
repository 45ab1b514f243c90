import { ClipboardCheck, MonitorPlay, Play, Printer, RotateCcw, Trash2 } from "lucide-react";
import { useState } from "react";
import { Link, redirect, useSearchParams } from "react-router";
import type { ActName, AnswerOf } from "#core/acts/decide";
import { clock } from "#core/drill/dose";
import { hallSeconds } from "#core/hall/clock";
import type { Hall } from "#core/records/records";
import { seatProofWords, sessionTitle } from "#words/hall";
import { many } from "#words/plain";
import { performSent } from "../acts/perform";
import { hallView, sessionOf, type HallView } from "../hall";
import { NobodyHere } from "../parts/hall/nobody";
import { InStepList } from "../parts/hall/in-step-list";
import { PlanForm } from "../parts/hall/plan-form";
import { StationsGrid } from "../parts/hall/stations-grid";
import { useMembers } from "../parts/hall/use-members";
import { useSeatProof } from "../parts/hall/use-seat-proof";
import { useAct } from "../parts/use-act";
import type { Route } from "./+types/hall-session";

export { ErrorBoundary } from "../parts/frame/broken";

export const clientLoader = ({ params }: Route.ClientLoaderArgs) => hallView(params.groupId);

export async function clientAction({ request }: Route.ClientActionArgs) {
  const { act } = (await request.clone().json()) as { act: ActName };
  const came = await performSent(request);
  if (act !== "start-hall" || !("done" in came)) return came;
  return redirect(`/at/${(came.done as AnswerOf<"start-hall">).athleteId}/run`);
}

/** One session for all of them: planned, shown, and begun. */
export default function HallSession({ loaderData: view }: Route.ComponentProps) {
  const [query] = useSearchParams();
  const who = query.get("who")?.split(",") ?? null;
  const hall = who ? null : sessionOf(view, query.get("session"));
  const people = who ?? view.people.map(({ athlete }) => athlete.id);
  if (hall) return <Session key={hall.id} view={view} hall={hall} />;
  if (people.length === 0) return <NobodyHere groupId={view.id} />;
  return (
    <>
      <p className="text-lg">One session for all of them, everybody on their own level.</p>
      <PlanForm
        key={`${view.id}/${people.join()}`}
        view={view}
        hall={null}
        who={people}
        placeId={query.get("place") ?? view.group?.placeId ?? usualPlace(view, people)}
        close={null}
      />
    </>
  );
}

/** Where most of them usually train; null where nobody has said. */
function usualPlace({ everybody }: HallView, who: readonly string[]): string | null {
  const counts = new Map<string, number>();
  for (const { id, placeId } of everybody)
    if (placeId && who.includes(id)) counts.set(placeId, (counts.get(placeId) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null;
}

function Session({ view, hall }: { view: HallView; hall: Hall }) {
  const { act, busy } = useAct();
  const [anew, setAnew] = useState(false);
  const members = useMembers(view, hall);
  const proof = useSeatProof(view, hall, (seats) => act("take-seats", { id: hall.id, seats }));
  const reading = hall.people.length - members.size;
  const begun = hall.events.length > 0;
  const change = (what: Parameters<typeof act<"change-hall">>[1]["change"]) =>
    act("change-hall", { id: hall.id, change: what });
  const base = `/hall/${view.id}`;
  return (
    <>
      <div className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
        <h2 className="text-2xl">
          {sessionTitle(hall, view.places)}{" "}
          <span className="figures text-xl">{clock(hallSeconds(hall, view.library))}</span>
        </h2>
        <p className="flex flex-wrap gap-2">
          {hall.way === "in-step" ? (
            <button
              type="button"
              className="press press-main"
              onClick={() => act("start-hall", { id: hall.id })}
            >
              <Play size={16} aria-hidden="true" /> Start
            </button>
          ) : (
            <Link className="press press-main" to={`${base}/wall?session=${hall.id}`}>
              <MonitorPlay size={16} aria-hidden="true" />{" "}
              {begun ? "Back to the wall" : "Wall screen"}
            </Link>
          )}
          <Link className="press" to={`${base}/sheet?session=${hall.id}`}>
            <Printer size={16} aria-hidden="true" /> Sheets
          </Link>
          <Link className="press" to={`${base}/log?session=${hall.id}`}>
            <ClipboardCheck size={16} aria-hidden="true" /> {hall.loggedOn ? "Logged" : "Log it"}
          </Link>
          <button
            type="button"
            className="press"
            onClick={() => setAnew(!anew)}
            aria-expanded={anew}
          >
            <RotateCcw size={16} aria-hidden="true" /> Plan anew
          </button>
          <button
            type="button"
            className="quiet"
            aria-label="Remove the session"
            title="Remove the session; what was logged of it stays"
            onClick={() => act("remove-hall", { id: hall.id })}
          >
            <Trash2 size={16} />
          </button>
        </p>
      </div>
      {anew ? (
        <PlanForm
          view={view}
          hall={hall}
          who={hall.people.map(({ athleteId }) => athleteId)}
          placeId={hall.placeId}
          close={() => setAnew(false)}
        />
      ) : null}
      <p role="status" className="mt-2 text-sm text-muted">
        {busy
          ? "Planning …"
          : reading > 0
            ? `Reading the records: ${members.size} of ${hall.people.length} …`
            : hall.way === "stations"
              ? `${many(hall.rounds.length, "round")} · ${many(proof.changes, "change")} of station · ${seatProofWords(proof)}`
              : `${many(hall.items.length, "drill")} for ${many(hall.people.length, "athlete")}`}
        {proof.status === "looking" ? (
          <button type="button" className="underlined ml-2" onClick={proof.stop}>
            stop
          </button>
        ) : null}
        {hall.dropped.length > 0 ? (
          <button
            type="button"
            className="underlined ml-3"
            onClick={() => change({ do: "let-in-again" })}
          >
            let {many(hall.dropped.length, "drill")} in again
          </button>
        ) : null}
      </p>
      {hall.way === "stations" ? (
        <StationsGrid
          hall={hall}
          library={view.library}
          members={members}
          another={begun ? null : (drillId) => change({ do: "another", drillId })}
        />
      ) : null}
      {hall.way === "stations" && hall.items.length > 0 ? (
        <h3 className="mt-5 text-xl">All together first</h3>
      ) : null}
      <InStepList
        hall={hall}
        library={view.library}
        members={members}
        hand={
          hall.way === "stations"
            ? null
            : {
                another: (drillId) => change({ do: "another", drillId }),
                drop: (drillId) => change({ do: "drop", drillId }),
                move: (itemId, by) => change({ do: "move", itemId, by }),
              }
        }
      />
    </>
  );
}
