import { decimal } from "#words/locale";
import { memo, useDeferredValue, useMemo, useState } from "react";
import { Link } from "react-router";
import { motionOf } from "#core/body/motions";
import { protocolOf } from "#core/content/library";
import { angleUnit } from "#core/measure/value";
import { daysBetween, mondayOf, plusDays } from "#core/dates/days";
import type { ForecastAnswer } from "#core/forecast/forecast-answer";
import { forecastQuestions, type AskedDemand } from "#core/forecast/forecast-questions";
import { jointLine } from "#core/forecast/history";
import { methodSteps } from "#core/season/method";
import type { AthleteView } from "../../view";
import { useAct, type DoAct } from "../use-act";
import { useAtRest } from "../use-at-rest";
import { longDay, shortDay, weekDay } from "#words/days";
import {
  dateVerdict,
  demandName,
  doseWords,
  isStuck,
  fewWords,
  knownWords,
  readyCaveat,
  verdictDetail,
  verdictHeadline,
} from "./date-words";
import { FanChart } from "./fan-chart";
import { OtherCharts } from "./other-charts";
import { useForecast } from "./use-forecast";
import { chanceWords } from "#words/plain";
import { Meaning } from "../meaning";
import { WhyNote } from "../why";
import { dateWhy } from "#words/forecast";
import { methodChangeWords, methodReasonWords } from "#words/season";

/** Days that the date can be moved, either way. */
const farthest = 84;

