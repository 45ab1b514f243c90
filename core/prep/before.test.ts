import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { rungOf } from "../drill/drill";
import { bodyWith, seasoned } from "../test/bodies";
import { drill, item } from "../test/people";
import { asked } from "../test/planning";
import { handsBefore, readies, readyAfter, unreadyParts } from "./hands-first";
import { breaches } from "./order";
import { planPrep } from "./plan";
import { capped, longestHard, longestOf, stillSeconds } from "./stays";
import { deepWarmth, isDeep, shortestRaise, stretchWarmth, warmthFor, warmthOf } from "./warmth";
import { doesOf } from "../exposure/does";

const at = (path: string) => {
  const [id, rungId] = path.split("/") as [string, string];
  return [drill(id), rungOf(drill(id), rungId)] as const;
};
const hold = (seconds: number, sets = 1) => ({ type: "hold" as const, sets, seconds, rest: 5 });
const reps = (n: number, tempo = 2) => ({
  type: "reps" as const,
  sets: 1,
  reps: n,
  tempo,
  rest: 0,
});

describe("warmth before a stretch", () => {
  it("a minute, two before what is held over twenty seconds, four before what is deep", () => {
    expect(warmthFor(...at("hip-flexor/tuck"), hold(20))).toBe(shortestRaise);
    expect(warmthFor(...at("hip-flexor/tuck"), hold(21))).toBe(stretchWarmth);
    expect(warmthFor(...at("split-series/blocks"), hold(10))).toBe(deepWarmth);
    expect(warmthFor(...at("leg-swings/small"), reps(10))).toBe(0);
    for (const path of ["bridge-series/box", "ring-turns/feet", "middle-split-series/elbows"])
      expect(isDeep(...at(path)), path).toBe(true);
    for (const path of ["squat-sit/free", "cat-camel/knees", "wall-slides/back"])
      expect(isDeep(...at(path)), path).toBe(false);
  });
  it("a prep asks for the most that any of it asks", () => {
    const items = [item("leg-swings", reps(10)), item("hip-flexor", hold(40))];
    expect(warmthOf(items, library)).toBe(stretchWarmth);
    expect(warmthOf([], library)).toBe(0);
  });
  it("minutes too few for it hold no deep work and only short stretches, and the plan says so", () => {
    const of = (minutes: number) =>
      planPrep(asked("front-split", "mobility", { body: seasoned, budget: minutes * 60 }));
    const [short, middle, long] = [of(6), of(10), of(30)];
    const deep = (plan: typeof short) =>
      plan.items.filter(({ drillId, rungId }) =>
        isDeep(drill(drillId), rungOf(drill(drillId), rungId)),
      ).length;
    expect([deep(short), deep(middle)]).toEqual([0, 0]);
    expect(deep(long)).toBeGreaterThan(0);
    expect(short.note).toMatchObject({ note: "not-warm", longest: 20 });
    expect(middle.note).toMatchObject({ note: "not-warm", deep: true, longest: null });
    for (const { dose, drillId } of short.items)
      if (["static", "contract-relax"].includes(drill(drillId).kind))
        expect(stillSeconds(drill(drillId), dose)).toBeLessThanOrEqual(20);
    for (const plan of [short, middle, long])
      expect(breaches(plan.items, library, { alreadyWarm: false })).toEqual([]);
  });
});

describe("hands before weight on them", () => {
  it("asks more the more they are going to carry, and fingers before hanging", () => {
    const sum = (path: string) =>
      Object.values(handsBefore(...at(path))).reduce((all, one) => all + one, 0);
    expect(sum("cat-camel/knees")).toBeGreaterThan(0);
    expect(sum("push-ramp/floor")).toBeGreaterThan(sum("cat-camel/knees"));
    expect(sum("wall-line/half")).toBeGreaterThan(sum("push-ramp/floor"));
    expect(handsBefore(...at("hang-feet-down/half"))).toMatchObject({ wrist: 0 });
    expect(handsBefore(...at("hang-feet-down/half")).fingers).toBeGreaterThan(0);
    expect(sum("leg-swings/small")).toBe(0);
    expect(sum("hands-ready/lean")).toBe(0);
  });
  it("eight wrist circles do not admit a handstand; hands ready do", () => {
    const wants = handsBefore(...at("wall-line/box-l"));
    const few = readies(...at("wrist-circles/clasped"), reps(8, 3));
    expect(unreadyParts(few, wants)).toEqual(["wrist", "forearm", "fingers"]);
    const ready = readyAfter([item("hands-ready", reps(12, 5))], library);
    expect(unreadyParts(ready, wants)).toEqual([]);
  });
});

describe("what is never made into minutes", () => {
  const longest = (path: string) => {
    const [one, rung] = at(path);
    return longestOf(one, doesOf(one, rung).exposes);
  };
  it("a hang, an inversion, a wrist, neck, toe or low-back end range, the hardest skills", () => {
    for (const path of [
      "pull-ramp/free",
      "wall-line/half",
      "back-of-hand/light",
      "neck-hold/ear",
      "toe-sit/hands",
      "press-up-prone/full",
      "back-walkover-parts/free",
      "chest-to-wall/heart",
    ])
      expect(longest(path), path).toBe(longestHard);
    for (const path of ["hip-flexor/tuck", "wrist-circles/clasped", "settle/knees"])
      expect(longest(path), path).toBeNull();
  });
  it("a dose is cut to it, and what is counted is left", () => {
    expect(capped(drill("toe-sit"), hold(300), 45)).toEqual(hold(45));
    expect(capped(drill("toe-sit"), reps(10), 45)).toEqual(reps(10));
    expect(
      capped(drill("prayer"), { type: "contract-relax", rounds: 3, contract: 10, deepen: 60 }, 30),
    ).toMatchObject({ deepen: 30 });
  });
  it("long stays stay out of it, whoever chose them", () => {
    const plan = planPrep(
      asked("bridge", "mobility", {
        body: seasoned,
        budget: 2700,
        schools: { ...asked("bridge", "mobility").schools!, hold: "long" } as never,
      }),
    );
    for (const { drillId, rungId, dose } of plan.items) {
      const limit = longest(`${drillId}/${rungId}`);
      if (limit !== null)
        expect(stillSeconds(drill(drillId), dose), drillId).toBeLessThanOrEqual(limit);
    }
  });
});

describe("hands of somebody who is growing", () => {
  it("have only so much of a week, and a plan keeps to it", () => {
    const child = bodyWith({ bornOn: "2014-01-01" });
    expect(child.handsLeft).toBe(180);
    expect(seasoned.handsLeft).toBeNull();
    const spent = { ...child, handsLeft: 0 };
    const plan = planPrep(asked("handstand", "mobility", { body: spent, budget: 1800 }));
    for (const { drillId, rungId } of plan.items)
      expect(doesOf(...at(`${drillId}/${rungId}`)).exposes.has("hands-full"), drillId).toBe(false);
    const [broken] = breaches([item("planche-leans", hold(12))], library, {
      alreadyWarm: true,
      gate: { body: spent, place: null },
    }).filter(({ rule }) => rule.why === "hands-week");
    expect(broken).toBeDefined();
  });
});
