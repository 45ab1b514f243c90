import type { Demand, Skill } from "../content/skill";
import { sidesOfRole } from "../aim/gap";
import { landmarkOfJoint } from "../figure/joints";
import { motionOf, type MotionId } from "../body/motions";
import type { Side } from "../body/side";
import { mirrored, type Pose } from "../figure/pose";
import type { Limits } from "./limits";
import { assembled, jointOf, type Give, type Giving, type Joint, type Shape } from "./shape";

type PairedKey =
  | "shoulder"
  | "shoulderOut"
  | "shoulderTurn"
  | "elbow"
  | "wrist"
  | "hip"
  | "hipOut"
  | "hipOpen"
  | "hipTurn"
  | "knee"
  | "ankle"
  | "toes";
type TrunkKey = "upperBack" | "lowBack" | "sideBend" | "twist" | "neckTurn" | "neckBend";

/** The pose's angle that a motion moves, and its sense. Motions without one show in the score, not in the figure. */
const moves: Partial<Record<MotionId, { key: PairedKey | TrunkKey; sense: 1 | -1 }>> = {
  "shoulder.flexion": { key: "shoulder", sense: 1 },
  "shoulder.extension": { key: "shoulder", sense: -1 },
  "wrist.extension": { key: "wrist", sense: 1 },
  "wrist.flexion": { key: "wrist", sense: -1 },
  "thoracic.extension": { key: "upperBack", sense: 1 },
  "lumbar.extension": { key: "lowBack", sense: 1 },
  "hip.flexion": { key: "hip", sense: 1 },
  "hip.flexion-straight": { key: "hip", sense: 1 },
  "hip.extension": { key: "hip", sense: -1 },
  "hip.abduction": { key: "hipOut", sense: 1 },
  "hip.straddle": { key: "hipOpen", sense: 1 },
  "hip.external-rotation": { key: "hipOpen", sense: 1 },
  "hip.internal-rotation": { key: "hipTurn", sense: -1 },
  "knee.flexion": { key: "knee", sense: 1 },
  "ankle.dorsiflexion": { key: "ankle", sense: 1 },
  "ankle.plantarflexion": { key: "ankle", sense: -1 },
  "toes.extension": { key: "toes", sense: 1 },
};

/** Degrees of shortage, weight 1, that cost a joint-by-joint shape about two thirds of its score. A working figure. */
const scale = 88;

/** What is left of a line, 0–1, that lacks so many weighted degrees which no figure shows. */
export const lineLeft = (weighted: number): number => Math.exp(-weighted / scale);

/**
 * A skill without a planar model of its own: its clean pose, each joint taken back by what it lacks. It shows where
 * the shape breaks, not how the body would answer; the score counts the shortages by their weight.
 */
export function posedShape(skill: Skill, limits: Limits, aimSide: Side): Shape {
  // The pose is drawn for a right-sided aim.
  const flip = skill.sided && aimSide === "left";
  const clean: Pose = flip ? mirrored(skill.pose) : skill.pose;
  const { pose, joints, gives } = jointByJoint(skill.demands, limits, aimSide, clean);
  const worst = [...gives].sort((a, b) => b.size - a.size)[0];
  return assembled({
    pose,
    view: skill.view,
    balanced: null,
    base: null,
    joints,
    gives: gives.map((give) => (give === worst ? give : { ...give, giving: unseen(give.giving) })),
    line: { line: "told", text: (worst && seenOf(worst.giving)) ?? skill.summary },
  });
}

const seenOf = (giving: Giving): string | null => (giving.gives === "range" ? giving.seen : null);
const unseen = (giving: Giving): Giving =>
  giving.gives === "range" ? { ...giving, seen: null } : giving;

/**
 * What a model leaves out of a skill: demands on motions that it does not read. Each is told like a joint of a skill
 * without a model: at its stop, drawn where the pose has that angle, and counted in the score by its weight.
 * @param reads the motions that the model reads itself
 */
export function withTheRest(
  shape: Shape,
  demands: readonly Demand[],
  reads: readonly MotionId[],
  limits: Limits,
  aimSide: Side,
): Shape {
  const rest = demands.filter(({ motion }) => !reads.includes(motion));
  if (rest.length === 0) return shape;
  const { pose, joints, gives } = jointByJoint(rest, limits, aimSide, shape.pose);
  const told = assembled({ ...shape, pose, joints, gives });
  return {
    ...told,
    stops: [...shape.stops, ...told.stops],
    compensations: [...shape.compensations, ...told.compensations],
    score: (shape.score * told.score) / 100,
  };
}

/** A pose with each demanded joint taken back by what it lacks, and what that gives. */
function jointByJoint(
  demands: readonly Demand[],
  limits: Limits,
  aimSide: Side,
  clean: Pose,
): { pose: Pose; joints: Joint[]; gives: Give[] } {
  let pose = clean;
  const joints: Joint[] = [];
  const gives: Give[] = [];
  for (const demand of demands)
    for (const { side, asked } of sidesOfRole(demand, aimSide)) {
      if (!asked) continue;
      const at = landmarkOfJoint[motionOf(demand.motion).joint];
      const read = jointOf(limits, demand.motion, at, side, demand.clean);
      joints.push(read);
      if (read.short <= 0) continue;
      pose = takenBack(pose, demand.motion, side, read.short);
      gives.push({
        at,
        side: read.side,
        giving: { gives: "range", motion: demand.motion, seen: demand.missing },
        size: read.short * demand.weight,
        unit: "°",
        scale,
      });
    }
  return { pose, joints, gives };
}

/** A pose whose joint stops earlier by so many degrees; never past where it would turn the other way. */
function takenBack(pose: Pose, motion: MotionId, side: Side, short: number): Pose {
  const move = moves[motion];
  if (!move) return pose;
  const less = (angle: number): number =>
    move.sense > 0
      ? angle > 0
        ? Math.max(0, angle - short)
        : angle
      : angle < 0
        ? Math.min(0, angle + short)
        : angle;
  const value = pose[move.key];
  if (value === undefined) return pose;
  if (typeof value === "number")
    return side === "mid"
      ? { ...pose, [move.key]: less(value) }
      : { ...pose, [move.key]: sided(value, value, side, less) };
  return { ...pose, [move.key]: sided(value.left, value.right, side, less) };
}

const sided = (left: number, right: number, side: Side, less: (angle: number) => number) => ({
  left: side === "left" ? less(left) : left,
  right: side === "right" ? less(right) : right,
});
