import { gapOf, type GapInput } from "../aim/gap";
import { verdictRank, type BlockWorth, type DemandGap } from "../aim/margin";
import type { Side } from "../body/side";
import { protocolOf } from "../content/library";
import { priorOf } from "../content/motion-prior";
import type { Log } from "../records/records";
import { motionRecord } from "../forecast/motion-record";
import { bodyFor } from "../shape/solve";
import { rememberedOfSame } from "../stats/remembered";
import { blockGain, usualBlockGain, type BlockGains } from "./block-gain";
import { blockWorths } from "./block-worth";

/** What a ranking looks at: the gaps' own records, and the work that was done, for what training gives. */
export type RankInput = GapInput & { logs: readonly Log[] };

/**
 * Every demand of an aim against the athlete's values, in the one order that everything goes by: by what a block of
 * training it is worth to the skill. The headline, the rows, the smallest set, the plan's needs, the weeks and the date
 * all read it from here.
 */
export function rankedGaps(input: RankInput): DemandGap[] {
  const { skill, aim, body, gaps, gains } = worthAsked(input);
  return rankedBy(gaps, blockWorths(skill, aim, body, gaps, gains));
}

/** What the worths of an aim's gaps are asked with. */
export const worthAsked = rememberedOfSame((input: RankInput) => {
  const { skill, aim, athlete } = input;
  const gaps = gapOf(input);
  return {
    skill,
    aim: { side: aim.side, hips: aim.hips },
    body: bodyFor(athlete),
    gaps,
    gains: gainsOf(gaps, input),
  };
}, 32);

/** Gaps with what a block of each is worth, in the order of it. */
export function rankedBy(
  gaps: readonly DemandGap[],
  worths: ReadonlyMap<DemandGap, BlockWorth>,
): DemandGap[] {
  const whole = [...worths.values()].reduce((sum, { worth }) => sum + worth, 0);
  const lacking = gaps.reduce((sum, { limiter }) => sum + limiter, 0);
  return gaps
    .map((gap): DemandGap => {
      const block = worths.get(gap);
      if (!block) return { ...gap, limiter: 0 };
      return { ...gap, block, limiter: whole > 0 ? (lacking * block.worth) / whole : 0 };
    })
    .sort(byWorth);
}

/** Short and too close to call by their worth, then what is unknown, what is clear last. */
const byWorth = (a: DemandGap, b: DemandGap): number =>
  Number(a.block === null) - Number(b.block === null) ||
  (b.block?.worth ?? 0) - (a.block?.worth ?? 0) ||
  verdictRank[a.verdict] - verdictRank[b.verdict];

function gainsOf(gaps: readonly DemandGap[], input: RankInput): BlockGains {
  const { athlete, checks, logs, library, aim } = input;
  const on = input.on ?? aim.by;
  const known = new Map<string, number>();
  return (motion, side: Side) => {
    const key = `${motion}/${side}`;
    let gain = known.get(key);
    if (gain === undefined) {
      const gap = gaps.find(({ demand }) => demand.motion === motion);
      const protocol = gap?.protocolId ? protocolOf(library, gap.protocolId) : undefined;
      const record =
        gap && protocol
          ? motionRecord({
              ...{ athlete, checks, logs, library, protocol, motion, side, on },
              mode: gap.demand.mode,
            })
          : null;
      gain = record
        ? blockGain(record, priorOf(library.priors, motion))
        : usualBlockGain(library, motion);
      known.set(key, gain);
    }
    return gain;
  };
}
