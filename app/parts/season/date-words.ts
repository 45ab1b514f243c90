import { decimal } from "#words/locale";
import type { ForecastPrior } from "#core/content/motion-prior";
import { motionOf } from "#core/body/motions";
import { plusDays, type DayText } from "#core/dates/days";
import { dateOf } from "#core/forecast/date-of";
import type { DateAnswer, ForecastAnswer } from "#core/forecast/forecast-answer";
import type { AskedDemand } from "#core/forecast/forecast-questions";
import { isLooseJointed } from "#core/safety/intake";
import { ageOn } from "#core/records/athlete";
import { tooYoung } from "#words/safety";
import { sureEnough } from "#core/forecast/when";
import type { AthleteView } from "../../view";
import { notch } from "../words";
import { shortDay } from "#words/days";
import { chanceVerdict } from "#words/plain";

/**
 * A demand on its side, as it stands in a line; what is held by own strength is told from the range of the same motion.
 *
 * @example "◂ shoulder flexion", "◂ shoulder flexion by own strength"
 */
export const demandName = ({
  motion,
  side,
  gap,
}: Pick<AskedDemand, "motion" | "side"> & { gap?: AskedDemand["gap"] }): string =>
  [
    side === "mid" ? "" : notch[side],
    motionOf(motion).name.toLowerCase(),
    gap?.demand.mode === "active" ? "by own strength" : "",
  ]
    .filter(Boolean)
    .join(" ");

export type DateVerdict = DateAnswer & {
  /** The demand that holds it back. */
  holder: AskedDemand;
  /** The days between which all demands come to be met; null where not within what was looked at. */
  earlyDay: DayText | null;
  sureDay: DayText | null;
  fewest: number;
};

/** How the date stands, from the answers; null until they are all there. */
export function dateVerdict(
  questions: readonly AskedDemand[],
  answers: ReadonlyMap<string, ForecastAnswer>,
): DateVerdict | null {
  const date = dateOf(questions, answers);
  if (!date) return null;
  const day = (week: number | null) => (week === null ? null : plusDays(date.start, 7 * week));
  return {
    ...date,
    earlyDay: day(date.early),
    sureDay: day(date.sure),
    fewest: Math.min(...questions.map(({ key }) => answers.get(key)!.checks)),
  };
}

/** The verdict as the headline: never a bare date. */
export function verdictHeadline(verdict: DateVerdict, by: DayText, unmeasured: number): string {
  return `By ${shortDay(by)}${unmeasured > 0 ? ", as far as it is measured" : ""}? ${chanceVerdict(verdict.chance)}.`;
}

/** The range of days, and what holds it back. */
export function verdictDetail(verdict: DateVerdict, today: DayText): string {
  const { earlyDay, sureDay, holder, most } = verdict;
  const range =
    earlyDay === null
      ? "At this dose, not within the weeks looked at."
      : sureDay === null
        ? `Perhaps from ${shortDay(earlyDay)}; when it is likely lies beyond the weeks looked at.`
        : sureDay <= today
          ? "By the checks it is likely enough already: keep it."
          : earlyDay === sureDay
            ? `Likely from ${shortDay(sureDay)} on.`
            : `Between ${shortDay(earlyDay)} (one in five) and ${shortDay(sureDay)} (four in five).`;
  return most > 0.95 ? range : `${demandName(holder)} holds it back. ${range}`;
}

/** What the numbers may not say: loose joints are never ready by passive range alone, and some skills others decide on. */
export function readyCaveat({ athlete, gaps, skill, day }: AthleteView): string {
  const loose =
    isLooseJointed(athlete, day) && gaps.some(({ demand }) => demand.mode === "passive")
      ? "Loose joints: passive range alone never counts as ready."
      : "";
  const young =
    skill && skill.fromAge !== null && ageOn(athlete, day) < skill.fromAge
      ? tooYoung(skill.fromAge)
      : "";
  return [loose, skill?.decides ?? "", young].filter(Boolean).join(" ");
}

/** What a demand needs to be met by the date: as it is, with another dose, or not within the caps. */
export function doseWords(question: AskedDemand, answer: ForecastAnswer, by: DayText): string {
  const minutes = (seconds: number) => `${decimal(seconds / 60, seconds < 600 ? 1 : 0)} min`;
  if (answer.chance >= 0.8) return `At this dose (${minutes(question.usual)} a week a side): yes.`;
  if (answer.wouldDo === null)
    return `Not by ${shortDay(by)} within the weekly cap of four hard days.`;
  if (answer.wouldDo <= question.usual)
    return `${minutes(answer.wouldDo)} in every week would do: the lighter and missed weeks make the difference.`;
  return `${minutes(answer.wouldDo)} a week a side would do it, in place of ${minutes(question.usual)}.`;
}

/** It has stopped moving, and what it has is not likely enough. */
export const isStuck = (answer: ForecastAnswer | undefined): boolean =>
  answer !== undefined && (answer.plateau?.stands ?? false) && answer.chance < sureEnough;

/** How little is known after few checks, and what is taken in its place; empty from three on. */
export function knownWords(checks: number, prior: ForecastPrior, unit: string): string {
  if (checks >= 3) return "";
  const usual = `what training usually adds to this motion, about ${prior.headroom}${unit} in all`;
  return checks === 1
    ? `One check: this is mostly ${usual}, not yet this athlete.`
    : `Two checks: little is known yet; the rest is ${usual}.`;
}

/** The same of several demands together: by the one with the fewest checks. */
export const fewWords = (fewest: number): string =>
  fewest >= 3
    ? ""
    : fewest === 1
      ? "What was checked only once goes by what is usual, not yet by this athlete."
      : "What was checked only twice is little known yet.";
