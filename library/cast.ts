import { Cast } from "../core/sample/cast";
import lanternfield from "./lanternfield.json";

/** The invented troupe of the demo. */
export const cast = Cast.parse(lanternfield);
