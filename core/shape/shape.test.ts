import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { drawingOf } from "../figure/drawing";
import { mirrored } from "../figure/pose";
import { centreOfMass, landmark, skeletonOf } from "../figure/skeleton";
import { handstandShape } from "./handstand";
import { frontSplitShape, splitGeometry } from "./splits";
import { squatShape } from "./squats";
import type { Limits } from "./limits";

const sides = (value: number) => ({ left: value, right: value });
/** A body against what the model asks by itself. */
const only = (has: Limits) => ({ has, asks: {} });
const handstand = (shoulder: number, upperBack = 20, wrist = 95): Limits => ({
  "shoulder.flexion": sides(shoulder),
  "thoracic.extension": { mid: upperBack },
  "wrist.extension": sides(wrist),
});

describe("front split, closed form", () => {
  it("F 120, E 25, leg 90: spread 145°, gap 27.1 cm, tilt 47.5°", () => {
    const { spread, gapCm, tilt } = splitGeometry(120, 25, 90);
    expect([spread, Number(gapCm.toFixed(1)), tilt]).toEqual([145, 27.1, 47.5]);
  });
  it("more range never raises the hips", () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 60, max: 150 }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 20 }),
        (f, e, more) => {
          expect(splitGeometry(f + more, e, 90).gapCm).toBeLessThanOrEqual(
            splitGeometry(f, e, 90).gapCm + 1e-9,
          );
          expect(splitGeometry(f, e + more, 90).gapCm).toBeLessThanOrEqual(
            splitGeometry(f, e, 90).gapCm + 1e-9,
          );
        },
      ),
    ));
  it("no hip passes its limit, and left front mirrors right front", () => {
    const right = frontSplitShape(
      only({ "hip.flexion-straight": { right: 110 }, "hip.extension": { left: 20 } }),
      "right",
      90,
    );
    const left = frontSplitShape(
      only({ "hip.flexion-straight": { left: 110 }, "hip.extension": { right: 20 } }),
      "left",
      90,
    );
    expect(right.pose.hip).toEqual({ right: 110, left: -20 });
    expect(left.pose.hip).toEqual({ left: 110, right: -20 });
    expect(left.line).toEqual(right.line);
    expect(right.stops.map(({ motion, side }) => [motion, side])).toEqual([
      ["hip.flexion-straight", "right"],
      ["hip.extension", "left"],
    ]);
  });
  it("with range to spare both legs lie flat and nothing is at its stop", () =>
    expect(
      frontSplitShape(
        only({ "hip.flexion-straight": { right: 150 }, "hip.extension": { left: 60 } }),
        "right",
        90,
      ),
    ).toMatchObject({ stops: [], compensations: [], line: { line: "flat-front-split" } }));
});

describe("handstand", () => {
  it("full range stands in one line over the hands", () => {
    const shape = handstandShape(only(handstand(180)));
    expect(shape).toMatchObject({ balanced: true, stops: [], compensations: [] });
    const body = skeletonOf(shape.pose);
    expect(Math.abs(landmark(body, "ankle")[0] - landmark(body, "wrist")[0])).toBeLessThan(0.04);
  });
  it("short shoulders and a stiff upper back arch the low back and hips", () => {
    const shape = handstandShape(only(handstand(160, 5)));
    expect(shape.stops.map(({ motion }) => motion)).toEqual([
      "shoulder.flexion",
      "thoracic.extension",
    ]);
    expect(shape.compensations.map(({ giving }) => giving.gives)).toContain("arched-back");
    expect(shape.balanced).toBe(true);
  });
  it("a wrist at 80° has no balance on flat hands: a wedge of 10°", () => {
    const shape = handstandShape(only(handstand(180, 20, 80)));
    expect(shape.balanced).toBe(false);
    expect(shape.compensations.at(-1)).toMatchObject({ giving: { gives: "no-balance" }, size: 10 });
  });
  it("a balanced stand has its centre of mass over the hand, and no joint passes its limit", () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 145, max: 180 }),
        fc.integer({ min: 0, max: 30 }),
        fc.integer({ min: 90, max: 110 }),
        (s, u, w) => {
          const shape = handstandShape(only(handstand(s, u, w)));
          const body = skeletonOf(shape.pose);
          expect(shape.pose.shoulder).toBeLessThanOrEqual(s);
          expect(shape.pose.upperBack).toBeLessThanOrEqual(u);
          expect(shape.pose.wrist).toBeLessThanOrEqual(w);
          if (shape.balanced) {
            const over = centreOfMass(body)[0] - landmark(body, "wrist")[0];
            expect(over).toBeGreaterThan(-0.05);
            expect(over).toBeLessThan(0.11);
          }
        },
      ),
    ));
  it("more shoulder never means more arch", () => {
    const archOf = (s: number) => {
      const { lowBack = 0, hip = 0 } = handstandShape(only(handstand(s, 6, 90))).pose;
      return lowBack - (hip as number);
    };
    for (let s = 150; s < 180; s += 2) expect(archOf(s + 2)).toBeLessThanOrEqual(archOf(s) + 0.01);
  });
});

