import type { Need } from "../aim/priority";
import { motionOf } from "../body/motions";
import { bothSides, otherSide, type LeftRight } from "../body/side";
import { workSeconds, type Dose } from "../drill/dose";
import { rungOf, type Drill } from "../drill/drill";
import type { PrepItem } from "../exchange/records";
import { drillOf, type Library } from "../library";
import { eligibility, type Eligible, type Situation } from "./eligible";
import { byOrder } from "./order";
import { prepSeconds } from "./timeline";

export type PlanRequest = Situation & {
  /** Seconds there are: never exceeded. */
  budget: number;
  alreadyWarm: boolean;
  library: Library;
  /** Items locked by the user: kept as they are. */
  kept: readonly PrepItem[];
};

export type Plan = {
  items: PrepItem[];
  seconds: number;
  leftOut: { drillId: string; reason: string }[];
  /** Said when the minutes could not be filled. */
  note: string | null;
};

/** A plan may stop this many seconds short before it has to explain itself. */
const tolerance = 15;
/** A temperature raise is never shorter, unless already warm. */
const shortestRaise = 60;

/**
 * Benefit of seconds on one motion, diminishing: full to 120 s, half to 300 s, a fifth to 600 s, none beyond.
 * @example benefit(180) // 150
 */
export const benefit = (seconds: number): number =>
  Math.min(seconds, 120) +
  0.5 * Math.max(0, Math.min(seconds, 300) - 120) +
  0.2 * Math.max(0, Math.min(seconds, 600) - 300);

/**
 * The prep for these minutes.
 *
 * Takes what order and safety demand (temperature, wrists before weight, winding down), then adds the drill
 * or the set that serves the largest need a second, as long as it fits, and gives what is left over to the
 * raise and the wind-down, so that the sum is the budget to the second. Deterministic.
 */
export function planPrep(request: PlanRequest): Plan {
  const leftOut: Plan["leftOut"] = [];
  const pool: Eligible[] = [];
  for (const drill of request.library.drills) {
    if (request.kept.some((item) => item.drillId === drill.id)) continue;
    const result = eligibility(drill, request);
    if ("reason" in result) leftOut.push({ drillId: drill.id, reason: result.reason });
    else pool.push(result);
  }
  const valueOf = valuerFor(request);
  let items = framework(request, pool);
  for (;;) {
    const better = bestStep(items, pool, request, valueOf);
    if (!better) break;
    items = better;
  }
  items = fillExactly(items, request);
  const chosen = new Set(items.map((item) => item.drillId));
  for (const { drill } of pool)
    if (!chosen.has(drill.id))
      leftOut.push({ drillId: drill.id, reason: "no time left for it in these minutes" });
  const seconds = prepSeconds(items, request.library);
  const under = request.budget - seconds;
  return { items, seconds, leftOut, note: noteFor(under) };
}

function noteFor(under: number): string | null {
  if (under < 0)
    return `What is locked and what safety asks for takes ${-under} s more than there is.`;
  return under > tolerance
    ? `${under} s are left: nothing safe is left to add. Rest, or end early.`
    : null;
}

/** What has to be there: the kept items, the raise, and for a session of its own the wind-down. */
function framework(request: PlanRequest, pool: Eligible[]): PrepItem[] {
  const items = [...request.kept];
  const raise = pool.find(({ drill }) => drill.phase === "raise");
  if (raise && !request.alreadyWarm && !items.some((item) => item.phase === "raise")) {
    const seconds = Math.max(shortestRaise, Math.min(120, Math.round(request.budget / 6)));
    items.push(itemFrom(raise, { type: "time", sets: 1, seconds, rest: 0 }, request));
  }
  const settle = pool.find(({ drill }) => drill.phase === "settle");
  if (settle && request.session === "mobility" && request.budget >= 600)
    items.push(itemFrom(settle, lightest(settle.dose), request));
  return withWrists(items, pool, request);
}

