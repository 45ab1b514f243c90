import "fake-indexeddb/auto";
import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import type { AnyRecord } from "#core/records/records";
import { walkedActs } from "../test/act-walk";
import { walkFaults, type WalkStep } from "../test/faults";
import { browserDisk, memoryDisk } from "../test/disks";

let walk: { start: AnyRecord[]; steps: WalkStep[] };

beforeAll(async () => {
  vi.useFakeTimers({ toFake: ["Date"], now: new Date("2026-11-24T09:00:00") });
  walk = await walkedActs();
}, 120_000);
afterAll(() => void vi.useRealTimers());

describe("whatever goes wrong at whichever write", () => {
  it("the walk has forty different acts and more", () => {
    expect(new Set(walk.steps.map(({ label }) => label)).size).toBeGreaterThan(40);
  });

  it.each([1, 3])(
    "an act is there whole or not at all, and saved means there (%i at once)",
    async (atOnce) => {
      // A whole notebook comes in by itself: the page waits for it.
      const steps =
        atOnce === 1 ? walk.steps : walk.steps.filter(({ label }) => !/import|empty/.test(label));
      const found = await walkFaults(memoryDisk(), walk.start, steps, atOnce, 2_000);
      expect(found.torn).toEqual([]);
      expect(found.lost).toEqual([]);
      expect(found.untrue).toEqual([]);
      expect(found.cases).toBeGreaterThan(600);
    },
    300_000,
  );

  it("and so in a browser's own database", async () => {
    const found = await walkFaults(await browserDisk(), walk.start, walk.steps.slice(-24), 1, 240);
    expect([found.torn, found.lost, found.untrue]).toEqual([[], [], []]);
    expect(found.cases).toBe(240);
  }, 300_000);
});
