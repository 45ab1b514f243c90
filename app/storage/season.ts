import * as z from "zod";
import { Absence } from "#core/records/athlete";
import { mondayOf, plusDays } from "#core/dates/days";
import { blockEnd, blockMondays, trainingsOf } from "#core/season/plan/block";
import { startOn } from "#core/season/plan/hang";
import { quicklyPlaced } from "#core/season/plan/place";
import { movedTo } from "#core/season/plan/plan-rules";
import { newRevision, writtenNow, writtenRevisions } from "#core/season/plan/season-calendar";
import { putBack, withoutSlot } from "#core/season/plan/taken-out";
import { newSeason, placeTermsOf } from "#core/season/plan/terms-of";
import { Season, Slot, Time, Training, type Training as OneTraining } from "#core/records/training";
import { minutesOf, timeOf } from "#core/records/training";
import { newId } from "../clock";
import type { AthleteView } from "../view";
import { change, jot, presentNotebook } from "../store/open";

/** The season as the notebook has it now, or a new one. */
const latest = (view: AthleteView): Season =>
  presentNotebook()
    ?.notebook.all("season")
    .find(({ athleteId }) => athleteId === view.athlete.id) ??
  newSeason({ ...view, id: newId("season") });

/** Keeps a season with everything from today on placed anew, at once; a better placing may follow. */
async function keepPlaced(
  view: AthleteView,
  label: string,
  season: Season,
  sent: unknown,
): Promise<void> {
  const { measure } = Measuring.parse(sent);
  const ready = measure ? withRound(view, season, measure) : season;
  await change(label, [{ ...ready, slots: quicklyPlaced(placeTermsOf(view, ready)) }]);
}

/** The day on which a check can next tell something, where the page knows one and no round is planned. */
const Measuring = z.object({ measure: Slot.shape.on.nullable().default(null) });

/** What can be set of a season. Written out, since nothing that was not sent may change. */
const Changes = z
  .object({
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
  })
  .partial();

/** A problem of a list of trainings, as a sentence; null when it can be. */
export function weekProblem(trainings: readonly OneTraining[]): string | null {
  for (const one of trainings) {
    const day = trainings.filter(({ weekday }) => weekday === one.weekday);
    if (day.length > 1 && day.some(({ kind }) => kind === "rest" || kind === "travel"))
      return "A day of rest or travel holds no training beside it.";
    for (const other of day)
      if (
        other !== one &&
        minutesOf(one.starts) <= minutesOf(other.starts) &&
        minutesOf(one.starts) + one.minutes > minutesOf(other.starts)
      )
        return `Two trainings of one day run into each other (${one.starts} and ${other.starts}).`;
    if (minutesOf(one.starts) + one.minutes > 24 * 60)
      return `A training that begins at ${one.starts} does not end on that day.`;
  }
  return null;
}

/** Sets the training week, the block and the doses; everything to come is placed anew. */
export async function setSeason(
  view: AthleteView,
  sent: unknown,
): Promise<{ error: string } | null> {
  const parsed = z.object({ changes: Changes }).safeParse(sent);
  if (!parsed.success) return { error: parsed.error.issues[0]!.message };
  const known = Object.fromEntries(
    Object.entries(parsed.data.changes).filter(([, value]) => value !== undefined),
  ) as Partial<Season>;
  const problem = known.usual ? weekProblem(known.usual) : null;
  if (problem) return { error: problem };
  const next = { ...latest(view), ...known };
  await keepPlaced(view, "plan the weeks", { ...next, since: mondayOf(next.since) }, sent);
  return null;
}

/** Gives one week its own trainings, or the usual ones again. */
export async function setWeek(view: AthleteView, sent: unknown): Promise<{ error: string } | null> {
  const parsed = z
    .object({ monday: Slot.shape.on, trainings: z.array(Training).max(28).nullable() })
    .safeParse(sent);
  if (!parsed.success) return { error: parsed.error.issues[0]!.message };
  const { monday, trainings } = parsed.data;
  const problem = trainings ? weekProblem(trainings) : null;
  if (problem) return { error: problem };
  const season = latest(view);
  const others = season.others.filter((other) => other.monday !== monday);
  await keepPlaced(
    view,
    trainings ? "a week of its own" : "the usual week",
    {
      ...season,
      others: trainings ? [...others, { monday, trainings }] : others,
    },
    sent,
  );
  return null;
}