/** Weight on the hands brings the wrist work with it. */
function withWrists(
  items: PrepItem[],
  pool: readonly Eligible[],
  request: PlanRequest,
): PrepItem[] {
  const drills = items.map((item) => drillOf(request.library, item.drillId));
  if (!drills.some((drill) => drill?.loadsHands) || drills.some((drill) => drill?.preparesHands))
    return arranged(items, request);
  const wrists = pool.find(({ drill }) => drill.preparesHands);
  if (!wrists)
    return arranged(
      items.filter((item) => !drillOf(request.library, item.drillId)?.loadsHands || item.locked),
      request,
    );
  return arranged([...items, itemFrom(wrists, lightest(wrists.dose), request)], request);
}

const arranged = (items: readonly PrepItem[], { library }: PlanRequest): PrepItem[] =>
  [...items].sort((a, b) => {
    const [one, two] = [drillOf(library, a.drillId), drillOf(library, b.drillId)];
    return one && two ? byOrder(one, two) : 0;
  });

/** The one addition (a drill, or a heavier dose) with the most benefit a second that still fits; null when none does. */
function bestStep(
  items: PrepItem[],
  pool: readonly Eligible[],
  request: PlanRequest,
  valueOf: Valuer,
): PrepItem[] | null {
  const before = { seconds: prepSeconds(items, request.library), value: valueOf(items) };
  let best: { items: PrepItem[]; rate: number } | null = null;
  const consider = (candidate: PrepItem[]) => {
    const seconds = prepSeconds(candidate, request.library);
    if (seconds > request.budget) return;
    const rate = (valueOf(candidate) - before.value) / Math.max(1, seconds - before.seconds);
    if (rate > 1e-9 && (!best || rate > best.rate)) best = { items: candidate, rate };
  };
  for (const option of pool) {
    if (option.drill.serves.length === 0 || items.some((item) => item.drillId === option.drill.id))
      continue;
    const added = withWrists(
      [...items, itemFrom(option, lightest(option.dose), request)],
      pool,
      request,
    );
    if (added.some((item) => item.drillId === option.drill.id)) consider(added);
  }
  items.forEach((item, index) => {
    const drill = drillOf(request.library, item.drillId);
    const dose = drill && !item.locked ? heavier(item.dose, drill, request) : null;
    if (dose && drill && drill.serves.length > 0)
      consider(items.map((other, i) => (i === index ? { ...other, dose } : other)));
  });
  return (best as { items: PrepItem[] } | null)?.items ?? null;
}

type Valuer = (items: readonly PrepItem[]) => number;

/**
 * Σ need × benefit of the seconds on each motion; phases count apart, so that a motion gets dynamic, held,
 * active and skill work before it gets more of one. Prepared once a plan: the search asks it thousands of times.
 */
function valuerFor({ library, needs, session }: PlanRequest): Valuer {
  const cells = new Map<string, number>();
  const weights: number[] = [];
  const servedBy = new Map<string, { cell: number; share: number }[]>();
  for (const drill of library.drills) {
    const served = drill.serves.map(({ motion, share }) => {
      const key = `${motion}/${drill.phase}`;
      let cell = cells.get(key);
      if (cell === undefined) {
        cells.set(key, (cell = weights.length));
        weights.push(
          (needs.find((need) => need.motion === motion)?.weight ?? 0) *
            phaseShare[session][drill.phase],
        );
      }
      return { cell, share };
    });
    servedBy.set(drill.id, served);
  }
  return (items) => {
    const seconds = new Float64Array(weights.length);
    for (const item of items) {
      const work = workSeconds(item.dose);
      for (const { cell, share } of servedBy.get(item.drillId) ?? [])
        seconds[cell]! += share * work;
    }
    return weights.reduce((sum, weight, cell) => sum + weight * benefit(seconds[cell]!), 0);
  };
}

