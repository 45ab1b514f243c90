import type { PrepItem } from "../records/records";
import { drillOf } from "../content/library";
import { variantsIn } from "./variants-in";
import { eligibility } from "./eligible";
import { itemFrom } from "./item";
import { withinLimits } from "./permit";
import { planPrep, type Plan, type PlanRequest } from "./plan";
import { prepWorth } from "./worth";
import type { Against, Because } from "../records/reasons";
import { anotherVariant } from "./request";

/** Another prep is not one of so many before it, and gives the needs at least so much of what the best gives. */
export const anotherIs = { unlike: 4, worth: 0.9 } as const;
/** How much is paid for something else, the most first. */
const varieties = [anotherVariant, 3, 1.5, 0.75, 0.3, 0.1] as const;

/** The drills of a prep, as one text. */
const drillsIn = (names: readonly string[]): string =>
  [...new Set(names.filter((name) => !name.includes("/")))].sort().join(" ");

/** So many drills of the last prep are tried without. */
const mostTurned = 8;

/** Drills of the last prep that may turn: not the skill, and not what readies the hands. */
const turning = ({ recent = [], library }: PlanRequest): string[] =>
  (recent[0] ?? [])
    .filter((id) => {
      const drill = drillOf(library, id);
      return drill && drill.kind !== "skill" && drill.kind !== "pulse" && !drill.preparesHands;
    })
    .slice(-mostTurned);

/**
 * Another prep for the same request: as unlike the last ones as it can be without giving the needs less than nine
 * tenths of what they could have. What a practice needs every day (the skill, the hands) stays.
 */
export function another(request: PlanRequest): Plan {
  if (request.clocked ?? request.format.clocked ?? request.gaps ?? request.format.gaps)
    return planPrep(request);
  const before = (request.recent ?? []).slice(0, anotherIs.unlike).map(drillsIn);
  const best = prepWorth(planPrep({ ...request, recent: [] }).items, request);
  let nearest: { plan: Plan; worth: number } | null = null;
  const asked = [
    ...varieties.map((variety): PlanRequest => ({ ...request, variety })),
    // Where paying for it is not enough, one drill of the last time is left out.
    ...turning(request).map((id): PlanRequest => ({
      ...request,
      variety: 0,
      dropped: [...request.dropped, id],
    })),
  ];
  for (const one of asked) {
    const plan = planPrep(one);
    if (before.includes(drillsIn(plan.items.map(({ drillId }) => drillId)))) continue;
    const worth = prepWorth(plan.items, request);
    if (worth >= anotherIs.worth * best) return plan;
    if (!nearest || worth > nearest.worth) nearest = { plan, worth };
  }
  return nearest?.plan ?? planPrep(request);
}

/** So many preps of one kind, each unlike those before it: a week's worth at once. */
export function variantsOf(request: PlanRequest, count = 7): Plan[] {
  const plans: Plan[] = [];
  let recent = [...(request.recent ?? [])];
  for (let n = 0; n < count; n += 1) {
    const asked = { ...request, recent };
    const plan = n > 0 ? another(asked) : planPrep(asked);
    plans.push(plan);
    recent = [[...plan.items.map(({ drillId }) => drillId), ...variantsIn(plan.items)], ...recent];
  }
  return plans;
}

/** A prep handed to another athlete: what it becomes there, and what differs, with the reason. */
export type Copied = {
  items: PrepItem[];
  gone: { drillId: string; reason: Against }[];
  /** Items whose rung or dose is the other athlete's own. */
  changed: { drillId: string; rungId: string; why: Because[] }[];
};

/**
 * The same drills for another athlete: at that athlete's own rungs and doses, without what is locked, barred or
 * impossible at that place.
 * @param request the other athlete's circumstances
 */
export function copiedTo(items: readonly PrepItem[], request: PlanRequest): Copied {
  const copied: Copied = { items: [], gone: [], changed: [] };
  for (const item of items) {
    const drill = drillOf(request.library, item.drillId);
    if (!drill) continue;
    const found = eligibility(drill, {
      ...request,
      format: { ...request.format, serves: "every-joint" },
    });
    if ("reason" in found) {
      copied.gone.push({ drillId: item.drillId, reason: found.reason });
      continue;
    }
    const place =
      found.places.find(({ segment }) => segment.phase === item.phase) ?? found.places[0]!;
    const next = request.nextSteps.has(drill.id) || place.rung.id !== item.rungId;
    const wanted = next && !item.boxed ? place.dose : item.dose;
    const dose = withinLimits(request.body, drill, place.rung, wanted);
    const own = itemFrom(place, dose, request);
    copied.items.push({
      ...own,
      id: item.id,
      segment: item.segment,
      phase: item.phase,
      boxed: item.boxed,
    });
    if (place.rung.id !== item.rungId)
      copied.changed.push({
        drillId: item.drillId,
        rungId: place.rung.id,
        why: place.replaced,
      });
  }
  return copied;
}
