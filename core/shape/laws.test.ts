import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Skill } from "../content/skill";
import { otherSide, type Side } from "../body/side";
import { drawingOf } from "../figure/drawing";
import { angleAt, mirrored, type Pose } from "../figure/pose";
import { centreOfMass, landmark, skeletonOf } from "../figure/skeleton";
import { library } from "../../library/index";
import { handstandShape } from "./handstand";
import { limitsAsked, withRange, type AimSide, type Limits } from "./limits";
import { shapeOf } from "./solve";
import { middleGap } from "./splits";
import { askedMotions, cleanScore, smallestSet } from "./smallest-set";

const body = { statureCm: 168, legCm: 90, pelvisCm: 0 };
const aimOf = (skill: Skill, side: Side = "right"): AimSide => ({
  side: skill.sided ? side : "mid",
});
const modelled = library.skills.filter(({ model }) => model !== "posed");

/** The clean limits of a skill, each joint short by some degrees. */
const shortBy = (skill: Skill, aim: AimSide, shortages: readonly number[]): Limits => {
  let n = 0;
  let limits = limitsAsked(skill, aim);
  for (const { motion, sides } of askedMotions(skill, aim))
    for (const side of sides)
      limits = withRange(
        limits,
        motion,
        side,
        limits[motion]![side]! - (shortages[n++ % shortages.length] ?? 0),
      );
  return limits;
};
const shortages = fc.array(fc.integer({ min: 0, max: 35 }), { minLength: 6, maxLength: 10 });

describe("every model", () => {
  it("with what the skill asks is clean: nothing at its stop, nothing gives", () => {
    for (const skill of library.skills) {
      const shape = shapeOf(skill, limitsAsked(skill, aimOf(skill)), aimOf(skill), body);
      expect(shape.score, skill.id).toBeGreaterThan(95);
      expect(shape.stops, skill.id).toEqual([]);
      expect(shape.balanced, skill.id).not.toBe(false);
    }
  });
  for (const skill of library.skills)
    it(`${skill.id}: more range never lowers the score`, () =>
      fc.assert(
        fc.property(
          shortages,
          fc.nat(40),
          fc.integer({ min: 1, max: 25 }),
          fc.boolean(),
          (less, which, by, both) => {
            const aim = aimOf(skill);
            const limits = shortBy(skill, aim, less);
            const motions = askedMotions(skill, aim);
            const { motion, sides } = motions[which % motions.length]!;
            const more = (both ? sides : sides.slice(0, 1)).reduce(
              (so, side) => withRange(so, motion, side, limits[motion]![side]! + by),
              limits,
            );
            const [before, after] = [limits, more].map((l) => shapeOf(skill, l, aim, body).score);
            expect(after).toBeGreaterThanOrEqual(before! - 0.1);
          },
        ),
        { numRuns: 200 },
      ));
  for (const skill of modelled)
    it(`${skill.id}: no joint passes its limit`, () =>
      fc.assert(
        fc.property(shortages, (less) => {
          const aim = aimOf(skill);
          const limits = shortBy(skill, aim, less);
          const { pose } = shapeOf(skill, limits, aim, body);
          for (const [read, motion] of readings)
            for (const side of ["left", "right"] as const) {
              const has = limits[motion]?.[side] ?? limits[motion]?.mid;
              if (has === undefined) continue;
              expect(read(pose, side), `${motion}, ${side}`).toBeLessThanOrEqual(
                Math.max(0, has) + 0.15,
              );
            }
        }),
        { numRuns: 40 },
      ));
  for (const skill of library.skills.filter(({ sided }) => sided))
    it(`${skill.id}: mirrored input gives the mirrored shape`, () =>
      fc.assert(
        fc.property(shortages, (less) => {
          const right = shortBy(skill, aimOf(skill, "right"), less);
          const left: Limits = Object.fromEntries(
            Object.entries(right).map(([motion, sides]) => [
              motion,
              Object.fromEntries(
                Object.entries(sides).map(([side, value]) => [otherSide(side as Side), value]),
              ),
            ]),
          );
          const a = shapeOf(skill, right, aimOf(skill, "right"), body);
          const b = shapeOf(skill, left, aimOf(skill, "left"), body);
          expect(b.score).toBeCloseTo(a.score, 6);
          const [there, back] = [skeletonOf(mirrored(a.pose)), skeletonOf(b.pose)];
          for (const name of ["toe", "knee", "fingertips", "crown"] as const)
            for (const side of ["left", "right"] as const)
              landmark(there, name, side).forEach((value, i) =>
                expect(landmark(back, name, side)[i]).toBeCloseTo(value, 4),
              );
        }),
        { numRuns: 15 },
      ));
  it("a balanced shape has its centre of mass over its base", () =>
    fc.assert(
      fc.property(fc.constantFrom(...modelled), shortages, (skill, less) => {
        const aim = aimOf(skill);
        const shape = shapeOf(skill, shortBy(skill, aim, less), aim, body);
        if (!shape.balanced || !shape.base) return;
        const posed = skeletonOf(shape.pose);
        const ends = [shape.base.from, shape.base.to].map(
          (name) => landmark(posed, name, shape.base!.side)[0],
        );
        const at = centreOfMass(posed)[0];
        expect(at).toBeGreaterThan(Math.min(...ends) - 0.03);
        expect(at).toBeLessThan(Math.max(...ends) + 0.03);
      }),
      { numRuns: 150 },
    ));
  it("draws every shape, whole and broken, on the floor", () => {
    for (const skill of library.skills)
      for (const less of [0, 20]) {
        const aim = aimOf(skill);
        const { pose, view } = shapeOf(skill, shortBy(skill, aim, [less]), aim, body);
        expect(drawingOf(pose, view).outline, skill.id).not.toContain("NaN");
      }
  });
});

