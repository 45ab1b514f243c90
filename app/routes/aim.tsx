import { heightSaid } from "#words/names";
import { lazy, Suspense, useState } from "react";
import { AimForm } from "../parts/aim/lazy-aim-form";
import { AimList } from "../parts/aim/aim-list";
import { IntakeForm } from "../parts/aim/intake-form";
import { Locks } from "../parts/aim/locks";
import { CautionLines } from "../parts/cautions";
import { StationLayout } from "../parts/frame/frame";
import { StationFigure } from "../parts/station-figure";
import { athleteView } from "../view";
import { ageOn } from "#core/records/athlete";
import { still } from "../parts/still";
import type { Route } from "./+types/aim";
import { performSent } from "../acts/perform";

export { ErrorBoundary } from "../parts/frame/broken";

const AthleteForm = lazy(() =>
  import("../parts/athlete-form").then((part) => ({ default: part.AthleteForm })),
);

export const clientLoader = ({ params, request }: Route.ClientLoaderArgs) =>
  athleteView(params.athleteId, request);

export const clientAction = ({ params, request }: Route.ClientActionArgs) =>
  performSent(request, params);

/** Aim: the skill and its quality with a date, who the athlete is, and what to be careful with. */
function AimStation({ loaderData: view }: Route.ComponentProps) {
  const { athlete, today } = view;
  const [adding, setAdding] = useState(false);
  const [editing, setEditing] = useState(false);
  const open = view.aims.filter((aim) => !aim.closedOn);
  return (
    <StationLayout figure={<StationFigure view={view} />}>
      <h1 className="text-3xl">{open.length > 0 ? "What it is for" : "What is it for?"}</h1>
      {view.locks.length > 0 ? (
        <div className="mt-3">
          <Locks locks={view.locks} />
        </div>
      ) : null}
      {open.length === 0 ? (
        <p className="mt-1 text-muted">
          A skill, its quality and a date. The degrees, the checks and the preps follow from it.
        </p>
      ) : null}
      <AimList view={view} />
      {open.length === 0 || adding ? (
        <AimForm view={view} close={() => setAdding(false)} />
      ) : (
        <button type="button" className="press mt-3" onClick={() => setAdding(true)}>
          Add another aim
        </button>
      )}
      <section className="mt-8">
        <h2 className="flex flex-wrap items-baseline gap-x-4 text-xl">
          {athlete.name}
          <button
            type="button"
            className="underlined font-sans text-sm font-normal text-muted"
            onClick={() => setEditing(!editing)}
            aria-expanded={editing}
          >
            edit
          </button>
        </h2>
        <p className="text-muted">
          {[
            athlete.discipline,
            `${ageOn(athlete, today)} years`,
            heightSaid(athlete),
            athlete.massKg ? `${athlete.massKg} kg` : "",
            `${athlete.dominantSide}-handed`,
            view.place?.name ?? "any kit",
          ]
            .filter(Boolean)
            .join(" · ")}
        </p>
        {editing ? (
          <Suspense>
            <AthleteForm
              athlete={athlete}
              places={view.places}
              on={today}
              close={() => setEditing(false)}
            />
          </Suspense>
        ) : null}
      </section>
      <div className="mt-4 grid gap-3" data-next="seen-first">
        <CautionLines cautions={view.cautions} />
      </div>
      <IntakeForm key={JSON.stringify(athlete.intake)} athlete={athlete} on={view.day} />
    </StationLayout>
  );
}

export default still(AimStation);
