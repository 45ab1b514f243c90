import type { Step } from "../prep/timeline";
import { isOpenStep, isWorkStep, type RunState } from "./state";

/** What is to be heard: at the start of a step, counting in, half-way. `begin` is the moment that work begins. */
export type CueKind =
  | "begin"
  | "deepen"
  | "rest"
  | "side"
  | "place"
  | "own-set"
  | "on-the-way"
  | "breath"
  | "hand-over"
  | "count"
  | "half"
  | "end";
export type Cue = {
  kind: CueKind;
  /** Seconds into its step. */ at: number;
  /** 3, 2, 1 for a count. */ count?: number;
};

/** Work of fewer seconds has no half-way. */
const longEnough = 20;
const countIn = 3;

const enters: Record<Step["kind"], CueKind> = {
  work: "begin",
  contract: "begin",
  deepen: "deepen",
  rest: "rest",
  "side-change": "side",
  transition: "place",
  "set-up": "place",
  "own-set": "own-set",
  "on-the-way": "on-the-way",
  "until-loose": "begin",
  breath: "breath",
  "hand-over": "hand-over",
};

/**
 * The cues of a step, by their seconds: what it is when it begins; half-way through long work; and three, two, one
 * before work begins.
 * @param next the step that follows; none at the end
 */
export function cuesOf(step: Step, next: Step | undefined): Cue[] {
  const cues: Cue[] = [{ kind: enters[step.kind], at: 0 }];
  if (step.kind === "work" && step.seconds >= longEnough)
    cues.push({ kind: "half", at: step.seconds / 2 });
  if (next && isWorkStep(next) && !isWorkStep(step) && !isOpenStep(step))
    for (let n = countIn; n >= 1; n -= 1)
      if (step.seconds > n) cues.push({ kind: "count", at: step.seconds - n, count: n });
  return cues;
}

/** Cues older than this when they are noticed are not played: after a sleep nothing is caught up. */
const stale = 1.2;

/** The cues that fall due between two looks at a run; the end once. */
export function cuesDue(
  before: Pick<RunState, "at" | "into" | "status"> | null,
  now: Pick<RunState, "at" | "into" | "status" | "steps">,
): Cue[] {
  if (now.status === "finished")
    return before && before.status !== "finished" ? [{ kind: "end", at: 0 }] : [];
  const step = now.steps[now.at];
  if (!step || now.status !== "running") return [];
  const from = before && before.at === now.at ? before.into : -1;
  return cuesOf(step, now.steps[now.at + 1]).filter(
    ({ at }) => at > from && at <= now.into && now.into - at <= stale,
  );
}

/** Seconds until the next cue or change of step: when to look again, so that a tone is on time. */
export function nextDue({ steps, at, into }: Pick<RunState, "steps" | "at" | "into">): number {
  const step = steps[at];
  if (!step || isOpenStep(step)) return Infinity;
  const times = [...cuesOf(step, steps[at + 1]).map((cue) => cue.at), step.seconds];
  return Math.min(...times.filter((time) => time > into + 1e-6)) - into;
}
