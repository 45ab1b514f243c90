import { describe, expect, it } from "vitest";
import { readPlace } from "./read-place";
import { bodyPlaces, motionsAt, samePlace, siteIds, siteIsSided, siteOfMotion } from "./sites";
import { MotionId } from "./motions";

describe("a place as people write it", () => {
  it.each([
    ["left wrist", "wrist", "left"],
    ["Wrist, right", "wrist", "right"],
    ["the low back", "lumbar", null],
    ["between the shoulder blades", "thoracic", null],
    ["front of the left hip", "hip", "left"],
    ["inner thigh", "groin", null],
    ["back of thigh, right", "hamstring", "right"],
    ["left Achilles", "heel", "left"],
    ["both knees", "knee", null],
    ["left and right elbow", "elbow", null],
    ["Big toe", "toes", null],
    ["neck", "neck", null],
    ["dizzy", "head", null],
  ])("%s", (typed, site, side) => expect(readPlace(typed)).toEqual({ site, side }));
  it("names none where none is named", () => {
    for (const typed of ["", "hall cold", "felt odd"]) expect(readPlace(typed)).toBeNull();
  });
});

describe("places of the body", () => {
  it("a sided one is there once a side, the others once", () => {
    for (const site of siteIds)
      expect(bodyPlaces.filter((one) => one.site === site)).toHaveLength(siteIsSided(site) ? 2 : 1);
  });
  it("every motion is made at the place of its joint", () => {
    for (const motion of MotionId.options)
      expect(motionsAt(siteOfMotion(motion)), motion).toContain(motion);
  });
  it("no side said is both sides", () => {
    const [left, right, both] = [
      { site: "wrist", side: "left" },
      { site: "wrist", side: "right" },
      { site: "wrist", side: null },
    ] as const;
    expect([samePlace(left, right), samePlace(left, both), samePlace(both, right)]).toEqual([
      false,
      true,
      true,
    ]);
    expect(samePlace(left, { site: "hip", side: "left" })).toBe(false);
  });
});
