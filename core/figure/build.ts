import { clamp } from "../body/angles";
import type { Build } from "./contour";

/** The body mass index that the usual girths are drawn after, kg/m². */
const usualIndex = 21;
/** Girths of bodies are drawn between these, as shares of the usual ones: a picture, not a judgement. */
const girths = { least: 0.92, most: 1.22 };
/**
 * A head is a sixth of a child's height and little more than an eighth of an adult's: how much larger it is drawn at
 * the younger age, and the age at which it is as an adult's. Working figures.
 */
const heads = { young: 6, grown: 16, most: 1.2 };

/**
 * How somebody is built, so that the figure resembles who it is of.
 * @param of height in cm, mass in kg (null where nobody said it), age in years
 */
export function buildOf({
  statureCm,
  massKg,
  age,
}: {
  statureCm: number;
  massKg: number | null;
  age: number;
}): Build {
  const index = massKg === null ? null : massKg / (statureCm / 100) ** 2;
  // Mass grows with the square of girth; a growing body has less of it for the same look.
  const usual = usualIndex - 0.45 * clamp(heads.grown - age, 0, heads.grown - heads.young);
  const childhood = clamp((heads.grown - age) / (heads.grown - heads.young), 0, 1);
  return {
    girth: index === null ? 1 : clamp(Math.sqrt(index / usual), girths.least, girths.most),
    head: 1 + (heads.most - 1) * childhood,
  };
}
