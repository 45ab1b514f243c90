import { drillOf } from "../content/library";
import type { GroupMember, Prep } from "../records/records";
import { eligibility } from "../prep/eligible";
import type { PlanRequest } from "../prep/plan";
import { isOfPlan } from "../records/reasons";

/**
 * What somebody who runs along does of a prep: for each item the rung this body has reached, or why it is sat
 * out (a lock, an uncleared answer, kit). Their own cautions and locks hold, whoever the prep was planned for.
 * @param request what the planner would be asked for this member, of the same prep
 */
export function memberOf(
  prep: Pick<Prep, "items">,
  athlete: { id: string; name: string },
  request: PlanRequest,
): GroupMember {
  const open = {
    ...request,
    format: { ...request.format, serves: "every-joint" as const },
    dropped: [],
    only: undefined,
  };
  return {
    athleteId: athlete.id,
    name: athlete.name,
    parts: prep.items.map(({ id, drillId, rungId }) => {
      const drill = drillOf(request.library, drillId);
      const found = drill
        ? eligibility(drill, open)
        : { reason: { why: "not-in-library" as const } };
      if (!("reason" in found))
        return { itemId: id, rungId: found.places[0]!.rung.id, reason: null };
      return isOfPlan(found.reason)
        ? { itemId: id, rungId: drill?.rungs[0]?.id ?? rungId, reason: null }
        : { itemId: id, rungId: null, reason: found.reason };
    }),
  };
}
