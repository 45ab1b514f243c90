import { describe, expect, it } from "vitest";
import { defaultSchools } from "#core/content/schools";
import { followed, schoolQuestions } from "./schools";

describe("ways of working", () => {
  it("each question gives both answers a reason", () => {
    for (const { key, why, options } of schoolQuestions) {
      expect(options.map(({ value }) => value)).toContain(defaultSchools[key]);
      expect(why.length, key).toBeGreaterThan(40);
    }
  });
  it("what a prep follows is said in a coach's short words", () =>
    expect(followed({ ...defaultSchools, hold: "long" })).toContain("long holds"));
});
