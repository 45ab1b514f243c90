import { describe, expect, it } from "vitest";
import { library } from "#library/index";
import { bothNames } from "./field-names";

describe("the plain name and the field's word", () => {
  it("stand beside each other, whichever goes first", () => {
    expect(bothNames("ankle.dorsiflexion", "Ankle bend", "plain")).toEqual({
      title: "Ankle bend",
      beside: "dorsiflexion",
    });
    expect(bothNames("ankle.dorsiflexion", "Ankle bend", "field")).toEqual({
      title: "Dorsiflexion",
      beside: "ankle bend",
    });
  });

  it("are one where the plain name is the field's, or there is no motion", () => {
    for (const first of ["plain", "field"] as const) {
      expect(bothNames("hip.flexion", "Hip flexion", first)).toEqual({
        title: "Hip flexion",
        beside: "",
      });
      expect(bothNames(null, "Grip", first).title).toBe("Grip");
    }
  });

  it("never make a title of nothing", () => {
    for (const { motion, name } of library.protocols)
      for (const first of ["plain", "field"] as const)
        expect(bothNames(motion, name, first).title).not.toBe("");
  });
});
