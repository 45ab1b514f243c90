import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { daysBetween, isDay, mondayOf, plusDays } from "./days";

const anyDay = fc
  .date({ min: new Date("1900-01-01"), max: new Date("2100-12-31"), noInvalidDate: true })
  .map((date) => date.toISOString().slice(0, 10));

describe("a day", () => {
  it("is one of the calendar, and written as one", () => {
    for (const text of ["2026-02-28", "2024-02-29", "2026-12-31"]) expect(isDay(text)).toBe(true);
    for (const text of [
      "2026-02-31",
      "2026-02-29",
      "2026-13-45",
      "2026-00-10",
      "28.2.2026",
      "",
      "x",
    ])
      expect(isDay(text), text).toBe(false);
  });

  it("law: every day is one, and so is every day counted from it", () => {
    fc.assert(
      fc.property(anyDay, fc.integer({ min: -900, max: 900 }), (day, days) => {
        expect(isDay(day)).toBe(true);
        expect(isDay(plusDays(day, days))).toBe(true);
        expect(daysBetween(day, plusDays(day, days))).toBe(days);
        expect(new Date(mondayOf(day)).getUTCDay()).toBe(1);
      }),
    );
  });
});
