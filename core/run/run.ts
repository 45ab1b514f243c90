import type { Run, RunEvent, PrepItem } from "../records/records";
import { drillOf, type Library } from "../content/library";
import { isShut } from "./shut";
import { readPlace } from "../body/read-place";
import { rungOf } from "../drill/drill";
import { stressOf } from "../exposure/stress";
import { longestOf } from "../prep/stays";
import { itemSeconds, secondsOf, type Step } from "../prep/timeline";
import { doesOf } from "../exposure/does";
import { oneMore, withItem } from "./floor";
import { shutsBy } from "../safety/pain";
import { courseOf, resumedAt, workIn } from "./course";
import {
  bestTries,
  entryAt,
  isOpenStep,
  isWorkStep,
  workedIn,
  type RunEntry,
  type RunState,
  type SetTried,
} from "./state";

/** A press of "back" within these seconds of an item's start goes to the item before it. */
const backWindow = 3;

/** "Next" on a counted set before this share of its time was a slip of the thumb, not the last repetition. */
const toldFrom = 1 / 3;

/** The state while it is replayed: the same, with room to write. */
type Replay = RunState & { steps: Step[]; items: PrepItem[]; attempt: number; growing: boolean };

/**
 * The run at a moment, replayed from its events. Wall time decides: a locked phone, a hidden tab or a reload
 * change nothing, and nothing is counted twice.
 * @param now milliseconds since 1970
 */
export function runAt(
  run: Pick<Run, "prep" | "events" | "growing">,
  library: Library,
  now: number,
): RunState {
  const items = [...run.prep.items];
  const steps = courseOf(items, library, run.prep);
  const state: Replay = {
    status: "ready",
    items,
    steps,
    at: 0,
    into: 0,
    left: secondsOf(steps),
    entries: items.map((item, index) => entryOf(item, index, steps)),
    time: { work: 0, between: 0, paused: 0 },
    shut: [],
    growing: run.growing,
    given: [],
    others: [],
    attempt: 0,
  };
  let clock: number | null = null;
  for (const event of run.events) {
    const moment = Date.parse(event.at);
    if (clock !== null) pass(state, (moment - clock) / 1000);
    if (clock !== null || event.type === "start") clock = Math.max(clock ?? moment, moment);
    apply(state, event, library, run.prep);
  }
  if (clock !== null) pass(state, (now - clock) / 1000);
  const present = state.steps[state.at];
  const spent = present && isOpenStep(present) ? Math.min(state.into, present.seconds) : state.into;
  state.left = Math.max(0, secondsOf(state.steps.slice(state.at)) - spent);
  return state;
}

const entryOf = (item: PrepItem, index: number, steps: readonly Step[]): RunEntry => ({
  itemId: item.id,
  drillId: item.drillId,
  rungId: item.rungId,
  dose: item.dose,
  sides: item.sides,
  tries: [],
  planned: workIn(steps.filter((step) => step.item === index)),
  ended: null,
  pain: null,
  form: null,
  seen: [],
  looseAt: null,
  looseBy: [],
});

/** Lets wall time pass: running it goes along the steps, paused it stands. */
function pass(state: Replay, seconds: number): void {
  const rest = Math.max(0, seconds);
  if (state.status === "running") advance(state, rest);
  else if (state.status === "paused") state.time.paused += rest;
}

function advance(state: Replay, seconds: number): void {
  let rest = seconds;
  while (state.at < state.steps.length) {
    const step = state.steps[state.at]!;
    const open = isOpenStep(step);
    const here = open ? rest : Math.min(rest, step.seconds - state.into);
    spend(state, step, here);
    rest -= here;
    if (open || state.into < step.seconds - 1e-9) return;
    if (isWorkStep(step)) tryOf(state, step).whole = true;
    state.at += 1;
    state.into = 0;
  }
  state.status = "finished";
}

/** Time in a step: work goes to its set, all else is between. */
function spend(state: Replay, step: Step, seconds: number): void {
  state.into += seconds;
  state.time[isWorkStep(step) ? "work" : "between"] += seconds;
  if (isWorkStep(step) && seconds > 0) tryOf(state, step).seconds += seconds;
}

