import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { drill } from "../test/people";
import { atRung, byText, rungOf } from "./drill";
import { KitItem } from "./kit";
import { fetched, standInsFor, substitutesOf } from "../exposure/stand-ins";

const rung = (drillId: string, rungId: string) => rungOf(drill(drillId), rungId);

describe("kit and what stands in for it", () => {
  it("takes the thing itself first, then the best that is there", () => {
    const on = (kit: KitItem[]) =>
      fetched(drill("calf-roller"), rung("calf-roller", "roller"), kit);
    expect(on(["bottle", "roller"])).toEqual([{ wanted: "roller", used: "roller" }]);
    expect(on(["bottle"])).toEqual([{ wanted: "roller", used: "bottle" }]);
    expect(on(["ball", "bottle"])).toEqual([{ wanted: "roller", used: "ball" }]);
  });
  it("is null when one thing is missing and nothing stands in, or must be itself", () => {
    const pulls = drill("pull-aparts");
    expect(fetched(pulls, pulls.rungs[0]!, ["towel", "strap"])).toBeNull();
    const strap = drill("hamstring");
    expect(fetched(strap, strap.rungs[0]!, ["towel"])).toEqual([
      { wanted: "strap", used: "towel" },
    ]);
    expect(fetched(drill("hip-fold"), drill("hip-fold").rungs[0]!, [])).toEqual([]);
  });
  it("is judged by the use: nothing small under the spine, no chair under what carries, no towel that slides", () => {
    expect(standInsFor("roller", drill("roller"), rung("roller", "crossed"))).toEqual([
      "half-roller",
    ]);
    expect(standInsFor("box", drill("support-hold"), rung("support-hold", "box"))).toEqual([]);
    expect(standInsFor("box", drill("line-shifts"), rung("line-shifts", "pike"))).toEqual([]);
    expect(standInsFor("band", drill("pass-over"), rung("pass-over", "band"))).not.toContain(
      "towel",
    );
    expect(standInsFor("rings", drill("ring-turns"), rung("ring-turns", "behind"))).toEqual([]);
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
