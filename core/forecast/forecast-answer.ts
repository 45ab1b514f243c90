import type { Side } from "../body/side";
import type { MotionId } from "../body/motions";
import type { DayText } from "../dates/days";
import { chanceAt, learn, outlookAt, type Outlook, type Seen } from "./forecast";
import { together } from "../stats/joint";
import type { ForecastPrior } from "../content/motion-prior";
import { hardDay, hardDaysAWeek } from "../doses/stretch-days";
import { doseThatWould, nextCheckWeek, plateau, sureEnough, whenMet, type Met } from "./when";

/** What is asked of one demand on one side. Everything is plain, so that a worker can be asked. */
export type ForecastQuestion = {
  key: string;
  motion: MotionId;
  side: Side;
  need: number;
  /** The Monday of week 0. */
  start: DayText;
  seen: readonly Seen[];
  /** Seconds of work by week as they were done, the present week as far as it has gone. */
  done: readonly number[];
  /** Seconds of work by week from then on. */
  planned: readonly number[];
  /** The week of the date, in weeks from the start. */
  by: number;
  /** What the library believes of the motion; the usual where it is left out. */
  prior?: ForecastPrior;
};

export type ForecastAnswer = {
  key: string;
  checks: number;
  /** The 80 % interval by week, from the last check on. */
  fan: Outlook[];
  /** What is believed on the date itself. */
  onDate: Outlook;
  /** How likely the demand is met, by whole weeks from the last check's on: `chances[0]` is week `first`. */
  first: number;
  chances: number[];
  chance: number;
  met: Met;
  /** Seconds a week at which the date is held with 80 %; null where not even the weekly cap would do. */
  wouldDo: number | null;
  /** The week in which another check can tell something. */
  measure: number;
  plateau: ReturnType<typeof plateau>;
};

/** Seconds a week on one motion that nothing may ask beyond: four hard days. */
export const weeklyCap = hardDaysAWeek * hardDay;

/** So many weeks beyond the date are looked at. */
export const beyond = 8;

/** What a forecast says of one demand. Pure: the same question, the same answer. */
export function forecastAnswer(question: ForecastQuestion): ForecastAnswer {
  const { key, need, seen, done, planned, by, prior } = question;
  const belief = learn(seen, done, prior);
  const doses = [...done, ...planned];
  const first = Math.ceil(belief.last);
  const until = Math.max(first, Math.ceil(by)) + beyond;
  const last = seen.reduce((best, one) => (one.week >= best.week ? one : best), seen[0]!);
  const fan = [
    outlookAt(belief, belief.last, doses),
    ...Array.from({ length: until - first + 1 }, (_, n) => first + n)
      .filter((week) => week > belief.last)
      .map((week) => outlookAt(belief, week, doses)),
  ];
  const chances = Array.from({ length: until - first + 1 }, (_, n) =>
    chanceAt(belief, need, first + n, doses),
  );
  return {
    key,
    checks: seen.length,
    fan,
    onDate: outlookAt(belief, Math.max(by, belief.last), doses),
    first,
    chances,
    chance: chanceAt(belief, need, Math.max(by, belief.last), doses),
    met: whenMet(belief, need, doses, until),
    wouldDo: doseThatWould(belief, need, Math.max(by, belief.last), done, weeklyCap),
    measure: nextCheckWeek(last.week, last.se, belief.prior),
    plateau: plateau(seen, done),
  };
}

/** How a date stands for several demands together. */
export type DateAnswer = {
  /** How likely all of them are met on the date; they go together by what one body shares. */
  chance: number;
  /** The most it can be: the least likely demand's own chance. */
  most: number;
  /** The demand that holds it back: of those that are not likely the one that limits most; null without demands. */
  holding: string | null;
  /** The weeks between which all of them come to be met: a fifth likely, four fifths likely; null where not within the weeks looked at. */
  early: number | null;
  sure: number | null;
};

/**
 * How much of what is open of an athlete's demands they share: how a body answers to training, and how much of it is
 * done. A working figure, set by `npm run bench forecast` between athletes who share nothing and such as share all.
 */
export const sharedByDemands = 0.4;

/** Every demand of an aim together. @param answers each with the same beginning of weeks @throws when there is none */
export function dateAnswer(
  answers: readonly (Pick<ForecastAnswer, "key" | "chance" | "chances" | "first"> & {
    /** Weeks by which this answer's own week 0 lies before the common one. */
    offset: number;
    /** How much it limits the skill. */
    limiter: number;
  })[],
): DateAnswer {
  const worst = answers.reduce(
    (least, one) => (one.chance < least.chance ? one : least),
    answers[0]!,
  );
  const all = (chances: readonly number[]) => together(chances, sharedByDemands);
  const from = Math.max(...answers.map(({ first, offset }) => first - offset));
  const to = Math.min(
    ...answers.map(({ first, offset, chances }) => first - offset + chances.length - 1),
  );
  const reached = (share: number): number | null => {
    for (let week = from; week <= to; week += 1)
      if (
        all(answers.map(({ first, offset, chances }) => chances[week + offset - first]!)) >= share
      )
        return week;
    return null;
  };
  // Of what is not yet likely the one that limits most; where all is likely the least likely.
  const holding = answers
    .filter(({ chance }) => chance < sureEnough)
    .reduce((most, one) => (one.limiter > most.limiter ? one : most), worst);
  return {
    chance: all(answers.map(({ chance }) => chance)),
    most: worst.chance,
    holding: holding.key,
    early: reached(0.2),
    sure: reached(0.8),
  };
}
