import { useEffect, useState } from "react";
import { placeTermsOf } from "#core/schedule/terms-of";
import type { Slot } from "#core/records/training";
import { proving, stopProving } from "../../workers/proving";
import type { AthleteView } from "../../view";

export type PlacesState = "none" | "looking" | "proven" | "stopped" | "failed";

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
      void import("#core/schedule/proven-places")
        .then(({ provenPlaces }) =>
          provenPlaces(placeTermsOf(view, season), (programme) => proving().prove(programme)),
        )
        .then((slots) => {
          working = false;
          if (late) return;
          setFound({ asked, state: slots === "nothing" ? "none" : "proven" });
          if (typeof slots !== "string") take(season.slots, slots);
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
