import { existsSync, readFileSync, renameSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { inject } from "vitest";
import { cast } from "../../library/cast";
import { library } from "../../library/index";
import type { AnyRecord } from "../records/records";
import { generateTroupe } from "../sample/generate";

/** The invented troupe of a day, every time anew as a whole; reckoned once in a run of the tests. */
export function troupeOn(day: string): AnyRecord[] {
  const file = join(inject("shelf"), `troupe-${day}.json`);
  if (!existsSync(file)) {
    // Another worker may be at it too: a file is there whole or not at all.
    const own = `${file}.${process.pid}`;
    writeFileSync(own, JSON.stringify(generateTroupe(cast, library, day)));
    renameSync(own, file);
  }
  return JSON.parse(readFileSync(file, "utf8")) as AnyRecord[];
}
