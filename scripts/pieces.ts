import { fileURLToPath } from "node:url";

const here = (path: string): string => fileURLToPath(new URL(`../${path}`, import.meta.url));

/** What the bundler tells of its modules. */
type Graph = {
  getModuleInfo: (id: string) => { importedIds: readonly string[] } | null;
};

/** The pieces of the build that are awaited as a whole, by the modules that bring the rest of them along; the first has the first say. */
export const pieces = {
  first: ["app/root.tsx", "app/routes/bench.tsx", "app/routes/troupe.tsx"],
  walk: ["app/routes/athlete.tsx"],
  figures: ["app/parts/figure/pose-picture.tsx"],
  changes: ["core/measure/change.ts"],
  timing: ["core/situation/findings.ts", "core/prep/found-because.ts"],
  stepping: ["core/situation/next-steps.ts"],
  weeks: ["core/schedule/shares.ts", "core/doses/stretch-days.ts", "core/prep/format-for.ts"],
  floor: ["core/situation/request-of.ts", "core/run/run.ts", "core/run/barred.ts"],
  planning: ["core/situation/planning.ts", "core/prep/retime.ts", "core/prep/mend.ts"],
};

/** A page is an entry, and no part of a piece. */
const isPage = (path: string): boolean => path.startsWith("app/routes/") || path === "app/root.tsx";

let modules: [string, ReadonlySet<string>][] | null = null;

/** What some modules bring along: themselves, what they import statically, and what that does. */
function reachedFrom(paths: readonly string[], graph: Graph): Set<string> {
  const reached = new Set<string>();
  const visit = (id: string) => {
    if (reached.has(id)) return;
    reached.add(id);
    graph.getModuleInfo(id)?.importedIds.forEach(visit);
  };
  for (const path of paths) {
    visit(here(path));
    if (isPage(path)) reached.delete(here(path));
  }
  return reached;
}

/**
 * The piece of the build that a module lies in: with everything else that the first page awaits, or every station of
 * the walk, or whoever draws, asks what a prep is planned with, or plans. Null for what only some pages ask for.
 */
export function pieceOf(id: string, graph: Graph): string | null {
  modules ??= Object.entries(pieces).map(([name, paths]) => [name, reachedFrom(paths, graph)]);
  return modules.find(([, inIt]) => inIt.has(id))?.[0] ?? null;
}

/** The pieces by name, the one with the first say first. */
export const pieceNames = Object.keys(pieces);
