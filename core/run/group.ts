import { drillOf } from "../content/library";
import type { GroupMember, Prep } from "../records/records";
import { rungOf } from "../drill/drill";
import { against, permittedDown } from "../prep/permit";
import type { PlanRequest } from "../prep/plan";

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
  return {
    athleteId: athlete.id,
    name: athlete.name,
    parts: prep.items.map(({ id, drillId, dose }) => {
      const drill = drillOf(request.library, drillId);
      if (!drill) return { itemId: id, rungId: null, reason: { why: "not-in-library" } };
      const next = request.nextSteps.get(drillId);
      const stop = next?.causes.find(({ cause }) => cause === "stopped");
      if (stop?.cause === "stopped")
        return {
          itemId: id,
          rungId: null,
          reason: { why: "stopped", sharp: stop.sharp, pain: stop.pain },
        };
      const own = next ? rungOf(drill, next.rungId) : drill.rungs[0]!;
      const rung = permittedDown(drill, own, request);
      const [reason] = against(request, { drill, rung: rung ?? own, dose });
      return reason
        ? { itemId: id, rungId: null, reason }
        : { itemId: id, rungId: (rung ?? own).id, reason: null };
    }),
  };
}
