import { describe, expect, it } from "vitest";
import { item } from "../test/people";
import { runOf, stateAt } from "../test/running";
import { prepSeconds } from "../prep/timeline";
import { library } from "../../library/index";
import { cuesDue, cuesOf, nextDue, type Cue } from "./cues";

const items = [
  item("pulse", { type: "time", sets: 1, seconds: 120, rest: 0 }),
  item("cat-camel", { type: "reps", sets: 3, reps: 12, tempo: 3, rest: 10 }),
  item("hip-flexor", { type: "hold", sets: 6, seconds: 45, rest: 10 }),
  item("prayer", { type: "contract-relax", rounds: 4, contract: 10, deepen: 30 }),
  item("thigh-pull", { type: "hold", sets: 6, seconds: 45, rest: 10 }),
];
const run = runOf(items);
const total = prepSeconds(items, library);

describe("cues", () => {
  it("count in before work, tell the half, and nothing in short work", () => {
    const { steps } = stateAt(run, 0);
    const change = steps.findIndex(({ kind }) => kind === "side-change");
    expect(cuesOf(steps[change]!, steps[change + 1]).map(({ kind }) => kind)).toContain("side");
    const rest = steps.findIndex(({ kind }) => kind === "rest");
    expect(cuesOf(steps[rest]!, steps[rest + 1])).toEqual([
      { kind: "rest", at: 0 },
      { kind: "count", at: 7, count: 3 },
      { kind: "count", at: 8, count: 2 },
      { kind: "count", at: 9, count: 1 },
    ]);
    expect(cuesOf(steps[0]!, steps[1])).toEqual([
      { kind: "begin", at: 0 },
      { kind: "half", at: 60 },
    ]);
    expect(cuesOf({ ...steps[0]!, seconds: 15 }, steps[1])).toHaveLength(1);
  });
  it("after a sleep nothing is caught up but where it stands", () => {
    const before = stateAt(run, 10);
    expect(cuesDue(before, stateAt(run, 500)).length).toBeLessThanOrEqual(1);
    expect(cuesDue(stateAt(run, total - 1), stateAt(run, total + 600))).toEqual([
      { kind: "end", at: 0 },
    ]);
    expect(cuesDue(stateAt(run, total + 1), stateAt(run, total + 2))).toEqual([]);
  });
  it("over thirty minutes of late looks: every cue once, none more than 50 ms off, no drift", () => {
    const wall = 30 * 60;
    expect(total).toBeGreaterThan(wall * 0.5);
    let now = 0;
    let before: ReturnType<typeof stateAt> | null = null;
    const heard: (Cue & { late: number; step: number })[] = [];
    for (let n = 0; now < Math.min(wall, total); n += 1) {
      const state = stateAt(run, now);
      for (const cue of cuesDue(before, state))
        heard.push({ ...cue, late: state.into - cue.at, step: state.at });
      expect(Math.abs(total - state.left - now)).toBeLessThan(0.05);
      before = state;
      const jitter = 0.005 + ((n * 7919) % 30) / 1000;
      now += Math.min(0.1, nextDue(state)) + jitter;
    }
    const due = stateAt(run, 0).steps.flatMap((step, i, all) => cuesOf(step, all[i + 1]));
    const until = heard.length;
    expect(until).toBeGreaterThanOrEqual(due.length - 1);
    expect(new Set(heard.map(({ step, at }) => `${step}/${at}`)).size).toBe(until);
    for (const { late } of heard) expect(late).toBeLessThan(0.05);
  });
});
