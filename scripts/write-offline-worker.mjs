/**
 * After the build: writes the offline worker with its two lists. The core is what the walk needs to open and to be
 * walked; the rest, which planner, charts and library pages fetch when they are used, is kept once the page is idle.
 */
import { createHash } from "node:crypto";
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { gzipSync } from "node:zlib";
import { filesOf, manifestOf, neededBy } from "./built.mjs";

const client = join(import.meta.dirname, "../build/client");
// The demo is for a first visit, which is made with a network; each browser keeps the troupe it was given.
const files = filesOf(client).filter(
  (file) => file !== "/offline.js" && !file.startsWith("/demo/"),
);

const walk = [
  "bench",
  "troupe",
  "file",
  "open",
  "coach",
  "athlete",
  "aim",
  "check",
  "gap",
  "prep",
  "run",
  "log",
  "season",
];
const { entry, routes } = manifestOf(client);
const modules = neededBy(client, [
  entry.module,
  routes.root.module,
  ...walk.map((name) => routes[`routes/${name}`].module),
]);
/** What is fetched by a module when it needs it, and the walk does not go without: by the beginning of its name. */
const soon =
  /^\/assets\/(manifest|root|library|station-figure-drawn|finder|demo|plan\.worker|limit\.worker|.*-latin-wght-normal)-.*\.(js|css|woff2)$/;
const core = files.filter(
  (file) => !file.startsWith("/assets/") || modules.has(file) || soon.test(file),
);
const rest = files.filter((file) => !core.includes(file));

const hash = createHash("sha256");
for (const file of files) hash.update(file).update(readFileSync(join(client, file)));
const template = readFileSync(join(import.meta.dirname, "offline-worker.js"), "utf8");
const worker = template
  .replace("__VERSION__", hash.digest("hex").slice(0, 12))
  .replace("__CORE__", JSON.stringify(core))
  .replace("__REST__", JSON.stringify(rest));
writeFileSync(join(client, "offline.js"), worker);
/** What a list weighs as it lies, and squeezed as it travels, in megabytes. */
const weight = (list) => {
  const bytes = list.map((file) => readFileSync(join(client, file)));
  const sum = (sizes) => (sizes.reduce((all, one) => all + one, 0) / 1e6).toFixed(1);
  const lies = sum(bytes.map(({ length }) => length));
  const travels = sum(bytes.map((one) => Math.min(one.length, gzipSync(one).length)));
  return `${lies} MB, ${travels} MB on its way`;
};
console.log(
  `the offline worker keeps ${core.length} files at once (${weight(core)}), ${rest.length} when idle (${weight(rest)})`,
);
