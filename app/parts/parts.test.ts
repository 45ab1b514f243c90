import { blankPrep } from "#core/prep/blank";
import { describe, expect, it } from "vitest";
import { library } from "#library/index";
import { drill, item, skill, aim } from "#core/test/people";
import type { Step } from "#core/prep/timeline";
import { draftLog, unplanned } from "./log/draft";
import { itemSpans } from "./prep/strip";
import { countWord, stepWord } from "./run/words";
import { tapeSpan } from "./frame/tape";
import { aimSentence, readMinutes, readNumber } from "./words";
import { shortDay } from "#words/days";

describe("words", () => {
  it("an aim in a line", () => {
    expect(aimSentence({ aim: aim(), skill: skill("handstand") })).toBe(
      "clean handstand by 15 Dec",
    );
    expect(
      aimSentence({ aim: aim({ side: "left", quality: "passable" }), skill: skill("front-split") }),
    ).toBe("passable front split, left front leg by 15 Dec");
    expect(aimSentence({ aim: null, skill: null })).toBe("no aim yet");
  });
  it("dates as on a wall, numbers as typed", () => {
    expect(shortDay("2026-02-03")).toBe("3 Feb");
    expect(readNumber("35,9")).toBe(35.9);
    expect(readNumber("")).toBeNaN();
    expect(readNumber("12 cm")).toBeNaN();
    expect(readNumber("85°")).toBe(85);
    expect(readNumber("85,5 °")).toBe(85.5);
    expect(readNumber("−3.5")).toBe(-3.5);
    expect(readMinutes("8")).toBe(8);
    expect(readMinutes("12:30")).toBe(12.5);
    expect(readMinutes("7,5 min")).toBe(7.5);
    expect(readMinutes("8:75")).toBeNaN();
  });
});

describe("the tape", () => {
  it("shows ten weeks back from a Monday, and ahead to the aim when it is within fourteen", () => {
    expect(tapeSpan("2026-11-24", null)).toEqual({ from: "2026-09-14", to: "2026-12-15" });
    expect(tapeSpan("2026-11-24", "2027-01-20").to).toBe("2027-01-24");
    expect(tapeSpan("2026-11-24", "2028-01-01").to).toBe("2027-03-02");
    expect(tapeSpan("2026-11-24", "2026-10-01").to).toBe("2026-12-15");
  });
});

describe("the strip of a prep", () => {
  it("is as long as its items, one after the other without a gap", () => {
    const items = [
      item("pulse", { type: "time", sets: 1, seconds: 120, rest: 0 }),
      item("cat-camel", { type: "reps", sets: 2, reps: 10, tempo: 4, rest: 5 }),
      item("hip-flexor", { type: "hold", sets: 1, seconds: 20, rest: 0 }),
    ];
    const spans = itemSpans(items, library);
    expect(spans[0]).toMatchObject({ from: 0, seconds: 120 });
    spans.slice(1).forEach((span, i) => expect(span.from).toBe(spans[i]!.from + spans[i]!.seconds));
  });
});

describe("the run's words", () => {
  const step = (over: Partial<Step>): Step => ({
    kind: "work",
    item: 0,
    seconds: 10,
    side: null,
    set: 2,
    sets: 3,
    reps: null,
    ...over,
  });
  const hold = { type: "hold", sets: 3, seconds: 20, rest: 5 } as const;
  const rounds = { type: "contract-relax", rounds: 3, contract: 10, deepen: 25 } as const;
  it("say what to do in this stretch of time", () => {
    expect(stepWord(step({}), hold)).toBe("hold");
    expect(stepWord(step({ reps: 8 }), { type: "reps", sets: 1, reps: 8, tempo: 2, rest: 0 })).toBe(
      "8 times",
    );
    expect(stepWord(step({}), { type: "time", sets: 1, seconds: 60, rest: 0 })).toBe("go");
    expect(
      (["contract", "deepen", "rest", "side-change", "set-up", "transition"] as const).map((kind) =>
        stepWord(step({ kind }), rounds),
      ),
    ).toEqual(["push", "deeper", "rest", "other side", "set up", "get into position"]);
  });
  it("count sets and rounds, and keep quiet where there is only one", () => {
    expect(countWord(step({}), { dose: hold, labels: [] })).toBe("set 2 of 3");
    expect(countWord(step({ kind: "deepen" }), { dose: rounds, labels: [] })).toBe("round 2 of 3");
    expect(countWord(step({ set: 1, sets: 1 }), { dose: hold, labels: [] })).toBe("");
    expect(countWord(step({ kind: "set-up" }), { dose: hold, labels: [] })).toBe("");
  });
});

describe("a log by hand", () => {
  it("begins with the prep as done, or with nothing", () => {
    const prep = blankPrep({
      id: "p1",
      athleteId: "a1",
      session: "warm-up",
      on: "2026-11-24",
      budget: 900,
      items: [item("roller", { type: "time", sets: 1, seconds: 60, rest: 0 })],
    });
    expect(draftLog("a1", "2026-11-24", prep)).toMatchObject({
      prepId: "p1",
      minutes: 15,
      items: [{ drillId: "roller", done: "done", form: null }],
    });
    expect(draftLog("a1", "2026-11-24", null)).toMatchObject({
      prepId: null,
      minutes: 0,
      items: [],
    });
  });
  it("takes a drill that was not planned at its first level", () => {
    expect(unplanned(drill("prayer"))).toMatchObject({
      drillId: "prayer",
      rungId: "floor",
      planned: null,
      done: "done",
    });
  });
});
