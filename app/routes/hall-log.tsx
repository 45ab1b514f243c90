import { useEffect, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { drillOf } from "#core/content/library";
import type { Hall, Log } from "#core/records/records";
import type { Differed } from "#core/hall/log";
import { loggedWords, sessionTitle } from "#words/hall";
import { shortDay } from "#words/days";
import { many } from "#words/plain";
import { performSent } from "../acts/perform";
import { hallView, sessionOf, type HallView } from "../hall";
import { DifferedRow } from "../parts/hall/differed-row";
import { say } from "../parts/say";
import { useAct } from "../parts/use-act";
import { openNotebook } from "../store/open";
import type { Route } from "./+types/hall-log";

export { ErrorBoundary } from "../parts/frame/broken";

/** The session, and what was logged of it so far. */
export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const view = await hallView(params.groupId);
  const hall = sessionOf(view, new URL(request.url).searchParams.get("session"));
  const { notebook } = await openNotebook();
  const ids = (hall?.people ?? []).flatMap(({ athleteId }) =>
    notebook.get("athlete", athleteId) ? [athleteId] : [],
  );
  await notebook.openAthletes(ids);
  const logs = ids.flatMap((id) =>
    notebook.all("log", id).filter(({ hallId }) => hallId === hall?.id),
  );
  return { view, hall, logs };
}
export const clientAction = ({ request }: Route.ClientActionArgs) => performSent(request);

/** One page logs all of them: everybody as planned, and who differed. */
export default function HallLog({ loaderData: { view, hall, logs } }: Route.ComponentProps) {
  if (!hall)
    return <p className="text-muted">There is no session to log: plan one under “Session”.</p>;
  return <LogPage key={hall.id} view={view} hall={hall} logs={logs} />;
}

const asPlanned = (athleteId: string): Differed => ({
  athleteId,
  absent: false,
  out: [],
  hurt: null,
  note: "",
});

function LogPage({ view, hall, logs }: { view: HallView; hall: Hall; logs: readonly Log[] }) {
  const { act, done, answer, busy } = useAct<"log-hall">();
  const [query] = useSearchParams();
  const [differed, setDiffered] = useState<Record<string, Differed>>(() =>
    // After a run, whoever it left without a log was not there.
    Object.fromEntries(
      logs.length > 0
        ? hall.people
            .filter(({ athleteId }) => !logs.some((log) => log.athleteId === athleteId))
            .map(({ athleteId }) => [athleteId, { ...asPlanned(athleteId), absent: true }])
        : [],
    ),
  );
  const logged = answer?.logged ?? 0;
  useEffect(() => {
    if (done) say(`Logged for ${many(logged, "athlete")}.`);
    // Once, when it is done.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [done]);
  const drills = [
    ...new Set([
      ...hall.items.map(({ drillId }) => drillId),
      ...hall.stations.map(({ drillId }) => drillId),
    ]),
  ].flatMap((id) => {
    const drill = drillOf(view.library, id);
    return drill ? [{ id, name: drill.name }] : [];
  });
  const going = hall.people.filter(({ athleteId }) => !differed[athleteId]?.absent);
  return (
    <div className="max-w-4xl">
      <h2 className="text-2xl">
        {sessionTitle(hall, view.places)}, {shortDay(hall.on)}
      </h2>
      <p className="text-muted">
        {logs.length > 0
          ? `Logged for ${logs.length} already. Change who differed, and keep it.`
          : "Everybody as planned; open who differed."}
      </p>
      <ul className="mt-3 border-t border-ink">
        {hall.people.map(({ athleteId, name }) => (
          <DifferedRow
            key={athleteId}
            name={name}
            drills={drills}
            told={loggedWords(logs.find((log) => log.athleteId === athleteId) ?? null)}
            value={differed[athleteId] ?? asPlanned(athleteId)}
            change={(value) => setDiffered((old) => ({ ...old, [athleteId]: value }))}
          />
        ))}
      </ul>
      <p className="sticky bottom-0 flex flex-wrap items-center gap-4 bg-paper py-3">
        <button
          type="button"
          className="press press-main"
          disabled={busy}
          onClick={() =>
            act("log-hall", {
              id: hall.id,
              differed: Object.values(differed).map((one) => ({ ...one, out: [...one.out] })),
            })
          }
        >
          {logs.length > 0 ? "Save it" : "Log it"} for {many(going.length, "athlete")}
        </button>
        <Link className="quiet underlined" to={`/hall/${view.id}/session?${query.toString()}`}>
          The session
        </Link>
      </p>
    </div>
  );
}
