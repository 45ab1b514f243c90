import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { Clocked, clockedSeconds } from "../content/format";
import { isOfFamily } from "../drill/families";
import { rungOf } from "../drill/drill";
import { drill } from "../test/people";
import { asked } from "../test/planning";
import { clockedPlan } from "./clocked";
import { variantsIn } from "./variants-in";
import { grownFor, grownSeconds } from "./grow-families";
import { fitClocked } from "./clock-fit";

const request = asked("handstand", "clocked-families", { alreadyWarm: true });
const by = (said: Partial<Clocked>, handOver = 30) => {
  const clocked = Clocked.parse({ families: ["hands"], rounds: 1, seconds: 60, ...said });
  return { ...request, clocked, handOver, budget: clockedSeconds(clocked, handOver) };
};

describe("families by the clock", () => {
  it("the number of different preps is the number that comes by before one comes again", () => {
    for (const said of [
      { families: ["bend", "twist"] as const, rounds: 1 },
      { families: ["bend"] as const, rounds: 2 },
      { families: ["twist", "twist"] as const, rounds: 1, drills: 2 },
    ]) {
      const asks = by({ ...said, families: [...said.families] });
      const { variants } = clockedPlan(asks);
      const names = Array.from({ length: variants! }, (_, turn) =>
        variantsIn(clockedPlan({ ...asks, turn }).items)
          .sort()
          .join(" "),
      );
      expect(variants!).toBeGreaterThan(3);
      expect(new Set(names).size, JSON.stringify(said)).toBe(variants);
      expect(
        variantsIn(clockedPlan({ ...asks, turn: variants! }).items)
          .sort()
          .join(" "),
      ).toBe(names[0]);
    }
  });
  it("other drills in the second round, unless the same are wanted", () => {
    const rounds = (same: boolean) => {
      const items = clockedPlan(by({ families: ["hands", "reach"], rounds: 2, same })).items;
      return [items.slice(0, 2), items.slice(2)].map((half) => half.map(({ drillId }) => drillId));
    };
    const [first, second] = rounds(false);
    expect(second!.some((id) => first!.includes(id))).toBe(false);
    expect(rounds(true)[1]).toEqual(rounds(true)[0]);
  });
  it("two drills share a box, brisk, on a spot, after a raise, on the second", () => {
    const asks = by({
      families: ["neck-and-shoulders", "light-swings", "spine-and-rolls", "hip"],
      drills: 2,
      seconds: 60,
      rounds: 2,
      raise: 90,
      brisk: true,
      spot: true,
    });
    const { items, seconds } = clockedPlan(asks);
    expect(seconds).toBe(90 + 8 * 60 + 30);
    expect(items[0]).toMatchObject({ segment: "raise", dose: { seconds: 90 } });
    for (const { drillId, rungId, segment, dose, pace } of items.slice(1)) {
      const rung = rungOf(drill(drillId), rungId);
      expect(rung.space, drillId).toBe("spot");
      expect(pace).toBe("brisk");
      expect(dose).toMatchObject({ seconds: 30 });
      const family = asks.clocked.families.find((one) => one === segment)!;
      expect(isOfFamily(drill(drillId), rung, family), `${drillId} ${segment}`).toBe(true);
    }
    expect(new Set(items.slice(1).map(({ drillId }) => drillId)).size).toBeGreaterThan(8);
  });
  it("the same family several times has other drills each time", () => {
    const { items } = clockedPlan(by({ families: ["hands", "hands", "hands"] }));
    expect(items.map(({ segment }) => segment)).toEqual(["hands", "hands 2", "hands 3"]);
    expect(new Set(items.map(({ drillId }) => drillId)).size).toBe(3);
  });
  it("grow for a complaint to ten families and twenty minutes", () => {
    const four = Clocked.parse({
      families: ["hands", "reach", "squat", "twist"],
      rounds: 2,
      seconds: 60,
    });
    const grown = grownFor(four, "elbow");
    expect(grown.families.slice(0, 4)).toEqual(four.families);
    expect(grown.families.filter((family) => family === "elbow")).toHaveLength(2);
    expect(grown.families).toContain("forearm");
    expect(grownFor(grown, "shoulder").families.length).toBeLessThanOrEqual(10);
    const fitted = fitClocked(grown, grownSeconds - 60);
    expect(fitted.families).toEqual(grown.families);
    const plan = clockedPlan({ ...request, clocked: fitted, handOver: 60, budget: grownSeconds });
    expect(plan.seconds).toBe(grownSeconds);
  });
});

describe("a drill of a family", () => {
  it("is told by its pattern, its joint, or by name", () => {
    const of = (id: string, family: Parameters<typeof isOfFamily>[2]) =>
      isOfFamily(drill(id), drill(id).rungs[0]!, family);
    expect(of("wrist-circles", "hands")).toBe(true);
    expect(of("wrist-circles", "wrist")).toBe(true);
    expect(of("leg-swings", "light-swings")).toBe(true);
    expect(of("rolls", "spine-and-rolls")).toBe(true);
    expect(of("straddle-lifts", "seated-hips")).toBe(true);
    expect(of("neck-circles", "neck-and-shoulders")).toBe(true);
    expect(of("neck-circles", "ankle")).toBe(false);
    for (const family of [
      "neck-and-shoulders",
      "light-swings",
      "spine-and-rolls",
      "seated-hips",
    ] as const)
      expect(
        library.drills.filter((one) => one.rungs.some((rung) => isOfFamily(one, rung, family)))
          .length,
        family,
      ).toBeGreaterThan(5);
  });
});
