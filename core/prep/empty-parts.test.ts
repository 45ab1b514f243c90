import { describe, expect, it } from "vitest";
import { asked } from "../test/planning";
import { emptyParts, placeIn } from "./empty-parts";
import { planPrep } from "./plan";

const request = asked("handstand", "warm-up");

describe("parts in which nothing stands", () => {
  it("are said, with what may be put there", () => {
    const { items } = planPrep(request);
    expect(emptyParts(items, request).map(({ name }) => name)).not.toContain("joints");
    const without = items.filter(({ segment }) => segment !== "joints");
    const empty = emptyParts(without, request).find(({ name }) => name === "joints")!;
    expect(empty.fillers.length).toBeGreaterThan(2);
    for (const drill of empty.fillers) {
      expect(drill.kind).toBe("circles");
      expect(placeIn(drill, "joints", request)?.segment.name).toBe("joints");
      expect(without.some(({ drillId }) => drillId === drill.id)).toBe(false);
    }
  });
  it("are not spoken of by the clock", () => {
    expect(emptyParts([], asked("handstand", "clocked-families"))).toEqual([]);
  });
});
