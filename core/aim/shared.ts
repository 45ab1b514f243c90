import type { MotionId } from "../body/motions";
import type { Aim } from "../records/records";
import { daysBetween } from "../dates/days";
import type { DemandGap } from "./margin";
import { needsOf } from "./priority";

/** One open aim with its gaps. */
export type OpenAim = { aim: Aim; name: string; gaps: readonly DemandGap[] };

export type AimConflict = { first: SharedMotion["asks"][0]; last: SharedMotion["asks"][0] };

/** A motion as all open aims together ask it. */
export type SharedMotion = {
  motion: MotionId;
  /** Sum of the need weights over the aims. */
  weight: number;
  asks: { name: string; need: number; by: string; weight: number }[];
  /** Two aims ask it and the one that is due first asks less: the longer way does not end at the first date. */
  conflict: AimConflict | null;
};

/**
 * The motions of several aims, by combined worth: what two of them share is worked for once and counts twice. Where
 * they pull apart in time the later, larger demand is named.
 */
export function sharedMotions(open: readonly OpenAim[], today: string): SharedMotion[] {
  const motions = new Map<MotionId, SharedMotion>();
  for (const { aim, name, gaps } of open)
    for (const { motion, weight } of needsOf(gaps, daysBetween(today, aim.by), aim.overrides)) {
      const need = Math.max(
        ...gaps.filter(({ demand }) => demand.motion === motion).map((gap) => gap.need),
      );
      const so = motions.get(motion) ?? { motion, weight: 0, asks: [], conflict: null };
      motions.set(motion, {
        ...so,
        weight: so.weight + weight,
        asks: [...so.asks, { name, need, by: aim.by, weight }],
      });
    }
  return [...motions.values()]
    .map((shared) => ({ ...shared, conflict: conflictOf(shared.asks) }))
    .sort((a, b) => b.weight - a.weight);
}

function conflictOf(asks: SharedMotion["asks"]): AimConflict | null {
  const byDate = [...asks].sort((a, b) => a.by.localeCompare(b.by));
  const [first, last] = [byDate[0]!, byDate.at(-1)!];
  return asks.length > 1 && last.need > first.need ? { first, last } : null;
}
