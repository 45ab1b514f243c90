import type { Run, RunEvent, Log, LogItem } from "../exchange/records";
import type { Library } from "../library";
import { secondsOf, timelineOf, type Step } from "../prep/timeline";

/** How each item of the prep went so far. */
export type ItemProgress = {
  /** Seconds of work done, rests and set-up not counted. */
  worked: number;
  /** Seconds of work planned. */
  planned: number;
  ended: "skipped" | "stopped" | null;
  pain: { level: number; place: string; sharp: boolean } | null;
};

/** What is on the screen at a moment. Everything follows from the prep, the events and the time. */
export type RunState = {
  status: "ready" | "running" | "paused" | "finished";
  steps: readonly Step[];
  /** Index of the present step; steps.length when finished. */
  at: number;
  /** Seconds into the present step. */
  into: number;
  /** Seconds left in the whole prep. */
  left: number;
  items: ItemProgress[];
};

const working = (step: Step): boolean =>
  step.kind === "work" || step.kind === "contract" || step.kind === "deepen";

/** A press of "back" within these seconds of an item's start goes to the item before it. */
const backWindow = 3;

/**
 * The run at a moment, replayed from its events. Wall time decides: a locked phone, a hidden tab or a reload
 * change nothing, and nothing is counted twice.
 * @param now milliseconds since 1970
 */
export function runAt(run: Pick<Run, "prep" | "events">, library: Library, now: number): RunState {
  const steps = timelineOf(run.prep.items, library, run.prep.handOver);
  const items = run.prep.items.map((_, index): ItemProgress => {
    const planned = secondsOf(steps.filter((step) => step.item === index && working(step)));
    return { worked: 0, planned, ended: null, pain: null };
  });
  const state: RunState = { status: "ready", steps, at: 0, into: 0, left: secondsOf(steps), items };
  let clock = now;
  for (const event of run.events) {
    const moment = Date.parse(event.at);
    if (state.status === "running") advance(state, (moment - clock) / 1000);
    clock = moment;
    apply(state, event);
  }
  if (state.status === "running") advance(state, (now - clock) / 1000);
  state.left = secondsOf(steps.slice(state.at)) - state.into;
  return state;
}

function advance(state: RunState, seconds: number): void {
  let rest = Math.max(0, seconds);
  while (state.at < state.steps.length) {
    const step = state.steps[state.at]!;
    const here = Math.min(rest, step.seconds - state.into);
    if (working(step)) state.items[step.item]!.worked += here;
    state.into += here;
    rest -= here;
    if (state.into < step.seconds - 1e-9) return;
    state.at += 1;
    state.into = 0;
  }
  state.status = "finished";
}

function apply(state: RunState, event: RunEvent): void {
  if (state.status === "finished" && event.type !== "back") return;
  switch (event.type) {
    case "start":
    case "resume":
      state.status = "running";
      return;
    case "pause":
      if (state.status === "running") state.status = "paused";
      return;
    case "next":
      return moveTo(state, state.at + 1);
    case "skip":
      return leave(state, "skipped");
    case "pain": {
      const item = state.steps[state.at]?.item;
      if (item !== undefined)
        state.items[item]!.pain = { level: event.level, place: event.place, sharp: event.sharp };
      return leave(state, "stopped");
    }
    case "back":
      return goBack(state);
    case "finish":
      for (const step of state.steps.slice(state.at)) state.items[step.item]!.ended ??= "skipped";
      return moveTo(state, state.steps.length);
  }
}

function moveTo(state: RunState, at: number): void {
  state.at = at;
  state.into = 0;
  if (at >= state.steps.length) state.status = "finished";
}

function leave(state: RunState, how: "skipped" | "stopped"): void {
  const item = state.steps[state.at]!.item;
  state.items[item]!.ended = how;
  const next = state.steps.findIndex((step) => step.item > item);
  moveTo(state, next < 0 ? state.steps.length : next);
}

/** To the start of this item, or of the one before when this one has only begun; what is redone is counted afresh. */
function goBack(state: RunState): void {
  const present = state.steps[Math.min(state.at, state.steps.length - 1)];
  if (!present) return;
  const begins = state.steps.findIndex((step) => step.item === present.item);
  const since = secondsOf(state.steps.slice(begins, state.at)) + state.into;
  const item =
    state.status === "finished" || since > backWindow || begins === 0
      ? present.item
      : state.steps[begins - 1]!.item;
  for (const again of state.items.slice(item))
    Object.assign(again, { worked: 0, ended: null, pain: null });
  if (state.status === "finished") state.status = "paused";
  moveTo(
    state,
    state.steps.findIndex((step) => step.item === item),
  );
}

/** Done when nine tenths of the work was done; part when any was. */
function doneOf(item: ItemProgress): LogItem["done"] {
  if (item.ended === "stopped") return "stopped";
  if (item.planned > 0 && item.worked >= 0.9 * item.planned) return "done";
  return item.worked >= 5
    ? "part"
    : item.ended === "skipped" || item.planned > 0
      ? "skipped"
      : "done";
}

/** The log of a run: what was done against what was planned, ready to be completed by hand. */
export function logOf(run: Run, library: Library, now: number, id: string): Log {
  const state = runAt(run, library, now);
  const items = run.prep.items.map((item, index): LogItem => {
    const went = state.items[index]!;
    return {
      drillId: item.drillId,
      rungId: item.rungId,
      planned: item.dose,
      done: doneOf(went),
      seconds: Math.round(went.worked),
      form: null,
      pain: went.pain?.level ?? 0,
      painPlace: went.pain?.place ?? "",
      sharp: went.pain?.sharp ?? false,
      looseAt: null,
      note: "",
    };
  });
  const minutes = items.reduce((sum, item) => sum + item.seconds, 0) / 60;
  return {
    kind: "log",
    id,
    athleteId: run.athleteId,
    prepId: run.prep.id,
    on: run.prep.on,
    minutes: Math.round(minutes * 10) / 10,
    items,
    note: "",
  };
}
