import { Archive, ArchiveRestore, ListPlus, Plus } from "lucide-react";
import { lazy, Suspense, useEffect, useRef, useState } from "react";
import { Link, redirect } from "react-router";
import { skillOf } from "#core/content/library";
import { today } from "../clock";
import { shippedLibrary } from "../library";
import { athleteDraft, hasDraft } from "../parts/use-draft";
import { MarginMark, readingsOf } from "../parts/margin-mark/margin-mark";
import { MarkLegend } from "../parts/margin-mark/mark-legend";
import { handedHere } from "../store/handed";
import { openNotebook, turnTo } from "../store/open";
import { peopleOf } from "../store/people";
import { plainSettings } from "#core/records/settings";
import { GroupLine } from "../parts/hall/group-line";
import { OrderChoice } from "../parts/hall/order-choice";
import { aimSentence } from "../parts/words";
import type { TroupeReading } from "../parts/troupe-reading";
import { later, useLater } from "../parts/later";
import { useReadings } from "../parts/use-readings";
import { libraryOf } from "../whole-library";
import type { Route } from "./+types/troupe";
import type { ActName, AnswerOf } from "#core/acts/decide";
import { performSent } from "../acts/perform";
import { useAct } from "../parts/use-act";

export { ErrorBoundary } from "../parts/frame/broken";

/** Nobody needs it to see who there is; it is there before anybody can type into it. */
const athleteForm = later(() => import("../parts/athlete-form").then((part) => part.AthleteForm));

// Nor these.
const ListForm = lazy(() =>
  import("../parts/list-form").then((part) => ({ default: part.ListForm })),
);
const PlaceList = lazy(() =>
  import("../parts/place-list").then((part) => ({ default: part.PlaceList })),
);
const HandOrder = lazy(() =>
  import("../parts/hall/hand-order").then((part) => ({ default: part.HandOrder })),
);

const RemoveForGood = lazy(() =>
  import("../parts/remove-for-good").then((part) => ({ default: part.RemoveForGood })),
);

export async function clientLoader() {
  const [{ name, notebook }, shipped] = await Promise.all([openNotebook(), shippedLibrary()]);
  const library = libraryOf(shipped, notebook);
  const people = await notebook.people();
  const rows = peopleOf(notebook).map((athlete) => {
    const known = people.find(({ athleteId }) => athleteId === athlete.id);
    const open = known?.aims.filter(({ closedOn }) => !closedOn) ?? [];
    const aim = open.toSorted((a, b) => a.by.localeCompare(b.by))[0] ?? null;
    const skill = aim ? (skillOf(library, aim.skillId) ?? null) : null;
    return {
      athlete,
      aim: aimSentence({ aim, skill }),
      /** What the reading of what limits the athlete holds for; null without an aim. */
      state: skill ? [name, athlete.id, notebook.versionOf(athlete.id), today()].join("|") : null,
    };
  });
  return {
    notebook: name,
    handed: name === "own" && (await handedHere()).length > 0,
    troupe: notebook.all("troupe")[0] ?? null,
    rows,
    places: notebook.all("place"),
    groups: notebook.all("group"),
    order: (notebook.get("settings", "settings") ?? plainSettings).order,
    today: today(),
  };
}

export async function clientAction({ request }: Route.ClientActionArgs) {
  const { act } = (await request.clone().json()) as { act: ActName };
  const came = await performSent(request);
  if (act !== "save-athlete" || !("done" in came)) return came;
  return redirect(`/at/${(came.done as AnswerOf<"save-athlete">).id}/aim`);
}

