import type { JointId } from "../body/motions";
import { plusDays, type DayText } from "../dates/days";
import { isAway, trainingsOn, type SeasonAround } from "./block";
import {
  isWork,
  minutesOf,
  timeOf,
  type Slot,
  type SlotKind,
  type Training,
} from "../records/training";

/** A slot before it has its name and history. */
export type Hung = Pick<Slot, "kind" | "on" | "starts" | "minutes" | "placeId"> & {
  focus?: Slot["focus"];
  aimId?: Slot["aimId"];
};

/** Minutes between the end of a training and a prep after it. */
const breath = 10;

/** A stretch of a day in which a prep can stand: after a training, or at the athlete's own time. */
export type Opening = {
  on: DayText;
  starts: string;
  after: Training["kind"] | null;
  placeId: string | null;
};

/** Minutes of preps before a training: the issue prep where a joint is flagged, and the warm-up. */
export const prelude = (
  { season }: Pick<SeasonAround, "season">,
  flagged: readonly JointId[],
): number => season.warmUp + (flagged.length > 0 ? season.issue : 0);

/**
 * What hangs on a day by itself: circles in the morning, before each training the issue prep where a joint is flagged
 * and the warm-up, ending when the training begins. Nothing on a day away.
 */
export function hungOn(
  around: Pick<SeasonAround, "season" | "absences">,
  day: DayText,
  { flagged, home }: { flagged: readonly JointId[]; home: string | null },
): Hung[] {
  const { season, absences } = around;
  if (isAway(absences, day)) return [];
  const trainings = trainingsOn(season, day).filter(({ kind }) => isWork(kind));
  const before = prelude(around, flagged);
  const list: Hung[] = [];
  let free = 0;
  let first: number | null = null;
  for (const { starts, minutes, placeId } of trainings) {
    const begin = minutesOf(starts);
    // Straight from one training to the next one is warm already.
    const room = begin - before >= free;
    free = begin + minutes;
    if (!room) continue;
    first ??= begin - before;
    const hang = (kind: "issue" | "warm-up", long: number, ahead: number): void => {
      list.push({
        kind,
        on: day,
        starts: timeOf(begin - ahead),
        minutes: long,
        placeId: placeId ?? home,
      });
    };
    if (flagged.length > 0) hang("issue", season.issue, before);
    hang("warm-up", season.warmUp, season.warmUp);
  }
  const circles = circlesOn(season, trainings, first);
  if (circles !== null)
    list.unshift({
      kind: "circles",
      on: day,
      starts: timeOf(circles),
      minutes: season.circles.minutes,
      placeId: home,
    });
  return list;
}

/** When the circles begin, minutes since midnight: at their time, or before the first training of the day; null where there is no room. */
export function circlesOn(
  { circles }: Pick<SeasonAround["season"], "circles">,
  trainings: readonly Training[],
  prelude: number | null,
): number | null {
  if (circles.minutes < 2) return null;
  const at = minutesOf(circles.at);
  const first = prelude ?? (trainings[0] ? minutesOf(trainings[0].starts) : null);
  const last = Math.max(0, ...trainings.map(({ starts, minutes }) => minutesOf(starts) + minutes));
  if (first === null || at + circles.minutes <= first || at >= last) return at;
  return first >= circles.minutes ? first - circles.minutes : null;
}

/** Where a prep of its own can stand on a day: none on days of rest, travel or a show, nor while away. */
export function openingsOn(
  around: Pick<SeasonAround, "season" | "absences">,
  day: DayText,
  home: string | null,
): Opening[] {
  const { season, absences } = around;
  const trainings = trainingsOn(season, day);
  if (isAway(absences, day) || trainings.some(({ kind }) => !isWork(kind) || kind === "show"))
    return [];
  const after = trainings.map(({ kind, starts, minutes, placeId }): Opening => ({
    on: day,
    starts: timeOf(minutesOf(starts) + minutes + breath),
    after: kind,
    placeId: placeId ?? home,
  }));
  return [...after, { on: day, starts: season.ownTime, after: null, placeId: home }];
}

/**
 * When a slot begins on another day: after the last training of that day, or at the athlete's own time; a slot that
 * hangs in a training at the same distance from its beginning.
 */
export function startOn(
  around: Pick<SeasonAround, "season">,
  { kind, starts }: Pick<Slot, "kind" | "starts">,
  day: DayText,
): string {
  const trainings = trainingsOn(around.season, day).filter((one) => isWork(one.kind));
  const last = trainings.at(-1);
  if (kind === "check") return starts;
  if (!last) return around.season.ownTime;
  if (kind === "fillers") return timeOf(minutesOf(last.starts) + breath);
  const own = around.season.ownTime;
  const after = minutesOf(last.starts) + last.minutes + breath;
  return minutesOf(own) >= after ? own : timeOf(after);
}

export const endOf = ({ starts, minutes }: Pick<Slot, "starts" | "minutes">): number =>
  minutesOf(starts) + minutes;

/** Two stretches of one day that run into each other. */
export const overlap = (
  a: Pick<Slot, "on" | "starts" | "minutes">,
  b: Pick<Slot, "on" | "starts" | "minutes">,
): boolean => a.on === b.on && minutesOf(a.starts) < endOf(b) && minutesOf(b.starts) < endOf(a);

/** A training of a day as a stretch of it. */
export const asStretch = (day: DayText, { starts, minutes }: Training) => ({
  on: day,
  starts,
  minutes,
});

/** Every day from one to another, both included. */
export const daysFrom = (from: DayText, to: DayText): DayText[] => {
  const days: DayText[] = [];
  for (let day = from; day <= to; day = plusDays(day, 1)) days.push(day);
  return days;
};

/** In which order slots stand in a list: by day, by time. */
export const bySlotTime = (
  a: Pick<Slot, "on" | "starts">,
  b: Pick<Slot, "on" | "starts">,
): number => a.on.localeCompare(b.on) || a.starts.localeCompare(b.starts);

/** The name under which a kind of slot is numbered in its week. */
export const slotId = (
  athleteId: string,
  monday: DayText,
  kind: SlotKind,
  number: number,
): string => `slot-${athleteId}-${monday}-${kind}-${number}`;
