/** npm run yearling: bundles the command line once after each change, so that it starts within a second, and runs it. */
import { existsSync, mkdirSync, readdirSync, statSync } from "node:fs";
import { join } from "node:path";
import { pathToFileURL } from "node:url";

const root = join(import.meta.dirname, "..");
const bundle = join(root, "node_modules/.cache/yearling/cli.mjs");

const newest = ["cli", "core", "library", "words"]
  .flatMap((folder) =>
    readdirSync(join(root, folder), { recursive: true }).map((file) => join(root, folder, file)),
  )
  .reduce((latest, file) => Math.max(latest, statSync(file).mtimeMs), 0);

if (!existsSync(bundle) || statSync(bundle).mtimeMs < newest) {
  const { build } = await import("esbuild");
  mkdirSync(join(bundle, ".."), { recursive: true });
  await build({
    entryPoints: [join(root, "cli/yearling.ts")],
    outfile: bundle,
    bundle: true,
    platform: "node",
    format: "esm",
    target: "node20",
    packages: "bundle",
    external: ["highs"],
    tsconfig: join(root, "tsconfig.json"),
    logLevel: "error",
    banner: {
      js: 'import { createRequire } from "node:module"; const require = createRequire(import.meta.url);',
    },
  });
}

const { call } = await import(pathToFileURL(bundle).href);
const { out, err, code } = await call(process.argv.slice(2));
if (err) process.stderr.write(`${err}\n`);
// A pipe takes its time: the process ends by itself when all is written.
if (out) process.stdout.write(`${out}\n`);
process.exitCode = code;
