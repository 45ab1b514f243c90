import type { PrepItem } from "../records/records";
import { drillOf } from "../content/library";
import { atRung } from "../drill/drill";
import { ladderOf } from "./doses";
import { eligibility } from "./eligible";
import { itemFrom } from "./item";
import { orderTerms } from "./mend";
import { breaches } from "./order";
import { longestStay } from "./permit";
import type { PlanRequest } from "./plan";
import { itemSeconds, prepSeconds } from "./timeline";
import { prepWorth } from "./worth";

/** Another drill for a place in the prep: what the swap costs. */
export type Alternative = {
  item: PrepItem;
  /** Change of what the whole prep gives the needs, as a share of it; 0.02 is 2 % more. */
  worth: number;
  /** Change of the whole length, seconds. */
  seconds: number;
};

/**
 * What could stand in the place of an item, the best first: drills of the same phase that are not in the prep,
 * at the dose that takes about as long, and that break no rule there.
 */
export function alternativesTo(
  items: readonly PrepItem[],
  index: number,
  request: PlanRequest,
  most = 8,
): Alternative[] {
  const present = items[index];
  const drill = present && drillOf(request.library, present.drillId);
  if (!present || !drill) return [];
  const length = itemSeconds(present.dose, drill, present.sides, present.extra);
  const [worth, seconds] = [prepWorth(items, request), prepSeconds(items, request.library)];
  const terms = orderTerms(request);
  const before = breaches(items, request.library, terms).length;
  return request.library.drills
    .flatMap((other): Alternative[] => {
      if (items.some(({ drillId }) => drillId === other.id)) return [];
      const found = eligibility(other, request);
      const place =
        "places" in found
          ? found.places.find(({ segment }) => segment.phase === present.phase)
          : undefined;
      if (!place) return [];
      const dose = ladderOf(
        place.dose,
        other,
        request.format,
        longestStay(request.body, other, place.rung),
      )
        .map((one) => ({
          one,
          off: Math.abs(
            itemSeconds(one, other, atRung(other, place.rung).sided ? ["left", "right"] : []) -
              length,
          ),
        }))
        .sort((a, b) => a.off - b.off)[0]!.one;
      const item = { ...itemFrom(place, dose, request), segment: present.segment };
      const swapped = items.map((one, i) => (i === index ? item : one));
      if (breaches(swapped, request.library, terms).length > before) return [];
      return [
        {
          item,
          worth: worth > 0 ? prepWorth(swapped, request) / worth - 1 : 0,
          seconds: prepSeconds(swapped, request.library) - seconds,
        },
      ];
    })
    .sort((a, b) => b.worth - a.worth || Math.abs(a.seconds) - Math.abs(b.seconds))
    .slice(0, most);
}
