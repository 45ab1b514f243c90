import { describe, expect, it } from "vitest";
import { labelPlaces, type Written } from "./label-places";
import type { Point } from "./space";
import { drawingOf } from "./drawing";

const paper = { left: 0, top: 0, width: 100, height: 100, unit: 1 };
const square = (left: number, top: number, size: number): Point[] => [
  [left, top],
  [left + size, top],
  [left + size, top + size],
  [left, top + size],
];
const label = (x: number, y: number): Written => ({ at: [x, y], width: 20, height: 8 });

/** An own judge: whether a rectangle holds any of many points strewn over a square. */
const touches = (
  { left, top }: { left: number; top: number },
  [x, y, size]: [number, number, number],
) => {
  for (let i = 0; i <= 40; i += 1)
    for (let k = 0; k <= 40; k += 1) {
      const [px, py] = [x + (size * i) / 40, y + (size * k) / 40];
      if (px > left && px < left + 20 && py > top && py < top + 8) return true;
    }
  return false;
};

describe("words beside what they name", () => {
  it("stand off the body, near the joint, and the leader leaves by the nearer rim", () => {
    const [place] = labelPlaces([label(62, 50)], paper, [square(30, 30, 40)]);
    expect(touches(place!, [30, 30, 40])).toBe(false);
    expect(place!.left).toBeGreaterThanOrEqual(70);
    expect(Math.hypot(place!.edge[0] - 62, place!.edge[1] - 50)).toBeLessThan(15);
  });

  it("keep off one another, and their leaders don't cross", () => {
    const at: Written[] = [label(62, 46), label(62, 50), label(62, 54)];
    const places = labelPlaces(at, paper, [square(30, 30, 40)]);
    places.forEach((a, i) =>
      places.slice(i + 1).forEach((b) => {
        const apart =
          a.left + 20 <= b.left ||
          b.left + 20 <= a.left ||
          a.top + 8 <= b.top ||
          b.top + 8 <= a.top;
        expect(apart).toBe(true);
      }),
    );
    // The one whose joint is higher is written higher, or on another side.
    const right = places.map((place, i) => ({ ...place, y: at[i]!.at[1] }));
    for (const a of right)
      for (const b of right)
        if (a.y < b.y && Math.abs(a.edge[0] - b.edge[0]) < 1)
          expect(a.edge[1]).toBeLessThan(b.edge[1]);
  });

  it("goes round a limb that lies between rather than over it", () => {
    // A joint in a small block, with a wall to its right and free paper on its left.
    const [place] = labelPlaces([label(50, 50)], paper, [
      square(46, 46, 8),
      [
        [58, 0],
        [64, 0],
        [64, 100],
        [58, 100],
      ],
    ]);
    expect(place!.left + 20).toBeLessThanOrEqual(50);
  });

  it("takes the least bad place where there is none, and never leaves the paper", () => {
    const everywhere = [square(0, 0, 100)];
    for (const place of labelPlaces([label(2, 2), label(98, 98)], paper, everywhere)) {
      expect(place.left).toBeGreaterThanOrEqual(0);
      expect(place.left + 20).toBeLessThanOrEqual(100);
      expect(place.top + 8).toBeLessThanOrEqual(100);
    }
  });

  it("holds for a standing figure, whichever joint is named", () => {
    const drawing = drawingOf({}, 0);
    const rings = drawing.layers.flatMap((layer) =>
      layer.rings.map((ring) => ring.map(([x, y]): Point => [x * 100, -y * 100])),
    );
    const box = { left: -60, top: -115, width: 120, height: 114, unit: 1.2 };
    for (const name of ["hip", "knee", "ankle", "shoulder", "wrist"] as const) {
      const at = drawing.spot(name, "right");
      const [place] = labelPlaces([{ at, width: 30, height: 10 }], box, rings);
      const { left, top } = place!;
      const written = rings
        .flat()
        .filter(([x, y]) => x > left && x < left + 30 && y > top && y < top + 10);
      expect(written, name).toEqual([]);
    }
  });
});
