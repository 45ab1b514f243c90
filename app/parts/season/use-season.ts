import { useMemo } from "react";
import { gapsAsked } from "#core/forecast/asked-gaps";
import { forecastQuestions } from "#core/forecast/forecast-questions";
import { plusDays } from "#core/dates/days";
import { motionOf } from "#core/body/motions";
import { placeTermsOf } from "#core/schedule/terms-of";
import { aroundOf } from "#core/schedule/around-of";
import { blockEnd } from "#core/schedule/block";
import { hardDaysDone, planBreaches } from "#core/schedule/plan-rules";
import { regionWeeks } from "#core/season/region-weeks";
import { weekSummaries } from "#core/season/weeks";
import { warnings } from "#core/season/warnings";
import type { AthleteView } from "../../view";
import { isStuck } from "./date-words";
import { useForecast } from "./use-forecast";

/** Weeks before today that the ledgers look back on. */
export const weeksBack = 10;
/** Weeks behind that are listed; the record book has them all. */
const weeksShown = 16;
/** Weeks to come that they look ahead on. */
export const weeksAhead = 4;

/** What the parts of the station share: the questions to the forecast and their answers, the ledgers, the warnings. */
export function useSeason(view: AthleteView) {
  const { season, aim } = view;
  const by = aim && aim.by > view.day ? aim.by : null;
  const questions = useMemo(
    () => (by ? forecastQuestions({ ...view, on: view.day, by }) : []),
    [view, by],
  );
  const forecast = useForecast(questions);
  const around = useMemo(() => (season ? aroundOf(view, season) : null), [view, season]);
  const hardDone = useMemo(() => hardDaysDone(view.logs, view.library), [view]);
  const breaches = useMemo(
    () =>
      around
        ? planBreaches(around.season.slots, { ...around, hardDone }).filter(
            ({ slots }) => slots.length > 0,
          )
        : [],
    [around, hardDone],
  );
  const summaries = useMemo(() => {
    const first = [...view.logs, ...view.preps].reduce(
      (day, { on }) => (on < day ? on : day),
      season?.since ?? view.today,
    );
    const far = plusDays(view.today, -7 * weeksShown);
    const from = first < far ? (season && season.since < far ? season.since : far) : first;
    const end = season ? blockEnd(season) : view.today;
    return weekSummaries(view, from, end > view.today ? end : view.today, view.today);
  }, [view, season]);
  const regions = useMemo(
    () =>
      regionWeeks(
        view,
        gapsAsked(view.allGaps),
        plusDays(view.today, -7 * weeksBack),
        plusDays(view.today, 7 * weeksAhead),
        view.today,
      ),
    [view],
  );
  const measure = useMemo(() => {
    if (!season || forecast.status !== "ready") return null;
    const planned = season.slots.some(({ kind, on }) => kind === "check" && on >= view.today);
    if (planned) return null;
    const next = questions
      .flatMap((question) => {
        const week = forecast.answers.get(question.key)?.measure ?? null;
        return week === null ? [] : [{ question, on: plusDays(question.start, 7 * week) }];
      })
      .map((one) => (one.on < view.today ? { ...one, on: view.today } : one))
      .sort((a, b) => a.on.localeCompare(b.on))[0];
    return next && next.on <= blockEnd(season)
      ? { on: next.on, what: motionOf(next.question.motion).name }
      : null;
  }, [season, forecast, questions, view.today]);
  const plateaus = useMemo(
    () =>
      questions
        .filter(({ key }) => isStuck(forecast.answers.get(key)))
        .map(({ motion, side }) => `${motionOf(motion).name}${side === "mid" ? "" : ` ${side}`}`),
    [questions, forecast.answers],
  );
  const told = useMemo(
    () =>
      around
        ? warnings({
            around,
            logs: view.logs,
            days: view.days,
            library: view.library,
            weeks: summaries,
            regions,
            hardDone,
            measure,
            plateaus,
            lifts: view.athlete.lifts,
            locks: view.locks,
            wanted: placeTermsOf(view, around.season).purposes.map(({ joint }) => joint),
          })
        : [],
    [around, view, summaries, regions, hardDone, measure, plateaus],
  );
  return { by, questions, forecast, around, breaches, summaries, regions, warnings: told, measure };
}
