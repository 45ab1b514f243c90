import { describe, expect, it } from "vitest";
import { seasoned } from "../test/bodies";
import { drill } from "../test/people";
import { asked, placeWith } from "../test/planning";
import { rungOf } from "../drill/drill";
import { planPrep } from "./plan";
import { loadOf } from "../doses/load";
import { permittedRamp } from "./ramp";
import { rampSum } from "./ramp-sum";
import { lighterLoads, workLoad } from "./ramp-load";

const bands = (["thick", "medium", "thin"] as const).map((strength) => ({ strength, kg: null }));
const gym = {
  ...placeWith(["bar", "band", "mat", "box", "weight", "wall"]),
  bands,
  weights: [4, 6, 8, 12, 16],
};
const hinge = drill("hinge-strength");
const heavy = hinge.rungs.find(({ kg }) => kg)!;

describe("a ramp through weights", () => {
  it("goes by the lighter weights of the place, two at most, nearest to a half and three quarters", () => {
    expect(lighterLoads(heavy, { kg: 16, band: null }, gym)).toEqual([
      { kg: 8, band: null },
      { kg: 12, band: null },
    ]);
    expect(lighterLoads(heavy, { kg: 6, band: null }, gym)).toEqual([{ kg: 4, band: null }]);
    expect(lighterLoads(heavy, { kg: 4, band: null }, gym)).toEqual([]);
    expect(lighterLoads(heavy, { kg: 10, band: null }, null).map(({ kg }) => kg)).toEqual([5, 7.5]);
  });
  it("the work is at what was said, else at what was last held, and no one's kilograms while growing", () => {
    expect(workLoad(heavy, { kg: 20 }, gym, 8, false).kg).toBe(20);
    expect(workLoad(heavy, {}, gym, 8, false).kg).toBe(8);
    expect(workLoad(heavy, {}, gym, 8, true).kg).toBeNull();
  });
  it("stands in the prep as sets with their weights, in any sets and repetitions", () => {
    const { items } = planPrep(
      asked("handstand", "general-specific", {
        body: seasoned,
        place: gym,
        budget: 1500,
        ramp: {
          drillId: hinge.id,
          rungId: heavy.id,
          work: { sets: 4, reps: 6, kg: 16 },
        },
      }),
    );
    const ramp = items.filter(({ drillId }) => drillId === hinge.id);
    expect(ramp.map(({ why }) => loadOf(why).kg)).toEqual([8, 12, 16]);
    expect(new Set(ramp.map(({ id }) => id)).size).toBe(3);
    expect(rampSum(ramp.flatMap(({ dose }) => (dose.type === "reps" ? [dose] : [])))).toBe(
      "4 + 4 + 24 = 32",
    );
    expect(ramp.map(({ segment }) => segment)).toEqual(["ramp", "ramp", "work sets"]);
  });
});

describe("a ramp through bands", () => {
  it("goes by the rungs where they are the bands, each with its band", () => {
    const pull = drill("pull-ramp");
    const thin = pull.rungs.find(({ band }) => band?.strength === "thin")!;
    const steps = permittedRamp(
      pull,
      thin.id,
      { body: seasoned, place: gym },
      { sets: 4, reps: 4 },
    );
    expect(
      steps.map(({ rungId, load }) => [rungOf(pull, rungId).band?.strength, load.band]),
    ).toEqual([
      ["thick", "thick"],
      ["medium", "medium"],
      ["thin", "thin"],
    ]);
    expect(rampSum(steps)).toBe("4 + 4 + 16 = 24");
  });
  it("takes thinner bands first where one is worked against", () => {
    const out = drill("ankle-return").rungs.find(({ band }) => band)!;
    expect(lighterLoads(out, { kg: null, band: "thick" }, gym).map(({ band }) => band)).toEqual([
      "thin",
      "medium",
    ]);
  });
});
