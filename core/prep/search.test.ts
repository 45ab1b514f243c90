import fc from "fast-check";
import loadHighs from "highs";
import { describe, expect, it } from "vitest";
import { asked } from "../test/planning";
import { benefit, benefitPieces } from "./benefit";
import { quickChoice } from "./greedy";
import { secondsOfChoice, valueOfChoice, type ModelChoice, type Model, type Option } from "./model";
import { planDraftOf } from "./plan";
import { choiceFrom, programmeOf } from "./programme";
import { prove } from "../stats/prove";

/** Real options cut down to a programme so small that every choice can be tried. */
function small(budget: number, count: number, seed: number): Model {
  const { model } = planDraftOf(
    asked(["handstand", "front-split", "deep-squat", "bridge"][seed % 4]!, "mobility"),
  );
  const picked = model.options
    .map((option, i) => ({ option, i }))
    .filter((_, i) => (i * 7 + seed) % 5 < 2)
    .slice(0, count);
  const at = new Map(picked.map(({ i }, n) => [i, n]));
  const options = picked.map(({ option }): Option => ({
    ...option,
    levels: option.levels.slice(0, 2),
  }));
  const here = (list: readonly number[]) => list.flatMap((i) => at.get(i) ?? []);
  return {
    ...model,
    budget,
    options,
    covers: model.covers.map((cover) => ({ ...cover, by: here(cover.by) })),
    needsOne: model.needsOne.flatMap(({ option, anyOf }) =>
      at.has(option) ? [{ option: at.get(option)!, anyOf: here(anyOf) }] : [],
    ),
    clashes: model.clashes.flatMap(([i, j]) =>
      at.has(i) && at.has(j) ? [[at.get(i)!, at.get(j)!] as const] : [],
    ),
    atMost: model.atMost.map(({ members, seconds }) => ({ members: here(members), seconds })),
  };
}

/** Whether a choice keeps every rule of its programme. */
function legal(model: Model, choice: ModelChoice): boolean {
  const taken = (i: number) => choice[i]! > 0;
  return (
    secondsOfChoice(model, choice) <= model.budget &&
    model.clashes.every(([i, j]) => !taken(i) || !taken(j)) &&
    model.needsOne.every(({ option, anyOf }) => !taken(option) || anyOf.some(taken)) &&
    model.atMost.every(
      ({ members, seconds }) =>
        members.reduce(
          (sum, i) => sum + (taken(i) ? model.options[i]!.levels[choice[i]! - 1]!.seconds : 0),
          0,
        ) <= seconds,
    )
  );
}

/** The best choice there is, by trying them all. */
function bestOf(model: Model): number {
  let best = 0;
  const choice = model.options.map(() => 0);
  const walk = (i: number): void => {
    if (i === choice.length) {
      if (legal(model, choice)) best = Math.max(best, valueOfChoice(model, choice));
      return;
    }
    for (let level = 0; level <= model.options[i]!.levels.length; level += 1) {
      choice[i] = level;
      walk(i + 1);
    }
    choice[i] = 0;
  };
  walk(0);
  return best;
}

describe("choosing drills, against every choice there is", () => {
  it("the search is legal and never better than the best; the solver finds the best", async () => {
    const highs = await loadHighs();
    for (let seed = 0; seed < 12; seed += 1) {
      const model = small(240 + 60 * seed, 8, seed);
      const best = bestOf(model);
      const quick = quickChoice(model);
      expect(legal(model, quick)).toBe(true);
      expect(valueOfChoice(model, quick)).toBeLessThanOrEqual(best + 1e-6);
      expect(valueOfChoice(model, quick)).toBeGreaterThanOrEqual(0.9 * best);
      const proven = choiceFrom(model, prove(highs, programmeOf(model)).columns);
      expect(legal(model, proven)).toBe(true);
      expect(valueOfChoice(model, proven)).toBeGreaterThanOrEqual(best / 1.0101 - 1e-6);
    }
  });
  it("is legal for any minutes, also for next to none", () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 1500 }),
        fc.nat({ max: 20 }),
        fc.integer({ min: 0, max: 30 }),
        (budget, seed, count) => {
          const model = small(budget, count, seed);
          expect(legal(model, quickChoice(model))).toBe(true);
        },
      ),
      { numRuns: 60 },
    ));
  it("a programme without a candidate is still one that a solver reads", async () => {
    const model = small(300, 0, 1);
    expect(quickChoice(model)).toEqual([]);
    expect(programmeOf(model)).toContain("Maximize");
  });
});

describe("the benefit of seconds", () => {
  it("never falls, and each further second gives no more than the one before", () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 900 }), (seconds) => {
        const [a, b, c] = [benefit(seconds), benefit(seconds + 1), benefit(seconds + 2)];
        expect(b).toBeGreaterThanOrEqual(a);
        expect(c - b).toBeLessThanOrEqual(b - a + 1e-9);
      }),
    ));
  it("is the sum of its pieces, and nothing beyond them", () => {
    const all = benefitPieces.reduce((sum, [seconds]) => sum + seconds, 0);
    expect(benefit(all)).toBeCloseTo(
      benefitPieces.reduce((sum, [seconds, rate]) => sum + seconds * rate, 0),
    );
    expect(benefit(all + 500)).toBe(benefit(all));
    expect(benefit(-5)).toBe(0);
  });
});
