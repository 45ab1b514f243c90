import { cmPerInch } from "../content/units";

/** Heights that are believed, cm. */
export const heights = { least: 80, most: 230 } as const;

/**
 * A height in cm as people type it: "162", "162,5 cm", "1.62 m", "1,62", "5'7\"", "5 ft 7", "67 in".
 * @returns null where it is no height between 80 and 230 cm
 */
export function readHeight(text: string): number | null {
  const cell = text.trim();
  const [, feet, inches = "0"] =
    /^(\d)\s?(?:'|′|’|ft)\s?(?:(\d{1,2}(?:[.,]5)?)\s?(?:"|″|”|''|in)?)?$/i.exec(cell) ?? [];
  const [, number, unit] =
    /^(\d{1,3}(?:[.,]\d{1,2})?)\s?(cm|m|in|inch|inches|"|″)?$/i.exec(cell) ?? [];
  const value = Number((number ?? "").replace(",", "."));
  const cm = feet
    ? cmPerInch * (12 * Number(feet) + Number(inches.replace(",", ".")))
    : number === undefined
      ? Number.NaN
      : inCm(value, unit?.toLowerCase() ?? "");
  return cm >= heights.least && cm <= heights.most ? Math.round(cm * 10) / 10 : null;
}

function inCm(value: number, unit: string): number {
  if (unit === "m" || (unit === "" && value < 3)) return 100 * value;
  return unit === "cm" || unit === "" ? value : cmPerInch * value;
}

/** One pound, kg, by definition (International Yard and Pound Agreement, 1959). */
const kgPerPound = 0.45359237;

/** A weight in kg as people type it: "59", "59,5 kg", "130 lb". NaN where it is none. */
export function readWeight(text: string): number {
  const [, number, unit] =
    /^(\d{1,3}(?:[.,]\d{1,2})?)\s?(kg|lbs?|pounds?)?$/i.exec(text.trim()) ?? [];
  if (!number) return Number.NaN;
  const value = Number(number.replace(",", "."));
  return unit && unit.toLowerCase() !== "kg" ? Math.round(value * kgPerPound * 10) / 10 : value;
}
