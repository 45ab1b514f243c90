import { complaintRows } from "../body/complaints";
import { bothSides } from "../body/side";
import { workSeconds } from "../drill/dose";
import { atRung, byText, rungOf } from "../drill/drill";
import type { MoveFamily } from "../drill/families";
import { raiseStep } from "../drill/natural";
import type { PrepItem } from "../records/records";
import { drillOf, type Library } from "../content/library";
import { clockedPlan } from "./clocked";
import { lightest } from "./doses";
import { eligibility, type Eligible, type PlanTerms } from "./eligible";
import type { Clocked, Gaps } from "../content/format";
import { quickChoice } from "./greedy";
import { modelOf } from "./model-of";
import { itemFrom } from "./item";
import { secondsOfChoice, valueOfChoice, type ModelChoice, type Model } from "./model";
import { mainlyFor } from "./mainly";
import { breaches } from "./order";
import { arrange } from "./arrange";
import { fillExactly } from "./fill";
import { handsBefore, readies, readyAfter, unready, unreadyParts } from "./hands-first";
import { held } from "./permit";
import { rampItems, type RampWork } from "./ramp";
import { tolerance, uniquely } from "./whole";
import type { Against } from "../records/reasons";
import { changePosition, itemSeconds, prepSeconds } from "./timeline";
import {
  deepWarmth,
  isDeep,
  raises,
  roomFor,
  shortestRaise,
  shortStretch,
  stretchWarmth,
  warmthOf,
} from "./warmth";

export type PlanRequest = PlanTerms & {
  /** Seconds there are, hand-over included: never exceeded. */
  budget: number;
  handOver?: number;
  alreadyWarm: boolean;
  library: Library;
  /** Items locked by the user, or done already: kept as they are. */
  kept: readonly PrepItem[];
  /** Done already, before these minutes: they count as given, and take no time. */
  before?: readonly PrepItem[];
  /** The aim puts weight on the hands. */
  loadsHands?: boolean;
  /** Drills of the last preps, the latest first; for clocked families their variants. */
  recent?: readonly (readonly string[])[];
  /** Counts on with every day and every other variant asked for: what goes by the clock turns with it. */
  turn?: number;
  /** How many times the usual the planner pays to do something else than last time. */
  variety?: number;
  /** Over the format's own. */
  clocked?: Clocked | null;
  gaps?: Gaps | null;
  ramp?: { drillId: string; rungId: string; work?: RampWork | undefined } | null;
  /** How often the instant answer is gone over; 0 is quickest. */
  rounds?: number;
};

/** What has to be said of a plan: a fact with its figures. */
export type PlanNote =
  /** What is locked and what safety asks for takes so many seconds more than there is. */
  | { note: "over"; seconds: number }
  /** The minutes cannot hold a raise and what has to be there: the wrists, or parts named "joint:kind". */
  | { note: "too-short"; budget: number; wants: number; wrists: boolean; parts: string[] }
  /** So many seconds are left, and nothing safe is left to add. */
  | { note: "left"; seconds: number }
  /** Too few minutes to be warm enough: no deep work, or no stretch longer than so many seconds. */
  | { note: "not-warm"; deep: boolean; longest: number | null; wants: number }
  /** By the clock: families for which there is nothing at this place. */
  | { note: "no-variant"; families: MoveFamily[] }
  | { note: "nothing-between" }
  | { note: "over-clock"; seconds: number; budget: number };

export type Plan = {
  items: PrepItem[];
  seconds: number;
  leftOut: { drillId: string; reason: Against }[];
  /** Said when the minutes could not be filled, or cannot hold what has to be there. */
  note: PlanNote | null;
  /** Seconds that would hold it all, where these cannot. */
  wants: number | null;
  /** What serves the needs, in the units of the programme: to compare two plans of one request. */
  value: number;
  /** How many different preps the families give; null for other formats. */
  variants: number | null;
  /** Everything that was chosen had room. */
  whole: boolean;
};

/** What a request comes down to: the fixed items, the candidates as a programme, and what was left out. */
export type Draft = {
  request: PlanRequest;
  fixed: PrepItem[];
  closing: PrepItem[];
  model: Model;
  leftOut: Plan["leftOut"];
};

