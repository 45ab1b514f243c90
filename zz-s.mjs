import ts from "typescript"; import { readdirSync, readFileSync } from "node:fs";
const re = new RegExp(process.argv[2], "i"); const dirs = process.argv.slice(3);
for (const d of dirs) for (const f of readdirSync(d, { recursive: true })) { if (!/\.tsx?$/.test(f) || /test\.tsx?$/.test(f)) continue;
 const p = d + "/" + f; const src = ts.createSourceFile(p, readFileSync(p, "utf8"), 99, true, f.endsWith("x") ? 4 : 3);
 const visit = (n) => { let t = null; if (ts.isJsxText(n)) t = n.text; else if (ts.isStringLiteral(n) || ts.isNoSubstitutionTemplateLiteral(n)) { const par = n.parent; if (!ts.isImportDeclaration(par) && !ts.isExportDeclaration(par) && !ts.isLiteralTypeNode(par) && !(ts.isJsxAttribute(par) && /className|to|key|id|role|type/.test(par.name.text))) t = n.text; } else if (n.kind === 16 || n.kind === 17 || n.kind === 18) t = n.text;
  if (t && re.test(t) && /[ .]|^[a-z]+$/i.test(t.trim())) console.log(p + ":" + (src.getLineAndCharacterOfPosition(n.getStart()).line + 1) + ": " + t.replace(/\s+/g, " ").trim().slice(0, 150)); n.forEachChild(visit); };
 visit(src); }
