import type { DayText } from "../dates/days";
import { nextSteps, type NextStep } from "../progress/next-step";
import { isGrowing } from "../safety/intake";
import { noSeason, prepTerms } from "../schedule/prep-terms";
import { aroundOf } from "../schedule/around-of";
import type { Situation } from "./situation";

/**
 * What comes next of every drill that was logged, for a day: the same that a prep of that day is planned with, the
 * week before a show included.
 */
export function stepsOn(situation: Situation, on: DayText): Map<string, NextStep> {
  const { library, logs, days, athlete, season } = situation;
  const { noNewRung } = season ? prepTerms(aroundOf(situation, season), on, "") : noSeason;
  const growing = isGrowing(athlete, on);
  const weights = situation.place?.weights ?? [];
  const chosen = athlete.nextChosen;
  return nextSteps(library, logs, { on, days, chosen, noNewRung, growing, weights });
}
