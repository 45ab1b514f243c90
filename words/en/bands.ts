import type { BandStrength } from "#core/drill/band";

/** @example bandWords("very-thin") // "very thin" */
export const bandWords = (strength: BandStrength): string => strength.replace("-", " ");
