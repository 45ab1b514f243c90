import { placeOf } from "#core/records/places";
import { lockedMotions } from "../core/safety/pain";
import { headlineOf } from "#core/aim/headline";
import { headlineWords } from "#words/aim";
import { motionOf } from "#core/body/motions";
import { writeDose } from "#core/drill/dose";
import { rungOf } from "#core/drill/drill";
import { toCalendar } from "#core/exchange/calendar";
import { checksCsv } from "#core/exchange/checks-csv";
import { kinds, type AnyRecord } from "#core/records/records";
import { drillOf, formatOf, protocolOf } from "#core/content/library";
import { changesByDay } from "#core/measure/round-changes";
import { proposeRound } from "#core/aim/round";
import { unitOf } from "#core/content/protocol";
import { angleOf, bodyOf, valueOf } from "#core/measure/value";
import { quickChoice } from "#core/prep/greedy";
import { orderTerms } from "#core/prep/mend";
import { breaches } from "#core/prep/order";
import { planDraftOf, planOf, planPrep, type Plan, type PlanRequest } from "#core/prep/plan";
import { choiceFrom, programmeOf } from "#core/prep/programme";
import { timelineOf } from "#core/prep/timeline";
import { valueOfChoice } from "#core/prep/model";
import { newPrep } from "#core/situation/planning";
import { requestOf } from "#core/situation/request-of";
import type { Situation } from "#core/situation/situation";
import { dateOf } from "#core/forecast/date-of";
import { forecastAnswer } from "#core/forecast/forecast-answer";
import { forecastQuestions } from "#core/forecast/forecast-questions";

import { seasonEvents } from "#core/schedule/season-calendar";
import { NoAnswer, type Options } from "./options";
import type { CallRead } from "./read";
import { slotSummary } from "#words/slots";

/** What is in a file. */
export function validateAnswer({ records, version, savedAt, aside }: CallRead) {
  const counts = Object.fromEntries(
    kinds.flatMap((kind) => {
      const count = records.filter((record: AnyRecord) => record.kind === kind).length;
      return count > 0 ? [[kind, count]] : [];
    }),
  );
  return { valid: true, version, savedAt, counts, aside };
}

/** What was measured, each with its error and the change since the check before it; and the round that is due. */
export function checkAnswer(situation: Situation) {
  const { athlete, checks, library, allGaps, locks, day } = situation;
  const body = bodyOf(athlete);
  const shown = checks.toSorted((a, b) =>
    a.on === b.on ? (a.at < b.at ? 1 : -1) : a.on < b.on ? 1 : -1,
  );
  const round = proposeRound({
    gaps: allGaps,
    checks,
    library,
    minutes: 15,
    today: day,
    locked: lockedMotions(locks),
  });
  const changeOn = changesByDay(shown, library);
  return {
    athlete: athlete.id,
    day,
    checks: shown.map((check) => {
      const protocol = protocolOf(library, check.protocolId);
      const value = protocol && check.trials.length > 0 ? valueOf(check, protocol) : null;
      const angle = protocol && value ? angleOf(value, protocol, body) : null;
      const change = protocol && value ? changeOn(check) : null;
      return {
        id: check.id,
        on: check.on,
        protocol: check.protocolId,
        side: check.side,
        mode: check.mode,
        trials: check.trials,
        unit: protocol ? unitOf(protocol).trim() : null,
        value: value?.value ?? null,
        error: value?.se ?? null,
        degrees: angle?.degrees ?? null,
        degreesError: angle?.se ?? null,
        change: change && {
          since: change.since,
          by: change.delta,
          threshold: change.threshold,
          real: change.real,
        },
        pain: check.pain,
        tester: check.tester,
      };
    }),
    round: round.items.map(({ protocolId, mode }) => ({ protocol: protocolId, mode })),
  };
}

