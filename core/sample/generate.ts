import { unsaid } from "../prep/unsaid";
import type { Group } from "../records/groups";
import { plainSettings } from "../records/settings";
import { placeOf } from "../records/places";
import { gapOf } from "../aim/gap";
import { rankedGaps } from "../limit/ranked-gaps";
import { needsOf } from "../aim/priority";
import { sidesOf, type Side } from "../body/side";
import { diceOf, type Dice } from "../stats/dice";
import { newAthlete, type Athlete } from "../records/athlete";
import type {
  Aim,
  AnyRecord,
  Check,
  DayNote,
  Log,
  LogItem,
  Place,
  Prep,
  PrepItem,
} from "../records/records";
import { drillOf, protocolOf, skillOf, type Library } from "../content/library";
import { unitOf, type Mode } from "../content/protocol";
import { JointId } from "../body/motions";
import type { BodyPlace } from "../body/sites";
import { rungOf } from "../drill/drill";
import { stressOf } from "../exposure/stress";
import { bodyToday } from "../safety/body-today";
import { blankPrep } from "../prep/blank";
import { fillExactly } from "../prep/fill";
import { planPrep } from "../prep/plan";
import { prepSeconds } from "../prep/timeline";
import { requestFor } from "../prep/request";
import { amountOf, logItemOf, setsAs } from "../doses/log-item";
import { painLocks } from "../safety/pain";
import { daysBetween, mondayOf, plusDays } from "../dates/days";
import { trainingsOn } from "../schedule/block";
import { startOn } from "../schedule/hang";
import { quicklyPlaced } from "../schedule/place";
import { newSeason, placeTermsOf } from "../schedule/terms-of";
import { isWork, minutesOf, timeOf, type Season } from "../records/training";
import type { Cast, Performer } from "./cast";
import { hallOf } from "./hall-of";

const weeks = 10;
/** Days of the week on which preps hang: Monday, Tuesday, Thursday, Saturday. */
const prepDays = [0, 1, 3, 5];

/**
 * Ten weeks of an invented troupe, ending today: checks with measurement noise, preps by the real planner,
 * logs with misses, a sick week, a flagged wrist and a re-timed session. Deterministic in seed and date.
 */
export function generateTroupe(cast: Cast, library: Library, today: string, seed = 7): AnyRecord[] {
  const places = cast.places.map((place): Place => ({ kind: "place", ...place }));
  return [
    { kind: "troupe", id: "lanternfield", ...cast.troupe },
    {
      ...plainSettings,
      tester: cast.testers[0]!,
    },
    ...places,
    ...cast.groups.map((group): Group => ({ kind: "group", ...group })),
    ...cast.halls.flatMap((hall) => hallOf(hall, cast, library, today)),
    ...cast.performers.flatMap((performer, n) =>
      historyOf(performer, {
        places,
        cast,
        library,
        today,
        dice: diceOf(seed * 1000 + n),
        logDice: diceOf(seed * 1000 + n + 500),
      }),
    ),
  ];
}

/** Logs have dice of their own, so that another plan never moves a check. */
type Setting = {
  places: Place[];
  cast: Cast;
  library: Library;
  today: string;
  dice: Dice;
  logDice: Dice;
};

function historyOf(performer: Performer, setting: Setting): AnyRecord[] {
  const { today, library } = setting;
  const start = plusDays(mondayOf(today), -7 * weeks);
  let athlete = athleteOf(performer, start, today);
  const aimFor = ({ inDays, ...goal }: Performer["aim"], id: string): Aim => ({
    kind: "aim",
    id,
    athleteId: athlete.id,
    ...goal,
    by: plusDays(today, inDays),
    since: start,
    closedOn: null,
    outcome: null,
    hips: "square",
    overrides: [],
    targets: [],
  });
  const aim = aimFor(performer.aim, `aim-${performer.id}`);
  const further = performer.furtherAims.map((goal) =>
    aimFor(goal, `aim-${performer.id}-${goal.skillId}`),
  );
  const skill = skillOf(library, aim.skillId);
  if (!skill) throw new Error(`the cast aims at an unknown skill: ${aim.skillId}`);
  const checks: Check[] = [];
  const preps: Prep[] = [];
  const logs: Log[] = [];
  const notes = dayNotes(performer, athlete, start, setting);
  for (let day = start; day <= today; day = plusDays(day, 1)) {
    const since = daysBetween(start, day);
    const week = Math.floor(since / 7);
    const away = athlete.absences.some((a) => a.from <= day && day <= a.to);
    if (since % 14 === 1 && !away && day < today)
      checks.push(...roundOf(performer.ranges, athlete, day, since / (7 * weeks), setting));
    if (!prepDays.includes(since % 7)) continue;
    const prep = prepOn(day, week, since, {
      performer,
      athlete,
      aim,
      skill,
      checks,
      logs,
      notes,
      preps,
      setting,
    });
    preps.push(day === today ? withKept(prep, performer, library) : prep);
    const missed = setting.logDice.unit() <= 0.12;
    const flagged = performer.flag?.week === week && prep.session === "mobility";
    if (day < today && !away && (flagged || !missed)) {
      const log = loggedAs(prep, week, performer, library, setting.logDice);
      logs.push(log);
      if (log.items.some(({ painAt }) => painAt)) athlete = letIn(athlete, performer, log);
    }
  }
  const aside = [1, 57].flatMap((since, round) => {
    const day = plusDays(start, since);
    const dice = diceOf(1 + round + 97 * performer.id.length + performer.age);
    return roundOf(performer.also, athlete, day, since / (7 * weeks), {
      ...setting,
      dice,
      tester: setting.cast.testers[round % setting.cast.testers.length]!,
    });
  });
  const season = seasonOf(performer, [aim, ...further], {
    athlete,
    checks: [...checks, ...aside],
    preps,
    logs,
    setting,
  });
  return [athlete, aim, ...further, ...checks, ...aside, ...preps, ...logs, ...notes, season];
}

