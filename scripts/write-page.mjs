/**
 * After the build: names in the page what every address needs and no module says early enough, the library and the
 * two faces of the first screen; then hashes its inline scripts, so that its Content-Security-Policy can name them
 * and needs no `unsafe-inline`. Writes build/csp.json.
 */
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { filesOf, manifestOf, neededBy } from "./built.mjs";
import { earlyModules, earlyScript } from "./early-modules.mjs";
import { policyFor } from "./policy.mjs";

/** The build: the first argument, or the usual one. */
const client = join(import.meta.dirname, "..", process.argv[2] ?? "build", "client");
const files = filesOf(client);

const early = [
  ...files
    .filter((file) => isLibrary(file))
    .map((file) => `<link rel="modulepreload" href="${file}"/>`),
  ...files
    .filter((file) =>
      /\/assets\/(atkinson-hyperlegible-next|bricolage-grotesque)-latin-wght-normal-/.test(file),
    )
    .map(
      (file) => `<link rel="preload" href="${file}" as="font" type="font/woff2" crossorigin=""/>`,
    ),
];

/** The library's content, not the route of the same name: by what only it holds. */
function isLibrary(file) {
  return (
    /^\/assets\/library-[^.]*\.js$/.test(file) && readFileSync(join(client, file)).length > 500_000
  );
}

/** Where the store keeps that a notebook was open in this browser; its own name, read from its source. */
const [, beenOpen] = /beenOpen = "([^"]+)"/.exec(
  readFileSync(join(import.meta.dirname, "../app/store/been-open.ts"), "utf8"),
);
const manifest = manifestOf(client);
const modules = earlyModules(
  manifest,
  neededBy(client, [manifest.entry.module, manifest.routes.root.module]),
  (some) => neededBy(client, some),
);

const page = join(client, "index.html");
const html = readFileSync(page, "utf8").replace(
  '<link rel="stylesheet"',
  `<script>${earlyScript(modules, beenOpen)}</script>${early.join("")}<link rel="stylesheet"`,
);
writeFileSync(page, html);
writeFileSync(
  join(client, "../csp.json"),
  JSON.stringify({ "/index.html": policyFor(html) }, null, 1),
);
console.log(
  `the page names ${early.length} files early, and the modules of ${modules.pages.length} addresses`,
);
