import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";

/** A seeded source of chance: evenly in 0–1, and the standard bell curve. */
export type Dice = { unit: () => number; normal: () => number };

const warmUp = 16;

/** Dice by seed: the same seed rolls the same numbers. */
export function diceOf(seed: number): Dice {
  const generator = xoroshiro128plus(seed);
  const unit = () => uniformFloat64(generator);
  // The first rolls of neighbouring seeds resemble each other.
  for (let roll = 0; roll < warmUp; roll += 1) unit();
  return {
    unit,
    normal: () => Math.sqrt(-2 * Math.log(1 - unit())) * Math.cos(2 * Math.PI * unit()),
  };
}
