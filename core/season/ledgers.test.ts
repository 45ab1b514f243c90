import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { check, drill, item, log, logItem, prep, protocol } from "../test/people";
import { placeTerms, season } from "../test/seasons";
import { quicklyPlaced } from "../schedule/place";
import { movedTo } from "../schedule/plan-rules";
import { methodOrder, methodSteps } from "./method";
import { regionWeeks } from "./region-weeks";
import { planCsv, dosesCsv } from "./season-csv";
import { warnings, mostWarnings, type WarningScene } from "./warnings";
import type { WeekSummary } from "./weeks";
import { SlotKind } from "../records/training";

const today = "2026-11-24";
const stretch = library.drills.find(
  ({ kind, serves }) =>
    kind === "static" && serves.some(({ motion }) => motion === "hip.extension"),
)!;
const held = (seconds: number, sets = 1) => ({ type: "hold", sets, seconds, rest: 0 }) as const;

describe("a joint by week", () => {
  it("counts what was held a side, what was planned, hard days, and sessions to come as the middle one before", () => {
    const done = (on: string, seconds: number) =>
      log(on, [logItem(stretch.id, { planned: held(seconds), seconds: seconds * 2 })], {
        minutes: 30,
      });
    const share = Math.max(
      ...stretch.serves.filter(({ motion }) => motion.startsWith("hip.")).map((one) => one.share),
    );
    const planned = season({ slots: [] });
    const [hip] = regionWeeks(
      {
        logs: [done("2026-11-10", 700), done("2026-11-18", 300), done("2026-11-19", 300)],
        preps: [prep([item(stretch.id, held(400))], { on: "2026-11-18" })],
        season: { ...planned, slots: quicklyPlaced(placeTerms()) },
        library,
      },
      ["hip"],
      "2026-11-09",
      "2026-12-06",
      today,
    );
    const [first, second, , next] = hip!.weeks;
    expect(first!.stretch).toBeCloseTo(share * 700);
    expect(first!.hard).toBe(share * 700 >= 600 ? 1 : 0);
    expect(second!.stretch).toBeCloseTo(share * 600);
    expect(second!.planned).toBeCloseTo(share * 400);
    expect(next!.hardPlanned).toBe(3);
    expect(next!.planned).toBeCloseTo(3 * share * 300);
  });
});

describe("what to look at", () => {
  const quiet = (over: Partial<WarningScene> = {}): WarningScene => ({
    around: placeTerms({ season: season({ slots: quicklyPlaced(placeTerms()) }) }),
    logs: [],
    days: [],
    library,
    weeks: [],
    regions: [],
    hardDone: new Map(),
    measure: null,
    plateaus: [],
    locks: [],
    wanted: ["hip"],
    ...over,
  });
  const week = (monday: string, done: number, missed: number): WeekSummary => ({
    monday,
    planned: done + missed,
    done,
    partly: 0,
    missed,
    open: 0,
    moved: 0,
    minutes: 0,
    checks: 0,
    stops: 0,
    absence: null,
  });

  it("a plan that keeps the rules warns of nothing", () => {
    expect(warnings(quiet())).toEqual([]);
  });

  it("few, the gravest first, each with its repair", () => {
    const slots = quicklyPlaced(placeTerms());
    const session = slots.find(({ kind, on }) => kind === "mobility" && on > "2026-12-01")!;
    const broken = slots.map((slot) =>
      slot.id === session.id ? movedTo(slot, "2026-12-06", "12:00") : slot,
    );
    const found = warnings(
      quiet({
        around: placeTerms({ season: season({ slots: broken }) }),
        plateaus: ["Hip extension left"],
        locks: [
          { place: { site: "wrist", side: null }, because: { why: "pain", pain: 6, place: "" } },
        ],
        measure: { on: "2026-12-08", what: "Hip extension" },
        weeks: ["2026-11-02", "2026-11-09", "2026-11-16"].map((monday) => week(monday, 1, 3)),
      }),
    );
    expect(found).toHaveLength(mostWarnings);
    expect(found.map(({ repair }) => repair.do)).toEqual(["place", "see", "fewer", "see"]);
    expect(found.map(({ rank }) => rank)).toEqual(
      [...found.map(({ rank }) => rank)].sort((a, b) => b - a),
    );
  });

  it("a missed week, or a joint that needs no session any more, asks for the rest to be placed anew", () => {
    const slots = quicklyPlaced(placeTerms());
    const around = placeTerms({
      season: season({ slots }),
      today: "2026-12-07",
      logs: [{ on: "2026-11-24" }],
    });
    expect(warnings(quiet({ around }))[0]).toMatchObject({
      key: "missed",
      repair: { do: "place" },
    });
    const again = quicklyPlaced(around);
    expect(warnings(quiet({ around: { ...around, season: season({ slots: again }) } }))).toEqual(
      [],
    );
    expect(warnings(quiet({ wanted: ["shoulder"] }))[0]).toMatchObject({ key: "stale" });
  });

  it("weeks ill do not count against a plan", () => {
    const ill = ["2026-11-02", "2026-11-09"].map((monday) => ({
      ...week(monday, 0, 4),
      absence: "ill" as const,
    }));
    expect(warnings(quiet({ weeks: [...ill, week("2026-11-16", 4, 0)] }))).toEqual([]);
  });

  it("hard days one after the other ask for a lighter week", () => {
    const logs = ["2026-11-22", "2026-11-23"].map((on) =>
      log(on, [logItem(stretch.id, { planned: held(1200), seconds: 2400 })]),
    );
    const [first] = warnings(quiet({ logs }));
    expect(first).toMatchObject({
      key: "hard-hip",
      repair: { do: "lighter", monday: "2026-11-23" },
    });
  });
});

