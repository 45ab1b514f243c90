import type { Library } from "../content/library";
import { placeOf } from "../records/places";
import type { Hall, Place, Settings } from "../records/records";
import { membersIn, type InStepTerms } from "./in-step";
import type { Mind } from "./mind";
import { seatModel, type StationTerms } from "./stations";
import type { SeatModel } from "./seats";

/** What of a notebook a session is planned with, beside its athletes. */
export type HallSetting = {
  places: readonly Place[];
  settings: Pick<Settings, "schools" | "aside">;
  library: Library;
};

/** What the planner of a session has to know, beside the athletes. */
export const hallTermsOf = (
  hall: Hall,
  { places, settings, library }: HallSetting,
): InStepTerms & StationTerms => ({
  on: hall.on,
  placeId: hall.placeId,
  budget: hall.budget,
  format: hall.format,
  alreadyWarm: hall.alreadyWarm,
  dropped: hall.dropped,
  items: hall.items,
  place: placeOf(places, hall.placeId),
  library,
  coach: settings.schools,
  aside: settings.aside,
  ...hall.laid,
});

/** The question of who is where when in a session as it is laid. */
export const seatsAsked = (
  hall: Hall,
  minds: readonly Mind[],
  terms: InStepTerms & StationTerms,
): SeatModel =>
  seatModel(
    minds,
    hall.stations,
    hall.rounds.length,
    { ...terms, people: hall.people },
    { items: hall.items, members: membersIn(hall.items, minds, terms.library) },
  );
