/**
 * Where a figure comes from: a published study or standard, the geometry of the body itself (a flat hand under an
 * upright arm bends the wrist 90°), a coach's own figure with his reason, or a working figure that nobody has
 * published for this use.
 */
export type SourceKind = "published" | "geometry" | "own" | "working";
export const sourceKinds: readonly SourceKind[] = ["published", "geometry", "own", "working"];

/** The kind of a source as the library writes it. A study named beside a working figure leaves it a working figure. */
export function kindOfSource(source: string): SourceKind {
  if (source.startsWith("geometry")) return "geometry";
  if (source.startsWith("own figure")) return "own";
  return /^working figure|working figure$/.test(source) ? "working" : "published";
}

export type SourceCount = Record<SourceKind, number> & { all: number };

/** How many figures are of which kind. */
export function countSources(sources: readonly string[]): SourceCount {
  const count: SourceCount = { published: 0, geometry: 0, own: 0, working: 0, all: sources.length };
  for (const source of sources) count[kindOfSource(source)] += 1;
  return count;
}
