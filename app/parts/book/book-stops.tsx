import { useMemo } from "react";
import { Link } from "react-router";
import { stopsOf, type PainStop } from "#core/progress/stops";
import { cliniciansFirst } from "#words/safety";
import { hurtWords, painKinds, lockWords } from "#words/pain";
import { placeWords } from "#words/places";
import { capital } from "#words/plain";
import type { BodyPlace } from "#core/body/sites";
import type { AthleteView } from "../../view";
import { longDay, shortDay, weekDay } from "#words/days";
import { hasWords } from "./book-words";

/** The book by stops and flags: what hurt, what it locked, and who let it in again. */
export function BookStops({ view, search }: { view: AthleteView; search: string }) {
  const stops = useMemo(() => stopsOf(view.athlete, view.logs, view.checks, view.library), [view]);
  const found = stops.filter((stop) =>
    hasWords(search, [
      stop.name,
      hurtWords(stop.at, stop.place),
      longDay(stop.on),
      ...stop.locks.map(({ place }) => nameOf(place)),
    ]),
  );
  return (
    <section className="mt-4">
      {stops.length === 0 ? (
        <p className="text-muted">Nothing was stopped, and nothing hurt more than 4/10.</p>
      ) : found.length === 0 ? (
        <p className="text-muted">No stop has these words.</p>
      ) : (
        <ul className="border-t border-ink">
          {found.map((stop, n) => (
            <li
              key={`${stop.recordId} ${n}`}
              className="grid gap-x-4 border-b border-line py-2 sm:grid-cols-[6.5rem_1fr]"
            >
              <span className="font-semibold">{weekDay(stop.on)}</span>
              <span>
                <b className={stop.level > 5 ? "text-clay" : ""}>
                  {[`${stop.level}/10`, hurtWords(stop.at, stop.place)].filter(Boolean).join(", ")}
                </b>
                {stop.kind ? `, ${painKinds[stop.kind]}` : ""} in {stop.name}
                {stop.stopped ? ", stopped" : ""}
                <State stop={stop} athleteId={view.athlete.id} />
              </span>
            </li>
          ))}
        </ul>
      )}
      <p className="mt-4 text-sm text-muted">{cliniciansFirst}</p>
    </section>
  );
}

const nameOf = (place: BodyPlace | null): string =>
  place ? capital(placeWords(place)) : "A place nobody named";

function State({ stop, athleteId }: { stop: PainStop; athleteId: string }) {
  if (stop.locks.length === 0)
    return <span className="block text-sm text-muted">Noted; nothing was locked by it.</span>;
  return (
    <>
      {stop.locks.map(({ place, because, cleared }) => (
        <span
          key={nameOf(place)}
          className={`block text-sm ${cleared ? "text-muted" : "text-clay"}`}
        >
          {cleared ? (
            `${nameOf(place)} was locked (${lockWords(because)}); cleared by ${cleared.who} on ${shortDay(cleared.on)}: ${cleared.reason}.`
          ) : (
            <>
              {nameOf(place)} is locked out of plans ({lockWords(because)}).{" "}
              <Link className="underlined" to={`/at/${athleteId}/aim`}>
                Clear it under Aim
              </Link>
              , with who and why.
            </>
          )}
        </span>
      ))}
    </>
  );
}
