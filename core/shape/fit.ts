import { gapOf } from "../aim/gap";
import type { Skill } from "../content/skill";
import type { Athlete } from "../records/athlete";
import type { Aim, Check } from "../records/records";
import { protocolOf, type Library } from "../content/library";
import { checksOf, valueOf } from "../measure/value";
import { bodyFor, shapesOf } from "./solve";

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
  /** What the model leaves out, cm. */
  allowance: number;
  /** The leg length that fits best beside it, cm; null where it was measured, or the skill's gap does not go by it. */
  legCm: number | null;
  /** What is left after the allowance, cm: root mean square. */
  residual: number;
  why: TapeFitWhy;
};

export type TapeFitWhy = { rule: "tape-fit"; rounds: readonly TapeRound[]; legCm: number | null };

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
  const { allowance, legCm, scale } = fitted(question, rounds);
  const residual = Math.sqrt(
    rounds.reduce((sum, { tape, model }) => sum + (tape - model * scale - allowance) ** 2, 0) /
      rounds.length,
  );
  return {
    rounds,
    allowance,
    legCm,
    residual,
    why: { rule: "tape-fit", rounds, legCm },
  };
}

/** How far a leg may be from what the stature says, and an allowance from nothing: standard deviations, cm. Working figures. */
const legSpread = 2;
const allowanceSpread = 10;

/**
 * Least squares with priors: tape = L · share + p. The shares of several rounds hardly differ, so that L and p
 * could not be told apart by the tape alone; the priors keep both where bodies have them.
 */
function fitted(
  { skill, athlete }: Question,
  rounds: readonly TapeRound[],
): { allowance: number; legCm: number | null; scale: number } {
  const leg = bodyFor({
    ...athlete,
    measures: { ...athlete.measures, fittedLegCm: undefined },
  }).legCm;
  const free = canBeFitted(skill) && athlete.measures.legCm === undefined;
  // Unknowns: how much longer the leg is than the stature says, and the allowance.
  let [ll, lp, pp, lt, pt] = [1 / legSpread ** 2, 0, 1 / allowanceSpread ** 2, 0, 0];
  for (const { model, tape, se } of rounds) {
    const [weight, share, miss] = [1 / se ** 2, model / leg, tape - model];
    ll += weight * share ** 2;
    lp += weight * share;
    pp += weight;
    lt += weight * share * miss;
    pt += weight * miss;
  }
  if (!free) return { allowance: pt / pp, legCm: null, scale: 1 };
  const determinant = ll * pp - lp ** 2;
  const longer = (lt * pp - lp * pt) / determinant;
  return {
    allowance: (ll * pt - lp * lt) / determinant,
    legCm: leg + longer,
    scale: (leg + longer) / leg,
  };
}

/** What the model says a tape would read of the joints measured up to a day, cm, without any allowance. */
function modelGap({ skill, aim, athlete, checks, library }: Question, on: string): number {
  const bare: Athlete = {
    ...athlete,
    measures: { ...athlete.measures, pelvisCm: 0, fittedLegCm: undefined },
  };
  // The joints alone: the tape that the model is held against must not speak for them.
  const taped = new Set(
    library.protocols.filter(({ together }) => together.length > 0).map(({ id }) => id),
  );
  const alone = checks.filter(({ protocolId }) => !taped.has(protocolId));
  const gaps = gapOf({ athlete: bare, aim, skill, checks: alone, library, on });
  return shapesOf(skill, { side: aim.side, hips: aim.hips }, bare, gaps).had.tapeCm ?? 0;
}
