import * as z from "zod/mini";
import { mondayOf, plusDays } from "../dates/days";
import { Absence } from "../records/athlete";
import {
  minutesOf,
  Season,
  Slot,
  Time,
  timeOf,
  Training,
  type Training as OneTraining,
} from "../records/training";
import { blockEnd, blockMondays, trainingsOf } from "../schedule/block";
import { startOn } from "../schedule/hang";
import { quicklyPlaced } from "../schedule/place";
import { movedTo } from "../schedule/plan-rules";
import { newRevision, writtenNow, writtenRevisions } from "../schedule/season-calendar";
import { putBack, withoutSlot } from "../schedule/taken-out";
import { newSeason, placeTermsOf } from "../schedule/terms-of";
import type { Situation } from "../situation/situation";
import { does, nothing, Of, rule, type Outcome, type Scene } from "./act";
import type { Does } from "./does";
import type { WeekProblem } from "./refusal";

/** The athlete, and the season as it is kept or a new one. */
function around(scene: Scene, { athleteId }: { athleteId: string }): [Situation, Season] {
  const situation = scene.situation(athleteId);
  return [situation, situation.season ?? newSeason({ ...situation, id: scene.newId("season") })];
}

/** The day on which a check can next tell something, where the page knows one and no round is planned. */
const Sent = z.extend(Of, { measure: z._default(z.nullable(Slot.shape.on), null) });

/** A season with everything from today on placed anew, at once; a better placing may follow. */
function placed(
  situation: Situation,
  what: Does,
  season: Season,
  measure: string | null,
): Outcome<null> {
  const ready = measure ? withRound(situation, season, measure) : season;
  return does(what, [{ ...ready, slots: quicklyPlaced(placeTermsOf(situation, ready)) }]);
}

/** What can be set of a season. Written out, since nothing that was not sent may change. */
const Changes = z.partial(
  z.object({
    usual: Season.shape.usual,
    since: Season.shape.since,
    weeks: Season.shape.weeks,
    lighterEvery: Season.shape.lighterEvery,
    warmUp: Season.shape.warmUp,
    issue: Season.shape.issue,
    mobility: Season.shape.mobility,
    conditioning: Season.shape.conditioning,
    fillers: Season.shape.fillers,
    circles: Season.shape.circles,
    ownTime: Season.shape.ownTime,
    most: Season.shape.most,
    shares: Season.shape.shares,
  }),
);

/** A problem of a list of trainings; null when it can be. */
export function weekProblem(trainings: readonly OneTraining[]): WeekProblem | null {
  for (const one of trainings) {
    const day = trainings.filter(({ weekday }) => weekday === one.weekday);
    if (day.length > 1 && day.some(({ kind }) => kind === "rest" || kind === "travel"))
      return { is: "rest-and-training" };
    for (const other of day)
      if (
        other !== one &&
        minutesOf(one.starts) <= minutesOf(other.starts) &&
        minutesOf(one.starts) + one.minutes > minutesOf(other.starts)
      )
        return { is: "clash", starts: [one.starts, other.starts] };
    if (minutesOf(one.starts) + one.minutes > 24 * 60)
      return { is: "past-midnight", starts: one.starts };
  }
  return null;
}

/** Sets the training week, the block and the doses; everything to come is placed anew. */
const setSeason = rule({
  sent: z.extend(Sent, { changes: Changes }),
  decide: (scene, sent) => {
    const [situation, season] = around(scene, sent);
    const known = Object.fromEntries(
      Object.entries(sent.changes).filter(([, value]) => value !== undefined),
    ) as Partial<Season>;
    const problem = known.usual ? weekProblem(known.usual) : null;
    if (problem) return { refused: { why: "week", problem } };
    const next = { ...season, ...known };
    return placed(
      situation,
      { does: "plan-weeks" },
      { ...next, since: mondayOf(next.since) },
      sent.measure,
    );
  },
});

/** Gives one week its own trainings, or the usual ones again. */
const setWeek = rule({
  sent: z.extend(Sent, {
    monday: Slot.shape.on,
    trainings: z.nullable(z.array(Training).check(z.maxLength(28))),
  }),
  decide: (scene, sent) => {
    const { monday, trainings } = sent;
    const problem = trainings ? weekProblem(trainings) : null;
    if (problem) return { refused: { why: "week", problem } };
    const [situation, season] = around(scene, sent);
    const others = season.others.filter((other) => other.monday !== monday);
    return placed(
      situation,
      { does: trainings ? "own-week" : "usual-week" },
      { ...season, others: trainings ? [...others, { monday, trainings }] : others },
      sent.measure,
    );
  },
});

/** Makes a week lighter, or takes that back. */
const setLighter = rule({
  sent: z.extend(Sent, { monday: Slot.shape.on, on: z.boolean() }),
  decide: (scene, sent) => {
    const { monday, on } = sent;
    const [situation, season] = around(scene, sent);
    const others = season.lighter.filter((one) => one !== monday);
    return placed(
      situation,
      { does: on ? "lighter-week" : "full-week" },
      { ...season, lighter: on ? [...others, monday] : others },
      sent.measure,
    );
  },
});

