import { atRung, rungOf } from "../drill/drill";
import type { PrepItem } from "../records/records";
import { drillOf } from "../content/library";
import { lightest } from "./doses";
import { eligibility, type Eligible } from "./eligible";
import { itemFrom } from "./item";
import { breaches, repaired, wantsWarmth, type OrderTerms } from "./order";
import { permittedDown } from "./permit";
import { shortestRaise, type PlanRequest } from "./plan";

/** What the rules of order ask of a prep. */
export const orderTerms = (request: PlanRequest): OrderTerms => ({
  alreadyWarm: request.alreadyWarm,
  beforeTraining: request.format.doses === "warm-up",
  gate: request,
});

/**
 * A prep whose broken rules are mended: what may not be done here goes a rung down or out, a missing raise or missing wrist work is put in, the rest is moved as
 * little as possible; what still cannot stand safely is taken out, and named.
 */
export function mended(
  given: readonly PrepItem[],
  request: PlanRequest,
): { items: PrepItem[]; added: string[]; removed: string[] } {
  const { library, alreadyWarm } = request;
  const allowed = given.map((item) => ({ item, now: permittedItem(item, request) }));
  const shut = allowed.flatMap(({ item, now }) => (now ? [] : [item]));
  const items = allowed.flatMap(({ now }) => now ?? []);
  const drills = items.map(({ drillId }) => drillOf(library, drillId));
  const added: PrepItem[] = [];
  if (
    !alreadyWarm &&
    drills.some((drill) => drill && wantsWarmth(drill)) &&
    !drills.some((drill) => drill?.phase === "raise")
  ) {
    const raise = firstOf(request, ({ drill }) => drill.phase === "raise");
    if (raise)
      added.push(
        itemFrom(raise, { type: "time", sets: 1, seconds: shortestRaise, rest: 0 }, request),
      );
  }
  const onHands = items.some(({ drillId, rungId }) => {
    const drill = drillOf(library, drillId);
    return drill && !drill.preparesHands && atRung(drill, rungOf(drill, rungId)).loadsHands;
  });
  if (onHands && !drills.some((drill) => drill?.preparesHands)) {
    const wrists = firstOf(
      request,
      ({ drill, rung }) => drill.preparesHands && !atRung(drill, rung).loadsHands,
    );
    if (wrists) added.push(itemFrom(wrists, lightest(wrists.dose), request));
  }
  let list = repaired([...added, ...items], library, orderTerms(request));
  const removed = shut.map(({ drillId }) => drillId);
  for (
    let broken = breaches(list, library, orderTerms(request));
    broken.length > 0;
    broken = breaches(list, library, orderTerms(request))
  ) {
    const at = broken.at(-1)!.at;
    removed.push(list[at]!.drillId);
    list = repaired(
      list.filter((_, i) => i !== at),
      library,
      orderTerms(request),
    );
  }
  return { items: list, added: added.map(({ drillId }) => drillId), removed };
}

/** An item at the highest rung that may be done, not above its own; null where none may. */
function permittedItem(item: PrepItem, request: PlanRequest): PrepItem | null {
  const drill = drillOf(request.library, item.drillId);
  if (!drill) return item;
  const own = rungOf(drill, item.rungId);
  const rung = permittedDown(drill, own, request);
  if (!rung || rung === own) return rung && item;
  const usual = request.format.doses === "warm-up" ? rung.warmUp : rung.session;
  return { ...item, rungId: rung.id, dose: item.boxed ? item.dose : (usual ?? item.dose) };
}

function firstOf(request: PlanRequest, test: (one: Eligible) => boolean): Eligible | null {
  for (const drill of request.library.drills) {
    const found = eligibility(drill, { ...request, dropped: [] });
    const place = "places" in found ? found.places.find(test) : undefined;
    if (place) return place;
  }
  return null;
}
