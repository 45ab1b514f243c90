import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { aim, athlete } from "../test/people";
import { givenTo, type ForGroup, type Receiver } from "./for-group";

const today = "2026-11-24";
const receiver = (over: Partial<Receiver> = {}): Receiver => ({
  athlete: athlete(),
  aims: [],
  sequences: [],
  ...over,
});
const then = (what: ForGroup, over: Partial<Receiver> = {}) =>
  givenTo(what, receiver(over), library, today);
const handstand: ForGroup = {
  gives: "aim",
  skillId: "handstand",
  quality: "clean",
  side: "mid",
  hips: "square",
  by: "2026-12-15",
};

describe("what a gift to a group comes to for one", () => {
  it("an aim is new, changed by its date or quality, or there already; a closed one is none", () => {
    expect(then(handstand)).toEqual({ then: "given" });
    expect(then(handstand, { aims: [aim()] })).toEqual({ then: "has" });
    expect(then({ ...handstand, by: "2027-01-01" }, { aims: [aim()] })).toEqual({
      then: "changed",
    });
    expect(then(handstand, { aims: [aim({ closedOn: today })] })).toEqual({ then: "given" });
    expect(then({ ...handstand, side: "left" }, { aims: [aim()] })).toEqual({ then: "given" });
  });
  it("an aim is not for somebody too young for its skill", () => {
    const pointe = library.skills.find(({ fromAge }) => fromAge !== null)!;
    const child = athlete({ bornOn: `${2026 - pointe.fromAge! + 1}-06-01` });
    expect(then({ ...handstand, skillId: pointe.id }, { athlete: child })).toEqual({
      then: "too-young",
      from: pointe.fromAge,
    });
  });
  it("a place, a way of working and a session are there already only when they are the same", () => {
    const what: ForGroup = { gives: "place", placeId: "p" };
    expect(then(what)).toEqual({ then: "given" });
    expect(then(what, { athlete: athlete({ placeId: "q" }) })).toEqual({ then: "changed" });
    expect(then(what, { athlete: athlete({ placeId: "p" }) })).toEqual({ then: "has" });
    const ways: ForGroup = { gives: "schools", schools: { hold: "long" } };
    expect(then(ways)).toEqual({ then: "given" });
    expect(then(ways, { athlete: athlete({ schools: { hold: "summed" } }) })).toEqual({
      then: "changed",
    });
    expect(then(ways, { athlete: athlete({ schools: { hold: "long" } }) })).toEqual({
      then: "has",
    });
    const session: ForGroup = { gives: "sequence", prepId: "s" };
    expect(then(session)).toEqual({ then: "given" });
    expect(then(session, { sequences: ["s"] })).toEqual({ then: "has" });
  });
  it("the health questions are asked once a day, anew where they were answered", () => {
    const what: ForGroup = { gives: "intake" };
    expect(then(what, { athlete: athlete({ intake: null }) })).toEqual({ then: "given" });
    expect(then(what)).toEqual({ then: "changed" });
    expect(then(what, { athlete: athlete({ intakeAsked: today }) })).toEqual({ then: "has" });
  });
});
