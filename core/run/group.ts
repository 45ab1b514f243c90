import { drillOf } from "../content/library";
import type { GroupMember, Prep, PrepItem } from "../records/records";
import { rungOf } from "../drill/drill";
import { orderTerms } from "../prep/mend";
import { breaches, mustBeMended, type Rule } from "../prep/order";
import { against, permittedDown } from "../prep/permit";
import type { PlanRequest } from "../prep/plan";

type Part = GroupMember["parts"][number];

/**
 * What somebody who runs along does of a prep: for each item the rung this body has reached, or why it is sat
 * out (a lock, an uncleared answer, kit, or what has to come before it and is sat out). Their own cautions and locks
 * hold, whoever the prep was planned for.
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
    growing: request.body.growing,
    parts: inSafeOrder(prep.items, partsOf(prep.items, request), request),
  };
}

/** Each item by itself: the rung, or why not. */
const partsOf = (items: readonly PrepItem[], request: PlanRequest): Part[] =>
  items.map(({ id, drillId, dose }): Part => {
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
  });

/** Whoever sits out what has to come first does what stands on it a rung lower, or not at all, until nothing unsafe is left. */
function inSafeOrder(
  items: readonly PrepItem[],
  parts: readonly Part[],
  request: PlanRequest,
): Part[] {
  const terms = orderTerms(request);
  let now = [...parts];
  for (;;) {
    const done = items.flatMap((item, n) => {
      const { rungId } = now[n]!;
      return rungId === null ? [] : [{ ...item, rungId }];
    });
    const [broken] = mustBeMended(breaches(done, request.library, terms));
    const at = broken && done[broken.at]?.id;
    if (!broken || at === undefined) return now;
    now = now.map((part) =>
      part.itemId === at
        ? (lower(part, items, request) ?? {
            itemId: at,
            rungId: null,
            reason: reasonOf(broken.rule),
          })
        : part,
    );
  }
}

/** The same on the next rung below that the gate lets this body do; null where there is none. */
function lower(
  { itemId, rungId }: Part,
  items: readonly PrepItem[],
  request: PlanRequest,
): Part | null {
  const item = items.find(({ id }) => id === itemId);
  const drill = item && drillOf(request.library, item.drillId);
  const below = drill && drill.rungs[drill.rungs.indexOf(rungOf(drill, rungId ?? "")) - 1];
  const rung = below && permittedDown(drill, below, request);
  return rung && against(request, { drill, rung, dose: item.dose }).length === 0
    ? { itemId, rungId: rung.id, reason: null }
    : null;
}

/** A rule that is broken, as why something is sat out. */
const reasonOf = (rule: Rule): Part["reason"] =>
  rule.why === "not-permitted"
    ? rule.against
    : rule.why === "cold"
      ? { why: "not-warm", seconds: rule.seconds }
      : { why: "unready" };

/**
 * The group after a change of plan on the floor: who runs along does what stayed as it was said, and of what is new
 * what the gate lets this body do.
 */
export const groupAfter = (
  group: readonly GroupMember[],
  was: readonly PrepItem[],
  now: readonly PrepItem[],
  requestOf: (athleteId: string) => PlanRequest,
): GroupMember[] =>
  group.map((member) => {
    const fresh = memberOf(
      { items: [...now] },
      { id: member.athleteId, name: member.name },
      requestOf(member.athleteId),
    );
    return {
      ...member,
      parts: fresh.parts.map((part) => {
        const [before, after] = [was, now].map((list) => list.find(({ id }) => id === part.itemId));
        const stayed =
          before && after && before.drillId === after.drillId && before.rungId === after.rungId;
        return (stayed && member.parts.find(({ itemId }) => itemId === part.itemId)) || part;
      }),
    };
  });
