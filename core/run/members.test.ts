import { describe, expect, it } from "vitest";
import type { GroupMember, Run, RunEvent } from "../records/records";
import { membersNow } from "./members";

const items = [{ id: "one" }, { id: "two" }, { id: "three" }];
const member: GroupMember = {
  athleteId: "a",
  name: "A",
  growing: false,
  parts: items.map(({ id }) => ({ itemId: id, rungId: "low", reason: null })),
};
type Then = Extract<RunEvent, { type: "member" }>["then"];
const after = (...thens: Then[]): (string | null)[] => {
  const events: Run["events"] = thens.map((then) => ({
    type: "member",
    at: "2026-11-24T09:00:00.000Z",
    who: "a",
    then,
  }));
  return membersNow({ group: [member], events }, items)[0]!.parts.map(({ rungId }) => rungId);
};

describe("one of a group on the floor", () => {
  it("as it was said, while nothing is said of them", () =>
    expect(membersNow({ group: [member], events: [] }, items)[0]).toBe(member));
  it("another rung is of that drill alone", () =>
    expect(after({ is: "on-rung", itemId: "two", rungId: "high" })).toEqual([
      "low",
      "high",
      "low",
    ]));
  it("away is from that drill on, back from that drill on; what was before stays", () => {
    expect(after({ is: "away", itemId: "two" })).toEqual(["low", null, null]);
    expect(after({ is: "away", itemId: "one" }, { is: "back", itemId: "three" })).toEqual([
      null,
      null,
      "low",
    ]);
  });
  it("back takes nobody past a reason of their own", () => {
    const shut = {
      ...member,
      parts: [{ itemId: "one", rungId: null, reason: { why: "nothing-here" as const } }],
    };
    const [now] = membersNow(
      {
        group: [shut],
        events: [
          {
            type: "member",
            at: "2026-11-24T09:00:00.000Z",
            who: "a",
            then: { is: "away", itemId: "one" },
          },
          {
            type: "member",
            at: "2026-11-24T09:01:00.000Z",
            who: "a",
            then: { is: "back", itemId: "one" },
          },
        ],
      },
      items,
    );
    expect(now!.parts[0]).toEqual(shut.parts[0]);
  });
});
