import { clockedSeconds, type Clocked, type Gaps } from "../content/format";
import { byText, type Drill } from "../drill/drill";
import { isOfFamily, type MoveFamily } from "../drill/families";
import type { PrepItem } from "../records/records";
import { eligibility, type Eligible } from "./eligible";
import { fitClocked, fitGaps } from "./clock-fit";
import { itemFrom } from "./item";
import { rankOf } from "./order";
import { against } from "./permit";
import type { Plan, PlanRequest } from "./plan";
import { tolerance, uniquely } from "./whole";
import { handsBefore, unready, unreadyParts } from "./hands-first";
import { shortestRaise, wantsWarmth } from "./warmth";
import { prepSeconds, shareOf } from "./timeline";
import { unlikeLast } from "./variants-in";
import { choiceAt, choose, throughAll } from "./turns";

/** A drill at a rung, as one variant of its family. */
const variantOf = ({ drill, rung }: Eligible): string => `${drill.id}/${rung.id}`;

/** One drill in the boxes: what it is, of which family, and for how long. */
type Placed = { variant: Eligible; family: MoveFamily | null; segment: string; seconds: number };

/**
 * A prep by the clock: a box of seconds for each family (or a gap between sets), one drill or two in it, so many rounds,
 * and the hand-over. Set-up and change of place happen inside the boxes, so the sum is exact.
 * Drills turn: every set of them comes before any comes again, and never one of the last twenty.
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
  const safe = safeFor(pool, request, clocked ? clocked.seconds / clocked.drills : gaps!.seconds);
  const raise = clocked ? raiseOf(pool, request) : null;
  // Cold, with no second over and no raise asked for, the first box is the raise, so that the sum stays exact.
  const over = clocked ? room - clockedSeconds(clocked, 0) : 0;
  const opens =
    clocked?.raise === 0 &&
    !request.alreadyWarm &&
    over < shortestRaise &&
    clocked.families[0] !== "travel";
  const turned = clocked ? inBoxes(safe, clocked, opens ? raise : null, request) : null;
  const placed = turned?.placed ?? inGaps(safe, gaps!, request);
  const boxes = placed.map((one, at) => boxed(one, at + 1, clocked?.brisk ?? false, request));
  const before = clocked && !opens ? raiseBefore(boxes, raise, clocked.raise, request) : [];
  const rounds = uniquely(endingOnTime([...before, ...boxes], request));
  const seconds = prepSeconds(rounds, request.library, handOver);
  const empty = turned?.empty ?? [];
  return {
    items: rounds,
    seconds,
    leftOut: [
      ...leftOut,
      ...[...new Set(pool.map(({ drill }) => drill.id))]
        .filter((id) => !placed.some(({ variant }) => variant.drill.id === id))
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
    variants: turned ? Number(turned.count) : null,
    whole: true,
  };
}

/** What may be done in a box of these seconds: nothing that wants warmth, hands made ready or a longer stay than is safe. */
const safeFor = (pool: readonly Eligible[], request: PlanRequest, seconds: number): Eligible[] =>
  pool.filter(
    ({ drill, rung }) =>
      !isForearmStrength(drill) &&
      (request.alreadyWarm || !wantsWarmth(drill)) &&
      unreadyParts(unready, handsBefore(drill, rung)).length === 0 &&
      against(request, {
        drill,
        rung,
        dose: { type: "time", sets: 1, seconds: Math.floor(seconds), rest: 0 },
      }).length === 0,
  );

/** Slow strengthening of hands and forearms is no warm-up, whatever family it is of. */
const isForearmStrength = ({ kind, region }: Drill): boolean =>
  kind === "strength" && (region === "hands and wrists" || region === "elbows and forearms");

/** A family of those chosen: how many boxes of a round are its, and the drills that are dealt to it. */
type Dealt = { family: MoveFamily; times: number; drills: Eligible[] };

/**
 * The drills of each family, none in two of them: what several could have goes to the one with the fewest for its boxes.
 */
function dealt(safe: readonly Eligible[], { families, spot }: Clocked): Dealt[] {
  const hands = [...new Set(families)].map((family): Dealt => ({
    family,
    times: families.filter((other) => other === family).length,
    drills: [],
  }));
  const could = [...safe]
    .filter(({ rung }) => !spot || rung.space === "spot")
    .map((one) => ({
      one,
      of: hands.filter(({ family }) => isOfFamily(one.drill, one.rung, family)),
    }))
    .sort((a, b) => a.of.length - b.of.length || byText(variantOf(a.one), variantOf(b.one)));
  for (const { one, of } of could)
    of.sort((a, b) => a.drills.length / a.times - b.drills.length / b.times)[0]?.drills.push(one);
  return hands;
}

/**
 * The boxes of a prep by the clock, this turn's drills in them. How many different preps there are is counted over the
 * sets of drills that the turns come by.
 * @param first what the first box is instead; null where it is its family's like any other
 */
