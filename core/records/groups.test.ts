import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { athletesInOrder } from "./groups";

const people = ["Zoë", "anna", "Bo 10", "Bo 2"].map((name, n) => ({ id: `p${n}`, name }));
const names = (list: readonly { name: string }[]) => list.map(({ name }) => name);

describe("the order of athletes", () => {
  it("by name is a reader's: no matter of capitals, and 2 before 10", () =>
    expect(names(athletesInOrder(people, [], { by: "name", hand: [] }))).toEqual([
      "anna",
      "Bo 2",
      "Bo 10",
      "Zoë",
    ]));
  it("by group: the groups by name, each by name; who is in several stands in the first, who is in none last", () => {
    const groups = [
      { name: "Wall", members: ["p0", "p2"] },
      { name: "Floor", members: ["p3", "p0"] },
    ];
    expect(names(athletesInOrder(people, groups, { by: "group", hand: [] }))).toEqual([
      "Bo 2",
      "Zoë",
      "Bo 10",
      "anna",
    ]);
  });
  it("by hand: as they were put, who came since at the end as they came", () =>
    expect(names(athletesInOrder(people, [], { by: "hand", hand: ["p2", "p1"] }))).toEqual([
      "Bo 10",
      "anna",
      "Zoë",
      "Bo 2",
    ]));
  it("loses nobody and doubles nobody, whatever the order", () =>
    fc.assert(
      fc.property(
        fc.constantFrom("name" as const, "group" as const, "hand" as const),
        fc.array(fc.constantFrom("p0", "p1", "p2", "p3", "gone")),
        (by, hand) => {
          const ordered = athletesInOrder(people, [{ name: "x", members: hand }], { by, hand });
          expect(ordered.map(({ id }) => id).sort()).toEqual(["p0", "p1", "p2", "p3"]);
        },
      ),
    ));
});
