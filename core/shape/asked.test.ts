import { describe, expect, it } from "vitest";
import type { Demand, Skill } from "../content/skill";
import { library } from "../../library/index";
import { limitsAsked, withRange, type AimSide, type Limits } from "./limits";
import { models, shapeOf } from "./solve";
import { askedMotions } from "./smallest-set";

const body = { statureCm: 168, legCm: 90, pelvisCm: 0 };
const aimOf = (skill: Skill): AimSide => ({ side: skill.sided ? "right" : "mid" });
const skillOf = (id: string): Skill => library.skills.find((skill) => skill.id === id)!;
const asking = (skill: Skill, change: (demand: Demand) => Demand): Skill => ({
  ...skill,
  demands: skill.demands.map(change),
});
const made = (skill: Skill, limits: Limits) => shapeOf(skill, limits, aimOf(skill), body);
const modelled = library.skills.filter(({ model }) => model !== "posed");

describe("a coach's skill on a model of ours asks its own degrees", () => {
  it("a handstand that asks 175° of the shoulders is clean with 175°, and says so of 165°", () => {
    const own = asking(skillOf("handstand"), (demand) =>
      demand.motion === "shoulder.flexion" ? { ...demand, clean: 175 } : demand,
    );
    const clean = made(own, limitsAsked(own, aimOf(own)));
    expect(clean.score).toBeCloseTo(100, 6);
    expect([clean.stops, clean.compensations]).toEqual([[], []]);
    // It is drawn as it is, not straightened.
    expect(clean.pose.shoulder).toBe(175);
    const short = made(own, {
      ...limitsAsked(own, aimOf(own)),
      "shoulder.flexion": { left: 165, right: 165 },
    });
    expect(short.stops).toEqual([
      expect.objectContaining({ motion: "shoulder.flexion", have: 165, asked: 175 }),
    ]);
    expect(short.score).toBeLessThan(90);
  });
  it("a split that asks less than flat is clean where it was asked to be, off the floor", () => {
    const own = asking(skillOf("middle-split"), (demand) =>
      demand.motion === "hip.abduction" ? { ...demand, clean: 75 } : demand,
    );
    const shape = made(own, limitsAsked(own, aimOf(own)));
    expect(shape).toMatchObject({ stops: [], compensations: [], score: 100 });
    expect(shape.line).toMatchObject({ line: "middle-split", spread: 150 });
  });
  for (const skill of modelled)
    it(`${skill.id}: fifteen degrees less asked of everything is clean with so much less`, () => {
      const own = asking(skill, (demand) => ({
        ...demand,
        clean: demand.clean - 15,
      }));
      const shape = made(own, limitsAsked(own, aimOf(own)));
      expect(shape.score).toBeGreaterThan(99);
      expect(shape.stops).toEqual([]);
    });
});

describe("what a model does not read is told all the same", () => {
  for (const skill of modelled) {
    const reads = models[skill.model as keyof typeof models].reads;
    it(`${skill.id}: every motion it asks lowers the score when it is far short`, () => {
      const aim = aimOf(skill);
      const asked = limitsAsked(skill, aim);
      for (const { motion, sides } of askedMotions(skill, aim)) {
        // The upper back comes in only where something else is short: the pelvis tipped, the shoulders closed.
        if (["front-split", "handstand"].includes(skill.model) && motion === "thoracic.extension")
          continue;
        const less = sides.reduce(
          (so, side) => withRange(so, motion, side, asked[motion]![side]! - 40),
          asked,
        );
        expect(made(skill, less).score, motion).toBeLessThan(97);
      }
    });
    it(`${skill.id}: knees asked besides are at their stop when they lack, and count`, () => {
      const own: Skill = {
        ...skill,
        demands: [
          ...skill.demands,
          { ...skill.demands[0]!, motion: "neck.rotation", role: "trunk", clean: 70, weight: 1 },
        ],
      };
      expect(reads).not.toContain("neck.rotation");
      const limits = limitsAsked(own, aimOf(own));
      expect(made(own, limits).stops).toEqual([]);
      const stiff = made(own, { ...limits, "neck.rotation": { mid: 40 } });
      expect(stiff.stops.map(({ motion }) => motion)).toContain("neck.rotation");
      expect(stiff.score).toBeLessThan(made(own, limits).score - 10);
    });
  }
});
