import { bodyFindings, withFindings } from "../aim/body-findings";
import { needsOf, type Need } from "../aim/priority";
import { skillOf } from "../content/library";
import type { Skill } from "../content/skill";
import { daysBetween } from "../dates/days";
import { rankedGaps } from "../limit/ranked-gaps";
import type { PlanRequest } from "../prep/plan";
import { requestFor } from "../prep/request";
import { ageOn } from "../records/athlete";
import { placeOf } from "../records/places";
import type { Aim, Prep } from "../records/records";
import { bodyToday, type BodyToday } from "../safety/body-today";
import { prepTerms } from "../schedule/prep-terms";
import { aimShares, sharedNeeds } from "../schedule/shares";
import { aroundOf } from "../schedule/around-of";
import { findingsFor } from "./findings";
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
