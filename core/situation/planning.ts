import { placeOf } from "../records/places";
import type { BodyFinding } from "../aim/body-finding";
import { bodyFindings, withFindings } from "../aim/body-findings";
import { needsOf, type Need } from "../aim/priority";
import { sportsIn } from "../body/sports";
import { drillOf, skillOf, type Library } from "../content/library";
import { ageOn } from "../records/athlete";
import { rankedGaps } from "../limit/ranked-gaps";
import type { Skill } from "../content/skill";
import { onRung, rungOf } from "../drill/drill";
import { permittedDown } from "../prep/permit";
import type { Aim, Prep, PrepItem } from "../records/records";
import { blankPrep } from "../prep/blank";
import { fillExactly } from "../prep/fill";
import { planPrep, type Plan, type PlanRequest } from "../prep/plan";
import { requestFor } from "../prep/request";
import { carriedOn } from "../prep/sequence";
import { another } from "../prep/variants";
import { getISODay, parseISO } from "date-fns";
import { prepSeconds } from "../prep/timeline";
import { daysBetween } from "../dates/days";
import { trainingsOn } from "../schedule/block";
import { hurtLately } from "../progress/hurt-lately";
import { weakParts } from "../prep/weakest-part";
import { prepTerms } from "../schedule/prep-terms";
import { aimShares, sharedNeeds } from "../schedule/shares";
import { aroundOf } from "../schedule/terms-of";
import { isWork, sessionKinds, type Slot } from "../records/training";
import { bodyToday, type BodyToday } from "../safety/body-today";
import type { Situation } from "./situation";

/** What the planner needs to know, from what the notebook knows and what the prep and its season say. */
export const requestOf = (situation: Situation, prep: Prep): PlanRequest =>
  requestFor({
    prep,
    athlete: situation.athlete,
    library: situation.library,
    needs: needsFor(situation, prep),
    skills: [
      ...(prep.next?.skillId ? [prep.next.skillId] : []),
      ...situation.aims.filter((aim) => !aim.closedOn).map((aim) => aim.skillId),
    ].filter((skillId) => isOldEnough(situation, skillId, prep.on)),
    place: placeOf(situation.places, prep.placeId),
    body: bodyWithEarned(bodyToday(situation.athlete, situation, prep.on), prep),
    logs: situation.logs,
    days: situation.days,
    preps: situation.preps,
    coach: situation.settings.schools,
    aside: situation.settings.aside,
    ...(situation.season
      ? { terms: prepTerms(aroundOf(situation, situation.season), prep.on, prep.id) }
      : {}),
  });

/** A prep that was sent without its log brings the coach's word for its rungs; what is known here of more stands over it. */
const bodyWithEarned = (body: BodyToday, { earned = [] }: Prep): BodyToday =>
  earned.length === 0
    ? body
    : {
        ...body,
        vouched: new Map([
          ...earned.map(({ drillId, rungId }) => [drillId, rungId] as const),
          ...body.vouched,
        ]),
      };

/** Whether a skill may be rehearsed at that age: pointe, only from about twelve, and when the teacher says. */
function isOldEnough({ library, athlete }: Situation, skillId: string, on: string): boolean {
  const fromAge = skillOf(library, skillId)?.fromAge ?? null;
  return fromAge === null || ageOn(athlete, on) >= fromAge;
}

/**
 * What a prep works for: a session of the season for its own aim, what else hangs on the weeks for all open aims by
 * their shares, any other prep for the aim that is walked toward.
 */
function needsFor(situation: Situation, prep: Prep): readonly Need[] {
  return withFindings(
    withNext(situation, prep, aimNeeds(situation, prep)),
    findingsFor(situation, prep.on),
  );
}

/** What an aim still weighs where something else is trained next. */
const asideOfNext = 0.4;
/** What a joint that is trained next weighs. Working figure. */
const trainedNext = 0.4;