/** A pose's angle by the motion that limits it. */
const readings: [(pose: Pose, side: "left" | "right") => number, keyof Limits][] = [
  [(pose, side) => angleAt(pose.shoulder, side), "shoulder.flexion"],
  [(pose, side) => -angleAt(pose.shoulder, side), "shoulder.extension"],
  [(pose) => pose.upperBack ?? 0, "thoracic.extension"],
  [(pose, side) => -angleAt(pose.hip, side), "hip.extension"],
  [(pose, side) => angleAt(pose.ankle, side), "ankle.dorsiflexion"],
  [(pose, side) => -angleAt(pose.ankle, side) - 60, "ankle.plantarflexion"],
  [(pose, side) => angleAt(pose.wrist, side), "wrist.extension"],
];

describe("closed forms", () => {
  it("middle split: ankles 150 cm apart on legs of 90, 112.9°, leaves 49.7 cm; 180° leaves none", () => {
    expect(middleGap(112.9, 90)).toBeCloseTo(Math.sqrt(90 ** 2 - 75 ** 2), 1);
    expect(middleGap(180, 90)).toBeCloseTo(0, 6);
    const split = library.skills.find(({ id }) => id === "middle-split")!;
    const shape = shapeOf(
      split,
      { "hip.abduction": { left: 56.45, right: 56.45 } },
      { side: "mid" },
      body,
    );
    expect(shape.compensations[0]!.size).toBeCloseTo(49.7, 1);
  });
  it("front split: the shape's gap is the closed form's", () => {
    const split = library.skills.find(({ id }) => id === "front-split")!;
    const limits: Limits = {
      "hip.flexion-straight": { right: 120 },
      "hip.extension": { left: 25 },
    };
    const shape = shapeOf(split, limits, { side: "right" }, body);
    expect(shape.compensations[0]!.size).toBeCloseTo(27.1, 1);
    expect(shape.pose.pelvis).toBeCloseTo(47.5, 6);
  });
  it("open hips ask less of the hip's front and bring the inner thigh in", () => {
    const split = library.skills.find(({ id }) => id === "front-split")!;
    const limits: Limits = {
      "hip.flexion-straight": { right: 135 },
      "hip.extension": { left: 30 },
      "hip.abduction": { left: 45 },
    };
    expect(shapeOf(split, limits, { side: "right", hips: "open" }, body).score).toBeGreaterThan(99);
    expect(shapeOf(split, limits, { side: "right", hips: "square" }, body).score).toBeLessThan(80);
  });
});

