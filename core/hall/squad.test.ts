import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { gapOf } from "../aim/gap";
import { aim, athlete, check, skill } from "../test/people";
import { placeWith } from "../test/planning";
import { hallChecks } from "./checks";
import { proposedGroups } from "./propose";
import { leastMargin, sortedBy, squadOf } from "./squad";
import { squadCsv } from "./squad-csv";

const today = "2026-11-24";

/** A hand-balancer whose shoulders read so many degrees on both sides. */
function row(id: string, degrees: number | null, skillId = "handstand") {
  const who = athlete({ id });
  const checks =
    degrees === null
      ? []
      : (["left", "right"] as const).map((side) =>
          check({ athleteId: id, side, trials: [degrees, degrees], on: "2026-11-20" }),
        );
  const own = aim({ athleteId: id, skillId, side: skill(skillId).sided ? "left" : "mid" });
  return {
    athleteId: id,
    athlete: who,
    aims: [own],
    checks,
    gaps: gapOf({ athlete: who, aim: own, skill: skill(skillId), checks, library, on: today }),
  };
}

const rows = [row("far", 150), row("near", 179), row("there", 186), row("unread", null)];
const shoulders = squadOf(rows).find(({ key }) => key === "shoulder.flexion/passive")!;

describe("the squad's table", () => {
  it("has a column a motion, with who is short only where that is sure", () => {
    expect(shoulders.by.short).toEqual(["far"]);
    expect(shoulders.by.unknown).toEqual(["unread"]);
    expect(shoulders.by.clear).toEqual(["there"]);
    expect(shoulders.by.unsure).toEqual(["near"]);
    expect(squadOf(rows)[0]!.motion).toBe("shoulder.flexion");
  });
  it("puts the shortest first, who was not measured after them, who is not asked last", () => {
    const split = row("split", 160, "front-split");
    const order = sortedBy([split, ...rows.toReversed()], shoulders);
    expect(order.map(({ athleteId }) => athleteId)).toEqual([
      "far",
      "near",
      "there",
      "unread",
      "split",
    ]);
    expect(leastMargin(shoulders.gaps.get("unread")!)).toBeNull();
  });
  it("of two aims at one motion shows the worse", () => {
    const easier = aim({ athleteId: "far", quality: "passable" });
    const both = [
      ...gapOf({
        athlete: athlete(),
        aim: easier,
        skill: skill("handstand"),
        checks: rows[0]!.checks,
        library,
        on: today,
      }),
      ...rows[0]!.gaps,
    ];
    const [column] = squadOf([{ athleteId: "far", gaps: both }]);
    expect(column!.gaps.get("far")!.need).toBe(shoulders.gaps.get("far")!.need);
  });
  it("goes out as a table: numbers as numbers, one line a side", () => {
    const text = squadCsv([{ id: "far", name: "=Far" }], [shoulders]);
    const lines = text.trim().split("\r\n");
    expect(lines).toHaveLength(3);
    expect(lines[1]).toMatch(/^'=Far,Shoulder flexion,\w+,left,yes,\d+,150,/);
  });
});

describe("groups for today", () => {
  const places = [
    placeWith(["wall", "mat", "stick"], { id: "hall" }),
    placeWith([], { id: "bare" }),
  ];
  it("put together who is surely short of one joint, where there is most for it, and the rest apart", () => {
    const split = {
      ...row("split", null, "front-split"),
    };
    const [shoulder, rest] = proposedGroups([...rows, split], { most: 2, places, library });
    expect(shoulder).toMatchObject({ joint: "shoulder", members: ["far"], placeId: "hall" });
    expect(shoulder!.drills).toBeGreaterThan(0);
    expect(rest).toMatchObject({ joint: null, members: ["near", "there", "unread", "split"] });
  });
  it("are never more than asked for, and hold everybody once", () => {
    for (const most of [1, 2, 3]) {
      const found = proposedGroups(rows, { most, places, library });
      expect(found.filter(({ joint }) => joint !== null).length).toBeLessThanOrEqual(most);
      expect(found.flatMap(({ members }) => members).sort()).toEqual(
        rows.map(({ athleteId }) => athleteId).sort(),
      );
    }
  });
});

describe("the checks of a round down the line", () => {
  it("are those the aims ask, what most are due for first; a fresh and clear reading is not due", () => {
    const [first] = hallChecks(rows, library, today).filter(
      ({ protocol, mode }) => protocol.id === "shoulder-flexion" && mode === "passive",
    );
    expect(first!.asked).toEqual(["far", "near", "there", "unread"]);
    expect(first!.due).toEqual(["near", "unread"]);
  });
});
