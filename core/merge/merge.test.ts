import { describe, expect, it } from "vitest";
import type { Athlete, Intake } from "../records/athlete";
import { AnyRecord, type Pack, type Settings } from "../records/records";
import type { Group } from "../records/groups";
import { plainSettings } from "../records/settings";
import { diceOf } from "../stats/dice";
import { mergedHistory } from "../test/merging";
import { athlete, check } from "../test/people";
import { library } from "../../library/index";
import { goneOf, isGone } from "./gone";
import { mergeKey } from "./keys";
import { decided, mergeRecord } from "./merge";
import { Merging, withDecisions } from "./notebooks";
import { dotAt, nextDot, readDot, seenBy, stamped, unstamped } from "../records/stamp";

const hall = { ms: 1_764_000_000_000, device: "hall" };
const later = (minutes: number, device = "hall") => ({ ms: hall.ms + 60_000 * minutes, device });
const phone = (minutes: number) => later(minutes, "phone");

const born = stamped(null, athlete({ name: "Odalys Brenner" }), hall);
const intake = (yes: Intake["yes"], on = "2026-11-24"): Intake => ({
  on,
  yes,
  where: [],
  note: "",
  growthSpurt: false,
  beighton: null,
  clearances: [],
});

describe("a write", () => {
  it("is of the moment and the device; what stays keeps its own", () => {
    const taller = stamped(born, { ...born, statureCm: 173 }, phone(5));
    expect(readDot(dotAt(taller, "statureCm"))).toMatchObject({ ...phone(5), count: 0 });
    expect(dotAt(taller, "name")).toBe(dotAt(born, "name"));
    expect(Object.keys(seenBy(taller.stamp)).sort()).toEqual(["hall", "phone"]);
  });

  it("comes after everything its record knew, on a clock that is behind", () => {
    const next = stamped(born, { ...born, note: "x" }, phone(-600));
    expect(dotAt(next, "note") > dotAt(born, "note")).toBe(true);
    const again = stamped(next, { ...next, note: "y" }, phone(-600));
    expect(dotAt(again, "note") > dotAt(next, "note")).toBe(true);
  });

  it("of the same values is none", () => {
    const same = stamped(born, { ...born }, phone(5));
    expect(dotAt(same, "name")).toBe(dotAt(born, "name"));
  });

  it("keeps its order as text", () => {
    const dots = [
      nextDot({}, { ms: 5, device: "z" }),
      nextDot({}, { ms: 40, device: "a" }),
      nextDot({}, { ms: 1_764_000_000_000, device: "a" }),
    ];
    expect([...dots].sort()).toEqual(dots);
  });
});

describe("two copies of a record", () => {
  it("take from each what the other did not know, and ask nothing", () => {
    const here = stamped(born, { ...born, statureCm: 173 }, later(5));
    const there = stamped(born, { ...born, discipline: "straps" }, phone(7));
    const { record, differences } = mergeRecord(here, there, later(9));
    expect(record).toMatchObject({ statureCm: 173, discipline: "straps" });
    expect(differences).toEqual([]);
  });

  it("that wrote the same field propose the newer and show both", () => {
    const here = stamped(born, { ...born, statureCm: 173 }, later(5));
    const there = stamped(born, { ...born, statureCm: 172 }, phone(7));
    const { record, differences } = mergeRecord(here, there, later(9));
    expect(record.statureCm).toBe(172);
    expect(differences).toMatchObject([
      {
        fields: ["statureCm"],
        ours: { statureCm: 173 },
        theirs: { statureCm: 172 },
        proposed: "theirs",
      },
    ]);
    // Decided the other way it is a write of its own, which the other side then takes unasked.
    const chosen = decided(record, differences[0]!, "ours", later(10));
    expect(chosen.statureCm).toBe(173);
    const back = mergeRecord(there, chosen, phone(20));
    expect(back.record.statureCm).toBe(173);
    expect(back.differences).toEqual([]);
  });

  it("a backup that knows less changes nothing", () => {
    const now = stamped(born, { ...born, note: "left wrist taped" }, later(60));
    expect(mergeRecord(now, born, later(61))).toMatchObject({
      record: { note: "left wrist taped" },
      differences: [],
    });
  });

  it("an undated copy that says otherwise is shown, never taken", () => {
    const undated = athlete({ name: "Odalys Brenner" });
    const now = stamped(undated, { ...undated, statureCm: 173 }, later(5));
    const { record, differences } = mergeRecord<Athlete>(
      now,
      { ...undated, statureCm: 160 },
      later(6),
    );
    expect(record.statureCm).toBe(173);
    expect(differences).toHaveLength(1);
    expect(differences[0]).toMatchObject({ theirsAt: unstamped, proposed: "ours" });
  });

  it("of which nobody knows the newer keep one's own, and deciding dates it for the other side", () => {
    const undated = athlete({ statureCm: 165 });
    const other = athlete({ statureCm: 167 });
    const merging = new Merging(later(5), new Set(), new Map());
    merging.both(undated, other);
    const decidedHere = withDecisions(merging.end(), [], later(6)).get("athlete/a1")!;
    expect(decidedHere).toMatchObject({ statureCm: 165 });
    const there = mergeRecord<Athlete>(other, decidedHere as Athlete, phone(9));
    expect(there.record.statureCm).toBe(165);
  });

  it("trials and what they were read with go together", () => {
    const first = stamped(null, check({ trials: [158, 160] }), hall);
    const here = stamped(first, { ...first, trials: [150, 151] }, later(5));
    const there = stamped(first, { ...first, instrument: "level" as const }, phone(7));
    const { record } = mergeRecord(here, there, later(9));
    expect([record.trials, record.instrument]).toEqual([[158, 160], "level"]);
  });
});

