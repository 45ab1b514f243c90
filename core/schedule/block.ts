import type { Absence } from "../records/athlete";
import type { Aim, Log } from "../records/records";
import { daysBetween, mondayOf, plusDays, type DayText } from "../dates/days";
import type { Season, Training } from "../records/training";

/** What a week of the block works toward: more range, strength in it, the skill itself. */
export type Emphasis = "open" | "own" | "use";

/** Shares of the block's weeks that each emphasis takes, in order. Working figures. */
const emphases: readonly (readonly [Emphasis, until: number])[] = [
  ["open", 0.4],
  ["own", 0.75],
  ["use", 1],
];

/** The emphasis of a week of the block. @example emphasisOf(0, 8) // "open"; (5, 8) "own"; (7, 8) "use" */
export const emphasisOf = (index: number, weeks: number): Emphasis =>
  emphases.find(([, until]) => (index + 0.5) / weeks < until)?.[0] ?? "use";

/** Days before a show in which no new rung is taken, and in which nothing is held long. */
export const noNewRung = 7;
export const noLongHold = 2;

/** So many days away or ill in a week, and the next one begins lower. */
const brokenWeek = 4;

/** What the season is reckoned from beside its own record. */
export type SeasonAround = {
  season: Season;
  absences: readonly Absence[];
  /** Open aims: their dates are days on which the skill is shown. */
  aims: readonly Pick<Aim, "id" | "by">[];
  logs: readonly Pick<Log, "on">[];
  today: DayText;
};

/** The trainings of a week: its own where it differs. */
export const trainingsOf = (season: Season, monday: DayText): readonly Training[] =>
  season.others.find((other) => other.monday === monday)?.trainings ?? season.usual;

/** The trainings of a day, the earliest first. */
export function trainingsOn(season: Season, day: DayText): Training[] {
  const monday = mondayOf(day);
  const weekday = daysBetween(monday, day);
  return trainingsOf(season, monday)
    .filter((training) => training.weekday === weekday)
    .sort((a, b) => a.starts.localeCompare(b.starts));
}

export const isAway = (absences: readonly Absence[], day: DayText): boolean =>
  absences.some(({ from, to }) => from <= day && day <= to);

/** The Mondays of the block, in order. */
export const blockMondays = ({ since, weeks }: Pick<Season, "since" | "weeks">): DayText[] =>
  Array.from({ length: weeks }, (_, i) => plusDays(since, 7 * i));

/** The last day of the block. */
export const blockEnd = (season: Pick<Season, "since" | "weeks">): DayText =>
  plusDays(season.since, 7 * season.weeks - 1);

/** The days on which something is shown: shows of the training weeks, and the dates of the aims. */
export function showDays({ season, aims }: Pick<SeasonAround, "season" | "aims">): DayText[] {
  const days = blockMondays(season).flatMap((monday) =>
    trainingsOf(season, monday)
      .filter(({ kind }) => kind === "show")
      .map(({ weekday }) => plusDays(monday, weekday)),
  );
  return [...new Set([...days, ...aims.map(({ by }) => by)])].sort();
}

/** Days from a day to the next show, that day counted as 0; null when none is ahead. */
export function daysToShow(day: DayText, shows: readonly DayText[]): number | null {
  const next = shows.find((show) => show >= day);
  return next ? daysBetween(day, next) : null;
}

/** What a week of the block is, and why. */
export type WeekTerms = {
  monday: DayText;
  /** Counted from 0; null outside the block. */
  index: number | null;
  emphasis: Emphasis;
  lighter: boolean;
  /** Before it a week was ill, away or empty: it begins lower. */
  restart: boolean;
  /** The first show within the seven days after some day of this week; null when none. */
  taper: DayText | null;
  /** Days of it on which the athlete is there. */
  days: number;
};

/** The terms of a week. */
export function weekTerms(around: SeasonAround, monday: DayText): WeekTerms {
  const { season, absences } = around;
  const at = Math.round(daysBetween(season.since, monday) / 7);
  const index = at >= 0 && at < season.weeks ? at : null;
  const shows = showDays(around);
  const taper =
    shows.find((show) => show >= monday && daysBetween(monday, show) < noNewRung + 6) ?? null;
  const here = (first: DayText): number =>
    Array.from({ length: 7 }, (_, i) => plusDays(first, i)).filter((day) => !isAway(absences, day))
      .length;
  const every = season.lighterEvery;
  return {
    monday,
    index,
    emphasis: emphasisOf(Math.max(0, Math.min(season.weeks - 1, at)), season.weeks),
    lighter:
      season.lighter.includes(monday) || (every > 0 && index !== null && (at + 1) % every === 0),
    restart: isBroken(around, plusDays(monday, -7)),
    taper,
    days: here(monday),
  };
}

/** The terms of the week that a day lies in. */
export const mondayTerms = (around: SeasonAround, day: DayText): WeekTerms =>
  weekTerms(around, mondayOf(day));

/** A week that was ill or away for most of it, or that is past and has nothing in the log though work had begun. */
function isBroken({ season, absences, logs, today }: SeasonAround, monday: DayText): boolean {
  const days = Array.from({ length: 7 }, (_, i) => plusDays(monday, i));
  if (days.filter((day) => isAway(absences, day)).length >= brokenWeek) return true;
  const sunday = days[6]!;
  const begun = logs.some(({ on }) => on < monday);
  return (
    begun &&
    sunday < today &&
    monday >= season.since &&
    !logs.some(({ on }) => on >= monday && on <= sunday)
  );
}

/** How much of the usual a week takes, 0–1: a lighter or a first week back half the sessions, at two thirds. */
export const eased = ({ lighter, restart }: Pick<WeekTerms, "lighter" | "restart">): boolean =>
  lighter || restart;

/** The Monday of a block that ends with the aim: so many whole weeks as lie between, four at least, sixteen at most. */
export function blockFor(today: DayText, by: DayText | null): Pick<Season, "since" | "weeks"> {
  const since = mondayOf(today);
  const wanted = by ? Math.floor(daysBetween(since, by) / 7) + 1 : 8;
  return { since, weeks: Math.max(4, Math.min(16, wanted)) };
}
