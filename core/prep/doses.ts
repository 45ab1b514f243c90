import { setsOf, type Dose } from "../drill/dose";
import type { Drill } from "../drill/drill";
import { naturalSeconds } from "../drill/natural";
import type { Format } from "../content/format";
import { longestHard, stillSeconds } from "./stays";

/** Sets that are usual: before training one of many things, in a session of its own up to three. */
const usual = { "warm-up": 1, mobility: 3 } as const;
/** A complaint is given two of the same. */
const usualForComplaint = 2;
/** Before training a drill is done once more at most, unless the library's own dose says more. */
const most = { "warm-up": 2, mobility: 3 } as const;
/** A complaint is given many repetitions. */
const mostForComplaint = 3;
/** What no stay may be made of (see `stays.ts`) is not done in more sets than this either. */
const mostHardSets = 3;
const mostRounds = 4;
/** In a session of its own one go of it lasts no longer than this, seconds; a stay of the long school for longer. */
const longest = { box: 90, stay: 300 } as const;
/** Stays are counted in these steps where one set is already a long one. */
const isStay = (dose: Dose): boolean =>
  dose.type === "hold" && dose.sets === 1 && dose.seconds >= 90;

/** The least of a drill that is worth setting up for: one set, two rounds. */
export const lightest = (dose: Dose): Dose =>
  dose.type === "contract-relax"
    ? { ...dose, rounds: Math.min(2, dose.rounds) }
    : { ...dose, sets: 1 };

/** How many sets of a drill count in full. */
export const usualSets = (dose: Dose, format: Format): number =>
  format.kind === "issue" ? usualForComplaint : Math.min(usual[format.doses], setsOf(dose));

/** In a session of its own, where there is time, a drill that has two sets is not done in one. */
const leastSets = 2;
const timeForSets = 1500;

/** The doses of a ladder that are worth it in so many seconds: no single sets where two are usual. */
export function worthDoing(
  ladder: readonly Dose[],
  own: Dose,
  format: Format,
  whole: number,
): Dose[] {
  const least = Math.min(leastSets, setsOf(own));
  const enough = ladder.filter((dose) => setsOf(dose) >= least);
  return format.kind === "mobility" && whole >= timeForSets && enough.length > 0
    ? enough
    : [...ladder];
}

/** One set or round more, or the next time that people say, up to the session's limit; null at the limit. @param own sets of the library's own dose */
export function heavier(dose: Dose, drill: Drill, format: Format, own: number): Dose | null {
  if (drill.phase === "raise" || drill.phase === "settle") return null;
  if (dose.type === "contract-relax")
    return dose.rounds < mostRounds ? { ...dose, rounds: dose.rounds + 1 } : null;
  if (dose.type === "time" && dose.sets === 1)
    return format.doses === "mobility" ? longer(dose, longest.box) : null;
  if (isStay(dose) && dose.type === "hold") return longer(dose, longest.stay);
  const limit =
    drill.kind === "circles" ? 2 : format.kind === "issue" ? mostForComplaint : most[format.doses];
  return dose.sets < Math.max(own, limit)
    ? { ...dose, sets: dose.sets + 1, rest: Math.max(dose.rest, 5) }
    : null;
}

function longer<Of extends Dose & { seconds: number }>(dose: Of, to: number): Of | null {
  const seconds = naturalSeconds.find((one) => one > dose.seconds);
  return seconds !== undefined && seconds <= to ? { ...dose, seconds } : null;
}

/** Every dose the planner may give, the lightest first. @param longest no stay longer than this, seconds */
export function ladderOf(
  dose: Dose,
  drill: Drill,
  format: Format,
  limit: number | null = null,
): Dose[] {
  const all: Dose[] = [];
  const own = setsOf(dose);
  const sets = limit !== null && limit <= longestHard ? mostHardSets : Infinity;
  for (let next: Dose | null = lightest(dose); next; next = heavier(next, drill, format, own))
    if (
      all.length === 0 ||
      ((limit === null || stillSeconds(drill, next) <= limit) && setsOf(next) <= sets)
    )
      all.push(next);
    else break;
  return all;
}
