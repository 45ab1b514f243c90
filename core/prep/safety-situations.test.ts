import { describe, expect, it } from "vitest";
import { trial } from "../../bench/safety/trial";

describe("a thousand situations", () => {
  it("break no rule of a clinician that was written apart from the gate", () => {
    for (let seed = 1; seed <= 1000; seed += 1) expect(trial(seed), `seed ${seed}`).toEqual([]);
  }, 240_000);
});
