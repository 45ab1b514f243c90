import * as z from "zod/mini";
import { MotionId } from "../body/motions";

/** What is believed of a motion before the first check, in the reading's own unit. */
export const ForecastPrior = z.object({
  /** How much training can add, in all: the middle of a wide belief that reaches from nothing to three times it. */
  headroom: z.number().check(z.positive(), z.maximum(60)),
  /** The share of what is left that a full week gains, 0–1. */
  rate: z.number().check(z.positive(), z.maximum(0.5)),
  /** The share of what was gained that a week without dose loses, 0–1. */
  decay: z.number().check(z.positive(), z.maximum(0.3)),
  /** Seconds a week at which more adds little. */
  fullDose: z.number().check(z.positive()),
  /** Standard deviation of a week's change that nothing here explains. */
  drift: z.number().check(z.positive()),
});
export type ForecastPrior = z.infer<typeof ForecastPrior>;

/** The prior of some motions as the library holds it, with its reason and where its figures are from. */
export const MotionPrior = z.extend(ForecastPrior, {
  motions: z.array(MotionId).check(z.minLength(1)),
  why: z.string().check(z.minLength(1)),
  source: z.string().check(z.minLength(1)),
});
export type MotionPrior = z.infer<typeof MotionPrior>;

/** For a motion that the library says nothing of. Working figures. */
export const usualPrior: ForecastPrior = {
  headroom: 9,
  rate: 0.1,
  decay: 0.05,
  fullDose: 400,
  drift: 0.35,
};

/** What the library believes of a motion; the usual where it says nothing. */
export function priorOf(priors: readonly MotionPrior[], motion: MotionId): ForecastPrior {
  const own = priors.find(({ motions }) => motions.includes(motion));
  if (!own) return usualPrior;
  const { headroom, rate, decay, fullDose, drift } = own;
  return { headroom, rate, decay, fullDose, drift };
}
