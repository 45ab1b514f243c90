import type { Dose } from "../drill/dose";
import type { Library } from "../content/library";
import type { PrepItem } from "../records/records";
import { benefit, benefitPieces } from "./benefit";
import type { Eligible, PlanTerms } from "./eligible";

/** One dose of a candidate: what it takes and what it gives to each cell, seconds. */
export type Level = { dose: Dose; seconds: number; feeds: { cell: number; seconds: number }[] };

/** A drill that may stand at one place of the prep, with every dose it may have. */
export type Option = Eligible & { levels: Level[]; group: number | null; cost: number };

/**
 * Choosing drills as a programme over plain numbers: both the instant search and the solver work on it.
 * `options` are in the order in which they will stand. Times are whole seconds. Changes of place are counted
 * a little high (once for every group of drills done in one position, and for every drill that fetches kit),
 * so that what the model says fits, fits.
 */
export type Model = {
  options: Option[];
  budget: number;
  /** What a second on a motion in a phase is worth, and the seconds already given by fixed items. */
  cells: { weight: number; already: number }[];
  /** Obligations: paid for each of these that is chosen, up to so many. */
  covers: Cover[];
  /** The first only with one of the others. */
  needsOne: { option: number; anyOf: number[] }[];
  /** Never both. */
  clashes: (readonly [number, number])[];
  /** A change of position, paid once for a group: its seconds, and what the getting up and down is worth to avoid. */
  groups: { seconds: number; cost: number }[];
  /** Segments that may take only so much of the minutes. */
  atMost: { members: number[]; seconds: number }[];
  /** Segments that hold only so many drills. */
  counts: { members: number[]; most: number }[];
};

/** What must be in a prep: so many of these options, and what each of them is worth up to then. */
export type Cover = { bonus: number; by: number[]; name: string; upTo: number };

/** Which level of each option is chosen; 0 is none, 1 the lightest. */
export type ModelChoice = number[];

export type ModelTerms = PlanTerms & {
  library: Library;
  budget: number;
  /** The minutes of the whole prep: what a segment's share is a share of. */
  whole: number;
  fixed: readonly PrepItem[];
  /** The aim puts weight on the hands: the wrists are prepared whatever else is chosen. */
  loadsHands: boolean;
  /** Drills of the last preps, the latest first: others are preferred a little. */
  recent: readonly (readonly string[])[];
  /** How many times the usual the planner pays to do something else than last time. */
  variety?: number;
};

export const indexes = (options: readonly Option[], test: (option: Option) => boolean): number[] =>
  options.flatMap((option, i) => (test(option) ? [i] : []));

/** The positions that a choice goes to. */
const groupsOf = (options: readonly Option[], choice: ModelChoice): ReadonlySet<number> =>
  new Set(options.flatMap(({ group }, i) => (choice[i]! > 0 && group !== null ? [group] : [])));

/** Seconds that a choice takes in the model: a little more than it really does. */
export function secondsOfChoice({ options, groups }: Model, choice: ModelChoice): number {
  let sum = 0;
  choice.forEach((level, i) => {
    if (level > 0) sum += options[i]!.levels[level - 1]!.seconds;
  });
  for (const group of groupsOf(options, choice)) sum += groups[group]!.seconds;
  return sum;
}

/** Σ need × benefit of the seconds on each motion and phase, and what is paid for obligations met. */
export function valueOfChoice(
  { options, cells, covers, groups }: Model,
  choice: ModelChoice,
): number {
  const seconds = cells.map(({ already }) => already);
  let value = 0;
  for (const group of groupsOf(options, choice)) value -= groups[group]!.cost;
  choice.forEach((level, i) => {
    if (level === 0) return;
    value -= options[i]!.cost;
    for (const feed of options[i]!.levels[level - 1]!.feeds) seconds[feed.cell]! += feed.seconds;
  });
  cells.forEach(({ weight, already }, cell) => {
    value += weight * (benefit(seconds[cell]!) - benefit(already));
  });
  for (const { bonus, by, upTo } of covers)
    value += bonus * Math.min(upTo, by.filter((i) => choice[i]! > 0).length);
  return value;
}

/** The pieces of a cell's benefit that are left above what fixed items already give. */
export function piecesAbove(already: number): { seconds: number; rate: number }[] {
  let from = 0;
  return benefitPieces.flatMap(([length, rate]) => {
    const left = Math.max(0, from + length - Math.max(from, already));
    from += length;
    return left > 0 ? [{ seconds: left, rate }] : [];
  });
}
