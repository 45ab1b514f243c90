import { describe, expect, it } from "vitest";
import type { AnyRecord, Pack } from "../records/records";
import { stamped } from "../records/stamp";
import { athlete, aim, check, item, log, prep } from "../test/people";
import { placeWith } from "../test/planning";
import { mergeRecord } from "../merge/merge";
import { library } from "../../library/index";
import { handedOver, handedPrep, newsOf, sentBackOf, type HandedParts } from "./hand-over";
import { bothKnown, knownThere } from "./known-there";

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

describe("one prep for a phone", () => {
  it("is it alone, with open aims and its place: no readings, no log, no health", () => {
    const closed = aim({ id: "over", closedOn: "2026-11-01" });
    const records = handedPrep(ill, { ...from, own: [...own, closed] }, "new", today);
    expect(kindsOf(records)).toEqual(["athlete/a1", "aim/aim1", "prep/new", "place/here"]);
    expect(records[0]).toMatchObject({ intake: null, flagged: [] });
  });

  it("says that its rungs were earned, for the log that shows it stays here", () => {
    const [drillOne] = library.drills;
    const rungId = drillOne!.rungs.at(-1)!.id;
    const dose = (drillOne!.rungs.at(-1)!.session ?? drillOne!.rungs.at(-1)!.warmUp)!;
    const asked = prep([item(drillOne!.id, dose, { rungId })], { id: "new", on: today });
    const records = handedPrep(ill, { ...from, own: [asked] }, "new", today);
    expect(records).toContainEqual(
      expect.objectContaining({ kind: "prep", earned: [{ drillId: drillOne!.id, rungId }] }),
    );
  });
});

describe("what is new on the athlete's phone", () => {
  const phone = (minutes: number) => ({ ms: writer.ms + minutes * 60_000, device: "phone" });
  const sent = stamped(null, prep([], { id: "new", on: today }), writer);
  const logged = stamped(null, log(today, []), phone(5));

  it("is what this device wrote since, and nothing of what came", () => {
    expect(newsOf([ill, sent, logged], "phone", {})).toEqual([logged]);
  });

  it("is not what the coach has seen already, until it is written to once more", () => {
    const known = knownThere([ill, logged], "phone");
    expect(newsOf([ill, logged], "phone", known)).toEqual([]);
    const again = stamped(logged, { ...logged, note: "tight" }, phone(9));
    expect(newsOf([again], "phone", known)).toEqual([again]);
  });

  it("stays new when another file comes that does not know of it", () => {
    const known = bothKnown({}, knownThere([ill, sent], "phone"));
    expect(newsOf([logged], "phone", known)).toEqual([logged]);
    expect(newsOf([logged], "phone", bothKnown(knownThere([logged], "phone"), known))).toEqual([]);
  });

  it("goes back with the athlete, and with the health answers only where that was said", () => {
    const answered = stamped(
      ill,
      { ...ill, intake: { ...ill.intake!, note: "since May" } },
      phone(3),
    );
    const back = (health: boolean) => sentBackOf(answered, [answered, logged], from, health);
    expect(kindsOf(back(true))).toEqual(["athlete/a1", keyName(logged), "place/here"]);
    expect(back(true)[0]).toMatchObject({ intake: { note: "since May" } });
    expect(back(false)[0]).toMatchObject({ intake: null });
  });

  it("leaves photographs and runs under way on the phone", () => {
    const run = stamped(null, { kind: "run", id: "r", athleteId: "a1" } as AnyRecord, phone(1));
    expect(newsOf([run], "phone", {})).toEqual([]);
  });
});

const keyName = ({ kind, id }: AnyRecord) => `${kind}/${id}`;
