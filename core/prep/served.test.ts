import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { needsFor } from "../test/planning";
import { item } from "../test/people";
import { servedBy } from "./served";

describe("what a prep works on, of all that is short", () => {
  const needs = needsFor("handstand").map((need) => ({ ...need, shortage: 5 }));
  const rocks = item("wrist-rocks", { type: "reps", sets: 1, reps: 10, tempo: 2, rest: 0 });
  it("is what its drills serve; the rest waits, and none is lost", () => {
    const { works, waits } = servedBy([rocks], needs, library);
    expect(works.map(({ motion }) => motion)).toEqual(["wrist.extension"]);
    expect(works.length + waits.length).toBe(needs.length);
  });
  it("speaks of nothing that is not short", () =>
    expect(servedBy([rocks], needsFor("handstand"), library)).toEqual({ works: [], waits: [] }));
});
