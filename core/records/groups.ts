import * as z from "zod/mini";
import { Stamp } from "./stamp";
import { Time } from "./training";

const Id = z.string().check(z.minLength(1), z.maxLength(80));

/** One time of a group's week: 0 is Monday. */
export const GroupTime = z.object({
  weekday: z.int().check(z.minimum(0), z.maximum(6)),
  starts: Time,
  minutes: z.int().check(z.minimum(5), z.maximum(480)),
});
export type GroupTime = z.infer<typeof GroupTime>;

/** Athletes who train together; an athlete may be in several. */
export const Group = z.object({
  kind: z.literal("group"),
  stamp: z.optional(Stamp),
  id: Id,
  name: z.string().check(z.trim(), z.minLength(1), z.maxLength(80)),
  members: z.array(Id).check(z.maxLength(200)),
  placeId: z.nullable(Id),
  times: z.array(GroupTime).check(z.maxLength(28)),
});
export type Group = z.infer<typeof Group>;

/** How athletes are put in order: by name, by the groups they are in, or by hand. */
export type Order = { by: "name" | "group" | "hand"; hand: readonly string[] };

type Named = { id: string; name: string };

/** Names as a reader puts them in order. */
export const byName = new Intl.Collator("en", { sensitivity: "base", numeric: true }).compare;

/**
 * Athletes in the order that holds everywhere. By group: the groups by name, each by name, whoever is in none last. By
 * hand: as they were put; who was added since stands at the end, as they came.
 */
export function athletesInOrder<One extends Named>(
  athletes: readonly One[],
  groups: readonly Pick<Group, "name" | "members">[],
  { by, hand }: Order,
): One[] {
  if (by === "name") return athletes.toSorted((a, b) => byName(a.name, b.name));
  if (by === "group") {
    const rank = rankByGroup(groups);
    return athletes.toSorted(
      (a, b) =>
        (rank.get(a.id) ?? groups.length) - (rank.get(b.id) ?? groups.length) ||
        byName(a.name, b.name),
    );
  }
  const place = new Map(hand.map((id, n) => [id, n]));
  return athletes.toSorted(
    (a, b) => (place.get(a.id) ?? hand.length) - (place.get(b.id) ?? hand.length),
  );
}

/** The first group, by name, that each athlete is in. */
function rankByGroup(groups: readonly Pick<Group, "name" | "members">[]): Map<string, number> {
  const rank = new Map<string, number>();
  groups
    .toSorted((a, b) => byName(a.name, b.name))
    .forEach(({ members }, n) => {
      for (const id of members) if (!rank.has(id)) rank.set(id, n);
    });
  return rank;
}
