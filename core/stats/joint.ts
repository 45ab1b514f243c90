import { probit } from "simple-statistics";
import { normalBelow } from "./normal";

/** Chances are kept this far from nothing and from certain: a bell curve has no end. */
const edge = 1e-9;
const steps = 60;
const widest = 6;

/**
 * How likely several things come together that share one hidden cause: given the cause they are independent (one common
 * factor under bell curves; Vasicek 1987). Never more than the least of them, never less than their product.
 * @param chances each by itself, 0–1
 * @param shared how much of what is open is shared, 0–1: at 0 their product, at 1 the least of them
 */
export function together(chances: readonly number[], shared: number): number {
  if (chances.length === 0) return 1;
  if (chances.length === 1 || shared <= 0) return chances.reduce((all, one) => all * one, 1);
  const bars = chances.map((chance) => probit(Math.min(1 - edge, Math.max(edge, chance))));
  const own = Math.sqrt(1 - shared);
  let [sum, weights] = [0, 0];
  for (let n = 0; n <= steps; n += 1) {
    const cause = widest * ((2 * n) / steps - 1);
    const weight = Math.exp((-cause * cause) / 2);
    weights += weight;
    sum +=
      weight *
      bars.reduce((all, bar) => all * normalBelow((bar + Math.sqrt(shared) * cause) / own), 1);
  }
  return Math.min(...chances, sum / weights);
}
