import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { library } from "../../library";
import { log, logItem } from "../test/people";
import { placeTerms, season, training } from "../test/seasons";
import { daysBetween, plusDays } from "../dates/days";
import { hardDaysAWeek } from "../doses/stretch-days";
import { freedFor, hardDaysDone, movedTo, planBreaches } from "./plan-rules";
import type { Slot } from "../records/training";

const monday = "2026-11-30";
const slot = (kind: Slot["kind"], on: string, over: Partial<Slot> = {}): Slot => ({
  id: `${kind}-${on}-${over.starts ?? ""}`,
  kind,
  on,
  starts: "19:00",
  minutes: 20,
  placeId: null,
  focus: kind === "mobility" ? "hip" : null,
  aimId: null,
  pinned: true,
  movedFrom: null,
  revision: 0,
  ...over,
});
/** A season with no trainings and room for anything, so that each rule is seen alone. */
const bare = (over = {}) =>
  placeTerms({ season: season({ usual: [], weeks: 12, most: 240 }), aims: [], ...over });
const found = (slots: Slot[], over = {}) => planBreaches(slots, bare(over));
const broken = (slots: Slot[], over = {}) => found(slots, over).map((one) => one.broken);
const rules = (slots: Slot[], over = {}) => broken(slots, over).map(({ rule }) => rule);
const day = (n: number) => plusDays(monday, n);

describe("what a plan breaks", () => {
  it("five hard days of a joint in seven, four are fine", () => {
    const spread = [0, 2, 4, 6].map((n) => slot("mobility", day(n)));
    expect(rules(spread)).toEqual([]);
    const hardDone = new Map([["hip" as const, ["2026-11-19", "2026-11-21", "2026-11-23"]]]);
    const coming = [slot("mobility", "2026-11-25"), slot("mobility", "2026-11-27")];
    expect(found(coming, { hardDone })).toEqual([]);
    const full = new Map([
      ["hip" as const, ["2026-11-18", "2026-11-20", "2026-11-22", "2026-11-24"]],
    ]);
    expect(found([slot("mobility", "2026-11-26")], { hardDone: full })).toEqual([]);
    const crowded = broken(
      [slot("mobility", "2026-11-24", { starts: "08:00" }), slot("mobility", "2026-11-26")],
      { hardDone: new Map([["hip" as const, ["2026-11-20", "2026-11-21", "2026-11-22"]]]) },
    );
    expect(crowded).toContainEqual({
      rule: "too-often",
      joint: "hip",
      days: 5,
      from: "2026-11-20",
      most: 4,
    });
  });

  it("law: the rule of hard days says the same as counting every seven days by hand", () =>
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 20 }), { maxLength: 12 }), (numbers) => {
        const days = [...numbers].sort((a, b) => a - b);
        const told = rules(days.map((n) => slot("mobility", day(n))));
        const neighbours = days.some((n) => days.includes(n + 1));
        const crowded = days.some(
          (n) => days.filter((other) => other >= n && other < n + 7).length > hardDaysAWeek,
        );
        expect(told.includes("neighbours")).toBe(neighbours);
        expect(told.includes("too-often")).toBe(crowded);
      }),
      { numRuns: 200 },
    ));

  it("another joint's session is no neighbour", () => {
    const other = slot("mobility", day(1), { focus: "shoulder" });
    expect(rules([slot("mobility", day(0)), other])).toEqual([]);
  });

  it("two sessions or two conditioning sets on one day", () => {
    const twice = [
      slot("mobility", day(0), { starts: "08:00" }),
      slot("mobility", day(0), { starts: "19:00", focus: "shoulder" }),
    ];
    const oneADay = { rule: "one-a-day", on: day(0), kind: "mobility", count: 2 };
    expect(broken(twice)[0]).toEqual(oneADay);
    const sets = [
      slot("conditioning", day(0), { starts: "08:00" }),
      slot("conditioning", day(0), { starts: "19:00" }),
    ];
    expect(broken(sets)).toContainEqual({ ...oneADay, kind: "conditioning" });
  });

  it("four conditioning sets in one week, three are fine", () => {
    const sets = [0, 2, 4, 6].map((n) => slot("conditioning", day(n)));
    expect(rules(sets.slice(0, 3))).toEqual([]);
    expect(broken(sets).at(-1)).toEqual({ rule: "sets-a-week", monday, count: 4, most: 3 });
    expect(rules([0, 2, 4, 7].map((n) => slot("conditioning", day(n))))).toEqual([]);
  });

  it("two things at the same time, each named; fillers stand inside the training", () => {
    const [session, set] = [
      slot("mobility", day(0), { starts: "19:00" }),
      slot("conditioning", day(0), { starts: "19:10" }),
    ];
    expect(found([session, set])[0]).toEqual({
      broken: { rule: "clash", on: day(0), slots: [session, set] },
      slots: [session.id, set.id],
    });
    const usual = [training(0, "strength", "17:00", 90)];
    const terms = { season: season({ usual, most: 240 }) };
    expect(rules([slot("fillers", day(0), { starts: "17:15", minutes: 10 })], terms)).toEqual([]);
    expect(rules([slot("conditioning", day(0), { starts: "17:15" })], terms)).toContain(
      "into-training",
    );
  });

  it("the day of the show, and the two before it, hold nothing long", () => {
    const aims = [{ id: "aim1", by: day(10) }];
    const on = (n: number) => broken([slot("mobility", day(n))], { aims });
    const show = { rule: "show", kind: "mobility" };
    for (const [n, daysBefore] of [
      [10, 0],
      [9, 1],
      [8, 2],
    ] as const)
      expect(on(n)).toEqual([{ ...show, on: day(n), daysBefore }]);
    expect(on(7)).toEqual([]);
    expect(on(11)).toEqual([]);
  });

  it("what is past breaks nothing any more", () => {
    const past = [slot("mobility", "2026-11-20"), slot("mobility", "2026-11-21")];
    expect(rules(past)).toEqual([]);
  });
});

