import type { Dose } from "../drill/dose";
import type { LeftRight } from "../body/side";
import type { Form, PainKind, PrepItem } from "../records/records";
import type { BodyPlace, SiteId } from "../body/sites";
import type { Step } from "../prep/timeline";

/** One set as it went: again after "back" it is another attempt, and the better one counts. */
export type SetTried = {
  side: LeftRight | null;
  set: number;
  attempt: number;
  seconds: number;
  /** Repetitions that were planned of it; null where it goes by time. */
  reps: number | null;
  /** It ran to its end, or somebody said "done" before the clock did: all repetitions count. */
  whole: boolean;
};

/** How one drill at one rung went. A change of rung on the floor begins another entry of the same item. */
export type RunEntry = {
  itemId: string;
  drillId: string;
  rungId: string;
  dose: Dose;
  sides: readonly LeftRight[];
  tries: SetTried[];
  /** Seconds of work planned, rests and set-up not counted. */
  planned: number;
  ended: "skipped" | "stopped" | "changed" | null;
  pain: {
    level: number;
    place: string;
    where: BodyPlace | null;
    sharp: boolean;
    painKind: PainKind | null;
  } | null;
  form: Form | null;
  seen: string[];
  looseAt: number | null;
  /** The same of each side that was told. */
  looseBy: { side: LeftRight; looseAt: number }[];
};

/** What is on the screen at a moment. Everything follows from the prep, the events and the time. */
export type RunState = {
  status: "ready" | "running" | "paused" | "finished";
  /** The plan as it stands now. */
  items: readonly PrepItem[];
  /** What was passed and what is to come; `item` of a step is its place in `items`. */
  steps: readonly Step[];
  /** Index of the present step; steps.length when finished. */
  at: number;
  /** Seconds into the present step. */
  into: number;
  /** Seconds left in the whole prep; own work sets, whose length nobody knows, count nothing. */
  left: number;
  entries: RunEntry[];
  /** Where the wall time since the start went, seconds. Their sum is the time since the start. */
  time: { work: number; between: number; paused: number };
  /** Places that pain has shut for the rest of this run. */
  shut: SiteId[];
  /** Sets that a drill got more, in the time that those before it did not need. */
  given: { itemId: string; sets: number; seconds: number }[];
  /** Pain of others who run along, by athlete. */
  others: { who: string; itemId: string; pain: NonNullable<RunEntry["pain"]> }[];
};

export const isWorkStep = (step: Step): boolean =>
  step.kind === "work" ||
  step.kind === "contract" ||
  step.kind === "deepen" ||
  step.kind === "on-the-way" ||
  step.kind === "until-loose";

/** As long as it takes: a run waits in it until it is told to go on. */
export const isOpenStep = ({ kind }: Pick<Step, "kind">): boolean =>
  kind === "own-set" || kind === "on-the-way" || kind === "until-loose";

/** The entry that the present step belongs to: the last one of its item. */
export const entryAt = (state: RunState, step: Step): RunEntry | undefined => {
  const item = state.items[step.item];
  return item && state.entries.findLast(({ itemId }) => itemId === item.id);
};

/** Seconds of work done in an entry, each set once. */
export const workedIn = (entry: RunEntry): number =>
  bestTries(entry).reduce((sum, { seconds }) => sum + seconds, 0);

/** Of every set its best attempt, in the order in which they were begun. */
export function bestTries(entry: RunEntry): SetTried[] {
  const best = new Map<string, SetTried>();
  for (const one of entry.tries) {
    const key = `${one.side}/${one.set}`;
    const known = best.get(key);
    const more = known ? isCountedStep(entry, one) - isCountedStep(entry, known) : 1;
    // Of two that count the same the later one stands, but a whole set is never given up for one that is not.
    if (more > 0 || (more === 0 && (one.whole || !known!.whole))) best.set(key, one);
  }
  return [...best.values()];
}

/** What an attempt counts: repetitions where it is counted, else seconds. */
export function isCountedStep({ dose }: RunEntry, one: SetTried): number {
  if (one.reps === null) return one.seconds;
  if (one.whole) return one.reps;
  const tempo = dose.type === "reps" ? dose.tempo : 1;
  return Math.min(one.reps, Math.floor((one.seconds + 1e-6) / tempo));
}
