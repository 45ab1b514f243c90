type Fields = Record<string, unknown>;

const isFields = (value: unknown): value is Fields =>
  typeof value === "object" && value !== null && !Array.isArray(value);

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * Lays one's own change over somebody else's, field by field: what I changed since `base` is mine, all else is
 * theirs. A list counts as one field.
 * @example merged({ a: 1, b: 1 }, { a: 2, b: 1 }, { a: 1, b: 3 }) // { a: 2, b: 3 }
 */
export function merged(base: unknown, mine: unknown, theirs: unknown): unknown {
  if (same(base, mine)) return theirs;
  if (!isFields(mine) || !isFields(theirs) || !isFields(base)) return mine;
  const names = new Set([...Object.keys(theirs), ...Object.keys(mine)]);
  return Object.fromEntries(
    [...names].flatMap((name) => {
      const value = merged(base[name], mine[name], theirs[name]);
      return value === undefined ? [] : [[name, value]];
    }),
  );
}
