import { performance } from "node:perf_hooks";
import { nelderMead } from "fmin/index.js";
import type { Skill } from "../core/content/skill";
import { limitsAsked, withRange, type AimSide, type Limits } from "../core/shape/limits";
import { shapeOf } from "../core/shape/solve";
import { askedMotions, smallestSet } from "../core/shape/smallest-set";
import { centreOfMass, fingerRoot, landmark, skeletonOf } from "../core/figure/skeleton";
import { library } from "../library/index";
import type { Bench } from "./bench";

const body = { statureCm: 168, legCm: 90, pelvisCm: 0 };
const rounds = 25;

const medianOf = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[values.length >> 1]!;

const timed = (task: () => unknown): number => {
  const start = performance.now();
  task();
  return performance.now() - start;
};

const aimOf = (skill: Skill): AimSide => ({ side: skill.sided ? "right" : "mid" });

/** A body that lacks a little of everything the skill asks. */
function shortLimits(skill: Skill, aim: AimSide): Limits {
  return askedMotions(skill, aim).reduce(
    (limits, { motion, sides }, n) =>
      sides.reduce(
        (so, side) => withRange(so, motion, side, so[motion]![side]! - [14, 8, 4, 11][n % 4]!),
        limits,
      ),
    limitsAsked(skill, aim),
  );
}

/**
 * The handstand as a general optimiser is given it: shoulder, upper back, low back, hip and lean free, limits and
 * balance as penalties, the same costs. Nelder–Mead from the clean pose.
 */
function generalHandstand(limits: Limits): number {
  const has = {
    shoulder: limits["shoulder.flexion"]!.left!,
    upper: limits["thoracic.extension"]!.mid!,
    wrist: limits["wrist.extension"]!.left!,
    hip: limits["hip.extension"]!.left!,
  };
  const over = (value: number, most: number) => Math.max(0, value - most);
  const cost = ([shoulder = 0, upper = 0, low = 0, hip = 0, lean = 0]: number[]): number => {
    const posed = skeletonOf({
      pelvis: shoulder + lean + upper + low,
      upperBack: upper,
      lowBack: low,
      neck: 22,
      shoulder,
      wrist: 90 + lean,
      hip: -hip,
      ankle: -62,
      toes: -18,
    });
    const off = centreOfMass(posed)[0] - landmark(posed, "wrist")[0] - 0.2 * fingerRoot;
    const beyond =
      over(shoulder, Math.min(180, has.shoulder)) +
      over(upper, has.upper) +
      over(90 + lean, has.wrist) +
      over(hip, has.hip) +
      over(-low, 0) +
      over(-hip, 0) +
      over(-lean, 0) +
      over(-upper, 0);
    return (
      (180 - shoulder) / 45 + (low + 0.5 * hip) / 40 + lean / 20 + 2e4 * off ** 2 + 0.4 * beyond
    );
  };
  // Started anew from where it stops, as its simplex collapses at the edges of the limits.
  let best = { x: [150, 5, 20, 5, 1], fx: Infinity };
  for (let start = 0; start < 6; start += 1)
    best = nelderMead(cost, best.x, {
      maxIterations: 1500,
      minErrorDelta: 1e-7,
      nonZeroDelta: 1.1,
    });
  return best.fx;
}

/** One solve, the smallest set; and the handstand beside a general optimiser. */
const bench: Bench = () => {
  const rows = library.skills.map((skill) => {
    const aim = aimOf(skill);
    const limits = shortLimits(skill, aim);
    const of = (task: () => unknown) => medianOf(Array.from({ length: rounds }, () => timed(task)));
    task(skill, limits, aim);
    return {
      skill: skill.id,
      model: skill.model,
      solve: of(() => shapeOf(skill, limits, aim, body)),
      smallest: medianOf([1, 2, 3].map(() => timed(() => smallestSet(skill, limits, aim, body)))),
    };
  });
  const handstand = library.skills.find(({ id }) => id === "handstand")!;
  const limits = shortLimits(handstand, { side: "mid" });
  const ours = medianOf(
    Array.from({ length: rounds }, () =>
      timed(() => shapeOf(handstand, limits, { side: "mid" }, body)),
    ),
  );
  const general = medianOf(
    Array.from({ length: rounds }, () => timed(() => generalHandstand(limits))),
  );
  const round = (value: number) => Math.round(value * 1000) / 1000;
  return Promise.resolve({
    table: [
      ...rows.map(({ skill, model, solve, smallest }) => ({
        skill,
        model,
        "solve ms": round(solve),
        "smallest set ms": round(smallest),
      })),
      {
        skill: "handstand, general optimiser",
        model: `Nelder–Mead; cost ${round(generalHandstand(limits))} against ours ${round(-Math.log(shapeOf(handstand, limits, { side: "mid" }, body).score / 100))}`,
        "solve ms": round(general),
        "smallest set ms": 0,
      },
    ],
    figures: [
      // The slowest model's median, not the median over easy ones.
      { key: "solve_ms", value: round(Math.max(...rows.map(({ solve }) => solve))), unit: "ms" },
      { key: "ratio_to_general", value: round(ours / general), unit: "" },
    ],
  });
};

/** Warms a model up, so that the medians are of running code. */
function task(skill: Skill, limits: Limits, aim: AimSide): void {
  for (let i = 0; i < 5; i += 1) shapeOf(skill, limits, aim, body);
}

export default bench;
