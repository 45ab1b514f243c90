import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { keyOf, type AnyRecord, type Kind, type RecordOf } from "../records/records";
import { plainSettings } from "../records/settings";
import { troupeOn } from "../test/troupe";
import { situationOf } from "../situation/situation";
import type { Scene } from "./act";
import { acts, decide, isActName, neededFor, type ActName } from "./decide";

const today = "2026-11-24";
let records: AnyRecord[] = [];
beforeAll(() => {
  records = troupeOn(today);
}, 60_000);

/** A scene over the demo's records, with names counted from one. */
function sceneOf(over: Partial<Scene> = {}): Scene {
  let names = 0;
  const all = <K extends Kind>(kind: K, athleteId?: string): RecordOf<K>[] =>
    records.filter(
      (record): record is RecordOf<K> =>
        record.kind === kind &&
        (athleteId === undefined || !("athleteId" in record) || record.athleteId === athleteId),
    );
  return {
    get: (kind, id) => all(kind).find((record) => "id" in record && record.id === id) ?? null,
    all,
    situation: (id) =>
      situationOf(
        {
          athlete: all("athlete").find((athlete) => athlete.id === id)!,
          aims: all("aim", id),
          checks: all("check", id),
          preps: all("prep", id),
          logs: all("log", id),
          days: all("day", id),
          seasons: all("season", id),
          runs: all("run", id),
          photos: all("photo", id),
          places: all("place"),
          settings: plainSettings,
          library,
        },
        { today, day: today, aimId: null },
      ),
    askedSkills: new Set(all("aim").map(({ skillId }) => skillId)),
    library,
    today,
    moment: `${today}T09:00:00.000Z`,
    newId: (kind) => `${kind}-${(names += 1)}`,
    ...over,
  };
}

const names = Object.keys(acts) as ActName[];
/** An act as it may come from anywhere: a name and any fields. */
type Sent = { act: ActName; [field: string]: unknown };
const done = (sent: Sent, scene = sceneOf()) => {
  const outcome = decide(scene, sent);
  if ("refused" in outcome) throw new Error(JSON.stringify(outcome.refused));
  return outcome;
};
const prepOf = (who: string) =>
  records.find((record) => record.kind === "prep" && record.athleteId === who) as RecordOf<"prep">;

describe("acts", () => {
  it("are known by name, and nothing else is", () => {
    expect(names.length).toBeGreaterThan(60);
    for (const name of names) expect(isActName(name)).toBe(true);
    for (const name of ["make-coffee", "toString", "__proto__", null, 3])
      expect(isActName(name)).toBe(false);
  });

  it("law: whatever is sent is decided or refused with the fields that are wrong, never thrown at", () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...names),
        fc.dictionary(
          fc.constantFrom("id", "athleteId", "prep", "on", "itemId", "changes", "weight", "log"),
          fc.oneof(fc.string(), fc.integer(), fc.constant(null), fc.array(fc.integer())),
        ),
        (act, fields) => {
          const sent = { act, ...fields, athleteId: "odalys" };
          expect(neededFor(sent, { get: () => null, all: () => [] })).toHaveProperty("others");
          const outcome = decide(sceneOf(), sent);
          if ("refused" in outcome && outcome.refused.why === "invalid")
            expect(outcome.refused.fields.length).toBeGreaterThan(0);
        },
      ),
      { numRuns: 400 },
    ));

  it("law: the same scene and the same act come to the same, and the records stay as they were", () => {
    const before = JSON.stringify(records);
    const prep = prepOf("odalys");
    const sent: Sent[] = [
      { act: "plan-prep", athleteId: "odalys", prep, changes: { budget: 900 } },
      { act: "drop-drill", athleteId: "odalys", prep, itemId: prep.items[1]!.id },
      { act: "set-lighter", athleteId: "odalys", monday: "2026-12-07", on: true },
      { act: "choose-next", athleteId: "odalys", chosen: nextOf(prep) },
    ];
    for (const one of sent) expect(decide(sceneOf(), one)).toEqual(decide(sceneOf(), one));
    expect(JSON.stringify(records)).toBe(before);
  });
});

const nextOf = (prep: RecordOf<"prep">) => {
  const { drillId, rungId, dose } = prep.items[1]!;
  return { drillId, rungId, dose, how: "pinned" as const, why: "" };
};