/** The attempt at the set of a step that is going on; begun when there is none. */
function tryOf(state: Replay, step: Step): SetTried {
  const entry = entryAt(state, step)!;
  let now = entry.tries.find(
    (one) => one.side === step.side && one.set === step.set && one.attempt === state.attempt,
  );
  if (!now)
    entry.tries.push(
      (now = {
        side: step.side,
        set: step.set,
        attempt: state.attempt,
        seconds: 0,
        reps: step.reps,
        whole: false,
      }),
    );
  now.reps = step.reps;
  return now;
}

function apply(
  state: Replay,
  event: RunEvent,
  library: Library,
  prep: Pick<Run["prep"], "handOver">,
): void {
  if (state.status === "finished" && event.type !== "back") return;
  const step = state.steps[state.at];
  switch (event.type) {
    case "start":
    case "resume":
      if (state.steps.length > 0) state.status = "running";
      else state.status = "finished";
      return;
    case "pause":
      if (state.status === "running") state.status = "paused";
      return;
    case "next":
      if (step?.kind === "until-loose") {
        loosened(state, step);
        return passOn(state, step.item, library, prep);
      }
      if (step?.reps && isWorkStep(step) && state.into >= toldFrom * step.seconds)
        tryOf(state, step).whole = true;
      return moveTo(state, state.at + 1);
    case "skip":
      return leave(state, "skipped");
    case "longer":
      if (step && !isOpenStep(step))
        state.steps[state.at] = { ...step, seconds: step.seconds + event.seconds };
      return;
    case "loose": {
      const entry = step && entryAt(state, step);
      if (entry) learn(entry, step, soFar(state, step, entry));
      return;
    }
    case "form": {
      const entry = step && entryAt(state, step);
      if (!entry) return;
      entry.form = event.form;
      if (event.seen) entry.seen.push(event.then ? `${event.seen}: ${event.then}` : event.seen);
      return;
    }
    case "plan":
      return relay(state, event.items, library, prep);
    case "pain":
      return hurt(state, event, library);
    // Of one of the group alone: see `members.ts`.
    case "member":
      return;
    case "back":
      return goBack(state, library);
    case "finish":
      for (const entry of state.entries) if (entry.tries.length === 0) entry.ended ??= "skipped";
      return moveTo(state, state.steps.length);
  }
}

/** It has come loose: all of it counts, and how much it took is learned; of two sides the stiffer. */
function loosened(state: Replay, step: Step): void {
  const now = tryOf(state, step);
  const entry = entryAt(state, step)!;
  const took = soFar(state, step, entry);
  now.whole = true;
  now.reps = step.reps === null ? null : took;
  learn(entry, step, took);
  moveTo(state, state.at + 1);
}

/** Writes down when it came loose, of its side too; of two sides the stiffer is the drill's. */
function learn(entry: RunEntry, { side }: Step, looseAt: number): void {
  if (side)
    entry.looseBy = [...entry.looseBy.filter((one) => one.side !== side), { side, looseAt }];
  entry.looseAt = side ? Math.max(...entry.looseBy.map((one) => one.looseAt)) : looseAt;
}

/** No more sets than these are given on. */
const mostGiven = 2;

/**
 * Seconds that an item did not need until it was loose go to the next, as whole sets of it: where it is one that may be
 * stayed in, and for as many as fit.
 */
function passOn(
  state: Replay,
  item: number,
  library: Library,
  prep: Pick<Run["prep"], "handOver">,
): void {
  const next = state.steps[state.at];
  const follower = next && next.item !== item ? state.items[next.item] : undefined;
  const drill = follower && drillOf(library, follower.drillId);
  const was = state.items[item];
  if (!next || !drill || !was) return;
  const usual = secondsOf(
    state.steps.filter((step) => step.item === item && step.kind === "until-loose"),
  );
  const own = state.entries.findLast(({ itemId }) => itemId === was.id);
  const spared = usual - (own ? workedIn(own) : 0);
  if (longestOf(drill, doesOf(drill, rungOf(drill, follower.rungId)).exposes) !== null) return;
  const lasts = (one: PrepItem) => itemSeconds(one.dose, drill, one.sides, one.extra, one.amounts);
  let more = follower;
  let sets = 0;
  for (let wider = oneMore(more); wider && sets < mostGiven; wider = oneMore(more)) {
    if (lasts(wider) - lasts(follower) > spared) break;
    more = wider;
    sets += 1;
  }
  if (sets === 0) return;
  state.given.push({ itemId: more.id, sets, seconds: Math.round(lasts(more) - lasts(follower)) });
  relay(state, withItem(state.items, more), library, prep);
}

