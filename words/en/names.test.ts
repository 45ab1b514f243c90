import { describe, expect, it } from "vitest";
import { defaultSchools } from "#core/content/schools";
import { doseSaid } from "./names";

describe("a dose as a coach reads it", () => {
  it("one who works by feel loosens until it is loose; everything else is counted", () => {
    const feel = { ...defaultSchools, amount: "feel" as const };
    const reps = { type: "reps" as const, sets: 1, reps: 12, tempo: 2, rest: 0 };
    expect(doseSaid(reps, "loosen", feel)).toBe("about 12, until loose");
    expect(doseSaid(reps, "own", feel)).toBe("1 × 12");
    expect(doseSaid(reps, "loosen")).toBe("1 × 12");
  });
});
