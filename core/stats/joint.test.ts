import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { together } from "./joint";

const chances = fc.array(fc.double({ min: 0.01, max: 0.99, noNaN: true }), {
  minLength: 1,
  maxLength: 6,
});

describe("chances that share a cause", () => {
  it("law: between their product and the least of them, rising with what is shared", () => {
    fc.assert(
      fc.property(chances, (all) => {
        const product = all.reduce((so, one) => so * one, 1);
        const [none, some, most] = [0, 0.4, 0.8].map((shared) => together(all, shared));
        expect(none).toBeCloseTo(product, 9);
        expect(some).toBeGreaterThanOrEqual(product - 1e-4);
        expect(most).toBeGreaterThanOrEqual(some! - 1e-4);
        expect(most).toBeLessThanOrEqual(Math.min(...all) + 1e-9);
      }),
    );
  });

  it("two even chances that share half of what is open come together a third of the time", () => {
    // ¼ + arcsin(½) / 2π, the orthant of a bell curve in two dimensions.
    expect(together([0.5, 0.5], 0.5)).toBeCloseTo(0.25 + Math.asin(0.5) / (2 * Math.PI), 3);
  });

  it("one is itself, and nothing to come together is certain", () => {
    expect(together([0.3], 0.5)).toBe(0.3);
    expect(together([], 0.5)).toBe(1);
  });
});
