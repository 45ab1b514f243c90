/**
 * After the build: hashes every inline script of every page, so that the Content-Security-Policy can name
 * them and needs no `unsafe-inline`. Writes build/csp.json, a policy a page.
 */
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { policyFor } from "./policy.mjs";

/** The build that is hashed: the first argument, or the usual one. */
const root = join(import.meta.dirname, "..", process.argv[2] ?? "build", "client");

const pages = readdirSync(root, { recursive: true }).filter((file) => file.endsWith(".html"));
const policies = Object.fromEntries(
  pages.map((page) => [`/${page}`, policyFor(readFileSync(join(root, page), "utf8"))]),
);
writeFileSync(join(root, "../csp.json"), JSON.stringify(policies, null, 1));
console.log(`hashed the inline scripts of ${pages.length} pages`);
