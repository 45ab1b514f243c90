import { describe, expect, it } from "vitest";
import { needsOf } from "../aim/priority";
import { aim, athlete, check, log, logItem } from "../test/people";
import { library } from "../../library/index";
import { skillOf } from "../content/library";
import type { Check } from "../records/records";
import { limitsHad } from "../shape/limits";
import { bodyFor } from "../shape/solve";
import { headlineOf } from "../aim/headline";
import { cleanSet } from "./clean-set";
import { rankedGaps } from "./ranked-gaps";
import { blockGain, usualBlockGain } from "./block-gain";
import { priorOf } from "../content/motion-prior";

const on = "2026-11-24";
const both = (protocolId: string, degrees: number, over: Partial<Check> = {}): Check[] =>
  (["left", "right"] as const).map((side) =>
    check({ protocolId, side, on, trials: [degrees, degrees, degrees], ...over }),
  );
const handstand = skillOf(library, "handstand")!;
const arms = (passive: number, upperBack: number): Check[] => [
  ...both("shoulder-flexion", passive),
  ...both("shoulder-flexion", 176, { mode: "active" }),
  check({ protocolId: "upper-back-extension", side: "mid", on, trials: Array(3).fill(upperBack) }),
  ...both("wrist-extension", 100),
  ...both("hip-extension", 25),
];
const ranked = (checks: Check[], skill = handstand, over: Parameters<typeof aim>[0] = {}) =>
  rankedGaps({
    ...{ athlete: athlete(), aim: aim({ skillId: skill.id, ...over }), skill, checks, library },
    ...{ logs: [], on },
  });

describe("one ranking of what limits", () => {
  it("shoulders that lack 22° stand before an upper back that lacks most of its small angle", () => {
    const [first, second] = ranked(arms(158, 4));
    expect(first!.demand).toMatchObject({ motion: "shoulder.flexion", mode: "passive" });
    expect(first!.block!.first).toBeGreaterThan(0.9);
    expect(second!.demand.motion).toBe("thoracic.extension");
  });

  it("what is clear, unknown or never asked has no worth, and stands behind", () => {
    const gaps = ranked(arms(158, 4).filter(({ protocolId }) => protocolId !== "hip-extension"));
    const at = (motion: string) => gaps.findIndex(({ demand }) => demand.motion === motion);
    expect(gaps[at("hip.extension")]).toMatchObject({
      verdict: "unknown",
      block: null,
      limiter: 0,
    });
    expect(gaps[at("wrist.extension")]).toMatchObject({ verdict: "clear", block: null });
    expect(at("shoulder.flexion")).toBe(0);
  });

  it("the same readings give the same order, in whatever order they come", () => {
    const checks = arms(158, 4);
    const names = (list: Check[]) =>
      ranked(list).map(({ demand, block }) => [demand.motion, block]);
    expect(names(checks.toReversed())).toEqual(names(checks));
  });

  it("headline, smallest set and plan name the first of the rows", () => {
    for (const checks of [arms(158, 4), arms(170, 0), arms(176, 2), arms(150, 30)]) {
      const gaps = ranked(checks);
      const first = gaps[0]!;
      const { verdict } = headlineOf(gaps);
      const named =
        verdict.says === "short" ? [verdict.gap] : verdict.says === "either" ? verdict.gaps : [];
      expect(named[0]).toBe(first);
      expect(needsOf(gaps, 40)[0]!.motion).toBe(first.demand.motion);
      const { limits } = limitsHad(handstand, gaps);
      const set = cleanSet(handstand, limits, { side: "mid" }, bodyFor(athlete()), gaps)!;
      expect(set[0]!.motion).toBe(first.demand.motion);
    }
  });

  it("a demand of one's own muscles that no figure shows is in the set all the same", () => {
    const skill = skillOf(library, "leg-front")!;
    const raised = (mode: Check["mode"], degrees: number) =>
      both("straight-leg-raise", degrees, { mode });
    const gaps = ranked(
      [...raised("active", 112), ...raised("passive", 112), ...both("hip-rotation-out-seated", 60)],
      skill,
      { side: "right" },
    );
    const { limits } = limitsHad(skill, gaps);
    const set = cleanSet(skill, limits, { side: "right" }, bodyFor(athlete()), gaps)!;
    expect(set).toContainEqual(
      expect.objectContaining({ motion: "hip.flexion-straight", mode: "passive", drawn: false }),
    );
  });

  it("what was never measured stands last in the set, and says so", () => {
    const skill = skillOf(library, "leg-side")!;
    const gaps = ranked(both("hip-rotation-out-seated", 40), skill, { side: "right" });
    const { limits } = limitsHad(skill, gaps);
    const set = cleanSet(skill, limits, { side: "right" }, bodyFor(athlete()), gaps)!;
    expect(set.map(({ motion, assumed }) => [motion, assumed])).toEqual([
      ["hip.external-rotation", false],
      ["hip.abduction", true],
    ]);
  });

  it("without a model of the shape it is weight × shortage, whatever the clean angle is", () => {
    const skill = skillOf(library, "frog-wall")!;
    const gaps = ranked(
      [
        ...both("hip-rotation-out-seated", 35),
        ...both("hip-abduction", 30),
        ...both("hip-flexion", 90),
      ],
      skill,
    );
    expect(gaps.map(({ demand }) => demand.motion)).toEqual([
      "hip.external-rotation",
      "hip.abduction",
      "hip.flexion",
    ]);
    // The mean over the drawings: the worse of two sides is a little worse than either.
    expect(gaps[0]!.block).toMatchObject({ unit: "degrees" });
    expect(gaps[0]!.block!.worth).toBeGreaterThanOrEqual(1.5 * 20);
    expect(gaps[0]!.block!.worth).toBeLessThan(1.5 * 25);
  });
});