/** The needs of what is trained next first, and of the aim behind them. */
function withNext(situation: Situation, prep: Prep, needs: readonly Need[]): readonly Need[] {
  const { next } = prep;
  const { athlete, checks, logs, library } = situation;
  if (!next) return needs;
  const skill = next.skillId ? skillOf(library, next.skillId) : undefined;
  const asked = skill
    ? needsOf(
        rankedGaps({
          athlete,
          aim: aimAt(skill, athlete.id, prep.on),
          skill,
          checks,
          logs,
          library,
        }),
        0,
      )
    : [];
  const joints = withFindings(
    [],
    bodyFindings([], library, prep.on, { areas: next.joints, profiles: [], sports: [] }).map(
      (finding) => ({ ...finding, weight: trainedNext }),
    ),
  );
  const first = [
    ...asked,
    ...joints.filter(({ motion }) => !asked.some((one) => one.motion === motion)),
  ];
  const behind = needs
    .filter(({ motion }) => !first.some((one) => one.motion === motion))
    .map((need) => ({ ...need, weight: need.weight * asideOfNext }));
  return [...first, ...behind].sort((a, b) => b.weight - a.weight);
}

/** An aim at a skill on a day, for what is trained then and nothing else. */
const aimAt = (skill: Skill, athleteId: string, on: string): Aim => ({
  kind: "aim",
  id: "next",
  athleteId,
  skillId: skill.id,
  quality: "clean",
  side: skill.sided ? "left" : "mid",
  by: on,
  since: on,
  closedOn: null,
  outcome: null,
  hips: "square",
  overrides: [],
  targets: [],
});

/** What was found of the athlete beside the aim, the weightiest first. */
export const findingsFor = (
  { athlete, checks, logs, library, settings }: Situation,
  on: string,
): BodyFinding[] =>
  bodyFindings(checks, library, on, {
    areas: athlete.areas,
    profiles: athlete.profiles,
    own: settings.profiles,
    flagged: athlete.flagged,
    hurt: hurtLately(logs, library, on),
    weakParts: weakParts(logs, library, on),
    sports: sportsIn(athlete.discipline),
  });

/** What the aim alone asks of a prep. */
export function aimNeeds(situation: Situation, prep: Prep): readonly Need[] {
  const slot = situation.season?.slots.find(({ id }) => id === prep.id);
  if (!slot || situation.openAims.length < 2) return situation.needs;
  const own = situation.openAims.find(({ aim }) => aim.id === slot.aimId);
  if (own) return needsOf(own.gaps, daysBetween(situation.day, own.aim.by), own.aim.overrides);
  const shares = aimShares(situation.openAims, situation.season!.shares, situation.day);
  return shares.length > 0
    ? sharedNeeds(situation.openAims, shares, situation.day)
    : situation.needs;
}

/** The prep that a day shows, and whether the notebook has it; for today a proposal where it has none. */
export type ShownPrep = { prep: Prep | null; kept: boolean };

/**
 * One answer for the desk, the sheets and the run: the prep asked for, else the first of the day that is not logged, else
 * the first; for today and days to come, where there is none, what waits or a new one, planned.
 * @param asked a prep's or a slot's id
 * @param id what a new prep would be called
 */
export function prepShown(
  situation: Situation,
  on: string,
  asked: string | null,
  id: string,
): ShownPrep {
  const slot = waitingOn(situation, on).find((one) => one.id === asked);
  const onDay = situation.preps.filter((prep) => prep.on === on);
  const kept = slot
    ? undefined
    : (onDay.find((prep) => prep.id === asked) ??
      onDay.find((prep) => !situation.logs.some(({ prepId }) => prepId === prep.id)) ??
      onDay[0]);
  if (kept) return { prep: kept, kept: true };
  if (on < situation.today) return { prep: null, kept: false };
  const blank = slot ? prepOfSlot(situation, slot) : newPrep(situation, on, id);
  return { prep: proposed(situation, blank), kept: false };
}

/** The prep with its items planned anew; what is locked stays. */
export function planned(situation: Situation, prep: Prep): { prep: Prep; plan: Plan } {
  const request = requestOf(situation, prep);
  const plan = prep.turn > 0 ? another(request) : planPrep(request);
  return { prep: { ...prep, items: plan.items }, plan };
}

/**
 * The prep after a reorder or a change of place in the list: the raise and the wind-down take up the seconds. One that
 * was written by hand stays as it is, and takes the minutes it takes.
 */
export const refitted = (situation: Situation, prep: Prep): Prep =>
  prep.sequence
    ? asWritten(situation.library, prep)
    : {
        ...prep,
        items: fillExactly(prep.items, {
          budget: prep.budget,
          library: situation.library,
          handOver: prep.handOver,
        }),
      };

/** The shortest and longest prep, seconds. */
const bounds = { from: 120, to: 7200 };

