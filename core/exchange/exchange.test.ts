import fc from "fast-check";
import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { cast } from "../../library/cast";
import { library } from "../../library/index";
import { generateTroupe } from "../sample/generate";
import { troupeOn } from "../test/troupe";
import { aim, athlete, check, protocol } from "../test/people";
import { checksCsv } from "./checks-csv";
import { layFile, marksOf, previewImport, readFile, toFile } from "./file";
import { recordsVersion, type AnyRecord } from "../records/records";
import { goneOf } from "../merge/gone";

const saved = "2026-11-24T10:00:00.000Z";
const troupe = troupeOn("2026-11-24");
const text = JSON.stringify(toFile(troupe, saved));
const refusal = (content: string) => {
  const read = readFile(content);
  return "refused" in read ? read.refused : null;
};
const recordsOf = (content: string) => {
  const read = readFile(content);
  if ("refused" in read) throw new Error(JSON.stringify(read.refused));
  return read.records;
};
const byKey = (records: readonly AnyRecord[]) =>
  [...records].sort((a, b) => `${a.kind}/${a.id}`.localeCompare(`${b.kind}/${b.id}`));

describe("the notebook file", () => {
  it("gives back what was put in", () => {
    expect(byKey(recordsOf(text))).toEqual(byKey(troupe));
  });
  it("laid out record by record, it is the same file", () => {
    const texts: Partial<Record<AnyRecord["kind"], string[]>> = {};
    for (const record of troupe) {
      const list = (texts[record.kind] ??= []);
      list.push(`${list.length > 0 ? ",\n" : ""}${JSON.stringify(record)}`);
    }
    const aside = [{ key: "check/c1", v: 2, found: { pain: "much" } }];
    const laid = layFile(texts, aside, saved).join("");
    expect(JSON.parse(laid)).toEqual(toFile(troupe, saved, aside));
    expect(readFile(laid)).toMatchObject({ aside });
  });
  describe("a part that cannot be right is refused with its place", () => {
    const file = () => JSON.parse(JSON.stringify(toFile([athlete(), check()], saved))) as never;
    type Loose = { athletes: Record<string, never>[]; checks: Record<string, unknown>[] };
    it.each<[string, (file: Loose) => void, string, string?]>([
      ["a leg of −3 cm", (f) => (f.athletes[0]!.measures = { legCm: -3 } as never), "legCm"],
      ["a thousand million degrees", (f) => (f.checks[0]!.trials = [1e9]), "trials"],
      ["a misspelt field", (f) => (f.checks[0]!.tester_ = "x"), "tester_", "unknown-field"],
      ["a check of 2199", (f) => (f.checks[0]!.on = "2199-01-01"), "on"],
      ["a check of tomorrow week", (f) => (f.checks[0]!.on = "2027-06-01"), "on", "after-saving"],
      ["a note without end", (f) => (f.checks[0]!.note = "x".repeat(100_000)), "note"],
    ])("%s", (_what, damage, at, detail) => {
      const damaged = file();
      damage(damaged);
      const found = refusal(JSON.stringify(damaged));
      expect(found).toMatchObject({ why: "part", ...(detail ? { detail } : {}) });
      expect(found).toHaveProperty("path", expect.stringContaining(at));
    });
  });

  it("what was taken away is a record of that name, or nothing", () => {
    const gone = goneOf(check({ id: "c9" }), { ms: 1_764_000_000_000, device: "hall" });
    const fileWith = (was: unknown) =>
      JSON.stringify({ ...toFile([athlete(), check()], saved), gone: [{ ...gone, was }] });
    expect(refusal(fileWith(gone.was))).toBeNull();
    expect(refusal(fileWith(null))).toBeNull();
    for (const was of ["x", {}, check({ id: "other" }), { ...check({ id: "c9" }), trials: ["a"] }])
      expect(refusal(fileWith(was))).toMatchObject({ why: "part" });
  });

  it("an empty notebook is a file too", () =>
    expect(refusal(JSON.stringify(toFile([], saved)))).toBeNull());
  it("refuses what is no notebook, and says why", () => {
    expect(refusal("")).toEqual({ why: "empty" });
    expect(refusal("date;angle\n1;2")).toEqual({ why: "not-json" });
    expect(refusal('{"records":[]}')).toEqual({ why: "foreign" });
    expect(refusal("[1,2]")).toEqual({ why: "foreign" });
    const version = (other: string) => text.replace(/"version":\d+/, `"version":${other}`);
    expect(refusal(version(String(recordsVersion + 1)))).toEqual({
      why: "newer",
      version: recordsVersion + 1,
      upTo: recordsVersion,
    });
    expect(refusal(version("0"))).toEqual({ why: "no-way", version: 0 });
    expect(refusal(version('"one"'))).toEqual({ why: "no-version" });
  });
  it("reads the first version's file: no photographs, checks without what was added since, one error a check", () => {
    const without = (record: object, ...keys: string[]) =>
      Object.fromEntries(Object.entries(record).filter(([key]) => !keys.includes(key)));
    const file = toFile([athlete(), check()], saved);
    const shoulder = protocol("shoulder-flexion");
    const pack = {
      kind: "pack",
      id: "mine",
      name: "Mine",
      skills: [],
      drills: [],
      protocols: [
        {
          ...without(shoulder, "posture", "joint", "involves", "contraindications"),
          instruments: shoulder.instruments.map(({ id }) => id),
          sem: 4,
          semSource: "own",
        },
      ],
    };
    const records = recordsOf(
      JSON.stringify({
        ...without(file, "photos"),
        version: 1,
        checks: [without(file.checks[0]!, "typed", "ownError", "read")],
        packs: [pack],
      }),
    );
    expect(records.find(({ kind }) => kind === "check")).toMatchObject({
      typed: null,
      ownError: 0,
      read: "",
    });
    expect(records.find(({ kind }) => kind === "pack")).toMatchObject({
      protocols: [
        {
          joint: "shoulder",
          involves: ["shoulder.flexion"],
          instruments: [
            { sem: 4, source: "own" },
            ...shoulder.instruments.slice(1).map(() => ({})),
          ],
        },
      ],
    });
  });
  it("refuses every truncation, never half reads", () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: text.length - 1 }),
        (length) => refusal(text.slice(0, length)) !== null,
      ),
      { numRuns: 25 },
    ));
  it("names the part that cannot be right", () => {
    const file = toFile([athlete(), aim(), check()], saved);
    expect(
      refusal(JSON.stringify({ ...file, checks: [{ ...file.checks[0], pain: 12 }] })),
    ).toMatchObject({ why: "part", path: "checks → 0 → pain" });
    expect(refusal(JSON.stringify({ ...file, athletes: [] }))).toMatchObject({ why: "stray" });
    expect(refusal(JSON.stringify({ ...file, athletes: [athlete(), athlete()] }))).toMatchObject({
      why: "twice",
      kind: "athlete",
    });
  });
});