/** Repetitions (or seconds) of the present side until now. */
function soFar(state: RunState, step: Step, entry: RunEntry): number {
  const own = entry.tries.filter((one) => one.side === step.side);
  const seconds = own.reduce((sum, one) => sum + one.seconds, 0);
  return entry.dose.type === "reps" ? Math.floor(seconds / entry.dose.tempo) : Math.round(seconds);
}

function moveTo(state: Replay, at: number): void {
  state.at = at;
  state.into = 0;
  if (at >= state.steps.length) state.status = "finished";
}

function leave(state: Replay, how: "skipped" | "stopped"): void {
  const step = state.steps[state.at];
  if (!step) return;
  const entry = entryAt(state, step);
  if (entry) entry.ended = entry.ended === "stopped" ? "stopped" : how;
  const next = state.steps.findIndex(
    (one, i) =>
      i > state.at &&
      (one.item !== step.item || one.kind === "hand-over" || one.kind === "own-set"),
  );
  moveTo(state, next < 0 ? state.steps.length : next);
}

/** Pain ends the drill; where it locks its place it also shuts everything later that loads, stretches or works that place. */
function hurt(state: Replay, event: Extract<RunEvent, { type: "pain" }>, library: Library): void {
  const step = state.steps[state.at];
  const item = step && state.items[step.item];
  if (!item) return;
  const pain = {
    level: event.level,
    place: event.place,
    where: event.where,
    sharp: event.sharp,
    painKind: event.painKind,
  };
  if (event.who) {
    state.others.push({ who: event.who, itemId: item.id, pain });
    return;
  }
  const entry = entryAt(state, step)!;
  entry.pain = entry.pain && entry.pain.level > pain.level ? entry.pain : pain;
  leave(state, "stopped");
  const place = event.where ?? readPlace(event.place);
  const felt = { pain: event.level, kind: event.painKind, sharp: event.sharp, words: event.place };
  if (!shutsBy(felt, place, state.growing)) return;
  const drill = drillOf(library, item.drillId);
  const sites = place
    ? [place.site]
    : drill
      ? [...stressOf(drill, rungOf(drill, item.rungId))]
      : [];
  state.shut.push(...sites.filter((site) => !state.shut.includes(site)));
  shutOut(state, library);
}

/** Takes what is still to come on a shut motion out of the run. */
function shutOut(state: Replay, library: Library): void {
  const out = new Set(
    state.items.flatMap((item, i) => (isShut(item, state.shut, library) ? [i] : [])),
  );
  const later = state.steps
    .slice(state.at)
    .filter(({ item, kind }) => !out.has(item) || kind === "hand-over");
  state.steps = [...state.steps.slice(0, state.at), ...later];
  for (const entry of state.entries)
    if (entry.ended === null && entry.tries.length === 0 && isShut(entry, state.shut, library))
      entry.ended = "skipped";
  if (state.at >= state.steps.length) state.status = "finished";
}

/**
 * To the start of this item, or of the one before when this one has only begun. What was done stays counted: of a
 * set that is done again, the better attempt. Items that pain above the limit has shut are passed over.
 */
function goBack(state: Replay, library: Library): void {
  const present = state.steps[Math.min(state.at, state.steps.length - 1)];
  if (!present) return;
  const begins = state.steps.findIndex((step) => step.item === present.item);
  const since = secondsOf(state.steps.slice(begins, state.at)) + state.into;
  const finished = state.status === "finished";
  const closed = (item: number): boolean => isShut(state.items[item]!, state.shut, library);
  const earlier = [...new Set(state.steps.slice(0, begins).map(({ item }) => item))]
    .reverse()
    .find((item) => !closed(item));
  const stay = (finished || since > backWindow) && !closed(present.item);
  const item = stay ? present.item : (earlier ?? (closed(present.item) ? null : present.item));
  if (item === null) return;
  state.attempt += 1;
  for (const entry of state.entries)
    if (state.items.findIndex(({ id }) => id === entry.itemId) >= item && entry.ended === "skipped")
      entry.ended = null;
  if (finished) state.status = "paused";
  moveTo(
    state,
    state.steps.findIndex((step) => step.item === item),
  );
  shutOut(state, library);
}

