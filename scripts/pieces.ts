import { fileURLToPath } from "node:url";

const here = (path: string): string => fileURLToPath(new URL(`../${path}`, import.meta.url));

/** What the bundler tells of its modules. */
type Graph = {
  getModuleInfo: (id: string) => { importedIds: readonly string[] } | null;
};

/** Pieces that are awaited as a whole, by the routes that bring their modules along; the first has the first say. */
const pieces = {
  first: ["app/root.tsx", "app/routes/bench.tsx", "app/routes/troupe.tsx"],
  walk: ["app/routes/athlete.tsx"],
};

let modules: [string, ReadonlySet<string>][] | null = null;

/** The modules that some routes bring along: what they import statically, and what that does. */
function reachedFrom(routes: readonly string[], graph: Graph): Set<string> {
  const reached = new Set<string>();
  const visit = (id: string) => {
    if (reached.has(id)) return;
    reached.add(id);
    graph.getModuleInfo(id)?.importedIds.forEach(visit);
  };
  for (const route of routes) graph.getModuleInfo(here(route))?.importedIds.forEach(visit);
  return reached;
}

/**
 * The piece of the build that a module lies in: with everything else that the first page awaits, or every station of
 * the walk. Null for what only some pages ask for.
 */
export function pieceOf(id: string, graph: Graph): string | null {
  modules ??= Object.entries(pieces).map(([name, routes]) => [name, reachedFrom(routes, graph)]);
  return modules.find(([, inIt]) => inIt.has(id))?.[0] ?? null;
}
