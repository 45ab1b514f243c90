import { describe, expect, it } from "vitest";
import { writeDose, type Dose } from "#core/drill/dose";
import { Drill } from "#core/drill/drill";
import { library } from "#library/index";
import { shareAt } from "../figure/moving-picture";
import { blankDrill, blankRung, copyOf, rangeFor, readDose } from "./own-drill";

describe("a dose as people write it", () => {
  it.each<[string, Dose | null | undefined]>([
    ["10", { type: "reps", sets: 1, reps: 10, tempo: 3, rest: 0 }],
    ["10 times", { type: "reps", sets: 1, reps: 10, tempo: 3, rest: 0 }],
    ["2 x 12", { type: "reps", sets: 2, reps: 12, tempo: 3, rest: 10 }],
    ["45 s", { type: "time", sets: 1, seconds: 45, rest: 0 }],
    ["1:30", { type: "time", sets: 1, seconds: 90, rest: 0 }],
    ["3 × (10 + 30)", { type: "contract-relax", rounds: 3, contract: 10, deepen: 30 }],
    ["", null],
    ["–", null],
    ["a few", undefined],
    ["2 × ten", undefined],
  ])("%s", (text, dose) => expect(readDose(text, false)).toEqual(dose));
  it("seconds of a held stretch are a hold", () =>
    expect(readDose("2 × 30 s", true)).toEqual({ type: "hold", sets: 2, seconds: 30, rest: 10 }));
  it("reads back what the library writes, sets, repetitions and seconds", () => {
    for (const { kind, rungs } of library.drills)
      for (const { warmUp, session } of rungs)
        for (const dose of [warmUp, session]) {
          if (!dose) continue;
          const read = readDose(writeDose(dose), dose.type === "hold");
          if (!read) throw new Error(`${kind}: ${writeDose(dose)} was not read`);
          expect(writeDose(read)).toBe(writeDose(dose));
        }
  });
});

describe("a drill of one's own", () => {
  it("has the form of the library's once it is filled in", () => {
    const blank = blankDrill(library);
    const rung = {
      ...blank.rungs[0]!,
      name: "First",
      cue: "Tall.",
      steps: ["Stand.", "Reach."],
      gates: [{ see: "a", then: "b" }],
    };
    expect(Drill.parse({ ...blank, id: "mine", name: "Mine", rungs: [rung] }).rungs[0]!.name).toBe(
      "First",
    );
  });
  it("is a copy under its own name, without the other's identifier", () => {
    const copy = copyOf(library.drills[5]!);
    expect(copy.id).toBe("");
    expect(copy.name).not.toBe(library.drills[5]!.name);
    expect(copy.rungs).toEqual(library.drills[5]!.rungs);
  });
  it("a new level keeps the picture of the one before and nothing of its words", () => {
    const like = library.drills[5]!.rungs[1]!;
    const rung = blankRung(like, 4);
    expect(rung.picture).toBe(like.picture);
    expect([rung.name, rung.cue, ...rung.steps].join("")).toBe("");
  });
  it("grows to half as much again where nobody set a range", () => {
    expect(rangeFor({ type: "reps", sets: 1, reps: 10, tempo: 3, rest: 0 })).toEqual({
      from: 8,
      to: 16,
    });
    expect(rangeFor({ type: "hold", sets: 1, seconds: 30, rest: 0 })).toEqual({
      from: 24,
      to: 46,
    });
    expect(rangeFor(null)).toEqual({ from: 2, to: 4 });
  });
});

describe("a picture that moves", () => {
  it("begins at the start, is at the end after one way, and back after two", () => {
    expect(shareAt(0)).toBeCloseTo(0);
    expect(shareAt(1500)).toBeCloseTo(1);
    expect(shareAt(3000)).toBeCloseTo(0);
    expect(shareAt(750)).toBeCloseTo(0.5);
  });
});