/** Sorts out who may come in, and what has to. The programme in it is what a solver is asked. */
export function planDraftOf(given: PlanRequest): Draft {
  const request = { ...given, ...warmthTerms(given) };
  const leftOut: Plan["leftOut"] = [];
  const pool: Eligible[] = [];
  const there = new Set([...request.kept, ...(request.before ?? [])].map(({ drillId }) => drillId));
  for (const drill of request.library.drills) {
    if (there.has(drill.id)) continue;
    const result = eligibility(drill, request);
    if ("reason" in result) leftOut.push({ drillId: drill.id, reason: result.reason });
    else pool.push(...result.places);
  }
  const ramp = rampItems(request);
  const fixed = [...request.kept, ...frameOf(request, pool, ramp)];
  const closing = closingRepeat(request, fixed, pool);
  const rest = pool.filter(
    ({ drill }) =>
      drill.phase !== "raise" &&
      drill.phase !== "settle" &&
      !fixed.some((item) => item.drillId === drill.id) &&
      !ramp.some((item) => item.drillId === drill.id),
  );
  const after = [...ramp, ...closing];
  const taken = [...fixed, ...after].reduce(
    (sum, item) => sum + alone(item, request.library) + changePosition,
    fixed.length + after.length > 0 ? -changePosition : 0,
  );
  const whole = request.budget - (request.handOver ?? 0);
  const model = modelOf(rest, {
    ...request,
    budget: Math.max(0, whole - taken),
    whole,
    fixed: [...(request.before ?? []), ...fixed, ...ramp],
    loadsHands: request.loadsHands ?? false,
    recent: request.recent ?? [],
  });
  return { request, fixed, closing: after, model, leftOut };
}

const alone = (item: PrepItem, library: Library): number => {
  const drill = drillOf(library, item.drillId);
  return drill
    ? itemSeconds(item.dose, drill, item.sides, item.extra) +
        (rungOf(drill, item.rungId).kit.length > 0 ? 10 : 0)
    : 0;
};

/**
 * What has to be there: the raise before a stretch, the hands before a ramp on them, and for a session of its own
 * the wind-down.
 */
function frameOf(
  request: PlanRequest,
  pool: readonly Eligible[],
  ramp: readonly PrepItem[],
): PrepItem[] {
  const { kept, budget, alreadyWarm } = request;
  const items: PrepItem[] = [];
  const recent = request.recent ?? [];
  const fresh = (phase: string) =>
    pool
      .filter(
        ({ drill, rung, segment }) =>
          segment.phase === phase &&
          drill.phase === phase &&
          unreadyParts(unready, handsBefore(drill, rung)).length === 0,
      )
      .sort((a, b) => lastSeen(b, recent) - lastSeen(a, recent))[0];
  const raise = fresh("raise");
  if (raise && !alreadyWarm && !kept.some((item) => item.phase === "raise")) {
    const deep = !request.noDeep && pool.some(({ drill, rung }) => isDeep(drill, rung));
    const seconds = Math.max(
      deep ? deepWarmth : raiseWithin(budget - (request.handOver ?? 0)),
      warmthOf([...kept, ...ramp], request.library),
    );
    items.push(itemFrom(raise, { type: "time", sets: 1, seconds, rest: 0 }, request));
  }
  const hands = handsFor([...kept, ...ramp], request, pool);
  if (hands) items.push(itemFrom(hands, lightest(hands.dose), request));
  const settle = fresh("settle");
  if (settle && budget >= 600 && !kept.some((item) => item.phase === "settle"))
    items.push(itemFrom(settle, lightest(settle.dose), request));
  return items;
}

