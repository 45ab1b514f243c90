import { describe, expect, it } from "vitest";
import { library } from "#library/index";
import { drillWords, finderOf } from "./find-words";

const find = finderOf(
  library.drills.map((drill) => ({ key: drill.id, name: drill.name, words: drillWords(drill) })),
);
const keys = (typed: string) => find(typed).map(({ key }) => key);

describe("finding in the library", () => {
  it("meets the words that people use, not only the names", () => {
    for (const [typed, wanted] of [
      ["edge", "edge-pulls"],
      ["finger hang", "edge-pulls"],
      ["dead hang", "active-hang"],
      ["kick up", "kick-up"],
      ["way out handstand", "handstand-exits"],
      ["landing", "landings"],
      ["tennis elbow", "wrist-lowers-back"],
      ["serratus", "push-plus"],
      ["easy climb", "easy-ground"],
      ["developpé", "unfold"],
      ["sprain", "ankle-return"],
      ["roll fall", "falls"],
      ["thin band pull", "pull-ramp"],
      ["cool down walk", "cool-walk"],
    ] as const)
      expect(keys(typed).slice(0, 8), typed).toContain(wanted);
  });
  it("forgives a slip, and a word that is only begun", () => {
    expect(keys("hamstrng lower")).toContain("hamstring-lowers");
    expect(keys("handst")).toContain("handstand-exits");
  });
  it("asks for every word, and finds nothing where one is met nowhere", () => {
    expect(keys("wrist zebra")).toEqual([]);
    expect(keys("  ")).toHaveLength(library.drills.length);
  });
  it("puts a name before a mention", () => expect(keys("halo")[0]).toBe("halo"));
  it("puts the shortest name that begins so first", () => {
    const checks = finderOf(
      ["Hip extension at speed", "Kneeling hip extension", "Hip extension"].map((name) => ({
        key: name,
        name,
        words: "",
      })),
    );
    expect(checks("hip ext").map(({ key }) => key)).toEqual([
      "Hip extension",
      "Hip extension at speed",
      "Kneeling hip extension",
    ]);
  });
});
