import type { BandStrength } from "#core/drill/band";

/** @example bandWords("very-thin") // "very thin" */
export const bandWords = (strength: BandStrength): string => strength.replace("-", " ");

/** A weight and a band, as far as they are said. @example loadSaid({ kg: 8, band: null }) // ["8 kg"] */
export const loadSaid = ({
  kg,
  band,
}: {
  kg: number | null;
  band: BandStrength | null;
}): string[] => [
  ...(kg === null ? [] : [`${kg} kg`]),
  ...(band === null ? [] : [`${bandWords(band)} band`]),
];