/** Makes a week lighter, or takes that back. */
export async function setLighter(view: AthleteView, sent: unknown): Promise<null> {
  const { monday, on } = z.object({ monday: Slot.shape.on, on: z.boolean() }).parse(sent);
  const season = latest(view);
  const others = season.lighter.filter((one) => one !== monday);
  await keepPlaced(
    view,
    on ? "a lighter week" : "a full week",
    {
      ...season,
      lighter: on ? [...others, monday] : others,
    },
    sent,
  );
  return null;
}

/** Moves a slot to another day, or another time. The rest stays where it is; what that breaks is shown, not refused. */
export async function moveSlot(view: AthleteView, sent: unknown): Promise<null> {
  const { slotId, ...to } = z
    .object({
      slotId: z.string(),
      on: Slot.shape.on.optional(),
      starts: Time.optional(),
      /** From where it is by now: quick presses of a key add up. */
      days: z.int().min(-7).max(7).default(0),
      minutes: z.int().min(-120).max(120).default(0),
    })
    .parse(sent);
  const season = latest(view);
  const slot = season.slots.find(({ id }) => id === slotId);
  if (!slot) return null;
  const on = to.on ?? plusDays(slot.on, to.days);
  if (on < view.today || on > blockEnd(season)) return null;
  const shifted = to.minutes ? timeOf(minutesOf(slot.starts) + to.minutes) : undefined;
  const at = to.starts ?? shifted ?? (on === slot.on ? slot.starts : startOn({ season }, slot, on));
  const slots = season.slots.map((one) => (one.id === slotId ? movedTo(one, on, at) : one));
  await change("move a session", [{ ...season, slots }]);
  return null;
}

/** Lets go of a slot that was put somewhere by hand, and places the rest anew. */
export async function unpinSlot(view: AthleteView, sent: unknown): Promise<null> {
  const { slotId } = z.object({ slotId: z.string() }).parse(sent);
  const season = latest(view);
  await keepPlaced(
    view,
    "let a session go",
    {
      ...season,
      slots: season.slots.map((slot) =>
        slot.id === slotId ? { ...slot, pinned: false, movedFrom: null } : slot,
      ),
    },
    sent,
  );
  return null;
}

/**
 * Places the rest anew around what was put somewhere by hand. What was put where a rule cannot let it stay, is let
 * go of.
 */
export async function placeAgain(view: AthleteView, sent: unknown): Promise<null> {
  const { freed } = z.object({ freed: z.array(z.string()).default([]) }).parse(sent);
  const season = latest(view);
  await keepPlaced(
    view,
    "place the sessions",
    {
      ...season,
      slots: season.slots.map((slot) =>
        freed.includes(slot.id) ? { ...slot, pinned: false, movedFrom: null } : slot,
      ),
    },
    sent,
  );
  return null;
}

/** Takes one session out: its day stays without it, and the week is not filled up again. */
export async function takeOutSlot(view: AthleteView, sent: unknown): Promise<null> {
  const { slotId } = z.object({ slotId: z.string() }).parse(sent);
  const season = latest(view);
  const slot = season.slots.find(({ id }) => id === slotId);
  if (slot && slot.on >= view.today)
    await change("take a session out", [withoutSlot(season, slot, view.today)]);
  return null;
}

/** Lets a session that was taken out come back, where there is room for it. */
export async function putSlotBack(view: AthleteView, sent: unknown): Promise<null> {
  const { mark } = z.object({ mark: Season.shape.out.unwrap() }).parse(sent);
  await keepPlaced(view, "put a session back", putBack(latest(view), mark), sent);
  return null;
}

/** Notes what a calendar was written with, so that the next one can call off what is gone. */
export async function noteWritten(view: AthleteView, sent: unknown): Promise<null> {
  const { light } = z.object({ light: z.boolean() }).parse(sent);
  const season = latest(view);
  const written = writtenNow(season, { today: view.today, light });
  await change("write the calendar", [{ ...season, written }]);
  return null;
}