/** The block toward the first aim, with everything to come placed; the prep of today stands in it under its own name. */
function seasonOf(
  { season: wanted }: Performer,
  aims: Aim[],
  {
    athlete,
    checks,
    preps,
    logs,
    setting,
  }: { athlete: Athlete; checks: Check[]; preps: Prep[]; logs: Log[]; setting: Setting },
): Season {
  const { today, library } = setting;
  const { show, ...own } = wanted;
  const last = mondayOf(aims[0]!.by);
  const many = Math.max(4, Math.min(16, daysBetween(mondayOf(today), last) / 7 + 1 + weeks));
  const scene = {
    athlete,
    aims,
    openAims: aims.flatMap((aim) => {
      const skill = skillOf(library, aim.skillId);
      return skill
        ? [
            {
              aim,
              name: skill.name,
              gaps: rankedGaps({ athlete, aim, skill, checks, logs, library, on: today }),
            },
          ]
        : [];
    }),
    preps,
    runs: [],
    logs,
    library,
    locks: painLocks(athlete, logs, checks, library),
    today,
  };
  const base: Season = {
    ...newSeason({ ...scene, id: `season-${athlete.id}` }),
    since: plusDays(last, 7 * (1 - many)),
    weeks: many,
    ...own,
  };
  const shown = show && plusDays(today, show.inDays);
  const monday = shown && mondayOf(shown);
  const usual = (day: number) => base.usual.filter(({ weekday }) => weekday !== day);
  const season: Season = {
    ...base,
    others:
      shown && monday
        ? [
            {
              monday,
              trainings: [
                ...usual(daysBetween(monday, shown)),
                {
                  weekday: daysBetween(monday, shown),
                  kind: "show",
                  starts: show.starts,
                  minutes: show.minutes,
                  placeId: athlete.placeId,
                },
              ],
            },
          ]
        : [],
    slots: preps
      .filter(({ on }) => on === today)
      .map((prep) => ({
        id: prep.id,
        kind: prep.session,
        on: today,
        starts: startOfPrep(base, prep),
        minutes: Math.round(prep.budget / 60),
        placeId: prep.placeId,
        focus: null,
        aimId: null,
        pinned: false,
        movedFrom: null,
        revision: 0,
      })),
  };
  return { ...season, slots: quicklyPlaced(placeTermsOf(scene, season)) };
}

/** Before the day's first training, or at the athlete's own time. */
function startOfPrep(season: Season, prep: Prep): string {
  const training = trainingsOn(season, prep.on).find(({ kind }) => isWork(kind));
  return training && prep.session === "warm-up"
    ? timeOf(minutesOf(training.starts) - Math.round(prep.budget / 60))
    : startOn({ season }, { kind: prep.session, starts: season.ownTime }, prep.on);
}

