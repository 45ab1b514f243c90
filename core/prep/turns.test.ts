import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { choiceAt, choose, throughAll } from "./turns";

describe("choices", () => {
  it("are counted and gone through in the order of a dictionary", () => {
    expect(choose(7, 2)).toBe(21n);
    expect(choose(52, 5)).toBe(2_598_960n);
    expect(choose(3, 4)).toBe(0n);
    expect(Array.from({ length: 6 }, (_, rank) => choiceAt(4, 2, BigInt(rank)).join(""))).toEqual([
      "01",
      "02",
      "03",
      "12",
      "13",
      "23",
    ]);
  });
});

describe("wheels", () => {
  it("come by every setting before any comes again", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 7 }), { minLength: 1, maxLength: 4 }),
        (sizes) => {
          const { count, at } = throughAll(sizes.map(BigInt));
          const settings = Array.from({ length: Number(count) }, (_, turn) => at(turn).join(" "));
          expect(new Set(settings).size).toBe(sizes.reduce((product, size) => product * size, 1));
          expect(at(Number(count))).toEqual(at(0));
          expect(at(-1)).toEqual(at(Number(count) - 1));
        },
      ),
    );
  });
  it("turn every wheel of three and more each time", () => {
    for (const sizes of [
      [3, 3, 3],
      [6, 10, 15, 4],
      [21, 5, 35],
    ]) {
      const { count, at } = throughAll(sizes.map(BigInt));
      for (let turn = 0; turn < Number(count); turn += 1) {
        const [here, next] = [at(turn), at(turn + 1)];
        sizes.forEach((_, i) => expect(next[i], `${sizes} ${turn}`).not.toBe(here[i]));
      }
    }
  });
});
