import type { Athlete } from "../exchange/athlete";
import type { Aim, Check, Log, Prep } from "../exchange/records";
import { daysBetween, mondayOf, plusDays, type DayText } from "./days";

export type History = {
  athlete: Athlete;
  aims: readonly Aim[];
  checks: readonly Check[];
  preps: readonly Prep[];
  logs: readonly Log[];
};

/** How a planned prep came out. `open` is planned for today or later. */
export type PrepOutcome = "done" | "partly" | "missed" | "open" | "away";

export type PrepMark = {
  prepId: string | null;
  outcome: PrepOutcome;
  minutes: number;
  stopped: boolean;
};

/** Everything the tape shows of a day. */
export type DayMark = {
  day: DayText;
  preps: PrepMark[];
  checks: number;
  aims: Aim[];
  absence: Athlete["absences"][number] | null;
};

/**
 * A log counts as done when no more than a tenth of its drills were left out or cut. A drill that was begun on one
 * rung and done on another was done.
 */
export function outcomeOf(log: Log): "done" | "partly" {
  const drills = new Set(log.items.map(({ drillId }) => drillId));
  const done = new Set(
    log.items.filter((item) => item.done === "done").map(({ drillId }) => drillId),
  );
  return drills.size - done.size > drills.size / 10 ? "partly" : "done";
}

/** The marks of each day in a span, both ends included. */
export function dayMarks(history: History, from: DayText, to: DayText, today: DayText): DayMark[] {
  const { athlete, aims, checks, preps, logs } = history;
  const planned = groupBy(preps, (prep) => prep.on);
  const logged = groupBy(logs, (log) => log.on);
  const checked = groupBy(checks, (check) => check.on);
  return Array.from({ length: daysBetween(from, to) + 1 }, (_, i) => {
    const day = plusDays(from, i);
    const absence = athlete.absences.find((a) => a.from <= day && day <= a.to) ?? null;
    const mark = (minutes: number, log: Log | undefined, prep: Prep | null): PrepMark => ({
      prepId: prep?.id ?? null,
      outcome: log ? outcomeOf(log) : absence ? "away" : day >= today ? "open" : "missed",
      minutes: log?.minutes ?? minutes,
      stopped: log?.items.some((item) => item.done === "stopped") ?? false,
    });
    const dayLogs = logged.get(day) ?? [];
    const dayPreps = planned.get(day) ?? [];
    const own = dayPreps.map((prep) =>
      mark(
        prep.budget / 60,
        logs.find((log) => log.prepId === prep.id),
        prep,
      ),
    );
    const extra = dayLogs
      .filter((log) => !preps.some((prep) => prep.id === log.prepId))
      .map((log) => mark(log.minutes, log, null));
    return {
      day,
      preps: [...own, ...extra],
      checks: checked.get(day)?.length ?? 0,
      aims: aims.filter((aim) => aim.by === day && !aim.closedOn),
      absence,
    };
  });
}

export type WeekSummary = {
  monday: DayText;
  planned: number;
  done: number;
  partly: number;
  missed: number;
  open: number;
  minutes: number;
  checks: number;
  stops: number;
  absence: Athlete["absences"][number]["reason"] | null;
};

/** Adherence by week: planned, done, partly done, missed, minutes on the floor. */
export function weekSummaries(
  history: History,
  from: DayText,
  to: DayText,
  today: DayText,
): WeekSummary[] {
  const weeks = new Map<DayText, WeekSummary>();
  for (const mark of dayMarks(history, mondayOf(from), to, today)) {
    const monday = mondayOf(mark.day);
    const week = weeks.get(monday) ?? {
      monday,
      planned: 0,
      done: 0,
      partly: 0,
      missed: 0,
      open: 0,
      minutes: 0,
      checks: 0,
      stops: 0,
      absence: null,
    };
    for (const prep of mark.preps) {
      week.planned += prep.prepId ? 1 : 0;
      if (
        prep.outcome === "done" ||
        prep.outcome === "partly" ||
        prep.outcome === "missed" ||
        prep.outcome === "open"
      )
        week[prep.outcome] += 1;
      if (prep.outcome === "done" || prep.outcome === "partly") week.minutes += prep.minutes;
      week.stops += prep.stopped ? 1 : 0;
    }
    week.checks += mark.checks;
    week.absence ??= mark.absence?.reason ?? null;
    weeks.set(monday, week);
  }
  return [...weeks.values()];
}

function groupBy<T>(list: readonly T[], key: (item: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const item of list) groups.set(key(item), [...(groups.get(key(item)) ?? []), item]);
  return groups;
}
