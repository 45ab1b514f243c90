import { performance } from "node:perf_hooks";
import type { Skill } from "../core/content/skill";
import type { MotionId } from "../core/body/motions";
import { limitsAsked, withRange, type AimSide, type Limits } from "../core/shape/limits";
import { shapeOf } from "../core/shape/solve";
import type { Shape } from "../core/shape/shape";
import { askedMotions, smallestSet } from "../core/shape/smallest-set";
import { centreOfMass, fingerRoot, landmark, skeletonOf } from "../core/figure/skeleton";
import { diceOf, type Dice } from "../core/stats/dice";
import { library } from "../library/index";
import type { Bench } from "./bench";

const body = { statureCm: 168, legCm: 90, pelvisCm: 8 };
/** Bodies of each skill, and of the handstand beside an exhaustive search. */
const bodies = 60;
const handstands = 200;
/** Steps of a joint's range in which the score is looked at, degrees, and how far. */
const step = 0.25;
const steps = 24;

const timed = (task: () => unknown): number => {
  const start = performance.now();
  task();
  return performance.now() - start;
};
const medianOf = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[values.length >> 1]!;
const round = (value: number): number => Math.round(value * 1000) / 1000;
const aimOf = (skill: Skill): AimSide => ({ side: skill.sided ? "right" : "mid" });

/** A body with so much less (30° unless said) to 8° more than the skill asks, joint by joint and side by side. */
const anyBody = (skill: Skill, aim: AimSide, dice: Dice, from = -30): Limits =>
  askedMotions(skill, aim).reduce(
    (limits, { motion, sides }) => {
      const off = from + (8 - from) * dice.unit();
      return sides.reduce(
        (so, side) =>
          withRange(so, motion, side, so[motion]![side]! + off + (dice.unit() - 0.5) * 6),
        limits,
      );
    },
    limitsAsked(skill, aim),
  );

const more = (skill: Skill, aim: AimSide, limits: Limits, motion: MotionId, by: number): Limits =>
  askedMotions(skill, aim)
    .find((one) => one.motion === motion)!
    .sides.reduce((so, side) => withRange(so, motion, side, so[motion]![side]! + by), limits);

/** How far the weight of a shape that says it balances lies outside its base, statures; 0 inside. By the whole skeleton. */
function outsideBase({ balanced, base, pose }: Shape): number {
  if (balanced !== true || !base) return 0;
  const posed = skeletonOf(pose);
  const [from, to] = [landmark(posed, base.from, base.side), landmark(posed, base.to, base.side)];
  const [low, high] = [Math.min(from[0], to[0]), Math.max(from[0], to[0])];
  const weight = centreOfMass(posed)[0];
  return Math.max(0, low - weight, weight - high);
}

/** The handstand's free angles, degrees. */
type Free = { upper: number; hip: number; lean: number };

/**
 * The handstand by exhaustion: every upper back, hip and lean of a grid, refined four times about the best, the low back
 * by halving until the weight of the whole skeleton is over the hand; the same costs and limits.
 * @returns the least cost; infinite where nothing stands
 */
function exhaustiveHandstand(limits: Limits): number {
  const least = (motion: MotionId) => Math.min(...Object.values(limits[motion] ?? {}));
  const shoulder = Math.min(180, least("shoulder.flexion"));
  const most: Free = {
    upper: Math.max(0, least("thoracic.extension")),
    hip: Math.max(0, least("hip.extension")),
    lean: Math.min(12, Math.max(0, least("wrist.extension") - 90)),
  };
  const flexed = Math.min(0, least("hip.extension"));
  const off = ({ upper, hip, lean }: Free, low: number): number => {
    const posed = skeletonOf({
      pelvis: shoulder + lean + upper + low,
      upperBack: upper,
      lowBack: low,
      neck: 22,
      shoulder,
      wrist: 90 + lean,
      hip: -(hip + flexed),
      ankle: -62,
      toes: -18,
    });
    return centreOfMass(posed)[0] - landmark(posed, "wrist")[0] - 0.2 * fingerRoot;
  };
  const costOf = (free: Free): number => {
    if (off(free, 0) > 1e-4 || off(free, 40) < -1e-4) return Infinity;
    let [a, b] = [0, 40];
    for (let n = 0; n < 14; n += 1) {
      const middle = (a + b) / 2;
      if (off(free, middle) < 0) a = middle;
      else b = middle;
    }
    return ((a + b) / 2 + 0.5 * free.hip) / 90 + free.lean / 36;
  };
  const around = (centre: number, width: number, top: number): number[] => {
    const [from, to] = [Math.max(0, centre - width), Math.min(top, centre + width)];
    return to - from < 1e-6 ? [from] : [0, 0.25, 0.5, 0.75, 1].map((k) => from + k * (to - from));
  };
  let centre: Free = { upper: most.upper / 2, hip: most.hip / 2, lean: most.lean / 2 };
  let best = Infinity;
  for (let width = 0.5; width > 0.02; width /= 2.2)
    for (const upper of around(centre.upper, width * most.upper, most.upper))
      for (const hip of around(centre.hip, width * most.hip, most.hip))
        for (const lean of around(centre.lean, width * most.lean, most.lean)) {
          const cost = costOf({ upper, hip, lean });
          if (cost >= best) continue;
          best = cost;
          centre = { upper, hip, lean };
        }
  return best;
}

