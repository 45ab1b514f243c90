import fc from "fast-check";
import { expect, it } from "vitest";
import { centreOfMass, landmark, skeletonOf } from "../figure/skeleton";
import type { Pose } from "../figure/pose";
import { sideViewOf } from "./side-view";

const angle = (most: number) => fc.double({ min: -most, max: most, noNaN: true });
const both = (most: number) => fc.record({ left: angle(most), right: angle(most) });
const anyPose: fc.Arbitrary<Pose> = fc.record({
  ...{ pelvis: angle(200), lowBack: angle(60), upperBack: angle(40), neck: angle(40) },
  ...{ shoulder: both(190), elbow: both(120), wrist: both(110) },
  ...{ hip: both(140), knee: both(150), ankle: both(70), toes: both(70) },
});

it("law: seen from the side it is the whole skeleton, joint by joint and in its weight", () => {
  fc.assert(
    fc.property(anyPose, (pose) => {
      const body = skeletonOf(pose);
      const view = sideViewOf(pose);
      const same = (seen: readonly [number, number], whole: readonly number[]) => {
        expect(seen[0]).toBeCloseTo(whole[0]!, 9);
        expect(seen[1]).toBeCloseTo(whole[1]!, 9);
      };
      same(view.mass, centreOfMass(body));
      for (const side of ["left", "right"] as const) {
        same(view.leg[side].heel, landmark(body, "heel", side));
        same(view.leg[side].toe, landmark(body, "toe", side));
        same(view.arm[side].wrist, landmark(body, "wrist", side));
        same(view.arm[side].knuckles, landmark(body, "knuckles", side));
      }
      same(view.shoulder, landmark(body, "shoulder", "right"));
    }),
    { numRuns: 300 },
  );
});