/** Every demand of the aim against what the athlete has. */
export function gapAnswer(situation: Situation) {
  const { aim, skill, gaps, athlete, day } = withAim(situation);
  return {
    athlete: athlete.id,
    day,
    aim: { id: aim.id, skill: aim.skillId, quality: aim.quality, side: aim.side, by: aim.by },
    headline: headlineWords(headlineOf(gaps), skill).title,
    demands: gaps.map((gap) => ({
      motion: gap.demand.motion,
      mode: gap.demand.mode,
      need: gap.need,
      weight: gap.demand.weight,
      verdict: gap.verdict,
      shortage: gap.shortage,
      limiter: gap.limiter,
      source: gap.demand.source,
      sides: gap.sides.map(({ side, asked, have, margin, probability, verdict, checkedOn }) => ({
        side,
        asked,
        have: have?.degrees ?? null,
        error: have?.se ?? null,
        margin,
        probability,
        verdict,
        checkedOn,
      })),
    })),
  };
}

function withAim(situation: Situation) {
  const { aim, skill } = situation;
  if (!aim || !skill) throw new NoAnswer("There is no open aim.", { why: "no-aim" });
  return { ...situation, aim, skill };
}

type Wishes = Pick<Options, "minutes" | "format" | "place" | "warm" | "proven">;

/** The prep that is asked for, and what the planner needs to know of it. */
function prepAsked(situation: Situation, read: CallRead, wishes: Wishes) {
  const blank = newPrep(situation, situation.day, "prep");
  const formatId = wishes.format ?? read.wishes.prepFormat ?? blank.format;
  const format = formatId ? formatOf(situation.library, formatId) : undefined;
  if (formatId && !format)
    throw new NoAnswer(`There is no format “${formatId}”.`, {
      why: "no-format",
      formats: situation.library.formats.map(({ id }) => id),
    });
  const placeId = wishes.place ?? blank.placeId;
  if (placeId && !placeOf(situation.places, placeId))
    throw new NoAnswer(`There is no place “${placeId}”.`, {
      why: "no-place",
      places: situation.places.map(({ id }) => id),
    });
  const minutes = wishes.minutes ?? read.wishes.minutes ?? format?.minutes ?? blank.budget / 60;
  return {
    ...blank,
    format: formatId,
    session: format?.doses ?? blank.session,
    handOver: format?.handOver ?? blank.handOver,
    budget: Math.round(minutes * 60),
    placeId,
    alreadyWarm: wishes.warm || (read.wishes.alreadyWarm ?? blank.alreadyWarm),
    items: [],
  };
}

/** A prep, item by item: when, how much, and why; and what was left out and why. */
export async function planAnswer(situation: Situation, read: CallRead, wishes: Wishes) {
  const { library } = situation;
  const prep = prepAsked(situation, read, wishes);
  const request = requestOf(situation, prep);
  const { plan, proof } = wishes.proven
    ? await proven(request)
    : { plan: planPrep(request), proof: null };
  const steps = timelineOf(plan.items, library, prep.handOver);
  let second = 0;
  const starts = new Map<number, { start: number; seconds: number }>();
  for (const step of steps) {
    const known = starts.get(step.item);
    // Changes of place before a drill belong to no drill.
    if (step.kind !== "transition" && step.kind !== "hand-over")
      starts.set(step.item, {
        start: known?.start ?? second,
        seconds: (known?.seconds ?? 0) + step.seconds,
      });
    second += step.seconds;
  }
  return {
    athlete: situation.athlete.id,
    day: situation.day,
    format: request.format.id,
    minutes: prep.budget / 60,
    place: prep.placeId,
    seconds: plan.seconds,
    value: plan.value,
    proof,
    note: plan.note,
    breaches: breaches(plan.items, library, orderTerms(request)).map(({ at, rule }) => ({
      at,
      rule,
    })),
    items: plan.items.map((item, n) => {
      const drill = drillOf(library, item.drillId)!;
      return {
        drill: item.drillId,
        name: drill.name,
        rung: item.rungId,
        rungName: rungOf(drill, item.rungId).name,
        phase: item.phase,
        segment: item.segment,
        kind: drill.kind,
        sides: item.sides,
        extra: item.extra,
        dose: item.dose,
        doseText: writeDose(item.dose),
        start: starts.get(n)?.start ?? null,
        seconds: starts.get(n)?.seconds ?? 0,
        serves: item.serves,
        reasons: item.why,
      };
    }),
    leftOut: plan.leftOut.map(({ drillId, reason }) => ({ drill: drillId, reason })),
  };
}

