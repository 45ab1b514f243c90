import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { chanceAt, learn, outlookAt, response, wonBy, type Seen } from "./forecast";
import { usualPrior } from "../content/motion-prior";

const steady = (weeks: number, dose = 400): number[] => Array<number>(weeks).fill(dose);
const check = (week: number, value: number, se = 3): Seen => ({ week, value, se });
const rising = [check(0, 150), check(2, 153), check(4, 155), check(6, 157)];

/** Checks and doses as they may come. */
const histories = fc.record({
  checks: fc
    .array(fc.tuple(fc.integer({ min: 0, max: 8 }), fc.integer({ min: 100, max: 180 })), {
      minLength: 1,
      maxLength: 6,
    })
    .map((list) => list.map(([week, value]) => check(week, value))),
  doses: fc.array(fc.integer({ min: 0, max: 1500 }), { minLength: 16, maxLength: 16 }),
});

describe("the dose", () => {
  it("gains less and less by the second", () => {
    expect(response(0, 400)).toBe(0);
    expect(response(400, 400)).toBeCloseTo(0.632, 3);
    expect(response(800, 400) - response(400, 400)).toBeLessThan(response(400, 400));
  });
  it("wins a share of what is left, and loses a share of what was won without it", () => {
    const [, first, second] = wonBy([1e9, 1e9], { rate: 0.1, decay: 0.05, fullDose: 400 });
    expect([first, second]).toEqual([0.1, expect.closeTo(0.19, 9)]);
    const won = wonBy([1e9, 0], { rate: 0.1, decay: 0.05, fullDose: 400 });
    expect(won[2]).toBeCloseTo(0.095, 9);
  });
});

describe("a forecast", () => {
  it("after one check it knows the value, and little else", () => {
    const belief = learn([check(0, 150)], steady(16));
    const now = outlookAt(belief, 0, steady(16));
    expect(now.median).toBeCloseTo(150, 1);
    expect(now.high - now.low).toBeGreaterThan(2 * 1.28 * 3 - 0.1);
    const later = outlookAt(belief, 8, steady(16));
    expect(later.high - later.low).toBeGreaterThan(now.high - now.low);
    expect(belief.checks).toBe(1);
  });
  it("goes on rising where the checks rose, less and less, inside its own interval", () => {
    const belief = learn(rising, steady(16));
    const at = (week: number) => outlookAt(belief, week, steady(16));
    expect(at(10).median).toBeGreaterThan(at(6).median);
    expect(at(14).median - at(10).median).toBeLessThan(at(10).median - at(6).median);
    for (const week of [6, 10, 14]) {
      expect(at(week).low).toBeLessThan(at(week).median);
      expect(at(week).high).toBeGreaterThan(at(week).median);
    }
  });
  it("more checks narrow it", () => {
    const width = (checks: readonly Seen[]) => {
      const { low, high } = outlookAt(learn(checks, steady(16)), 12, steady(16));
      return high - low;
    };
    expect(width(rising)).toBeLessThan(width(rising.slice(0, 1)));
  });
  it("the chance of a demand and the interval say the same", () => {
    const belief = learn(rising, steady(16));
    const { low, median, high } = outlookAt(belief, 10, steady(16));
    for (const [need, chance] of [
      [low, 0.9],
      [median, 0.5],
      [high, 0.1],
    ] as const)
      expect(chanceAt(belief, need, 10, steady(16))).toBeCloseTo(chance, 3);
  });
  it("more dose never forecasts less, and a gap never helps", () =>
    fc.assert(
      fc.property(
        histories,
        fc.integer({ min: 8, max: 15 }),
        fc.integer({ min: 0, max: 800 }),
        ({ checks, doses }, week, more) => {
          const belief = learn(checks, doses.slice(0, 8));
          const changed = (by: (dose: number) => number) =>
            doses.map((dose, at) => (at === week ? by(dose) : dose));
          const of = (list: readonly number[]) => outlookAt(belief, 16, list);
          const [less, same, raised] = [
            of(changed(() => 0)),
            of(doses),
            of(changed((dose) => dose + more)),
          ];
          for (const key of ["low", "median", "high"] as const) {
            expect(less[key]).toBeLessThanOrEqual(same[key] + 1e-6);
            expect(raised[key]).toBeGreaterThanOrEqual(same[key] - 1e-6);
          }
        },
      ),
      { numRuns: 40 },
    ));
  it("is the same every time, and the share that is won stays between nothing and all", () =>
    fc.assert(
      fc.property(histories, ({ checks, doses }) => {
        const one = outlookAt(learn(checks, doses), 12, doses);
        expect(outlookAt(learn([...checks].reverse(), doses), 12, doses)).toEqual(one);
        for (const share of wonBy(doses, usualPrior)) {
          expect(share).toBeGreaterThanOrEqual(0);
          expect(share).toBeLessThanOrEqual(1);
        }
      }),
      { numRuns: 30 },
    ));
});
