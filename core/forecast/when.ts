import { dueAfter } from "../aim/due";
import type { ForecastPrior } from "../content/motion-prior";
import { chanceAt, type Belief, type Seen } from "./forecast";

/** A demand counts as met when it is this likely. */
export const sureEnough = 0.8;

/** When a demand is met: the weeks between which its chance goes from a fifth to four fifths; null where it does not within the weeks looked at. */
export type Met = { early: number | null; sure: number | null };

/**
 * The weeks in which a demand comes to be met, looked for week by week.
 * @param doses seconds by week from week 0, those to come included
 * @param until the last week that is looked at
 */
export function whenMet(
  belief: Belief,
  need: number,
  doses: readonly number[],
  until: number,
): Met {
  const first = Math.ceil(belief.last);
  const reached = (share: number): number | null => {
    for (let week = first; week <= until; week += 1)
      if (chanceAt(belief, need, week, doses) >= share) return week;
    return null;
  };
  return { early: reached(1 - sureEnough), sure: reached(sureEnough) };
}

/**
 * The least weekly dose from now on with which a demand is met by a week, seconds rounded up to half minutes; null
 * when even the weekly cap would not do.
 * @param doses seconds by week up to now
 */
export function doseThatWould(
  belief: Belief,
  need: number,
  week: number,
  doses: readonly number[],
  cap: number,
): number | null {
  const with_ = (dose: number): number[] => [
    ...doses,
    ...Array<number>(Math.max(0, Math.ceil(week) - doses.length)).fill(dose),
  ];
  const met = (dose: number): boolean => chanceAt(belief, need, week, with_(dose)) >= sureEnough;
  if (!met(cap)) return null;
  let [low, high] = [0, cap];
  while (high - low > step / 2) {
    const middle = (low + high) / 2;
    if (met(middle)) high = middle;
    else low = middle;
  }
  return Math.min(cap, Math.ceil(high / step) * step);
}

const step = 30;

/** The week in which another check can tell something, by the one rule for when a check is due. */
export const nextCheckWeek = (
  last: number,
  se: number,
  prior: Pick<ForecastPrior, "headroom" | "rate">,
): number => Math.ceil(last + dueAfter(se, prior) / 7);

/** A plateau asks for so many checks over so many weeks, with work in most of them. */
const enoughChecks = 3;
const enoughWeeks = 4;
/** A gain of so many degrees a week matters. */
const matters = 0.4;
/** Standard errors above which a tenth of a bell curve lies. */
const z90 = 1.2816;
/** The checks of so many weeks are looked at. */
const lookBack = 10;

/**
 * Whether a motion has stopped moving: three checks or more over four weeks or more, with dose, and a gain that would
 * matter ruled out at 90 % (weighted least squares). Null where there is too little to say; where the checks cannot rule
 * it out it does not stand, and nothing is said.
 */
export function plateau(
  checks: readonly Seen[],
  doses: readonly number[],
): { slope: number; se: number; stands: boolean } | null {
  const last = Math.max(...checks.map(({ week }) => week));
  const recent = checks.filter(({ week }) => week >= last - lookBack);
  const first = Math.min(...recent.map(({ week }) => week));
  const worked = doses.slice(Math.floor(first), Math.ceil(last)).filter((dose) => dose > 0).length;
  if (recent.length < enoughChecks || last - first < enoughWeeks) return null;
  if (worked < (last - first) / 2) return null;
  const weights = recent.map(({ se }) => 1 / se ** 2);
  const sum = (list: readonly number[]): number =>
    list.reduce((all, value, i) => all + weights[i]! * value, 0);
  const all = weights.reduce((one, other) => one + other, 0);
  const [mx, my] = [
    sum(recent.map(({ week }) => week)) / all,
    sum(recent.map(({ value }) => value)) / all,
  ];
  const sxx = sum(recent.map(({ week }) => (week - mx) ** 2));
  const slope = sum(recent.map(({ week, value }) => (week - mx) * (value - my))) / sxx;
  const se = Math.sqrt(1 / sxx);
  return { slope, se, stands: slope + z90 * se < matters };
}
