import { bandFor, bandStrengths, weightFor, type BandStrength } from "../drill/band";
import type { Rung } from "../drill/drill";
import type { Place } from "../records/records";
import type { Load } from "../doses/load";

const none: Load = { kg: null, band: null };
/** Where nobody has said which weights there are, the lighter sets are at these shares of the work, to the half kilogram. */
const shares = [0.5, 0.75] as const;
const mostSteps = 2;

/** The weight or band of the work sets: what was said, else what the place has for the rung and was done last. */
export function workLoad(
  rung: Rung,
  said: Partial<Load>,
  place: Place | null,
  last: number | null,
  growing: boolean,
): Load {
  const band = rung.band && place ? (bandFor(rung.band, place.bands)?.strength ?? null) : null;
  // Kilograms of the library are for grown-ups: while growing the coach chooses the weight.
  const kg = rung.kg && place && !growing ? weightFor(rung.kg, place.weights, last) : null;
  return { kg: said.kg ?? kg, band: said.band ?? band };
}

/**
 * The loads that lead up to the work on the same rung, the lightest first, two at most: lighter weights of the place, or
 * bands that make it easier. None where neither is known.
 * @example lighterLoads(rung, { kg: 16, band: null }, withWeights([4, 8, 12, 16])) // 8 kg, 12 kg
 */
export function lighterLoads(rung: Rung, work: Load, place: Place | null): Load[] {
  if (work.kg !== null) {
    const owned = place?.weights ?? [];
    const wanted = shares.map((share) => share * work.kg!);
    const found =
      owned.length > 0
        ? wanted.flatMap((kg) => nearestBelow(owned, kg, work.kg!))
        : wanted.map((kg) => Math.round(2 * kg) / 2);
    return [...new Set(found)]
      .filter((kg) => kg > 0 && kg < work.kg!)
      .sort((a, b) => a - b)
      .map((kg) => ({ ...none, kg }));
  }
  if (work.band === null || !rung.band || !place) return [];
  return easierBands(work.band, rung.band.helps, place)
    .slice(-mostSteps)
    .map((band) => ({ ...none, band }));
}

const nearestBelow = (owned: readonly number[], wanted: number, work: number): number[] => {
  const fit = owned.filter((kg) => kg < work);
  return fit.length === 0
    ? []
    : [fit.reduce((a, b) => (Math.abs(b - wanted) < Math.abs(a - wanted) ? b : a))];
};

/** Bands of the place that make it easier than this one, the easiest first: thicker where it helps, else thinner. */
function easierBands(work: BandStrength, helps: boolean, { bands }: Place): BandStrength[] {
  const order = helps ? [...bandStrengths].reverse() : [...bandStrengths];
  const owned = new Set(bands.map(({ strength }) => strength));
  return order.slice(0, order.indexOf(work)).filter((strength) => owned.has(strength));
}
