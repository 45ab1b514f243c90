import { wrap, type Remote } from "comlink";
import { startTransition, useEffect, useMemo, useRef, useState } from "react";
import type { ForecastAnswer, ForecastQuestion } from "#core/forecast/forecast-answer";
import type { AskedDemand } from "#core/forecast/forecast-questions";
import type { Forecaster } from "../../workers/forecast.worker";

let forecaster: Remote<Forecaster> | null = null;
let thread: Worker | null = null;

/** The forecaster in its own thread, started with the first question. */
function forecasting(): Remote<Forecaster> {
  if (!forecaster) {
    thread = new Worker(new URL("../../workers/forecast.worker.ts", import.meta.url), {
      type: "module",
    });
    forecaster = wrap<Forecaster>(thread);
  }
  return forecaster;
}

function stopForecasting(): void {
  thread?.terminate();
  [forecaster, thread] = [null, null];
}

/** Answers that were given once, by question: going back to a dose costs nothing. */
const known = new Map<string, ForecastAnswer>();
const mostKnown = 400;

const asked = ({ key, motion, side, need, start, seen, done, planned, by, prior }: AskedDemand) =>
  ({ key, motion, side, need, start, seen, done, planned, by, prior }) satisfies ForecastQuestion;

/** The answers to a list of questions where all were given before; null where one was not. */
function knownTo(text: string): ReadonlyMap<string, ForecastAnswer> | null {
  const answers = new Map<string, ForecastAnswer>();
  for (const question of JSON.parse(text) as ForecastQuestion[]) {
    const answer = known.get(JSON.stringify(question));
    if (!answer) return null;
    answers.set(question.key, answer);
  }
  return answers;
}

export type Forecasts = {
  answers: ReadonlyMap<string, ForecastAnswer>;
  /** Whether what is shown answers the present questions. */
  status: "working" | "ready" | "failed" | "stopped";
  stop: () => void;
};

/** The answers to a list of questions, one after the other beside the page. Earlier answers stay while new ones are worked out. */
export function useForecast(questions: readonly AskedDemand[]): Forecasts {
  const text = JSON.stringify(questions.map(asked));
  const [state, setState] = useState<{
    text: string;
    answers: ReadonlyMap<string, ForecastAnswer>;
    status: Forecasts["status"];
  }>({ text: "", answers: new Map(), status: "working" });
  const over = useRef(false);
  // What was answered before stands there at once: nothing on the page moves.
  const before = useMemo(() => (state.text === text ? null : knownTo(text)), [state.text, text]);
  useEffect(() => {
    let late = false;
    over.current = false;
    const list = JSON.parse(text) as ForecastQuestion[];
    const answers = new Map<string, ForecastAnswer>();
    void (async () => {
      for (const question of list) {
        const key = JSON.stringify(question);
        let answer = known.get(key);
        if (!answer) {
          answer = await forecasting().answer(question);
          if (known.size >= mostKnown) known.clear();
          known.set(key, answer);
        }
        if (late || over.current) return;
        answers.set(question.key, answer);
      }
      startTransition(() => setState({ text, answers, status: "ready" }));
    })().catch(() => {
      if (!late) setState((was) => ({ ...was, text, status: "failed" }));
    });
    return () => {
      late = true;
    };
  }, [text]);
  const stop = () => {
    over.current = true;
    stopForecasting();
    setState((was) => ({ ...was, text, status: "stopped" }));
  };
  return {
    answers: before ?? state.answers,
    status: before ? "ready" : state.text === text ? state.status : "working",
    stop,
  };
}