/** The date: the verdict, two sliders, and each demand with its fan. */
export function DateDesk({ view }: { view: AthleteView }) {
  const { aim } = view;
  const [times, setTimes] = useState(100);
  const [moved, setMoved] = useState(0);
  const own = aim && aim.by > view.day ? aim.by : null;
  // The sliders answer the hand at once; what they ask for follows as fast as it can be drawn.
  const asked = { times: useDeferredValue(times), moved: useDeferredValue(moved) };
  const by = own ? plusDays(own, asked.moved) : null;
  const questions = useMemo(
    () =>
      by
        ? forecastQuestions({
            ...view,
            on: view.day,
            by,
            times: asked.times / 100,
          })
        : [],
    [view, by, asked.times],
  );
  const { answers, status, stop } = useForecast(questions);
  const names = questions.flatMap(({ gap }) => gap.protocolId ?? []).join(" ");
  const forecast = useMemo(() => names.split(" "), [names]);
  const { act } = useAct(`/at/${view.athlete.id}/season`);
  const verdict = by ? dateVerdict(questions, answers) : null;
  const unmeasured = view.gaps.filter(({ verdict: known }) => known === "unknown");
  const sorted = [...questions].sort(
    (a, b) => (answers.get(a.key)?.chance ?? 2) - (answers.get(b.key)?.chance ?? 2),
  );
  if (!own || !by)
    return (
      <>
        <h1 className="text-3xl">{aim ? "The aim’s day is past." : "No date to look toward."}</h1>
        <p className="mt-1">
          <Link className="underlined" to={`/at/${view.athlete.id}/aim`}>
            {aim ? "Give it a new one, or close it" : "Choose a skill and a date"}
          </Link>
          .
        </p>
        <OtherCharts view={view} without={[]} />
      </>
    );
  return (
    <>
      <h1 className="text-3xl">
        {verdict
          ? verdictHeadline(verdict, by, unmeasured.length)
          : questions.length === 0
            ? "Nothing that it asks is measured yet."
            : status === "failed"
              ? "The forecast gave no answer."
              : "Working it out …"}
      </h1>
      <p className="mt-1" aria-live="polite">
        {verdict ? (
          <>
            {capital(verdictDetail(verdict, view.today))} {fewWords(verdict.fewest)}{" "}
            {readyCaveat(view)}{" "}
            {verdict.most >= 0.05 && questions.length > 1 ? (
              <span className="text-muted">
                One body answers to training: its demands go together, and together it is at most{" "}
                {chanceWords(verdict.most)}.
              </span>
            ) : null}{" "}
            <WhyNote why={dateWhy(questions.length)} />
          </>
        ) : questions.length === 0 ? (
          <Link className="underlined" to={`/at/${view.athlete.id}/check`}>
            Two trials a side make the first point
          </Link>
        ) : null}
      </p>
      {unmeasured.length > 0 ? (
        <p className="mt-1 text-clay">
          Not measured, and so not in it:{" "}
          {unmeasured.map(({ demand }) => motionOf(demand.motion).name.toLowerCase()).join(", ")}.
        </p>
      ) : null}
      {questions.length > 0 ? (
        <div className="no-print mt-3 grid gap-x-8 gap-y-2 sm:grid-cols-2">
          <Slider
            label="Dose"
            value={times}
            least={0}
            most={200}
            step={10}
            set={setTimes}
            says={
              times === 100
                ? "as planned and usual"
                : times === 0
                  ? "nothing from now on"
                  : `${times} % of what is planned`
            }
            back={times === 100 ? null : () => setTimes(100)}
          />
          <Slider
            label="Date"
            value={moved}
            least={
              -7 * Math.floor(Math.min(farthest, Math.max(0, daysBetween(view.day, own) - 7)) / 7)
            }
            most={farthest}
            step={7}
            set={setMoved}
            says={`${longDay(plusDays(own, moved))}${moved === 0 ? "" : `, ${Math.abs(moved / 7)} week${Math.abs(moved) === 7 ? "" : "s"} ${moved > 0 ? "later" : "earlier"}`}`}
            back={moved === 0 ? null : () => setMoved(0)}
          />
        </div>
      ) : null}
      <p className="mt-1 min-h-[24px] text-sm text-muted" role="status">
        {status === "working" && questions.length > 0 ? (
          <>
            Working it out …{" "}
            <button type="button" className="underlined" onClick={stop}>
              Stop
            </button>
          </>
        ) : status === "stopped" ? (
          "Stopped: what is shown belongs to the dose and date before."
        ) : status === "failed" ? (
          "The forecast gave no answer. The checks are as they were."
        ) : questions.length > 0 ? (
          <>
            Grey: how far off the checks may be. Green: 80 % range <Meaning of="range-80" />
          </>
        ) : null}
      </p>
      {sorted.map((question) => (
        <Demand
          key={question.key}
          view={view}
          question={question}
          answer={answers.get(question.key) ?? null}
          by={by}
          act={act}
        />
      ))}
      <OtherCharts view={view} without={forecast} />
    </>
  );
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

function Slider({
  label,
  value,
  least,
  most,
  step,
  set,
  says,
  back,
}: {
  label: string;
  value: number;
  least: number;
  most: number;
  step: number;
  set: (value: number) => void;
  says: string;
  back: (() => void) | null;
}) {
  return (
    <div className="grid">
      <span className="flex flex-wrap items-baseline gap-x-3">
        <span className="label">{label}</span>
        <span className="text-sm">{says}</span>
        {back ? (
          <button type="button" className="underlined text-sm" onClick={back}>
            back
          </button>
        ) : null}
      </span>
      <input
        type="range"
        className="min-h-9 w-full accent-[var(--spruce)]"
        aria-label={label}
        aria-valuetext={says}
        min={least}
        max={most}
        step={step}
        value={value}
        onChange={(event) => set(Number(event.target.value))}
      />
    </div>
  );
}

const noFan: ForecastAnswer["fan"] = [];

/** One demand on its side: the fan, the chance, the dose that would, when to measure, and what a plateau asks for. */
const Demand = memo(function Demand({
  view,
  question,
  answer,
  by,
  act,
}: {
  view: AthleteView;
  question: AskedDemand;
  answer: ForecastAnswer | null;
  by: string;
  act: DoAct;
}) {
  const { gap, side } = question;
  // The words follow the hand; the fan is drawn when it rests.
  const drawn = { answer: useAtRest(answer), by: useAtRest(by) };
  const protocol = protocolOf(view.library, gap.protocolId!)!;
  const unit = angleUnit(protocol);
  const { mode } = gap.demand;
  const line = useMemo(
    () =>
      jointLine(
        view.checks.filter(({ on }) => on <= view.day),
        protocol,
        view.athlete,
        { side, mode },
      ),
    [view, protocol, side, mode],
  );
  if (!line) return null;
  const measure = answer?.measure == null ? null : plusDays(question.start, 7 * answer.measure);
  const measureDay = measure && measure < view.today ? view.today : measure;
  const inPlan = view.season?.slots.some(
    ({ kind, on }) => kind === "check" && measureDay !== null && on === measureDay,
  );
  const { onDate } = answer ?? {};
  return (
    <figure className="mt-5 break-inside-avoid border-t border-line pt-3">
      <figcaption className="flex flex-wrap items-baseline gap-x-4">
        <span className="font-display text-lg font-bold first-letter:uppercase">
          {demandName(question)}
        </span>
        <span className="text-sm text-muted">
          {gap.demand.how}, {gap.demand.mode}
        </span>
        {answer ? (
          <span className="text-sm">
            enough by {shortDay(by)}: {chanceWords(answer.chance)}
          </span>
        ) : null}
      </figcaption>
      <FanChart
        name={`${demandName(question)}, ${side === "mid" ? "" : `${side}, `}up to ${shortDay(drawn.by)}`}
        points={line.points}
        fan={drawn.answer?.fan ?? noFan}
        start={question.start}
        need={question.need}
        side={side}
        unit={unit}
        by={drawn.by}
        today={view.day}
        absences={view.athlete.absences}
      />
      {answer && onDate ? (
        <ul className="text-sm" aria-label={`${demandName(question)} by ${shortDay(by)}`}>
          <li>
            By {shortDay(by)}:{" "}
            <b className="figures">
              {decimal(onDate.low, 0)}–{decimal(onDate.high, 0)}
              {unit}
            </b>{" "}
            (80 %), middle {decimal(onDate.median, 0)}
            {unit}, against {question.need}
            {unit}. {knownWords(answer.checks, question.prior, unit)}
          </li>
          <li>
            {doseWords(question, answer, by)}
            {question.assumed ? " Never worked on yet: the dose is a guess." : ""}
          </li>
          <li>
            {measureDay === null
              ? ""
              : `Measure next on ${weekDay(measureDay)}: by then training could have moved it by the check’s own error.`}{" "}
            {measureDay !== null && view.season ? (
              inPlan ? (
                <span className="text-muted">It is in the week.</span>
              ) : (
                <button
                  type="button"
                  className="underlined"
                  onClick={() => act("set-check-day", { on: measureDay, there: true })}
                >
                  Put it in the week
                </button>
              )
            ) : null}
          </li>
        </ul>
      ) : null}
      {answer && isStuck(answer) ? (
        <Plateau view={view} question={question} answer={answer} act={act} />
      ) : null}
    </figure>
  );
});

/** It has stopped moving: what to change, in order, each with the reason from the athlete's own record. */
function Plateau({
  view,
  question,
  answer,
  act,
}: {
  view: AthleteView;
  question: AskedDemand;
  answer: ForecastAnswer;
  act: DoAct;
}) {
  const steps = useMemo(
    () =>
      methodSteps({
        motion: question.motion,
        side: question.side,
        protocol: protocolOf(view.library, question.gap.protocolId!)!,
        checks: view.checks,
        logs: view.logs,
        days: view.days,
        library: view.library,
        on: view.day,
      }),
    [view, question],
  );
  const first = steps.findIndex(({ speaks }) => speaks);
  const { slope, se } = answer.plateau!;
  const unit = angleUnit(protocolOf(view.library, question.gap.protocolId!)!);
  return (
    <section
      aria-label={`Plateau of ${demandName(question)}`}
      className="mt-2 border-l-4 border-tape bg-raised px-4 py-2"
    >
      <p>
        <b>A plateau</b> <Meaning of="plateau" />: {decimal(slope, 1)} ± {decimal(se, 1)}
        {unit} a week over the last checks, with work in most weeks. Change the method rather than
        add to it, in this order:
      </p>
      <ol className="mt-1 list-decimal pl-5 text-sm">
        {steps.map(({ kind, speaks, reason, change }, n) => (
          <li key={kind} className={n === first ? "font-semibold" : speaks ? "" : "text-muted"}>
            {methodChangeWords(change)}{" "}
            <span className="font-normal">{methodReasonWords(reason)}</span>
            {kind === "rest" && speaks && view.season ? (
              <>
                {" "}
                <button
                  type="button"
                  className="underlined font-normal"
                  onClick={() => act("set-lighter", { monday: nextMonday(view.today), on: true })}
                >
                  Make next week lighter
                </button>
              </>
            ) : null}
          </li>
        ))}
      </ol>
    </section>
  );
}

const nextMonday = (day: string): string => plusDays(mondayOf(day), 7);
