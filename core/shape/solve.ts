import type { Aim } from "../exchange/records";
import type { Athlete } from "../exchange/athlete";
import type { DemandGap } from "../aim/gap";
import type { Skill } from "../aim/skill";
import { legLength } from "../body/segments";
import { deepSquatShape } from "./deep-squat";
import { frontSplitShape } from "./front-split";
import { handstandShape } from "./handstand";
import { limitsAsked, limitsHad, type Limits } from "./limits";
import type { Shape } from "./shape";

/** The shape a body with these limits makes of a skill. */
export function shapeOf(
  skill: Skill,
  limits: Limits,
  aim: Pick<Aim, "side">,
  athlete: Athlete,
): Shape {
  switch (skill.model) {
    case "handstand":
      return handstandShape(limits);
    case "front-split":
      return frontSplitShape(
        limits,
        aim.side === "left" ? "left" : "right",
        athlete.measures.legCm ?? legLength(athlete.statureCm),
      );
    case "deep-squat":
      return deepSquatShape(limits);
  }
}

/** The clean shape and the one the athlete's joints allow today, by the same rules. */
export function shapesOf(
  skill: Skill,
  aim: Aim,
  athlete: Athlete,
  gaps: readonly DemandGap[],
): { asked: Shape; had: Shape } {
  return {
    asked: shapeOf(skill, limitsAsked(skill, aim.side), aim, athlete),
    had: shapeOf(skill, limitsHad(gaps), aim, athlete),
  };
}
