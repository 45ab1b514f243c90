import type { Need } from "../aim/priority";
import type { MotionId } from "../body/motions";
import type { LeftRight } from "../body/side";
import type { Advice, SomeSchools } from "../content/schools";
import { drillOf, type Library } from "../content/library";
import { rungOf } from "../drill/drill";
import type { KitItem } from "../drill/kit";
import { standInOf } from "../exposure/stand-ins";
import { fillExactly } from "../prep/fill";
import { planPrep, type PlanNote, type PlanRequest } from "../prep/plan";
import { requestFor } from "../prep/request";
import { prepSeconds } from "../prep/timeline";
import { extraFor } from "../progress/shorter-side";
import { newAthlete } from "../records/athlete";
import type { GroupMember, Place, PrepItem } from "../records/records";
import { memberOf } from "../run/group";
import type { BodyToday } from "../safety/body-today";
import { prepIn, type HallTerms, type Mind } from "./mind";

/** One session for all: its drills, what everybody does of it, and what has to be said of it. */
export type InStep = {
  items: PrepItem[];
  members: GroupMember[];
  seconds: number;
  note: PlanNote | null;
};

export type InStepTerms = HallTerms & {
  place: Place | null;
  library: Library;
  coach: SomeSchools;
  aside: readonly Advice[];
};

/** Who does a drill of one session, at least, for it to stand there. Working figure. */
const leastShare = 0.5;
/** So often the plan is made again without what too few may do, or the kit is too little for. */
const mostAgain = 8;
/** The share of the minutes that is kept for the extra sets of shorter sides, where somebody has one. */
const keptForSides = 0.06;

/** Plans one session for all of them, to the second: what most need, that at least half may do, with the kit there is. */
export function planInStep(minds: readonly Mind[], terms: InStepTerms): InStep {
  const dropped = new Set(terms.dropped);
  const anyShorter = minds.some(({ shorter }) => shorter.length > 0);
  const budget = anyShorter ? Math.round(terms.budget * (1 - keptForSides)) : terms.budget;
  for (let turn = 0; ; turn += 1) {
    const request = hallRequest(minds, { ...terms, budget, dropped: [...dropped] });
    const plan = planPrep(request);
    const members = membersOf(plan.items, minds);
    const unfit = plan.items.filter(
      (item) =>
        !enoughDo(item, members) || tooFew(item, members, terms.place, terms.library) !== null,
    );
    const known = unfit.filter(({ drillId }) => !dropped.has(drillId));
    if (known.length > 0 && turn < mostAgain) {
      for (const { drillId } of known) dropped.add(drillId);
      continue;
    }
    const fit = plan.items.filter((item) => !unfit.includes(item));
    const few = fewEnough(fit, request);
    const items =
      few.length < fit.length
        ? planPrep({ ...request, only: few.map(({ drillId }) => drillId) }).items
        : fit;
    return { ...settled(items, minds, terms), note: plan.note };
  }
}

/** Seconds of the session for each of its drills, at least: several take longer to change than one. Working figure. */
const secondsADrill = 75;
const fewestDrills = 5;

/**
 * As many drills as several can be led through: what warms up, readies the hands and winds down, then one after the other
 * what adds most to what is needed. A motion that is served already counts half, then a third.
 */
function fewEnough(
  items: readonly PrepItem[],
  { budget, needs, library }: PlanRequest,
): PrepItem[] {
  const most = Math.max(fewestDrills, Math.round(budget / secondsADrill));
  const drills = new Map(items.map((item) => [item, drillOf(library, item.drillId)]));
  const kept = items.filter(
    (item) =>
      item.phase === "raise" || item.phase === "settle" || drills.get(item)?.preparesHands === true,
  );
  const served = new Map<MotionId, number>();
  const weight = new Map(needs.map((need) => [need.motion, need.weight]));
  const worth = (item: PrepItem): number =>
    (drills.get(item)?.serves ?? []).reduce(
      (sum, { motion, share }) =>
        sum + ((weight.get(motion) ?? 0) * share) / (1 + (served.get(motion) ?? 0)),
      0,
    );
  const rest = items.filter((item) => !kept.includes(item));
  while (kept.length < most && rest.length > 0) {
    const best = rest.reduce((one, other) => (worth(other) > worth(one) ? other : one));
    rest.splice(rest.indexOf(best), 1);
    kept.push(best);
    for (const { motion, share } of drills.get(best)?.serves ?? [])
      served.set(motion, (served.get(motion) ?? 0) + share);
  }
  return items.filter((item) => kept.includes(item));
}

/** The items at the minutes there are, with the shorter sides' extra sets, and what each does of them. */
export function settled(
  items: readonly PrepItem[],
  minds: readonly Mind[],
  { budget, library }: Pick<InStepTerms, "budget" | "library">,
): Pick<InStep, "items" | "members" | "seconds"> {
  const filled = fillExactly(withShares(items, minds, { budget, library }), { budget, library });
  return {
    items: filled,
    members: withOwnSides(filled, membersOf(filled, minds), minds, library),
    seconds: prepSeconds(filled, library),
  };
}

/** What each does of a list of items, the own sides of extra sets included. */
export const membersIn = (
  items: readonly PrepItem[],
  minds: readonly Mind[],
  library: Library,
): GroupMember[] => withOwnSides(items, membersOf(items, minds), minds, library);

const membersOf = (items: readonly PrepItem[], minds: readonly Mind[]): GroupMember[] =>
  minds.map(({ athlete, request }) => memberOf({ items: [...items] }, athlete, request));

