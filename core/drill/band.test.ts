import { describe, expect, it } from "vitest";
import { bandFor, bandStrengths, nextWeight, strengthOf, weightFor, type Band } from "./band";

const set = (...strengths: Band["strength"][]): Band[] =>
  strengths.map((strength) => ({ strength, kg: null }));

describe("a band of the place for a rung", () => {
  it("that helps is taken as thick as asked, or thicker: never less help", () => {
    const medium = { strength: "medium", helps: true } as const;
    expect(bandFor(medium, set("thin", "medium", "thick"))?.strength).toBe("medium");
    expect(bandFor(medium, set("thin", "very-thick", "thick"))?.strength).toBe("thick");
    expect(bandFor(medium, set("very-thin", "thin"))).toBeNull();
  });
  it("that is worked against is taken as thin as asked, or thinner: never more work", () => {
    const medium = { strength: "medium", helps: false } as const;
    expect(bandFor(medium, set("very-thin", "thin", "thick"))?.strength).toBe("thin");
    expect(bandFor(medium, set("thick", "very-thick"))).toBeNull();
    expect(bandFor(medium, [])).toBeNull();
  });
  it("of one strength the lighter pull comes first", () =>
    expect(
      bandFor({ strength: "thin", helps: false }, [
        { strength: "thin", kg: 6 },
        { strength: "thin", kg: 4 },
      ])?.kg,
    ).toBe(4));
  it("kilograms at a stretch name a strength, and more of them never a thinner one", () => {
    expect([1, 5, 9, 20, 40].map(strengthOf)).toEqual([...bandStrengths]);
    let last = 0;
    for (let kg = 0.5; kg < 60; kg += 0.5) {
      const rank = bandStrengths.indexOf(strengthOf(kg));
      expect(rank).toBeGreaterThanOrEqual(last);
      last = rank;
    }
  });
});

describe("a weight of the place for a rung", () => {
  const rung = { from: 2, to: 8 };
  it("begins where the rung begins, or with the next lighter, or the lightest there is", () => {
    expect(weightFor(rung, [1, 2, 4, 16], null)).toBe(2);
    expect(weightFor(rung, [1, 4], null)).toBe(1);
    expect(weightFor(rung, [5, 7], null)).toBe(5);
    expect(weightFor(rung, [10, 12], null)).toBeNull();
  });
  it("goes on with what was last held, where it is there", () => {
    expect(weightFor(rung, [2, 4, 6], 4)).toBe(4);
    expect(weightFor(rung, [2, 6], 4)).toBe(2);
  });
  it("the next is one step heavier, inside the rung", () => {
    expect(nextWeight(rung, [2, 4, 6, 10], 4)).toBe(6);
    expect(nextWeight(rung, [2, 4, 6, 10], 6)).toBeNull();
  });
});
