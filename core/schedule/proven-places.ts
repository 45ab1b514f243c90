import type { Slot } from "../records/training";
import { placed, quickPlaces } from "./place";
import { placeModel, placeValue, type PlaceTerms } from "./place-model";
import { placeProgramme, placesFrom } from "./place-programme";

/** A change smaller than this is not worth another week on the screen. */
const worthwhile = 0.003;

/** Solves a programme exactly: the value of each column of its answer. */
type Prove = (programme: string) => Promise<{ columns: Readonly<Record<string, number>> }>;

/**
 * Looks for a placing of a season's sessions that is better than the quick one.
 * @returns its slots; `nothing` where there is nothing to place, `same` where the quick one is as good
 */
export async function provenPlaces(
  terms: PlaceTerms,
  prove: Prove,
): Promise<Slot[] | "nothing" | "same"> {
  const model = placeModel(terms);
  if (model.spots.length === 0) return "nothing";
  const { columns } = await prove(placeProgramme(model));
  const best = placesFrom(model, columns);
  const [first, proven] = [placeValue(model, quickPlaces(model)), placeValue(model, best)];
  return proven > first * (1 + worthwhile) ? placed(model, best, terms) : "same";
}
