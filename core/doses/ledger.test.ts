import { pullPush } from "./pull-push";
import { describe, expect, it } from "vitest";
import { library } from "../../library";
import { drill, log, logItem } from "../test/people";
import { drillHistory } from "../progress/drill-history";
import { amountOf, doseDone, logItemOf, repsOf, setsAs } from "./log-item";
import { secondsDone, weekDoses, workKind } from "./ledger";
import { stiffDays } from "../progress/stiff";

const hold = { type: "hold" as const, sets: 2, seconds: 40, rest: 5 };

describe("dose of a motion by week", () => {
  it("is sets × hold × sides, by the share that counts, with empty weeks between", () => {
    const doses = weekDoses(
      [
        log("2026-11-03", [logItem("hip-flexor", { planned: hold })]),
        log("2026-11-17", [
          logItem("hip-flexor", { planned: hold }),
          logItem("hip-flexor", { planned: hold, done: "skipped" }),
          logItem("hip-back-lifts", { planned: null, seconds: 60 }),
        ]),
      ],
      library,
      "2026-11-02",
      "2026-11-22",
    );
    expect(doses.get("hip.extension")).toEqual([
      { monday: "2026-11-02", stretch: 160, active: 0, loaded: 0, light: 0 },
      { monday: "2026-11-09", stretch: 0, active: 0, loaded: 0, light: 0 },
      { monday: "2026-11-16", stretch: 160, active: 60, loaded: 0, light: 0 },
    ]);
  });
  it("counts strength and what has a rule for weight as loaded", () => {
    expect(workKind(drill("seat-bridge"), drill("seat-bridge").rungs[0]!.id)).toBe("loaded");
    expect(workKind(drill("hip-flexor"), "")).toBe("stretch");
    expect(workKind(drill("cat-camel"), "")).toBe("light");
  });
  it("takes what was measured, else what was written, else what was planned; half of it for a part", () => {
    const one = drill("hip-flexor");
    expect(secondsDone(logItem("hip-flexor", { planned: hold, seconds: 31 }), one)).toBe(31);
    expect(
      secondsDone(
        logItem("hip-flexor", { planned: hold, sets: [{ side: "left", reps: null, seconds: 20 }] }),
        one,
      ),
    ).toBe(20);
    expect(secondsDone(logItem("hip-flexor", { planned: hold, done: "part" }), one)).toBe(80);
  });
});

describe("pull and push", () => {
  it("counts repetitions of both sides over the days, the last included", () => {
    const of = (force: "pull" | "push") => library.drills.find((one) => one.force === force)!;
    const logs = [
      log("2026-11-20", [
        logItem(of("pull").id, { sets: setsAs({ sets: 3, each: 10, unit: "reps" }, []) }),
        logItem(of("push").id, { planned: { type: "reps", sets: 2, reps: 5, tempo: 3, rest: 0 } }),
      ]),
      log("2026-11-01", [logItem(of("pull").id, { planned: null })]),
      log("2026-11-10", [
        logItem(of("pull").id, { sets: setsAs({ sets: 1, each: 7, unit: "reps" }, []) }),
      ]),
    ];
    expect(pullPush(logs, library, "2026-11-24", 7)).toEqual({ pull: 30, push: 10 });
    expect(pullPush(logs, library, "2026-11-24", 28)).toEqual({ pull: 37, push: 10 });
    expect(pullPush(logs, library, "2026-11-19", 7)).toEqual({ pull: 0, push: 0 });
  });
});

describe("stiff days", () => {
  const at = (on: string, looseAt: number) => log(on, [logItem("cat-camel", { looseAt })]);
  it("are one and a half times the usual of the 28 days before, once there is a usual", () => {
    const logs = [at("2026-11-01", 10), at("2026-11-03", 12), at("2026-11-05", 11)];
    expect(stiffDays([...logs, at("2026-11-07", 17)])).toEqual([
      { on: "2026-11-07", drillId: "cat-camel", looseAt: 17, usual: 11 },
    ]);
    expect(stiffDays([...logs, at("2026-11-07", 16)])).toEqual([]);
    expect(stiffDays([...logs.slice(0, 2), at("2026-11-07", 40)])).toEqual([]);
    expect(stiffDays([...logs, at("2027-02-07", 40)])).toEqual([]);
  });
});

describe("a line of the log", () => {
  it("tells its amount from its sets, else from the plan", () => {
    expect(amountOf(logItem("hip-flexor", { planned: hold }))).toEqual({
      sets: 2,
      each: 40,
      unit: "s",
    });
    const sets = setsAs({ sets: 2, each: 12, unit: "reps" }, ["left", "right"]);
    expect(sets).toHaveLength(4);
    expect(amountOf({ planned: hold, sets })).toEqual({ sets: 2, each: 12, unit: "reps" });
    expect(amountOf({ planned: null, sets: [] })).toBeNull();
    expect(repsOf(logItem("cat-camel", { sets }))).toBe(48);
    expect(repsOf(logItem("cat-camel", { done: "skipped" }))).toBe(0);
  });
  it("stands for the dose that was really done", () => {
    const sets = setsAs({ sets: 2, each: 30, unit: "s" }, ["left", "right"]);
    expect(doseDone({ planned: hold, sets })).toEqual({ ...hold, seconds: 30 });
    expect(doseDone({ planned: null, sets })).toMatchObject({ type: "hold", sets: 2, seconds: 30 });
    expect(doseDone({ planned: hold, sets: [] })).toBe(hold);
    expect(doseDone({ planned: null, sets: [] })).toBeNull();
  });
  it("of a drill, over time, by its rungs", () => {
    const cat = drill("cat-camel");
    const history = drillHistory(cat, [
      log("2026-11-05", [logItem("cat-camel", { rungId: cat.rungs[1]!.id })]),
      log("2026-11-01", [logItem("cat-camel"), logItem("pulse")]),
      log("2026-11-03", [logItem("cat-camel", { done: "skipped" })]),
    ]);
    expect(history.map(({ on, rung }) => [on, rung])).toEqual([
      ["2026-11-01", 0],
      ["2026-11-05", 1],
    ]);
    expect(logItemOf({ drillId: "x", rungId: "y", dose: null })).toMatchObject({ done: "done" });
  });
});
