import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { lockedAt, seasoned } from "../test/bodies";
import type { RunEvent } from "../records/records";
import { item } from "../test/people";
import { asked } from "../test/planning";
import { begin, hurts, runOf } from "../test/running";
import { groupAfter, memberOf } from "./group";
import { shutFor } from "./shut";
import { memberLog } from "./log-of";
import { runAt } from "./run";

const swings = item("leg-swings", { type: "reps", sets: 1, reps: 10, tempo: 2, rest: 0 });
const opener = item("hip-flexor", { type: "hold", sets: 1, seconds: 20, rest: 0 });
const line = item("wall-line", { type: "hold", sets: 1, seconds: 20, rest: 0 });
const who = { id: "b", name: "Bee" };
const request = asked("handstand", "warm-up", { body: seasoned });
const sore = asked("handstand", "warm-up", { body: lockedAt(["wrist"], seasoned) });

describe("somebody who runs along", () => {
  it("does what the gate lets this body do, at its own rung; the rest is sat out with the reason", () => {
    const { parts } = memberOf({ items: [swings, line] }, who, sore);
    expect(parts[0]).toMatchObject({ rungId: swings.rungId, reason: null });
    expect(parts[1]).toMatchObject({ rungId: null, reason: { why: "locked" } });
  });
  it("is held to the length this body is given", () => {
    const long = { ...line, dose: { type: "hold" as const, sets: 1, seconds: 90, rest: 0 } };
    expect(memberOf({ items: [long] }, who, request).parts[0]).toMatchObject({
      rungId: null,
      reason: { why: "too-long" },
    });
  });
  it("after a change of plan is asked anew for what is new, and keeps what stayed", () => {
    const before = memberOf({ items: [swings, opener] }, who, request);
    const changed = { ...line, id: opener.id };
    const [after] = groupAfter([before], [swings, opener], [swings, changed], () => sore);
    expect(after!.parts[0]).toBe(before.parts[0]);
    expect(after!.parts[1]).toMatchObject({ rungId: null, reason: { why: "locked" } });
  });
  it("sits out what loads a place that hurt in this run, on the screen and in the log", () => {
    const member = memberOf({ items: [swings, opener, line] }, who, {
      ...request,
      alreadyWarm: true,
    });
    const run = {
      ...runOf(
        [swings, opener, line],
        hurts(2, 8, { who: "b", where: { site: "wrist", side: "left" } }),
      ),
      group: [member],
    };
    const state = runAt(run, library, begin + 3000);
    expect(shutFor(state, member, library)).toEqual(["wrist"]);
    expect(shutFor(state, { athleteId: "c", growing: false }, library)).toEqual([]);
    const log = memberLog(run, member, library, begin + 1e9, "l");
    expect(log.items.map(({ drillId }) => drillId)).toEqual(["leg-swings", "hip-flexor"]);
  });
  it("goes a rung down, or sits out, where what has to come first is not there", () => {
    const long = { ...opener, dose: { ...opener.dose, seconds: 30 } as typeof opener.dose };
    expect(memberOf({ items: [long] }, who, request).parts[0]).toMatchObject({
      rungId: null,
      reason: { why: "not-warm" },
    });
    expect(
      memberOf({ items: [long] }, who, { ...request, alreadyWarm: true }).parts[0],
    ).toMatchObject({ reason: null });
  });
  it("in an extra set works the own shorter side: so it stands in the log", () => {
    const both = item(
      "hip-flexor",
      { type: "hold", sets: 2, seconds: 20, rest: 5 },
      { sides: ["left", "right"], extra: { side: "left", sets: 1 } },
    );
    const doing = (share?: "right") => ({
      athleteId: "b",
      name: "Bee",
      growing: false,
      parts: [{ itemId: both.id, rungId: both.rungId, reason: null, ...(share ? { share } : {}) }],
    });
    const setsOf = (share?: "right") => {
      const run = { ...runOf([both]), group: [doing(share)] };
      const { items } = memberLog(run, { athleteId: "b" }, library, begin + 1e9, "l");
      const count = (side: "left" | "right") =>
        items[0]!.sets.filter((one) => one.side === side).length;
      return [count("left"), count("right")];
    };
    expect(setsOf()).toEqual([3, 2]);
    expect(setsOf("right")).toEqual([2, 3]);
  });
  it("who was away for all of it has nothing to log; who came back has what came after", () => {
    const member = memberOf({ items: [swings, opener] }, who, { ...request, alreadyWarm: true });
    const told = (...thens: ("away" | "back")[]): RunEvent[] =>
      thens.map((is, n) => ({
        type: "member",
        at: new Date(begin + n).toISOString(),
        who: "b",
        then: { is, itemId: is === "away" ? swings.id : opener.id },
      }));
    const drills = (...events: RunEvent[]) => {
      const run = { ...runOf([swings, opener], ...events), group: [member] };
      return memberLog(run, member, library, begin + 1e9, "l").items.map(({ drillId }) => drillId);
    };
    expect(drills()).toEqual(["leg-swings", "hip-flexor"]);
    expect(drills(...told("away"))).toEqual([]);
    expect(drills(...told("away", "back"))).toEqual(["hip-flexor"]);
  });
});
