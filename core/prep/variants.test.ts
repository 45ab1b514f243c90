import { describe, expect, it } from "vitest";
import { asked, placeWith } from "../test/planning";
import { planPrep } from "./plan";
import { another, anotherIs } from "./variants";
import { prepWorth } from "./worth";

describe("another prep", () => {
  it.each([
    ["handstand", "warm-up"],
    ["front-split", "mobility"],
    ["deep-squat", "warm-up"],
  ])("%s, %s: not one of the last four, and worth nine tenths of the best", (skill, format) => {
    const request = asked(skill, format, {
      place: placeWith(["wall", "mat", "band", "block", "roller", "stick"]),
    });
    const best = prepWorth(planPrep(request).items, request);
    const names = (items: { drillId: string }[]) => items.map(({ drillId }) => drillId);
    const made = [names(planPrep(request).items)];
    for (let n = 0; n < 4; n += 1) {
      const plan = another({ ...request, recent: made });
      expect(prepWorth(plan.items, request)).toBeGreaterThanOrEqual(anotherIs.worth * best - 1e-9);
      const set = [...new Set(names(plan.items))].sort().join();
      expect(made.slice(0, 4).map((list) => [...new Set(list)].sort().join())).not.toContain(set);
      made.unshift(names(plan.items));
    }
  });
});