/** What works the hands enough for items that are there whatever else is chosen; null where nothing is short. */
function handsFor(
  items: readonly PrepItem[],
  { library, before = [] }: PlanRequest,
  pool: readonly Eligible[],
): Eligible | null {
  const ready = readyAfter(
    [...before, ...items.filter(({ drillId }) => drillOf(library, drillId)?.preparesHands)],
    library,
  );
  const asked = items.flatMap((item) => {
    const drill = drillOf(library, item.drillId);
    return drill ? [handsBefore(drill, rungOf(drill, item.rungId))] : [];
  });
  const short = asked.filter((one) => unreadyParts(ready, one).length > 0);
  if (short.length === 0) return null;
  return (
    pool.find(
      ({ drill, rung, dose }) =>
        drill.preparesHands &&
        short.every((one) => unreadyParts(readies(drill, rung, lightest(dose)), one).length === 0),
    ) ?? null
  );
}

/** What the raise takes of the minutes where nothing deep follows, seconds. */
const raiseWithin = (seconds: number): number =>
  seconds >= roomFor.stretch
    ? Math.max(
        stretchWarmth,
        Math.min(stretchWarmth + 2 * raiseStep, Math.round(seconds / 8 / raiseStep) * raiseStep),
      )
    : shortestRaise;

/**
 * What the minutes leave room to be warm for: no deep work where the raise until sweating has no place, and only
 * short stretches where two minutes have none. What is kept or done already counts.
 */
function warmthTerms({
  alreadyWarm,
  budget,
  handOver = 0,
  kept,
  before = [],
  library,
  noDeep = false,
}: PlanRequest): Pick<PlanRequest, "noDeep" | "longestStretch"> {
  if (alreadyWarm) return { noDeep };
  const there = [...before, ...kept].reduce((sum, item) => sum + raises(item, library), 0);
  const whole = budget - handOver;
  const settled = kept.some((item) => raises(item, library) > 0);
  const room = (seconds: number, from: number) =>
    there >= seconds || (whole >= from && !settled && before.length === 0);
  return {
    noDeep: noDeep || !room(deepWarmth, roomFor.deep),
    longestStretch: room(stretchWarmth, roomFor.stretch) ? null : shortStretch,
  };
}

/** How many preps ago a drill was last used; never is longest. The library's first stands first among equals. */
function lastSeen({ drill }: Eligible, recent: readonly (readonly string[])[]): number {
  const at = recent.slice(0, 1).findIndex((drills) => drills.includes(drill.id));
  return at < 0 ? 1 : 0;
}

/** Before an issue prep ends, its first stretch comes once more, one set. It is put in first so that there is time for it. */
function closingRepeat(
  request: PlanRequest,
  fixed: PrepItem[],
  pool: readonly Eligible[],
): PrepItem[] {
  const { format, flagged = [], budget } = request;
  if (format.kind !== "issue" || flagged.length === 0 || budget < 300) return [];
  const joint = flagged[0]!;
  const stretch = pool
    .filter(
      ({ drill, rung, segment }) =>
        segment.phase === "open" &&
        mainlyFor(drill, complaintRows[joint].tissues) &&
        !atRung(drill, rung).loadsHands,
    )
    .sort((a, b) => onceSeconds(a) - onceSeconds(b) || byText(a.drill.id, b.drill.id))[0];
  if (!stretch) return [];
  const item = itemFrom(stretch, lightest(stretch.dose), request);
  fixed.push(item);
  return [{ ...item, id: `${item.id}~again`, segment: "once more", why: [{ why: "once-more" }] }];
}

/** Seconds of a drill done once, on all its sides. */
const onceSeconds = ({ drill, rung, dose }: Eligible): number =>
  itemSeconds(lightest(dose), drill, atRung(drill, rung).sided ? bothSides : []);

/**
 * The prep for these minutes.
 *
 * What order and safety demand is put in first (temperature, the wind-down, a closing repeat); the rest is
 * chosen by the search, or by the choice a solver has proven; what time is left over goes to the raise and the
 * wind-down, so that the sum is the budget to the second. Deterministic.
 */
export function planPrep(request: PlanRequest): Plan {
  if (request.clocked ?? request.format.clocked ?? request.gaps ?? request.format.gaps)
    return clockedPlan(request);
  const draft = planDraftOf(request);
  const plan = filled(draft, request.rounds ?? 2);
  return sweatsForNothing(plan, draft) ? withoutSweat(request) : plan;
}

