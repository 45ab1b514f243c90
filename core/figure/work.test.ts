import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { drawingOf } from "./drawing";
import { movementOf, standingShift } from "./movement";
import { Picture } from "./picture";
import type { Pose } from "./pose";
import { inside, reachesInto } from "./inside";
import { bestView, seenShare, viewScore, viewWorth } from "./view-score";
import { warmSpots } from "./warm";

const side = (pose: Pose) => drawingOf(pose, 0);
const squat: Pose = { pelvis: 30, hip: 120, knee: 130, ankle: 30 };

describe("the movement of a picture", () => {
  it("feet that stand do not slide, though poses are drawn about the hips", () => {
    const [stand, low] = [side({}), side(squat)];
    const shift = standingShift(stand, low);
    expect(Math.abs(low.spot("toe")[0] + shift - stand.spot("toe")[0])).toBeLessThan(1.5);
    expect(Math.abs(low.spot("toe")[0] - stand.spot("toe")[0])).toBeGreaterThan(5);
  });

  it("follows what moves most, from where it was to where it arrives", () => {
    const found = movementOf({}, { shoulder: 170 }, side)!;
    expect(["wrist", "fingertips"]).toContain(found.of.at);
    const [first, last] = [found.way[0]!, found.way.at(-1)!];
    expect(last[1]).toBeLessThan(first[1] - 80);
    // Along the arc of the arm, and not straight through the body.
    const farthest = Math.max(...found.way.map(([x]) => x));
    expect(farthest).toBeGreaterThan(Math.max(first[0], last[0]) + 20);
  });

  it("is none where nothing moves that could be seen", () => {
    expect(movementOf({ hip: 90 }, { hip: 90, neckTurn: 40 }, side)).toBe(null);
  });
});

describe("where a drill works", () => {
  const picture = (start: Pose, end: Pose) => Picture.parse({ start, end });

  it("is on the side that moves, on both where both do", () => {
    const one = picture({}, { hip: { left: 0, right: 80 } });
    expect(warmSpots(one, ["hip.flexion"])).toMatchObject([{ at: "hip", side: "right" }]);
    const both = picture({}, { hip: 80 });
    expect(warmSpots(both, ["hip.flexion"]).map(({ side: where }) => where)).toEqual([
      "left",
      "right",
    ]);
  });

  it("is named once for two motions of a joint, and the trunk has no sides", () => {
    const still = picture({}, {});
    expect(warmSpots(still, ["thoracic.extension"])).toHaveLength(1);
    expect(warmSpots(still, ["hip.flexion", "hip.extension"])).toHaveLength(2);
  });
});

describe("how well a picture is seen", () => {
  it("a point is inside a ring or it is not", () => {
    const square = [
      [0, 0],
      [1, 0],
      [1, 1],
      [0, 1],
    ] as const;
    expect(inside([0.5, 0.5], square)).toBe(true);
    expect(inside([1.5, 0.5], square)).toBe(false);
  });

  it("outlines come into a box by a corner, or where they lie over it", () => {
    const square = [
      [0, 0],
      [1, 0],
      [1, 1],
      [0, 1],
    ] as [number, number][];
    const box = (low: [number, number], high: [number, number]) => ({ low, high });
    expect(reachesInto([square], box([0.9, 0.9], [2, 2]))).toBe(true);
    expect(reachesInto([square], box([0.4, 0.4], [0.6, 0.6]))).toBe(true);
    expect(reachesInto([square], box([1.1, 1.1], [2, 2]))).toBe(false);
    expect(reachesInto([], box([0, 0], [1, 1]))).toBe(false);
  });

  it("what lies behind the body is not seen, what lies before it is", () => {
    const spot = { at: "wrist", size: 3 } as const;
    // A hand before the belly, as it turns in.
    const belly: Pose = { shoulder: 14, elbow: 53, shoulderTurn: -24, forearmTurn: 92 };
    const front = drawingOf(belly, 90);
    const back = drawingOf(belly, 270);
    expect(seenShare(front, { ...spot, side: "right" })).toBeGreaterThan(0.9);
    expect(seenShare(back, { ...spot, side: "right" })).toBeLessThan(0.5);
  });

  it("legs that open are better seen from the front than from the side", () => {
    const straddle = Picture.parse({ start: {}, end: { hipOut: 40 } });
    const worth = (view: number) => viewWorth(viewScore(straddle, ["hip.abduction"], view));
    expect(worth(90)).toBeGreaterThan(worth(0));
    // A view that a hand has set stays where no other is clearly better.
    expect(bestView({ ...straddle, view: 60 }, ["hip.abduction"])).toBe(60);
  });

  it("every rung of the library shows its place of work", () => {
    const hidden = library.drills.flatMap((drill) =>
      drill.rungs
        .filter(({ picture, serves }) => {
          const motions = (serves ?? drill.serves).map(({ motion }) => motion);
          return viewScore(picture, motions, picture.view).seen < 0.25;
        })
        .map(({ id }) => `${drill.id}/${id}`),
    );
    expect(hidden).toEqual([]);
  });
});
