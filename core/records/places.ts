import * as z from "zod/mini";
import { Place } from "./records";

/** A floor and nothing on it: what a prep without kit is planned for. It is no record and has to be made by nobody. */
export const noKit: Place = Place.parse({
  kind: "place",
  id: "no-kit",
  name: "no kit",
  kit: [],
  space: "mat",
  note: "",
});

/** A place by its identifier, the one without kit among them; null where none is chosen, or it is gone. */
export const placeOf = <Known extends Pick<Place, "id" | "name">>(
  places: readonly Known[],
  id: string | null,
): Known | Place | null =>
  places.find((place) => place.id === id) ?? (id === noKit.id ? noKit : null);

/** What a place is before anybody has named it. */
export type PlaceDraft = Omit<Place, "kind" | "id">;
export const PlaceDraft = z.omit(Place, { kind: true, id: true });