function inBoxes(
  safe: readonly Eligible[],
  clocked: Clocked,
  first: Eligible | null,
  request: PlanRequest,
): { placed: Placed[]; empty: MoveFamily[]; count: bigint } {
  const { families, rounds, seconds, drills, same } = clocked;
  const hands = dealt(safe, clocked).map((one) => {
    const boxes =
      one.times * (same ? 1 : rounds) - (first && !same && one.family === families[0] ? 1 : 0);
    return { ...one, wants: Math.min(one.drills.length, boxes * drills) };
  });
  const turns = throughAll(hands.map((one) => choose(one.drills.length, one.wants)));
  const setAt = (turn: number): Map<MoveFamily, Eligible[]> => {
    const ranks = turns.at(turn);
    return new Map(
      hands.map(({ family, drills: all, wants }, i) => [
        family,
        choiceAt(all.length, wants, ranks[i]!).map((at) => all[at]!),
      ]),
    );
  };
  const start = request.turn ?? 0;
  const seen = (request.recent ?? []).slice(0, unlikeLast);
  const tried = turns.count < BigInt(mostTried) ? Number(turns.count) : mostTried;
  const at = Array.from({ length: tried }, (_, n) => start + n).find(
    (turn) => !seen.some((list) => isIn(setAt(turn), list)),
  );
  const set = setAt(at ?? start);
  const used = new Map<MoveFamily, number>();
  const placed = Array.from({ length: rounds }, (_, round) => {
    if (same) used.clear();
    return families.flatMap((family, place): Placed[] => {
      const nth = families.slice(0, place).filter((other) => other === family).length;
      const segment = nth === 0 ? family : `${family} ${nth + 1}`;
      const chosen = set.get(family)!;
      const from = used.get(family) ?? 0;
      const opens = first !== null && round === 0 && place === 0;
      if (!opens || same) used.set(family, from + drills);
      if (opens) return [{ variant: first, family: null, segment: "raise", seconds }];
      return Array.from({ length: drills }, (_, n) => chosen[(from + n) % chosen.length]).flatMap(
        (variant, n): Placed[] =>
          variant ? [{ variant, family, segment, seconds: shareOf(seconds, drills, n) }] : [],
      );
    });
  }).flat();
  return {
    placed,
    empty: hands.flatMap(({ family, drills: all }) => (all.length === 0 ? [family] : [])),
    count: hands.some(({ drills: all }) => all.length > 0) ? turns.count : 0n,
  };
}

/** So many turns are looked at for one that was not there lately. */
const mostTried = 4 * (unlikeLast + 1);

/** Whether a prep that was done had all these drills. */
const isIn = (
  set: ReadonlyMap<MoveFamily, readonly Eligible[]>,
  list: readonly string[],
): boolean => [...set.values()].flat().every((variant) => list.includes(variantOf(variant)));

/** A different corrective for each gap, those of the last preps later. */
function inGaps(safe: readonly Eligible[], gaps: Gaps, request: PlanRequest): Placed[] {
  const families = Array.from({ length: gaps.count }, () => untiring(safe, request));
  return oneEach(families, request.recent ?? []).flatMap((variant): Placed[] =>
    variant ? [{ variant, family: null, segment: "between sets", seconds: gaps.seconds }] : [],
  );
}

/** The raise before the boxes: as long as was asked for, or what is over where that is longer; none where both are nothing. */
function raiseBefore(
  boxes: readonly PrepItem[],
  raise: Eligible | null,
  wished: number,
  request: PlanRequest,
): PrepItem[] {
  const { budget, library, alreadyWarm, handOver = 0 } = request;
  const over = budget - prepSeconds(boxes, library, handOver);
  const least = Math.max(wished, alreadyWarm ? 1 : shortestRaise);
  const seconds = over >= least && (wished > 0 || !alreadyWarm) ? over : wished;
  return raise && seconds > 0 && boxes.length > 0
    ? [boxed({ variant: raise, family: null, segment: "raise", seconds }, 0, false, request)]
    : [];
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

/** Of each gap the first that stands in no gap before it, and was not there last time where there is another. */
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

function boxed(
  { variant, family, segment, seconds }: Placed,
  at: number,
  brisk: boolean,
  request: PlanRequest,
): PrepItem {
  const item = itemFrom(variant, { type: "time", sets: 1, seconds, rest: 0 }, request);
  return {
    ...item,
    id: `${item.id}~${at}`,
    phase: phaseOf(variant.drill),
    segment,
    boxed: true,
    pace: brisk ? "brisk" : null,
    why: family
      ? [{ why: "family" as const, name: family }]
      : segment === "raise"
        ? [{ why: "raise" as const }]
        : [...item.why, { why: "between-sets" as const }],
  };
}

const phaseOf = (drill: Drill): PrepItem["phase"] => (rankOf(drill) === 0 ? "raise" : "loosen");
