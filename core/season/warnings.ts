import type { JointId } from "../body/motions";
import type { Lift } from "../records/athlete";
import type { DayNote, Log } from "../records/records";
import type { Library } from "../content/library";
import { pullPush } from "../doses/pull-push";
import { tenderJoints } from "../progress/soreness";
import { daysBetween, mondayOf, plusDays, type DayText } from "../dates/days";
import { hardDaysAWeek } from "../doses/stretch-days";
import { weekTerms, type SeasonAround } from "../schedule/block";
import { sessionsIn } from "../schedule/sessions-in";
import { hardDaysDone, planBreaches, type PlanBreach } from "../schedule/plan-rules";
import type { PainLock } from "../safety/pain";
import type { BodyPlace } from "../body/sites";
import type { RegionRow } from "./region-weeks";
import type { WeekSummary } from "./weeks";

/** What one press does about a warning. */
export type Repair =
  | { do: "place" }
  | { do: "lighter"; monday: DayText }
  | { do: "fewer"; perWeek: number }
  | { do: "measure"; on: DayText }
  | { do: "pull" }
  /** Nothing that can be done by itself: the place where a person decides. */
  | { do: "see"; at: "aim" | "season/date" };

/** What a warning is about, with its figures. */
export type Warns =
  /** The first rule that the plan breaks, and how many more there are. */
  | { of: "plan"; first: PlanBreach; more: number }
  | { of: "missed" }
  | { of: "stale"; joint: JointId }
  | { of: "shut"; place: BodyPlace | null; because: PainLock["because"]; more: number }
  | { of: "plateau"; what: string; more: number }
  | { of: "sore"; joint: JointId; level: number; since: DayText }
  | { of: "hard-days"; joint: JointId; neighbours: boolean; days: number; most: number }
  | { of: "too-full"; done: number; planned: number; weeks: number }
  | { of: "measure"; what: string; on: DayText }
  | { of: "pulls"; pull: number; push: number; days: number };

/** A warning: how grave it is, what it is about, and its repair. The rank decides the order, the gravest first. */
export type Warning = { key: string; rank: number; warns: Warns; repair: Repair };

export type WarningScene = {
  around: SeasonAround;
  logs: readonly Log[];
  days: readonly DayNote[];
  library: Library;
  weeks: readonly WeekSummary[];
  regions: readonly RegionRow[];
  hardDone: ReadonlyMap<JointId, readonly DayText[]>;
  /** The day on which another check can tell something, and whose it is; null where none is asked for or it is in the plan. */
  measure: { on: DayText; what: string } | null;
  /** Motions that have stopped moving, as a coach calls them. */
  plateaus: readonly string[];
  /** Places that pain has shut, and why. */
  locks: readonly Pick<PainLock, "place" | "because">[];
  /** What is lifted in trainings elsewhere. */
  lifts?: readonly Lift[];
  /** Joints that sessions of their own are for, as the aims and the locks stand now. */
  wanted: readonly JointId[];
};

/** More than these are never shown at once. */
export const mostWarnings = 4;

/** Preps done of those planned, over so many past weeks, below which the plan is too full. */
const tooFew = 0.6;
const lastWeeks = 3;
/** Pulls to pushes below which the back of the shoulder is short of work, and pushes that are too few to judge by. */
const leastPull = 1;
const fewPushes = 40;
const pullDays = 28;

/** The few warnings that matter now, the gravest first. */
export function warnings(scene: WarningScene): Warning[] {
  return [
    broken(scene),
    outdated(scene),
    shut(scene),
    stuck(scene),
    sore(scene),
    tooHard(scene),
    empty(scene),
    measured(scene),
    pulls(scene),
  ]
    .filter((one) => one !== null)
    .sort((a, b) => b.rank - a.rank)
    .slice(0, mostWarnings);
}

/** What of the plan breaks a rule, as one warning. */
function broken({ around, hardDone }: WarningScene): Warning | null {
  const found: PlanBreach[] = planBreaches(around.season.slots, { ...around, hardDone }).filter(
    ({ slots }) => slots.length > 0,
  );
  return found.length > 0
    ? {
        key: "plan",
        rank: 100,
        warns: { of: "plan", first: found[0]!, more: found.length - 1 },
        repair: { do: "place" },
      }
    : null;
}

