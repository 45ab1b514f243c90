import { drillOf, type Drills } from "../content/library";
import { mondayOf, plusDays } from "../dates/days";
import { timesOf } from "../drill/drill";
import type { Lift } from "../records/athlete";
import type { Log, Prep } from "../records/records";
import { repsOf } from "./log-item";

/** Repetitions of pulling and of pushing, both sides. */
export type PullPushSum = { pull: number; push: number };

/** Near three pulls to a push where the front of the body does most of the work. */
export const pullsToAPush = 3;

const nothing = (): PullPushSum => ({ pull: 0, push: 0 });

/** The lifts of trainings elsewhere over so many days, by their usual week. */
function lifted(lifts: readonly Lift[], days: number): PullPushSum {
  const sum = nothing();
  for (const { force, reps } of lifts) sum[force] += (reps * days) / 7;
  return { pull: Math.round(sum.pull), push: Math.round(sum.push) };
}

const plus = (a: PullPushSum, b: PullPushSum): PullPushSum => ({
  pull: a.pull + b.pull,
  push: a.push + b.push,
});

/**
 * Repetitions of pulling and of pushing in the days up to one, that day included.
 * @param lifts what is lifted elsewhere, by the week
 */
export function pullPush(
  logs: readonly Log[],
  library: Drills,
  on: string,
  days: number,
  lifts: readonly Lift[] = [],
): PullPushSum {
  const from = plusDays(on, 1 - days);
  return plus(counted(logs, library, from, on), lifted(lifts, days));
}

function counted(logs: readonly Log[], library: Drills, from: string, to: string): PullPushSum {
  const sum = nothing();
  for (const log of logs)
    if (log.on >= from && log.on <= to)
      for (const item of log.items) {
        const force = drillOf(library, item.drillId)?.force;
        if (force) sum[force] += repsOf(item);
      }
  return sum;
}

/** Repetitions that stand in preps which are still to be done. */
function planned(preps: readonly Prep[], library: Drills): PullPushSum {
  const sum = nothing();
  for (const { items } of preps)
    for (const { drillId, rungId, dose } of items) {
      const drill = drillOf(library, drillId);
      if (drill?.force && dose.type === "reps")
        sum[drill.force] += dose.sets * dose.reps * timesOf(drill, rungId);
    }
  return sum;
}

/** A week as it will come out: what was done, what is planned, what is lifted elsewhere, and how many pulls are missing to three a push. */
export type PullAhead = {
  done: PullPushSum;
  planned: PullPushSum;
  elsewhere: PullPushSum;
  all: PullPushSum;
  missing: number;
  /** Days of the week that are left, today included. */
  daysLeft: number;
};

/** Light pulling that may be done every day, and so many of it a day at most: more is not made up in a week. */
export const dailyPull = { drillId: "pull-aparts", most: 100 } as const;

/** How many light pulls a day would even out what is left of a week, in tens. @example 45 missing in 3 days: 20 a day */
export const pullsADay = ({ missing, daysLeft }: Pick<PullAhead, "missing" | "daysLeft">): number =>
  Math.min(dailyPull.most, 10 * Math.ceil(missing / daysLeft / 10));

/** The week of a day, to its end, by what is logged, kept in preps and lifted elsewhere. */
export function pullAhead(
  { logs, preps, library }: { logs: readonly Log[]; preps: readonly Prep[]; library: Drills },
  lifts: readonly Lift[],
  today: string,
): PullAhead {
  const monday = mondayOf(today);
  const sunday = plusDays(monday, 6);
  const logged = new Set(logs.flatMap(({ prepId }) => (prepId ? [prepId] : [])));
  const ahead = preps.filter(
    ({ id, on, own }) => own === "" && on >= today && on <= sunday && !logged.has(id),
  );
  const done = counted(logs, library, monday, sunday);
  const coming = planned(ahead, library);
  const elsewhere = lifted(lifts, 7);
  const all = plus(plus(done, coming), elsewhere);
  return {
    done,
    planned: coming,
    elsewhere,
    all,
    missing: Math.max(0, pullsToAPush * all.push - all.pull),
    daysLeft: [0, 1, 2, 3, 4, 5, 6].filter((n) => plusDays(monday, n) >= today).length,
  };
}
