import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { planPrep } from "../prep/plan";
import { seasoned } from "../test/bodies";
import { asked, placeWith } from "../test/planning";
import { item } from "../test/people";
import { logItemOf } from "./log-item";

const dose = { type: "reps" as const, sets: 3, reps: 8, tempo: 3, rest: 30 };

describe("the weight that was planned", () => {
  it("is what a log begins with", () => {
    expect(
      logItemOf(item("overhead-press", dose, { why: [{ why: "takes-weight", kg: 4 }] })).load,
    ).toBe(4);
    expect(logItemOf(item("overhead-press", dose)).load).toBeNull();
  });
  it("comes from the place's own set, never above the rung's end, and from none while growing", () => {
    const weights = [1, 2, 4, 6, 40];
    const place = placeWith(["weight", "mat", "wall", "stick", "chair"], { weights });
    const terms = {
      place,
      budget: 2400,
      only: ["overhead-press", "halo", "wrist-lowers", "pulse"],
    };
    const taken = (growing: boolean) =>
      planPrep({
        ...asked("handstand", "mobility", { ...terms, body: { ...seasoned, growing } }),
        nextSteps: new Map(
          ["overhead-press", "halo", "wrist-lowers"].map((drillId) => {
            const drill = library.drills.find(({ id }) => id === drillId)!;
            const rung = drill.rungs.find(({ kit }) => kit.includes("weight"))!;
            return [
              drillId,
              {
                drillId,
                rungId: rung.id,
                dose: rung.session!,
                change: "same" as const,
                causes: [],
                chosen: null,
                proposed: null,
              },
            ];
          }),
        ),
      }).items.flatMap(({ drillId, rungId, why }) =>
        why.flatMap((one) => (one.why === "takes-weight" ? [{ drillId, rungId, kg: one.kg }] : [])),
      );
    const grown = taken(false);
    expect(grown.length).toBeGreaterThan(0);
    for (const { drillId, rungId, kg } of grown) {
      expect(weights).toContain(kg);
      const rung = library.drills
        .find(({ id }) => id === drillId)!
        .rungs.find(({ id }) => id === rungId)!;
      expect(kg).toBeLessThanOrEqual(rung.kg!.to);
    }
    expect(taken(true)).toEqual([]);
  });
});
