import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { dateAnswer, forecastAnswer, weeklyCap, type ForecastQuestion } from "./forecast-answer";

const question = (over: Partial<ForecastQuestion> = {}): ForecastQuestion => ({
  key: "k",
  motion: "hip.flexion",
  side: "left",
  need: 122,
  start: "2026-09-14",
  seen: [
    { week: 0, value: 112, se: 2 },
    { week: 3, value: 114, se: 2 },
    { week: 6, value: 117, se: 2 },
  ],
  done: [300, 300, 300, 300, 300, 300],
  planned: Array<number>(16).fill(300),
  by: 12,
  ...over,
});

const anyQuestion = fc
  .record({
    values: fc.array(fc.integer({ min: 100, max: 130 }), { minLength: 1, maxLength: 5 }),
    se: fc.constantFrom(1, 2, 3),
    dose: fc.integer({ min: 0, max: 900 }),
    more: fc.integer({ min: 1, max: 900 }),
    need: fc.integer({ min: 100, max: 140 }),
    by: fc.integer({ min: 10, max: 16 }),
  })
  .map(({ values, se, dose, more, need, by }) => ({
    more,
    question: question({
      seen: values.map((value, n) => ({ week: 1.5 * n, value, se })),
      done: Array<number>(8).fill(dose),
      planned: Array<number>(16).fill(dose),
      need,
      by,
    }),
  }));

const small = 1e-6;

describe("what a forecast answers", () => {
  it("law: more dose never forecasts less range or less chance, below the caps", () => {
    fc.assert(
      fc.property(anyQuestion, ({ question: asked, more }) => {
        const given = Math.min(weeklyCap, asked.planned[0]! + more);
        const [less, full] = [
          forecastAnswer(asked),
          forecastAnswer({ ...asked, planned: asked.planned.map(() => given) }),
        ];
        expect(full.chance).toBeGreaterThanOrEqual(less.chance - small);
        full.fan.forEach(({ median, low, high }, n) => {
          expect(median).toBeGreaterThanOrEqual(less.fan[n]!.median - 0.01);
          expect(low).toBeGreaterThanOrEqual(less.fan[n]!.low - 0.01);
          expect(high).toBeGreaterThanOrEqual(less.fan[n]!.high - 0.01);
        });
      }),
      { numRuns: 12 },
    );
  });

  it("law: a gap in training never helps, wherever it lies", () => {
    fc.assert(
      fc.property(
        anyQuestion,
        fc.integer({ min: 0, max: 12 }),
        fc.integer({ min: 1, max: 3 }),
        ({ question: asked }, from, weeks) => {
          const gap = asked.planned.map((dose, week) =>
            week >= from && week < from + weeks ? 0 : dose,
          );
          const [whole, missed] = [
            forecastAnswer(asked),
            forecastAnswer({ ...asked, planned: gap }),
          ];
          expect(missed.chance).toBeLessThanOrEqual(whole.chance + small);
          missed.chances.forEach((chance, n) =>
            expect(chance).toBeLessThanOrEqual(whole.chances[n]! + small),
          );
        },
      ),
      { numRuns: 12 },
    );
  });

  it("the dose that would do it does it, and a little less does not; beyond the cap there is none", () => {
    const asked = question({ need: 115.5 });
    const { wouldDo } = forecastAnswer(asked);
    expect(wouldDo).not.toBeNull();
    const at = (dose: number) =>
      forecastAnswer({ ...asked, planned: asked.planned.map(() => dose) }).chance;
    expect(at(wouldDo!)).toBeGreaterThanOrEqual(0.8);
    if (wouldDo! > 60) expect(at(wouldDo! - 60)).toBeLessThan(0.8);
    expect(forecastAnswer(question({ need: 170 })).wouldDo).toBeNull();
  });

  it("after one check the interval is wide, and says that there was one", () => {
    const one = forecastAnswer(question({ seen: [{ week: 6, value: 117, se: 2 }] }));
    const three = forecastAnswer(question());
    const width = ({ onDate }: typeof one) => onDate.high - onDate.low;
    expect(one.checks).toBe(1);
    expect(width(one)).toBeGreaterThan(width(three) * 0.95);
    expect(one.plateau).toBeNull();
  });

  it("measures next when training could have moved it by the check's own error", () => {
    const often = forecastAnswer(question({ seen: [{ week: 6, value: 112, se: 0.4 }] }));
    const rough = forecastAnswer(question({ seen: [{ week: 6, value: 112, se: 4 }] }));
    expect(rough.measure).toBeGreaterThan(often.measure);
  });
});

describe("several demands on one date", () => {
  const one = (key: string, chances: number[], chance: number, first = 4, offset = 0) => ({
    key,
    chances,
    chance,
    first,
    offset,
    limiter: 1 - chance,
  });

  it("is more than their product, less than the least of them, and one is named that holds it back", () => {
    const date = dateAnswer([one("a", [0.2, 0.5, 0.9], 0.9), one("b", [0.6, 0.8, 0.95], 0.5)]);
    expect(date.chance).toBeGreaterThan(0.45);
    expect(date.chance).toBeLessThan(0.5);
    expect([date.most, date.holding]).toEqual([0.5, "b"]);
    expect([date.early, date.sure]).toEqual([5, 6]);
  });

  it("of those that are not likely the one that limits most holds it back", () => {
    const [a, b] = [one("a", [0.3], 0.3), one("b", [0.6], 0.6)];
    expect(
      dateAnswer([
        { ...a, limiter: 0.1 },
        { ...b, limiter: 0.4 },
      ]).holding,
    ).toBe("b");
    expect(
      dateAnswer([
        { ...a, chance: 0.9, limiter: 0.1 },
        { ...b, chance: 0.85, limiter: 0.4 },
      ]).holding,
    ).toBe("b");
  });

  it("brings together answers whose weeks begin on other Mondays", () => {
    const date = dateAnswer([
      one("a", [0.1, 0.9, 0.95], 0.95, 4, 0),
      one("b", [0.1, 0.9, 0.95], 0.95, 6, 2),
    ]);
    expect([date.early, date.sure]).toEqual([5, 5]);
  });
});