function athleteOf(performer: Performer, start: string, today: string): Athlete {
  const { intake, missedWeek } = performer;
  const clearances = intake.clearances.map(({ untilDays, ...clearance }) => ({
    ...clearance,
    on: plusDays(start, -2),
    until: untilDays === null ? null : plusDays(today, untilDays),
  }));
  const sick =
    missedWeek === undefined
      ? []
      : [
          {
            from: plusDays(start, missedWeek * 7),
            to: plusDays(start, missedWeek * 7 + 6),
            reason: "ill" as const,
          },
        ];
  const { name, discipline, statureCm, massKg, dominantSide, placeId } = performer;
  const bornOn = `${Number(today.slice(0, 4)) - performer.age}-01-0${1 + (performer.age % 9)}`;
  const known = { name, discipline, bornOn, statureCm, massKg, dominantSide, placeId, years: null };
  return {
    ...newAthlete(performer.id, known),
    intake: {
      on: plusDays(start, -3),
      yes: intake.yes,
      where: intake.where.map((one) => ({ ...one, since: plusDays(start, -30) })),
      note: intake.note,
      growthSpurt: intake.growthSpurt,
      beighton: intake.beighton,
      clearances,
    },
    absences: sick,
    flagged: JointId.options.filter((joint) => joint === performer.flag?.at.site),
  };
}

/** A round of checks: the true range at that time, plus measurement noise, in trials. */
function roundOf(
  ranges: Performer["ranges"],
  athlete: Athlete,
  day: string,
  share: number,
  { library, cast, dice, tester = cast.testers[0]! }: Setting & { tester?: string },
): Check[] {
  const gained = 1 - Math.exp(-2.2 * share);
  return Object.entries(ranges).flatMap(([name, { start, gain }]) => {
    const [protocolId, asked] = name.split("/") as [string, Mode | undefined];
    const protocol = protocolOf(library, protocolId);
    if (!protocol) throw new Error(`the cast is checked by an unknown protocol: ${protocolId}`);
    return sidesOf(protocol.sided).map((side: Side, n): Check => {
      const truth = start[n]! + gain[n]! * gained * 1.12;
      const { id: instrument, sem } = protocol.instruments[0]!;
      const sitting = dice.normal() * sem * 0.6;
      const whole = unitOf(protocol) === " cm" ? 10 : 1;
      const [least, most] = protocol.possible;
      const trial = () => {
        const read = truth + sitting + dice.normal() * sem * 0.5;
        return Math.min(most, Math.max(least, Math.round(read * whole) / whole));
      };
      return {
        kind: "check",
        id: `check-${athlete.id}-${name.replace("/", "-")}-${side}-${day}`,
        athleteId: athlete.id,
        protocolId,
        protocolVersion: protocol.version,
        side,
        mode: asked ?? (protocol.modes.includes("passive") ? "passive" : "active"),
        temperature: "warm",
        instrument,
        tester,
        on: day,
        at: `${day}T10:00:00.000Z`,
        trials: Array.from({ length: protocol.trials }, trial),
        typed: null,
        ownError: 0,
        read: "",
        pain: dice.unit() < 0.1 ? 2 : 0,
        painAt: null,
        painKind: "stretch",
        seen: dice.unit() < 0.15 ? [protocol.compensations[0]!.id] : [],
        note: "",
      };
    });
  });
}

/** How the days were, on the days somebody noted it; after one week's long session soreness that lasts. */
function dayNotes(
  performer: Performer,
  athlete: Athlete,
  start: string,
  { today }: Setting,
): DayNote[] {
  const dice = diceOf(4000 + performer.age * 31 + performer.id.length);
  const notes: DayNote[] = [];
  for (let day = start; day <= today; day = plusDays(day, 1)) {
    const since = daysBetween(start, day);
    const week = Math.floor(since / 7);
    const away = athlete.absences.some((a) => a.from <= day && day <= a.to);
    const sore = performer.sore && performer.sore.week === week && since % 7 === 0;
    const noted = dice.unit() < 0.35;
    const mark = () => 1 + Math.min(2, Math.floor(dice.unit() * 3.4));
    const [sleep, energy, soreness] = [mark(), mark(), Math.floor(dice.unit() * 4)];
    if (away || (!noted && !sore)) continue;
    notes.push({
      kind: "day",
      id: `day-${athlete.id}-${day}`,
      athleteId: athlete.id,
      on: day,
      sleep,
      energy,
      soreness: sore ? performer.sore!.level : soreness,
      sore: sore ? [performer.sore!.joint] : [],
    });
  }
  return notes;
}

type Scene = {
  performer: Performer;
  athlete: Athlete;
  aim: Aim;
  skill: NonNullable<ReturnType<typeof skillOf>>;
  checks: Check[];
  logs: Log[];
  notes: DayNote[];
  preps: Prep[];
  setting: Setting;
};