/** Who there is: each with the aim and what holds it back. */
export default function Troupe({ loaderData }: Route.ComponentProps) {
  const { notebook, handed, troupe, rows, places, groups, order, today: on } = loaderData;
  const AthleteForm = useLater(athleteForm);
  const [query, setQuery] = useState("");
  const [adding, setAdding] = useState(() => hasDraft(athleteDraft(null)));
  const [listing, setListing] = useState(false);
  const [archived, setArchived] = useState(false);
  const add = useRef<HTMLButtonElement>(null);
  const empty = rows.length === 0;
  useEffect(() => {
    if (empty) add.current?.focus();
  }, [empty]);
  const found = rows.filter(
    ({ athlete }) =>
      athlete.archived === archived &&
      `${athlete.name} ${athlete.discipline}`.toLowerCase().includes(query.trim().toLowerCase()),
  );
  const readings = useReadings(
    found.flatMap(({ athlete, state }) => (state ? [{ athleteId: athlete.id, state }] : [])),
  );
  const put = rows.filter(({ athlete }) => athlete.archived).length;
  return (
    <main id="desk" className="mx-auto h-full w-full max-w-5xl overflow-y-auto p-4 sm:p-8">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <h1 className="text-4xl">
            {troupe?.name || (rows.length > 0 ? "Your athletes" : "An empty notebook")}
          </h1>
          <p className="mt-1 text-muted">
            {troupe?.work ||
              (rows.length > 0
                ? "Pick one to begin the walk."
                : "One athlete, one skill, three checks: that is a start.")}
          </p>
        </div>
        <div className="flex flex-wrap gap-2">
          <button
            type="button"
            ref={add}
            className="press press-main"
            onClick={() => setAdding(!adding)}
            aria-expanded={adding}
          >
            <Plus size={16} /> Add an athlete
          </button>
          <button
            type="button"
            className="press"
            onClick={() => setListing(!listing)}
            aria-expanded={listing}
          >
            <ListPlus size={16} /> Add a list
          </button>
          {notebook === "demo" ? (
            <TurnButton to="own" text="Start my own notebook" />
          ) : (
            <TurnButton to="demo" text="See Lanternfield" />
          )}
        </div>
      </div>
      {handed ? (
        <p className="mt-4">
          <Link className="press press-main min-h-12" to="/coach">
            From your coach
          </Link>
        </p>
      ) : null}
      {notebook === "demo" ? (
        <p className="mt-4 border-l-4 border-tape bg-raised px-4 py-2 text-sm">
          An invented troupe to walk through. What you change here stays in the demo; your own
          notebook is kept apart and starts empty.
        </p>
      ) : null}
      {adding && AthleteForm ? (
        <AthleteForm on={on} places={places} close={() => setAdding(false)} />
      ) : null}
      {listing ? (
        <Suspense>
          <ListForm
            names={rows.map(({ athlete }) => athlete.name)}
            places={places}
            on={on}
            close={() => setListing(false)}
          />
        </Suspense>
      ) : null}
      <GroupLine
        groups={groups}
        everybody={rows.flatMap(({ athlete }) => (athlete.archived ? [] : [athlete]))}
        places={places}
      />
      {rows.length > 0 ? (
        <div className="mt-4 flex flex-wrap items-end gap-x-6 gap-y-2">
          <label className="block w-full max-w-sm">
            <span className="label">Find</span>
            <input
              className="field w-full"
              value={query}
              onChange={(event) => setQuery(event.target.value)}
              placeholder="name or discipline"
              type="search"
            />
          </label>
          {rows.length > 2 ? <OrderChoice order={order} /> : null}
          {order.by === "hand" && query === "" && !archived && found.length > 2 ? (
            <Suspense>
              <HandOrder people={found.map(({ athlete }) => athlete)} />
            </Suspense>
          ) : null}
        </div>
      ) : null}
      {found.some(({ state }) => state !== null) ? <MarkLegend /> : null}
      <ul className="mt-4 border-t border-ink">
        {found.map((row) => (
          <AthleteRow
            key={row.athlete.id}
            {...row}
            reading={readings.get(row.athlete.id) ?? null}
          />
        ))}
      </ul>
      {rows.length > 0 && found.length === 0 ? (
        <p className="py-6 text-muted">Nobody by that name{archived ? " in the archive" : ""}.</p>
      ) : null}
      {put > 0 || archived ? (
        <button
          type="button"
          className="underlined mt-3 text-sm text-muted"
          onClick={() => setArchived(!archived)}
        >
          {archived ? "Back to those who train" : `Archive (${put})`}
        </button>
      ) : null}
      <Suspense>
        <PlaceList places={places} />
      </Suspense>
    </main>
  );
}

function AthleteRow({
  athlete,
  aim,
  state,
  reading,
}: Route.ComponentProps["loaderData"]["rows"][number] & { reading: TroupeReading | null }) {
  const { act } = useAct();
  const put = () => act("archive-athlete", { id: athlete.id, archived: !athlete.archived });
  return (
    <li className="flex items-center gap-3 border-b border-line">
      <Link
        to={`/at/${athlete.id}/gap`}
        className="grid min-h-16 min-w-0 flex-1 items-center gap-x-6 py-3 hover:bg-raised sm:grid-cols-[15rem_16rem_1fr]"
      >
        <span>
          <span className="block font-display text-lg font-bold leading-tight">{athlete.name}</span>
          <span className="text-sm text-muted">{athlete.discipline}</span>
        </span>
        <span className="first-letter:uppercase">{aim}</span>
        <span className="text-sm sm:text-base">
          {state === null
            ? "Choose a skill and a date."
            : (reading?.title ?? "Reading the record …")}
          {state !== null && (reading === null || reading.first) ? (
            // The room is kept while the record is read, so that nothing below moves.
            <span className="mt-0.5 block h-9">
              {reading?.first ? (
                <MarginMark
                  readings={readingsOf(reading.first)}
                  width={230}
                  height={36}
                  span={27}
                />
              ) : null}
            </span>
          ) : null}
        </span>
      </Link>
      {athlete.archived ? (
        <Suspense>
          <RemoveForGood athlete={athlete} />
        </Suspense>
      ) : null}
      <button
        type="button"
        className="quiet"
        onClick={put}
        aria-label={athlete.archived ? `Bring ${athlete.name} back` : `Archive ${athlete.name}`}
        title={athlete.archived ? "Bring back" : "Archive"}
      >
        {athlete.archived ? <ArchiveRestore size={17} /> : <Archive size={17} />}
      </button>
    </li>
  );
}

/** Turns to the other notebook; both stay as they are. */
function TurnButton({ to, text }: { to: "demo" | "own"; text: string }) {
  return (
    <button
      type="button"
      className="press"
      onClick={() => void turnTo(to).then(() => location.assign("/"))}
    >
      {text}
    </button>
  );
}
