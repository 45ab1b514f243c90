import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { muscleIds, muscleOf } from "../body/muscles";
import { siteIds, sitesMoving } from "../body/sites";
import { MotionId } from "../body/motions";
import { exposureGroups, exposures } from "../body/exposures";
import { atRung, rungOf } from "../drill/drill";
import { drill } from "../test/people";
import { doesOf, seenOf } from "./does";
import { musclesOf } from "./muscles";
import { needsFirst } from "./needs-first";
import { stressOf } from "./stress";

const at = (path: string) => {
  const [drillId, rungId] = path.split("/") as [string, string];
  const one = drill(drillId);
  return [one, rungOf(one, rungId)] as const;
};
const does = (path: string) => [...doesOf(...at(path)).exposes];
const rungs = library.drills.flatMap((one) =>
  one.rungs.map((rung) => ({ path: `${one.id}/${rung.id}`, drill: one, rung })),
);

describe("what a rung does to a body", () => {
  it("is read from the picture: head below the heart, knees deeply bent, arms overhead", () => {
    expect(does("wall-line/full")).toEqual(
      expect.arrayContaining(["head-low", "inverted", "hands-full", "shoulder-overhead-loaded"]),
    );
    expect(does("line-shifts/pike")).toEqual(expect.arrayContaining(["head-low", "inverted"]));
    expect(does("squat-sit/free")).toEqual(expect.arrayContaining(["hip-deep", "knee-deep"]));
    expect(does("settle/knees")).toEqual(["back"]);
    expect(does("pulse/march")).toEqual([]);
  });
  it("skills that hold a joint at its end are passive like any stretch", () => {
    for (const path of ["split-series/floor", "pancake-series/chest", "over-split-series/front"])
      expect(does(path), path).toContain("passive-end");
    expect(does("ring-turns/behind")).toEqual(
      expect.arrayContaining(["hang", "hang-behind", "shoulder-behind-loaded"]),
    );
  });
  it("the library says only what cannot be seen, and takes back only what is seen: every disagreement by name", () => {
    const told = rungs.flatMap(({ path, drill: one, rung }) => {
      const seen = seenOf(one, rung);
      return [
        ...rung.does.filter((each) => seen.has(each)).map((each) => `${path} says ${each} again`),
        ...rung.doesNot
          .filter((each) => ![...seen, ...(one.does ?? []), ...rung.does].includes(each))
          .map((each) => `${path} takes back ${each}, which nobody saw`),
      ];
    });
    expect(told).toEqual([]);
  });
  it("what the ladder marks and what is read agree: every disagreement by name", () => {
    const wrong = rungs.flatMap(({ path, drill: one, rung }) => {
      const here = atRung(one, rung);
      const { exposes } = doesOf(one, rung);
      const bears = ["hands-part", "hands-full", "forearms"].some((each) =>
        exposes.has(each as "forearms"),
      );
      return [
        ...(here.loadsHands && !bears ? [`${path} is marked as on the hands`] : []),
        ...(here.inverted && !exposes.has("head-low") ? [`${path} is marked as upside down`] : []),
        ...(here.position === "inverted" && !exposes.has("inverted")
          ? [`${path} stands on its head unseen`]
          : []),
        ...(one.kind === "soft-tissue" && rung.presses.length + one.presses.length === 0
          ? [`${path} presses nowhere`]
          : []),
      ];
    });
    expect(wrong).toEqual([]);
  });
  it("every exposure but those of another person and closed eyes is met in the library", () => {
    const met = new Set(rungs.flatMap(({ path }) => does(path)));
    expect(exposures.filter((one) => !met.has(one)).sort()).toEqual(["eyes-closed", "pushed"]);
    expect(new Set(exposures).size).toBe(exposures.length);
    expect(Object.values(exposureGroups).flat()).toHaveLength(exposures.length);
  });
  it("a rung for one side is done on both, wherever its ladder stands", () => {
    for (const path of [
      "rises/one",
      "rises/ledge",
      "rise-series/one",
      "seat-bridge/one",
      "hinge-strength/one",
      "leg-ramp/one",
      "leg-ramp/split",
      "toe-sit/one",
      "frog-deepen/one",
      "straddle-deepen/side",
      "hang-feet-down/side",
      "ankle-circles/standing",
    ])
      expect(atRung(...at(path)).sided, path).toBe(true);
    expect(atRung(...at("rises/both")).sided).toBe(false);
  });
});

describe("what it loads", () => {
  it("follows from what it does and what it works on, and what it presses", () => {
    expect(stressOf(...at("cat-camel/knees")).has("wrist")).toBe(true);
    expect(stressOf(...at("cat-camel/knees")).has("knee")).toBe(true);
    expect(stressOf(...at("calf-roller/roller")).has("calf")).toBe(true);
    expect(stressOf(...at("overhead-press/weight")).has("wrist")).toBe(true);
    expect([...stressOf(...at("settle/knees"))]).toEqual([]);
    expect(stressOf(...at("run/easy")).has("heel")).toBe(true);
    expect(stressOf(...at("wrist-circles/clasped")).has("knee")).toBe(false);
  });
  it("every motion is at a place, and its joint is among them", () => {
    for (const motion of MotionId.options) expect(sitesMoving(motion).length).toBeGreaterThan(0);
    expect(new Set(siteIds).size).toBe(siteIds.length);
  });
});

describe("muscles", () => {
  it("about forty-five, each with a place, and something that works or lengthens it", () => {
    expect(muscleIds.length).toBeGreaterThanOrEqual(40);
    for (const id of muscleIds) {
      const { makes, stretchedBy, site } = muscleOf(id);
      expect(siteIds).toContain(site);
      expect(makes.length + stretchedBy.length, id).toBeGreaterThan(0);
    }
  });
  it("a stretch lengthens, a strength drill contracts, a press-and-deepen does both to one", () => {
    expect(musclesOf(...at("hip-flexor/tuck")).stretches).toContain("hip-flexors");
    expect(musclesOf(...at("seat-bridge/both")).contracts).toContain("large-seat");
    const deepen = musclesOf(...at("hamstring/strap"));
    expect(deepen.contracts).toEqual(deepen.stretches);
    expect(musclesOf(...at("settle/knees"))).toEqual({ contracts: [], stretches: [], loads: [] });
    expect(musclesOf(...at("overhead-press/weight")).loads.length).toBeGreaterThan(0);
  });
});

describe("what comes first", () => {
  it("nothing before a first rung; weeks before what asks most, longer while growing", () => {
    expect(needsFirst(...at("ring-turns/feet"), false)).toMatchObject({ clean: 0, weeks: 0 });
    expect(needsFirst(...at("ring-turns/behind"), false)).toMatchObject({ clean: 6, weeks: 3 });
    expect(needsFirst(...at("ring-turns/behind"), true)).toMatchObject({ clean: 6, weeks: 5 });
    expect(needsFirst(...at("planche-leans/box"), false).weeks).toBe(3);
    expect(needsFirst(...at("over-split-series/back"), false).weeks).toBe(3);
    expect(needsFirst(...at("wrist-circles/straight"), true)).toMatchObject({ clean: 2, weeks: 0 });
  });
});