/** The plan is another from here on: what was passed stays passed, the present item goes on in its new form. */
function relay(
  state: Replay,
  wanted: readonly PrepItem[],
  library: Library,
  prep: Pick<Run["prep"], "handOver">,
): void {
  const present = state.steps[state.at];
  const was = present && state.items[present.item];
  if (!present || !was) return;
  const passed = state.steps.slice(0, state.at).map(({ item }) => state.items[item]!);
  const items = wanted.filter(
    (one) =>
      !isShut(one, state.shut, library) ||
      passed.some((item) => item.id === one.id && item.drillId === one.drillId),
  );
  const fresh = courseOf(items, library, prep);
  const place = new Map(items.map((item, i) => [item.id, i]));
  const behind = state.steps.slice(0, state.at).flatMap((step) => {
    const item = place.get(state.items[step.item]!.id);
    return item === undefined ? [] : [{ ...step, item }];
  });
  const here = place.get(was.id);
  const resumed =
    here === undefined
      ? { steps: [], keepsTime: false }
      : resumedAt(
          was,
          items[here]!,
          present,
          fresh.filter(({ item }) => item === here),
          library,
        );
  const from = here ?? Math.max(-1, ...behind.map(({ item }) => item));
  state.items = items;
  state.steps = [
    ...behind,
    ...resumed.steps.filter((step) => step.kind !== "hand-over"),
    ...fresh.filter(
      (step) => step.item > from || (step.item === from && step.kind === "hand-over"),
    ),
  ];
  state.at = behind.length;
  if (!resumed.keepsTime) state.into = 0;
  renewEntries(state, fresh);
  const now = state.entries.findLast(({ itemId }) => itemId === was.id);
  if (now && here !== undefined) now.planned = plannedOf(now, resumed.steps);
  shutOut(state, library);
}

/** Seconds of work of an item that was changed in the middle: the sets done before, and what is left. */
const plannedOf = (entry: RunEntry, left: readonly Step[]): number =>
  workIn(left) +
  bestTries(entry)
    .filter(
      (one) =>
        !left.some((step) => isWorkStep(step) && step.side === one.side && step.set === one.set),
    )
    .reduce((sum, { seconds }) => sum + seconds, 0);

/** Entries of the new plan; what was worked on before stays, also of items and rungs that are gone. */
function renewEntries(state: Replay, fresh: readonly Step[]): void {
  const has = (entry: RunEntry, item: PrepItem): boolean =>
    entry.itemId === item.id && entry.drillId === item.drillId && entry.rungId === item.rungId;
  for (const entry of state.entries)
    if (
      (entry.tries.length > 0 || entry.pain || entry.form) &&
      !state.items.some((item) => has(entry, item)) &&
      entry.ended !== "stopped"
    )
      entry.ended = "changed";
  const settled = state.entries.filter(
    (entry) =>
      entry.tries.length > 0 ||
      entry.pain ||
      entry.form ||
      entry.looseAt !== null ||
      entry.ended === "skipped",
  );
  const open = state.items.flatMap((item, index) => {
    const known = settled.findLast((entry) => has(entry, item));
    if (known) {
      known.dose = item.dose;
      known.planned = workIn(fresh.filter((step) => step.item === index));
      if (known.ended === "changed") known.ended = null;
      return [];
    }
    return [entryOf(item, index, fresh)];
  });
  state.entries = [...settled, ...open];
}

/** Whether a run may be thrown away: pain that was said in it has to reach a log, and a hall's run is everybody's. */
export const mayBeDropped = ({ events, hallId }: Pick<Run, "events" | "hallId">): boolean =>
  hallId === undefined && events.every(({ type }) => type !== "pain");
