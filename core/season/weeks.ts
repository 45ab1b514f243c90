import type { Athlete } from "../records/athlete";
import type { Aim, Check, Log, Prep } from "../records/records";
import { groupBy } from "../stats/group-by";
import { counted, type Season, type Slot } from "../records/training";
import { daysBetween, mondayOf, plusDays, type DayText } from "../dates/days";

export type WeeksHistory = {
  athlete: Athlete;
  aims: readonly Aim[];
  checks: readonly Check[];
  preps: readonly Prep[];
  logs: readonly Log[];
  /** What hangs on the weeks; null or left out where no season is planned. */
  season?: Season | null;
};

/** How a planned prep came out. `open` is planned for today or later. */
export type PrepOutcome = "done" | "partly" | "missed" | "open" | "away";

export type PrepMark = {
  prepId: string | null;
  outcome: PrepOutcome;
  minutes: number;
  stopped: boolean;
  /** A hand has moved it here from another day. */
  moved: boolean;
};

/** Everything the tape shows of a day. */
export type DayMark = {
  day: DayText;
  preps: PrepMark[];
  checks: number;
  /** A round of checks is planned, and nothing is measured yet. */
  toMeasure: boolean;
  /** What hangs on the day, as the season has it. */
  slots: Slot[];
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
export function dayMarks(
  history: WeeksHistory,
  from: DayText,
  to: DayText,
  today: DayText,
): DayMark[] {
  const { athlete, aims, checks, preps, logs } = history;
  const hung = groupBy(history.season?.slots ?? [], (slot) => slot.on);
  const made = new Set([...preps.map(({ id }) => id), ...logs.map(({ prepId }) => prepId ?? "")]);
  const movedIds = new Set(
    (history.season?.slots ?? []).filter(({ movedFrom }) => movedFrom !== null).map(({ id }) => id),
  );
  const planned = groupBy(preps, (prep) => prep.on);
  const logged = groupBy(logs, (log) => log.on);
  const checked = groupBy(checks, (check) => check.on);
  return Array.from({ length: daysBetween(from, to) + 1 }, (_, i) => {
    const day = plusDays(from, i);
    const absence = athlete.absences.find((a) => a.from <= day && day <= a.to) ?? null;
    const slots = hung.get(day) ?? [];
    const mark = (minutes: number, log: Log | undefined, id: string | null): PrepMark => ({
      prepId: id,
      outcome: log ? outcomeOf(log) : absence ? "away" : day >= today ? "open" : "missed",
      minutes: log?.minutes ?? minutes,
      stopped: log?.items.some((item) => item.done === "stopped") ?? false,
      moved: id !== null && movedIds.has(id),
    });
    const dayLogs = logged.get(day) ?? [];
    const dayPreps = planned.get(day) ?? [];
    const own = dayPreps.map((prep) =>
      mark(
        prep.budget / 60,
        logs.find((log) => log.prepId === prep.id),
        prep.id,
      ),
    );
    const waiting = slots
      .filter(({ id, kind }) => counted(kind) && !made.has(id))
      .map((slot) => mark(slot.minutes, undefined, slot.id));
    const extra = dayLogs
      .filter((log) => !preps.some((prep) => prep.id === log.prepId))
      .map((log) => mark(log.minutes, log, log.prepId));
    return {
      day,
      preps: [...own, ...waiting, ...extra],
      checks: checked.get(day)?.length ?? 0,
      toMeasure: slots.some(({ kind }) => kind === "check") && !checked.has(day),
      slots,
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
  moved: number;
  minutes: number;
  checks: number;
  stops: number;
  absence: Athlete["absences"][number]["reason"] | null;
};

/** Adherence by week: planned, done, partly done, missed, minutes on the floor. */
export function weekSummaries(
  history: WeeksHistory,
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
      moved: 0,
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
      week.moved += prep.moved ? 1 : 0;
      week.stops += prep.stopped ? 1 : 0;
    }
    week.checks += mark.checks;
    week.absence ??= mark.absence?.reason ?? null;
    weeks.set(monday, week);
  }
  return [...weeks.values()];
}