describe("a plateau", () => {
  it("says what to change in order, each from the record", () => {
    const days = ["2026-10-20", "2026-10-27", "2026-11-03", "2026-11-10", "2026-11-17"];
    const logs = days.map((on) =>
      log(on, [logItem(stretch.id, { planned: held(300), seconds: 600 })]),
    );
    const steps = methodSteps({
      motion: "hip.extension",
      side: "left",
      protocol: protocol("hip-extension"),
      checks: [],
      logs,
      days: [],
      library,
      on: today,
    });
    expect(steps.map(({ kind }) => kind)).toEqual(methodOrder);
    expect(steps[0]).toMatchObject({ speaks: true });
    expect(steps[0]!.reason).toMatchObject({ found: "mostly", kind: "stretch" });
    expect(steps[1]!.speaks).toBe(true);
    expect(steps[1]!.reason).toMatchObject({ found: "one-rung", drill: stretch.name });
    expect(steps[2]!.speaks).toBe(false);
    expect(drill(stretch.id).kind).toBe("static");
  });

  it("strength comes first where less than four fifths of the passive range is reached actively", () => {
    const raise = protocol("straight-leg-raise");
    const of = (mode: "active" | "passive", value: number) =>
      check({ protocolId: raise.id, mode, trials: [value, value], side: "left" });
    const scene = {
      motion: raise.motion!,
      side: "left" as const,
      protocol: raise,
      logs: [],
      days: [],
      library,
      on: today,
    };
    const active = (value: number) =>
      methodSteps({ ...scene, checks: [of("active", value), of("passive", 110)] })[2]!;
    expect(active(70)).toMatchObject({
      speaks: true,
      reason: { found: "share", share: expect.closeTo(0.64, 2) as number },
    });
    expect(active(105).speaks).toBe(false);
  });
});

describe("the tables", () => {
  it("the plan has a row a session, and formulas of a spreadsheet are defused", () => {
    const slots = quicklyPlaced(placeTerms());
    const text = planCsv(placeTerms({ season: season({ slots }) }), {
      aims: [],
      places: [{ id: "p", name: "=SUM(A1)" }],
      library,
      outcomes: new Map([[slots[0]!.id, "done"]]),
      names: Object.fromEntries(SlotKind.options.map((kind) => [kind, kind])) as Record<
        SlotKind,
        string
      >,
    });
    const rows = text.split("\r\n");
    expect(rows).toHaveLength(slots.length + 1);
    expect(rows[0]).toMatch(/^date,starts,what,minutes/);
    expect(rows[1]).toMatch(/done$/);
  });

  it("doses have a row a motion and week that has any", () => {
    const text = dosesCsv(
      [log("2026-11-18", [logItem(stretch.id, { planned: held(300), seconds: 600 })])],
      library,
      "2026-11-01",
      today,
    );
    expect(text.split("\r\n")[1]).toMatch(/^2026-11-16,/);
  });
});
