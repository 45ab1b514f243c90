import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { plusDays } from "../dates/days";
import { Settings, type AnyRecord, type Kind, type Prep, type RecordOf } from "../records/records";
import { troupeOn } from "../test/troupe";
import { secondsDone } from "../doses/ledger";
import { secondsFor } from "../progress/soreness";
import { stretchDays } from "../doses/stretch-days";
import { prepSeconds } from "../prep/timeline";
import { item, log, logItem } from "../test/people";
import { stepsOn } from "./next-steps";
import { newPrep, prepOfSlot, proposed } from "./planning";
import { requestOf } from "./request-of";
import { situationOf, type Situation } from "./situation";

const day = "2026-11-24";
const troupe = troupeOn(day);
const of = <K extends Kind>(kind: K, who?: string): RecordOf<K>[] =>
  troupe.filter(
    (record: AnyRecord): record is RecordOf<K> =>
      record.kind === kind && (!who || ("athleteId" in record && record.athleteId === who)),
  );
const settings = Settings.parse({
  kind: "settings",
  id: "settings",
  theme: "system",
  sound: true,
  tester: "",
});

function sceneOf(who: string, byIn?: number): Situation {
  return situationOf(
    {
      athlete: of("athlete").find(({ id }) => id === who)!,
      aims: of("aim", who).map((aim, n) =>
        byIn !== undefined && n === 0 ? { ...aim, by: plusDays(day, byIn) } : aim,
      ),
      checks: of("check", who),
      preps: of("prep", who),
      logs: of("log", who),
      days: of("day", who),
      seasons: of("season", who),
      runs: [],
      photos: [],
      places: of("place"),
      settings,
      library,
    },
    { today: day, day, aimId: null },
  );
}

describe("what comes next", () => {
  const everybody = of("athlete").map(({ id }) => id);

  it.each([undefined, 3, 6, 9])(
    "is the same in the log and in the prep of that day (the aim's date in %s days)",
    (byIn) => {
      for (const who of everybody) {
        const situation = sceneOf(who, byIn);
        const prep = newPrep(situation, day, "prep");
        expect(stepsOn(situation, day), who).toEqual(requestOf(situation, prep).nextSteps);
      }
    },
  );

  it("in the last week before the date nothing goes up a rung, in the log either", () => {
    const rising = (byIn: number) =>
      everybody.flatMap((who) =>
        [...stepsOn(sceneOf(who, byIn), day).values()].filter(
          ({ change }) => change === "next-rung",
        ),
      );
    expect(rising(60).length).toBeGreaterThan(0);
    expect(rising(3)).toEqual([]);
  });
});

describe("a situation", () => {
  it("walks toward the aim that is asked for, the next by date otherwise, and never a closed one", () => {
    const situation = sceneOf("odalys");
    const open = situation.aims.filter(({ closedOn }) => !closedOn);
    expect(situation.aim).toBe(open[0]);
    expect([...situation.aims].sort((a, b) => a.by.localeCompare(b.by))).toEqual(situation.aims);
  });
  it("of somebody of whom nothing is known has no gaps, no needs and no season", () => {
    const nobody = situationOf(
      {
        athlete: of("athlete")[0]!,
        aims: [],
        checks: [],
        preps: [],
        logs: [],
        days: [],
        seasons: [],
        runs: [],
        photos: [],
        places: [],
        settings,
        library,
      },
      { today: day, day, aimId: null },
    );
    expect(nobody).toMatchObject({ aim: null, skill: null, gaps: [], needs: [], season: null });
    expect(stepsOn(nobody, day).size).toBe(0);
  });
});

