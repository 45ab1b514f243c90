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

const versionOf = (name: string): number => Number.parseInt(name, 10);

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
    expect(read.version).toBe(versionOf(name));
  });

  it.each(names)("%s, written again, is of this version and the same", (name) => {
    const read = readFile(textOf(name));
    if ("refused" in read) throw new Error(JSON.stringify(read.refused));
    const again = readFile(JSON.stringify(toFile(read.records, read.savedAt)));
    expect(again).toMatchObject({ version: recordsVersion });
    expect("records" in again && again.records.length).toBe(read.records.length);
  });

  it("there is one of each version", () =>
    expect([...new Set(names.map(versionOf))].sort((a, b) => a - b)).toEqual(
      Array.from({ length: recordsVersion - 1 }, (_, n) => n + 1),
    ));

  it("a stick at the toes still stands on its end", () => {
    const read = readFile(textOf("10-own-pictures.json"));
    if ("refused" in read) throw new Error(JSON.stringify(read.refused));
    const pack = read.records.find((record) => record.kind === "pack")!;
    const sticks = pack.drills.flatMap(({ rungs }) =>
      rungs.flatMap(({ picture }) => picture.props.filter(({ kind }) => kind === "stick")),
    );
    expect(sticks).toMatchObject([{ upright: true }]);
  });

  it("what had to stand in a segment of a format of one's own still has to", () => {
    const read = readFile(textOf("5-parts.json"));
    if ("refused" in read) throw new Error(JSON.stringify(read.refused));
    const pack = read.records.find(({ kind }) => kind === "pack");
    expect(pack).toMatchObject({ formats: [{ segments: [{ fewest: 1 }, { fewest: 0 }] }] });
  });

  it("lines, boxes, logs and settings of version 6 get what nobody could say then", () => {
    const read = readFile(textOf("6-loads.json"));
    if ("refused" in read) throw new Error(JSON.stringify(read.refused));
    const preps = read.records.filter((record) => record.kind === "prep");
    for (const item of preps.flatMap(({ items }) => items))
      expect(item).toMatchObject({ amounts: [], pace: null, breathing: null });
    expect(preps.find(({ id }) => id === "clocked")!.clocked).toMatchObject({
      families: ["hands", "reach"],
      drills: 1,
      same: false,
      raise: 0,
    });
    const logs = read.records.filter((record) => record.kind === "log");
    for (const item of logs.flatMap(({ items }) => items))
      expect(item).toMatchObject({ band: null, labels: [], bySide: [] });
    expect(read.records.find(({ kind }) => kind === "athlete")).toMatchObject({
      years: null,
      lifts: [],
    });
    expect(read.records.find(({ kind }) => kind === "settings")).toMatchObject({
      profiles: [],
      shared: [],
      aside: ["held-long"],
    });
    const run = read.records.find((record) => record.kind === "run")!;
    expect(run.prep.items[0]).toMatchObject({ amounts: [], pace: null });
  });

  it("reasons of version 7 claim what they claimed", () => {
    const read = readFile(textOf("7-aims.json"));
    if ("refused" in read) throw new Error(JSON.stringify(read.refused));
    const reasons = read.records
      .flatMap((record) => (record.kind === "prep" ? record.items : []))
      .flatMap(({ why }) => why)
      .filter((one) => one.why === "short");
    expect(reasons.length).toBeGreaterThan(0);
    for (const one of reasons) expect(one).toMatchObject({ unsure: false });
  });

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

  it("names of version 3 are those of the field today, in every record; a coach's own words stay", () => {
    const read = readFile(textOf("3-facts.json"));
    if ("refused" in read) throw new Error(JSON.stringify(read.refused));
    const athlete = read.records.find((record) => record.kind === "athlete")!;
    expect(athlete.flagged).toEqual(["lumbar", "wrist"]);
    expect(athlete.intake!.beighton).toBe(4);
    expect(athlete.clearances.map(({ place }) => place)).toContainEqual({
      site: "shoulder",
      side: null,
    });
    const days = read.records.filter((record) => record.kind === "day");
    expect(days.flatMap(({ sore }) => sore)).toEqual(expect.arrayContaining(["thoracic", "hip"]));
    const preps = read.records.filter((record) => record.kind === "prep");
    expect(preps.some(({ items }) => items.some(({ pinned }) => pinned))).toBe(true);
    const run = read.records.find((record) => record.kind === "run")!;
    expect(run.prep.items[0]).toHaveProperty("pinned");
    expect(run.events.find((event) => event.type === "plan")!.items[0]).toHaveProperty("pinned");
    const pack = read.records.find((record) => record.kind === "pack")!;
    expect(pack.protocols[0]!.motion).toBe("forearm.supination");
    expect(pack.protocols[0]!.contraindications.length).toBeGreaterThan(0);
    expect(pack.drills[0]!.serves.map(({ motion }) => motion)).toContain("wrist.radial-deviation");
    expect(
      upgraded({ kind: "log", note: "low-back", items: [{ painPlace: "upper-back" }] }, 3),
    ).toEqual({ kind: "log", note: "low-back", items: [{ painPlace: "upper-back" }] });
  });

  it("locks of version 4 were of motions: they are of places now, cleared as they were, and reasons likewise", () => {
    const read = readFile(textOf("4-locks.json"));
    if ("refused" in read) throw new Error(JSON.stringify(read.refused));
    const athlete = read.records.find((record) => record.kind === "athlete")!;
    for (const { place, covers } of athlete.clearances) {
      expect(place).toMatchObject({ side: null });
      expect(Array.isArray(covers)).toBe(true);
    }
    // A clearance that named nothing lifts nothing any more.
    expect(athlete.intake!.clearances).toMatchObject([{ question: "pressure", allows: [] }]);
    const run = read.records.find((record) => record.kind === "run")!;
    expect(run.group[0]!.parts.map(({ reason }) => reason)).toEqual([
      { why: "locked", place: { site: "hip", side: null } },
      { why: "health", by: "growing", does: null, place: null },
      { why: "health", by: "pressure", does: null, place: null },
      { why: "health", by: "pressure", does: "head-low", place: null },
    ]);
  });

  it("a corrective between work sets is known by a fact, not by the name of its part", () => {
    const item = { drillId: "x", dose: {}, segment: "between sets", why: [], locked: false };
    expect(upgraded({ kind: "prep", items: [item] }, 3)).toMatchObject({
      items: [{ why: [{ why: "between-sets" }], pinned: false }],
    });
  });

  it("what is no record is left as it came", () => expect(upgraded("text", 1)).toBe("text"));
});