describe("deep squat", () => {
  const squat = (ankle: number, hip: number) =>
    squatShape(only({ "ankle.dorsiflexion": sides(ankle), "hip.flexion": sides(hip) }), {
      name: "deep",
      standing: "right",
    });
  const depth = (ankle: number, hip: number) => {
    const { hip: flexion, pelvis = 0 } = squat(ankle, hip).pose;
    return (flexion as number) - pelvis;
  };
  it("a knee is at its stop only where it is what ends the depth", () => {
    const asks = {
      "ankle.dorsiflexion": sides(38),
      "hip.flexion": sides(120),
      "knee.flexion": sides(140),
    };
    const stops = (ankle: number, knee: number) =>
      squatShape(
        {
          has: { ...asks, "ankle.dorsiflexion": sides(ankle), "knee.flexion": sides(knee) },
          asks,
        },
        { name: "deep", standing: "right" },
      ).stops.map(({ motion }) => motion);
    // The ankles stop it high, long before the knees are bent so far.
    expect(stops(22, 134)).toEqual(expect.arrayContaining(["ankle.dorsiflexion"]));
    expect(stops(22, 134)).not.toContain("knee.flexion");
    expect(stops(38, 110)).toContain("knee.flexion");
  });
  it("what a clean squat asks is enough for one, balanced over the feet", () =>
    expect(squat(38, 120)).toMatchObject({ balanced: true, compensations: [] }));
  it("a stiff ankle stops the thighs above level", () =>
    expect(squat(25, 120).line).toMatchObject({ line: "high-squat" }));
  it("more range never makes it shallower, and the hips keep to their limit", () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 15, max: 45 }),
        fc.integer({ min: 80, max: 140 }),
        fc.integer({ min: 1, max: 10 }),
        (a, h, more) => {
          expect(depth(a, h + more)).toBeGreaterThanOrEqual(depth(a, h) - 0.11);
          expect(squat(a, h).pose.hip).toBeLessThanOrEqual(h + 1e-9);
        },
      ),
      { numRuns: 40 },
    ));
});

describe("the figure", () => {
  it("stands with its lowest point on the floor", () => {
    for (const pose of [{}, { pelvis: 180, shoulder: 180, wrist: 90 }, { pelvis: -90 }])
      expect(drawingOf(pose).bounds.bottom).toBeCloseTo(0, 1);
  });
  it("has the proportions of a body: standing height is one stature, arms span about one", () => {
    const tall = -drawingOf({}).bounds.top;
    expect(tall).toBeGreaterThan(96);
    expect(tall).toBeLessThan(104);
    const wide = drawingOf({ shoulderOut: 90 }, 90).bounds;
    expect(wide.right - wide.left).toBeGreaterThan(92);
    expect(wide.right - wide.left).toBeLessThan(112);
  });
  it("bends the way the names say", () => {
    const toe = (pose: object) => landmark(skeletonOf(pose), "toe", "right");
    expect(toe({ hip: 90 })[0]).toBeGreaterThan(0.4);
    expect(landmark(skeletonOf({ knee: 90 }), "ankle")[0]).toBeLessThan(-0.2);
    expect(landmark(skeletonOf({ shoulder: 180 }), "fingertips")[1]).toBeGreaterThan(0.6);
    expect(landmark(skeletonOf({ upperBack: 30 }), "crown")[0]).toBeLessThan(-0.05);
    expect(toe({ hipOut: 40 })[2]).toBeGreaterThan(0.3);
    expect(toe({ ankle: 30 })[1]).toBeGreaterThan(toe({})[1]);
  });
  it("a mirrored pose is the mirror image", () =>
    fc.assert(
      fc.property(
        fc.integer({ min: -30, max: 130 }),
        fc.integer({ min: 0, max: 150 }),
        fc.integer({ min: 0, max: 60 }),
        (hip, shoulder, out) => {
          const pose = {
            hip: { left: hip, right: 0 },
            shoulder: { left: 0, right: shoulder },
            hipOut: { left: 0, right: out },
            sideBend: 10,
            twist: 15,
            lean: 5,
          };
          const [here, there] = [skeletonOf(pose), skeletonOf(mirrored(pose))];
          for (const name of ["toe", "fingertips", "knee", "crown"] as const) {
            const [x, y, z] = landmark(here, name, "left");
            const [mx, my, mz] = landmark(there, name, "right");
            expect([mx, my, mz]).toEqual([
              expect.closeTo(x, 9),
              expect.closeTo(y, 9),
              expect.closeTo(-z, 9),
            ]);
          }
        },
      ),
    ));
  it("turning it to the front shows the shoulders, and every part is drawn", () => {
    const [side, front] = [drawingOf({}, 0), drawingOf({}, 90)];
    expect(front.bounds.right - front.bounds.left).toBeGreaterThan(
      side.bounds.right - side.bounds.left,
    );
    expect(front.outline.match(/M/g)!.length).toBeGreaterThan(20);
    expect(front.outline).not.toContain("NaN");
  });
});
