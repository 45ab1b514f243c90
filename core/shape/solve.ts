import type { Athlete } from "../records/athlete";
import { demandsOf } from "../aim/gap";
import { type DemandGap } from "../aim/margin";
import type { ShapeModel, Skill } from "../content/skill";
import { legLength } from "../body/segments";
import type { MotionId } from "../body/motions";
import type { LeftRight, Side } from "../body/side";
import { bridgeShape } from "./bridge";
import { pancakeShape, pikeShape } from "./folds";
import { handstandShape } from "./handstand";
import { behindBackHangShape, supportShape } from "./hangs-and-supports";
import { legBehindShape, tiltedLegShape } from "./leg-behind";
import { highFootholdShape, legFrontShape, legSideShape } from "./leg-up";
import { limitsAsked, limitsHad, type AimSide, type Limits } from "./limits";
import { posedShape, withTheRest } from "./posed";
import { riseShape } from "./rise";
import type { Ranges, Shape } from "./shape";
import { frontSplitShape, middleSplitShape } from "./splits";
import { squatShape } from "./squats";

/** What of a body and an aim a model needs besides the limits. */
export type Body = { statureCm: number; legCm: number; pelvisCm: number };

export const bodyFor = ({ statureCm, measures }: Athlete): Body => ({
  statureCm,
  legCm: measures.legCm ?? measures.fittedLegCm ?? legLength(statureCm),
  pelvisCm: measures.pelvisCm ?? 0,
});

/** What a model is asked with: ranges, the aim's side and hips, and the body's lengths. */
type Asked = { ranges: Ranges; side: LeftRight; open: boolean; body: Body };

/** A shape's own mechanics, and the motions it reads; what else a skill asks is told joint by joint. */
type Model = { reads: readonly MotionId[]; shape: (asked: Asked) => Shape };

const squatting: readonly MotionId[] = ["ankle.dorsiflexion", "hip.flexion", "knee.flexion"];

export const models: Record<Exclude<ShapeModel, "posed">, Model> = {
  handstand: {
    reads: ["shoulder.flexion", "thoracic.extension", "wrist.extension", "hip.extension"],
    shape: ({ ranges }) => handstandShape(ranges),
  },
  "front-split": {
    reads: ["hip.flexion-straight", "hip.extension", "hip.abduction", "thoracic.extension"],
    shape: ({ ranges, side, open, body }) =>
      frontSplitShape(ranges, side, body.legCm, open, body.pelvisCm),
  },
  "middle-split": {
    reads: ["hip.abduction"],
    shape: ({ ranges, body }) => middleSplitShape(ranges, body.legCm, body.pelvisCm),
  },
  "deep-squat": {
    reads: squatting,
    shape: ({ ranges }) => squatShape(ranges, { name: "deep", standing: "right" }),
  },
  "overhead-squat": {
    reads: [...squatting, "shoulder.flexion", "thoracic.extension"],
    shape: ({ ranges }) => squatShape(ranges, { name: "overhead", standing: "right" }),
  },
  "one-leg-squat": {
    reads: [...squatting, "hip.flexion-straight"],
    shape: ({ ranges, side }) => squatShape(ranges, { name: "one-leg", standing: side }),
  },
  pike: {
    reads: ["hip.flexion-straight"],
    shape: ({ ranges, body }) => pikeShape(ranges, body.statureCm),
  },
  pancake: {
    reads: ["hip.straddle", "hip.flexion-straight"],
    shape: ({ ranges, body }) => pancakeShape(ranges, body.statureCm),
  },
  bridge: {
    reads: [
      "shoulder.flexion",
      "thoracic.extension",
      "lumbar.extension",
      "hip.extension",
      "wrist.extension",
    ],
    shape: ({ ranges, body }) => bridgeShape(ranges, body.statureCm),
  },
  "leg-behind": {
    reads: ["hip.extension", "thoracic.extension", "lumbar.extension"],
    shape: ({ ranges, side }) => legBehindShape(ranges, side),
  },
  "tilted-leg": {
    reads: ["hip.flexion-straight", "hip.extension"],
    shape: ({ ranges, side }) => tiltedLegShape(ranges, side),
  },
  "leg-front": {
    reads: ["hip.flexion-straight"],
    shape: ({ ranges, side }) => legFrontShape(ranges, side),
  },
  "leg-side": {
    reads: ["hip.abduction", "hip.external-rotation"],
    shape: ({ ranges, side }) => legSideShape(ranges, side),
  },
  "high-foothold": {
    reads: ["hip.flexion", "hip.external-rotation", "knee.flexion"],
    shape: ({ ranges, side, body }) => highFootholdShape(ranges, side, body.statureCm),
  },
  "behind-back-hang": {
    reads: ["shoulder.extension", "elbow.extension"],
    shape: ({ ranges }) => behindBackHangShape(ranges),
  },
  "l-sit": {
    reads: ["hip.flexion-straight", "shoulder.extension", "wrist.extension"],
    shape: ({ ranges }) => supportShape(ranges, false),
  },
  "high-straddle": {
    reads: ["hip.flexion-straight", "hip.straddle", "shoulder.extension", "wrist.extension"],
    shape: ({ ranges }) => supportShape(ranges, true),
  },
  "demi-rise": {
    reads: ["ankle.plantarflexion", "toes.extension"],
    shape: ({ ranges }) => riseShape(ranges, false),
  },
  "full-rise": {
    reads: ["ankle.plantarflexion"],
    shape: ({ ranges }) => riseShape(ranges, true),
  },
};

/** The shape a body with these limits makes of a skill: by its model, with whatever else the skill asks. */
export function shapeOf(skill: Skill, limits: Limits, aim: AimSide, body: Body): Shape {
  if (skill.model === "posed") return posedShape(skill, limits, aim.side);
  const { reads, shape } = models[skill.model];
  const side: LeftRight = aim.side === "left" ? "left" : "right";
  const ranges = { has: limits, asks: limitsAsked(skill, aim) };
  const made = shape({ ranges, side, open: aim.hips === "open", body });
  return withTheRest(
    made,
    demandsOf(skill, aim.hips ? { hips: aim.hips } : {}),
    reads,
    limits,
    aim.side,
  );
}

/** The clean shape and today's, and which joints of today's are only assumed. */
export type Shapes = {
  asked: Shape;
  had: Shape;
  limits: Limits;
  assumed: { motion: MotionId; side: Side }[];
};

/** The clean shape and the one the athlete's joints allow today, by the same rules. */
export function shapesOf(
  skill: Skill,
  aim: AimSide,
  athlete: Athlete,
  gaps: readonly DemandGap[],
): Shapes {
  const body = bodyFor(athlete);
  const { limits, assumed } = limitsHad(skill, gaps);
  return {
    asked: shapeOf(skill, limitsAsked(skill, aim), aim, body),
    had: shapeOf(skill, limits, aim, body),
    limits,
    assumed,
  };
}
