import { setsOf, type Dose } from "../drill/dose";
import type { Drill } from "../drill/drill";
import type { Format } from "../content/format";
import { longestHard, stillSeconds } from "./stays";

/** Most sets of one drill, by the kind of session. */
const mostSets = (drill: Drill, format: Format): number =>
  format.doses === "mobility" ? 5 : drill.phase === "open" ? 2 : 4;
/** What no stay may be made of (see `stays.ts`) is not done in more sets than this either. */
const mostHardSets = 3;
const longestBox = 120;
const boxStep = 15;
const mostRounds = 4;
const longestStay = 300;
const stayStep = 60;
/** Stays are counted in these steps where one set is already a long one. */
const isStay = (dose: Dose): boolean =>
  dose.type === "hold" && dose.sets === 1 && dose.seconds >= 90;

/** The least of a drill that is worth setting up for: one set, two rounds. */
export const lightest = (dose: Dose): Dose =>
  dose.type === "contract-relax"
    ? { ...dose, rounds: Math.min(2, dose.rounds) }
    : { ...dose, sets: 1 };

/** One set, round or quarter minute more, up to the session's limit; null at the limit. */
export function heavier(dose: Dose, drill: Drill, format: Format): Dose | null {
  if (drill.phase === "raise" || drill.phase === "settle") return null;
  if (dose.type === "contract-relax")
    return dose.rounds < mostRounds ? { ...dose, rounds: dose.rounds + 1 } : null;
  if (dose.type === "time" && dose.sets === 1)
    return dose.seconds < longestBox ? { ...dose, seconds: dose.seconds + boxStep } : null;
  if (isStay(dose) && dose.type === "hold")
    return dose.seconds < longestStay ? { ...dose, seconds: dose.seconds + stayStep } : null;
  return dose.sets < mostSets(drill, format)
    ? { ...dose, sets: dose.sets + 1, rest: Math.max(dose.rest, 5) }
    : null;
}

/** Every dose the planner may give, the lightest first. @param longest no stay longer than this, seconds */
export function ladderOf(
  dose: Dose,
  drill: Drill,
  format: Format,
  longest: number | null = null,
): Dose[] {
  const all: Dose[] = [];
  const sets = longest !== null && longest <= longestHard ? mostHardSets : Infinity;
  for (let next: Dose | null = lightest(dose); next; next = heavier(next, drill, format))
    if (
      all.length === 0 ||
      ((longest === null || stillSeconds(drill, next) <= longest) && setsOf(next) <= sets)
    )
      all.push(next);
    else break;
  return all;
}
