import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { item } from "../test/people";
import { begin, happens, runOf, stateAt } from "../test/running";
import { logOf } from "./log-of";

const loose = item(
  "side-swings",
  { type: "reps", sets: 1, reps: 30, tempo: 2, rest: 0 },
  { untilLoose: true, sides: ["left", "right"] },
);
const next = item("hip-flexor", { type: "hold", sets: 1, seconds: 15, rest: 5 }, { sides: [] });
const course = stateAt(runOf([loose, next]), 0).steps;
/** Seconds until the work on the first side begins. */
const opens = course
  .slice(
    0,
    course.findIndex(({ kind }) => kind === "until-loose"),
  )
  .reduce((sum, { seconds }) => sum + seconds, 0);
const change = course.find(({ kind }) => kind === "side-change")?.seconds ?? 0;

/** A run in which the sides come loose after so many seconds each. */
const after = (left: number, right: number) => {
  const first = opens + left;
  const second = first + change + right;
  const events = [happens(first, { type: "next" }), happens(second, { type: "next" })];
  return { run: runOf([loose, next], ...events), at: second + 0.5 };
};

describe("until loose", () => {
  it("counts up as long as it takes, and learns what each side took", () => {
    const { run, at } = after(40, 70);
    const [logged] = logOf(run, library, begin + at * 1000, "l").items;
    expect(logged).toMatchObject({
      looseAt: 35,
      bySide: [
        { side: "left", looseAt: 20 },
        { side: "right", looseAt: 35 },
      ],
    });
  });
  it("gives the time it did not need to what comes next, in whole sets, twice at most", () => {
    const { run, at } = after(20, 20);
    const state = stateAt(run, at);
    expect(state.given).toEqual([{ itemId: next.id, sets: 2, seconds: 40 }]);
    expect(state.items[1]!.dose).toMatchObject({ sets: 3 });
    const lasting = stateAt(after(60, 55).run, after(60, 55).at);
    expect(lasting.given).toEqual([]);
    expect(lasting.items[1]!.dose).toMatchObject({ sets: 1 });
  });
  it("gives nothing to what may not be stayed in", () => {
    const hang = item("pull-ramp", { type: "hold", sets: 1, seconds: 10, rest: 5 });
    const state = stateAt(
      runOf(
        [loose, hang],
        happens(opens + 5, { type: "next" }),
        happens(opens + change + 10, { type: "next" }),
      ),
      opens + change + 11,
    );
    expect(state.given).toEqual([]);
  });
});
