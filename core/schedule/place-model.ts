import { sessionsIn } from "./sessions-in";
import type { JointId } from "../body/motions";
import { groupBy } from "../stats/group-by";
import { mondayOf, plusDays, type DayText } from "../dates/days";
import { hardDaysAWeek } from "../doses/stretch-days";
import {
  blockEnd,
  daysToShow,
  eased,
  isAway,
  noLongHold,
  showDays,
  trainingsOn,
  weekTerms,
  type SeasonAround,
} from "./block";
import {
  asStretch,
  daysFrom,
  endOf,
  hungOn,
  openingsOn,
  overlap,
  prelude,
  type Hung,
} from "./hang";
import { givenOut, type Purpose } from "./shares";
import { isOut, outOf } from "./taken-out";
import { isWork, minutesOf, timeOf, type Slot } from "../records/training";

export type PlaceTerms = SeasonAround & {
  purposes: readonly Purpose[];
  flagged: readonly JointId[];
  /** The athlete's usual place. */
  home: string | null;
  /** Slots that have come to a prep or a log: they are no longer moved. */
  settled: ReadonlySet<string>;
  /** Slots of which something was done. */
  done: ReadonlySet<string>;
  /** Hard days that the log has, by joint. */
  hardDone: ReadonlyMap<JointId, readonly DayText[]>;
};

/** One way to place one session. */
export type PlaceSpot = Hung & { week: number; worth: number };

/** A rule over spots: the sum of what is chosen, by its weight, is no more than `most`. */
export type Limit = { members: readonly number[]; weights?: readonly number[]; most: number };

/**
 * Placing the sessions of a block as a programme over plain numbers: the instant search and the solver work on it.
 * `days` lists, day by day, the spots of mobility sessions and how many of them stand there already: two on
 * neighbouring days, or one day apart, cost a little.
 */
export type PlaceModel = {
  spots: PlaceSpot[];
  limits: Limit[];
  days: { members: number[]; there: number }[];
  /** What stays as it is. */
  standing: Slot[];
  /** What hangs on its day by itself. */
  hung: Hung[];
};

/** Costs of mobility sessions one and two days apart, against 10 for a session placed at all. */
export const nearness = [3, 1] as const;

const session = 10;
/** A session that stays where it was is worth so much more: a plan that is known is not shuffled for nothing. */
const stays = 0.4;
/** Fillers stand in the training, this long after it began. */
const fillersAfter = 15;
const fillersMinutes = 10;
/** An eased week has half the sessions, at two thirds of their minutes. */
const easedShare = 2 / 3;

const minutesIn = (minutes: number, terms: { lighter: boolean; restart: boolean }): number =>
  eased(terms) ? Math.max(10, Math.round((minutes * easedShare) / 5) * 5) : minutes;

