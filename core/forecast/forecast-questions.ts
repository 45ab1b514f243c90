import type { DemandGap } from "../aim/margin";
import type { Athlete } from "../records/athlete";
import type { Check, Log } from "../records/records";
import { protocolOf, type Library } from "../content/library";
import { daysBetween, mondayOf, plusDays, type DayText } from "../dates/days";
import type { ForecastQuestion } from "./forecast-answer";
import { beyond } from "./forecast-answer";
import { priorOf, type ForecastPrior } from "../content/motion-prior";
import { motionRecord } from "./motion-record";
import { isAway } from "../schedule/block";
import { counted, type Season } from "../records/training";
import { median } from "simple-statistics";

export type ForecastScene = {
  gaps: readonly DemandGap[];
  athlete: Athlete;
  checks: readonly Check[];
  logs: readonly Log[];
  library: Library;
  season: Season | null;
  /** The day that is looked from. */
  on: DayText;
  by: DayText;
  /** Seconds a week instead of the usual dose, by motion; and what all doses are multiplied by. */
  dose?: ReadonlyMap<string, number>;
  /** Turns the planned dose of every motion up or down: 1 is as planned. */
  times?: number;
};

/** Weeks of work that the usual dose is taken from. */
const usualWeeks = 6;
/** Seconds a week that are assumed where a motion was never worked on. A working figure. */
const assumed = 240;

/** A question for every side of every demand that was measured; `usual` is its dose of a full week, seconds. */
export type AskedDemand = ForecastQuestion & {
  gap: DemandGap;
  usual: number;
  assumed: boolean;
  prior: ForecastPrior;
};

/**
 * What a forecast is asked about the demands of an aim. The dose to come is the usual one of the weeks that were
 * worked, by what the season plans for each week: a lighter week less, a week away none.
 */
export function forecastQuestions(scene: ForecastScene): AskedDemand[] {
  const { gaps, athlete, checks, logs, library, on, by } = scene;
  return gaps.flatMap((gap): AskedDemand[] => {
    const protocol = gap.protocolId ? protocolOf(library, gap.protocolId) : undefined;
    if (!protocol) return [];
    return gap.sides.flatMap(({ side, asked, have }): AskedDemand[] => {
      const { motion, mode } = gap.demand;
      // Without an angle the reading and the need are of different units.
      const record =
        asked && have
          ? motionRecord({ athlete, checks, logs, library, protocol, motion, side, on, mode })
          : null;
      if (!record) return [];
      const worked = record.doses
        .map((dose, week) => ({ dose, monday: plusDays(record.start, 7 * week) }))
        .filter(({ monday }) => monday < mondayOf(on) && !mostlyAway(athlete, monday))
        .slice(-usualWeeks)
        .map(({ dose }) => dose);
      const known = worked.reduce((sum, dose) => sum + dose, 0) / Math.max(1, worked.length);
      const never = known === 0;
      const usual = (scene.dose?.get(motion) ?? (never ? assumed : known)) * (scene.times ?? 1);
      const week = daysBetween(record.start, by) / 7;
      const many = Math.max(0, Math.ceil(week) + beyond + 1 - record.doses.length);
      const next = plusDays(mondayOf(on), 7);
      const doing = record.doses.at(-1)!;
      const present = Math.max(doing, usual * weekShare(scene.season, athlete, mondayOf(on)));
      return [
        {
          key: `${motion}/${side}/${mode}`,
          motion,
          side,
          need: gap.need,
          start: record.start,
          seen: record.seen,
          done: record.doses.slice(0, -1),
          planned: [
            present,
            ...Array.from(
              { length: many },
              (_, n) => usual * weekShare(scene.season, athlete, plusDays(next, 7 * n)),
            ),
          ],
          by: week,
          prior: priorOf(library.priors, motion),
          gap,
          usual,
          assumed: never && !scene.dose?.has(motion),
        },
      ];
    });
  });
}

const mostlyAway = ({ absences }: Athlete, monday: DayText): boolean =>
  [0, 1, 2, 3, 4, 5, 6].filter((day) => isAway(absences, plusDays(monday, day))).length >= 4;

/**
 * How much of a full week a week to come holds, 0–1: its minutes of preps against those of a usual week of the block;
 * without a plan a whole one, less the days away.
 */
export function weekShare(season: Season | null, athlete: Athlete, monday: DayText): number {
  const here =
    [0, 1, 2, 3, 4, 5, 6].filter((day) => !isAway(athlete.absences, plusDays(monday, day))).length /
    7;
  if (!season) return here;
  const minutes = minutesByWeek(season);
  const usual = minutes.size > 0 ? median([...minutes.values()]) : 0;
  const own = minutes.get(monday);
  return own === undefined || usual === 0 ? here : Math.min(1.25, own / usual);
}

const counts = new WeakMap<Season, Map<DayText, number>>();

/** Minutes of preps in each week that the plan has, today's and later weeks. */
function minutesByWeek(season: Season): Map<DayText, number> {
  const known = counts.get(season);
  if (known) return known;
  const minutes = new Map<DayText, number>();
  for (const { on, kind, minutes: long } of season.slots)
    if (counted(kind)) minutes.set(mondayOf(on), (minutes.get(mondayOf(on)) ?? 0) + long);
  counts.set(season, minutes);
  return minutes;
}
