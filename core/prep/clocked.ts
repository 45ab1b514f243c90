import { type Drill, type Pattern } from "../drill/drill";
import type { PrepItem } from "../records/records";
import { eligibility, type Eligible } from "./eligible";
import { fitClocked, fitGaps } from "./clock-fit";
import { itemFrom } from "./item";
import { rankOf } from "./order";
import { against } from "./permit";
import type { Plan, PlanRequest } from "./plan";
import { tolerance, uniquely } from "./whole";
import { handsBefore, unready, unreadyParts } from "./hands-first";
import { raises, shortestRaise, wantsWarmth } from "./warmth";
import { prepSeconds } from "./timeline";

/** How many of the last preps a new one must differ from. */
export const unlikeLast = 20;

/** A drill at a rung, as one variant of its family. */
const variantOf = ({ drill, rung }: Eligible): string => `${drill.id}/${rung.id}`;

/**
 * A prep by the clock: one drill a family (or a gap between sets), a box of seconds each, so many rounds, and
 * the hand-over. Set-up and change of place happen inside the boxes, so the sum is exact.
 * Variants rotate: of each family the one not used longest, and never the same set as one of the last twenty.
 */
export function clockedPlan(request: PlanRequest): Plan {
  const handOver = request.handOver ?? 0;
  const room = request.budget - handOver;
  const asked = request.clocked ?? request.format.clocked;
  const clocked = asked && fitClocked(asked, room);
  const wished = request.gaps ?? request.format.gaps;
  const gaps = wished && fitGaps(wished, room);
  const leftOut: Plan["leftOut"] = [];
  const pool: Eligible[] = [];
  for (const drill of request.library.drills) {
    const result = eligibility(drill, request);
    if ("reason" in result) leftOut.push({ drillId: drill.id, reason: result.reason });
    else pool.push(...result.places);
  }
  const each = (clocked ?? gaps!).seconds;
  const safe = pool.filter(
    ({ drill, rung }) =>
      (request.alreadyWarm || !wantsWarmth(drill)) &&
      unreadyParts(unready, handsBefore(drill, rung)).length === 0 &&
      against(request, { drill, rung, dose: { type: "time", sets: 1, seconds: each, rest: 0 } })
        .length === 0,
  );
  const families: Eligible[][] = clocked
    ? clocked.families.map((family) => variantsOf(safe, family))
    : Array.from({ length: gaps!.count }, () => untiring(safe, request));
  const boxes = clocked ?? { rounds: 1, seconds: gaps!.seconds };
  const picked = clocked
    ? rotated(families, request.recent ?? [])
    : oneEach(families, request.recent ?? []);
  const turns = Array.from({ length: boxes.rounds }, (_, round) =>
    picked.flatMap((variant) => (variant ? [boxed(variant, boxes.seconds, round, request)] : [])),
  ).flat();
  const rounds = uniquely(
    endingOnTime(clocked ? begunWithRaise(turns, pool, request) : turns, request),
  );
  const seconds = prepSeconds(rounds, request.library, handOver);
  const empty = clocked ? clocked.families.filter((_, i) => families[i]!.length === 0) : [];
  return {
    items: rounds,
    seconds,
    leftOut: [
      ...leftOut,
      ...[...new Set(pool.map(({ drill }) => drill.id))]
        .filter((id) => !picked.some((variant) => variant?.drill.id === id))
        .map((drillId) => ({ drillId, reason: { why: "another-turn" } as const })),
    ],
    note:
      empty.length > 0
        ? { note: "no-variant", families: empty }
        : rounds.length === 0
          ? { note: "nothing-between" }
          : seconds > request.budget
            ? { note: "over-clock", seconds, budget: request.budget }
            : request.budget - seconds > tolerance
              ? { note: "left", seconds: request.budget - seconds }
              : null,
    wants: seconds > request.budget ? seconds : null,
    value: 0,
    variants: clocked
      ? families.reduce((product, { length }) => product * Math.max(1, length), 1)
      : null,
    whole: true,
  };
}

/**
 * A clocked prep begins with a raise, unless already warm or one of its families raises first: out of the minutes
 * that are over, else in the first box of the first round, so that the sum stays exact.
 */
function begunWithRaise(
  items: PrepItem[],
  pool: readonly Eligible[],
  request: PlanRequest,
): PrepItem[] {
  const { library, alreadyWarm, budget, handOver = 0 } = request;
  if (alreadyWarm || items.length === 0 || raises(items[0]!, library) >= shortestRaise)
    return items;
  const raise = raiseOf(pool, request);
  if (!raise) return items;
  const over = budget - prepSeconds(items, library, handOver);
  const seconds =
    over >= shortestRaise ? over : items[0]!.dose.type === "time" ? items[0]!.dose.seconds : 0;
  const first = { ...boxed(raise, seconds, 0, request), why: [{ why: "raise" as const }] };
  return over >= shortestRaise ? [first, ...items] : [first, ...items.slice(1)];
}

/** The longest breath before the hand-over, seconds: more than that is left over, and said. */
const longestEnd = 60;

