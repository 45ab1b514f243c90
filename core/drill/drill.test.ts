import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { drill } from "../test/people";
import { atRung, byText, rungOf } from "./drill";
import { KitItem } from "./kit";
import { fetched, substitutesOf } from "./substitutes";

describe("kit and what stands in for it", () => {
  it("takes the thing itself first, then the best that is there", () => {
    expect(fetched(["roller"], ["bottle", "roller"], [])).toEqual([
      { wanted: "roller", used: "roller" },
    ]);
    expect(fetched(["roller"], ["bottle"], [])).toEqual([{ wanted: "roller", used: "bottle" }]);
    expect(fetched(["roller"], ["ball", "bottle"], [])).toEqual([
      { wanted: "roller", used: "ball" },
    ]);
  });
  it("is null when one thing is missing and nothing stands in, or must be itself", () => {
    expect(fetched(["wall", "stick"], ["broom"], [])).toBeNull();
    expect(fetched(["band"], ["towel"], ["band"])).toBeNull();
    expect(fetched(["band"], ["towel"], [])).toEqual([{ wanted: "band", used: "towel" }]);
    expect(fetched([], [], [])).toEqual([]);
  });
  it("nothing stands in for itself, and every stand-in is a thing a place can have", () => {
    for (const item of KitItem.options) {
      expect(substitutesOf(item)).not.toContain(item);
      for (const other of substitutesOf(item)) expect(KitItem.options).toContain(other);
    }
  });
});

describe("a drill on a rung", () => {
  it("is what the rung says over what the ladder says", () => {
    const raises = drill("knuckle-raises");
    expect(atRung(raises, rungOf(raises, "wall"))).toMatchObject({
      position: "standing",
      loadsHands: false,
    });
    expect(atRung(raises, rungOf(raises, "all-fours"))).toMatchObject({
      position: "all-fours",
      loadsHands: true,
    });
    expect(atRung(raises, rungOf(raises, "plank")).position).toBe("plank");
  });
  it("bars whom the ladder or the rung bars", () => {
    const deepen = drill("straddle-deepen");
    expect(atRung(deepen, rungOf(deepen, "weight")).contraindications).toContain("growing");
    expect(atRung(deepen, rungOf(deepen, "heels")).contraindications).not.toContain("growing");
  });
  it("every rung that puts weight on the hands belongs to a ladder that can be prepared for", () => {
    const prepares = library.drills.filter(({ preparesHands }) => preparesHands);
    expect(prepares.length).toBeGreaterThanOrEqual(3);
    expect(prepares.some((one) => one.rungs.some((rung) => rung.kit.length === 0))).toBe(true);
  });
  it("texts are ordered by their code", () =>
    expect(["b", "a", "c"].toSorted(byText)).toEqual(["a", "b", "c"]));
});