describe("health", () => {
  const two = stamped(born, { ...born, intake: intake(["unstable-joint", "spine"]) }, later(5));

  it("is united where two answered apart", () => {
    const there = stamped(born, { ...born, intake: intake(["hernia"], "2026-11-20") }, phone(6));
    const { record } = mergeRecord(two, there, later(9));
    expect((record.intake as Intake).yes.sort()).toEqual(["hernia", "spine", "unstable-joint"]);
  });

  it("is not taken away by an older file, and by a newer one only when somebody says so", () => {
    const older = stamped(born, { ...born, intake: intake([]) }, phone(1));
    expect((mergeRecord(two, older, later(9)).record.intake as Intake).yes).toHaveLength(2);

    const emptier = stamped(two, { ...two, intake: intake([], "2026-11-26") }, phone(50));
    const { record, differences } = mergeRecord(two, emptier, later(60));
    expect((record.intake as Intake).yes).toHaveLength(2);
    expect(differences).toMatchObject([{ fields: ["intake"], proposed: "both" }]);
    expect(decided(record, differences[0]!, "theirs", later(61)).intake).toMatchObject({ yes: [] });
  });

  it("a clearance older than a new answer doesn't come along with it", () => {
    const cleared = {
      question: "spine" as const,
      who: "Dr Vale",
      on: "2026-10-01",
      until: null,
      allows: [],
      limits: "",
    };
    const here = stamped(
      born,
      { ...born, intake: { ...intake(["spine"], "2026-10-01"), clearances: [cleared] } },
      later(5),
    );
    const there = stamped(born, { ...born, intake: intake(["spine"], "2026-11-20") }, phone(6));
    expect((mergeRecord(here, there, later(9)).record.intake as Intake).clearances).toEqual([]);
  });
});

describe("what is a coach's own", () => {
  const [one, two, three] = library.drills;
  const pack = (drills: Pack["drills"]): Pack => ({
    kind: "pack",
    id: "own",
    name: "Own",
    skills: [],
    protocols: [],
    drills,
    formats: [],
  });

  it("a colleague's file of one drill takes none away", () => {
    const mine = stamped(null, pack([one!, two!]), hall);
    const theirs = stamped(null, pack([three!]), phone(90));
    const { record } = mergeRecord<Pack>(mine, theirs, later(99));
    expect(record.drills.map(({ id }) => id).sort()).toEqual(
      [one, two, three].map((d) => d!.id).sort(),
    );
  });

  it("settings stay the device's own; profiles of both are there", () => {
    const mine: Settings = {
      ...plainSettings,
      tester: "Ysolde",
      profiles: [{ name: "desk", motions: [] }],
    };
    const theirs: Settings = {
      ...plainSettings,
      tester: "Bram",
      profiles: [{ name: "kneels", motions: [] }],
    };
    const { record, differences } = mergeRecord(mine, stamped(null, theirs, phone(9)), later(10));
    expect(record.tester).toBe("Ysolde");
    expect(record.profiles.map(({ name }) => name)).toEqual(["desk", "kneels"]);
    expect(differences).toEqual([]);
  });
});

describe("what was taken away", () => {
  const there = stamped(null, check(), hall);
  const gone = goneOf(there, later(5));

  it("doesn't come back with a file that knows nothing newer", () => {
    expect(mergeKey(gone, there, later(9))).toMatchObject({
      record: { kind: "gone" },
      revived: false,
    });
    expect(mergeKey(there, gone, phone(9))).toMatchObject({ record: { kind: "gone" } });
  });

  it("stands where the other side wrote to it since, and is asked about", () => {
    const edited = stamped(there, { ...there, note: "with a strap" }, phone(7));
    const settled = mergeKey(gone, edited, later(9));
    expect(settled).toMatchObject({ record: { note: "with a strap" }, revived: true });
    // The device that edited comes to the same.
    expect(mergeKey(edited, gone, phone(9)).record).toMatchObject({ note: "with a strap" });
  });

  it("for good is so whatever was written elsewhere", () => {
    const edited = stamped(there, { ...there, note: "x" }, phone(7));
    const settled = mergeKey(goneOf(there, later(5), true), edited, later(9));
    expect(isGone(settled.record) && settled.record.was).toBeNull();
  });
});

