import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { drawingOf } from "./drawing";
import type { Pose } from "./pose";
import { skeletonOf } from "./skeleton";
import type { Vec } from "./space";

const far = (a: Vec, b: Vec): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
const hand = (pose: Pose) => skeletonOf(pose).arm.right;
const finger = (pose: Pose, name: string) =>
  hand(pose)
    .digits()
    .find((one) => one.name === name)!;
const tip = (pose: Pose, name: string): Vec => finger(pose, name).joints.at(-1)!.at;
const foot = (pose: Pose) => skeletonOf(pose).leg.right;
const toeTip = (pose: Pose, name: string): Vec =>
  foot(pose)
    .digits()
    .find((one) => one.name === name)!
    .joints.at(-1)!.at;

describe("a hand", () => {
  it("has four fingers and a thumb, a foot five toes", () => {
    expect(
      hand({})
        .digits()
        .map(({ name }) => name),
    ).toEqual(["index", "middle", "ring", "little", "thumb"]);
    expect(foot({}).digits()).toHaveLength(5);
  });

  it("keeps its bones' lengths, however it is bent", () => {
    const angle = fc.integer({ min: -20, max: 95 });
    fc.assert(
      fc.property(angle, angle, angle, angle, (fingers, curl, spread, index) => {
        const [bent, flat] = [{ fingers, curl, spread: spread / 6, index, wrist: 40 }, {}].map(
          (pose) => hand(pose).digits(),
        );
        bent!.forEach(({ joints }, n) =>
          joints.slice(1).forEach(({ at }, i) => {
            const here = far(at, joints[i]!.at);
            const there = far(flat![n]!.joints[i + 1]!.at, flat![n]!.joints[i]!.at);
            expect(here).toBeCloseTo(there, 9);
          }),
        );
      }),
    );
  });

  it("its thumb lies toward the midline when the palm looks back, and the index beside it", () => {
    const [, , thumb] = tip({}, "thumb");
    const [, , index] = tip({}, "index");
    const [, , little] = tip({}, "little");
    expect(thumb).toBeLessThan(index);
    expect(index).toBeLessThan(little);
  });

  it("a fist brings the tips to the palm, a hook keeps the knuckles straight", () => {
    const wrist = hand({}).wrist.at;
    expect(far(tip({ fingers: 85 }, "middle"), wrist)).toBeLessThan(
      0.65 * far(tip({}, "middle"), wrist),
    );
    const knuckleTurn = (pose: Pose) => finger(pose, "middle").joints[0]!.frame.up;
    expect(knuckleTurn({ curl: 95 })).toEqual(knuckleTurn({}));
    expect(knuckleTurn({ fingers: 80, curl: -72 })).not.toEqual(knuckleTurn({}));
  });

  it("one finger bends alone", () => {
    expect(tip({ index: 60 }, "ring")).toEqual(tip({}, "ring"));
    expect(far(tip({ index: 60 }, "index"), tip({}, "index"))).toBeGreaterThan(0.01);
  });

  it("spread fingers stand further apart", () => {
    const width = (spread: number) => far(tip({ spread }, "index"), tip({ spread }, "little"));
    expect(width(14)).toBeGreaterThan(width(0) + 0.01);
  });
});

describe("a foot", () => {
  it("lifts its big toe alone, or all of them", () => {
    expect(toeTip({ bigToe: 40 }, "big")[1]).toBeGreaterThan(toeTip({}, "big")[1] + 0.01);
    expect(toeTip({ bigToe: 40 }, "toe-3")).toEqual(toeTip({}, "toe-3"));
    expect(toeTip({ toes: 40 }, "toe-3")[1]).toBeGreaterThan(toeTip({}, "toe-3")[1]);
  });

  it("has its big toe on the inside", () => {
    expect(toeTip({}, "big")[2]).toBeLessThan(toeTip({}, "toe-5")[2]);
  });

  it("drawn short, its sole rises and heel and ball stay", () => {
    const paths = (pose: Pose) => drawingOf(pose, { azimuth: 0, fine: true }).layers;
    const leg = (pose: Pose) => paths(pose).find(({ name }) => name === "right-leg")!.path;
    expect(leg({ arch: 25 })).not.toBe(leg({}));
    expect(drawingOf({ arch: 25 }).spot("ball")).toEqual(drawingOf({}).spot("ball"));
  });
});

describe("seen from near by", () => {
  it("each finger is a part of its own, and nothing of a drawing moves", () => {
    const [plain, fine] = [drawingOf({}, 0), drawingOf({}, { azimuth: 0, fine: true })];
    expect(plain.layers.some(({ name }) => name.includes("finger"))).toBe(false);
    expect(fine.layers.filter(({ name }) => name.startsWith("right-finger"))).toHaveLength(5);
    expect(fine.layers.filter(({ name }) => name.startsWith("left-toe"))).toHaveLength(5);
    expect(fine.spot("knee")[0]).toBeCloseTo(plain.spot("knee")[0], 6);
  });

  it("from straight above, what was beside the body is below it on paper", () => {
    const above = drawingOf({ shoulderOut: 90 }, { azimuth: 0, above: 90 });
    const [, right] = above.spot("wrist", "right");
    const [, left] = above.spot("wrist", "left");
    expect(right).toBeGreaterThan(left + 50);
  });
});
