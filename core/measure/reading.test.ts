import { describe, expect, it } from "vitest";
import { gapOf } from "../aim/gap";
import type { Check } from "../records/records";
import { aim, athlete, check, protocol, skill } from "../test/people";
import { library } from "../../library/index";
import { findingsOf } from "./findings";
import { arcDifference, borrowedTurnout, totalArc, usableShare } from "./pairs";
import { bodyMarks, recordRows } from "../aim/record";
import { inOrder, proposeRound } from "../aim/round";
import { Posture } from "../content/protocol";
import { valueOf } from "./value";

const today = "2026-11-24";
const value = (degrees: number, se = 3) => {
  const shoulder = protocol("shoulder-flexion");
  return { ...valueOf({ trials: [degrees, degrees], instrument: "goniometer" }, shoulder), se };
};
const gapsOn = (checks: Check[]) =>
  gapOf({ athlete: athlete(), aim: aim(), skill: skill("handstand"), checks, library, on: today });
const both = (over: Partial<Check>): Check[] => [
  check({ ...over, side: "left" }),
  check({ ...over, side: "right" }),
];

describe("figures made of two values", () => {
  it("the total arc adds, its errors as squares; arcs are compared with their errors", () => {
    const arc = totalArc(value(100), value(50));
    expect(arc.value).toBe(150);
    expect(arc.se).toBeCloseTo(4.24, 2);
    expect(arcDifference(arc, { ...arc, value: 139 }).real).toBe(false);
    expect(arcDifference(arc, { ...arc, value: 138 }).real).toBe(true);
  });
  it("the usable share is active / passive, unless there is hardly any range", () => {
    expect(usableShare(value(80), value(100))!.value).toBe(0.8);
    expect(usableShare(value(80), value(100))!.se).toBeCloseTo(0.038, 3);
    expect(usableShare(value(4), value(5))).toBeNull();
  });
  it("turnout is borrowed when standing shows really more than lying", () => {
    expect(borrowedTurnout(value(65), value(50)).real).toBe(true);
    expect(borrowedTurnout(value(55), value(50)).real).toBe(false);
    expect(borrowedTurnout(value(45), value(60)).real).toBe(false);
  });
});

describe("what a round says", () => {
  const say = (round: Check[], earlier: Check[] = []) => findingsOf(round, earlier, library);
  const now = { on: today, at: `${today}T10:00:00.000Z` };
  it("the change of each side, and the sides against each other", () => {
    const round = [
      check({ ...now, trials: [170, 170] }),
      check({ ...now, side: "right", trials: [158, 158] }),
    ];
    const said = say(round, both({}));
    expect(said.map(({ kind, side, real }) => [kind, side, real])).toEqual([
      ["change", "left", true],
      ["change", "right", false],
      ["sides", null, true],
    ]);
    expect(said[0]).toMatchObject({
      change: { delta: expect.closeTo(12, 6) as number, since: "2026-11-10" },
    });
  });
  it("the usable share where both modes were taken, and nothing across temperatures", () => {
    const active = check({ ...now, mode: "active", trials: [110, 110] });
    const share = say([check(now), active]).find(({ kind }) => kind === "share")!;
    expect(share).toMatchObject({ share: { value: expect.closeTo(0.7, 1) } });
    expect(say([check({ ...now, temperature: "cold" }), active]).map(({ kind }) => kind)).toEqual(
      [],
    );
  });
  it("the total arc of a shoulder, both sides", () => {
    const round = [
      ...both({ ...now, protocolId: "shoulder-rotation-out", trials: [100, 100] }),
      check({ ...now, protocolId: "shoulder-rotation-in", trials: [60, 60] }),
      check({ ...now, protocolId: "shoulder-rotation-in", side: "right", trials: [35, 35] }),
    ];
    const arc = say(round).find(({ kind }) => kind === "arc")!;
    expect(arc).toMatchObject({
      left: { value: 160 },
      right: { value: 135 },
      apart: { difference: 25, real: true },
    });
  });
  it("a turnout that the knees and feet make up", () => {
    const round = [
      check({ ...now, protocolId: "turnout-standing", mode: "active", trials: [70, 70] }),
      check({ ...now, protocolId: "turnout-lying", mode: "active", trials: [48, 48] }),
    ];
    expect(say(round).find(({ kind }) => kind === "turnout")).toMatchObject({
      borrowed: { value: 22, real: true },
    });
  });
  it("a check that pain stopped before a reading says nothing", () =>
    expect(say([check({ ...now, trials: [], pain: 7 })], both({}))).toEqual([]));
});