/** What a phase's seconds are worth: held stretches less before training, more in a session of their own. */
const phaseShare: Record<PlanRequest["session"], Record<Drill["phase"], number>> = {
  "warm-up": { raise: 1, loosen: 1.1, open: 0.7, own: 1, use: 1.2, settle: 0 },
  mobility: { raise: 1, loosen: 0.7, open: 1.2, own: 1, use: 1, settle: 0.5 },
};

function lightest(dose: Dose): Dose {
  return dose.type === "contract-relax"
    ? { ...dose, rounds: Math.min(2, dose.rounds) }
    : { ...dose, sets: 1 };
}

/** One set or round more, up to the session's limit; null at the limit. */
function heavier(dose: Dose, drill: Drill, { session }: PlanRequest): Dose | null {
  if (drill.phase === "raise" || drill.phase === "settle") return null;
  if (dose.type === "contract-relax")
    return dose.rounds < 4 ? { ...dose, rounds: dose.rounds + 1 } : null;
  if (dose.type === "time")
    return dose.seconds < 120 ? { ...dose, seconds: dose.seconds + 15 } : null;
  const most = session === "mobility" ? 5 : drill.phase === "open" ? 2 : 4;
  return dose.sets < most ? { ...dose, sets: dose.sets + 1, rest: Math.max(dose.rest, 5) } : null;
}

/**
 * Gives the seconds left over to the unlocked raise and then to the wind-down, each up to its range;
 * takes them from the raise, down to its shortest, when the prep is over its budget.
 */
export function fillExactly(
  items: readonly PrepItem[],
  request: Pick<PlanRequest, "budget" | "library">,
): PrepItem[] {
  let left = request.budget - prepSeconds(items, request.library);
  return items.map((item) => {
    const drill = drillOf(request.library, item.drillId);
    if (
      !drill ||
      item.locked ||
      item.dose.type !== "time" ||
      (item.phase !== "raise" && item.phase !== "settle") ||
      left === 0
    )
      return item;
    const most = Math.max(rungOf(drill, item.rungId).range.to, item.dose.seconds);
    const least = item.phase === "raise" ? shortestRaise : Math.min(30, item.dose.seconds);
    const seconds = Math.min(most, Math.max(least, item.dose.seconds + left));
    left -= seconds - item.dose.seconds;
    return { ...item, dose: { ...item.dose, seconds } };
  });
}

function itemFrom(
  { drill, rung, replaced }: Eligible,
  dose: Dose,
  { needs }: PlanRequest,
): PrepItem {
  const share = (need: Need) =>
    drill.serves.find(({ motion }) => motion === need.motion)?.share ?? 0;
  const served = needs
    .filter((need) => share(need) > 0)
    .sort((a, b) => b.weight * share(b) - a.weight * share(a));
  const main = served[0];
  return {
    id: drill.id,
    drillId: drill.id,
    rungId: rung.id,
    phase: drill.phase,
    dose,
    sides: drill.sided ? sidesFirst(main?.shorter ?? null) : [],
    why: [reasonFor(drill, main), replaced].filter(Boolean).join("; "),
    serves: served.map(({ motion }) => motion),
    locked: false,
  };
}

/** The shorter side goes first; left first when there is none. */
const sidesFirst = (shorter: LeftRight | null): LeftRight[] =>
  shorter ? [shorter, otherSide(shorter)] : [...bothSides];

function reasonFor(drill: Drill, need: Need | undefined): string {
  if (drill.phase === "raise") return "before any stretch";
  if (drill.phase === "settle") return "to end slow";
  if (drill.preparesHands)
    return need?.shortage
      ? `${Math.round(need.shortage)}° short, and before weight on the hands`
      : "before weight on the hands";
  if (drill.kind === "skill") return "the skill itself, in parts";
  if (!need) return "keeps the range";
  const name = motionOf(need.motion).name.toLowerCase();
  if (need.verdict === "unknown") return `${name}, not measured yet`;
  if (need.shortage && need.shortage >= 0.5)
    return `${name} ${Math.round(need.shortage)}° short${need.shorter ? `, ${need.shorter} tighter` : ""}`;
  return `keeps the ${name}`;
}
