import { describe, expect, it } from "vitest";
import { MotionId, motionOf } from "../core/body/motions";
import { learn, outlookAt, type Seen } from "../core/forecast/forecast";
import { priorOf, usualPrior } from "../core/content/motion-prior";
import { forecastPriors } from "./forecast-priors";
import { library } from "./index";

const seen = (count: number, gain: number, se = 2): Seen[] =>
  Array.from({ length: count }, (_, n) => ({ week: 2 * n, value: 100 + gain * n, se }));
const dosed = (weeks: number) => Array.from({ length: weeks }, () => 500);

describe("what the library believes before the first check", () => {
  it("speaks of every motion exactly once, with a reason and a source", () => {
    const all = forecastPriors.flatMap(({ motions }) => motions);
    expect([...all].sort()).toEqual([...MotionId.options].sort());
    for (const { why, source } of forecastPriors) {
      expect(why.length).toBeGreaterThan(20);
      expect(source).toMatch(/^working figure$|\(?\d{4}/);
    }
  });

  it("gives more room where skills ask for more than adults usually have", () => {
    const asked = MotionId.options.flatMap((motion) => {
      const needs = library.skills.flatMap(({ demands }) =>
        demands.flatMap((demand) => (demand.motion === motion ? [demand.clean] : [])),
      );
      const usual = motionOf(motion).usual;
      return needs.length === 0
        ? []
        : [{ room: priorOf(forecastPriors, motion).headroom, more: Math.max(...needs) - usual }];
    });
    const mean = (list: typeof asked) =>
      list.reduce((sum, { room }) => sum + room, 0) / list.length;
    const far = asked.filter(({ more }) => more >= 25);
    const near = asked.filter(({ more }) => more < 10);
    expect(far.length).toBeGreaterThan(2);
    expect(near.length).toBeGreaterThan(2);
    expect(mean(far)).toBeGreaterThan(1.4 * mean(near));
  });

  it("a motion that it says nothing of is taken as usual", () => {
    expect(priorOf([], "hip.flexion")).toEqual(usualPrior);
    expect(priorOf(forecastPriors, "ankle.dorsiflexion").headroom).toBeLessThan(
      priorOf(forecastPriors, "hip.flexion-straight").headroom,
    );
  });

  it("after one check the motion decides how much is expected; after many the athlete does", () => {
    const ahead = (motion: MotionId, checks: Seen[]) => {
      const belief = learn(checks, dosed(40), priorOf(forecastPriors, motion));
      const last = checks.at(-1)!;
      return outlookAt(belief, last.week + 8, dosed(40)).median - last.value;
    };
    const few = (motion: MotionId) => ahead(motion, seen(1, 0));
    expect(few("hip.straddle")).toBeGreaterThan(2 * few("ankle.dorsiflexion"));
    const flat = (motion: MotionId) => ahead(motion, seen(12, 0, 1));
    expect(flat("hip.straddle") - flat("ankle.dorsiflexion")).toBeLessThan(
      0.4 * (few("hip.straddle") - few("ankle.dorsiflexion")),
    );
  });
});