describe("a file beside a notebook", () => {
  const merging = (removed: string[] = []) =>
    new Merging(later(99), new Set(removed), new Map([["settings", "settings"]]));

  it("counts what is new, newer there, newer here and the same", () => {
    const it_ = merging();
    it_.fresh(check({ id: "new" }));
    it_.same("check/old");
    const here = stamped(null, check({ id: "c" }), hall);
    it_.both(here, stamped(here, { ...here, note: "there" }, phone(5)));
    const mine = stamped(null, check({ id: "d" }), hall);
    it_.both(stamped(mine, { ...mine, note: "here" }, later(5)), mine);
    expect(it_.end().rows).toEqual([
      { kind: "check", added: 1, changed: 1, kept: 1, same: 1, removed: 0 },
    ]);
  });

  it("somebody removed for good here stays out; removed there, he stays until somebody says so", () => {
    const out = merging(["odalys"]);
    out.fresh(check({ id: "c", athleteId: "odalys" }));
    expect([...out.end().refused]).toEqual(["check/c"]);

    const asked = merging();
    const ours = stamped(null, athlete(), hall);
    const gone = AnyRecord.parse(goneOf(ours, phone(5), true));
    asked.both(ours, gone);
    const merge = asked.end();
    expect(merge.differing).toMatchObject([{ proposed: "ours" }]);
    expect(withDecisions(merge, [], later(100)).get(`athlete/${ours.id}`)).toMatchObject({
      kind: "athlete",
    });
    expect(withDecisions(merge, ["theirs"], later(100)).get(`athlete/${ours.id}`)).toMatchObject({
      kind: "gone",
      forGood: true,
    });
  });

  it("what stands against a taking away can be taken away all the same, everywhere", () => {
    const there = stamped(null, check({ id: "c" }), hall);
    const gone = AnyRecord.parse(goneOf(there, later(5)));
    const edited = stamped(there, { ...there, note: "x" }, phone(7));
    const it_ = merging();
    it_.both(gone, edited);
    const merge = it_.end();
    expect(merge.differing).toHaveLength(1);
    const result = withDecisions(merge, ["ours"], later(100)).get("check/c")!;
    expect(result.kind).toBe("gone");
    expect(mergeKey(edited, result as never, phone(120)).record.kind).toBe("gone");
  });
});

describe("three devices", () => {
  it("come to the same, and nothing is lost", () => {
    const dice = diceOf(17);
    for (let n = 0; n < 400; n += 1) {
      const { diverged, lost } = mergedHistory(dice, 4 + Math.floor(26 * dice.unit()));
      expect({ n, diverged, lost }).toEqual({ n, diverged: false, lost: [] });
    }
  });
});

describe("a group that two coaches have changed", () => {
  const made: Group = stamped<Group>(
    null,
    {
      kind: "group",
      id: "g",
      name: "Morning",
      members: ["a", "b"],
      placeId: null,
      times: [],
    },
    hall,
  );
  it("takes the place of one and the name of the other, unasked", () => {
    const moved = stamped(made, { ...made, placeId: "shed" }, later(5));
    const named = stamped(made, { ...made, name: "Early" }, phone(6));
    const { record, differences } = mergeRecord(moved, named, later(9));
    expect(differences).toEqual([]);
    expect(record).toMatchObject({ name: "Early", placeId: "shed", members: ["a", "b"] });
    const other = mergeRecord(named, moved, phone(9));
    expect(other.record).toMatchObject({ name: "Early", placeId: "shed" });
  });
  it("asks where both have said who is in it, and proposes the newer", () => {
    const grown = stamped(made, { ...made, members: ["a", "b", "c"] }, later(5));
    const shrunk = stamped(made, { ...made, members: ["a"] }, phone(6));
    const { record, differences } = mergeRecord(grown, shrunk, later(9));
    expect(differences).toHaveLength(1);
    expect(differences[0]!.fields).toEqual(["members"]);
    expect(record).toMatchObject({ members: ["a"] });
  });
});

describe("a check that was mended on one device", () => {
  it("stays mended, with what it was, when the other never saw the mending", () => {
    const read = stamped(null, check({ trials: [158, 160] }), hall);
    const was = {
      until: "2026-11-24T12:00:00.000Z",
      athleteId: "a1",
      side: "left" as const,
      trials: [158, 160],
      pain: 0,
      note: "",
    };
    const mended = stamped(read, { ...read, trials: [150], was: [was] }, phone(5));
    for (const [ours, theirs] of [
      [read, mended],
      [mended, read],
    ] as const) {
      const { record, differences } = mergeRecord(ours, theirs, later(9));
      expect(differences).toEqual([]);
      expect(record).toMatchObject({ trials: [150], was: [{ trials: [158, 160] }] });
    }
  });
});
