/**
 * After the build: hashes every inline script of every page, so that the Content-Security-Policy can name
 * them and needs no `unsafe-inline`. Writes build/csp.json, a policy a page.
 */
import { createHash } from "node:crypto";
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";

const root = join(import.meta.dirname, "../build/client");

/** All that a page may load: itself, and its own inline scripts by hash. WebAssembly may be compiled. */
export function policyFor(html) {
  const hashes = [...html.matchAll(/<script(?![^>]*\bsrc=)[^>]*>([\s\S]*?)<\/script>/g)].map(
    ([, script]) => `'sha256-${createHash("sha256").update(script).digest("base64")}'`,
  );
  return [
    "default-src 'self'",
    `script-src 'self' 'wasm-unsafe-eval' ${[...new Set(hashes)].join(" ")}`.trim(),
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");
}

const pages = readdirSync(root, { recursive: true }).filter((file) => file.endsWith(".html"));
const policies = Object.fromEntries(
  pages.map((page) => [`/${page}`, policyFor(readFileSync(join(root, page), "utf8"))]),
);
writeFileSync(join(root, "../csp.json"), JSON.stringify(policies, null, 1));
console.log(`hashed the inline scripts of ${pages.length} pages`);