/** Seconds over that are worth another look. */
const worthAnotherLook = 20;

/**
 * The search's own plan. The programme counts changes of place a little high; where that leaves seconds over, it is
 * asked once more with those.
 */
function filled(draft: Draft, rounds: number): Plan {
  const first = planOf(draft, quickChoice(draft.model, rounds));
  const over = spareIn(first, draft);
  if (over < worthAnotherLook) return first;
  const model = { ...draft.model, budget: draft.model.budget + over };
  const second = planOf({ ...draft, model }, quickChoice(model, Math.min(1, rounds)));
  return second.value > first.value && second.whole ? second : first;
}

/** Seconds of a plan that no drill has: breath, what is left over, and the raise beyond what was meant for it. */
function spareIn({ items, seconds }: Plan, { request, fixed }: Draft): number {
  const breath = items.reduce((sum, item) => sum + (item.breath?.seconds ?? 0), 0);
  const longer = fixed.reduce((sum, meant) => {
    const now = items.find(({ id }) => id === meant.id);
    return now ? sum + workSeconds(now.dose) - workSeconds(meant.dose) : sum;
  }, 0);
  return request.budget - seconds + breath + longer;
}

/** The same minutes without deep work, by choice and not for want of minutes. */
function withoutSweat(request: PlanRequest): Plan {
  const plan = planPrep({ ...request, noDeep: true });
  return {
    ...plan,
    note: plan.note?.note === "not-warm" && plan.note.longest === null ? null : plan.note,
    leftOut: plan.leftOut.map((one) =>
      one.reason.why === "not-warm" ? { ...one, reason: { why: "others-give-more" } } : one,
    ),
  };
}

/** The raise goes on until sweating and nothing that follows asks for it: those minutes are better spent. */
const sweatsForNothing = ({ items }: Plan, { request, fixed }: Draft): boolean =>
  !request.noDeep &&
  fixed.some((item) => !item.pinned && raises(item, request.library) >= deepWarmth) &&
  warmthOf(items, request.library) < deepWarmth;

/** The plan that a choice makes. */
export function planOf(draft: Draft, choice: ModelChoice): Plan {
  const { request, fixed, closing, model } = draft;
  const { library, budget } = request;
  const handOver = request.handOver ?? 0;
  const chosen = model.options.flatMap((option, i) =>
    choice[i]! > 0 ? [itemFrom(option, option.levels[choice[i]! - 1]!.dose, request)] : [],
  );
  const arranged = [...arrange([...fixed, ...chosen], request), ...closing];
  const thin = thinned(arranged, request);
  const fill = (items: readonly PrepItem[]) =>
    uniquely(fillExactly(items, { budget, library, handOver }));
  const fitted = fill(secured(fill(secured(thin, request)), request));
  const there = new Set(fitted.map((item) => item.drillId));
  const seconds = prepSeconds(fitted, library, handOver);
  const missed = model.covers.filter(
    ({ by, bonus }) => bonus > 0 && !by.some((i) => choice[i]! > 0),
  );
  const wants = essentialSeconds(draft, missed);
  return {
    items: fitted,
    seconds,
    leftOut: [...draft.leftOut, ...left(draft, there)],
    note: noteFor(budget - seconds, budget, missed, wants) ?? coldNote(draft),
    wants,
    value: valueOfChoice(model, choice),
    variants: null,
    whole: thin.length === arranged.length,
  };
}

/** What could have come in and did not. */
function left({ request, leftOut, model }: Draft, there: ReadonlySet<string>): Plan["leftOut"] {
  const said = new Set(leftOut.map(({ drillId }) => drillId));
  const could = new Set(model.options.map(({ drill }) => drill.id));
  return request.library.drills
    .filter(({ id }) => !there.has(id) && !said.has(id))
    .map(({ id, phase }) => ({
      drillId: id,
      reason: {
        why: could.has(id)
          ? "others-give-more"
          : phase === "raise"
            ? request.alreadyWarm
              ? "already-warm"
              : "another-raise"
            : "no-time",
      },
    }));
}

