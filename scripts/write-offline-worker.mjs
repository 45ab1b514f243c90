/** After the build: lists the built files for the offline worker and writes it beside them. */
import { createHash } from "node:crypto";
import { readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";

const root = join(import.meta.dirname, "../build/client");
const files = readdirSync(root, { recursive: true })
  .map((file) => `/${file}`)
  .filter((file) => file !== "/offline.js" && statSync(join(root, file)).isFile())
  // Drill pages are drawn in the browser from the library it already has: two hundred pages need not be kept.
  .filter((file) => !file.startsWith("/library/drill/"))
  .sort();
const hash = createHash("sha256");
for (const file of files) hash.update(file).update(readFileSync(join(root, file)));
const fallback = files.includes("/__spa-fallback.html") ? "/__spa-fallback.html" : "/index.html";
const template = readFileSync(join(import.meta.dirname, "offline-worker.js"), "utf8");
const worker = template
  .replace("__VERSION__", hash.digest("hex").slice(0, 12))
  .replace("__FILES__", JSON.stringify(files))
  .replace("__FALLBACK__", fallback);
writeFileSync(join(root, "offline.js"), worker);
console.log(`the offline worker keeps ${files.length} files`);
