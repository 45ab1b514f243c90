import { describe, expect, it } from "vitest";
import { library } from "#library/index";
import { cuesOf } from "#core/run/cues";
import { item } from "#core/test/people";
import { runOf, stateAt } from "#core/test/running";
import { isSharp } from "#core/safety/pain-kinds";
import { cueWords } from "./cue-words";
import { bigNumber } from "./run-count";
import { countWord, stepWord } from "./words";

const run = runOf([
  item("pulse", { type: "time", sets: 1, seconds: 60, rest: 0 }),
  item("hip-flexor", { type: "hold", sets: 2, seconds: 30, rest: 5 }),
  item("cat-camel", { type: "reps", sets: 1, reps: 10, tempo: 3, rest: 0 }),
]);
/** The state at the first step of a kind on a side. */
const when = (kind: string, side: string | null = null) => {
  const { steps } = stateAt(run, 0);
  const at = steps.findIndex((step) => step.kind === kind && (side === null || step.side === side));
  const seconds = steps.slice(0, at).reduce((sum, step) => sum + step.seconds, 0);
  return stateAt(run, seconds + 0.01);
};
const said = (state: ReturnType<typeof when>) =>
  cueWords(cuesOf(state.steps[state.at]!, state.steps[state.at + 1])[0]!, state, library);

describe("what is said and shown", () => {
  it("the drill, the side and the cue on the way there; the other side by name", () => {
    expect(said(when("transition"))).toMatch(/^Half-kneeling.*left first\. .+/i);
    expect(said(when("side-change"))).toBe("Other side: right");
    expect(said(when("work", "left"))).toBe("Hold");
    expect(said(when("rest"))).toBe("Let go");
  });
  it("the big number is repetitions at one's own pace, seconds for a group", () => {
    const start = stateAt(run, 0);
    const at = start.steps.findIndex(({ reps }) => reps !== null);
    const [step, one] = [start.steps[at]!, start.items[2]!];
    expect(bigNumber(step, one, 0, false)).toMatchObject({ text: "10", unit: "repetitions" });
    expect(bigNumber(step, one, 7, false)).toMatchObject({ text: "8", seconds: 23 });
    expect(bigNumber(step, one, 7, true)).toMatchObject({ text: "23", unit: "seconds" });
    expect(bigNumber({ ...step, reps: null, seconds: 130 }, one, 0, true).text).toBe("2:10");
    expect(stepWord(step, one.dose)).toBe("10 times");
    expect(
      countWord(when("work", "left").steps[when("work", "left").at]!, run.prep.items[1]!),
    ).toBe("set 1 of 2");
  });
  it("a stretch and an ache are not sharp; all else is", () => {
    expect([null, "stretch", "ache"].map((kind) => isSharp(kind as never))).toEqual([
      false,
      false,
      false,
    ]);
    expect(["numb", "dizzy", "joint-line"].map((kind) => isSharp(kind as never))).toEqual([
      true,
      true,
      true,
    ]);
  });
});
