/** The entries of a list under their keys, in the order in which they stand. */
export function groupBy<T, K>(list: readonly T[], key: (entry: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const entry of list) {
    const own = groups.get(key(entry));
    if (own) own.push(entry);
    else groups.set(key(entry), [entry]);
  }
  return groups;
}
