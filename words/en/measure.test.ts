import { describe, expect, it } from "vitest";
import { protocol } from "#core/test/people";
import type { Change, SideDifference } from "#core/measure/change";
import { arcWords, changeWords, shareWords, sidesWords, turnoutWords, valueWords } from "./measure";
import type { Joined } from "#core/measure/pairs";

const joined = (value: number, se: number) => ({ value, se }) as Joined;
const change = (over: Partial<Change>): Change =>
  ({
    delta: 3,
    real: false,
    toward: "more",
    threshold: 8.3,
    finest: null,
    readings: 2,
    widening: 1,
    ...over,
  }) as Change;
const shoulder = protocol("shoulder-flexion");
const lessIsMore = protocol("front-split-gap");

describe("a change in words", () => {
  it("real, or within the error with what would settle it", () => {
    const says = (over: Partial<Change>) => changeWords(change(over), "10 Nov", shoulder);
    expect(says({ real: true, delta: 9 })).toBe("+9.0° since 10 Nov: a real change.");
    expect(says({ real: true, delta: -9 })).toBe("−9.0° since 10 Nov: a real change.");
    expect(says({})).toBe("+3.0° since 10 Nov: can’t be told yet; 8.3° or more would be real.");
    expect(says({ real: true, delta: 9, readings: 5 })).toContain(
      "+9.0° since 10 Nov by all 5 readings",
    );
    const finest = { perWeek: 0.62, by: "2027-01-26", rounds: 3 };
    expect(says({ finest })).toContain("3 rounds more see 0.6° a week by 26 Jan");
    expect(says({ widening: 1.75 })).toMatch(/Measured by other hands: errors × [\d.]+\.$/);
  });

  it("where less is better, a real change says which way the range went", () => {
    expect(lessIsMore.better).toBe("less");
    const fell = changeWords(
      change({ real: true, delta: -6, toward: "more" }),
      "10 Nov",
      lessIsMore,
    );
    expect(fell).toContain("a real change, more range");
  });
});

describe("the sides in words", () => {
  const apart = (over: Partial<SideDifference>): SideDifference =>
    ({
      difference: 6,
      real: true,
      shorter: "left",
      index: 12,
      worthActing: true,
      ...over,
    }) as SideDifference;

  it("alike within the error, different, and different enough to act on", () => {
    expect(sidesWords(apart({ real: false }), shoulder)).toBe(
      "Left and right 6.0° apart: within measurement error.",
    );
    expect(sidesWords(apart({}), shoulder)).toBe("Left 6.0° less (12 %): worth extra time there.");
    expect(sidesWords(apart({ shorter: "right", worthActing: false }), shoulder)).toBe(
      "Right 6.0° less (12 %): real, too small to act on.",
    );
    expect(sidesWords(apart({}), lessIsMore)).toContain("more, so less range");
  });

  it("arcs of one side, of both, and whether they differ", () => {
    expect(arcWords(joined(150, 4), null, null)).toBe("Total arc left 150° ± 4.");
    expect(arcWords(null, joined(160, 4), null)).toBe("Total arc right 160° ± 4.");
    expect(arcWords(joined(150, 4), joined(160, 4), { difference: -10, real: false })).toBe(
      "Total arc left 150° ± 4, right 160° ± 4: the sides are alike within the error.",
    );
    expect(arcWords(joined(140, 4), joined(165, 4), { difference: -25, real: true })).toContain(
      "a real difference of 25°",
    );
  });
});

describe("how much of a range is used", () => {
  it("below four fifths, too close to say, and used", () => {
    expect(shareWords(joined(0.65, 0.05))).toContain(
      "strength at the end of the range comes first",
    );
    expect(shareWords(joined(0.78, 0.05))).toContain("too close to four fifths to say more");
    expect(shareWords(joined(0.95, 0.05))).toBe(
      "Active reaches 95 % ± 5 of passive: the range is used.",
    );
  });

  it("turnout that the hips do not give", () => {
    expect(turnoutWords({ ...joined(14, 4), real: true })).toContain(
      "the knees and feet make up the rest",
    );
    expect(turnoutWords({ ...joined(3, 4), real: false })).toContain("within the error");
  });
});

describe("a value in words", () => {
  it("in its own unit with its error, and the angle it stands for", () => {
    const value = { value: 10, se: 0.5 } as Parameters<typeof valueWords>[0];
    const angle = { degrees: 35.9, se: 1.4 } as Parameters<typeof valueWords>[1];
    expect(valueWords(value, angle, protocol("knee-to-wall"))).toBe("10 cm ± 0.5, 36° ± 1");
    expect(valueWords(value, null, protocol("knee-to-wall"))).toBe("10 cm ± 0.5");
    expect(valueWords({ ...value, value: 158.25 }, angle, shoulder)).toBe("158.3° ± 0.5");
  });
});
