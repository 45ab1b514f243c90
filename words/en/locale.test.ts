import { describe, expect, it } from "vitest";
import fc from "fast-check";
import { dayForms } from "./days";
import { decimal, monthFirst, signed, thousands } from "./locale";

describe("how the reader's device writes", () => {
  it("the decimal mark is the reader's, the digits are those of the figure", () => {
    expect(decimal(85.5, 1, 1, "en-GB")).toBe("85.5");
    expect(decimal(85.5, 1, 1, "de-DE")).toBe("85,5");
    expect(decimal(85, 1, 0, "fr-FR")).toBe("85");
    expect(decimal(1234.56, 1, 1, "de-DE")).toBe("1234,6");
    expect(decimal(-3.25, 2, 2, "en-US")).toBe("-3.25");
    expect(decimal(-0.04, 1, 1, "en-US")).toBe("0.0");
    expect(decimal(12, 1, 1, "ar-EG")).toMatch(/^12[.,٫]0$/);
    expect(thousands(12500, "en-GB")).toBe("12,500");
    expect(thousands(12500, "de-DE")).toBe("12.500");
  });

  it("a change has its sign, and none where it rounds to nothing", () => {
    expect([3.25, -3.25, 0.04, -0.04, 0].map((value) => signed(value, 1, "en-GB"))).toEqual([
      "+3.3",
      "−3.3",
      "0.0",
      "0.0",
      "0.0",
    ]);
    expect(signed(-2.6, 0, "de-DE")).toBe("−3");
    expect(signed(2.5, 1, "de-DE")).toBe("+2,5");
  });

  it("rounds as everything else here does", () =>
    fc.assert(
      fc.property(
        fc.double({ min: -400, max: 400, noNaN: true }),
        fc.integer({ min: 0, max: 3 }),
        (value, most) =>
          decimal(value, most, most, "en-US") ===
          value.toFixed(most).replace(/^-(0(\.0*)?)$/, "$1"),
      ),
    ));

  it("day and month stand in the reader's order", () => {
    expect(monthFirst("en-US")).toBe(true);
    for (const locale of ["en-GB", "de-DE", "fr-FR", "en-AU"])
      expect(monthFirst(locale), locale).toBe(false);
    expect(dayForms(false)).toEqual({
      short: "d MMM",
      week: "EEE d MMM",
      long: "EEEE d MMMM",
      paper: "EEEE d MMMM yyyy",
    });
    expect(dayForms(true)).toEqual({
      short: "MMM d",
      week: "EEE, MMM d",
      long: "EEEE, MMMM d",
      paper: "EEEE, MMMM d, yyyy",
    });
  });
});
