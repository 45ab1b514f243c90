import { bandStrengths } from "../../core/drill/band";
import type { BodyPlace } from "../../core/body/sites";
import { bodyPlaces } from "../../core/body/sites";
import { IntakeQuestion } from "../../core/body/conditions";
import { exposures } from "../../core/body/exposures";
import { KitItem } from "../../core/drill/kit";
import { diceOf, type Dice } from "../../core/stats/dice";
import type { Athlete } from "../../core/records/athlete";
import type { Log, Place, Prep } from "../../core/records/records";
import { blankPrep } from "../../core/prep/blank";
import { requestFor } from "../../core/prep/request";
import type { PlanRequest } from "../../core/prep/plan";
import { plusDays } from "../../core/dates/days";
import { bodyToday } from "../../core/safety/body-today";
import { logItemOf } from "../../core/doses/log-item";
import { PainKind } from "../../core/records/records";
import { motionOf, MotionId } from "../../core/body/motions";
import type { Need } from "../../core/aim/priority";
import { library } from "../../library/index";

const today = "2026-11-24";

/** One person on one day, at one place, with what is asked for. */
export type SafetySituation = {
  seed: number;
  athlete: Athlete;
  logs: Log[];
  place: Place;
  prep: Prep;
  request: PlanRequest;
};

const pick = <T>(dice: Dice, list: readonly T[]): T => list[Math.floor(dice.unit() * list.length)]!;
const some = <T>(dice: Dice, list: readonly T[], share: number): T[] =>
  list.filter(() => dice.unit() < share);
const whole = (dice: Dice, from: number, to: number): number =>
  from + Math.floor(dice.unit() * (to - from + 1));

function athleteBy(dice: Dice, places: readonly BodyPlace[]): Athlete {
  const yes = dice.unit() < 0.6 ? some(dice, IntakeQuestion.options, 0.07) : [];
  const clearances = yes.flatMap((question) =>
    dice.unit() < 0.35
      ? [
          {
            question,
            who: "Dr Example",
            on: plusDays(today, -whole(dice, -3, 40)),
            until: dice.unit() < 0.4 ? plusDays(today, whole(dice, -10, 30)) : null,
            allows: dice.unit() < 0.3 ? [] : some(dice, exposures, 0.3),
            limits: "",
          },
        ]
      : [],
  );
  const age = dice.unit() < 0.35 ? whole(dice, 8, 17) : whole(dice, 18, 72);
  return {
    kind: "athlete",
    id: "p",
    name: "P",
    discipline: "",
    bornOn: `${2026 - age}-0${whole(dice, 1, 9)}-15`,
    statureCm: 165,
    assumed: [],
    massKg: 60,
    dominantSide: "right",
    measures: {},
    placeId: "x",
    note: "",
    intake:
      dice.unit() < 0.1
        ? null
        : {
            on: "2026-09-01",
            yes,
            where: yes.flatMap((question) =>
              dice.unit() < 0.5
                ? [{ question, places: [pick(dice, places)], since: "2026-10-20" }]
                : [],
            ),
            note: "",
            growthSpurt: dice.unit() < 0.1,
            beighton: dice.unit() < 0.5 ? null : whole(dice, 0, 9),
            clearances,
          },
    clearances: [],
    absences: [],
    archived: false,
    schools: {
      ...(dice.unit() < 0.2 ? { hold: "long" as const } : {}),
      ...(dice.unit() < 0.2 ? { pace: "clock" as const } : {}),
    },
    areas: [],
    profiles: [],
    quotas: [],
    lifts: [],
    years: null,
    flagged: dice.unit() < 0.3 ? ["wrist"] : [],
    nextChosen: [],
  };
}

/** What was done in the last weeks: some ladders, some of them every day, and pain somewhere. */
function logsBy(dice: Dice, places: readonly BodyPlace[]): Log[] {
  const ladders = some(dice, library.drills, 0.04);
  const days = dice.unit() < 0.3 ? 0 : whole(dice, 1, 24);
  return Array.from({ length: days }, (_, n): Log => {
    const on = plusDays(today, n - days);
    const hurts = n === days - 1 && dice.unit() < 0.5;
    return {
      kind: "log",
      id: `l${n}`,
      athleteId: "p",
      prepId: null,
      on,
      minutes: 20,
      note: "",
      items: ladders.map((drill, i) => {
        const rung = drill.rungs[Math.min(drill.rungs.length - 1, Math.floor(n / 8))]!;
        const painful = hurts && i === 0;
        return {
          ...logItemOf({
            drillId: drill.id,
            rungId: rung.id,
            dose: rung.session ?? rung.warmUp,
          }),
          form: "clean" as const,
          done: painful ? ("stopped" as const) : ("done" as const),
          pain: painful ? whole(dice, 1, 9) : 0,
          painAt: painful ? pick(dice, places) : null,
          painKind: painful ? pick(dice, PainKind.options) : null,
        };
      }),
    };
  });
}

function needsBy(dice: Dice): Need[] {
  return some(dice, MotionId.options, 0.25).map((motion) => ({
    motion,
    part: motionOf(motion).part,
    weight: 0.2 + dice.unit(),
    shortage: 10 * dice.unit(),
    shorter: null,
    verdict: "short",
    terms: { limiter: 0.5, timePressure: 0, sideDifference: 0, unmeasured: 0, keeping: 0 },
  })) as unknown as Need[];
}

/** The situation of a seed: the same seed is the same situation. */
export function safetySituation(seed: number): SafetySituation {
  const dice = diceOf(seed);
  const athlete = athleteBy(dice, bodyPlaces);
  const logs = logsBy(dice, bodyPlaces);
  const place: Place = {
    kind: "place",
    id: "x",
    name: "x",
    kit: dice.unit() < 0.3 ? [...KitItem.options] : some(dice, KitItem.options, 0.35),
    bands: some(dice, bandStrengths, 0.3).map((strength) => ({ strength, kg: null })),
    weights: some(dice, [1, 2, 4, 8, 16], 0.4),
    space: pick(dice, ["spot", "mat", "room"] as const),
    silent: dice.unit() < 0.15,
    noFloor: dice.unit() < 0.1,
    note: "",
  };
  const format = pick(dice, library.formats);
  const ramp = pick(
    dice,
    library.drills.filter(({ kind }) => kind === "strength" || kind === "skill"),
  );
  const prep = blankPrep({
    id: "prep",
    athleteId: "p",
    session: format.doses,
    format: format.id,
    on: today,
    budget: whole(dice, 3, 45) * 60,
    alreadyWarm: dice.unit() < 0.15,
    handOver: format.handOver,
    flagged: athlete.flagged,
    ...(format.ramp ? { ramp: { drillId: ramp.id, rungId: pick(dice, ramp.rungs).id } } : {}),
  });
  const request = requestFor({
    prep,
    athlete,
    library,
    needs: needsBy(dice),
    skills: some(
      dice,
      library.skills.map(({ id }) => id),
      0.08,
    ),
    place,
    body: bodyToday(athlete, { logs, checks: [], library }, today),
    logs,
    days: [],
    preps: [],
    coach: {},
  });
  return { seed, athlete, logs, place, prep, request: { ...request, rounds: 0 } };
}
