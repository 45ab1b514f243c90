import { Printer } from "lucide-react";
import { useSearchParams } from "react-router";
import { handedOut } from "#core/prep/hand-out";
import { prepShown } from "#core/situation/planning";
import { requestOf } from "#core/situation/request-of";
import { newId } from "../clock";
import { hallView, sessionOf, type HallView } from "../hall";
import { HallStrips, HallWallSheet } from "../parts/hall/hall-sheets";
import { useMembers } from "../parts/hall/use-members";
import { PocketSheet } from "../parts/prep/sheets/pocket-sheet";
import { athleteView, type AthleteView } from "../view";
import type { Hall, Prep } from "#core/records/records";
import type { Route } from "./+types/hall-sheet";

export { ErrorBoundary } from "../parts/frame/broken";

const kinds = { wall: "Wall sheet", strips: "A strip each", pockets: "All pocket sheets" } as const;
type Kind = keyof typeof kinds;

/** The session, and for the pocket sheets everybody's own prep of today. */
export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const view = await hallView(params.groupId);
  const query = new URL(request.url).searchParams;
  const hall = sessionOf(view, query.get("session"));
  const pockets: { view: AthleteView; prep: Prep }[] = [];
  if (query.get("sheet") === "pockets")
    for (const { athlete } of view.people) {
      const one = await athleteView(athlete.id, request);
      const { prep, kept } = prepShown(one, one.today, null, newId("prep"));
      if (prep && (kept || one.aim))
        pockets.push({ view: one, prep: handedOut(prep, requestOf(one, prep)).prep });
    }
  return { view, hall, pockets };
}

/** The session on paper: one for the wall, a strip a person, or everybody's own pocket sheet. */
export default function HallSheet({ loaderData: { view, hall, pockets } }: Route.ComponentProps) {
  const [query, setQuery] = useSearchParams();
  const kind = (Object.keys(kinds) as Kind[]).find((one) => one === query.get("sheet")) ?? "wall";
  return (
    <>
      <div className="no-print mb-4 flex flex-wrap items-center gap-x-5 gap-y-2 border-b border-ink pb-3">
        <div role="radiogroup" aria-label="Sheet" className="flex flex-wrap gap-x-4">
          {Object.entries(kinds).map(([one, text]) => (
            <label key={one} className="flex min-h-10 items-center gap-1.5">
              <input
                type="radio"
                name="sheet"
                className="size-4 accent-[var(--spruce)]"
                checked={kind === one}
                onChange={() => {
                  query.set("sheet", one);
                  setQuery(query, { replace: true });
                }}
              />
              {text}
            </label>
          ))}
        </div>
        {kind === "pockets" ? <PrintKey ready={pockets.length > 0} /> : null}
      </div>
      {kind === "pockets" ? (
        <Pockets pockets={pockets} />
      ) : hall ? (
        <SessionSheet view={view} hall={hall} kind={kind} />
      ) : (
        <p className="text-muted">There is no session today: plan one under “Session”.</p>
      )}
    </>
  );
}

function SessionSheet({
  view,
  hall,
  kind,
}: {
  view: HallView;
  hall: Hall;
  kind: "wall" | "strips";
}) {
  const members = useMembers(view, hall);
  const left = hall.people.length - members.size;
  const props = { hall, library: view.library, places: view.places, members };
  return (
    <>
      <p className="no-print mb-3 flex items-center gap-4">
        <PrintKey ready={left === 0} />
        <span role="status" className="text-sm text-muted">
          {left > 0 ? `Reading the records: ${members.size} of ${hall.people.length} …` : ""}
        </span>
      </p>
      {kind === "wall" ? <HallWallSheet {...props} /> : <HallStrips {...props} />}
    </>
  );
}

function Pockets({ pockets }: { pockets: readonly { view: AthleteView; prep: Prep }[] }) {
  if (pockets.length === 0)
    return <p className="text-muted">Nobody here has a prep today, or an aim to plan one from.</p>;
  return pockets.map(({ view, prep }) => (
    <div key={view.athlete.id} className="mb-6 print:break-after-page">
      <PocketSheet view={view} prep={prep} health={false} />
    </div>
  ));
}

const PrintKey = ({ ready }: { ready: boolean }) => (
  <button
    type="button"
    className="press press-main"
    disabled={!ready}
    onClick={() => window.print()}
  >
    <Printer size={16} aria-hidden="true" /> Print
  </button>
);
