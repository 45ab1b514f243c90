import { bodyWith, seasoned } from "../test/bodies";
import { describe, expect, it } from "vitest";
import { MotionId, motionOf } from "../body/motions";
import { formatOf } from "../content/library";
import { rungOf } from "../drill/drill";
import type { PrepItem } from "../records/records";
import { drill, item } from "../test/people";
import { asked, placeWith } from "../test/planning";
import { library } from "../../library/index";
import { clockedPlan } from "./clocked";
import { unlikeLast, variantsIn } from "./variants-in";
import { Clocked, clockedSeconds, Format } from "../content/format";
import { mainly } from "./mainly";
import { contracts } from "./obligations";
import { planPrep } from "./plan";
import { rampOf } from "./ramp";
import { rampSum } from "./ramp-sum";
import { itemSeconds, prepSeconds, timelineOf } from "./timeline";

const kindOf = (drillId: string) => drill(drillId).kind;

describe("worked examples", () => {
  it("4 families × 2 rounds × 60 s + 2:00 hand-over = 10:00", () => {
    const { clocked, handOver } = formatOf(library, "clocked-families")!;
    expect(clockedSeconds(clocked!, handOver)).toBe(600);
    const plan = planPrep(asked("handstand", "clocked-families"));
    expect(plan.items).toHaveLength(8);
    expect(plan.seconds).toBe(600);
    const steps = timelineOf(plan.items, library, handOver);
    expect(steps.at(-1)).toMatchObject({ kind: "hand-over", seconds: 120 });
    expect(steps.every(({ kind }) => kind === "work" || kind === "hand-over")).toBe(true);
  });
  it("a ramp is 2 × 2 two rungs easier, 2 × 2 one rung easier, 3 × 5: 4 + 4 + 15 = 23", () => {
    const ramp = rampOf(drill("pull-ramp"), "feet-down");
    expect(ramp.map(({ rungId, sets, reps }) => [rungId, sets, reps])).toEqual([
      ["row-high", 2, 2],
      ["row-low", 2, 2],
      ["feet-down", 3, 5],
    ]);
    expect(rampSum(ramp)).toBe("4 + 4 + 15 = 23");
    expect(rampSum(rampOf(drill("pull-ramp"), "row-low"))).toBe("4 + 15 = 19");
    expect(rampSum(rampOf(drill("pull-ramp"), "row-high"))).toBe("15");
  });
  it("work sets as somebody says them: 4 × 4 on the third rung is 4 + 4 + 16 = 24, on the second 4 + 16", () => {
    const work = { sets: 4, reps: 4 };
    const [, second, third] = drill("pull-ramp").rungs;
    expect(rampSum(rampOf(drill("pull-ramp"), third!.id, work))).toBe("4 + 4 + 16 = 24");
    expect(rampSum(rampOf(drill("pull-ramp"), second!.id, work))).toBe("4 + 16 = 20");
    const plan = planPrep(
      asked("handstand", "general-specific", {
        body: seasoned,
        budget: 900,
        place: placeWith(["bar", "box"]),
        ramp: { drillId: "pull-ramp", rungId: third!.id, work },
      }),
    );
    expect(plan.items.at(-1)!.dose).toMatchObject({ sets: 4, reps: 4 });
    expect(plan.seconds).toBe(900);
  });
  it("contract–relax 3 × (10 + 30) on both sides, with set-up and the change of side", () => {
    const deepen = drill("hip-flexor-deepen");
    const dose = { type: "contract-relax" as const, rounds: 3, contract: 10, deepen: 30 };
    expect(itemSeconds(dose, deepen, ["left", "right"])).toBe(
      deepen.setUp + 120 + deepen.sideChange + 120,
    );
    const steps = timelineOf([item("hip-flexor-deepen", dose)], library);
    expect(steps.filter(({ kind }) => kind === "contract")).toHaveLength(6);
  });
  it("a box holds both sides of a drill", () => {
    const boxed = item(
      "leg-swings",
      { type: "time", sets: 1, seconds: 45, rest: 0 },
      { boxed: true },
    );
    expect(timelineOf([boxed], library).map(({ side, seconds }) => [side, seconds])).toEqual([
      ["left", 23],
      ["right", 22],
    ]);
    expect(prepSeconds([boxed, { ...boxed, id: "again" }], library)).toBe(90);
  });
});

