import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { readRecord, upgraded } from "./earlier";
import { readFile, toFile } from "../exchange/file";
import { recordsVersion } from "./records";

const folder = join(import.meta.dirname, "earlier-files");
const names = readdirSync(folder);
const textOf = (name: string) => readFileSync(join(folder, name), "utf8");

describe("a file of every form that was ever written", () => {
  it.each(names)("%s opens, whole", (name) => {
    const file = JSON.parse(textOf(name)) as Record<string, unknown>;
    const read = readFile(textOf(name));
    if ("refused" in read) throw new Error(JSON.stringify(read.refused));
    const count = Object.values(file).reduce<number>(
      (sum, value) =>
        sum + (Array.isArray(value) ? value.length : typeof value === "object" && value ? 1 : 0),
      0,
    );
    expect(read.records).toHaveLength(count);
    expect(read.version).toBe(Number(name[0]));
  });

  it.each(names)("%s, written again, is of this version and the same", (name) => {
    const read = readFile(textOf(name));
    if ("refused" in read) throw new Error(JSON.stringify(read.refused));
    const again = readFile(JSON.stringify(toFile(read.records, read.savedAt)));
    expect(again).toMatchObject({ version: recordsVersion });
    expect("records" in again && again.records.length).toBe(read.records.length);
  });

  it("there is one of each version", () =>
    expect([...new Set(names.map((name) => Number(name[0])))].sort()).toEqual(
      Array.from({ length: recordsVersion - 1 }, (_, n) => n + 1),
    ));

  it("a pack of one's own comes along, with the library's own entries in it", () => {
    const pack = {
      kind: "pack",
      id: "own",
      name: "Mine",
      skills: library.skills.slice(0, 2),
      protocols: library.protocols.slice(0, 2),
      drills: library.drills.slice(0, 2),
    };
    for (const version of [1, 2, recordsVersion])
      expect(readRecord(pack, version)).toMatchObject({ record: { name: "Mine", formats: [] } });
  });

  it("what is no record is left as it came", () => expect(upgraded("text", 1)).toBe("text"));
});
