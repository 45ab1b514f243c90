import { motionOf, type JointId } from "../../body/motions";
import type { Log } from "../../records/records";
import { groupBy } from "../../stats/group-by";
import type { Library } from "../../content/library";
import { daysBetween, mondayOf, type DayText } from "../../dates/days";
import { hardDay, hardDaysAWeek, stretchDays } from "../stretch-days";
import { daysToShow, isAway, noLongHold, showDays, trainingsOn, type SeasonAround } from "./block";
import { asStretch, bySlotTime, overlap } from "./hang";
import { dayName, slotName, slotWords } from "./plan-words";
import { isWork, type Slot } from "../../records/training";

/** What a plan breaks: which slots, and a sentence. */
export type PlanBreach = { rule: PlanRule; slots: string[]; says: string };
export type PlanRule =
  | "away"
  | "show"
  | "neighbours"
  | "too-often"
  | "rest-day"
  | "clash"
  | "minutes"
  | "before-training"
  | "conditioning";

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
  const on = (day: DayText) => dayName(day);
  for (const [day, own] of groupBy(ahead, (slot) => slot.on)) {
    const trainings = trainingsOn(season, day);
    const preps = own.filter(({ kind }) => kind !== "check");
    if (isAway(absences, day)) {
      if (preps.length > 0)
        found.push({
          rule: "away",
          slots: preps.map(({ id }) => id),
          says: `${on(day)} is away or ill: nothing hangs on it.`,
        });
      continue;
    }
    const dayOff = trainings.find(({ kind }) => kind === "rest" || kind === "travel");
    const free = daysToShow(day, shows);
    for (const slot of own) {
      const heavy = slot.kind === "mobility" || slot.kind === "conditioning";
      if (heavy && dayOff)
        found.push({
          rule: "rest-day",
          slots: [slot.id],
          says: `${on(day)} is a day of ${dayOff.kind}: circles only, no ${slotName(slot)}.`,
        });
      if (slot.kind === "mobility" && free !== null && free <= noLongHold)
        found.push({
          rule: "show",
          slots: [slot.id],
          says:
            free === 0
              ? `${on(day)} is the day itself: nothing is held long.`
              : `${on(day)} is ${free} day${free === 1 ? "" : "s"} before the show: no long hold in the last 48 hours.`,
        });
      if (slot.kind === "conditioning" && free !== null && free <= 1)
        found.push({
          rule: "show",
          slots: [slot.id],
          says: `${on(day)} is ${free === 0 ? "the show" : "the day before the show"}: no conditioning set.`,
        });
      const later = trainings.find(({ kind, starts }) => isWork(kind) && starts > slot.starts);
      if (slot.kind === "mobility" && later && !dayOff)
        found.push({
          rule: "before-training",
          slots: [slot.id],
          says: `On ${on(day)} long holds would come before the ${later.kind} at ${later.starts}: they belong after it.`,
        });
      for (const training of trainings)
        if (
          isWork(training.kind) &&
          slot.kind !== "fillers" &&
          overlap(slot, asStretch(day, training))
        )
          found.push({
            rule: "clash",
            slots: [slot.id],
            says: `On ${on(day)} the ${slotName(slot)} at ${slot.starts} runs into the ${training.kind} at ${training.starts}.`,
          });
    }
    const timed = own.filter(({ kind }) => kind !== "fillers");
    timed.forEach((slot, n) => {
      const other = timed.slice(n + 1).find((one) => overlap(slot, one));
      if (other)
        found.push({
          rule: "clash",
          slots: [slot.id, other.id],
          says: `On ${on(day)} the ${slotName(slot)} and the ${slotName(other)} run into each other.`,
        });
    });
    for (const kind of ["mobility", "conditioning"] as const) {
      const same = own.filter((slot) => slot.kind === kind);
      if (same.length > 1)
        found.push({
          rule: kind === "mobility" ? "too-often" : "conditioning",
          slots: same.map(({ id }) => id),
          says: `${on(day)} has ${same.length} ${slotWords[kind]}s: one a day.`,
        });
    }
    const minutes = preps
      .filter(({ kind }) => kind !== "fillers")
      .reduce((sum, slot) => sum + slot.minutes, 0);
    const movable = preps.filter(({ kind }) => kind === "mobility" || kind === "conditioning");
    if (minutes > season.most && movable.length > 0)
      found.push({
        rule: "minutes",
        slots: movable.map(({ id }) => id),
        says: `${on(day)} has ${minutes} minutes of preps; the day has ${season.most}.`,
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
    const region = joint.replace("-", " ");
    days.forEach(({ day, id }, n) => {
      const next = days[n + 1];
      if (next?.id && daysBetween(day, next.day) === 1)
        found.push({
          rule: "neighbours",
          slots: [id, next.id].filter((one) => one !== null),
          says: `The ${region} is held long on ${dayName(day)} and again on ${dayName(next.day)}: a day of rest belongs between.`,
        });
      const week = days.filter((one) => one.day >= day && daysBetween(day, one.day) < 7);
      if (new Set(week.map((one) => one.day)).size > hardDaysAWeek && week.at(-1)!.id)
        found.push({
          rule: "too-often",
          slots: week.flatMap((one) => one.id ?? []),
          says: `The ${region} is held long on ${week.length} days in the seven from ${dayName(day)}; ${hardDaysAWeek} at most.`,
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
            rule: "conditioning",
            slots: [set.id, next.id],
            says: `Conditioning sets on ${dayName(set.on)} and ${dayName(next.on)}: a day of rest belongs between.`,
          },
        ]
      : [];
  });
  for (const [monday, own] of groupBy(sets, ({ on }) => mondayOf(on)))
    if (own.length > 3)
      found.push({
        rule: "conditioning",
        slots: own.map(({ id }) => id),
        says: `${own.length} conditioning sets in the week of ${dayName(monday)}; three at most.`,
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
