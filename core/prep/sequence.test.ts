import { describe, expect, it } from "vitest";
import { drill } from "../test/people";
import { asked, placeWith } from "../test/planning";
import type { PrepItem } from "../records/records";
import { library } from "../../library/index";
import { breaches, mustBeMended } from "./order";
import { orderTerms } from "./mend";
import { carriedOn, laid } from "./sequence";
import { prepSeconds, timelineOf } from "./timeline";
import { readTyped } from "./typed";

const request = asked("handstand", "mobility", {
  place: placeWith(["wall", "mat", "bar", "band"]),
});

/** A typed session whose every line means the drill at its place. */
function written(text: string, drills: readonly (string | [string, string] | null)[]): PrepItem[] {
  const lines = readTyped(text);
  let at = -1;
  return laid(
    lines.map((line) => {
      if (line.is === "break") return { line, drillId: null, rungId: null };
      at += 1;
      const meant = drills[at % drills.length]!;
      return typeof meant === "string"
        ? { line, drillId: meant, rungId: null }
        : { line, drillId: meant?.[0] ?? null, rungId: meant?.[1] ?? null };
    }),
    request,
  );
}

describe("a session as it is written", () => {
  it("stands in its own order, with its own figures", () => {
    const items = written("cat camel 10\nskip 2 min\n2x30 s hip flexor each side\ncat camel 5", [
      "cat-camel",
      "pulse",
      "hip-flexor",
      "cat-camel",
    ]);
    expect(items.map(({ drillId }) => drillId)).toEqual([
      "cat-camel",
      "pulse",
      "hip-flexor",
      "cat-camel",
    ]);
    expect(items.map(({ dose }) => dose)).toMatchObject([
      { type: "reps", sets: 1, reps: 10 },
      { type: "time", sets: 1, seconds: 120 },
      { type: "hold", sets: 2, seconds: 30 },
      { type: "reps", sets: 1, reps: 5 },
    ]);
    expect(new Set(items.map(({ id }) => id)).size).toBe(4);
    expect(items[2]!.sides).toEqual(["left", "right"]);
  });
  it("has the same drill at other rungs, parts with names, ways, breaks, loads", () => {
    const items = written(
      "cat camel 10\ncat camel 8\nsplit: middle 30, forward 30, back 30\nwrist circles 10 each way\nbreak 45 s\npull-ups 4x4 thin band",
      ["cat-camel", ["cat-camel", "lifted"], "split-series", "wrist-circles", "pull-ramp"],
    );
    expect(items[1]!.rungId).toBe("lifted");
    expect(items[2]!.labels).toEqual(["middle", "forward", "back"]);
    expect(items[2]!.dose).toMatchObject({ sets: 3, seconds: 30, rest: 0 });
    expect(items[3]!.dose).toMatchObject({ sets: 2, reps: 10, rest: 0 });
    expect(items[3]!.breath).toEqual({ seconds: 45, as: "break" });
    expect(items[4]!.why).toContainEqual({ why: "takes-band", strength: "thin", kg: null });
    expect(items[4]!.dose).toMatchObject({ sets: 4, reps: 4 });
  });
  it("takes the time that its steps take, breaks and rounds included", () => {
    const items = written("rounds 3:\ncat camel 10\nbreak 20 s\n\nrolls 8", ["cat-camel", "rolls"]);
    expect(items.map(({ segment }) => segment)).toEqual(["round 1", "round 2", "round 3", ""]);
    const steps = timelineOf(items, library);
    expect(steps.filter(({ kind }) => kind === "breath")).toHaveLength(3);
    expect(prepSeconds(items, library)).toBe(steps.reduce((sum, { seconds }) => sum + seconds, 0));
  });
  it("is kept from running by safety alone: the order is advice", () => {
    const late = written("rolls 8\nskip 2 min\nhip flexor 20 s each side\nside bends 10", [
      "rolls",
      "pulse",
      "hip-flexor",
      "side-bends",
    ]);
    expect(mustBeMended(breaches(late, library, orderTerms(request)))).toEqual([]);
    const cold = written("hip flexor 60 s each side", ["hip-flexor"]);
    expect(mustBeMended(breaches(cold, library, orderTerms(request)))).toMatchObject([
      { rule: { why: "cold" } },
    ]);
  });
  it("goes on until it is loose only where it moves and nothing limits a stay in it", () => {
    const [bends, hang, hold] = written(
      "side bends until loose\nhang until loose\nhip flexor until loose",
      ["side-bends", "active-hang", "hip-flexor"],
    );
    expect([bends, hang, hold].map((one) => one!.untilLoose)).toEqual([true, false, false]);
    // Whatever was written: the run is laid out by what the rung is by now.
    const forced = { ...hang!, untilLoose: true };
    expect(timelineOf([forced], library).some(({ kind }) => kind === "until-loose")).toBe(false);
    expect(timelineOf([bends!], library).some(({ kind }) => kind === "until-loose")).toBe(true);
  });
  it("leaves a line of no drill out", () => {
    expect(written("something else 10\ncat camel 10", [null, "cat-camel"])).toHaveLength(1);
  });
  it("is carried on by the log, drill by drill", () => {
    const items = written("cat camel 10\nrolls 8", ["cat-camel", "rolls"]);
    const next = carriedOn(items, {
      library,
      nextSteps: new Map([
        [
          "cat-camel",
          {
            drillId: "cat-camel",
            rungId: drill("cat-camel").rungs[1]!.id,
            dose: { type: "reps", sets: 2, reps: 12, tempo: 4, rest: 10 },
            change: "next-rung",
            causes: [],
            chosen: null,
            proposed: null,
          },
        ],
      ]),
    });
    expect(next[0]).toMatchObject({
      rungId: drill("cat-camel").rungs[1]!.id,
      dose: { sets: 1, reps: 12 },
    });
    expect(next[1]).toEqual(items[1]);
  });
});