async function proven(request: PlanRequest): Promise<{ plan: Plan; proof: object | null }> {
  if (request.clocked ?? request.format.clocked ?? request.gaps ?? request.format.gaps)
    return { plan: planPrep(request), proof: null };
  const draft = planDraftOf(request);
  if (draft.model.options.length === 0) return { plan: planPrep(request), proof: null };
  const [{ default: load }, { prove }] = await Promise.all([
    import("highs"),
    import("#core/stats/prove"),
  ]);
  const found = prove(await load(), programmeOf(draft.model));
  const [quick, best] = [quickChoice(draft.model), choiceFrom(draft.model, found.columns)];
  const better = valueOfChoice(draft.model, best) > valueOfChoice(draft.model, quick);
  return {
    plan: planOf(draft, better ? best : quick),
    proof: { gap: found.gap, seconds: found.seconds },
  };
}

/** How likely the date of the aim is, demand by demand. */
export function forecastAnswerOf(situation: Situation) {
  const { aim, athlete, day } = withAim(situation);
  if (aim.by <= day)
    throw new NoAnswer("The date of the aim is over.", { why: "past", by: aim.by });
  const questions = forecastQuestions({
    ...situation,
    on: day,
    by: aim.by,
  });
  const answers = questions.map((question) => ({ question, answer: forecastAnswer(question) }));
  const date = dateOf(
    questions,
    new Map(answers.map(({ question, answer }) => [question.key, answer])),
  );
  return {
    athlete: athlete.id,
    day,
    aim: { id: aim.id, skill: aim.skillId, by: aim.by },
    unmeasured: situation.gaps
      .filter(({ verdict }) => verdict === "unknown")
      .map(({ demand }) => demand.motion),
    date: date && { chance: date.chance, most: date.most, holding: date.holding },
    demands: answers.map(({ question, answer }) => ({
      motion: question.motion,
      side: question.side,
      need: question.need,
      secondsAWeek: question.usual,
      assumed: question.assumed,
      checks: answer.checks,
      onDate: answer.onDate,
      chance: answer.chance,
      wouldDo: answer.wouldDo,
      measureInWeeks: answer.measure,
    })),
  };
}

/** The weeks as they are planned. */
export function seasonAnswer({ athlete, season, day }: Situation) {
  if (!season) throw new NoAnswer("There are no weeks planned yet.", { why: "no-season" });
  return {
    athlete: athlete.id,
    day,
    since: season.since,
    weeks: season.weeks,
    slots: season.slots.map(({ id, on, starts, minutes, kind, placeId }) => ({
      id,
      on,
      starts,
      minutes,
      kind,
      place: placeId,
    })),
  };
}

export const csvAnswer = ({ checks, athlete, library }: Situation): string =>
  checksCsv(checks, [athlete], library);

export function icsAnswer({ season, places, day, athlete }: Situation, stamp: string): string {
  if (!season) throw new NoAnswer("There are no weeks planned yet.", { why: "no-season" });
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  return toCalendar(
    seasonEvents(season, { today: day, light: false, places, summary: slotSummary }),
    {
      zone,
      stamp,
      alarm: null,
      name: `${athlete.name}: preps`,
    },
  );
}

export const motionName = (id: Parameters<typeof motionOf>[0]): string => motionOf(id).name;
