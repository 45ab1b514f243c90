import type { LeftRight } from "#core/body/side";
import type { Against } from "#core/records/reasons";
import type { GroupMember, PrepItem } from "#core/records/records";
import { shortNames } from "../words";

/** Who of several is on which rung of an item, the fullest first, and who sits it out. */
export function byRung(
  item: Pick<PrepItem, "id">,
  members: readonly GroupMember[],
): {
  rungs: { rungId: string; who: { name: string; share?: LeftRight | undefined }[] }[];
  out: { name: string; reason: Against | null }[];
} {
  const short = shortNames(members);
  const rungs = new Map<string, { name: string; share?: LeftRight | undefined }[]>();
  const out: { name: string; reason: Against | null }[] = [];
  for (const { name, parts } of members) {
    const part = parts.find(({ itemId }) => itemId === item.id);
    if (!part) continue;
    if (part.rungId === null) out.push({ name: short(name), reason: part.reason });
    else
      rungs.set(part.rungId, [
        ...(rungs.get(part.rungId) ?? []),
        { name: short(name), share: part.share },
      ]);
  }
  return {
    rungs: [...rungs]
      .map(([rungId, who]) => ({ rungId, who }))
      .sort((a, b) => b.who.length - a.who.length),
    out,
  };
}
