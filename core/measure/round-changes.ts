import type { Library } from "../content/library";
import type { Protocol } from "../content/protocol";
import { plusDays, type DayText } from "../dates/days";
import { probit } from "simple-statistics";
import type { Check } from "../records/records";
import type { Change } from "./change";
import { daySpread } from "./day-spread";
import { discoveryBar } from "./discoveries";
import { finenessOf, trendOf, variancesOf, type SeriesPoint, type Trend } from "./trend";
import { valueOf } from "./value";

/** Whether a change is toward more range, by the protocol's own sense. */
const sense = (delta: number, { better }: Protocol): Change["toward"] =>
  delta === 0 ? "same" : delta > 0 === (better === "more") ? "more" : "less";

/** So many more rounds, so many days apart, are looked ahead to. */
const ahead = { rounds: 3, days: 21 } as const;

export const seriesPointOf = (check: Check, protocol: Protocol): SeriesPoint => {
  const { value, se, sem } = valueOf(check, protocol);
  return { on: check.on, value, se, sem, tester: check.tester };
};

/** Every series of checks that may be compared with each other, oldest first. */
export function comparableSeries(
  checks: readonly Check[],
  library: Pick<Library, "protocols">,
): { protocol: Protocol; checks: Check[]; seen: SeriesPoint[] }[] {
  const found = new Map<string, Check[]>();
  for (const check of checks) {
    if (check.trials.length === 0) continue;
    const { protocolId, protocolVersion, side, mode, temperature } = check;
    const key = [protocolId, protocolVersion, side, mode, temperature].join("/");
    found.set(key, [...(found.get(key) ?? []), check]);
  }
  return [...found.values()].flatMap((list) => {
    const protocol = library.protocols.find(({ id }) => id === list[0]!.protocolId);
    if (!protocol) return [];
    const sorted = [...list].sort((a, b) => a.on.localeCompare(b.on) || a.at.localeCompare(b.at));
    return [
      { protocol, checks: sorted, seen: sorted.map((check) => seriesPointOf(check, protocol)) },
    ];
  });
}

/** A change of one reading in a round, with the day from which it is read. */
export type RoundChange = { check: Check; change: Change & { since: DayText } };

/** What a round says: the change of each reading, and what all of them share. */
export type RoundChanges = { changes: RoundChange[]; common: CommonShift | null; day: number };

/** A round in which the whole body reads more, or less, than before: the day, its warmth or other hands are likelier than a gain everywhere. */
export type CommonShift = { toward: "more" | "less"; sems: number; readings: number };

/** Fewer readings than these say nothing of a whole body. */
const wholeBody = 6;
/** The mean of all readings has to lie so many of its standard errors away. */
const commonFrom = 2.58;

/**
 * The change of every reading that was taken last, each judged from its whole series, with the athlete's own day-to-day
 * deviation, and all of them together so that of what is called real no more than a tenth is false.
 * @param since the day from which changes are read: a series begins with its latest check on or before it; without one
 *   whole series are read, of what was taken on the last day
 */
export function roundChanges(
  checks: readonly Check[],
  library: Pick<Library, "protocols">,
  { on, since = null }: { on: DayText; since?: DayText | null },
): RoundChanges {
  const all = comparableSeries(
    checks.filter((check) => check.on <= on),
    library,
  );
  const day = daySpread(all.map(({ seen }) => seen));
  const trends = all.flatMap((one) => {
    if (since === null && one.checks.at(-1)!.on !== on) return [];
    const from = since === null ? 0 : one.checks.findLastIndex((check) => check.on <= since);
    const seen = from < 0 ? [] : one.seen.slice(from);
    const trend = trendOf(seen, day);
    return trend ? [{ ...one, seen, trend }] : [];
  });
  const bar = discoveryBar(trends.map(({ trend }) => trend.p));
  const z = -probit(bar / 2);
  return {
    day,
    common: commonShift(all, on, day),
    changes: trends.map(({ protocol, checks: list, seen, trend }) => ({
      check: list.at(-1)!,
      change: {
        ...changeOf(trend, protocol, bar, z),
        finest: finest(seen, day, z),
        since: trend.from,
      },
    })),
  };
}

function changeOf(trend: Trend, protocol: Protocol, bar: number, z: number): Change {
  const { delta, se, p, widening, testers } = trend;
  const threshold = z * se;
  return {
    delta,
    real: p <= bar,
    toward: sense(delta, protocol),
    threshold,
    widening,
    readings: trend.readings,
    finest: null,
    why: { rule: "change", delta, se, readings: trend.readings, threshold, widening, testers },
  };
}

const finest = (seen: readonly SeriesPoint[], day: number, z: number) =>
  finenessOf(
    seen,
    day,
    { by: plusDays(seen.at(-1)!.on, ahead.rounds * ahead.days), rounds: ahead.rounds },
    z,
  );

/** What the readings of the last day share against what stood before them; null where they share nothing. */
function commonShift(
  all: readonly { protocol: Protocol; seen: readonly SeriesPoint[] }[],
  on: DayText,
  day: number,
): CommonShift | null {
  const moved = all.flatMap(({ protocol, seen }) => {
    const last = seen.at(-1);
    const before = seen.slice(0, -1);
    if (!last || last.on !== on || before.length === 0 || before.at(-1)!.on === on) return [];
    const variances = variancesOf(seen, day);
    const weight = before.reduce((sum, _, n) => sum + 1 / variances[n]!, 0);
    const level = before.reduce((sum, { value }, n) => sum + value / variances[n]!, 0) / weight;
    const toMore = protocol.better === "more" ? 1 : -1;
    const off = toMore * (last.value - level);
    return [{ z: off / Math.sqrt(variances.at(-1)! + 1 / weight), sems: off / last.sem }];
  });
  if (moved.length < wholeBody) return null;
  const mean = moved.reduce((sum, { z }) => sum + z, 0) / moved.length;
  if (Math.abs(mean) * Math.sqrt(moved.length) < commonFrom) return null;
  return {
    toward: mean > 0 ? "more" : "less",
    sems: moved.reduce((sum, { sems }) => sum + sems, 0) / moved.length,
    readings: moved.length,
  };
}

/**
 * The change of any check as it was said on its day: by its whole series up to then, judged with everything else that was
 * measured that day. Each day is worked out once.
 */
export function changesByDay(
  checks: readonly Check[],
  library: Pick<Library, "protocols">,
): (check: Check) => (Change & { since: DayText }) | null {
  const known = new Map<DayText, RoundChange[]>();
  return (check) => {
    const changes = known.get(check.on) ?? roundChanges(checks, library, { on: check.on }).changes;
    known.set(check.on, changes);
    return changes.find((one) => one.check.id === check.id)?.change ?? null;
  };
}
