import { describe, expect, it } from "vitest";
import { bodyPlaces } from "../body/sites";
import { bodyView } from "./places";

const key = ({ site, side }: { site: string; side: string | null }) => `${site}/${side ?? ""}`;

describe("the body that places are pointed at", () => {
  const [front, back] = [bodyView("front"), bodyView("back")];
  it("has every place once, on the front or on the back", () => {
    const found = [...front.spots, ...back.spots].map(({ place }) => key(place)).sort();
    expect(found).toEqual(bodyPlaces.map(key).sort());
  });
  it("left is where the left of that view is", () => {
    for (const { spots, turn } of [
      { spots: front.spots, turn: 1 },
      { spots: back.spots, turn: -1 },
    ])
      for (const { place, x } of spots)
        if (place.side)
          expect(Math.sign(x) * turn, key(place)).toBe(place.side === "left" ? 1 : -1);
  });
  it("no two places of a view lie so near that a thumb takes the wrong one", () => {
    for (const { spots } of [front, back])
      for (const [n, one] of spots.entries())
        for (const other of spots.slice(n + 1))
          expect(
            Math.hypot(one.x - other.x, one.y - other.y),
            `${key(one.place)} and ${key(other.place)}`,
          ).toBeGreaterThan(2.4);
  });
  it("every place lies on the paper", () => {
    for (const { spots, drawing } of [front, back])
      for (const { x, y, place } of spots) {
        expect(x, key(place)).toBeGreaterThan(drawing.bounds.left - 7);
        expect(x, key(place)).toBeLessThan(drawing.bounds.right + 7);
        expect(y, key(place)).toBeGreaterThan(drawing.bounds.top - 4);
      }
  });
});
