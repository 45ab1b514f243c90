import { describe, expect, it } from "vitest";
import type { SideEntry } from "../check/round";
import { exchanged, withEntry, type LineEntries } from "./line-entries";

const typed = (...trials: string[]): SideEntry => ({
  trials,
  pain: "",
  seen: [],
  note: "",
  tools: [],
});
const key = "ankle/passive";
const line: LineEntries = {
  a: { [key]: { left: typed("10"), right: typed("12") }, "hip/active": { left: typed("5") } },
  b: { [key]: { left: typed("20") } },
};
const trials = (entries: LineEntries, id: string, side: "left" | "right") =>
  entries[id]?.[key]?.[side]?.trials[0];

describe("what is typed down a line", () => {
  it("is of one athlete, check and side; nothing else moves, and the line that was stays", () => {
    const now = withEntry(line, ["b", key, "right"], typed("21"));
    expect(trials(now, "b", "right")).toBe("21");
    expect(trials(now, "b", "left")).toBe("20");
    expect(now.a).toBe(line.a);
    expect(trials(line, "b", "right")).toBeUndefined();
    expect(withEntry(now, ["b", key, "right"], undefined)).toEqual(line);
  });
  it("begins an athlete of whom nothing is typed yet", () =>
    expect(withEntry({}, ["c", key, "left"], typed("1"))).toEqual({
      c: { [key]: { left: typed("1") } },
    }));
});

describe("a reading on the wrong line", () => {
  it("changes sides over", () => {
    const now = exchanged(line, key, ["a", "left"], ["a", "right"]);
    expect([trials(now, "a", "left"), trials(now, "a", "right")]).toEqual(["12", "10"]);
    expect(now.a!["hip/active"]).toEqual(line.a!["hip/active"]);
  });
  it("goes to another athlete; what was there comes back in its place, so that nothing is lost", () => {
    const now = exchanged(line, key, ["a", "left"], ["b", "left"]);
    expect([trials(now, "a", "left"), trials(now, "b", "left")]).toEqual(["20", "10"]);
  });
  it("goes to an empty place and leaves its own empty", () => {
    const now = exchanged(line, key, ["a", "right"], ["b", "right"]);
    expect(trials(now, "b", "right")).toBe("12");
    expect(now.a![key]).toEqual({ left: typed("10") });
  });
  it("moved twice it is where it was", () =>
    expect(
      exchanged(
        exchanged(line, key, ["a", "left"], ["b", "left"]),
        key,
        ["b", "left"],
        ["a", "left"],
      ),
    ).toEqual(line));
});
