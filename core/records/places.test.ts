import { describe, expect, it } from "vitest";
import { usualPlaces } from "../../library/usual-places";
import { library } from "../../library/index";
import { against } from "../prep/permit";
import { seasoned } from "../test/bodies";
import { placeWith } from "../test/planning";
import { drill } from "../test/people";
import { rungOf } from "../drill/drill";
import { noKit, placeOf } from "./places";

describe("places", () => {
  it("no kit is a place that nobody has to make", () => {
    expect(placeOf([], noKit.id)).toBe(noKit);
    expect(placeOf([], "gone")).toBeNull();
    expect(placeOf([placeWith([])], "here")?.name).toBe("Here");
    expect(placeOf([], null)).toBeNull();
  });
  it("without kit there is work for every part of the body, and none of it wants a thing", () => {
    const fit = library.drills.flatMap((one) =>
      one.rungs
        .filter(
          (rung) => against({ body: seasoned, place: noKit }, { drill: one, rung }).length === 0,
        )
        .map((rung) => ({ region: one.region, kit: rung.kit })),
    );
    expect(fit.every(({ kit }) => kit.length === 0)).toBe(true);
    for (const region of ["hands and wrists", "shoulders", "neck", "trunk", "hips", "knees"])
      expect(
        fit.some((one) => one.region === region),
        region,
      ).toBe(true);
  });
  it("the usual ones are made in one press: from nothing at all to a hall, each with a name of its own", () => {
    expect(usualPlaces.map(({ name }) => name)).toEqual([
      "Nothing at all",
      "Home",
      "Hall",
      "Climbing wall",
      "Travel",
      "Outdoors",
    ]);
    const most = usualPlaces.find(({ name }) => name === "Hall")!;
    for (const { kit } of usualPlaces) expect(most.kit.length).toBeGreaterThanOrEqual(kit.length);
  });
});

describe("bands and weights of a place at the gate", () => {
  const pull = drill("pull-ramp");
  const at = (bands: ("thin" | "thick")[]) => ({
    body: seasoned,
    place: placeWith(["bar", "band", "weight", "mat"], {
      bands: bands.map((strength) => ({ strength, kg: null })),
      weights: [12],
    }),
  });
  it("a band that helps less than was asked is refused, and said", () => {
    const thick = { drill: pull, rung: rungOf(pull, "band") };
    expect(against(at(["thin"]), thick)).toEqual([{ why: "band", strength: "thick", helps: true }]);
    expect(against(at(["thick"]), thick)).toEqual([]);
    expect(against(at([]), thick)).toEqual([]);
  });
  it("a weight above the end of the rung is refused", () => {
    const press = drill("overhead-press");
    const asked = { drill: press, rung: rungOf(press, "weight") };
    const most = asked.rung.kg!.to;
    const found = against(at(["thin"]), asked);
    expect(found).toEqual(most < 12 ? [{ why: "weight", most }] : []);
    expect(
      against({ body: seasoned, place: placeWith(["weight", "mat"], { weights: [1, 12] }) }, asked),
    ).toEqual([]);
  });
});
