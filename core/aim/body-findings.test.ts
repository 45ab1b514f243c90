import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { planPrep } from "../prep/plan";
import { changes } from "../prep/retime";
import { check } from "../test/people";
import { asked, needsFor, placeWith } from "../test/planning";
import type { Check } from "../records/records";
import { faultRows } from "./faults";
import { bodyFindings, withFindings } from "./body-findings";

const nothing = { areas: [], profiles: [], sports: [] } as const;
const found = (checks: readonly Check[], lives: Parameters<typeof bodyFindings>[3] = nothing) =>
  bodyFindings(checks, library, "2026-11-24", lives);
const inward = (side: "left" | "right", degrees: number, over: Partial<Check> = {}) =>
  check({ protocolId: "shoulder-rotation-in", side, trials: [degrees, degrees], ...over });

describe("what is found beside an aim", () => {
  it("is nothing where every reading is usual and both sides are alike", () =>
    expect(found([inward("left", 62), inward("right", 61)])).toEqual([]));
  it("is a shoulder that turns inward 60° on one side and 35° on the other", () => {
    const list = found([inward("left", 60), inward("right", 35)]);
    expect(list).toMatchObject([
      { found: "below-usual", motion: "shoulder.internal-rotation", side: "right", value: 35 },
      { found: "sides", motion: "shoulder.internal-rotation", shorter: "right", difference: 25 },
    ]);
    expect(list[0]!.weight).toBeGreaterThan(list[1]!.weight);
  });
  it("is no difference between the sides that the error explains", () =>
    expect(found([inward("left", 60), inward("right", 56)])).toEqual([]));
  it("is what was ticked in a screen, motion by motion", () => {
    const squat = check({
      protocolId: "overhead-squat-screen",
      side: "mid",
      mode: "active",
      instrument: "eye",
      trials: [1],
      seen: ["heels-lift", "stick-forward"],
    });
    const motions = new Set(found([squat]).map(({ motion }) => motion));
    expect(motions).toContain("ankle.dorsiflexion");
    expect(motions).toContain("thoracic.extension");
  });
  it("is own strength that lags far behind the joint", () => {
    const list = found([
      inward("left", 70),
      inward("left", 58, { mode: "active" }),
      inward("right", 72),
      inward("right", 50, { mode: "active" }),
    ]);
    expect(list.filter((one) => one.found === "active-less")).toMatchObject([
      { side: "right", difference: 22 },
    ]);
  });
  it("a flagged joint is one of its tissues, and a place that hurt one of its motions", () => {
    const flagged = found([], { ...nothing, flagged: ["elbow"] });
    expect(flagged.map(({ motion }) => motion)).toContain("wrist.extension");
    expect(flagged.every((one) => one.found === "flagged" && one.joint === "elbow")).toBe(true);
    expect(found([], { ...nothing, hurt: [{ site: "calf", pain: 5 }] })).toMatchObject([
      { found: "hurt", site: "calf", motion: "ankle.dorsiflexion", pain: 5 },
    ]);
  });
  it("a coach's own profile counts by its name, and nothing where nobody knows it any more", () => {
    const own = [{ name: "carries children", motions: ["lumbar.lateral-flexion" as const] }];
    const lives = { areas: [], profiles: ["carries children"], sports: [] };
    expect(found([], { ...lives, own })).toMatchObject([
      { found: "profile", profile: "carries children", motion: "lumbar.lateral-flexion" },
    ]);
    expect(found([], lives)).toEqual([]);
  });
  it("is an area, and how a body lives, without any check", () => {
    const list = found([], { areas: ["ankle"], profiles: ["sits"], sports: [] });
    expect(list.some(({ motion }) => motion === "ankle.eversion")).toBe(true);
    expect(list.some(({ motion }) => motion === "hip.extension")).toBe(true);
  });
  it("knows only faults that some check has", () => {
    const known = new Set(
      library.protocols.flatMap(({ compensations }) => compensations.map(({ id }) => id)),
    );
    expect(Object.keys(faultRows).filter((id) => !known.has(id))).toEqual([]);
  });
});

describe("needs with what was found", () => {
  it("keep the aim's, add to those that were found, and have the rest beside them", () => {
    const needs = needsFor("deep-squat");
    const all = withFindings(needs, found([inward("left", 60), inward("right", 35)]));
    for (const need of needs)
      expect(all.find(({ motion }) => motion === need.motion)!.weight).toBe(need.weight);
    expect(all[0]!.motion).toBe("shoulder.internal-rotation");
    expect(all).toHaveLength(needs.length + 1);
  });
  it("change the session, in every kind of it, with and without a skill", () => {
    const findings = found([inward("left", 60), inward("right", 35)]);
    for (const format of ["warm-up", "mobility"] as const)
      for (const needs of [needsFor("deep-squat"), []]) {
        const request = asked("deep-squat", format, {
          needs,
          place: placeWith(["wall", "mat", "band", "towel"]),
          skills: needs.length > 0 ? ["deep-squat"] : [],
        });
        const before = planPrep(request);
        const after = planPrep({ ...request, needs: withFindings(needs, findings) });
        const { comes } = changes(before.items, after.items, request);
        const turns = comes.filter(({ drillId }) =>
          library.drills
            .find(({ id }) => id === drillId)!
            .serves.some(
              ({ motion, share }) => motion === "shoulder.internal-rotation" && share >= 0.4,
            ),
        );
        expect(turns.length, `${format}, ${needs.length}`).toBeGreaterThan(0);
      }
  });
});