describe("a proposed round", () => {
  const propose = (checks: Check[], over: object = {}) =>
    proposeRound({
      gaps: gapsOn(checks),
      checks,
      library,
      minutes: 30,
      today,
      locked: [],
      ...over,
    });
  it("is what the aims demand and nobody measured", () => {
    const { items } = propose([]);
    expect(items.map(({ protocolId }) => protocolId).sort()).toEqual(
      gapsOn([])
        .map(({ protocolId }) => protocolId)
        .sort(),
    );
    expect(items.every(({ reason }) => reason === "never")).toBe(true);
  });
  it("leaves out what is clear, takes what is unsure or due again", () => {
    const clear = (["passive", "active"] as const).flatMap((mode) =>
      both({ on: "2026-11-20", mode, trials: [200, 200] }),
    );
    expect(propose(clear).items.map(({ protocolId }) => protocolId)).not.toContain(
      "shoulder-flexion",
    );
    const unsure = propose(both({ on: "2026-11-20", trials: [181, 181] })).items;
    const passive = (items: typeof unsure) =>
      items.find(({ protocolId, mode }) => protocolId === "shoulder-flexion" && mode === "passive");
    expect(passive(unsure)).toMatchObject({ reason: "unsure", age: 4 });
    const due = propose(both({ on: "2026-09-01", trials: [160, 160] })).items;
    expect(passive(due)!.reason).toBe("due");
    const sure = propose(both({ on: "2026-10-06", trials: [200, 200] })).items;
    expect(passive(sure)).toBeUndefined();
  });
  it("does not ask the same again the same day", () => {
    const { items } = propose(
      (["passive", "active"] as const).flatMap((mode) =>
        both({ on: today, mode, trials: [181, 181] }),
      ),
    );
    expect(items.map(({ protocolId }) => protocolId)).not.toContain("shoulder-flexion");
  });
  it("fits the minutes, the most pressing first, and says what is left", () => {
    const { items, left, minutes } = propose([], { minutes: 5 });
    expect(minutes).toBeLessThanOrEqual(5);
    expect(items.length).toBeGreaterThan(0);
    expect(left.length).toBeGreaterThan(0);
  });
  it("names what pain has stopped instead of asking it", () => {
    const { items, stopped } = propose([], { locked: ["wrist.extension"] });
    expect(stopped.map(({ protocolId }) => protocolId)).toEqual(["wrist-extension"]);
    expect(items.map(({ protocolId }) => protocolId)).not.toContain("wrist-extension");
  });
  it("keeps each position together, standing first", () => {
    const rows = inOrder(library.protocols.map((one) => ({ protocol: one })));
    const seen = rows.map(({ protocol: one }) => Posture.options.indexOf(one.posture));
    expect([...seen].sort((a, b) => a - b)).toEqual(seen);
  });
  it("says when the next falls due, when nothing does now", () => {
    const all = gapsOn([]).flatMap(({ protocolId, demand }) => {
      const sides = protocol(protocolId!).sided ? (["left", "right"] as const) : (["mid"] as const);
      return sides.map((side) =>
        check({
          protocolId: protocolId!,
          side,
          mode: demand.mode,
          on: "2026-11-20",
          trials: [demand.clean + 20, demand.clean + 20],
        }),
      );
    });
    const { items, nextDue } = propose(all);
    expect(items).toEqual([]);
    // All are there by far: twice the days in which training could move the first of them by its error.
    expect(nextDue).toBe("2027-02-12");
  });
});