describe("a handstand on short wrists", () => {
  const limits: Limits = {
    "wrist.extension": { left: 80, right: 80 },
    "shoulder.flexion": { left: 180, right: 180 },
  };
  it("has no balance flat-handed, and stands again on a wedge of the missing degrees", () => {
    expect(handstandShape({ has: limits, asks: {} })).toMatchObject({ balanced: false });
    expect(handstandShape({ has: limits, asks: {} }, 9)).toMatchObject({ balanced: false });
    expect(handstandShape({ has: limits, asks: {} }, 10)).toMatchObject({ balanced: true });
    expect(handstandShape({ has: limits, asks: {} }, 10).score).toBeCloseTo(100, 6);
  });
});

describe("the smallest set of degrees", () => {
  const handstand = library.skills.find(({ id }) => id === "handstand")!;
  const aim: AimSide = { side: "mid" };
  it("the smallest set makes it clean, and no degree of it can be left out", () => {
    for (const skill of library.skills) {
      const toward = aimOf(skill);
      const short = shortBy(skill, toward, [12, 4, 0, 9]);
      const set = smallestSet(skill, short, toward, body);
      expect(set, skill.id).not.toBeNull();
      const raise = (less: number): Limits =>
        set!.reduce((so, { motion, sides, degrees }, i) => {
          const least = Math.min(...sides.map((side) => short[motion]![side]!));
          return sides.reduce(
            (on, side) =>
              withRange(
                on,
                motion,
                side,
                Math.max(short[motion]![side]!, least + degrees - (i === 0 ? less : 0)),
              ),
            so,
          );
        }, short);
      const score = (less: number) => shapeOf(skill, raise(less), toward, body).score;
      expect(score(0), skill.id).toBeGreaterThanOrEqual(cleanScore);
      if (set!.length > 0) expect(score(1), skill.id).toBeLessThan(cleanScore);
    }
  });
  it("is empty when the shape is clean already", () =>
    expect(smallestSet(handstand, limitsAsked(handstand, aim), aim, body)).toEqual([]));
});

describe("no cliff", () => {
  const models = library.skills.filter(({ model }) => model !== "posed");
  it.each(models.map((skill) => [skill.id, skill] as const))(
    "%s: a quarter of a degree changes the line by a point at most",
    (_, skill) =>
      fc.assert(
        fc.property(
          fc.array(fc.double({ min: -8, max: 30, noNaN: true }), { minLength: 5, maxLength: 5 }),
          fc.nat(4),
          (short, which) => {
            const aim = aimOf(skill);
            const limits = shortBy(skill, aim, short);
            const motions = askedMotions(skill, aim);
            const { motion, sides } = motions[which % motions.length]!;
            const more = sides.reduce(
              (so, side) => withRange(so, motion, side, limits[motion]![side]! + 0.25),
              limits,
            );
            const [now, then] = [limits, more].map((one) => shapeOf(skill, one, aim, body).score);
            expect(Math.abs(then! - now!)).toBeLessThanOrEqual(1);
          },
        ),
        { numRuns: 200 },
      ),
  );

  it("what balances has its weight over the base, by the whole skeleton", () => {
    for (const skill of models) {
      const aim = aimOf(skill);
      for (const short of [0, 4, 9, 15, 22]) {
        const { pose, base, balanced } = shapeOf(
          skill,
          shortBy(skill, aim, [short, short / 2, short / 3, short]),
          aim,
          body,
        );
        if (!balanced || !base) continue;
        const posed = skeletonOf(pose);
        const ends = [base.from, base.to].map((name) => landmark(posed, name, base.side)[0]);
        const weight = centreOfMass(posed)[0];
        expect(weight, skill.id).toBeGreaterThanOrEqual(Math.min(...ends) - 1e-3);
        expect(weight, skill.id).toBeLessThanOrEqual(Math.max(...ends) + 1e-3);
      }
    }
  });
});
