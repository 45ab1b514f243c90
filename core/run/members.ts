import type { GroupMember, PrepItem, Run } from "../records/records";

/**
 * Everybody who runs along, as they do it now: what was said at the start, with another rung where one was taken on the
 * floor, and without what comes while somebody is away.
 * @param items the plan as it stands now, for its order
 */
export function membersNow(
  { group, events }: Pick<Run, "group" | "events">,
  items: readonly Pick<PrepItem, "id">[],
): GroupMember[] {
  const place = new Map(items.map(({ id }, n) => [id, n]));
  return group.map((member) => {
    const own = events.flatMap((event) =>
      event.type === "member" && event.who === member.athleteId ? [event.then] : [],
    );
    return own.length === 0
      ? member
      : { ...member, parts: own.reduce((parts, then) => after(parts, then), member.parts) };

    function after(parts: GroupMember["parts"], then: (typeof own)[number]): GroupMember["parts"] {
      const from = place.get(then.itemId) ?? 0;
      const later = (itemId: string) => (place.get(itemId) ?? -1) >= from;
      if (then.is === "on-rung")
        return parts.map((part) =>
          part.itemId === then.itemId ? { ...part, rungId: then.rungId, reason: null } : part,
        );
      if (then.is === "away")
        return parts.map((part) =>
          later(part.itemId) ? { ...part, rungId: null, reason: { why: "away" } } : part,
        );
      return parts.map((part) =>
        later(part.itemId) && part.reason?.why === "away"
          ? (member.parts.find(({ itemId }) => itemId === part.itemId) ?? part)
          : part,
      );
    }
  });
}
