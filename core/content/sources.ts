/**
 * Where a figure comes from: a published study or standard, the geometry of the body itself (a flat hand under an
 * upright arm bends the wrist 90°), a coach's own figure with his reason, or a working figure that nobody has
 * published for this use.
 */
export type SourceKind = "published" | "geometry" | "own" | "working";

/** How a source begins that is none of the published ones. */
const begins: readonly (readonly [string, SourceKind])[] = [
  ["working figure", "working"],
  ["own figure", "own"],
  ["geometry", "geometry"],
];

/** The kind of a source as the library writes it. A study named beside a working figure leaves it a working figure. */
export const kindOfSource = (source: string): SourceKind =>
  begins.find(([text]) => source.startsWith(text))?.[1] ?? "published";

export type SourceCount = Record<SourceKind, number> & { all: number };

/** How many figures are of which kind. */
export function countSources(sources: readonly string[]): SourceCount {
  const count: SourceCount = { published: 0, geometry: 0, own: 0, working: 0, all: sources.length };
  for (const source of sources) count[kindOfSource(source)] += 1;
  return count;
}
