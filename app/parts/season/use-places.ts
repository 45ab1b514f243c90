import { useEffect, useState } from "react";
import { placed, quickPlaces } from "#core/schedule/place";
import { placeModel, placeValue } from "#core/schedule/place-model";
import { placeProgramme, placesFrom } from "#core/schedule/place-programme";
import { placeTermsOf } from "#core/schedule/terms-of";
import type { Slot } from "#core/records/training";
import { proving, stopProving } from "../../workers/proving";
import type { AthleteView } from "../../view";

export type PlacesState = "none" | "looking" | "proven" | "stopped" | "failed";

/** A change smaller than this is not worth another week on the screen. */
const worthwhile = 0.003;

/**
 * Looks beside the page for a better placing of the sessions, once the weeks were placed anew.
 * @param asked counts the placings that were asked for; 0 looks for nothing
 * @param take is given the slots of a better one, and those it stands in for
 */
export function usePlaces(
  view: AthleteView,
  asked: number,
  take: (from: readonly Slot[], slots: readonly Slot[]) => void,
): { state: PlacesState; stop: () => void } {
  const [found, setFound] = useState<{ asked: number; state: PlacesState }>({
    asked: 0,
    state: "none",
  });
  const { season } = view;
  const slots = season ? JSON.stringify(season.slots) : "";
  useEffect(() => {
    if (asked === 0 || !season || found.asked === asked) return;
    let late = false;
    let working = true;
    const wait = setTimeout(() => {
      const terms = placeTermsOf(view, season);
      const model = placeModel(terms);
      if (model.spots.length === 0) {
        working = false;
        return setFound({ asked, state: "none" });
      }
      proving()
        .prove(placeProgramme(model))
        .then(({ columns }) => {
          working = false;
          if (late) return;
          const best = placesFrom(model, columns);
          const [first, proven] = [placeValue(model, quickPlaces(model)), placeValue(model, best)];
          setFound({ asked, state: "proven" });
          if (proven > first * (1 + worthwhile)) take(season.slots, placed(model, best, terms));
        })
        .catch(() => {
          working = false;
          if (!late) setFound({ asked, state: "failed" });
        });
    }, 250);
    return () => {
      late = true;
      clearTimeout(wait);
      if (working) stopProving();
    };
    // Placed anew when the slots change under it; the acts are new at every render.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [asked, slots]);
  return {
    state: asked === 0 ? "none" : found.asked === asked ? found.state : "looking",
    stop: () => {
      stopProving();
      setFound({ asked, state: "stopped" });
    },
  };
}
