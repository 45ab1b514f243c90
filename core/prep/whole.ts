import type { PrepItem } from "../records/records";

/** A plan may stop this many seconds short before it has to explain itself. */
export const tolerance = 15;

/** No two items of a prep go by one name. */
export function uniquely(items: readonly PrepItem[]): PrepItem[] {
  const seen = new Set<string>();
  return items.map((item) => {
    let id = item.id;
    for (let n = 2; seen.has(id); n += 1) id = `${item.id}~${n}`;
    seen.add(id);
    return id === item.id ? item : { ...item, id };
  });
}
