import { motionOf, type JointId } from "../body/motions";
import type { Log } from "../records/records";
import { groupBy } from "../stats/group-by";
import type { Library } from "../content/library";
import { daysBetween, mondayOf, type DayText } from "../dates/days";
import { hardDay, hardDaysAWeek, stretchDays } from "../doses/stretch-days";
import { daysToShow, isAway, noLongHold, showDays, trainingsOn, type SeasonAround } from "./block";
import { asStretch, bySlotTime, overlap } from "./hang";
import { isWork, type Slot, type Training } from "../records/training";

/** What of a slot is named. */
export type Named = Pick<Slot, "kind" | "focus" | "starts">;
type NamedTraining = Pick<Training, "kind" | "starts">;

/** A rule that a plan breaks, with the days and figures of it. */
export type BrokenRule =
  | { rule: "away"; on: DayText }
  | { rule: "rest-day"; on: DayText; day: Training["kind"]; slot: Named }
  /** Something long or heavy so many days before a show; 0 on the day. */
  | { rule: "show"; on: DayText; kind: "mobility" | "conditioning"; daysBefore: number }
  | { rule: "before-training"; on: DayText; training: NamedTraining }
  | { rule: "into-training"; on: DayText; slot: Named; training: NamedTraining }
  | { rule: "clash"; on: DayText; slots: [Named, Named] }
  | { rule: "one-a-day"; on: DayText; kind: "mobility" | "conditioning"; count: number }
  | { rule: "minutes"; on: DayText; minutes: number; most: number }
  | { rule: "neighbours"; joint: JointId; on: DayText; next: DayText }
  | { rule: "too-often"; joint: JointId; days: number; from: DayText; most: number }
  | { rule: "sets-neighbours"; on: DayText; next: DayText }
  | { rule: "sets-a-week"; monday: DayText; count: number; most: number };

/** What a plan breaks, and which slots do. */
export type PlanBreach = { broken: BrokenRule; slots: string[] };

/** Conditioning sets in a week at most. A working figure. */
const setsAWeek = 3;

export type RuleTerms = SeasonAround & { hardDone: ReadonlyMap<JointId, readonly DayText[]> };

/** Days of the log on which a joint had a hard day: one of its motions under stretch for ten minutes or more. */
export function hardDaysDone(logs: readonly Log[], library: Library): Map<JointId, DayText[]> {
  const found = new Map<JointId, DayText[]>();
  for (const [motion, days] of stretchDays(logs, library))
    for (const [day, seconds] of days)
      if (seconds >= hardDay) {
        const { joint } = motionOf(motion);
        const own = found.get(joint) ?? [];
        if (!own.includes(day)) found.set(joint, [...own, day].sort());
      }
  return found;
}

/**
 * What the plan breaks from today on, day by day. It looks at the slots alone and knows nothing of how they were
 * placed: a plan placed by the solver, by hand or by a calendar is read by the same rules.
 */
export function planBreaches(slots: readonly Slot[], terms: RuleTerms): PlanBreach[] {
  const { season, today, absences } = terms;
  const ahead = slots.filter(({ on }) => on >= today).sort(bySlotTime);
  const shows = showDays(terms);
  const found: PlanBreach[] = [];
  for (const [day, own] of groupBy(ahead, (slot) => slot.on)) {
    const trainings = trainingsOn(season, day);
    const preps = own.filter(({ kind }) => kind !== "check");
    if (isAway(absences, day)) {
      if (preps.length > 0)
        found.push({
          broken: { rule: "away", on: day },
          slots: preps.map(({ id }) => id),
        });
      continue;
    }
    const dayOff = trainings.find(({ kind }) => kind === "rest" || kind === "travel");
    const free = daysToShow(day, shows);
    for (const slot of own) {
      const heavy = slot.kind === "mobility" || slot.kind === "conditioning";
      if (heavy && dayOff)
        found.push({
          broken: { rule: "rest-day", on: day, day: dayOff.kind, slot },
          slots: [slot.id],
        });
      if (slot.kind === "mobility" && free !== null && free <= noLongHold)
        found.push({
          broken: { rule: "show", on: day, kind: "mobility", daysBefore: free },
          slots: [slot.id],
        });
      if (slot.kind === "conditioning" && free !== null && free <= 1)
        found.push({
          broken: { rule: "show", on: day, kind: "conditioning", daysBefore: free },
          slots: [slot.id],
        });
      const later = trainings.find(({ kind, starts }) => isWork(kind) && starts > slot.starts);
      if (slot.kind === "mobility" && later && !dayOff)
        found.push({
          broken: { rule: "before-training", on: day, training: later },
          slots: [slot.id],
        });
      for (const training of trainings)
        if (
          isWork(training.kind) &&
          slot.kind !== "fillers" &&
          overlap(slot, asStretch(day, training))
        )
          found.push({
            broken: { rule: "into-training", on: day, slot, training },
            slots: [slot.id],
          });
    }
    const timed = own.filter(({ kind }) => kind !== "fillers");
    timed.forEach((slot, n) => {
      const other = timed.slice(n + 1).find((one) => overlap(slot, one));
      if (other)
        found.push({
          broken: { rule: "clash", on: day, slots: [slot, other] },
          slots: [slot.id, other.id],
        });
    });
    for (const kind of ["mobility", "conditioning"] as const) {
      const same = own.filter((slot) => slot.kind === kind);
      if (same.length > 1)
        found.push({
          broken: { rule: "one-a-day", on: day, kind, count: same.length },
          slots: same.map(({ id }) => id),
        });
    }
    const minutes = preps
      .filter(({ kind }) => kind !== "fillers")
      .reduce((sum, slot) => sum + slot.minutes, 0);
    const movable = preps.filter(({ kind }) => kind === "mobility" || kind === "conditioning");
    if (minutes > season.most && movable.length > 0)
      found.push({
        broken: { rule: "minutes", on: day, minutes, most: season.most },
        slots: movable.map(({ id }) => id),
      });
  }
  return [...found, ...hardBreaches(ahead, terms), ...restBreaches(ahead)];
}