/** The programme of a block from today on. */
export function placeModel(terms: PlaceTerms): PlaceModel {
  const { season, today, home, flagged, settled } = terms;
  const from = today > season.since ? today : season.since;
  const to = blockEnd(season);
  // What has come to a prep stays, but not on a day that is away by now: the prep is kept, the plan lets go of it.
  const comeToPrep = (slot: Slot): boolean =>
    settled.has(slot.id) && (terms.done.has(slot.id) || !isAway(terms.absences, slot.on));
  const standing = season.slots.filter(
    (slot) => slot.on < from || slot.pinned || slot.kind === "check" || comeToPrep(slot),
  );
  const hung = daysFrom(from, to).flatMap((day) => {
    const stood = standing.filter(({ on }) => on === day).map(({ kind }) => kind);
    return hungOn(terms, day, { flagged, home }).filter((one) => {
      const { kind } = one;
      if (isOut(season, one)) return false;
      const at = stood.indexOf(kind);
      if (at >= 0) stood.splice(at, 1);
      return at < 0;
    });
  });
  const spots: PlaceSpot[] = [];
  const limits: Limit[] = [];
  const shows = showDays(terms);
  let owed = terms.purposes.map(() => 0);
  const mondays: DayText[] = [];
  for (let monday = mondayOf(from); monday <= to; monday = plusDays(monday, 7))
    mondays.push(monday);
  mondays.forEach((monday, week) => {
    const sunday = plusDays(monday, 6);
    const wanted = weekTerms(terms, monday);
    const days = daysFrom(monday < from ? from : monday, sunday < to ? sunday : to);
    const counts = (kind: Slot["kind"]) =>
      standing.filter(
        (slot) =>
          slot.kind === kind &&
          slot.on >= monday &&
          slot.on <= sunday &&
          (slot.on >= from || terms.done.has(slot.id)),
      ).length;
    const wants = (kind: "mobility" | "conditioning" | "fillers", perWeek: number): number =>
      Math.max(0, sessionsIn(perWeek, wanted) - counts(kind) - outOf(season, kind, monday, from));
    const many = wants("mobility", season.mobility.perWeek);
    const out = givenOut(
      many,
      terms.purposes.map(({ share }) => share),
      owed,
    );
    owed = out.owed;
    const start = spots.length;
    for (const day of days)
      spots.push(
        ...spotsOn(terms, day, week, wanted, shows).filter((spot) => !isOut(season, spot)),
      );
    const own = spots.slice(start).map((_, i) => start + i);
    terms.purposes.forEach(({ aimId, joint }, p) =>
      limits.push({
        members: own.filter(
          (i) =>
            spots[i]!.kind === "mobility" && spots[i]!.aimId === aimId && spots[i]!.focus === joint,
        ),
        most: out.counts[p]!,
      }),
    );
    for (const [kind, perWeek] of [
      ["conditioning", season.conditioning.perWeek],
      ["fillers", season.fillers],
    ] as const)
      limits.push({
        members: own.filter((i) => spots[i]!.kind === kind),
        most: wants(kind, perWeek),
      });
  });
  const byDay = groupBy(
    spots.map((_, i) => i),
    (i) => spots[i]!.on,
  );
  const standingOn = groupBy(standing, ({ on }) => on);
  const hungBy = groupBy(hung, ({ on }) => on);
  const of = (day: DayText, kind: Slot["kind"]) =>
    (byDay.get(day) ?? []).filter((i) => spots[i]!.kind === kind);
  const there = (day: DayText, kind: Slot["kind"]) =>
    (standingOn.get(day) ?? []).filter((slot) => slot.kind === kind);
  const all = daysFrom(from, to);
  for (const day of all) {
    const mine = byDay.get(day) ?? [];
    if (mine.length === 0) continue;
    // One of each kind a day.
    for (const kind of ["mobility", "conditioning", "fillers"] as const)
      limits.push({ members: of(day, kind), most: Math.max(0, 1 - there(day, kind).length) });
    // The minutes of the day.
    const taken = [...(standingOn.get(day) ?? []), ...(hungBy.get(day) ?? [])]
      .filter(({ kind }) => kind !== "fillers" && kind !== "check")
      .reduce((sum, { minutes }) => sum + minutes, 0);
    const timed = mine.filter((i) => spots[i]!.kind !== "fillers");
    limits.push({
      members: timed,
      weights: timed.map((i) => spots[i]!.minutes),
      most: Math.max(0, season.most - taken),
    });
    // Nothing at the same time.
    const stands = (standingOn.get(day) ?? []).filter(({ kind }) => kind !== "fillers");
    limits.push({
      members: timed.filter((i) => stands.some((slot) => overlap(spots[i]!, slot))),
      most: 0,
    });
    timed.forEach((i, n) =>
      timed.slice(n + 1).forEach((j) => {
        if (spots[i]!.kind !== spots[j]!.kind && overlap(spots[i]!, spots[j]!))
          limits.push({ members: [i, j], most: 1 });
      }),
    );
  }
  // A joint's hard days: none on neighbouring days, so many in seven.
  const joints = [...new Set(terms.purposes.map(({ joint }) => joint))];
  const hardThere = (joint: JointId, day: DayText): number =>
    (standingOn.get(day) ?? []).some((slot) => slot.focus === joint && slot.on >= from) ||
    (terms.hardDone.get(joint) ?? []).includes(day)
      ? 1
      : 0;
  for (const joint of joints) {
    const within = (day: DayText, days: number): Limit => {
      const span = Array.from({ length: days }, (_, i) => plusDays(day, i));
      return {
        members: span.flatMap((one) =>
          of(one, "mobility").filter((i) => spots[i]!.focus === joint),
        ),
        most: -span.reduce((sum, one) => sum + hardThere(joint, one), 0),
      };
    };
    for (const [days, most] of [
      [2, 1],
      [7, hardDaysAWeek],
    ] as const)
      for (const day of daysFrom(plusDays(from, 1 - days), to)) {
        const limit = within(day, days);
        if (limit.members.length > 0)
          limits.push({ ...limit, most: Math.max(0, most + limit.most) });
      }
  }
  // Strength and endurance rest a day too.
  for (const day of daysFrom(plusDays(from, -1), to)) {
    const next = plusDays(day, 1);
    const members = [...of(day, "conditioning"), ...of(next, "conditioning")];
    if (members.length > 0)
      limits.push({
        members,
        most: Math.max(
          0,
          1 - there(day, "conditioning").length - there(next, "conditioning").length,
        ),
      });
  }
  return {
    spots,
    limits: limits.filter(({ members }) => members.length > 0),
    days: all.map((day) => ({
      members: of(day, "mobility"),
      there: there(day, "mobility").length,
    })),
    standing,
    hung,
  };
}