/** The plan is older than what is known: a week was missed, or a joint is shut or enough by now. */
function outdated({ around, wanted }: WarningScene): Warning | null {
  const { season, today } = around;
  const monday = mondayOf(today);
  const ahead = season.slots.filter(
    ({ kind, on, pinned }) => kind === "mobility" && on >= today && !pinned,
  );
  const terms = weekTerms(around, monday);
  const thisWeek = season.slots.filter(
    ({ kind, on }) => kind === "mobility" && on >= monday && on <= plusDays(monday, 6),
  );
  const full = thisWeek.length > sessionsIn(season.mobility.perWeek, terms);
  const repair = { do: "place" } as const;
  if (terms.restart && full && ahead.some(({ on }) => on <= plusDays(monday, 6)))
    return {
      key: "missed",
      rank: 75,
      warns: { of: "missed" },
      repair,
    };
  const stale = ahead.find(({ focus }) => focus !== null && !wanted.includes(focus));
  return stale
    ? {
        key: "stale",
        rank: 65,
        warns: { of: "stale", joint: stale.focus! },
        repair,
      }
    : null;
}

/** What pain has shut is planned nowhere until a person lets it in again. */
function shut({ locks }: WarningScene): Warning | null {
  const [first, ...more] = locks;
  return first
    ? {
        key: "shut",
        rank: 90,
        warns: { of: "shut", place: first.place, because: first.because, more: more.length },
        repair: { do: "see", at: "aim" },
      }
    : null;
}

function stuck({ plateaus }: WarningScene): Warning | null {
  const [first, ...more] = plateaus;
  return first
    ? {
        key: "plateau",
        rank: 50,
        warns: { of: "plateau", what: first, more: more.length },
        repair: { do: "see", at: "season/date" },
      }
    : null;
}

function sore({ around, logs, days, library }: WarningScene): Warning | null {
  const { season, today } = around;
  const [worst] = tenderJoints(days, logs, library, today).sort((a, b) => b.level - a.level);
  const monday = mondayOf(today);
  if (!worst || season.lighter.includes(monday)) return null;
  return {
    key: "sore",
    rank: 80 + worst.level,
    warns: { of: "sore", joint: worst.joint, level: worst.level, since: worst.since },
    repair: { do: "lighter", monday },
  };
}

/** Hard days that were done too near to each other in the last seven days. */
function tooHard({ around, logs, library }: WarningScene): Warning | null {
  const { today, season } = around;
  for (const [joint, days] of hardDaysDone(logs, library)) {
    const last = days.filter((day) => day <= today && daysBetween(day, today) < 7);
    const close = last.some((day, n) => n > 0 && daysBetween(last[n - 1]!, day) === 1);
    if (!close && last.length <= hardDaysAWeek) continue;
    const monday = mondayOf(today);
    if (season.lighter.includes(monday)) return null;
    return {
      key: `hard-${joint}`,
      rank: 70,
      warns: { of: "hard-days", joint, neighbours: close, days: last.length, most: hardDaysAWeek },
      repair: { do: "lighter", monday },
    };
  }
  return null;
}

/** A plan that is kept to too little is too full. */
function empty({ around, weeks }: WarningScene): Warning | null {
  const { season, today } = around;
  const past = weeks
    .filter(({ monday, absence }) => plusDays(monday, 6) < today && absence === null)
    .slice(-lastWeeks);
  const [done, planned] = [
    past.reduce((sum, week) => sum + week.done + week.partly, 0),
    past.reduce((sum, week) => sum + week.done + week.partly + week.missed, 0),
  ];
  if (planned < 6 || done / planned >= tooFew || season.mobility.perWeek < 2) return null;
  return {
    key: "adherence",
    rank: 60,
    warns: { of: "too-full", done, planned, weeks: past.length },
    repair: { do: "fewer", perWeek: season.mobility.perWeek - 1 },
  };
}

function measured({ measure }: WarningScene): Warning | null {
  return measure
    ? {
        key: "measure",
        rank: 40,
        warns: { of: "measure", ...measure },
        repair: { do: "measure", on: measure.on },
      }
    : null;
}

function pulls({ around, logs, library, lifts = [] }: WarningScene): Warning | null {
  const { pull, push } = pullPush(logs, library, around.today, pullDays, lifts);
  if (push < fewPushes || pull / push >= leastPull) return null;
  return {
    key: "pull",
    rank: 30,
    warns: { of: "pulls", pull, push, days: pullDays },
    repair: { do: "pull" },
  };
}
