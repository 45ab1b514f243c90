import type { Side } from "#core/body/side";
import type { Round, SideEntry } from "../check/round";

/** What is typed down a line: by athlete, then check, then side. */
export type LineEntries = Record<string, Round["entries"]>;

/** The line with one side of one athlete typed, or emptied. */
export function withEntry(
  entries: LineEntries,
  [athleteId, key, side]: readonly [string, string, Side],
  entry: SideEntry | undefined,
): LineEntries {
  const own = entries[athleteId] ?? {};
  const sides = { ...own[key] };
  if (entry) sides[side] = entry;
  else delete sides[side];
  return { ...entries, [athleteId]: { ...own, [key]: sides } };
}

/** The line with two readings of one check in each other's place: a wrong athlete or side, mended. */
export function exchanged(
  entries: LineEntries,
  key: string,
  from: readonly [string, Side],
  to: readonly [string, Side],
): LineEntries {
  const at = ([id, side]: readonly [string, Side]) => entries[id]?.[key]?.[side];
  const [moved, there] = [at(from), at(to)];
  return withEntry(withEntry(entries, [to[0], key, to[1]], moved), [from[0], key, from[1]], there);
}
