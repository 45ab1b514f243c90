import { Link, useSearchParams } from "react-router";
import { SheetBar } from "../parts/prep/sheets/sheet-bar";
import { GroupSheet } from "../parts/prep/sheets/group-sheet";
import { PocketSheet } from "../parts/prep/sheets/pocket-sheet";
import { sheetKinds, type SheetKind } from "../parts/prep/sheets/sheet-words";
import { WallSheet } from "../parts/prep/sheets/wall-sheet";
import { handedOut } from "#core/prep/hand-out";
import { prepShown } from "#core/situation/planning";
import { requestOf } from "#core/situation/request-of";
import { againstWords, liftOf } from "#words/prep";
import { newId } from "../clock";
import { planDay } from "../plan-day";
import { athleteView } from "../view";
import type { Route } from "./+types/prep-sheet";

export { ErrorBoundary } from "../parts/frame/broken";

/** The prep of the day and everybody else's; for today, what would be planned where nothing is kept yet. */
export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const view = await athleteView(params.athleteId, request);
  const asked = new URL(request.url).searchParams.get("prep");
  const on = planDay(request, view);
  const of = (who: typeof view) => {
    const { prep, kept } = prepShown(who, on, who === view ? asked : null, newId("prep"));
    return kept || who.aim ? prep : null;
  };
  const out = (who: typeof view) => {
    const prep = of(who);
    return prep && handedOut(prep, requestOf(who, prep));
  };
  const own = out(view);
  const others = await Promise.all(view.others.map(({ id }) => athleteView(id, request)));
  await athleteView(params.athleteId, request);
  const group = [view, ...others].flatMap((who) => {
    const theirs = out(who);
    return theirs ? [{ view: who, prep: theirs.prep }] : [];
  });
  return { view, on, prep: own?.prep ?? null, heldBack: own?.heldBack ?? [], group };
}

/** The prep on paper: for the wall, for the pocket, for the group. */
export default function PrepSheet({
  loaderData: { view, on, prep, heldBack, group },
}: Route.ComponentProps) {
  const [query, setQuery] = useSearchParams();
  const kind: SheetKind = sheetKinds.find((one) => one === query.get("sheet")) ?? "wall";
  const health = query.get("health") === "yes";
  const set = (key: string, value: string) => {
    query.set(key, value);
    setQuery(query, { replace: true });
  };
  return (
    <main
      id="desk"
      className="h-full overflow-y-auto px-4 py-5 sm:px-8 print:h-auto print:overflow-visible print:p-0"
    >
      <SheetBar
        kind={kind}
        health={health}
        back={`/at/${view.athlete.id}/prep${on === view.today ? "" : `?day=${on}`}`}
        choose={(sheet) => set("sheet", sheet)}
        tick={(on) => set("health", on ? "yes" : "no")}
      />
      {heldBack.length > 0 ? (
        <ul className="no-print mt-4 border-l-4 border-clay bg-raised px-4 py-2 text-sm">
          {heldBack.map(({ drill, reason }) => (
            <li key={drill}>
              Not handed out: <b>{drill}</b>, {againstWords(reason)}. {liftOf(reason)}
            </li>
          ))}
        </ul>
      ) : null}
      {prep === null ? (
        <>
          <h1 className="mt-6 text-2xl">There is no prep on this day.</h1>
          <p className="mt-1">
            <Link className="underlined" to={`/at/${view.athlete.id}/prep`}>
              Plan one
            </Link>
          </p>
        </>
      ) : kind === "wall" ? (
        <WallSheet view={view} prep={prep} health={health} />
      ) : kind === "pocket" ? (
        <PocketSheet view={view} prep={prep} health={health} />
      ) : (
        <GroupSheet group={group} day={on} />
      )}
    </main>
  );
}
