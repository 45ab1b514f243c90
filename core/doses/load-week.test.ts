import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { loadCsv } from "../season/load-csv";
import { item, log, logItem, prep } from "../test/people";
import { loadVolumes, loadWeek } from "./load-week";
import { dailyPull, pullAhead, pullPush, pullsADay } from "./pull-push";

const reps = (sets: number, each: number) =>
  ({ type: "reps", sets, reps: each, tempo: 3, rest: 60 }) as const;
const kg = (weight: number) => [{ why: "takes-weight" as const, kg: weight }];
const planned = prep(
  [
    item("hinge-strength", reps(2, 2), { id: "r", segment: "ramp", why: kg(8), sides: [] }),
    item("hinge-strength", reps(4, 6), { id: "w", segment: "work sets", why: kg(16), sides: [] }),
    item("cat-camel", reps(1, 10)),
  ],
  { id: "p1", on: "2026-11-24", session: "mobility" },
);
const set = (count: number, each: number) =>
  Array.from({ length: count }, () => ({ side: null, reps: each, seconds: 20 }));
const done = log(
  "2026-11-24",
  [
    logItem("hinge-strength", { load: 8, sets: set(2, 2) }),
    logItem("hinge-strength", { load: 16, sets: set(3, 6) }),
    logItem("cat-camel"),
  ],
  { prepId: "p1" },
);

describe("the load of a week", () => {
  it("stands as warm-up and work, planned against done; volume is weight × sets × times", () => {
    const rows = loadWeek("2026-11-26", { preps: [planned], logs: [done], library });
    expect(rows.map(({ part, planned, done }) => [part, planned?.volume, done?.volume])).toEqual([
      ["warm-up", 32, 32],
      ["work", 384, 288],
    ]);
    expect(loadWeek("2026-12-01", { preps: [planned], logs: [done], library })).toEqual([]);
  });
  it("what is still to come has nothing done; what nobody planned has nothing planned", () => {
    const coming = loadWeek("2026-11-26", { preps: [planned], logs: [], library });
    expect(coming.map(({ done }) => done)).toEqual([null, null]);
    const unplanned = loadWeek("2026-11-26", {
      preps: [],
      logs: [{ ...done, prepId: null }],
      library,
    });
    expect(unplanned.map(({ planned, part }) => [planned, part])).toEqual([
      [null, "work"],
      [null, "work"],
    ]);
  });
  it("is summed by week and drill, and goes out as a table with numbers", () => {
    const known = { preps: [planned], logs: [done], library };
    expect(loadVolumes(known, "2026-11-10", "2026-11-30")).toEqual([
      { monday: "2026-11-23", drillId: "hinge-strength", work: 288, all: 320 },
    ]);
    const csv = loadCsv(loadWeek("2026-11-24", known), library);
    const { data } = Papa.parse<Record<string, string>>(csv, { header: true });
    expect(data[1]).toMatchObject({
      week: "2026-11-23",
      part: "work",
      planned_kg: "16",
      planned_volume_kg: "384",
      done_sets: "3",
      done_volume_kg: "288",
    });
  });
});

describe("pull to push, ahead", () => {
  const pulls = prep([item("pull-ramp", reps(3, 10), { sides: [] })], {
    id: "p2",
    on: "2026-11-26",
  });
  const pushes = log("2026-11-23", [logItem("push-ramp", { sets: set(3, 20) })]);
  const lifts = [{ name: "Presses elsewhere", force: "push" as const, reps: 70 }];
  it("counts what is lifted elsewhere by the day", () => {
    expect(pullPush([pushes], library, "2026-11-24", 7, lifts)).toEqual({ pull: 0, push: 130 });
    expect(pullPush([pushes], library, "2026-11-24", 28, lifts)).toEqual({ pull: 0, push: 340 });
  });
  it("adds what is planned to the end of the week, and says how many pulls are missing", () => {
    const known = { logs: [pushes], preps: [pulls], library };
    expect(pullAhead(known, lifts, "2026-11-24")).toMatchObject({
      done: { pull: 0, push: 60 },
      planned: { pull: 30, push: 0 },
      elsewhere: { pull: 0, push: 70 },
      all: { pull: 30, push: 130 },
      missing: 360,
      daysLeft: 6,
    });
    expect(pullsADay({ missing: 360, daysLeft: 6 })).toBe(60);
    expect(pullsADay({ missing: 45, daysLeft: 3 })).toBe(20);
    expect(pullsADay({ missing: 900, daysLeft: 1 })).toBe(dailyPull.most);
    expect(library.drills.find(({ id }) => id === dailyPull.drillId)?.force).toBe("pull");
    const logged = log("2026-11-26", [], { prepId: "p2" });
    expect(pullAhead({ ...known, logs: [pushes, logged] }, [], "2026-11-24").planned.pull).toBe(0);
  });
});