function prepOn(day: string, week: number, since: number, scene: Scene): Prep {
  const { performer, athlete, aim, skill, checks, logs, notes, preps, setting } = scene;
  const { library, places } = setting;
  const session = since % 7 === 5 ? "mobility" : "warm-up";
  const retimed = performer.retimedWeek === week && since % 7 === 3;
  const budget = (session === "mobility" ? 30 : retimed ? 10 : 15) * 60;
  // Days gone by were planned by what was short then; the ranking is for those who look on.
  const gaps = gapOf({ athlete, aim, skill, checks, library, on: day });
  const prep = blankPrep({
    id: `prep-${athlete.id}-${day}`,
    athleteId: athlete.id,
    session,
    on: day,
    budget,
    placeId: athlete.placeId,
  });
  const request = requestFor({
    prep,
    athlete,
    library,
    needs: needsOf(gaps, daysBetween(day, aim.by)),
    skills: [skill.id],
    place: placeOf(places, athlete.placeId),
    body: bodyToday(athlete, { logs, checks, library }, day),
    logs,
    days: notes,
    preps,
    coach: {},
  });
  return { ...prep, items: planPrep({ ...request, rounds: 0 }).items };
}

/** Today's prep with what the performer has put into it by hand. */
function withKept(prep: Prep, { kept }: Performer, library: Library): Prep {
  const drill = kept && drillOf(library, kept.drillId);
  if (!kept || !drill) return prep;
  const rung = rungOf(drill, kept.rungId);
  const item: PrepItem = {
    id: drill.id,
    drillId: drill.id,
    rungId: rung.id,
    ...unsaid,
    phase: drill.phase,
    segment: "",
    dose: rung.session ?? rung.warmUp!,
    sides: drill.sided ? ["left", "right"] : [],
    why: [],
    serves: [],
    pinned: true,
  };
  const end = prep.items.filter(({ phase }) => phase === "settle");
  const others = prep.items.filter((one) => !end.includes(one) && one.drillId !== drill.id);
  while (prepSeconds([...others, item, ...end], library) > prep.budget) others.pop();
  const items = fillExactly([...others, item, ...end], { budget: prep.budget, library });
  return { ...prep, touched: true, items };
}

/** Whether an item of a prep loads or works a place. */
const onPlace = ({ drillId, rungId }: PrepItem, { site }: BodyPlace, library: Library): boolean => {
  const drill = drillOf(library, drillId);
  return drill !== undefined && stressOf(drill, rungOf(drill, rungId)).has(site);
};

/** The athlete with what hurt cleared some days later, where the cast says so. */
function letIn(athlete: Athlete, { flag }: Performer, log: Log): Athlete {
  if (!flag?.cleared) return athlete;
  const { afterDays, who, reason } = flag.cleared;
  const clearance = {
    place: flag.at,
    on: plusDays(log.on, afterDays),
    who,
    reason,
    covers: [log.id],
  };
  return { ...athlete, clearances: [...athlete.clearances, clearance] };
}

function loggedAs(
  prep: Prep,
  week: number,
  performer: Performer,
  library: Library,
  dice: Dice,
): Log {
  const short = dice.unit() < 0.12;
  const items = prep.items.map((item, n): LogItem => {
    const flag = performer.flag?.week === week ? performer.flag : null;
    const flagged =
      flag !== null &&
      prep.session === "mobility" &&
      n === prep.items.findIndex((one) => onPlace(one, flag.at, library));
    const cut = short && n >= prep.items.length - 2;
    const blank = logItemOf(item);
    const amount = amountOf(blank);
    const wobbles = !cut && dice.unit() < 0.45;
    const ached = !flagged && dice.unit() < 0.15;
    const loosens = item.phase === "loosen";
    const loose = loosens ? Math.max(4, Math.round(10 + 3 * dice.normal())) : null;
    const stiff = (daysBetween("2020-01-06", prep.on) * 7 + n * 5) % 31 === 0;
    return {
      ...blank,
      done: flagged ? "stopped" : cut ? "skipped" : "done",
      sets: amount && !cut && !flagged ? setsAs(amount, item.sides) : [],
      form: cut ? null : wobbles ? "wobble" : "clean",
      pain: flagged ? performer.flag!.pain : ached ? 2 : 0,
      painPlace: "",
      painAt: flagged ? performer.flag!.at : null,
      painKind: flagged ? performer.flag!.kind : null,
      looseAt: loose !== null && !cut ? (stiff ? 2 * loose : loose) : null,
    };
  });
  return {
    kind: "log",
    id: `log-${prep.id}`,
    athleteId: prep.athleteId,
    prepId: prep.id,
    on: prep.on,
    minutes: Math.round((prep.budget / 60) * (short ? 0.7 : 1)),
    items,
    note: prep.budget === 600 ? "Re-timed on the spot: ten minutes, not fifteen." : "",
  };
}