/** What boxes and raise leave over, as a breath before the hand-over. */
function endingOnTime(
  items: PrepItem[],
  { budget, library, handOver = 0 }: PlanRequest,
): PrepItem[] {
  const over = budget - prepSeconds(items, library, handOver);
  if (over <= 0 || over > longestEnd) return items;
  return items.map((item, at) =>
    at === items.length - 1
      ? { ...item, breath: { seconds: over, as: "change-over" as const } }
      : item,
  );
}

/** A raise that may be done here: of the pool, else of the library whatever the format holds. */
function raiseOf(pool: readonly Eligible[], request: PlanRequest): Eligible | null {
  const known = pool.find(({ drill }) => drill.kind === "pulse");
  if (known) return known;
  const [segment] = request.format.segments;
  for (const drill of request.library.drills) {
    if (drill.kind !== "pulse" || !segment) continue;
    const rung = drill.rungs[0]!;
    const dose = rung.warmUp ?? rung.session;
    if (dose && against(request, { drill, rung }).length === 0)
      return { drill, rung, dose, segment, fetched: [], replaced: [] };
  }
  return null;
}

function variantsOf(pool: readonly Eligible[], family: Pattern): Eligible[] {
  return pool.filter(({ drill }) => drill.pattern === family);
}

/** Correctives that do not tire the next set: circles and swings, the largest need first. */
function untiring(pool: readonly Eligible[], { needs }: PlanRequest): Eligible[] {
  const worth = ({ drill }: Eligible) =>
    drill.serves.reduce(
      (sum, { motion, share }) =>
        sum + share * (needs.find((need) => need.motion === motion)?.weight ?? 0),
      0,
    );
  return [...pool]
    .filter(({ drill }) => drill.kind === "circles" || drill.kind === "dynamic")
    .sort((a, b) => worth(b) - worth(a) || a.drill.id.localeCompare(b.drill.id));
}

const ago = (variant: Eligible, recent: readonly (readonly string[])[]): number => {
  const at = recent.findIndex(
    (list) => list.includes(variantOf(variant)) || list.includes(variant.drill.id),
  );
  return at < 0 ? Infinity : at;
};

/** Of each family the variant not used longest; another where the whole set was there among the last twenty. */
function rotated(
  families: readonly Eligible[][],
  recent: readonly (readonly string[])[],
): (Eligible | null)[] {
  const orders = families.map((variants) =>
    [...variants].sort(
      (a, b) =>
        agoExactly(b, recent) - agoExactly(a, recent) || variantOf(a).localeCompare(variantOf(b)),
    ),
  );
  const seen = new Set(recent.slice(0, unlikeLast).map((list) => variantNames(list)));
  const digits = orders.map(() => 0);
  for (;;) {
    const set = orders.map((order, i) => order[digits[i]!] ?? null);
    const name = set
      .flatMap((variant) => (variant ? [variantOf(variant)] : []))
      .sort()
      .join(" ");
    if (!seen.has(name) || !countUp(digits, orders)) return set;
  }
}

/** Of a prep's drills and variants the variants alone, as one text. */
const variantNames = (list: readonly string[]): string =>
  list
    .filter((name) => name.includes("/"))
    .sort()
    .join(" ");

const agoExactly = (variant: Eligible, recent: readonly (readonly string[])[]): number => {
  const at = recent.findIndex((list) => list.includes(variantOf(variant)));
  return at < 0 ? 1000 : at;
};

/** The next set of variants, the last family turning fastest; false when all have been gone through. */
function countUp(digits: number[], orders: readonly Eligible[][]): boolean {
  for (let i = digits.length - 1; i >= 0; i -= 1) {
    digits[i]! += 1;
    if (digits[i]! < Math.max(1, orders[i]!.length)) return true;
    digits[i] = 0;
  }
  return false;
}

/** A different corrective for each gap, those of the last preps later. */
function oneEach(
  gaps: readonly Eligible[][],
  recent: readonly (readonly string[])[],
): (Eligible | null)[] {
  const used = new Set<string>();
  return gaps.map((pool) => {
    const free = pool.filter(({ drill }) => !used.has(drill.id));
    const best =
      free.find((variant) => ago(variant, recent.slice(0, 1)) === Infinity) ?? free[0] ?? null;
    if (best) used.add(best.drill.id);
    return best;
  });
}

function boxed(variant: Eligible, seconds: number, round: number, request: PlanRequest): PrepItem {
  const item = itemFrom(variant, { type: "time", sets: 1, seconds, rest: 0 }, request);
  const family = variant.drill.pattern ?? "";
  const between = request.format.gaps !== null && !request.clocked;
  return {
    ...item,
    id: round === 0 ? item.id : `${item.id}~${round + 1}`,
    phase: phaseOf(variant.drill),
    segment: between ? "between sets" : family,
    boxed: true,
    why: [
      ...(family ? [{ why: "family" as const, name: family }] : item.why),
      ...(between ? [{ why: "between-sets" as const }] : []),
    ],
  };
}

const phaseOf = (drill: Drill): PrepItem["phase"] => (rankOf(drill) === 0 ? "raise" : "loosen");

/** The variants of a clocked prep as they are remembered. */
export const variantsIn = (items: readonly PrepItem[]): string[] => [
  ...new Set(
    items.filter(({ boxed }) => boxed).map(({ drillId, rungId }) => `${drillId}/${rungId}`),
  ),
];
