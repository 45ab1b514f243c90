import { onRung, rungOf } from "../drill/drill";
import type { PrepItem } from "../records/records";
import { drillOf } from "../content/library";
import { lightest } from "./doses";
import { eligibility, type Eligible } from "./eligible";
import { itemFrom } from "./item";
import { asideOf } from "./format-by";
import { breaches, repaired, type OrderTerms } from "./order";
import { permittedDown, withinLimits, type GateTerms } from "./permit";
import { handsBefore, readyAfter, unreadyParts } from "./hands-first";
import type { PlanRequest } from "./plan";
import { raises, warmthOf } from "./warmth";

/** What the rules of order ask of a prep. */
export const orderTerms = (request: PlanRequest): OrderTerms & { gate: GateTerms } => ({
  alreadyWarm: request.alreadyWarm,
  beforeTraining: request.format.doses === "warm-up",
  aside: asideOf(request),
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
  const there = items.reduce((sum, item) => sum + raises(item, library), 0);
  const wanted = alreadyWarm ? 0 : warmthOf(items, library);
  const raised = items.map((item) => longerRaise(item, wanted - there, library));
  if (wanted > 0 && there === 0) {
    const raise = firstOf(request, ({ drill }) => drill.kind === "pulse");
    if (raise)
      added.push(itemFrom(raise, { type: "time", sets: 1, seconds: wanted, rest: 0 }, request));
  }
  const short = items.some((item, at) => {
    const drill = drills[at];
    return (
      drill &&
      unreadyParts(readyAfter(items, library), handsBefore(drill, rungOf(drill, item.rungId)))
        .length > 0
    );
  });
  if (short) {
    const hands = firstOf(
      request,
      ({ drill }) =>
        drill.preparesHands &&
        drill.serves.some(({ motion }) => motion.startsWith("forearm.")) &&
        !items.some(({ drillId }) => drillId === drill.id),
    );
    if (hands) added.push(itemFrom(hands, lightest(hands.dose), request));
  }
  let list = repaired([...added, ...raised], library, orderTerms(request));
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
  if (!rung) return null;
  const usual = request.format.doses === "warm-up" ? rung.warmUp : rung.session;
  const dose = rung === own || item.boxed ? item.dose : (usual ?? item.dose);
  return { ...onRung(item, drill, rung), dose: withinLimits(request.body, drill, rung, dose) };
}

/** The raise as long as what follows asks for, where there is one. */
function longerRaise(item: PrepItem, more: number, library: PlanRequest["library"]): PrepItem {
  if (more <= 0 || raises(item, library) === 0 || item.dose.type !== "time") return item;
  return { ...item, dose: { ...item.dose, seconds: item.dose.seconds + more } };
}

function firstOf(request: PlanRequest, test: (one: Eligible) => boolean): Eligible | null {
  for (const drill of request.library.drills) {
    const found = eligibility(drill, { ...request, dropped: [] });
    const place = "places" in found ? found.places.find(test) : undefined;
    if (place) return place;
  }
  return null;
}
