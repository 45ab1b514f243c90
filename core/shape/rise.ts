import { centreOfMass, landmark, skeletonOf } from "../figure/skeleton";
import type { Pose } from "../figure/pose";
import { assembled, rootOf, joint, type Ranges, type Shape } from "./shape";

/**
 * A rise on the toes, both feet. On the balls (demi) the foot is as steep as the ankle points and the big toe
 * bends; on the tips (full) the ankle has to bring the foot into the line of the shin. The body leans by what the
 * balance over the toes wants.
 */
export function riseShape(ranges: Ranges, full: boolean): Shape {
  const ankle = joint(ranges, "ankle.plantarflexion", "ankle", "both", full ? 90 : 75);
  const toe = full ? null : joint(ranges, "toes.extension", "toe", "both", 80);
  const point = Math.max(0, ankle.used);
  const bend = toe ? Math.max(0, toe.used) : 0;
  // The heel stops where either the ankle or the big toe does.
  const steep = full ? point : Math.min(point, bend);
  const poseAt = (lean: number): Pose => ({
    pelvis: lean,
    hip: 0,
    ankle: -steep,
    // Toes flat on the floor bend by as much as the foot is steep; on the tips they run on in its line.
    toes: full ? -6 : steep,
    shoulder: full ? 168 : 20,
    shoulderOut: full ? 8 : 30,
    elbow: full ? 12 : 16,
    hipOpen: 12,
  });
  const off = (pose: Pose) => {
    const body = skeletonOf(pose);
    const [ball, toe] = [landmark(body, "ball")[0], landmark(body, "toe")[0]];
    // On the tips the weight is over their middle, on the balls a little in front of them.
    return centreOfMass(body)[0] - (full ? (ball + toe) / 2 : ball + 0.01);
  };
  const lean = rootOf((x) => off(poseAt(x)), -20, 30);
  const pose = poseAt(lean);
  // The foot is at most five degrees steeper than the ankle alone makes it.
  const asked = Math.min(ankle.asked + 5, toe?.asked ?? Infinity);
  const lower = full ? 0 : Math.max(0, asked - Math.min(point + 5, bend));
  return assembled({
    pose,
    view: 0,
    balanced: Math.abs(off(pose)) < 0.003,
    base: { from: "ball", to: "toe", side: "right" },
    joints: [ankle, ...(toe ? [toe] : [])],
    gives: [
      full
        ? {
            at: "ankle",
            side: "right",
            giving: { gives: "instep-behind" },
            size: ankle.short,
            unit: "°",
            scale: 25,
          }
        : {
            at: "heel",
            side: "right",
            giving: { gives: "lower-heel" },
            size: lower,
            unit: "°",
            scale: 35,
          },
    ],
    line: full
      ? ankle.short < 0.5
        ? { line: "full-rise" }
        : { line: "full-rise-short", short: ankle.short }
      : lower < 0.5
        ? { line: "demi-rise" }
        : { line: "demi-rise-short", short: lower },
  });
}
