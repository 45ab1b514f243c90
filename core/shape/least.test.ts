import fc from "fast-check";
import { expect, it } from "vitest";
import { leastOf } from "./least";

it("law: of a valley it finds the floor, wherever it lies between the bounds or beyond them", () => {
  fc.assert(
    fc.property(
      fc.double({ min: -30, max: 30, noNaN: true }),
      fc.double({ min: 0.1, max: 20, noNaN: true }),
      (floor, width) => {
        const found = leastOf((x) => Math.abs(x - floor) ** 1.5, 0, width);
        expect(Math.abs(found - Math.min(width, Math.max(0, floor)))).toBeLessThanOrEqual(0.021);
      },
    ),
  );
});

it("of two valleys it takes the deeper", () => {
  expect(leastOf((x) => Math.min((x - 2) ** 2 + 3, (x - 9) ** 2), 0, 12)).toBeCloseTo(9, 1);
});
