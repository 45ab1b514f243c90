import { describe, expect, it } from "vitest";
import { library } from "../../library";
import { athlete, check, log, logItem, protocol } from "../test/people";
import { learn, outlookAt } from "./forecast";
import { motionRecord } from "./motion-record";

const hold = { type: "hold" as const, sets: 2, seconds: 60, rest: 5 };
const asked = (over: Partial<Parameters<typeof motionRecord>[0]> = {}) =>
  motionRecord({
    athlete: athlete(),
    checks: ["2026-11-03", "2026-11-10", "2026-11-17"].map((on, i) =>
      check({ protocolId: "hip-extension", side: "left", trials: [15 + i, 15 + i, 15 + i], on }),
    ),
    logs: [
      log("2026-11-05", [logItem("hip-flexor", { planned: hold })]),
      log("2026-11-18", [
        logItem("hip-flexor", { planned: hold }),
        logItem("leg-swings", { planned: null, seconds: 80 }),
      ]),
    ],
    library,
    protocol: protocol("hip-extension"),
    motion: "hip.extension",
    side: "left",
    on: "2026-11-22",
    ...over,
  });

describe("the record of a motion", () => {
  it("counts weeks from the Monday of its first check, and seconds a side", () => {
    const record = asked()!;
    expect(record.start).toBe("2026-11-02");
    expect(record.seen.map(({ week }) => Math.round(week * 7))).toEqual([1, 8, 15]);
    expect(record.seen.map(({ value }) => value)).toEqual([15, 16, 17]);
    expect(record.doses).toEqual([120, 0, 120 + (0.25 * 0.5 * 80) / 2]);
  });
  it("knows nothing of what comes later, and is none before the first check", () => {
    expect(asked({ on: "2026-11-11" })!.seen).toHaveLength(2);
    expect(asked({ on: "2026-11-11" })!.doses).toEqual([120, 0]);
    expect(asked({ on: "2026-11-01" })).toBeNull();
    expect(asked({ side: "right" })).toBeNull();
    expect(asked({ mode: "active" })).toBeNull();
    expect(asked({ mode: "passive" })!.seen).toHaveLength(3);
  });
  it("never mixes cold with warm", () => {
    const cold = check({ protocolId: "hip-extension", temperature: "cold", on: "2026-11-20" });
    expect(
      asked({ checks: [...[1, 2].map(() => check({ protocolId: "hip-extension" })), cold] })!.seen,
    ).toHaveLength(2);
  });
  it("is what a forecast learns from", () => {
    const record = asked()!;
    const doses = [...record.doses, 120, 120, 120];
    const { median, low, high } = outlookAt(learn(record.seen, record.doses), 5, doses);
    expect(low).toBeLessThan(median);
    expect(median).toBeLessThan(high);
    expect(median).toBeGreaterThan(13);
    expect(median).toBeLessThan(25);
  });
});
