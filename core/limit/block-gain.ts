import type { Side } from "../body/side";
import type { MotionId } from "../body/motions";
import { priorOf, type ForecastPrior } from "../content/motion-prior";
import { learn, wonBy } from "../forecast/forecast";
import type { MotionRecord } from "../forecast/motion-record";
import { remembered } from "../stats/remembered";
import type { Library } from "../content/library";

/** A block of training is so many weeks. A working figure. */
export const blockWeeks = 6;
/** Below this many degrees nothing is counted on and above it nothing is, whatever the forecast says. */
const least = 1;
const most = 20;

/**
 * Degrees that an athlete can expect of one motion in a block of {@link blockWeeks} at a full dose, from the forecast:
 * the mean over its belief. All motions are asked with a full dose, so that what was neglected does not look as if it
 * could not be trained.
 *
 * @param record the checks and doses so far; null where nothing can be learned from them
 * @returns degrees, 1–20
 */
export const blockGain = remembered(expected, (...asked) => JSON.stringify(asked), 256);

function expected(
  record: Pick<MotionRecord, "seen" | "doses"> | null,
  prior: ForecastPrior,
): number {
  const before = record?.doses ?? [];
  const { parts } = learn(record?.seen ?? [], before, prior);
  const doses = [...before, ...Array<number>(blockWeeks).fill(prior.fullDose)];
  const gain = parts.reduce((sum, { weight, headroom, rate, decay }) => {
    const won = wonBy(doses, { rate, decay, fullDose: prior.fullDose });
    return sum + weight * headroom * (won.at(-1)! - won[before.length]!);
  }, 0);
  return Math.min(most, Math.max(least, gain));
}

/** How much of a motion a block gives on each side. */
export type BlockGains = (motion: MotionId, side: Side) => number;

/** What the library expects of a motion of which nothing is known. */
export const usualBlockGain = ({ priors }: Pick<Library, "priors">, motion: MotionId): number =>
  blockGain(null, priorOf(priors, motion));
