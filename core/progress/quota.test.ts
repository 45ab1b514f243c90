import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import type { PrepItem } from "../records/records";
import { item, log, logItem, prep } from "../test/people";
import { quotasToday } from "./quota";

const quota = { drillId: "pull-aparts", reps: 100 };
const reps = (count: number, sets = 1) =>
  ({ type: "reps", sets, reps: count, tempo: 2, rest: 0 }) as const;
const on = "2026-11-24";
const today = (
  logs: Parameters<typeof quotasToday>[1],
  items: PrepItem[],
  others: Parameters<typeof quotasToday>[3] = [],
) => quotasToday([quota], logs, prep(items, { id: "here", on }), others, library)[0]!;
const done = (count: number, sets = 1, over = {}) =>
  log(on, [logItem("pull-aparts", { planned: reps(count, sets), done: "done", ...over })]);

describe("a number a day", () => {
  it("is all left where nothing was done", () =>
    expect(today([], [])).toEqual({
      quota,
      done: 0,
      planned: 0,
      elsewhere: 0,
      left: 100,
    }));
  it("counts every session of the day, and what the prep still holds", () =>
    expect(today([done(20, 2), done(15)], [item("pull-aparts", reps(15, 2))])).toEqual({
      quota,
      done: 55,
      planned: 30,
      elsewhere: 0,
      left: 15,
    }));
  it("counts the other preps of the day until they are logged", () => {
    const other = prep([item("pull-aparts", reps(20, 2))], { id: "other", on });
    const tomorrow = { ...other, id: "tomorrow", on: "2026-11-25" };
    expect(today([], [], [other, tomorrow])).toMatchObject({ elsewhere: 40, left: 60 });
    const logged = log(on, [logItem("pull-aparts", { planned: reps(20) })], { prepId: "other" });
    expect(today([logged], [], [other])).toMatchObject({ done: 20, elsewhere: 0, left: 80 });
  });
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
