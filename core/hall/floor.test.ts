import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { needsFor, asked } from "../test/planning";
import { item } from "../test/people";
import type { Hall, GroupMember } from "../records/records";
import { hallLog } from "./log";
import type { HallMember } from "./member";
import { sharedNeedsOf, tooFew } from "./in-step";
import type { Mind } from "./mind";
import { changedFloor, roundsLeft } from "./on-the-floor";
import { roundsIn } from "./stations";
import { placeWith } from "../test/planning";

const bridge = item("hip-flexor", { type: "hold", sets: 2, seconds: 20, rest: 10 });
const swings = item("leg-swings", { type: "reps", sets: 1, reps: 10, tempo: 2, rest: 0 });
const hall = (over: Partial<Hall> = {}): Hall => ({
  kind: "hall",
  id: "h",
  on: "2026-11-24",
  groupId: null,
  name: "All",
  placeId: null,
  way: "stations",
  budget: 1800,
  format: "",
  alreadyWarm: false,
  dropped: [],
  people: [{ athleteId: "a", name: "A", from: 0, until: null }],
  items: [swings],
  stations: [{ id: "s", drillId: "hip-flexor", most: 2 }],
  laid: { stations: 4, work: 150, change: 20 },
  rounds: Array.from({ length: 4 }, () => ({ work: 150, change: 20 })),
  seats: [0, 2].map((round) => ({
    athleteId: "a",
    round,
    stationId: "s",
    rungId: bridge.rungId,
    dose: bridge.dose,
  })),
  proven: false,
  events: [],
  loggedOn: null,
  ...over,
});
const member: HallMember = {
  athleteId: "a",
  barred: new Map(),
  name: "A",
  growing: false,
  parts: [{ itemId: swings.id, rungId: swings.rungId, reason: null }],
};
const asPlanned = { absent: false, out: [], hurt: null, note: "" };

describe("the minutes at stations", () => {
  it("law: start, rounds and changes are the minutes, to the second", () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 300, max: 7200 }),
        fc.integer({ min: 30, max: 600 }),
        fc.integer({ min: 0, max: 120 }),
        fc.boolean(),
        (budget, work, change, alreadyWarm) => {
          const { start, rounds } = roundsIn({ budget, work, change, alreadyWarm });
          const sum = rounds.reduce((all, round) => all + round.work + round.change, start);
          expect(sum).toBe(budget);
          if (!alreadyWarm) expect(start).toBeGreaterThanOrEqual(Math.min(300, budget));
          for (const round of rounds) expect(round.work).toBeGreaterThanOrEqual(work);
        },
      ),
    ));
  it("law: other minutes are never more than was said, and all of it where a round fits", () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 4000 }), (seconds) => {
        const rounds = roundsLeft(seconds, { work: 150, change: 20 });
        const sum = rounds.reduce((all, { work, change }) => all + work + change, 0);
        expect(sum).toBeLessThanOrEqual(seconds);
        if (seconds >= 170) expect(sum).toBe(seconds);
      }),
    ));
});

describe("who is there", () => {
  it("late, gone, back and new are of the people; rounds that are over stay", () => {
    const late = changedFloor(
      hall(),
      1,
      { do: "person", athleteId: "a", from: 3, until: null },
      "",
    );
    expect(late.people).toEqual([{ athleteId: "a", name: "A", from: 3, until: null }]);
    const more = changedFloor(
      hall(),
      1,
      { do: "person", athleteId: "b", from: 2, until: null },
      "B",
    );
    expect(more.people.map(({ name }) => name)).toEqual(["A", "B"]);
    const short = changedFloor(hall(), 1, { do: "minutes", seconds: 200 }, "");
    expect(short.rounds).toEqual([...hall().rounds.slice(0, 2), { work: 180, change: 20 }]);
    expect(changedFloor(hall(), 1, { do: "minutes", seconds: 10 }, "").rounds).toHaveLength(2);
  });
});

