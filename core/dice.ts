import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";

/** A seeded source of chance: evenly in 0–1, and the standard bell curve. */
export type Dice = { unit: () => number; normal: () => number };

/** Dice by seed: the same seed rolls the same numbers. */
export function diceOf(seed: number): Dice {
  const generator = xoroshiro128plus(seed);
  const unit = () => uniformFloat64(generator);
  return {
    unit,
    normal: () => Math.sqrt(-2 * Math.log(1 - unit())) * Math.cos(2 * Math.PI * unit()),
  };
}