describe("ranges are validated where acts are decided, whoever sends them", () => {
  const check = {
    protocolId: "shoulder-flexion",
    protocolVersion: 1,
    side: "left" as const,
    mode: "passive" as const,
    temperature: "warm" as const,
    instrument: "goniometer" as const,
    tester: "T",
    trials: [158, 159],
    typed: null,
    ownError: 0,
    read: "" as const,
    pain: 0,
    seen: [],
    note: "",
  };
  const round = (over: object) =>
    decide(sceneOf(), {
      act: "save-round",
      athleteId: "odalys",
      length: "cm",
      checks: [{ ...check, ...over }],
    });

  it("a reading that is impossible for its check is refused with its bounds", () => {
    expect(round({})).toMatchObject({ answer: { kept: 1 } });
    expect(round({ trials: [1580] })).toMatchObject({
      refused: { why: "reading", note: { about: "impossible", low: 60, high: 210 } },
    });
    expect(round({ pain: 11 })).toMatchObject({ refused: { why: "invalid" } });
    // Pain before a reading is kept: it is what has to be known.
    expect(round({ trials: [], pain: 8 })).toMatchObject({ answer: { kept: 1 } });
  });

  it.each([
    ["save-finger", { fingerCm: 19 }, { is: "too-large", limit: 3 }],
    [
      "override-weight",
      { id: "x", motion: "hip.flexion", weight: 99, reason: "x" },
      { is: "too-large", limit: 10 },
    ],
    ["retime-prep", { budget: 5 }, { is: "too-small", limit: 120 }],
  ] as const)("%s: a number out of its range, with the limit", (act, fields, problem) => {
    const prep = prepOf("odalys");
    const sent: Sent = { act, athleteId: "odalys", prep, ...fields };
    const outcome = decide(sceneOf(), sent);
    expect(outcome).toMatchObject({ refused: { why: "invalid" } });
    expect(
      "refused" in outcome && outcome.refused.why === "invalid" && outcome.refused.fields,
    ).toContainEqual(expect.objectContaining({ problem }));
  });

  it("a drill is dropped once; what is not there any more changes nothing", () => {
    const prep = prepOf("odalys");
    const itemId = prep.items[1]!.id;
    const first = done({ act: "drop-drill", athleteId: "odalys", prep, itemId });
    expect(first.put).toHaveLength(1);
    const gone = { ...prep, id: "other", items: prep.items.filter(({ id }) => id !== itemId) };
    const again = done({ act: "drop-drill", athleteId: "odalys", prep: gone, itemId });
    expect([again.does, again.put]).toEqual([null, []]);
  });

  it("what somebody else took away is said, not thrown", () => {
    for (const sent of [
      { act: "close-aim", id: "nobody", closed: true },
      { act: "remove-check", id: "nobody" },
      { act: "remove-log", athleteId: "odalys", id: "nobody" },
      { act: "happen", runId: "nobody", events: [{ type: "next" }] },
      { act: "archive-athlete", id: "nobody", archived: true },
    ])
      expect(decide(sceneOf(), sent as Sent)).toMatchObject({ refused: { why: "gone" } });
  });

  it("a list is added as one act; one that can't be, not at all", () => {
    const one = {
      name: "Mirela Osei",
      discipline: "straps",
      bornOn: "2009-12-31",
      statureCm: 162,
      massKg: null,
      dominantSide: "left" as const,
      placeId: null,
      years: null,
    };
    const added = done({ act: "add-athletes", people: [one, { ...one, name: "Ana Lind" }] });
    expect(added.does).toEqual({ does: "add-athletes", count: 2 });
    expect(added.put.map(({ kind }) => kind)).toEqual(["athlete", "athlete"]);
    const wrong = { act: "add-athletes", people: [one, { ...one, statureCm: 20 }] };
    expect(decide(sceneOf(), wrong as Sent)).toMatchObject({ refused: { why: "invalid" } });
  });

  it("somebody removed takes everything of theirs along", () => {
    const removed = done({ act: "remove-athlete", id: "odalys" });
    expect(removed.put).toEqual([]);
    expect(removed.remove).toContain("athlete/odalys");
    const kinds = new Set((removed.remove ?? []).map((key) => key.split("/")[0]));
    expect([...kinds].sort()).toEqual(
      expect.arrayContaining(["aim", "athlete", "check", "log", "prep", "season"]),
    );
  });

  it("a skill that an aim asks stays; a clean demand asks more than the passable one", () => {
    const [skillId] = sceneOf().askedSkills;
    const pack = {
      kind: "pack",
      id: "own",
      name: "",
      skills: [],
      protocols: [],
      drills: [],
      formats: [],
    };
    const scene = sceneOf({ get: (kind) => (kind === "pack" ? pack : null) as never });
    expect(decide(scene, { act: "remove-skill", id: skillId! })).toEqual({
      refused: { why: "skill-in-use" },
    });
    const squat = library.skills.find(({ id }) => id === "deep-squat")!;
    const wrong = {
      ...squat,
      demands: squat.demands.map((one) => ({ ...one, clean: one.passable })),
    };
    expect(decide(scene, { act: "save-skill", skill: wrong })).toEqual({
      refused: { why: "clean-not-above", demand: 0 },
    });
  });

  it("a better plan comes in by a press alone, and is a step of undo", () => {
    const prep = prepOf("odalys");
    const better = done({
      act: "take-better",
      athleteId: "odalys",
      prep,
      items: prep.items.slice(1),
    });
    expect(better.does).toEqual({ does: "take-better" });
    expect(better.put.map(keyOf)).toEqual([`prep/${prep.id}`]);
  });

  it("what no person asked for is no step of undo", () => {
    expect(done({ act: "hear", sound: false }).does).toBeNull();
  });
});
