import { describe, expect, it } from "vitest";
import { buildOf } from "./build";

describe("how somebody is built", () => {
  const adult = { statureCm: 170, massKg: 60.7, age: 30 };

  it("is as usual where the mass is usual, or nobody said it", () => {
    expect(buildOf(adult).girth).toBeCloseTo(1, 2);
    expect(buildOf({ ...adult, massKg: null })).toEqual({ girth: 1, head: 1 });
  });

  it("is wider for the heavy and slighter for the light, within what still reads as a body", () => {
    const girth = (massKg: number) => buildOf({ ...adult, massKg }).girth;
    expect(girth(75)).toBeGreaterThan(1.05);
    expect(girth(52)).toBeLessThan(0.95);
    expect(girth(160)).toBe(1.22);
    expect(girth(35)).toBe(0.92);
  });

  it("has a larger head the younger it is, an adult's from sixteen on", () => {
    const head = (age: number) => buildOf({ ...adult, age }).head;
    expect(head(6)).toBeCloseTo(1.2, 6);
    expect(head(11)).toBeCloseTo(1.1, 6);
    expect([head(16), head(60)]).toEqual([1, 1]);
  });

  it("a child of eight with a child's mass is no thin adult", () => {
    expect(buildOf({ statureCm: 128, massKg: 26, age: 8 }).girth).toBeGreaterThan(0.95);
  });
});
