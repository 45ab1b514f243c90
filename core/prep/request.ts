import { lastLoads } from "../progress/last-load";
import type { Need } from "../aim/priority";
import { sportRows, sportsIn } from "../body/sports";
import type { Athlete } from "../records/athlete";
import type { DayNote, Log, Place, Prep } from "../records/records";
import { skillOf, type Library } from "../content/library";
import { daysBetween } from "../dates/days";
import { looseAtMedians } from "../progress/loose-at";
import { nextSteps } from "../progress/next-step";
import { tenderJoints } from "../progress/soreness";
import type { BodyToday } from "../safety/body-today";
import { noSeason, type PrepTerms } from "../schedule/prep-terms";
import { restedMotions } from "../doses/stretch-days";
import { unlikeLast, variantsIn } from "./variants-in";
import { formatBy } from "./format-by";
import { formatFor } from "./format-for";
import type { PlanRequest } from "./plan";
import { schoolsFor, type Advice, type SomeSchools } from "../content/schools";

/** Asked for another variant, or for a week of them, the planner pays this much more for what was not done last time. */
export const anotherVariant = 6;

/** Turns of what goes by the clock are counted from here. */
const firstDay = "2020-01-01";

export type Circumstances = {
  prep: Prep;
  athlete: Athlete;
  library: Library;
  needs: readonly Need[];
  skills: readonly string[];
  place: Place | null;
  body: BodyToday;
  logs: readonly Log[];
  days: readonly DayNote[];
  preps: readonly Prep[];
  /** The coach's own ways of working. */
  coach: SomeSchools;
  /** Advice that the coach has set aside. */
  aside?: readonly Advice[];
  /** What the season says of the day; see `prepTerms`. */
  terms?: PrepTerms;
};

/** What the planner needs to know of a prep, its athlete and what was done before. */
export function requestFor(all: Circumstances): PlanRequest {
  const { prep, athlete, library, needs, skills, place, body, logs, days, preps, coach } = all;
  const terms = all.terms ?? noSeason;
  const schools = schoolsFor(coach, athlete.schools);
  return {
    format: formatBy(formatFor(library, prep), schools),
    budget: prep.budget,
    handOver: prep.handOver,
    alreadyWarm: prep.alreadyWarm,
    library,
    kept: prep.items.filter((item) => item.pinned),
    needs,
    skills,
    place,
    body,
    experience: { years: athlete.years, sports: sportsIn(athlete.discipline) },
    dropped: prep.dropped,
    nextSteps: nextSteps(library, logs, {
      on: prep.on,
      days,
      chosen: athlete.nextChosen,
      noNewRung: terms.noNewRung,
      growing: body.growing,
      weights: place?.weights ?? [],
    }),
    lastLoads: lastLoads(logs, prep.on),
    emphasis: terms.emphasis,
    noLongHold: terms.noLongHold,
    tender: tenderJoints(days, logs, library, prep.on),
    schools,
    aside: all.aside ?? [],
    flagged: prep.flagged,
    dominant: athlete.dominantSide,
    rested:
      schools.often === "daily" || terms.noLongHold
        ? needs.map(({ motion }) => motion)
        : [...new Set([...restedMotions(logs, library, prep.on), ...terms.spared])],
    looseAt: looseAtMedians(logs, prep.on),
    loadsHands:
      (formatFor(library, prep).kind === "warm-up" && handsLoaded(athlete.discipline)) ||
      skills.some((id) =>
        skillOf(library, id)?.demands.some(
          ({ motion, loaded }) => loaded && motion.startsWith("wrist."),
        ),
      ),
    recent: recentSets(prep, preps),
    turn: prep.turn + daysBetween(firstDay, prep.on),
    variety: prep.turn > 0 ? anotherVariant : 1,
    clocked: prep.clocked,
    gaps: prep.gaps,
    ramp: prep.ramp,
  };
}

/** Whether a sport loads the hands in every training. */
const handsLoaded = (discipline: string): boolean =>
  sportsIn(discipline).some((id) => sportRows[id].hands);

/** Drills and variants of the preps before this one, the latest first; another turn puts its own first. */
function recentSets(prep: Prep, preps: readonly Prep[]): string[][] {
  const before = preps
    .filter(({ id, on }) => id !== prep.id && on <= prep.on)
    .sort((a, b) => b.on.localeCompare(a.on))
    .slice(0, unlikeLast);
  const own = prep.turn > 0 ? [prep] : [];
  return [...own, ...before].map(({ items }) => [
    ...new Set([...items.map(({ drillId }) => drillId), ...variantsIn(items)]),
  ]);
}
