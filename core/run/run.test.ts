import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Run, RunEvent } from "../exchange/records";
import { library } from "../../library/index";
import { prepSeconds } from "../prep/timeline";
import { item, prep } from "../test/people";
import { logOf, runAt } from "./run";

const begin = Date.parse("2026-11-24T10:00:00.000Z");
const at = (seconds: number) => new Date(begin + seconds * 1000).toISOString();
const items = [
  item("pulse", { type: "time", sets: 1, seconds: 60, rest: 0 }),
  item("cat-camel", { type: "reps", sets: 2, reps: 10, tempo: 2, rest: 5 }),
  item("hip-flexor", { type: "hold", sets: 1, seconds: 30, rest: 0 }),
];
const total = prepSeconds(items, library);
const run = (...events: RunEvent[]): Run => ({
  kind: "run",
  id: "r1",
  athleteId: "a1",
  prep: prep(items),
  events: [{ type: "start", at: at(0) }, ...events],
});
const state = (seconds: number, ...events: RunEvent[]) =>
  runAt(run(...events), library, begin + seconds * 1000);

describe("a run", () => {
  it("left alone ends exactly at the planned time", () => {
    expect(state(total - 0.05).status).toBe("running");
    expect(state(total).status).toBe("finished");
    expect(
      state(total + 3600).items.every((entry) => Math.abs(entry.worked - entry.planned) < 1e-6),
    ).toBe(true);
  });
  it("shows the step that wall time says, after any sleep", () => {
    expect(state(0)).toMatchObject({ at: 0, left: total });
    expect(state(59.5)).toMatchObject({ at: 0 });
    expect(state(61).steps[state(61).at]!.kind).toBe("transition");
  });
  it("stands still while paused", () => {
    const paused = { type: "pause", at: at(20) } as const;
    expect(state(20, paused).left).toBeCloseTo(state(500, paused).left, 9);
    expect(state(500, paused).status).toBe("paused");
    expect(state(510, paused, { type: "resume", at: at(500) }).left).toBeCloseTo(total - 30, 9);
  });
  it("skips a drill, and goes back to its beginning, or to the one before when it has just begun", () => {
    const skip = { type: "skip", at: at(10) } as const;
    expect(state(10, skip).steps[state(10, skip).at]!.item).toBe(1);
    expect(state(10, skip).items[0]).toMatchObject({ ended: "skipped", worked: 10 });
    const back = { type: "back", at: at(12) } as const;
    expect(state(12, skip, back)).toMatchObject({ at: 0, into: 0 });
    expect(state(12, skip, back).items[0]).toMatchObject({ ended: null, worked: 0 });
    expect(state(40, { type: "back", at: at(40) })).toMatchObject({ at: 0, into: 0 });
  });
  it("stops a drill for pain and notes it", () => {
    const hurt = { type: "pain", at: at(30), level: 6, place: "left wrist", sharp: true } as const;
    expect(state(30, hurt).items[0]).toMatchObject({
      ended: "stopped",
      pain: { level: 6, place: "left wrist", sharp: true },
    });
    expect(logOf(run(hurt), library, begin + 30_000, "l1").items[0]).toMatchObject({
      done: "stopped",
      pain: 6,
      painPlace: "left wrist",
      sharp: true,
    });
  });
  it("counts work once, however often it is looked at or reloaded", () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.constantFrom("pause", "resume", "next", "skip", "back"),
            fc.integer({ min: 1, max: 40 }),
          ),
          { maxLength: 12 },
        ),
        (presses) => {
          let time = 0;
          const events = presses.map(
            ([type, wait]) => ({ type, at: at((time += wait)) }) as RunEvent,
          );
          const now = state(time + 5, ...events);
          expect(now).toEqual(
            runAt(
              JSON.parse(JSON.stringify(run(...events))) as Run,
              library,
              begin + (time + 5) * 1000,
            ),
          );
          for (const entry of now.items)
            expect(entry.worked).toBeLessThanOrEqual(entry.planned + 1e-6);
          expect(now.left).toBeGreaterThanOrEqual(0);
        },
      ),
    ));
  it("ended early, the rest is skipped and what was done counts", () => {
    const log = logOf(
      run({ type: "finish", at: at(60 + 10 + 5 + 15) }),
      library,
      begin + 200_000,
      "l1",
    );
    expect(log.items.map((entry) => entry.done)).toEqual(["done", "part", "skipped"]);
    expect(log).toMatchObject({ prepId: "p1", on: "2026-11-24" });
  });
});