describe("what a block of training gives", () => {
  const prior = priorOf(library.priors, "hip.flexion-straight");
  const weeks = (...values: number[]) => values.map((value, n) => ({ week: 3 * n, value, se: 2 }));
  const worked = (many: number) => Array<number>(many).fill(prior.fullDose);

  it("follows what this athlete gained for the work that was done", () => {
    const usual = usualBlockGain(library, "hip.flexion-straight");
    const answers = blockGain({ seen: weeks(90, 96, 102, 107), doses: worked(10) }, prior);
    const stands = blockGain({ seen: weeks(90, 90, 91, 90), doses: worked(10) }, prior);
    expect(answers).toBeGreaterThan(stands);
    expect(stands).toBeLessThan(usual);
    expect(stands).toBeGreaterThanOrEqual(1);
  });

  it("is read from the logs of the athlete", () => {
    const stretch = library.drills.find(
      ({ kind, serves }) =>
        kind === "static" &&
        serves.some(({ motion, share }) => motion === "hip.abduction" && share >= 0.5),
    )!;
    const skill = skillOf(library, "frog-wall")!;
    const checks = ["2026-09-01", "2026-09-22", "2026-10-13", "2026-11-03"].flatMap((day) =>
      both("hip-abduction", 40, { on: day }),
    );
    const logs = Array.from({ length: 20 }, (_, n) =>
      log(`2026-${n < 10 ? "09" : "10"}-${String(2 + 2 * (n % 10)).padStart(2, "0")}`, [
        logItem(stretch.id, {
          planned: { type: "hold", sets: 2, seconds: 120, rest: 0 },
          seconds: 480,
        }),
      ]),
    );
    const gain = (done: typeof logs) =>
      rankedGaps({
        ...{ athlete: athlete(), aim: aim({ skillId: skill.id }), skill, checks, library, on },
        logs: done,
      }).find(({ demand }) => demand.motion === "hip.abduction")!.block!.gain;
    expect(gain(logs)).toBeLessThan(gain([]));
  });
});
