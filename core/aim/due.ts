import { priorOf, type ForecastPrior } from "../content/motion-prior";
import type { Library } from "../content/library";
import { daysBetween, type DayText } from "../dates/days";
import type { DemandGap } from "./margin";

/** No check comes round sooner than this, and none later, days. Working figures. */
const soonest = 21;
const latest = 56;
/** What is there at this likelihood stands for twice as long: the plan would not change by it. */
const surelyThere = 0.99;
/** The share of a full week's gain that a usual week of training gives. */
const usualWeek = 0.63;

/**
 * Days after which a reading can tell something new: when training could have moved the joint by the reading's own
 * error. The one rule for when a check is due, in a round, in the weeks and on the date.
 * @param se of the reading, in the prior's unit
 * @returns 21–56
 * @example dueAfter(3, { headroom: 9, rate: 0.1 }) // 42
 */
export function dueAfter(
  se: number,
  { headroom, rate }: Pick<ForecastPrior, "headroom" | "rate">,
): number {
  const weeks = Math.ceil(se / (headroom * rate * usualWeek));
  return Math.min(latest, Math.max(soonest, 7 * weeks));
}

/** Days after which a demand is measured again; null where a side that it asks was never measured. */
export function gapDueAfter(
  { sides, demand }: DemandGap,
  { priors }: Pick<Library, "priors">,
): number | null {
  const asked = sides.filter((side) => side.asked);
  if (asked.some(({ have }) => have === null)) return null;
  const days = dueAfter(
    Math.max(...asked.map(({ have }) => have!.se)),
    priorOf(priors, demand.motion),
  );
  return asked.every(({ probability }) => (probability ?? 0) >= surelyThere) ? 2 * days : days;
}

/** Days since the older of the asked sides was measured; null when one never was. */
export function ageOfGap({ sides }: DemandGap, today: DayText): number | null {
  const asked = sides.filter((side) => side.asked);
  if (asked.some(({ checkedOn }) => checkedOn === null)) return null;
  return Math.max(...asked.map(({ checkedOn }) => daysBetween(checkedOn!, today)));
}

/** How old the oldest of the checks is that are due again; null where none is. */
export function oldestDue(
  gaps: readonly DemandGap[],
  today: DayText,
  library: Pick<Library, "priors">,
): number | null {
  const ages = gaps.flatMap((gap) => {
    const [age, after] = [ageOfGap(gap, today), gapDueAfter(gap, library)];
    return age !== null && after !== null && age >= after ? [age] : [];
  });
  return ages.length > 0 ? Math.max(...ages) : null;
}
