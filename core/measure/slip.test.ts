import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { plusDays } from "../dates/days";
import { diceOf } from "../stats/dice";
import { jumpOf } from "./slip";
import type { SeriesPoint } from "./trend";

const start = "2026-06-01";
const on = plusDays(start, 63);
const seen = (...values: number[]): SeriesPoint[] =>
  values.map((value, n) => ({ on: plusDays(start, 21 * n), value, se: 3, sem: 3, tester: "T" }));

describe("a number that a series makes unlikely", () => {
  it("is asked about: twenty degrees, as a digit", () => {
    expect(jumpOf(172, seen(150, 152, 153), { on })).toMatchObject({ slip: "digit" });
    expect(jumpOf(125, seen(150, 152, 152), { on })).toMatchObject({ slip: "digit" });
    expect(jumpOf(157, seen(150, 152, 153), { on })).toBeNull();
  });
  it("looks like the other side, or another unit", () => {
    expect(jumpOf(175, seen(150, 151, 150), { on, other: 176 })).toMatchObject({ slip: "side" });
    const cm = seen(30, 31, 30).map((one) => ({ ...one, se: 0.6, sem: 0.6 }));
    expect(jumpOf(12, cm, { on, length: true })).toMatchObject({ slip: "unit" });
    expect(jumpOf(12, cm, { on })).toMatchObject({
      slip: expect.not.stringContaining("unit") as string,
    });
  });
  it("is nothing to doubt where there is nothing to compare with, or long ago", () => {
    expect(jumpOf(150, [], { on })).toBeNull();
    expect(jumpOf(NaN, seen(150), { on })).toBeNull();
    expect(jumpOf(162, seen(150), { on: plusDays(start, 3) })).not.toBeUndefined();
    expect(jumpOf(161, seen(150), { on: plusDays(start, 200) })).toBeNull();
  });
  it("is never one that the series has just shown", () =>
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 180 }), (value) => {
        expect(jumpOf(value, seen(value, value, value), { on })).toBeNull();
      }),
    ));
  it("asks of honest readings about once in two hundred", () => {
    const dice = diceOf(3);
    let asked = 0;
    for (let n = 0; n < 4000; n += 1) {
      const read = () => 120 + 3 * Math.hypot(1, 0.4) * dice.normal();
      if (jumpOf(read(), seen(read(), read(), read()), { on })) asked += 1;
    }
    expect(asked / 4000).toBeLessThan(0.008);
  });
});