/** Puts the proven placing in the place of the first one, if nobody has touched that since. */
export async function takePlaces(view: AthleteView, sent: unknown): Promise<null> {
  const { from, slots } = z.object({ from: z.array(Slot), slots: z.array(Slot) }).parse(sent);
  const season = latest(view);
  if (JSON.stringify(season.slots) !== JSON.stringify(from)) return null;
  // Nobody asked for it: it is no step of undo, and loses none.
  await jot([{ ...season, slots }]);
  return null;
}

/** Puts a round of checks on a day, or takes it off. */
export async function setCheckDay(view: AthleteView, sent: unknown): Promise<null> {
  const { on, there } = z.object({ on: Slot.shape.on, there: z.boolean() }).parse(sent);
  const season = latest(view);
  const next = there ? withRound(view, season, on) : withoutRound(season, on);
  await change(there ? "put a round of checks in" : "take the round of checks out", [next]);
  return null;
}

const withoutRound = (season: Season, on: string): Season => ({
  ...season,
  slots: season.slots.filter((slot) => slot.kind !== "check" || slot.on !== on),
});

/** The season with a round of checks on a day. */
function withRound(view: AthleteView, season: Season, on: string): Season {
  const id = `slot-${view.athlete.id}-${on}-check`;
  const round: Slot = {
    id,
    kind: "check",
    on,
    starts: checkTime(season, on),
    minutes: 10,
    placeId: view.athlete.placeId,
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

/** Notes days away or ill, and plans what follows anew. */
export async function setAbsence(
  view: AthleteView,
  sent: unknown,
): Promise<{ error: string } | null> {
  const parsed = Absence.safeParse(sent);
  if (!parsed.success) return { error: "Both days are needed." };
  if (parsed.data.to < parsed.data.from) return { error: "The last day lies before the first." };
  const athlete = { ...view.athlete, absences: [...view.athlete.absences, parsed.data] };
  await keepWith(view, "days away", athlete);
  return null;
}

/** Takes an absence back. */
export async function removeAbsence(view: AthleteView, sent: unknown): Promise<null> {
  const gone = Absence.parse(sent);
  const absences = view.athlete.absences.filter(
    ({ from, to, reason }) => from !== gone.from || to !== gone.to || reason !== gone.reason,
  );
  await keepWith(view, "no days away", { ...view.athlete, absences });
  return null;
}

async function keepWith(view: AthleteView, label: string, athlete: AthleteView["athlete"]) {
  if (!view.season) return change(label, [athlete]);
  const season = latest(view);
  const slots = quicklyPlaced(placeTermsOf({ ...view, athlete }, season));
  await change(label, [athlete, { ...season, slots }]);
}

/** Takes over what a calendar says: moved slots, and trainings that it has on single days. */
export async function takeCalendar(view: AthleteView, sent: unknown): Promise<null> {
  const { moves, gone, trainings } = z
    .object({
      gone: z.array(z.string()).default([]),
      moves: z.array(z.object({ slotId: z.string(), on: Slot.shape.on, starts: Time })),
      trainings: z.array(Training.omit({ weekday: true }).extend({ on: Slot.shape.on })),
    })
    .parse(sent);
  const known = latest(view);
  const season = known.slots
    .filter(({ id, on }) => gone.includes(id) && on >= view.today)
    .reduce((one, slot) => withoutSlot(one, slot, view.today), known);
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
  const moved = season.slots.map((slot) => {
    const move = moves.find(({ slotId }) => slotId === slot.id);
    return move ? movedTo(slot, move.on, move.starts) : slot;
  });
  const next = {
    ...season,
    slots: moved,
    others: [
      ...season.others.filter(({ monday }) => !weeks.has(monday)),
      ...[...weeks].map(([monday, own]) => ({ monday, trainings: own })),
    ],
  };
  if (weeks.size > 0) await keepPlaced(view, "read a calendar", next, sent);
  else await change("read a calendar", [next]);
  return null;
}