describe("what is trained next", () => {
  const situation = sceneOf("kaito");
  const before = (next: Prep["next"]) =>
    requestOf(situation, { ...newPrep(situation, day, "next"), id: "next", next });
  it("is asked for first, and the aim stands behind it", () => {
    const own = before(null);
    const hands = before({ skillId: "handstand", joints: [] });
    expect(hands.skills[0]).toBe("handstand");
    expect(hands.loadsHands).toBe(true);
    const weight = ({ needs }: typeof own, motion: string) =>
      needs.find((need) => need.motion === motion)?.weight ?? 0;
    expect(weight(hands, "wrist.extension")).toBeGreaterThan(weight(own, "wrist.extension"));
    expect(weight(hands, "ankle.dorsiflexion")).toBeLessThan(weight(own, "ankle.dorsiflexion"));
  });
  it("may be parts of the body", () => {
    const { needs } = before({ skillId: null, joints: ["thoracic"] });
    expect(needs[0]!.motion.startsWith("thoracic.")).toBe(true);
  });
});

describe("a training that has a name", () => {
  it("is what the warm-up before it prepares, and nothing where nobody has said what it trains", () => {
    const situation = sceneOf("odalys");
    const season = situation.season!;
    const slot = season.slots.find(({ kind, on }) => kind === "warm-up" && on > day)!;
    const trains = { skillId: null, joints: ["hip" as const] };
    const usual = season.usual.map((one) => ({ ...one, name: "Legs", trains }));
    const named = { ...situation, season: { ...season, usual, others: [] } };
    expect(prepOfSlot(named, slot).next).toEqual(trains);
    expect(prepOfSlot(situation, slot).next).toBeNull();
    const mobility = season.slots.find(({ kind }) => kind === "mobility");
    if (mobility) expect(prepOfSlot(named, mobility).next).toBeNull();
  });
});

describe("a prep that hangs on the week", () => {
  const situation = sceneOf("odalys");
  const slot = situation.season!.slots.find(({ kind, on }) => kind === "warm-up" && on >= day)!;
  const own: Prep = {
    ...newPrep(situation, day, "own"),
    id: "own",
    own: "The warm-up on the wall",
    items: [
      item("side-bends", { type: "reps", sets: 1, reps: 8, tempo: 3, rest: 0 }),
      item("pulse", { type: "time", sets: 1, seconds: 120, rest: 0 }),
    ],
  };
  const on = (standing: Prep["standing"]) =>
    prepOfSlot({ ...situation, ownPreps: [{ ...own, standing }] }, slot);
  it("is what its session becomes, in its own order and minutes", () => {
    const prep = on({ kind: "warm-up", weekdays: [] });
    expect(prep.items.map(({ drillId }) => drillId)).toEqual(["side-bends", "pulse"]);
    expect(prep).toMatchObject({ id: slot.id, on: slot.on, own: "", sequence: true });
    expect(prep.budget).toBe(prepSeconds(prep.items, library, prep.handOver));
    expect(proposed(situation, prep)).toEqual(prep);
  });
  it("only on its kind, and on its days", () => {
    expect(on({ kind: "mobility", weekdays: [] }).items).toEqual([]);
    const weekday = (new Date(`${slot.on}T12:00:00Z`).getUTCDay() + 6) % 7;
    expect(on({ kind: "warm-up", weekdays: [weekday] }).items).toHaveLength(2);
    expect(on({ kind: "warm-up", weekdays: [(weekday + 1) % 7] }).items).toEqual([]);
  });
});

describe("the seconds of a log item", () => {
  it("are one number: in the ledger, in the days of stretch and for a sore joint", () => {
    const hip = library.drills.find(
      ({ kind, sided, serves }) =>
        kind === "static" &&
        sided &&
        serves.some(({ motion, share }) => motion === "hip.extension" && share === 1),
    )!;
    const rung = hip.rungs[0]!;
    const planned = { type: "hold", sets: 3, seconds: 30, rest: 5 } as const;
    for (const over of [
      {},
      { sets: [{ side: null, reps: null, seconds: 70 }] },
      { seconds: 64 },
      { done: "part" as const },
    ]) {
      const item = { ...logItem(hip.id), rungId: rung.id, planned, seconds: 0, sets: [], ...over };
      const one = log("2026-11-20", [item]);
      const both = secondsDone(item, hip);
      expect(secondsFor("hip", one, library)).toBe(both);
      expect(stretchDays([one], library).get("hip.extension")!.get("2026-11-20")).toBe(both / 2);
    }
  });
});