/** A prep written by hand, with the minutes it takes; any other as it is. */
export function asWritten(library: Library, prep: Prep): Prep {
  if (!prep.sequence) return prep;
  const seconds = prepSeconds(prep.items, library, prep.handOver);
  return { ...prep, budget: Math.min(bounds.to, Math.max(bounds.from, seconds)) };
}

/** What waits on a day: what hangs on it and has neither become a prep nor been logged. Rounds of checks are no preps. */
export const waitingOn = (situation: Situation, on: string): Slot[] =>
  (situation.season?.slots ?? []).filter(
    (slot) =>
      slot.on === on &&
      slot.kind !== "check" &&
      !situation.preps.some(({ id }) => id === slot.id) &&
      !situation.logs.some(({ prepId }) => prepId === slot.id),
  );

/** The prep that a slot becomes: its own minutes, place and shape, to be planned. */
export function prepOfSlot(situation: Situation, slot: Slot): Prep {
  const { doses, format, warm } = sessionKinds[slot.kind];
  const standing = situation.ownPreps.find((own) => standsOn(own, slot));
  if (standing) return laidOn(situation, standing, slot);
  return blankPrep({
    id: slot.id,
    athleteId: situation.athlete.id,
    session: doses,
    on: slot.on,
    budget: slot.minutes * 60,
    placeId: slot.placeId,
    format: format ?? "",
    flagged: situation.athlete.flagged,
    alreadyWarm: warm,
    next: slot.kind === "warm-up" ? trainedAfter(situation, slot) : null,
  });
}

/** What the training works on that a warm-up stands before; null where nobody has said. */
function trainedAfter({ season }: Situation, { on, starts }: Slot): Prep["next"] {
  if (!season) return null;
  const next = trainingsOn(season, on).find((one) => isWork(one.kind) && one.starts >= starts);
  return next?.trains ?? null;
}

/** Whether a prep of one's own hangs on a slot. */
const standsOn = ({ standing }: Prep, { kind, on }: Pick<Slot, "kind" | "on">): boolean =>
  standing !== null &&
  standing.kind === kind &&
  (standing.weekdays.length === 0 || standing.weekdays.includes((getISODay(parseISO(on)) + 6) % 7));

/** A standing prep as it is done on a day: carried on by the log, drill by drill. */
function laidOn(
  situation: Situation,
  own: Prep,
  { id, on, placeId }: Pick<Slot, "id" | "on" | "placeId">,
): Prep {
  const prep = { ...own, id, on, placeId: placeId ?? own.placeId, own: "", standing: null };
  const request = requestOf(situation, { ...prep, items: [] });
  return asWritten(situation.library, {
    ...prep,
    sequence: true,
    items: carriedOn(own.items, request, situation.logs, on).map((item) =>
      atOwnRung(item, request),
    ),
  });
}

/** A drill of a session that is kept for several, on the rung that this athlete may do: lower where the gate asks it. */
function atOwnRung(item: PrepItem, request: PlanRequest): PrepItem {
  const drill = drillOf(request.library, item.drillId);
  const rung = drill && permittedDown(drill, rungOf(drill, item.rungId), request);
  return rung && rung.id !== item.rungId ? onRung(item, drill, rung) : item;
}

/** What is proposed: a standing prep as it is, anything else planned. */
export const proposed = (situation: Situation, blank: Prep): Prep =>
  blank.items.length > 0 ? blank : planned(situation, blank).prep;

/**
 * An empty prep for a day, to be planned: what waits there first, except what is so light that nobody looks for it;
 * without a season fifteen minutes before training, at the athlete's usual place.
 * @param id what a prep that hangs on no slot is called
 */
export function newPrep(situation: Situation, on: string, id: string): Prep {
  const waiting = waitingOn(situation, on);
  const first = waiting.find(({ kind }) => kind !== "circles" && kind !== "fillers") ?? waiting[0];
  if (first) return prepOfSlot(situation, first);
  const standing = situation.ownPreps.find((own) => standsOn(own, { kind: "warm-up", on }));
  if (standing) return laidOn(situation, standing, { id, on, placeId: null });
  return blankPrep({
    id,
    athleteId: situation.athlete.id,
    session: "warm-up",
    on,
    budget: 15 * 60,
    placeId: situation.place?.id ?? null,
    flagged: situation.athlete.flagged,
  });
}
