import { readFileSync } from "node:fs";
import { manifestOf, neededBy } from "./scripts/built.mjs";
const VLQ = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/";
function* segs(m) { let line = 0, src = 0; for (const l of m.split(";")) { let col = 0; for (const s of l.split(",")) { if (!s) continue; const v = []; let n = 0, sh = 0; for (const ch of s) { const d = VLQ.indexOf(ch); n |= (d & 31) << sh; if (d & 32) sh += 5; else { v.push(n & 1 ? -(n >> 1) : n >> 1); n = 0; sh = 0; } } col += v[0]; if (v.length > 1) src += v[1]; yield [line, col, v.length > 1 ? src : -1]; } line++; } }
const c="build/client"; const m=manifestOf(c);
const ids=process.argv[2].split(","); const files=[...neededBy(c,[m.entry.module,m.routes.root.module,...ids.map(i=>m.routes["routes/"+i].module)])];
const by={}; let total=0;
for(const f of files){const code=readFileSync(c+f,"utf8").split("\n"); let map; try{map=JSON.parse(readFileSync(c+f+".map","utf8"));}catch{continue}
 const all=[...segs(map.mappings)]; all.forEach(([l,cc,s],i)=>{const nx=all[i+1]; const len=nx&&nx[0]===l?nx[1]-cc:code[l].length-cc; const k=s<0?"?":map.sources[s].replace(/.*node_modules\//,"nm:").replace(/^(\.\.\/)+/,"").replace(/^(nm:(@[^/]+\/)?[^/]+).*/,"$1"); by[k]=(by[k]??0)+len; total+=len;});}
console.log(total, files.length);
for(const [k,v] of Object.entries(by).sort((a,b)=>b[1]-a[1]).slice(0,90)) console.log(String(v).padStart(7),k);
