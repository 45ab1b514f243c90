import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { prepSeconds } from "../prep/timeline";
import { item } from "../test/people";
import { hallAt, hallSeconds, roundNow, spansOf } from "./clock";

const items = [
  item("pulse", { type: "time", sets: 1, seconds: 60, rest: 0 }),
  item("leg-swings", { type: "reps", sets: 1, reps: 10, tempo: 2, rest: 0 }),
];
const rounds = [
  { work: 100, change: 20 },
  { work: 100, change: 20 },
];
const begin = Date.parse("2026-11-24T17:00:00.000Z");
const after = (seconds: number) => new Date(begin + seconds * 1000).toISOString();
const start = { type: "start" as const, at: after(0) };

describe("the hall's one clock", () => {
  const spans = spansOf({ items, rounds }, library);
  const together = prepSeconds(items, library);

  it("is the drills that all do, then change and work, to the second", () => {
    expect(spans.map(({ kind }) => kind)).toEqual([
      "start",
      "start",
      "change",
      "work",
      "change",
      "work",
    ]);
    expect(hallSeconds({ items, rounds }, library)).toBe(together + 240);
  });

  it("goes by wall time, whatever happened to the screen", () => {
    const hall = { items, rounds, events: [start] };
    const now = hallAt(hall, library, begin + (together + 30) * 1000);
    expect(now).toMatchObject({ status: "running", at: 3 });
    expect(now.into).toBeCloseTo(10);
    expect(now.left).toBeCloseTo(90);
    expect(now.whole).toBeCloseTo(210);
    expect(roundNow(now)).toBe(0);
    expect(hallAt(hall, library, begin + 1e9)).toMatchObject({ status: "finished", left: 0 });
  });

  it("stands while it is paused, goes on, and may take longer", () => {
    const hall = {
      items,
      rounds,
      events: [
        start,
        { type: "pause" as const, at: after(10) },
        { type: "resume" as const, at: after(500) },
        { type: "longer" as const, at: after(505), seconds: 30 },
      ],
    };
    const paused = { ...hall, events: hall.events.slice(0, 2) };
    expect(hallAt(paused, library, begin + 400_000)).toMatchObject({ status: "paused", at: 0 });
    const now = hallAt(hall, library, begin + 510_000);
    expect(now).toMatchObject({ status: "running", at: 0 });
    expect(now.into).toBeCloseTo(20);
    expect(now.spans[0]!.seconds).toBe(spans[0]!.seconds + 30);
  });

  it("goes to the next and back: to the start of this one first, then to the one before", () => {
    const events = (...types: ("next" | "back" | "finish")[]) => [
      start,
      ...types.map((type, n) => ({ type, at: after(10 + n) })),
    ];
    const at = (...types: Parameters<typeof events>) =>
      hallAt({ items, rounds, events: events(...types) }, library, begin + 15_000).at;
    expect(at("next")).toBe(1);
    expect(at("next", "back")).toBe(0);
    expect(at("back")).toBe(0);
    expect(at("finish")).toBe(spans.length);
    expect(at("finish", "back")).toBe(spans.length - 1);
  });
});