/** The planner's question for all of them: what they need on the whole, asked for a body of which nothing is known. */
function hallRequest(
  minds: readonly Mind[],
  terms: InStepTerms & { budget: number; dropped: string[] },
): PlanRequest {
  const { on, library, place, coach, aside } = terms;
  const prep = prepIn(terms, library, "hall", "hall");
  const bodies = minds.map(({ request }) => request.body);
  const body: BodyToday = {
    on,
    growing: bodies.some(({ growing }) => growing),
    cautions: [],
    locks: [],
    record: new Map(),
    vouched: new Map(),
    measured: new Map(),
    handsLeft: null,
  };
  const someone = newAthlete("hall", {
    name: "hall",
    discipline: "",
    bornOn: "1990-01-01",
    statureCm: 170,
    massKg: null,
    dominantSide: "right",
    placeId: terms.placeId,
    years: null,
  });
  return requestFor({
    prep,
    athlete: someone,
    library,
    needs: sharedNeedsOf(minds),
    skills: sharedSkills(minds),
    place,
    body,
    logs: [],
    days: [],
    preps: [],
    coach,
    aside,
  });
}

/** What each motion deserves for all: the mean of what it deserves for each, nothing where it isn't asked. */
export function sharedNeedsOf(minds: readonly Mind[]): Need[] {
  const found = new Map<MotionId, Need[]>();
  for (const { needs } of minds)
    for (const need of needs) found.set(need.motion, [...(found.get(need.motion) ?? []), need]);
  return [...found.values()]
    .map((all) => {
      const worst = all.toSorted((a, b) => b.weight - a.weight)[0]!;
      const sum = all.reduce((total, { weight }) => total + weight, 0);
      return { ...worst, weight: sum / Math.max(1, minds.length), override: null, shorter: null };
    })
    .sort((a, b) => b.weight - a.weight);
}

/** Skills that at least half of them aim at. */
function sharedSkills(minds: readonly Mind[]): string[] {
  const counts = new Map<string, number>();
  for (const { skills } of minds)
    for (const id of new Set(skills)) counts.set(id, (counts.get(id) ?? 0) + 1);
  return [...counts].filter(([, count]) => count >= minds.length * leastShare).map(([id]) => id);
}

const doersOf = (item: PrepItem, members: readonly GroupMember[]) =>
  members.flatMap(({ athleteId, parts }) => {
    const part = parts.find(({ itemId }) => itemId === item.id);
    return part?.rungId ? [{ athleteId, rungId: part.rungId }] : [];
  });

/** Whether enough of them may do it; what warms up, everybody. */
function enoughDo(item: PrepItem, members: readonly GroupMember[]): boolean {
  const least = item.phase === "raise" ? 1 : leastShare;
  return doersOf(item, members).length >= members.length * least;
}

/** The kit that there is too little of for everybody at once; null where there is enough, or nobody has counted. */
export function tooFew(
  item: PrepItem,
  members: readonly GroupMember[],
  place: Place | null,
  library: Library,
): KitItem | null {
  const drill = drillOf(library, item.drillId);
  if (!drill || !place?.counts) return null;
  const used = new Map<KitItem, number>();
  for (const { rungId } of doersOf(item, members)) {
    const rung = rungOf(drill, rungId);
    for (const wanted of rung.kit) {
      const kit = standInOf(wanted, place.kit, drill, rung);
      if (kit) used.set(kit, (used.get(kit) ?? 0) + 1);
    }
  }
  const short = place.counts.find(({ item: kit, count }) => (used.get(kit) ?? 0) > count);
  return short?.item ?? null;
}

/** Which side each of them would give extra sets of an item. */
const sharesOf = (
  item: PrepItem,
  minds: readonly Mind[],
  library: Library,
): ReadonlyMap<string, { side: LeftRight; sets: number }> => {
  const drill = drillOf(library, item.drillId);
  return new Map(
    minds.flatMap(({ athlete, shorter }) => {
      const found = drill && item.sides.length > 0 ? extraFor(item, drill, shorter) : null;
      return found ? [[athlete.id, found.extra] as const] : [];
    }),
  );
};

/** Extra sets for the shorter side where at least a third has one, as long as the minutes hold them. */
function withShares(
  items: readonly PrepItem[],
  minds: readonly Mind[],
  { budget, library }: Pick<InStepTerms, "budget" | "library">,
): PrepItem[] {
  let now = items.map((item): PrepItem => ({ ...item, extra: null }));
  for (const item of items) {
    const shares = [...sharesOf(item, minds, library).values()];
    if (shares.length === 0 || shares.length < minds.length / 3) continue;
    const left = shares.filter(({ side }) => side === "left").length;
    const side = left * 2 >= shares.length ? "left" : "right";
    const next = now.map((one) =>
      one.id === item.id ? { ...one, extra: { side, sets: 1 } as const } : one,
    );
    if (prepSeconds(next, library) <= budget) now = next;
  }
  return now;
}

/** In an extra set each works the own shorter side; who has none, the one that is named. */
function withOwnSides(
  items: readonly PrepItem[],
  members: readonly GroupMember[],
  minds: readonly Mind[],
  library: Library,
): GroupMember[] {
  const extra = items.filter((item) => item.extra !== null);
  const shares = new Map(extra.map((item) => [item.id, sharesOf(item, minds, library)]));
  return members.map((member) => ({
    ...member,
    parts: member.parts.map((part) => {
      const own = shares.get(part.itemId)?.get(member.athleteId)?.side;
      const named = extra.find(({ id }) => id === part.itemId)?.extra?.side;
      return own && own !== named ? { ...part, share: own } : part;
    }),
  }));
}