/** Moves a slot to another day, or another time. The rest stays where it is; what that breaks is shown, not refused. */
const moveSession = rule({
  sent: z.extend(Of, {
    slotId: z.string(),
    on: z.optional(Slot.shape.on),
    starts: z.optional(Time),
    /** From where it is by now: quick presses of a key add up. */
    days: z._default(z.int().check(z.minimum(-7), z.maximum(7)), 0),
    minutes: z._default(z.int().check(z.minimum(-120), z.maximum(120)), 0),
  }),
  decide: (scene, { slotId, ...to }) => {
    const [, season] = around(scene, to);
    const slot = season.slots.find(({ id }) => id === slotId);
    if (!slot) return nothing;
    const on = to.on ?? plusDays(slot.on, to.days);
    if (on < scene.today || on > blockEnd(season)) return nothing;
    const shifted = to.minutes ? timeOf(minutesOf(slot.starts) + to.minutes) : undefined;
    const at =
      to.starts ?? shifted ?? (on === slot.on ? slot.starts : startOn({ season }, slot, on));
    const slots = season.slots.map((one) => (one === slot ? movedTo(one, on, at) : one));
    return does({ does: "move-session" }, [{ ...season, slots }]);
  },
});

const letGo = (season: Season, slotIds: readonly string[]): Season => ({
  ...season,
  slots: season.slots.map((slot) =>
    slotIds.includes(slot.id) ? { ...slot, pinned: false, movedFrom: null } : slot,
  ),
});

/** Lets go of a slot that was put somewhere by hand, and places the rest anew. */
const letSessionGo = rule({
  sent: z.extend(Sent, { slotId: z.string() }),
  decide: (scene, sent) => {
    const [situation, season] = around(scene, sent);
    const next = letGo(season, [sent.slotId]);
    return placed(situation, { does: "let-session-go" }, next, sent.measure);
  },
});

/**
 * Places the rest anew around what was put somewhere by hand. What was put where a rule cannot let it stay, is let
 * go of.
 */
const placeSessions = rule({
  sent: z.extend(Sent, { freed: z._default(z.array(z.string()), []) }),
  decide: (scene, sent) => {
    const [situation, season] = around(scene, sent);
    const next = letGo(season, sent.freed);
    return placed(situation, { does: "place-sessions" }, next, sent.measure);
  },
});

/** Takes one session out: its day stays without it, and the week is not filled up again. */
const takeSessionOut = rule({
  sent: z.extend(Of, { slotId: z.string() }),
  decide: (scene, sent) => {
    const [, season] = around(scene, sent);
    const slot = season.slots.find(({ id }) => id === sent.slotId);
    return slot && slot.on >= scene.today
      ? does({ does: "take-session-out" }, [withoutSlot(season, slot, scene.today)])
      : nothing;
  },
});

/** Lets a session that was taken out come back, where there is room for it. */
const putSessionBack = rule({
  sent: z.extend(Sent, { mark: Season.shape.out._zod.def.element }),
  decide: (scene, sent) => {
    const [situation, season] = around(scene, sent);
    const next = putBack(season, sent.mark);
    return placed(situation, { does: "put-session-back" }, next, sent.measure);
  },
});

/** Notes what a calendar was written with, so that the next one can call off what is gone. */
const writeCalendar = rule({
  sent: z.extend(Of, { light: z.boolean() }),
  decide: (scene, sent) => {
    const [, season] = around(scene, sent);
    const written = writtenNow(season, { today: scene.today, light: sent.light });
    return does({ does: "write-calendar" }, [{ ...season, written }]);
  },
});

/**
 * Puts the proven placing in the place of the first one, if nobody has touched that since. Nobody asked for it: it is
 * no step of undo, and loses none.
 */
const takePlaces = rule({
  sent: z.extend(Of, { from: z.array(Slot), slots: z.array(Slot) }),
  decide: (scene, sent): Outcome<null> => {
    const [, season] = around(scene, sent);
    const same = JSON.stringify(season.slots) === JSON.stringify(sent.from);
    return { does: null, put: same ? [{ ...season, slots: sent.slots }] : [], answer: null };
  },
});

/** Puts a round of checks on a day, or takes it off. */
const setCheckDay = rule({
  sent: z.extend(Of, { on: Slot.shape.on, there: z.boolean() }),
  decide: (scene, sent) => {
    const { on, there } = sent;
    const [situation, season] = around(scene, sent);
    const next = there ? withRound(situation, season, on) : withoutRound(season, on);
    return does({ does: there ? "put-round-in" : "take-round-out" }, [next]);
  },
});

const withoutRound = (season: Season, on: string): Season => ({
  ...season,
  slots: season.slots.filter((slot) => slot.kind !== "check" || slot.on !== on),
});

