import type { PrepItem } from "../records/records";
import { drillOf } from "../content/library";
import { variantsIn } from "./clocked";
import { eligibility } from "./eligible";
import { itemFrom } from "./item";
import { withinLimits } from "./permit";
import { planPrep, type Plan, type PlanRequest } from "./plan";
import type { Against, Because } from "../records/reasons";
import { anotherVariant } from "./request";

/** So many preps of one kind, each unlike those before it: a week's worth at once. */
export function variantsOf(request: PlanRequest, count = 7): Plan[] {
  const plans: Plan[] = [];
  let recent = [...(request.recent ?? [])];
  for (let n = 0; n < count; n += 1) {
    const plan = planPrep({ ...request, recent, variety: n > 0 ? anotherVariant : 1 });
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
