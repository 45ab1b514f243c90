import type { DemandGap } from "../aim/margin";
import type { Side } from "../body/side";
import type { Skill } from "../content/skill";
import { limitsHad, type Limits } from "../shape/limits";
import { diceOf } from "../stats/dice";

/** A demand's gap as one drawing of the measuring errors has it: what each side has, and what of it is missing. */
export type Drawn = { gap: DemandGap; sides: { side: Side; degrees: number; short: number }[] };

/** So many drawings: half of them by dice, the other half their mirror image. The same for everybody and always. */
export const drawings = 24;

/** A reading's error in one drawing, in standard errors. */
export type Errors = (reading: string) => number;

/** The errors of every drawing: a reading that two demands use is drawn once. */
export function errorsOf(drawing: number): Errors {
  const dice = diceOf(1 + (drawing >> 1));
  const sign = drawing % 2 === 0 ? 1 : -1;
  const known = new Map<string, number>();
  return (reading) => {
    let error = known.get(reading);
    if (error === undefined) known.set(reading, (error = sign * dice.normal()));
    return error;
  };
}

/** The gaps of a skill as one drawing of the errors has them. */
export function drawnBy(gaps: readonly DemandGap[], errors: Errors): Drawn[] {
  return gaps.map((gap) => ({
    gap,
    sides: gap.sides.flatMap(({ side, have, asked }) => {
      if (!have) return [];
      const { motion, mode } = gap.demand;
      const degrees = have.degrees + have.se * errors(`${motion}/${mode}/${side}`);
      return [{ side, degrees, short: asked ? Math.max(0, gap.need - degrees) : 0 }];
    }),
  }));
}

/** The limits that a drawing gives the figure: believed as they are, what was never measured taken as usual. */
export const limitsDrawn = (skill: Skill, drawn: readonly Drawn[]): Limits =>
  limitsHad(
    skill,
    drawn.map(({ gap, sides }) => ({
      ...gap,
      sides: gap.sides.map((one) => {
        const own = sides.find(({ side }) => side === one.side);
        return own && one.have
          ? { ...one, probability: 0, have: { ...one.have, degrees: own.degrees } }
          : one;
      }),
    })),
  ).limits;
