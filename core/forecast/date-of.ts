import { daysBetween, type DayText } from "../dates/days";
import { dateAnswer, type DateAnswer, type ForecastAnswer } from "./forecast-answer";
import type { AskedDemand } from "./forecast-questions";

/** How a date stands for all demands that were asked, with the Monday that its weeks are counted from. */
export type DateOf = DateAnswer & { start: DayText; holder: AskedDemand };

/**
 * Brings the answers of an aim's demands together; each counts its weeks from its own first check, here from the
 * earliest of them. Null until every question has its answer, and where there is none.
 */
export function dateOf(
  questions: readonly AskedDemand[],
  answers: ReadonlyMap<string, ForecastAnswer>,
): DateOf | null {
  const both = questions.flatMap((question) => {
    const answer = answers.get(question.key);
    return answer ? [{ question, answer }] : [];
  });
  if (both.length === 0 || both.length < questions.length) return null;
  const start = both.map(({ question }) => question.start).sort()[0]!;
  const date = dateAnswer(
    both.map(({ question, answer }) => ({
      ...answer,
      limiter: question.gap.limiter,
      offset: -Math.round(daysBetween(start, question.start) / 7),
    })),
  );
  const holder = both.find(({ question }) => question.key === date.holding)!.question;
  return { ...date, start, holder };
}