/** The spots of a day: a mobility session for each purpose, a conditioning set, fillers inside a training. */
function spotsOn(
  terms: PlaceTerms,
  day: DayText,
  week: number,
  wanted: { lighter: boolean; restart: boolean },
  shows: readonly DayText[],
): PlaceSpot[] {
  const { season, absences, home, flagged, purposes } = terms;
  if (isAway(absences, day)) return [];
  const trainings = trainingsOn(season, day);
  const free = daysToShow(day, shows);
  const before = new Set(
    season.slots
      .filter(({ on, pinned }) => on === day && !pinned)
      .map(({ kind, focus }) => `${kind}/${focus}`),
  );
  const stay = (kind: Slot["kind"], focus: JointId | null) =>
    before.has(`${kind}/${focus}`) ? stays : 0;
  const spots: PlaceSpot[] = [];
  const fits = (stretch: { on: DayText; starts: string; minutes: number }): boolean =>
    endOf(stretch) <= 24 * 60 &&
    !trainings.some((training) => {
      if (!isWork(training.kind)) return false;
      const begin = minutesOf(training.starts) - prelude(terms, flagged);
      return overlap(stretch, {
        on: day,
        starts: timeOf(begin),
        minutes: endOf(asStretch(day, training)) - begin,
      });
    }) &&
    !hung.some((one) => overlap(stretch, one));
  const hung = hungOn(terms, day, { flagged, home });
  for (const { starts, after, placeId } of openingsOn(terms, day, home)) {
    const held = minutesIn(season.mobility.minutes, wanted);
    const place = { on: day, starts, placeId, week };
    const trainsLater = trainings.some(
      (training) => isWork(training.kind) && training.starts > starts,
    );
    const longAllowed = free === null || free > noLongHold;
    if (longAllowed && !trainsLater && fits({ on: day, starts, minutes: held }))
      for (const { aimId, joint } of purposes)
        spots.push({
          ...place,
          kind: "mobility",
          minutes: held,
          focus: joint,
          aimId,
          worth:
            session +
            (after === "skill" || after === "class" ? 1 : after === "strength" ? 0.4 : 0.7) +
            stay("mobility", joint),
        });
    const set = minutesIn(season.conditioning.minutes, wanted);
    if ((free === null || free > 1) && fits({ on: day, starts, minutes: set }))
      spots.push({
        ...place,
        kind: "conditioning",
        minutes: set,
        worth:
          session / 2 + (after === "strength" ? 1 : after ? 0.4 : 0.6) + stay("conditioning", null),
      });
  }
  const inside =
    trainings.find(({ kind }) => kind === "strength") ??
    trainings.find(({ kind }) => kind === "skill");
  if (inside && inside.minutes >= fillersAfter + fillersMinutes)
    spots.push({
      kind: "fillers",
      on: day,
      starts: timeOf(minutesOf(inside.starts) + fillersAfter),
      minutes: fillersMinutes,
      placeId: inside.placeId ?? home,
      week,
      worth: 2 + (inside.kind === "strength" ? 0.5 : 0) + stay("fillers", null),
    });
  return spots;
}

/** What a choice is worth. */
export function placeValue({ spots, days }: PlaceModel, chosen: ReadonlySet<number>): number {
  const counts = days.map(
    ({ members, there }) => there + members.filter((i) => chosen.has(i)).length,
  );
  let value = 0;
  for (const i of chosen) value += spots[i]!.worth;
  nearness.forEach((cost, n) =>
    counts.forEach((count, d) => {
      value -= cost * Math.max(0, count + (counts[d + n + 1] ?? 0) - 1);
    }),
  );
  return value;
}