/** The season with a round of checks on a day. */
function withRound({ athlete }: Situation, season: Season, on: string): Season {
  const id = `slot-${athlete.id}-${on}-check`;
  const round: Slot = {
    id,
    kind: "check",
    on,
    starts: checkTime(season, on),
    minutes: 10,
    placeId: athlete.placeId,
    focus: null,
    aimId: null,
    pinned: true,
    movedFrom: null,
    revision: newRevision(writtenRevisions(season), id),
  };
  const others = withoutRound(season, on);
  return { ...others, slots: [...others.slots, round] };
}

/** Checks are taken warm: right after the last prep or training of the day has begun to warm; without any, at the athlete's own time. */
const checkTime = (season: Season, on: string): string =>
  startOn({ season }, { kind: "mobility", starts: season.ownTime }, on);

/** An athlete with other days away, and everything to come placed anew around them. */
function withAbsences(
  situation: Situation,
  what: Does,
  absences: Situation["athlete"]["absences"],
): Outcome<null> {
  const athlete = { ...situation.athlete, absences };
  const { season } = situation;
  if (!season) return does(what, [athlete]);
  const slots = quicklyPlaced(placeTermsOf({ ...situation, athlete }, season));
  return does(what, [athlete, { ...season, slots }]);
}

/** Notes days away or ill, and plans what follows anew. */
const setAbsence = rule({
  sent: z.extend(Of, Absence.shape),
  decide: (scene, { athleteId, ...absence }) => {
    if (absence.to < absence.from) return { refused: { why: "absence-reversed" } };
    const situation = scene.situation(athleteId);
    const absences = [...situation.athlete.absences, absence];
    return withAbsences(situation, { does: "days-away" }, absences);
  },
});

/** Takes an absence back. */
const removeAbsence = rule({
  sent: z.extend(Of, Absence.shape),
  decide: (scene, { athleteId, ...gone }) => {
    const situation = scene.situation(athleteId);
    const absences = situation.athlete.absences.filter(
      ({ from, to, reason }) => from !== gone.from || to !== gone.to || reason !== gone.reason,
    );
    return withAbsences(situation, { does: "no-days-away" }, absences);
  },
});

/** Takes over what a calendar says: moved slots, and trainings that it has on single days. */
const readCalendar = rule({
  sent: z.extend(Of, {
    gone: z._default(z.array(z.string()), []),
    moves: z.array(z.object({ slotId: z.string(), on: Slot.shape.on, starts: Time })),
    trainings: z.array(z.extend(z.omit(Training, { weekday: true }), { on: Slot.shape.on })),
  }),
  decide: (scene, { athleteId, moves, gone, trainings }) => {
    const [situation, known] = around(scene, { athleteId });
    const season = known.slots
      .filter(({ id, on }) => gone.includes(id) && on >= scene.today)
      .reduce((one, slot) => withoutSlot(one, slot, scene.today), known);
    const weeks = weeksWith(season, trainings);
    const next = {
      ...season,
      slots: season.slots.map((slot) => {
        const move = moves.find(({ slotId }) => slotId === slot.id);
        return move ? movedTo(slot, move.on, move.starts) : slot;
      }),
      others: [
        ...season.others.filter(({ monday }) => !weeks.has(monday)),
        ...[...weeks].map(([monday, own]) => ({ monday, trainings: own })),
      ],
    };
    return weeks.size > 0
      ? placed(situation, { does: "read-calendar" }, next, null)
      : does({ does: "read-calendar" }, [next]);
  },
});

/** Weeks of the block with trainings on single days beside their own, by their Mondays. */
function weeksWith(
  season: Season,
  trainings: readonly (Omit<OneTraining, "weekday"> & { on: string })[],
): Map<string, OneTraining[]> {
  const inside = new Set(blockMondays(season));
  const weeks = new Map<string, OneTraining[]>();
  for (const { on, ...training } of trainings) {
    const monday = mondayOf(on);
    if (!inside.has(monday)) continue;
    const own = weeks.get(monday) ?? [...trainingsOf(season, monday)];
    const weekday = [0, 1, 2, 3, 4, 5, 6].find((day) => plusDays(monday, day) === on)!;
    weeks.set(monday, [
      ...own.filter(
        ({ kind, weekday: at }) => at !== weekday || (kind !== "rest" && kind !== "travel"),
      ),
      { ...training, weekday },
    ]);
  }
  return weeks;
}

export const seasonActs = {
  "set-season": setSeason,
  "set-week": setWeek,
  "set-lighter": setLighter,
  "move-session": moveSession,
  "let-session-go": letSessionGo,
  "place-sessions": placeSessions,
  "take-session-out": takeSessionOut,
  "put-session-back": putSessionBack,
  "write-calendar": writeCalendar,
  "take-places": takePlaces,
  "set-check-day": setCheckDay,
  "set-absence": setAbsence,
  "remove-absence": removeAbsence,
  "read-calendar": readCalendar,
};
