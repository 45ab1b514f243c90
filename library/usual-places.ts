import * as z from "zod/mini";
import { PlaceDraft } from "../core/records/places";
import content from "./places.json";

/** Places as people usually have them, to begin with. Apart from the rest, since the first page needs no more of it. */
export const usualPlaces: readonly PlaceDraft[] = z.array(PlaceDraft).parse(content);