describe("the import, before it is done", () => {
  it("counts what is new, changed, the same and removed", () => {
    const present = marksOf([athlete(), athlete({ id: "a2" }), check({ id: "c-old" })]);
    const incoming = marksOf([
      athlete(),
      athlete({ id: "a2", name: "Renamed" }),
      athlete({ id: "a3" }),
    ]);
    expect(previewImport(present, incoming, false)).toEqual([
      { kind: "athlete", added: 1, changed: 1, same: 1, removed: 0 },
    ]);
    expect(previewImport(present, incoming, true)).toContainEqual({
      kind: "check",
      added: 0,
      changed: 0,
      same: 0,
      removed: 1,
    });
  });
});

describe("the checks as a table", () => {
  it("has a row a check, value and error in the reading's unit, and the angle", () => {
    const table = Papa.parse<Record<string, string>>(
      checksCsv(
        [check({ protocolId: "knee-to-wall", trials: [10, 10], instrument: "tape" })],
        [athlete()],
        library,
      ),
      { header: true },
    );
    expect(table.data).toHaveLength(1);
    expect(table.data[0]).toMatchObject({
      athlete: "Test Athlete",
      unit: "cm",
      value: "10.00",
      error: "0.50",
      angle_deg: "35.9",
      trial_1: "10",
      trial_3: "",
    });
  });
  it("defuses text that a spreadsheet would take for a formula, and keeps commas and quotes", () => {
    const csv = checksCsv(
      [check({ note: '=HYPERLINK("x")', tester: 'A, "B"' })],
      [athlete()],
      library,
    );
    const [row] = Papa.parse<Record<string, string>>(csv, { header: true }).data;
    expect(row!.note).toMatch(/^'=/);
    expect(row!.tester).toBe('A, "B"');
  });
});

describe("the invented troupe", () => {
  const of = <K extends AnyRecord["kind"]>(kind: K, records = troupe) =>
    records.filter((record): record is Extract<AnyRecord, { kind: K }> => record.kind === kind);
  it("is the same for the same date and seed, and another for another seed", () => {
    expect(generateTroupe(cast, library, "2026-11-24")).toEqual(troupe);
    expect(generateTroupe(cast, library, "2026-11-24", 8)).not.toEqual(troupe);
  });
  it("has six performers with ten weeks behind them, ending today", () => {
    expect(of("athlete")).toHaveLength(6);
    for (const { id } of of("athlete")) {
      const days = of("log")
        .filter((log) => log.athleteId === id)
        .map((log) => log.on)
        .sort();
      expect(days[0]! <= "2026-09-19").toBe(true);
      expect(days.at(-1)! >= "2026-11-16" && days.at(-1)! <= "2026-11-24").toBe(true);
      expect(
        new Set(
          of("check")
            .filter((entry) => entry.athleteId === id)
            .map((entry) => entry.on),
        ).size,
      ).toBeGreaterThanOrEqual(4);
    }
  });
  it("moves with the day it is loaded", () => {
    const later = troupeOn("2027-02-01");
    expect(of("aim", later).every(({ by }) => by > "2027-02-01")).toBe(true);
    expect(of("log", later).every(({ on }) => on < "2027-02-01")).toBe(true);
  });
  it("has the sick week, the flagged wrist and the re-timed session", () => {
    expect(
      of("athlete").some(({ absences }) => absences.some(({ reason }) => reason === "ill")),
    ).toBe(true);
    expect(
      of("log").some(({ items }) =>
        items.some(({ done, painAt }) => done === "stopped" && painAt?.site === "wrist"),
      ),
    ).toBe(true);
    expect(of("log").some(({ note }) => note.startsWith("Re-timed"))).toBe(true);
  });
  it("nobody trains or is measured while ill", () => {
    for (const { id, absences } of of("athlete"))
      for (const { from, to } of absences)
        expect(
          [...of("log"), ...of("check")].filter(
            (record) => record.athleteId === id && record.on >= from && record.on <= to,
          ),
        ).toEqual([]);
  });
});
