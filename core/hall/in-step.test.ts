import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { drillOf } from "../content/library";
import { prepSeconds } from "../prep/timeline";
import { lockedAt, seasoned } from "../test/bodies";
import { asked, needsFor, placeWith } from "../test/planning";
import { planInStep, type InStepTerms } from "./in-step";
import type { Mind } from "./mind";

const place = placeWith(["wall", "mat", "stick", "roller", "strap", "band", "box"]);
const terms = (over: Partial<InStepTerms> = {}): InStepTerms => ({
  on: "2026-11-24",
  placeId: place.id,
  budget: 900,
  format: "",
  alreadyWarm: false,
  dropped: [],
  items: [],
  place,
  library,
  coach: {},
  aside: [],
  ...over,
});
const mind = (id: string, skillId: string, over: Partial<Mind> = {}): Mind => ({
  athlete: { id, name: id, schools: {} },
  request: asked(skillId, "warm-up", { body: seasoned, place }),
  needs: needsFor(skillId),
  skills: [skillId],
  shorter: [],
  ...over,
});
const three = [mind("a", "handstand"), mind("b", "front-split"), mind("c", "deep-squat")];

describe("one session for several", () => {
  it.each([300, 600, 900, 1500])("takes %i seconds to the second, and warms up first", (budget) => {
    const { items, seconds } = planInStep(three, terms({ budget }));
    expect(seconds).toBe(budget);
    expect(prepSeconds(items, library)).toBe(budget);
    expect(items[0]!.phase).toBe("raise");
  });

  it("has no more drills than several can be led through", () => {
    for (const budget of [600, 900, 1500])
      expect(planInStep(three, terms({ budget })).items.length).toBeLessThanOrEqual(
        Math.max(5, Math.round(budget / 75)),
      );
  });

  it("what stands in it, at least half may do; whoever may not sits out with a reason", () => {
    const sore = mind("d", "handstand", {
      request: asked("handstand", "warm-up", { body: lockedAt(["wrist"], seasoned), place }),
    });
    const { items, members } = planInStep([...three, sore], terms());
    for (const item of items) {
      const parts = members.map(({ parts: own }) => own.find(({ itemId }) => itemId === item.id)!);
      expect(parts.filter(({ rungId }) => rungId !== null).length * 2).toBeGreaterThanOrEqual(4);
      for (const part of parts) if (part.rungId === null) expect(part.reason).not.toBeNull();
    }
    const own = members.find(({ athleteId }) => athleteId === "d")!;
    expect(own.parts.some(({ reason }) => reason?.why === "locked")).toBe(true);
  });

  it("what was taken out by hand stays out", () => {
    const first = planInStep(three, terms());
    const gone = first.items[2]!.drillId;
    expect(
      planInStep(three, terms({ dropped: [gone] })).items.some(({ drillId }) => drillId === gone),
    ).toBe(false);
  });

  it("gives a set more on the shorter side where a third has one, each on the own", () => {
    const shorter = (side: "left" | "right"): Mind["shorter"] =>
      needsFor("front-split").map(({ motion }) => ({ motion, side, difference: 12, unit: "°" }));
    const uneven = [
      mind("l", "front-split", { shorter: shorter("left") }),
      mind("m", "front-split", { shorter: shorter("left") }),
      mind("r", "front-split", { shorter: shorter("right") }),
    ];
    const { items, members, seconds } = planInStep(uneven, terms({ budget: 1200 }));
    expect(seconds).toBe(1200);
    const extra = items.filter((item) => item.extra !== null);
    expect(extra.length).toBeGreaterThan(0);
    for (const item of extra) {
      expect(item.extra!.side).toBe("left");
      expect(drillOf(library, item.drillId)!.kind).not.toBe("soft-tissue");
      const share = (id: string) =>
        members
          .find(({ athleteId }) => athleteId === id)!
          .parts.find(({ itemId }) => itemId === item.id)!.share;
      expect([share("l"), share("r")]).toEqual([undefined, "right"]);
    }
  });
});
