import { reactRouter } from "@react-router/dev/vite";
import tailwindcss from "@tailwindcss/vite";
import { fileURLToPath } from "node:url";
import { defineConfig } from "vite";
import { readyLibrary } from "./scripts/ready-library.ts";
import { secondLanguage } from "./scripts/second-language.ts";

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));

export const alias = {
  "~": here("./app"),
  "#core": here("./core"),
  "#library": here("./library"),
  "#words": here("./words/en"),
};

/** `YEARLING_WORDS=pseudo` speaks another language: for the test that everything said is in one folder. */
const other = process.env.YEARLING_WORDS === "pseudo";
const withoutWords = Object.fromEntries(
  Object.entries(alias).filter(([name]) => name !== "#words"),
);

/** The routes whose modules the first page awaits. */
const firstRoutes = ["app/root.tsx", "app/routes/bench.tsx", "app/routes/troupe.tsx"];
let awaited: Set<string> | null = null;
type Graph = { getModuleInfo: (id: string) => { importedIds: readonly string[] } | null };
function firstPage(id: string, graph: Graph): string | null {
  awaited ??= reachedFrom((one) => graph.getModuleInfo(one));
  return awaited.has(id) ? "first" : null;
}
function reachedFrom(getModuleInfo: Graph["getModuleInfo"]): Set<string> {
  const reached = new Set<string>();
  const visit = (id: string) => {
    if (reached.has(id)) return;
    reached.add(id);
    for (const one of getModuleInfo(id)?.importedIds ?? []) visit(one);
  };
  for (const r of firstRoutes) { const id = here("./" + r); console.log(r, !!getModuleInfo(id), !!getModuleInfo(id + "?__react-router-build-client-route"));
    for (const one of getModuleInfo(id)?.importedIds ?? []) visit(one);
  }
  console.log([...reached].length);
  return reached;
}

export default defineConfig({
  plugins: [tailwindcss(), readyLibrary(), ...(other ? [secondLanguage()] : []), reactRouter()],

  // The second language stands in for the words before any alias does.
  resolve: { alias: other ? withoutWords : alias },
  worker: { format: "es" },
  build: {
    target: "es2022",
    assetsInlineLimit: 0,
    // Hundreds of small files are as many questions over a slow line: those used together lie together.
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            {
              name: "frame",
              test: /node_modules[\\/](react|react-dom|react-router|scheduler)[\\/]/,
              priority: 9,
            },
            { name: firstPage, test: /\.[cm]?[jt]sx?$/, priority: 8.5, debugName: "first" },
            {
              name: "ground",
              test: /^(?!.*(core[\\/](figure|shape|prep|schedule|progress)|parts[\\/]figure|d3-))/,
              minShareCount: 12,
              priority: 8,
            },
            {
              name: "figures",
              test: /core[\\/](figure|shape)|parts[\\/]figure|d3-/,
              minShareCount: 8,
              priority: 7,
            },
            {
              name: "planning",
              test: /core[\\/](prep|schedule|progress)/,
              minShareCount: 6,
              priority: 6,
            },
            { name: "icons", test: /node_modules[\\/]lucide-react/, priority: 5 },
          ],
        },
      },
    },
  },
});
