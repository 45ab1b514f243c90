import { gapOf } from "../aim/gap";
import type { Skill } from "../aim/skill";
import type { Athlete } from "../exchange/athlete";
import type { Aim, Check } from "../exchange/records";
import { protocolOf, type Library } from "../library";
import { checksOf, valueOf } from "../measure/value";
import type { Why } from "../why";
import { shapesOf } from "./solve";

/** The check that measures a skill's own shape by tape, by model. */
const tapeOf: Partial<Record<Skill["model"], string>> = {
  "front-split": "front-split-gap",
  "middle-split": "middle-split-gap",
  bridge: "bridge-reach",
};

/** Skills whose allowance is the pelvis's, kept with the athlete; a bridge's depends on where the hands are walked. */
export const canBeFitted = (skill: Skill): boolean =>
  skill.model === "front-split" || skill.model === "middle-split";

/** The screen of a skill's own shape, by model: points beside the model's words, no arithmetic between them. */
const screenOf: Partial<Record<Skill["model"], string>> = {
  "deep-squat": "deep-squat-screen",
  "overhead-squat": "overhead-squat-screen",
  "one-leg-squat": "one-leg-squat",
};

/** The last screen of the skill's own shape: its points, of how many, and the day; null where none was taken. */
export function lastScreen({
  skill,
  checks,
  library,
  aim,
  on,
}: Omit<Question, "athlete">): { on: string; points: number; of: number } | null {
  const protocol = protocolOf(library, screenOf[skill.model] ?? "");
  if (!protocol) return null;
  const side = protocol.sided ? (aim.side === "left" ? "left" : "right") : "mid";
  const [check] = checksOf(checks, { protocolId: protocol.id, side, on });
  return check
    ? { on: check.on, points: valueOf(check, protocol).value, of: protocol.points.length }
    : null;
}

/** One day on which the shape itself was measured: what the model says of that day's joints, and what the tape said. */
export type TapeRound = { on: string; model: number; tape: number; se: number };

export type TapeFit = {
  rounds: TapeRound[];
  /** What the model leaves out, cm: the mean of tape − model, each round by the inverse of its variance. */
  allowance: number;
  /** What is left after the allowance, cm: root mean square. */
  residual: number;
  why: Why;
};

type Question = {
  skill: Skill;
  aim: Aim;
  athlete: Athlete;
  checks: readonly Check[];
  library: Library;
  /** The day it is asked on: later checks are not seen. */
  on: string;
};

/**
 * The model against the tape, on every day on which the skill's own shape was measured. The model gives the hip's axis
 * above the floor; what lies between the axis and where the tape was held, the soft parts and how the pelvis is
 * carried come out as an allowance. Null where the shape has no such check, or none was taken.
 */
export function fitToTape(question: Question): TapeFit | null {
  const { skill, aim, library, checks, on } = question;
  const protocol = protocolOf(library, tapeOf[skill.model] ?? "");
  if (!protocol) return null;
  const side = protocol.sided ? (aim.side === "left" ? "left" : "right") : "mid";
  const rounds = checksOf(checks, { protocolId: protocol.id, side, on }).map((check): TapeRound => {
    const { value, se } = valueOf(check, protocol);
    return { on: check.on, model: modelGap(question, check.on), tape: value, se };
  });
  if (rounds.length === 0) return null;
  const weights = rounds.map(({ se }) => 1 / se ** 2);
  const whole = weights.reduce((sum, weight) => sum + weight, 0);
  const allowance =
    rounds.reduce((sum, { tape, model }, i) => sum + weights[i]! * (tape - model), 0) / whole;
  const residual = Math.sqrt(
    rounds.reduce((sum, { tape, model }) => sum + (tape - model - allowance) ** 2, 0) /
      rounds.length,
  );
  return {
    rounds,
    allowance,
    residual,
    why: {
      rule: "allowance = mean of tape − model, weighted by 1 / error²; residual = root mean square of what is left",
      inputs: Object.fromEntries(
        rounds.map(({ on: day, model, tape, se }) => [
          day,
          `model ${model.toFixed(1)} cm, tape ${tape.toFixed(1)} ± ${se.toFixed(1)} cm`,
        ]),
      ),
      source: "the skill’s own model; lengths measured, or from the stature",
    },
  };
}

/** What the model says a tape would read of the joints measured up to a day, cm, without any allowance. */
function modelGap({ skill, aim, athlete, checks, library }: Question, on: string): number {
  const bare: Athlete = { ...athlete, measures: { ...athlete.measures, pelvisCm: 0 } };
  const gaps = gapOf({ athlete: bare, aim, skill, checks, library, on });
  return shapesOf(skill, { side: aim.side, hips: aim.hips }, bare, gaps).had.tapeCm ?? 0;
}