describe("the log of one of a hall", () => {
  it("is what was planned: in step on the own rung, a station once with all its times", () => {
    const log = hallLog(hall(), member, asPlanned, null, "l")!;
    expect(log.items.map(({ drillId, rungId, done }) => [drillId, rungId, done])).toEqual([
      ["leg-swings", swings.rungId, "done"],
      ["hip-flexor", bridge.rungId, "done"],
    ]);
    expect(log.items[1]!.planned).toMatchObject({ sets: 4, seconds: 20 });
    expect(log).toMatchObject({ minutes: 30, hallId: "h", athleteId: "a" });
  });
  it("keeps what a run has logged but for what differed; who was not there has none", () => {
    const known = { ...hallLog(hall(), member, asPlanned, null, "l")!, note: "from the run" };
    const changed = hallLog(
      hall(),
      member,
      {
        ...asPlanned,
        out: ["leg-swings"],
        hurt: { drillId: "hip-flexor", level: 7, kind: "numb" },
      },
      known,
      "other",
    )!;
    expect(changed.id).toBe("l");
    expect(changed.note).toBe("from the run");
    expect(changed.items[0]).toMatchObject({ done: "skipped", seconds: 0 });
    expect(changed.items[1]).toMatchObject({ done: "stopped", pain: 7, sharp: true });
    expect(hallLog(hall(), member, { ...asPlanned, absent: true }, known, "l")).toBeNull();
  });
  it("leaves out a seat that was shut since", () => {
    const shut = { ...member, barred: new Map([[2, { why: "unready" as const }]]) };
    expect(hallLog(hall(), shut, asPlanned, null, "l")!.items[1]!.planned).toMatchObject({
      sets: 2,
    });
  });
  it("leaves out what was sat out", () => {
    const out = { ...member, parts: [{ itemId: swings.id, rungId: null, reason: null }] };
    const log = hallLog(hall(), out, asPlanned, null, "l")!;
    expect(log.items.map(({ drillId }) => drillId)).toEqual(["hip-flexor"]);
  });
});

describe("what all of them need", () => {
  const mind = (skillId: string): Mind => ({
    athlete: { id: skillId, name: skillId, schools: {} },
    request: asked(skillId, "warm-up"),
    needs: needsFor(skillId),
    skills: [skillId],
    shorter: [],
  });
  it("is the mean over everybody: what half of them need counts half", () => {
    const [one, other] = [mind("handstand"), mind("front-split")];
    const own = (minds: Mind[], motion: string) =>
      sharedNeedsOf(minds).find((need) => need.motion === motion)?.weight ?? 0;
    for (const { motion, weight } of one.needs) {
      const there = other.needs.find((need) => need.motion === motion)?.weight ?? 0;
      expect(own([one, other], motion)).toBeCloseTo((weight + there) / 2);
      expect(own([one, one], motion)).toBeCloseTo(weight);
    }
  });
});

describe("kit for everybody at once", () => {
  const withKit = library.drills.find(({ rungs }) => rungs[0]!.kit.includes("roller"))!;
  const rolling = item(withKit.id, { type: "time", sets: 1, seconds: 30, rest: 0 });
  const doing = (id: string): GroupMember => ({
    athleteId: id,
    name: id,
    growing: false,
    parts: [{ itemId: rolling.id, rungId: withKit.rungs[0]!.id, reason: null }],
  });
  const place = (count: number | null) =>
    placeWith(["roller", "mat"], count === null ? {} : { counts: [{ item: "roller", count }] });
  it("is too little where more do it than there are; uncounted it is enough", () => {
    const three = ["a", "b", "c"].map(doing);
    expect(tooFew(rolling, three, place(2), library)).toBe("roller");
    expect(tooFew(rolling, three, place(3), library)).toBeNull();
    expect(tooFew(rolling, three, place(null), library)).toBeNull();
    expect(tooFew(rolling, three, null, library)).toBeNull();
  });
});
