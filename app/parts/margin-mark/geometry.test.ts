import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { markGeometry, notchPath, type Reading } from "./geometry";

const reading = (margin: number | null, side: Reading["side"] = "left"): Reading => ({
  side,
  margin,
  se: 3,
  verdict: "short",
  asked: true,
});

describe("the margin mark", () => {
  it("puts short left of the demand and spare right of it, to scale", () => {
    const mark = markGeometry([reading(-20), reading(10, "right")], 310, 44, 32);
    const [left, right] = mark.sides;
    expect(left!.bar).toMatchObject({ short: true });
    expect(right!.bar).toMatchObject({ short: false, x: mark.middle });
    expect(left!.bar!.width).toBeCloseTo(2 * right!.bar!.width, 6);
  });
  it("has the left side above the rule, the right below, the trunk on it", () => {
    const [left, right, mid] = markGeometry(
      [reading(0), reading(0, "right"), reading(0, "mid")],
      300,
      44,
      30,
    ).sides;
    expect(left!.y).toBeLessThan(22);
    expect(right!.y).toBeGreaterThan(22);
    expect(mid!.y).toBe(22);
  });
  it("cuts neither side off, however low it is, and keeps them apart", () => {
    for (const height of [24, 26, 30, 44]) {
      const [left, right] = markGeometry([reading(0), reading(0, "right")], 140, height, 26).sides;
      expect(left!.y - 5.5, String(height)).toBeGreaterThanOrEqual(0);
      expect(right!.y + 5.5, String(height)).toBeLessThanOrEqual(height);
      expect(right!.y - left!.y, String(height)).toBeGreaterThan(11);
    }
  });
  it("draws nothing for what was not measured", () =>
    expect(markGeometry([reading(null)], 300, 44, 30).sides[0]).toMatchObject({
      x: null,
      bar: null,
      whisker: null,
      notch: "",
    }));
  it("never leaves its box, and says when the value lies beyond", () =>
    fc.assert(
      fc.property(fc.integer({ min: -200, max: 200 }), (margin) => {
        const [side] = markGeometry([reading(margin)], 300, 44, 30).sides;
        expect(side!.x).toBeGreaterThanOrEqual(0);
        expect(side!.x).toBeLessThanOrEqual(300);
        expect(side!.beyond).toBe(margin < -30 ? "left" : margin > 16.5 ? "right" : null);
      }),
    ));
  it("notches point left for left and right for right", () => {
    expect(notchPath("left", 10, 5)).toMatch(/^M10 5l8/);
    expect(notchPath("right", 10, 5)).toMatch(/^M10 5l-8/);
  });
});
