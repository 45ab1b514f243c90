import { describe, expect, it } from "vitest";
import { protocol } from "#core/test/people";
import {
  draftCheckOf,
  draftsOf,
  emptyEntry,
  entryOf,
  instrumentFor,
  ownErrorOf,
  painOf,
  rowsOf,
  stoppedMotions,
  trialsOf,
  typedTrials,
  unitLabel,
  withReading,
  withTyped,
  type Round,
  type SideEntry,
  type ToolReading,
} from "./round";

const shoulder = protocol("shoulder-flexion");
const ankle = protocol("knee-to-wall");
const back = protocol("upper-back-extension");
const row = (of = shoulder, mode = of.modes[0]!) => rowsOf(of, "asked", mode)[0]!;

const round = (entries: Round["entries"] = {}, over: Partial<Round> = {}): Round => ({
  temperature: "warm",
  tester: " Ysolde ",
  instrument: null,
  range: "asked",
  length: "cm",
  minutes: 15,
  added: [],
  entries,
  ...over,
});
const typed = (...trials: string[]): SideEntry => ({
  trials,
  pain: "",
  seen: [],
  note: "",
  tools: [],
});
const reading = (over: Partial<ToolReading> = {}): ToolReading => ({
  instrument: "photo",
  value: 157.46,
  se: 2,
  note: "photo a.jpg",
  ...over,
});

describe("a round in the making", () => {
  it("has a field a trial, empty", () => {
    expect(emptyEntry(shoulder).trials).toEqual(["", ""]);
    expect(entryOf(round(), row(), "left")).toEqual(emptyEntry(shoulder));
  });
  it("reads numbers as people type them", () => {
    expect(typedTrials(typed("158,5", " 160 "))).toEqual([158.5, 160]);
    expect(typedTrials(typed("", "158"))).toEqual([158]);
    expect(typedTrials(typed("x"))[0]).toBeNaN();
    expect(painOf(typed())).toBe(0);
    expect(painOf({ ...typed(), pain: "3" })).toBe(3);
  });
  it("measures the range that is asked, one of the two, or both", () => {
    const modes = (range: Round["range"], asked: "active" | null = null, of = shoulder) =>
      rowsOf(of, range, asked).map(({ mode }) => mode);
    expect(modes("asked", "active")).toEqual(["active"]);
    expect(modes("asked")).toEqual(["passive"]);
    expect(modes("both")).toEqual(["passive", "active"]);
    expect(modes("active", null, ankle)).toEqual(["passive"]);
  });
  it("uses the instrument of the round where the check allows it", () => {
    expect(instrumentFor(round({}, { instrument: "level" }), shoulder)).toBe("level");
    expect(instrumentFor(round({}, { instrument: "tape" }), shoulder)).toBe("goniometer");
    expect(instrumentFor(round({}, { length: "fingers" }), ankle)).toBe("fingers");
  });
  it("keeps lengths in centimetres, typed in inches or finger widths", () => {
    expect(trialsOf(typed("4"), round({}, { length: "in" }), ankle)).toEqual([10.16]);
    expect(trialsOf(typed("5"), round({}, { length: "fingers" }), ankle, 1.8)).toEqual([9]);
    expect(trialsOf(typed("160"), round({}, { length: "in" }), shoulder)).toEqual([160]);
    expect(unitLabel(round({}, { length: "fingers" }), ankle)).toBe("fingers");
    expect(unitLabel(round({}, { length: "fingers" }), protocol("front-split-gap"))).toBe("cm");
  });
  it("keeps what was typed beside what it comes to", () => {
    const made = round({ [row(ankle).key]: { left: typed("5", "5") } }, { length: "fingers" });
    expect(draftCheckOf(row(ankle), "left", made, 1.8)).toMatchObject({
      trials: [9, 9],
      instrument: "fingers",
      typed: { unit: "fingers", trials: [5, 5], fingerCm: 1.8 },
    });
  });
  it("keeps the sides that can be kept, and counts those that cannot", () => {
    const rows = [row(), row(ankle), row(back)];
    const made = round({
      [rows[0]!.key]: { left: typed("158", "160"), right: typed("1580") },
      [rows[1]!.key]: { left: typed("", "") },
      [rows[2]!.key]: { mid: { ...typed("12"), pain: "11" } },
    });
    const { ready, refused } = draftsOf(made, rows);
    expect(ready.map(({ protocolId, side }) => [protocolId, side])).toEqual([
      ["shoulder-flexion", "left"],
    ]);
    expect(refused).toBe(2);
  });
  it("a trial that asks for another can be kept all the same", () =>
    expect(
      draftsOf(round({ [row().key]: { left: typed("150", "170") } }), [row()]).ready,
    ).toHaveLength(1));
  it("pain above the limit stops the motion, with or without a number", () => {
    const made = round({ [row().key]: { left: { ...typed(), pain: "7" } } });
    expect([...stoppedMotions(made, [row()])]).toContain("shoulder.flexion");
    expect(draftCheckOf(row(), "left", made)).toMatchObject({ trials: [], pain: 7 });
    const bearable = round({ [row().key]: { left: { ...typed(), pain: "5" } } });
    expect(stoppedMotions(bearable, [row()]).size).toBe(0);
    expect(draftCheckOf(row(), "left", bearable)).toBeNull();
  });
  it("holds what is so for all of it", () => {
    const entry = { ...typed("9,5", "10"), pain: "2", seen: ["heel-lifts"], note: " stiff " };
    const made = round({ [row(ankle).key]: { right: entry } }, { temperature: "cold" });
    expect(draftsOf(made, [row(ankle)]).ready).toEqual([
      {
        protocolId: "knee-to-wall",
        protocolVersion: 1,
        side: "right",
        mode: "passive",
        temperature: "cold",
        instrument: "tape",
        tester: "Ysolde",
        trials: [9.5, 10],
        typed: null,
        ownError: 0,
        pain: 2,
        painAt: null,
        painKind: null,
        seen: ["heel-lifts"],
        read: "",
        note: "stiff",
      },
    ]);
  });
});

describe("readings of the application's own instruments", () => {
  it("fill the empty trials in order, then add one", () => {
    const one = withReading(emptyEntry(shoulder), reading());
    expect(one.trials).toEqual(["157.5", ""]);
    const three = withReading(withReading(one, reading({ value: 160 })), reading({ value: 161 }));
    expect(three.trials).toEqual(["157.5", "160", "161"]);
  });
  it("bring their instrument, their own error in the mean, and their note", () => {
    const two = withReading(withReading(emptyEntry(shoulder), reading()), reading({ se: 2 }));
    expect(ownErrorOf(two)).toBeCloseTo(Math.SQRT2, 9);
    const draft = draftCheckOf(row(), "left", round({ [row().key]: { left: two } }));
    expect(draft).toMatchObject({ instrument: "photo", read: "photo a.jpg · photo a.jpg" });
  });
  it("count no more once they are typed over", () => {
    const one = withTyped(withReading(emptyEntry(shoulder), reading()), 0, "150");
    expect(ownErrorOf(one)).toBe(0);
    expect(draftCheckOf(row(), "left", round({ [row().key]: { left: one } }))).toMatchObject({
      instrument: "goniometer",
      read: "",
    });
  });
});
