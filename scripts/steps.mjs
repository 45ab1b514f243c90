/** What start and test share: installing what is missing, and running one step after another. */
import { spawnSync } from "node:child_process";
import { existsSync, readFileSync, statSync } from "node:fs";
import { join } from "node:path";

export const root = join(import.meta.dirname, "..");

/** Runs a command in the project; ends this process with its code when it fails. */
export function run(command, args, { quiet = false } = {}) {
  const result = spawnSync(command, args, {
    cwd: root,
    stdio: quiet ? "pipe" : "inherit",
    env: process.env,
  });
  if (result.status === 0) return;
  if (quiet) process.stderr.write(result.stderr ?? "");
  console.error(`\n${[command, ...args].join(" ")} failed.`);
  process.exit(result.status ?? 1);
}

/** Installs the packages of the lock file when they are missing or older than it. */
export function ensurePackages() {
  const marker = join(root, "node_modules/.package-lock.json");
  const fresh =
    existsSync(marker) &&
    statSync(marker).mtimeMs >= statSync(join(root, "package-lock.json")).mtimeMs;
  if (fresh) return;
  console.log("Installing packages …");
  const quiet = ["--no-audit", "--no-fund"];
  const exact = spawnSync("npm", ["ci", ...quiet], { cwd: root, stdio: "pipe" });
  // A registry that lacks optional packages of other platforms leaves them out of the lock file, and then
  // `npm ci` refuses it; `npm install` keeps to the same versions and does not mind.
  if (exact.status !== 0) run("npm", ["install", ...quiet]);
}

export const chromium = "/usr/bin/chromium";

/** Installs Debian's Chromium where this may be done; else says in one sentence what is missing. */
export function ensureChromium() {
  if (existsSync(process.env.CHROMIUM ?? chromium)) return;
  if (process.getuid?.() !== 0) {
    console.error(
      `The browser tests need Chromium at ${chromium} (or its path in CHROMIUM): install the package “chromium” and run npm test again.`,
    );
    process.exit(1);
  }
  console.log("Installing Chromium …");
  const install = () =>
    spawnSync("apt-get", ["install", "-y", "--no-install-recommends", "chromium"], {
      stdio: "pipe",
    }).status === 0;
  if (!install()) {
    spawnSync("apt-get", ["update"], { stdio: "pipe" });
    if (!install()) {
      console.error(
        "Chromium could not be installed by apt-get: install the package “chromium” and run npm test again.",
      );
      process.exit(1);
    }
  }
}

export const packageScripts = () =>
  JSON.parse(readFileSync(join(root, "package.json"), "utf8")).scripts;
