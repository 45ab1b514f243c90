import { diceOf } from "../stats/dice";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { chanceAt, learn, type Seen } from "./forecast";
import { doseThatWould, nextCheckWeek, plateau, sureEnough, whenMet } from "./when";

const check = (week: number, value: number, se = 2): Seen => ({ week, value, se });
const steady = (weeks: number, dose = 500): number[] => Array<number>(weeks).fill(dose);
const rising = [check(0, 100), check(2, 103), check(4, 105), check(6, 107)];
const doses = steady(40);
const belief = learn(rising, doses);

describe("when a demand is met", () => {
  it("is a span of weeks: likely from the first, sure from the second", () => {
    const { early, sure } = whenMet(belief, 106, doses, 40);
    expect(early).not.toBeNull();
    expect(sure).not.toBeNull();
    expect(early!).toBeLessThanOrEqual(sure!);
    expect(chanceAt(belief, 106, sure!, doses)).toBeGreaterThanOrEqual(sureEnough);
    expect(chanceAt(belief, 106, sure! - 1, doses)).toBeLessThan(sureEnough);
  });
  it("is not within the weeks where it is out of reach, and now where it is met already", () => {
    expect(whenMet(belief, 170, doses, 40)).toEqual({ early: null, sure: null });
    expect(whenMet(belief, 90, doses, 40)).toEqual({ early: 6, sure: 6 });
  });
});

describe("the dose that would", () => {
  it("is the least that does, and none where the cap would not do", () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 104, max: 125 }),
        fc.integer({ min: 8, max: 20 }),
        (need, week) => {
          const cap = 2400;
          const dose = doseThatWould(belief, need, week, doses.slice(0, 6), cap);
          const chance = (each: number) =>
            chanceAt(belief, need, week, [...doses.slice(0, 6), ...steady(week - 6, each)]);
          if (dose === null) expect(chance(cap)).toBeLessThan(sureEnough);
          else {
            expect(chance(dose)).toBeGreaterThanOrEqual(sureEnough - 1e-9);
            if (dose >= 60) expect(chance(dose - 60)).toBeLessThan(sureEnough);
          }
        },
      ),
      { numRuns: 30 },
    ));
});

describe("when to measure next", () => {
  it("is later for a coarser check and for a motion that moves slowly", () => {
    const moves = { headroom: 9, rate: 0.1 };
    expect(nextCheckWeek(6, 3, moves)).toBe(12);
    expect(nextCheckWeek(6, 1, moves)).toBe(9);
    expect(nextCheckWeek(6, 3, { headroom: 20, rate: 0.1 })).toBe(9);
    expect(nextCheckWeek(6, 9, moves)).toBe(14);
  });
});

describe("a plateau", () => {
  it("stands where the checks do not rise with dose", () => {
    const flat = [check(0, 110, 0.8), check(3, 110, 0.8), check(6, 109.5, 0.8)];
    expect(plateau(flat, steady(8))).toMatchObject({ stands: true });
    // The same by a coarser hand rules nothing out.
    const coarse = flat.map((one) => ({ ...one, se: 3 }));
    expect(plateau(coarse, steady(8))).toMatchObject({ stands: false });
    expect(plateau(rising, steady(8))).toMatchObject({
      stands: false,
      slope: expect.closeTo(1.15, 2),
    });
  });
  it("is seldom claimed of somebody who gains", () => {
    const dice = diceOf(5);
    let claimed = 0;
    for (let n = 0; n < 2000; n += 1) {
      const checks = [0, 3, 6].map((week) => check(week, 100 + 0.4 * week + 2 * dice.normal()));
      if (plateau(checks, steady(8))!.stands) claimed += 1;
    }
    expect(claimed / 2000).toBeLessThan(0.12);
  });
  it("cannot be told from two checks, in three weeks, or without work", () => {
    expect(plateau([check(0, 1), check(6, 1)], steady(8))).toBeNull();
    expect(plateau([check(0, 1), check(1, 1), check(3, 1)], steady(8))).toBeNull();
    expect(plateau([check(0, 1), check(3, 1), check(6, 1)], steady(8, 0))).toBeNull();
  });
});
