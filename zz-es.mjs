// node zz-es.mjs routeId[,id] [why pattern]
import { build } from "esbuild"; import { writeFileSync, readFileSync, rmSync } from "node:fs"; import { brotliCompressSync } from "node:zlib";
const ids = process.argv[2].split(",");
writeFileSync("zz-entry.ts", ["root"].map((i) => `import * as r from "./app/root";`).join("") + ids.map((i, n) => `import * as t${n} from "./app/routes/${i}";`).join("") + `import "./app/entry.client";(globalThis as any).x=[r,${ids.map((_, n) => "t" + n)}];`);
const out = await build({ entryPoints: ["zz-entry.ts"], bundle: true, splitting: true, minify: true, format: "esm", outdir: "/tmp/es/out", write: false, alias: { "~": "./app", "#core": "./core", "#library": "./library", "#words": "./words/en" }, jsx: "automatic", external: ["*.css", "virtual:*"], metafile: true, define: { "process.env.NODE_ENV": '"production"', "import.meta.env.DEV": "false" }, logLevel: "silent" });
rmSync("zz-entry.ts");
const m = out.metafile; const e = Object.keys(m.outputs).find((k) => /zz-entry.js$/.test(k)); const seen = new Set();
const v = (k) => { if (seen.has(k)) return; seen.add(k); for (const i of m.outputs[k].imports) if (i.kind === "import-statement" && !i.external) v(i.path); }; v(e);
const by = {}; let tot = 0, txt = ""; for (const k of seen) { txt += out.outputFiles.find((f) => f.path.endsWith(k.split("/").pop())).text; for (const [s, o] of Object.entries(m.outputs[k].inputs)) { const key = s; by[key] = (by[key] ?? 0) + o.bytesInOutput; tot += o.bytesInOutput; } }
console.log("raw", tot, "br", brotliCompressSync(txt).length);
const pkg = {}; for (const [k, n] of Object.entries(by)) { const key = k.replace(/.*node_modules\/((@[^/]+\/)?[^/]+).*/, "nm:$1").replace(/^((core|words\/en|app\/parts|app\/store|app\/acts|app\/routes)\/?[^/]*)\/.*/, process.argv[3] === "all" ? "$&" : "$1/"); pkg[key] = (pkg[key] ?? 0) + n; }
if (!process.argv[3] || process.argv[3] === "all") console.log(Object.entries(pkg).sort((a, b) => b[1] - a[1]).slice(0, process.argv[3] ? 400 : 60).map(([k, n]) => n + " " + k).join("\n"));
else { // why: shortest static chain to each input matching
  const pat = new RegExp(process.argv[3]); const from = { "zz-entry.ts": null }; const q = ["zz-entry.ts"];
  while (q.length) { const k = q.shift(); for (const i of m.inputs[k]?.imports ?? []) if (i.kind === "import-statement" && !i.external && !(i.path in from)) { from[i.path] = k; q.push(i.path); } }
  for (const k of Object.keys(by).filter((k) => pat.test(k) && by[k] > 0)) { const c = []; for (let x = k; x; x = from[x]) c.push(x.replace(/.*node_modules/, "nm")); console.log(by[k], c.join(" < ")); } }