describe("formats", () => {
  it("are content, read by the schema a coach's own is read by; one of every kind", () => {
    for (const format of library.formats) expect(Format.parse(format)).toEqual(format);
    expect(new Set(library.formats.map(({ kind }) => kind)).size).toBe(6);
    expect(library.formats.length).toBeGreaterThanOrEqual(11);
  });
  it("each gives a plan in the order of its segments, for its own minutes", () => {
    for (const format of library.formats) {
      const plan = planPrep(
        asked("handstand", format.id, {
          flagged: ["wrist"],
          ramp: { drillId: "push-ramp", rungId: "floor" },
        }),
      );
      expect(plan.items.length, format.id).toBeGreaterThan(2);
      expect(plan.seconds, format.id).toBeLessThanOrEqual(format.minutes * 60);
      if (format.clocked || format.gaps) continue;
      const at = plan.items
        .filter(({ segment }) => !["once more", "ramp", "work sets"].includes(segment))
        .map(({ phase, segment }) =>
          format.segments.findIndex(
            (one) => one.phase === phase && (segment === "" || one.name === segment),
          ),
        );
      expect(at, format.id).toEqual([...at].sort((a, b) => a - b));
    }
  });
  it("an issue prep has soft tissue, mobility and light strength for each flagged joint, and its first stretch again", () => {
    const { items } = planPrep(
      asked("handstand", "issue-prep", { flagged: ["wrist", "hip"], budget: 900 }),
    );
    for (const joint of ["wrist", "hip"])
      for (const kinds of [
        ["soft-tissue"],
        ["circles", "dynamic", "static", "contract-relax"],
        ["strength", "active"],
      ])
        expect(
          items.some(
            ({ drillId }) => kinds.includes(kindOf(drillId)) && mainly(drill(drillId), joint),
          ),
          `${joint} ${kinds[0]}`,
        ).toBe(true);
    const last = items.at(-1)!;
    expect(last.segment).toBe("once more");
    expect(items.filter(({ drillId }) => drillId === last.drillId)).toHaveLength(2);
  });
  it("five segments stretch only what was contracted, and move in three planes", () => {
    const { items } = planPrep(asked("middle-split", "five-segments"));
    const work = items.filter(({ drillId }) => kindOf(drillId) === "strength");
    const stretches = items.filter(({ phase }) => phase === "open");
    expect(stretches.length).toBeGreaterThan(0);
    const at = ({ drillId, rungId }: PrepItem) => ({
      drill: drill(drillId),
      rung: rungOf(drill(drillId), rungId),
    });
    for (const stretch of stretches)
      expect(
        work.some((one) => contracts(at(one), at(stretch))),
        stretch.drillId,
      ).toBe(true);
    for (const one of work)
      expect(
        stretches.some((stretch) => contracts(at(one), at(stretch))),
        one.drillId,
      ).toBe(true);
    for (const plane of ["sagittal", "frontal", "transverse"] as const)
      expect(
        items.some(({ drillId }) => drill(drillId).planes.includes(plane)),
        plane,
      ).toBe(true);
  });
  it("daily circles are circles, and swings for the knees that have none, of many joints", () => {
    const { items } = planPrep(asked("handstand", "daily-circles"));
    const others = items.filter(({ drillId }) => kindOf(drillId) !== "circles");
    expect(others.map(({ drillId }) => drill(drillId).region)).toEqual(["knees"]);
    expect(
      new Set(
        items.flatMap(({ drillId }) =>
          drill(drillId).serves.map(({ motion }) => motionOf(motion).joint),
        ),
      ).size,
    ).toBeGreaterThanOrEqual(6);
  });
  it("fillers fit their gaps, tire nothing, and differ", () => {
    const { items, seconds } = planPrep(asked("handstand", "fillers"));
    expect(items).toHaveLength(4);
    expect(seconds).toBe(360);
    expect(new Set(items.map(({ drillId }) => drillId)).size).toBe(4);
    for (const { drillId } of items) expect(["circles", "dynamic"]).toContain(kindOf(drillId));
  });
  it("general then specific ends with the ramp", () => {
    const { items } = planPrep(
      asked("handstand", "general-specific", {
        body: seasoned,
        ramp: { drillId: "push-ramp", rungId: "floor" },
      }),
    );
    expect(items.slice(-3).map(({ rungId }) => rungId)).toEqual(["box", "knees", "floor"]);
  });
});

describe("clocked families", () => {
  it("the last twenty preps differ, and the number of different preps is their product", () => {
    const request = asked("handstand", "clocked-families");
    const recent: string[][] = [];
    const names: string[] = [];
    for (let day = 0; day < 45; day += 1) {
      const plan = clockedPlan({ ...request, recent: [...recent].reverse() });
      const name = variantsIn(plan.items).sort().join(" ");
      expect(names.slice(-unlikeLast)).not.toContain(name);
      names.push(name);
      recent.push(variantsIn(plan.items));
      expect(plan.variants).toBeGreaterThan(unlikeLast);
    }
  });
  it("turns the drills of every family, not of one only", () => {
    const request = asked("handstand", "clocked-families");
    const first = clockedPlan(request).items;
    const recent = [first.map(({ drillId, rungId }) => `${drillId}/${rungId}`)];
    const second = clockedPlan({ ...request, recent }).items;
    const of = (items: typeof first, family: string) =>
      items.filter(({ segment }) => segment === family).map(({ drillId }) => drillId);
    for (const family of ["hands", "reach", "squat", "twist"])
      expect(of(second, family), family).not.toEqual(of(first, family));
  });
  it("fit the minutes to the second, and say when even that cannot be", () => {
    for (const minutes of [3, 5, 8, 9, 12, 20]) {
      const plan = planPrep(
        asked("handstand", "clocked-families", { budget: minutes * 60, handOver: 30 }),
      );
      expect(plan.note, `${minutes}`).toBeNull();
      expect(plan.seconds, `${minutes}`).toBe(minutes * 60);
      expect(new Set(plan.items.map(({ drillId }) => drillId)).size).toBeGreaterThanOrEqual(4);
    }
    const over = planPrep(asked("handstand", "clocked-families", { budget: 100, handOver: 120 }));
    expect(over.note).toMatchObject({ note: "over-clock", budget: 100 });
    const bare = planPrep(
      asked("handstand", "clocked-families", {
        clocked: Clocked.parse({ families: ["pull", "hands"], rounds: 2, seconds: 60 }),
        place: placeWith([]),
        body: bodyWith({ bornOn: "2014-01-01" }),
      }),
    );
    expect(bare.items.length).toBeGreaterThan(0);
  });
});

describe("what a motion contracts, another stretches", () => {
  it("is never the motion itself, but for the inner thigh and the side", () => {
    for (const motion of MotionId.options)
      if (!["hip.abduction", "hip.straddle", "lumbar.lateral-flexion"].includes(motion))
        expect(motionOf(motion).opposes).not.toContain(motion);
    expect(motionOf("hip.extension").opposes).toContain("hip.flexion-straight");
    expect(motionOf("shoulder.flexion").opposes).toEqual(["shoulder.extension"]);
  });
});