/** Hard days of a joint that are too near to each other, or too many in seven days. */
function hardBreaches(ahead: readonly Slot[], { hardDone, today }: RuleTerms): PlanBreach[] {
  const found: PlanBreach[] = [];
  const sessions = ahead.filter(({ kind, focus }) => kind === "mobility" && focus !== null);
  for (const [joint, own] of groupBy(sessions, ({ focus }) => focus!)) {
    const done = (hardDone.get(joint) ?? []).filter(
      (day) => day <= today && daysBetween(day, today) < 7,
    );
    const days = [
      ...done.map((day) => ({ day, id: null as string | null })),
      ...own.map(({ on, id }) => ({ day: on, id: id as string | null })),
    ].sort((a, b) => a.day.localeCompare(b.day));
    days.forEach(({ day, id }, n) => {
      const next = days[n + 1];
      if (next?.id && daysBetween(day, next.day) === 1)
        found.push({
          broken: { rule: "neighbours", joint, on: day, next: next.day },
          slots: [id, next.id].filter((one) => one !== null),
        });
      const week = days.filter((one) => one.day >= day && daysBetween(day, one.day) < 7);
      if (new Set(week.map((one) => one.day)).size > hardDaysAWeek && week.at(-1)!.id)
        found.push({
          broken: { rule: "too-often", joint, days: week.length, from: day, most: hardDaysAWeek },
          slots: week.flatMap((one) => one.id ?? []),
        });
    });
  }
  return found;
}

/** Conditioning sets on neighbouring days, or more than three in a week. */
function restBreaches(ahead: readonly Slot[]): PlanBreach[] {
  const sets = ahead.filter(({ kind }) => kind === "conditioning");
  const found = sets.flatMap((set, n): PlanBreach[] => {
    const next = sets[n + 1];
    return next && daysBetween(set.on, next.on) === 1
      ? [
          {
            broken: { rule: "sets-neighbours", on: set.on, next: next.on },
            slots: [set.id, next.id],
          },
        ]
      : [];
  });
  for (const [monday, own] of groupBy(sets, ({ on }) => mondayOf(on)))
    if (own.length > setsAWeek)
      found.push({
        broken: { rule: "sets-a-week", monday, count: own.length, most: setsAWeek },
        slots: own.map(({ id }) => id),
      });
  return found;
}

/** The day after a slot was moved by hand: there it stays. */
export function movedTo(slot: Slot, on: DayText, starts: string): Slot {
  const back = slot.movedFrom === on && starts === slot.starts;
  return {
    ...slot,
    on,
    starts,
    pinned: !back,
    movedFrom: back ? null : on === slot.on ? slot.movedFrom : (slot.movedFrom ?? slot.on),
    revision: slot.revision + 1,
  };
}

/**
 * Which of the slots that were put somewhere by hand have to be let go of, so that placing the rest anew can mend
 * what is broken: those that no rule lets stay where they are, and all but the first of those that stand against
 * each other.
 */
export function freedFor(breaches: readonly PlanBreach[], slots: readonly Slot[]): string[] {
  const pinned = new Set(
    slots.filter((slot) => slot.pinned && slot.kind !== "check").map(({ id }) => id),
  );
  return [
    ...new Set(
      breaches.flatMap(({ slots: own }) => {
        const held = own.filter((id) => pinned.has(id));
        if (own.length === 1) return held;
        return held.length === own.length ? held.slice(1) : [];
      }),
    ),
  ];
}