describe("hard days that the log has", () => {
  const stretch = library.drills.find(
    ({ kind, sided, serves }) =>
      kind === "static" &&
      !sided &&
      serves.some(({ motion, share }) => motion.startsWith("hip.") && share === 1),
  )!;
  const held = (on: string, seconds: number) =>
    log(on, [
      logItem(stretch.id, { planned: { type: "hold", sets: 1, seconds, rest: 0 }, seconds }),
    ]);

  it("ten minutes under stretch make one, less does not, and two halves of a day add up", () => {
    const joints = (...logs: ReturnType<typeof held>[]) => hardDaysDone(logs, library).get("hip");
    expect(joints(held("2026-11-20", 600))).toEqual(["2026-11-20"]);
    expect(joints(held("2026-11-20", 590))).toBeUndefined();
    expect(joints(held("2026-11-20", 300), held("2026-11-20", 300))).toEqual(["2026-11-20"]);
    expect(joints(held("2026-11-22", 900), held("2026-11-20", 900))).toEqual([
      "2026-11-20",
      "2026-11-22",
    ]);
  });
});

describe("moving by hand", () => {
  const free = slot("mobility", day(0), { pinned: false });

  it("is remembered with the day it came from, and counts up", () => {
    const moved = movedTo(free, day(2), "18:00");
    expect(moved).toMatchObject({
      on: day(2),
      starts: "18:00",
      pinned: true,
      movedFrom: day(0),
      revision: 1,
    });
    expect(movedTo(moved, day(3), "18:00")).toMatchObject({ movedFrom: day(0), revision: 2 });
  });

  it("back where it was it is as if it had never been moved, but for the count", () => {
    const there = movedTo(free, day(2), free.starts);
    expect(movedTo(there, day(0), free.starts)).toEqual({ ...free, revision: 2 });
  });

  it("law: the distance moved is never lost, over any walk of days", () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 13 }), { minLength: 1, maxLength: 6 }),
        (walk) => {
          const end = walk.reduce((one, n) => movedTo(one, day(n), "18:00"), free);
          expect(end.on).toBe(day(walk.at(-1)!));
          expect(end.revision).toBe(walk.length);
          if (end.movedFrom) expect(daysBetween(end.movedFrom, end.on)).not.toBeNaN();
        },
      ),
    ));
});

describe("what has to be let go of to mend a plan", () => {
  const pinnedOne = slot("mobility", day(0));
  const pinnedTwo = slot("mobility", day(1));
  const loose = slot("mobility", day(1), { pinned: false, id: "loose" });
  const check = slot("check", day(0));

  it("what no rule lets stay, and all but the first of those that stand against each other", () => {
    const against = (...slots: Slot[]) => [
      {
        broken: { rule: "neighbours", joint: "hip", on: day(0), next: day(1) } as const,
        slots: slots.map(({ id }) => id),
      },
    ];
    const list = [pinnedOne, pinnedTwo, loose, check];
    expect(freedFor(against(pinnedOne), list)).toEqual([pinnedOne.id]);
    expect(freedFor(against(pinnedOne, pinnedTwo), list)).toEqual([pinnedTwo.id]);
    expect(freedFor(against(pinnedOne, loose), list)).toEqual([]);
    expect(freedFor(against(check), list)).toEqual([]);
  });
});
