import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { chanceVerdict, chanceWords } from "./plain";

describe("a chance in a word and its figure", () => {
  it.each([
    [0.01, "Very unlikely: less than 1 in 20"],
    [0.1, "Unlikely: about 1 in 10"],
    [0.5, "Open: about 5 in 10"],
    [0.8, "Likely: about 8 in 10"],
    [0.99, "Very likely: more than 19 in 20"],
  ])("%d: %s", (chance, said) => expect(chanceVerdict(chance)).toBe(said));

  it("never says certain, and never a figure beyond ten", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (chance) => {
        expect(chanceVerdict(chance)).toMatch(/^(Very )?(unlikely|likely|Unlikely|Likely|Open): /);
        const [, tenths] = /about (\d+) in 10/.exec(chanceWords(chance)) ?? [null, "5"];
        expect(Number(tenths)).toBeGreaterThanOrEqual(1);
        expect(Number(tenths)).toBeLessThanOrEqual(10);
      }),
    );
  });
});
