import { motionOf, type JointId, type MotionId } from "../body/motions";
import type { DayNote, Log } from "../records/records";
import type { Library } from "../content/library";
import { pullPush } from "../progress/ledger";
import { tenderJoints } from "../progress/soreness";
import { daysBetween, mondayOf, plusDays, type DayText } from "../dates/days";
import { hardDaysAWeek } from "./stretch-days";
import { weekTerms, type SeasonAround } from "./plan/block";
import { sessionsIn } from "./plan/place-model";
import { hardDaysDone, planBreaches, type PlanBreach } from "./plan/plan-rules";
import { dayName } from "./plan/plan-words";
import type { RegionRow } from "./region-weeks";
import type { WeekSummary } from "./weeks";

/** What one press does about a warning. */
export type Repair =
  | { do: "place"; says: string }
  | { do: "lighter"; monday: DayText; says: string }
  | { do: "fewer"; perWeek: number; says: string }
  | { do: "measure"; on: DayText; says: string }
  | { do: "pull"; says: string }
  /** Nothing that can be done by itself: the place where a person decides. */
  | { do: "see"; at: "aim" | "season/date"; says: string };

/** A warning: how grave it is, what it says, and its repair. The rank decides the order, the gravest first. */
export type Warning = { key: string; rank: number; says: string; why: string; repair: Repair };

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
  /** Motions that pain has shut, and why. */
  locks: readonly { motion: MotionId; reason: string }[];
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
        says: found[0]!.says,
        why:
          found.length > 1
            ? `And ${found.length - 1} more in the weeks to come.`
            : "The rest of the plan keeps every rule.",
        repair: { do: "place", says: "Place the rest anew" },
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
  const repair = { do: "place", says: "Place the rest anew" } as const;
  if (terms.restart && full && ahead.some(({ on }) => on <= plusDays(monday, 6)))
    return {
      key: "missed",
      rank: 75,
      says: "Last week fell out: this week begins lower.",
      why: "After a break the range falls back; half the sessions, shorter, and then on.",
      repair,
    };
  const stale = ahead.find(({ focus }) => focus !== null && !wanted.includes(focus));
  return stale
    ? {
        key: "stale",
        rank: 65,
        says: `Sessions for the ${stale.focus!.replace("-", " ")} still hang on the weeks.`,
        why: "As the aims and the checks stand now it needs none, or pain has shut it.",
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
        says: `${motionOf(first.motion).name} is shut: ${first.reason}.`,
        why: `${more.length > 0 ? `And ${more.length} more. ` : ""}Nothing is planned for it until a person clears it with a reason; see a clinician.`,
        repair: { do: "see", at: "aim", says: "See what is shut" },
      }
    : null;
}

function stuck({ plateaus }: WarningScene): Warning | null {
  const [first, ...more] = plateaus;
  return first
    ? {
        key: "plateau",
        rank: 50,
        says: `${first} has stopped moving${more.length > 0 ? `, and ${more.length} more` : ""}.`,
        why: "More of the same is not the answer: the record says what to change first.",
        repair: { do: "see", at: "season/date", says: "See what to change" },
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
    says: `The ${worst.joint.replace("-", " ")} has been sore ${worst.level}/10 since ${dayName(worst.since)}.`,
    why: "Its next dose is a third less already; a lighter week gives it the days as well.",
    repair: { do: "lighter", monday, says: "Make this week lighter" },
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
      says: close
        ? `The ${joint.replace("-", " ")} was held ten minutes or more on days one after the other.`
        : `The ${joint.replace("-", " ")} had ${last.length} hard days in seven.`,
      why: `At most ${hardDaysAWeek} in seven, none on neighbouring days.`,
      repair: { do: "lighter", monday, says: "Make this week lighter" },
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
    says: `${done} of ${planned} preps were done in the last ${past.length} weeks.`,
    why: "A plan that is kept does more than a fuller one that is not.",
    repair: {
      do: "fewer",
      perWeek: season.mobility.perWeek - 1,
      says: `Plan ${season.mobility.perWeek - 1} mobility session${season.mobility.perWeek === 2 ? "" : "s"} a week`,
    },
  };
}

function measured({ measure }: WarningScene): Warning | null {
  return measure
    ? {
        key: "measure",
        rank: 40,
        says: `${measure.what} can next show a change on ${dayName(measure.on)}; no round of checks is planned then.`,
        why: "Earlier, a difference would be lost in the error.",
        repair: { do: "measure", on: measure.on, says: "Put a round in that week" },
      }
    : null;
}

function pulls({ around, logs, library }: WarningScene): Warning | null {
  const { pull, push } = pullPush(logs, library, around.today, 28);
  if (push < fewPushes || pull / push >= leastPull) return null;
  return {
    key: "pull",
    rank: 30,
    says: `${pull} pulls to ${push} pushes in 28 days.`,
    why: "One-sided and front-dominant sports keep near three pulls to a push.",
    repair: { do: "pull", says: "Plan one more conditioning set" },
  };
}