describe("the record", () => {
  const checks = [
    check({ on: "2026-09-20", trials: [150, 150] }),
    check({ on: "2026-10-20", trials: [170, 170] }),
    check({ on: "2026-11-10", trials: [164, 164] }),
    check({ on: "2026-11-10", side: "right", trials: [160, 160] }),
    check({ on: "2026-11-10", trials: [], pain: 8, protocolId: "wrist-extension" }),
  ];
  const rowsOn = (on: string, since: string) =>
    recordRows({ athlete: athlete(), checks, library, gaps: gapsOn(checks), on, since });
  it("last, best and the change since a date, each side by itself", () => {
    const [row, ...rest] = rowsOn(today, "2026-09-30");
    expect(rest).toEqual([]);
    const left = row!.sides[0]!;
    expect(left.last.value.value).toBe(164);
    // The line through the series, and not its luckiest reading.
    expect(left.best.value).toBeGreaterThan(164);
    expect(left.best.value).toBeLessThan(170);
    expect(left.change).toMatchObject({ readings: 3, real: true, since: "2026-09-20" });
    expect(row!.sides[1]!.change).toBeNull();
    expect(rowsOn(today, "2026-10-30")[0]!.sides[0]!.change).toMatchObject({
      delta: expect.closeTo(-6, 6) as number,
      real: false,
    });
  });
  it("stands as it stood on an earlier day", () =>
    expect(rowsOn("2026-10-01", "2026-09-01")[0]!.sides).toHaveLength(1));
  it("the body shows the worst of each joint: short, asked and unknown, or only measured", () => {
    const gaps = gapsOn(checks);
    const marks = bodyMarks(rowsOn(today, today), gaps);
    const state = (joint: string, side: string) =>
      marks.find((mark) => mark.joint === joint && mark.side === side)!.state;
    expect(state("shoulder", "left")).toBe("short");
    expect(state("wrist", "left")).toBe("unknown");
    expect(state("knee", "right")).toBe("none");
    const knee = check({ protocolId: "knee-flexion" });
    const rows = recordRows({
      athlete: athlete(),
      checks: [knee],
      library,
      gaps,
      on: today,
      since: today,
    });
    expect(
      bodyMarks(rows, gaps).find(({ joint, side }) => joint === "knee" && side === "left")!.state,
    ).toBe("measured");
  });
});

describe("a round with a tape alone", () => {
  const withOnly = (instrument: "tape" | "eye", checks: Check[] = []) =>
    proposeRound({
      gaps: gapsOn(checks),
      checks,
      library,
      minutes: 30,
      today,
      locked: [],
      instrument,
    });
  const readBy = (protocolId: string) =>
    library.protocols.find(({ id }) => id === protocolId)!.instruments.map(({ id }) => id);

  it("proposes what the tape reads, also where another instrument was used before, and says what it can’t read", () => {
    const first = withOnly("tape").items.map(({ protocolId }) => protocolId);
    expect(first).toContain("wall-arm");
    expect(first).toContain("lean-over-hands");
    expect(first).not.toContain("shoulder-flexion");
    const begun = both({ on: "2026-09-20", trials: [150, 150] });
    const { items, unreadable } = withOnly("tape", begun);
    const names = items.map(({ protocolId }) => protocolId);
    expect(names).toContain("wall-arm");
    expect(names).not.toContain("shoulder-flexion");
    for (const { protocolId } of items) expect(readBy(protocolId), protocolId).toContain("tape");
    for (const { protocolId } of unreadable)
      expect(readBy(protocolId), protocolId).not.toContain("tape");
    const byEye = withOnly("eye");
    expect(byEye.unreadable.length).toBeGreaterThan(0);
    for (const { protocolId } of byEye.items) expect(readBy(protocolId)).toContain("eye");
  });
});
