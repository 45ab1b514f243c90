import { motionOf, type JointId, type MotionId } from "../body/motions";
import { MotionId as AllMotions } from "../body/motions";
import { plusDays, type DayText } from "../dates/days";
import {
  daysToShow,
  mondayTerms,
  noLongHold,
  noNewRung,
  showDays,
  type SeasonAround,
  type Emphasis,
} from "./block";

/** What a prep takes from the season that its day lies in. */
export type PrepTerms = {
  emphasis: Emphasis | null;
  /** In the last week before a show no new rung is taken. */
  noNewRung: boolean;
  /** In the last 48 hours nothing is held long. */
  noLongHold: boolean;
  /** Motions of joints that have a session of their own the day before or after: only light work on them. */
  spared: MotionId[];
};

/** A prep of which no season knows. */
export const noSeason: PrepTerms = {
  emphasis: null,
  noNewRung: false,
  noLongHold: false,
  spared: [],
};

/** What the season says of a prep on a day. A show or an aim's date counts inside and outside the block. */
export function prepTerms(around: SeasonAround, on: DayText, slotId: string): PrepTerms {
  const { season } = around;
  const free = daysToShow(on, showDays(around));
  const own = season.slots.find(({ id }) => id === slotId)?.focus ?? null;
  const near = season.slots.filter(
    ({ on: day, focus }) =>
      focus !== null && focus !== own && (day === plusDays(on, -1) || day === plusDays(on, 1)),
  );
  const joints = new Set<JointId>(near.map(({ focus }) => focus!));
  const week = mondayTerms(around, on);
  return {
    emphasis: week.index === null ? null : week.emphasis,
    noNewRung: free !== null && free <= noNewRung,
    noLongHold: free !== null && free <= noLongHold,
    spared: AllMotions.options.filter((motion) => joints.has(motionOf(motion).joint)),
  };
}
