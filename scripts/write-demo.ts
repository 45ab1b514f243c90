/**
 * After the build: makes the invented troupe for each day of one week and lays the files beside the pages, so that
 * no browser has to. Made once for the same core and library, and kept among the packages' caches.
 */
import { spawn } from "node:child_process";
import { createHash } from "node:crypto";
import {
  cpSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from "node:fs";
import { availableParallelism } from "node:os";
import { join } from "node:path";
import { plusDays } from "../core/dates/days";
import { generateTroupe } from "../core/sample/generate";
import { readyWeek } from "../core/sample/shift";
import { cast } from "../library/cast";
import { library } from "../library/index";

const root = join(import.meta.dirname, "..");
const caches = join(root, "node_modules/.cache/yearling-demo");
const weekdays = [0, 1, 2, 3, 4, 5, 6];

/** What the troupe is made of: every source of the core and the library but their tests. */
function recipe(): string {
  const hash = createHash("sha256");
  for (const room of ["core", "library"])
    for (const file of (readdirSync(join(root, room), { recursive: true }) as string[]).sort())
      if (/\.(ts|json)$/.test(file) && !file.endsWith(".test.ts"))
        hash.update(file).update(readFileSync(join(root, room, file)));
  return hash.digest("hex").slice(0, 16);
}

const make = (weekday: number, into: string): void =>
  writeFileSync(
    join(into, `${weekday}.json`),
    JSON.stringify(generateTroupe(cast, library, plusDays(readyWeek, weekday))),
  );

/** Makes the days that are missing, as many at a time as there are processors. */
async function makeAll(into: string): Promise<void> {
  const missing = weekdays.filter((day) => !existsSync(join(into, `${day}.json`)));
  const one = async (): Promise<void> => {
    for (let day = missing.shift(); day !== undefined; day = missing.shift()) {
      const child = spawn(
        process.execPath,
        ["--import", "tsx", import.meta.filename, "make", String(day), into],
        { cwd: root, stdio: ["ignore", "inherit", "inherit"] },
      );
      const code = await new Promise((done) => child.on("close", done));
      if (code !== 0) throw new Error(`the demo of weekday ${day} could not be made`);
    }
  };
  await Promise.all(Array.from({ length: availableParallelism() }, one));
}

if (process.argv[2] === "make") make(Number(process.argv[3]), process.argv[4]!);
else {
  const name = recipe();
  const kept = join(caches, name);
  if (existsSync(caches))
    for (const old of readdirSync(caches))
      if (old !== name) rmSync(join(caches, old), { recursive: true });
  mkdirSync(kept, { recursive: true });
  await makeAll(kept);
  cpSync(kept, join(root, process.argv[2] ?? "build", "client/demo"), { recursive: true });
  console.log(`the demo lies ready for ${weekdays.length} days`);
}
