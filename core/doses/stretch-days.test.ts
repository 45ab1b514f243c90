import { describe, expect, it } from "vitest";
import { looseAtMedians } from "../progress/loose-at";
import { log, logItem } from "../test/people";
import { library } from "../../library";
import { MotionId } from "../body/motions";
import { loadedDays, restedMotions, stretchDays } from "./stretch-days";

const opener = (seconds: number, sets: number) =>
  logItem("hip-flexor", { planned: { type: "hold", sets, seconds, rest: 0 } });

describe("seconds under stretch by day", () => {
  it("counts held work that was done, each side, by how much of it counts", () => {
    const days = stretchDays([log("2026-11-20", [opener(40, 2), logItem("leg-swings")])], library);
    expect(days.get("hip.extension")!.get("2026-11-20")).toBe(80);
    expect(days.has("hip.flexion-straight")).toBe(false);
  });
  it("takes what the run has measured, halved for two sides, and nothing that was skipped", () => {
    const measured = logItem("hip-flexor", {
      seconds: 200,
      planned: { type: "hold", sets: 2, seconds: 40, rest: 0 },
    });
    const skipped = logItem("hip-flexor", {
      done: "skipped",
      planned: { type: "hold", sets: 9, seconds: 90, rest: 0 },
    });
    const days = stretchDays([log("2026-11-20", [measured, skipped])], library);
    expect(days.get("hip.extension")!.get("2026-11-20")).toBe(100);
  });
});

describe("motions that rest", () => {
  const hard = (on: string) => log(on, [opener(120, 5)]);
  const hip = MotionId.options.filter((motion) => motion.startsWith("hip."));
  it("strength and skills load a joint as stretching does, whichever of its motions they are for", () => {
    const work = log("2026-11-23", [
      logItem("seat-bridge", { planned: { type: "reps", sets: 10, reps: 60, tempo: 2, rest: 0 } }),
      logItem("leg-ramp", { planned: { type: "reps", sets: 10, reps: 60, tempo: 2, rest: 0 } }),
    ]);
    expect(restedMotions([work], library, "2026-11-24")).toEqual(expect.arrayContaining(hip));
    const light = log("2026-11-23", [
      logItem("leg-swings", { planned: { type: "reps", sets: 12, reps: 60, tempo: 2, rest: 0 } }),
    ]);
    expect(restedMotions([light], library, "2026-11-24")).toEqual([]);
  });
  it("counts the side that had more", () => {
    const one = (side: "left" | "right", seconds: number) => ({ side, seconds, reps: null });
    const uneven = log("2026-11-23", [
      logItem("hip-flexor", { sets: [one("left", 620), one("right", 20)], seconds: 640 }),
    ]);
    const even = log("2026-11-23", [
      logItem("hip-flexor", { sets: [one("left", 320), one("right", 320)], seconds: 640 }),
    ]);
    expect(loadedDays([uneven], library).get("hip")!.get("2026-11-23")).toBeCloseTo(620, 6);
    expect(loadedDays([even], library).get("hip")!.get("2026-11-23")).toBeCloseTo(320, 6);
  });
  it("the day after a hard day", () => {
    expect(restedMotions([hard("2026-11-23")], library, "2026-11-24")).toEqual(hip);
    expect(restedMotions([hard("2026-11-22")], library, "2026-11-24")).toEqual([]);
    expect(restedMotions([log("2026-11-23", [opener(30, 2)])], library, "2026-11-24")).toEqual([]);
  });
  it("after four hard days in the last six", () => {
    const days = ["2026-11-18", "2026-11-20", "2026-11-21", "2026-11-22"];
    expect(restedMotions(days.map(hard), library, "2026-11-24")).toEqual(hip);
    expect(restedMotions(days.slice(1).map(hard), library, "2026-11-24")).toEqual([]);
  });
});

describe("the usual loose-at number", () => {
  it("is the median of the last 28 days, by drill", () => {
    const at = (on: string, looseAt: number | null) => log(on, [logItem("cat-camel", { looseAt })]);
    const logs = [
      at("2026-11-01", 10),
      at("2026-11-08", 14),
      at("2026-11-20", 30),
      at("2026-10-01", 90),
      at("2026-11-21", null),
    ];
    expect(looseAtMedians(logs, "2026-11-24")).toEqual(new Map([["cat-camel", 14]]));
    expect(looseAtMedians(logs.slice(0, 2), "2026-11-24").get("cat-camel")).toBe(12);
  });
});
