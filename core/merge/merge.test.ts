import { describe, expect, it } from "vitest";
import { diceOf } from "../stats/dice";
import { historyOf } from "../test/merging";
describe("three devices", () => {
  it("come to the same, and nothing is lost", () => {
    const dice = diceOf(17);
    for (let n = 0; n < 400; n += 1) {
      const { diverged, lost } = historyOf(dice, 4 + Math.floor(26 * dice.unit()));
      expect({ n, diverged, lost }).toEqual({ n, diverged: false, lost: [] });
    }
  });
});
