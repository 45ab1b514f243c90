import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { item, log, logItem } from "../test/people";
import { quotasToday } from "./quota";

const quota = { drillId: "pull-aparts", reps: 100 };
const reps = (count: number, sets = 1) =>
  ({ type: "reps", sets, reps: count, tempo: 2, rest: 0 }) as const;
const on = "2026-11-24";
const today = (logs: Parameters<typeof quotasToday>[1], items: Parameters<typeof quotasToday>[2]) =>
  quotasToday([quota], logs, items, library, on)[0]!;
const done = (count: number, sets = 1, over = {}) =>
  log(on, [logItem("pull-aparts", { planned: reps(count, sets), done: "done", ...over })]);

describe("a number a day", () => {
  it("is all left where nothing was done", () =>
    expect(today([], [])).toEqual({ quota, done: 0, planned: 0, left: 100 }));
  it("counts every session of the day, and what the prep still holds", () =>
    expect(today([done(20, 2), done(15)], [item("pull-aparts", reps(15, 2))])).toEqual({
      quota,
      done: 55,
      planned: 30,
      left: 15,
    }));
  it("counts the sets as they were done", () => {
    const sets = [12, 8].map((count) => ({ side: null, reps: count, seconds: 30 }));
    expect(today([done(20, 2, { sets, done: "part" })], []).done).toBe(20);
  });
  it("counts no other day, no other drill, and never less than nothing", () => {
    const other = log(on, [logItem("cat-camel", { planned: reps(50) })]);
    const yesterday = log("2026-11-23", [logItem("pull-aparts", { planned: reps(90) })]);
    expect(today([other, yesterday], []).left).toBe(100);
    expect(today([done(60, 2)], []).left).toBe(0);
  });
});
