import { describe, expect, it } from "vitest";
import { doseSources, library } from "../../library/index";
import { countSources, kindOfSource } from "./sources";

describe("where figures come from", () => {
  it("a study beside a working figure leaves it a working figure", () => {
    expect(kindOfSource("working figure")).toBe("working");
    expect(kindOfSource("working figure; the mark after a study, 1995")).toBe("working");
    expect(kindOfSource("own figure")).toBe("own");
    expect(kindOfSource("geometry: a straight elbow is 0°")).toBe("geometry");
    expect(kindOfSource("Someone et al., A Journal 7(3), 2012")).toBe("published");
  });
  it("counts each once", () => {
    const count = countSources(["working figure", "geometry: x", "A, B 2001", "working figure"]);
    expect(count).toEqual({ published: 1, geometry: 1, own: 0, working: 2, all: 4 });
  });
  it("what is called published names who, where and when", () => {
    const all = [
      ...library.skills.flatMap(({ demands }) => demands),
      ...library.protocols.flatMap(({ instruments }) => instruments),
      ...doseSources,
    ].map(({ source }) => source);
    const published = all.filter((source) => kindOfSource(source) === "published");
    expect(published.length).toBeGreaterThan(5);
    for (const source of published) {
      expect(source).toMatch(/\b(19|20)\d\d\b/);
      expect(source.length).toBeGreaterThan(30);
    }
  });
  it("geometry is said of nothing but what the body’s own lines give", () => {
    for (const { id, demands } of library.skills)
      for (const { source, clean, motion } of demands)
        if (kindOfSource(source) === "geometry")
          expect([0, 45, 90, 135, 180, 185], `${id} ${motion}`).toContain(clean);
  });
});
