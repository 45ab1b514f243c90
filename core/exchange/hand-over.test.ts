import { describe, expect, it } from "vitest";
import type { AnyRecord, Pack } from "../records/records";
import { stamped } from "../records/stamp";
import { athlete, aim, check, log, prep } from "../test/people";
import { placeWith } from "../test/planning";
import { mergeRecord } from "../merge/merge";
import { library } from "../../library/index";
import { handedOver, type HandedParts } from "./hand-over";

const today = "2026-11-24";
const writer = { ms: 1_764_000_000_000, device: "hall" };
const all: HandedParts = { checks: true, preps: true, log: true, photos: true, health: true };
const none: HandedParts = { checks: false, preps: false, log: false, photos: false, health: false };

const [used, other] = library.drills;
const pack: Pack = {
  kind: "pack",
  id: "own",
  name: "Own",
  skills: [],
  protocols: [],
  drills: [used!, other!],
  formats: [],
};
const ill = stamped(
  null,
  athlete({
    placeId: "here",
    flagged: ["wrist"],
    intake: { ...athlete().intake!, yes: ["spine"] },
  }),
  writer,
);
const own: AnyRecord[] = [
  aim(),
  check(),
  prep([], { id: "old", on: "2026-10-01" }),
  prep([], { id: "new", on: today }),
  log(today, []),
];
const from = {
  own,
  places: [placeWith([]), placeWith([], { id: "elsewhere" })],
  packs: [pack],
};
const kindsOf = (records: readonly AnyRecord[]) => records.map(({ kind, id }) => `${kind}/${id}`);

describe("one athlete's file", () => {
  it("holds what was chosen, the places it is about, and preps of these weeks", () => {
    const records = handedOver(ill, from, all, today);
    expect(records.map(({ kind }) => kind)).toEqual([
      "athlete",
      "aim",
      "check",
      "prep",
      "log",
      "place",
    ]);
    expect(kindsOf(records)).toContain("prep/new");
    expect(kindsOf(records)).toContain("place/here");
    expect(handedOver(ill, from, none, today).map(({ kind }) => kind)).toEqual([
      "athlete",
      "aim",
      "place",
    ]);
  });

  it("leaves health out unless it is ticked, and what comes back takes none away", () => {
    const [handed] = handedOver(ill, from, { ...all, health: false }, today) as [typeof ill];
    expect(handed).toMatchObject({ intake: null, flagged: [] });
    expect(JSON.stringify(handed)).not.toContain("spine");
    const changed = stamped(handed, { ...handed, note: "x" }, { ...writer, device: "phone" });
    const { record, differences } = mergeRecord(ill, changed, writer);
    expect(record).toMatchObject({ note: "x", flagged: ["wrist"], intake: { yes: ["spine"] } });
    expect(differences).toEqual([]);
  });

  it("brings along only those own drills that its records name", () => {
    const named = prep([], { id: "named", on: today });
    const item = { id: "i", drillId: used!.id } as never;
    const records = handedOver(ill, { ...from, own: [{ ...named, items: [item] }] }, all, today);
    const handed = records.find((record) => record.kind === "pack")!;
    expect(handed.id).toBe("handed-own");
    expect(handed.drills.map(({ id }) => id)).toEqual([used!.id]);
  });
});