/** Nothing over the minutes: where fixed items fill more than there is, what is not kept goes, the last first. */
function thinned(
  items: readonly PrepItem[],
  { budget, library, handOver = 0, kept }: PlanRequest,
): PrepItem[] {
  const list = [...items];
  const must = new Set(kept.map(({ id }) => id));
  while (prepSeconds(shortRaise(list, library), library, handOver) > budget) {
    const at = list.findLastIndex((item) => !must.has(item.id) && item.phase !== "raise");
    if (at < 0) break;
    list.splice(at, 1);
  }
  return list;
}

/** The raise as short as what follows lets it be. */
function shortRaise(items: readonly PrepItem[], library: Library): PrepItem[] {
  const least = Math.max(shortestRaise, warmthOf(items, library));
  return items.map((item) =>
    item.phase === "raise" && !item.pinned && item.dose.type === "time"
      ? { ...item, dose: { ...item.dose, seconds: Math.min(item.dose.seconds, least) } }
      : item,
  );
}

/**
 * Nothing stands in a plan that the gate, the warmth before it or the hands before it refuse: what does goes, the
 * last first. Kept items stay as somebody put them; what is wrong with those is said when the prep is begun.
 */
export function secured(
  items: readonly PrepItem[],
  { library, alreadyWarm, before = [], kept, body, place }: PlanRequest,
): PrepItem[] {
  const must = new Set(kept.filter(({ pinned }) => pinned).map(({ id }) => id));
  let list = [...items];
  for (;;) {
    const broken = breaches([...before, ...list], library, {
      alreadyWarm,
      gate: { body, place },
    }).filter(
      ({ rule, at }) =>
        ["not-permitted", "cold", "wrists-first", "hands-week"].includes(rule.why) &&
        at >= before.length &&
        !must.has(list[at - before.length]!.id),
    );
    const last = broken.at(-1);
    if (!last) return list;
    list = list.filter((_, i) => i !== last.at - before.length);
  }
}

/** What the minutes were too few to be warm for, where that kept anything away. */
function coldNote({ request, leftOut, model }: Draft): PlanNote | null {
  if (request.alreadyWarm) return null;
  const deep = leftOut.some(({ reason }) => reason.why === "not-warm");
  const cut =
    request.longestStretch != null && model.options.some(({ drill }) => held(drill))
      ? request.longestStretch
      : null;
  return deep || cut !== null
    ? {
        note: "not-warm",
        deep,
        longest: cut,
        wants: cut === null ? roomFor.deep : roomFor.stretch,
      }
    : null;
}

/** The least seconds that hold every obligation: what is fixed, and the quickest drill for each that is missed. */
function essentialSeconds(
  { request, fixed, closing, model }: Draft,
  missed: Model["covers"],
): number | null {
  const heavy = missed.filter(({ name }) => name === "wrists" || name.includes(":"));
  if (heavy.length === 0) return null;
  const must = shortRaise(
    fixed.filter(({ phase }) => phase !== "settle"),
    request.library,
  );
  const choice = model.options.map(() => 0);
  for (const { by } of model.covers.filter(({ name }) => name === "wrists" || name.includes(":"))) {
    if (by.some((i) => choice[i]! > 0)) continue;
    const quickest = [...by].sort(
      (a, b) => model.options[a]!.levels[0]!.seconds - model.options[b]!.levels[0]!.seconds,
    )[0]!;
    choice[quickest] = 1;
  }
  const seconds =
    prepSeconds([...must, ...closing], request.library, request.handOver) +
    secondsOfChoice(model, choice);
  return Math.max(request.budget + 30, Math.ceil(seconds / 30) * 30);
}

function noteFor(
  under: number,
  budget: number,
  missed: Model["covers"],
  wants: number | null,
): PlanNote | null {
  if (under < 0) return { note: "over", seconds: -under };
  if (wants !== null)
    return {
      note: "too-short",
      budget,
      wants,
      wrists: missed.some(({ name }) => name === "wrists"),
      parts: missed.flatMap(({ name }) => (name.includes(":") ? [name] : [])),
    };
  return under > tolerance ? { note: "left", seconds: under } : null;
}
