import { describe, expect, it } from "vitest";
import { protocol } from "#core/test/people";
import {
  emptyEntry,
  entryOf,
  instrumentFor,
  modeFor,
  painOf,
  readySides,
  roundToSend,
  trialsOf,
  type Round,
} from "./round";

const shoulder = protocol("shoulder-flexion");
const ankle = protocol("knee-to-wall");
const back = protocol("upper-back-extension");

const round = (entries: Round["entries"], over: Partial<Round> = {}): Round => ({
  temperature: "warm",
  tester: " Ysolde ",
  instrument: null,
  mode: "passive",
  entries,
  ...over,
});
const typed = (...trials: string[]) => ({ trials, pain: "", seen: [] });

describe("a round in the making", () => {
  it("has a field a trial, empty", () => {
    expect(emptyEntry(shoulder).trials).toEqual(["", ""]);
    expect(entryOf(round({}), shoulder, "left")).toEqual(emptyEntry(shoulder));
  });
  it("reads numbers as people type them", () => {
    expect(trialsOf(typed("158,5", " 160 "))).toEqual([158.5, 160]);
    expect(trialsOf(typed("", "158"))).toEqual([158]);
    expect(trialsOf(typed("x"))[0]).toBeNaN();
    expect(painOf(typed())).toBe(0);
    expect(painOf({ ...typed(), pain: "3" })).toBe(3);
  });
  it("uses the instrument and mode of the round where the check allows them", () => {
    expect(instrumentFor(round({}, { instrument: "level" }), shoulder)).toBe("level");
    expect(instrumentFor(round({}, { instrument: "tape" }), shoulder)).toBe("goniometer");
    expect(modeFor(round({}, { mode: "active" }), shoulder)).toBe("active");
    expect(modeFor(round({}, { mode: "active" }), ankle)).toBe("passive");
  });
  it("keeps the sides that can be kept, and counts those that cannot", () => {
    const entries = {
      [shoulder.id]: { left: typed("158", "160"), right: typed("1580") },
      [ankle.id]: { left: typed("", "") },
      [back.id]: { mid: { trials: ["12"], pain: "11", seen: [] } },
    };
    const { ready, refused } = readySides(round(entries), [shoulder, ankle, back]);
    expect(ready.map(({ protocol: p, side }) => [p.id, side])).toEqual([
      ["shoulder-flexion", "left"],
    ]);
    expect(refused).toBe(2);
  });
  it("a trial that asks for another can be kept all the same", () => {
    const { ready } = readySides(round({ [shoulder.id]: { left: typed("150", "170") } }), [
      shoulder,
    ]);
    expect(ready).toHaveLength(1);
  });
  it("is sent with what holds for all of it", () => {
    const made = round(
      { [ankle.id]: { right: { ...typed("9,5", "10"), pain: "2", seen: ["heel-lifts"] } } },
      { temperature: "cold" },
    );
    expect(roundToSend(made, readySides(made, [ankle]).ready).checks).toEqual([
      {
        protocolId: "knee-to-wall",
        protocolVersion: 1,
        side: "right",
        mode: "passive",
        temperature: "cold",
        instrument: "tape",
        tester: "Ysolde",
        trials: [9.5, 10],
        pain: 2,
        seen: ["heel-lifts"],
        note: "",
      },
    ]);
  });
});
