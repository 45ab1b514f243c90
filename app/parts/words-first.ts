import { deviceChoice } from "./device-choice";

/** Which goes first where a motion has a plain name and a field's word. */
export const wordsFirst = deviceChoice("yearling-words-first", ["plain", "field"]);
