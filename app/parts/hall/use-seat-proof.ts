import { useEffect, useMemo, useRef, useState } from "react";
import { changesOf, seatBreaches, seatingValue } from "#core/hall/seats";
import { seatingFrom, seatsProgramme } from "#core/hall/seats-programme";
import { hallTermsOf, seatsAsked } from "#core/hall/terms";
import { seatingOf, seatsOf } from "#core/hall/stations";
import { mindOf } from "#core/hall/mind";
import type { Seat } from "#core/records/hall";
import type { Hall } from "#core/records/records";
import type { HallView } from "../../hall";
import { proving, stopProving } from "../../workers/proving";
import { reader, useReader } from "../use-readings";

/** How the seating stands against the best there can be. */
export type SeatProof =
  | { status: "none" | "known" | "looking" | "stopped" | "failed" }
  /** No other is better by more than this share; `changes` of station, all together. */
  | { status: "proven"; gap: number; better: number };

/** A seating better by less than this share is not worth another plan. */
const worthwhile = 0.003;

/**
 * The best seating, looked for beside the page before the session has begun. What is found is handed over to be kept.
 * @param take is given a better seating
 */
export function useSeatProof(
  view: HallView,
  hall: Hall,
  take: (seats: Seat[]) => void,
): SeatProof & { changes: number; stop: () => void } {
  const wanted = hall.way === "stations" && hall.events.length === 0 && hall.loggedOn === null;
  const known = useRef(hall.proven);
  const { stations, rounds, items } = hall;
  const said = JSON.stringify([stations, rounds, items]);
  const minds = useMemo(
    () => reader((one) => mindOf(one, hall)),
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [said],
  );
  const read = useReader(
    minds,
    wanted
      ? hall.people.flatMap(({ athleteId }) => {
          const state = view.states.get(athleteId);
          return state === undefined ? [] : [{ athleteId, state }];
        })
      : [],
  );
  const whole = wanted && read.size > 0 && read.size === hall.people.length;
  const key = whole ? `${hall.id}/${said}/${JSON.stringify(hall.people)}` : null;
  const [found, setFound] = useState<{ key: string; state: SeatProof } | null>(null);
  useEffect(() => {
    if (key === null || known.current) return;
    let late = false;
    let working = true;
    const all = hall.people.map(({ athleteId }) => read.get(athleteId)!);
    const model = seatsAsked(hall, all, hallTermsOf(hall, view));
    const programme = seatsProgramme(model);
    if (programme === null) return;
    setFound({ key, state: { status: "looking" } });
    const wait = setTimeout(() => {
      proving()
        .prove(programme)
        .then((proof) => {
          working = false;
          if (late) return;
          const best = seatingFrom(model, proof.columns);
          const [now, then] = [seatingOf(model, hall.seats), best].map((one) =>
            seatingValue(model, one),
          ) as [number, number];
          const better = now > 0 ? then / now - 1 : 0;
          if (better > worthwhile && seatBreaches(model, best).length === 0)
            take(seatsOf(model, best));
          setFound({
            key,
            state: { status: "proven", gap: proof.gap ?? 1, better: Math.max(0, better) },
          });
        })
        .catch(() => {
          working = false;
          if (!late) setFound({ key, state: { status: "failed" } });
        });
    }, 250);
    return () => {
      late = true;
      clearTimeout(wait);
      if (working) stopProving();
    };
    // The question is its key: what is read anew meanwhile changes nothing of it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  const state: SeatProof =
    key !== null && found?.key === key ? found.state : { status: known.current ? "known" : "none" };
  const seating = seatingOf(
    {
      people: hall.people.map(({ athleteId: id }) => ({ id })),
      stations,
      rounds: rounds.length,
    },
    hall.seats,
  );
  return {
    ...state,
    changes: changesOf(seating),
    stop: () => {
      stopProving();
      if (key !== null) setFound({ key, state: { status: "stopped" } });
    },
  };
}