/** Points of the line that our handstand loses beside the exhaustive search, where both stand; below nothing it gains. */
function lostPoints(skill: Skill, limits: Limits): number | null {
  const general = exhaustiveHandstand(limits);
  if (!Number.isFinite(general)) return null;
  const own = shapeOf(skill, limits, { side: "mid" }, body);
  if (own.balanced !== true) return null;
  const low = own.pose.lowBack ?? 0;
  const hip = Math.max(0, -(own.pose.hip as number));
  const cost = (low + 0.5 * hip) / 90 + ((own.pose.wrist as number) - 90) / 36;
  return 100 * (Math.exp(-general) - Math.exp(-cost));
}

/** Every model: how smooth, whether more range ever costs, whether what balances does; and the handstand's optimum. */
const bench: Bench = () => {
  const rows = library.skills.map((skill) => {
    const dice = diceOf(160);
    const aim = aimOf(skill);
    const all = Array.from({ length: bodies }, () => anyBody(skill, aim, dice));
    const times: number[] = [];
    let [jump, falls, outside] = [0, 0, 0];
    for (const limits of all) {
      times.push(timed(() => shapeOf(skill, limits, aim, body)));
      outside = Math.max(outside, outsideBase(shapeOf(skill, limits, aim, body)));
      for (const { motion } of askedMotions(skill, aim)) {
        const scores = Array.from(
          { length: steps },
          (_, n) => shapeOf(skill, more(skill, aim, limits, motion, n * step), aim, body).score,
        );
        for (let n = 1; n < scores.length; n += 1) {
          const change = scores[n]! - scores[n - 1]!;
          jump = Math.max(jump, Math.abs(change));
          falls = Math.max(falls, -change);
        }
      }
    }
    const few = all.slice(0, 3);
    return {
      skill: skill.id,
      model: skill.model,
      "solve ms": round(medianOf(times)),
      "smallest set ms": round(
        medianOf(few.map((limits) => timed(() => smallestSet(skill, limits, aim, body)))),
      ),
      "points a step": round(jump),
      "points lost by range": round(falls),
      "outside cm": round(outside * body.statureCm),
    };
  });
  const handstand = library.skills.find(({ id }) => id === "handstand")!;
  const dice = diceOf(7);
  const lost: number[] = [];
  for (let n = 0; n < handstands; n += 1) {
    const limits = anyBody(handstand, { side: "mid" }, dice, -20);
    const wrist = 88 + 14 * dice.unit();
    const hands = withRange(limits, "wrist.extension", "left", wrist);
    const points = lostPoints(handstand, withRange(hands, "wrist.extension", "right", wrist));
    if (points !== null) lost.push(points);
  }
  const most = (key: "solve ms" | "points a step" | "points lost by range" | "outside cm") =>
    Math.max(...rows.map((row) => row[key]));
  return Promise.resolve({
    table: rows,
    figures: [
      {
        key: "lost_points_max",
        value: round(Math.max(...lost)),
        unit: `points, the handstand beside an exhaustive search, ${lost.length} bodies that stand`,
      },
      {
        key: "gained_points_max",
        value: round(-Math.min(...lost)),
        unit: "points that the search left",
      },
      { key: "jump_max", value: most("points a step"), unit: `points for ${step}°` },
      {
        key: "falls_max",
        value: most("points lost by range"),
        unit: "points that more range cost",
      },
      {
        key: "outside_base",
        value: rows.filter((row) => row["outside cm"] > 0.1).length,
        unit: "models with a balanced shape more than a millimetre outside its base",
      },
      { key: "solve_ms", value: most("solve ms"), unit: "ms, the slowest model" },
    ],
  });
};

export default bench;
