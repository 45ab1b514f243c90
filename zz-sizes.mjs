import { readFileSync } from "node:fs"; import { brotliCompressSync, constants } from "node:zlib";
import { manifestOf, neededBy } from "./scripts/built.mjs";
const c = "build/client"; const { entry, routes } = manifestOf(c); const memo = {};
const br = (f) => (memo[f] ??= brotliCompressSync(readFileSync(c + f), { params: { [constants.BROTLI_PARAM_QUALITY]: 11 } }).length / 1000);
const st = { troupe: ["bench", "troupe"], ...Object.fromEntries(["aim", "check", "gap", "prep", "log", "season"].map((n) => [n, ["athlete", n]])), run: ["run"], library: ["bench", "library"] };
for (const [n, ids] of Object.entries(st)) { const fs = [...neededBy(c, [entry.module, routes.root.module, ...ids.map((i) => routes["routes/" + i].module)])].filter((f) => !/library-[^/]*content/.test(f)); const t = fs.reduce((a, f) => a + br(f), 0); console.log(n.padEnd(8), fs.length, t.toFixed(1), process.argv[2] === n ? "\n" + fs.map((f) => "   " + br(f).toFixed(1) + " " + f).sort((a, b) => parseFloat(b) - parseFloat(a)).join("\n") : ""); }
