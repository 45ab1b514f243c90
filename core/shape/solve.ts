import type { Athlete } from "../records/athlete";
import type { DemandGap } from "../aim/gap";
import type { Skill } from "../content/skill";
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
import { posedShape } from "./posed";
import { riseShape } from "./rise";
import type { Shape } from "./shape";
import { frontSplitShape, middleSplitShape } from "./splits";
import { squatShape } from "./squats";

/** What of a body and an aim a model needs besides the limits. */
export type Body = { statureCm: number; legCm: number; pelvisCm: number };

export const bodyFor = ({ statureCm, measures }: Athlete): Body => ({
  statureCm,
  legCm: measures.legCm ?? measures.fittedLegCm ?? legLength(statureCm),
  pelvisCm: measures.pelvisCm ?? 0,
});

/** The shape a body with these limits makes of a skill. */
export function shapeOf(skill: Skill, limits: Limits, aim: AimSide, body: Body): Shape {
  const side: LeftRight = aim.side === "left" ? "left" : "right";
  switch (skill.model) {
    case "handstand":
      return handstandShape(limits);
    case "front-split":
      return frontSplitShape(limits, side, body.legCm, aim.hips === "open", body.pelvisCm);
    case "middle-split":
      return middleSplitShape(limits, body.legCm, body.pelvisCm);
    case "deep-squat":
      return squatShape(limits, { name: "deep", standing: "right" });
    case "overhead-squat":
      return squatShape(limits, { name: "overhead", standing: "right" });
    case "one-leg-squat":
      return squatShape(limits, { name: "one-leg", standing: side });
    case "pike":
      return pikeShape(limits, body.statureCm);
    case "pancake":
      return pancakeShape(limits, body.statureCm);
    case "bridge":
      return bridgeShape(limits, body.statureCm);
    case "leg-behind":
      return legBehindShape(limits, side);
    case "tilted-leg":
      return tiltedLegShape(limits, side);
    case "leg-front":
      return legFrontShape(limits, side);
    case "leg-side":
      return legSideShape(limits, side);
    case "high-foothold":
      return highFootholdShape(limits, side, body.statureCm);
    case "behind-back-hang":
      return behindBackHangShape(limits);
    case "l-sit":
      return supportShape(limits, false);
    case "high-straddle":
      return supportShape(limits, true);
    case "demi-rise":
      return riseShape(limits, false);
    case "full-rise":
      return riseShape(limits, true);
    case "posed":
      return posedShape(skill, limits, aim.side);
  }
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
