import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { degrees, radians } from "../body/angles";
import { drawingOf } from "./drawing";
import { arcBetween, instrumentShape } from "./instrument";
import type { Point } from "./space";

const drawnCheck = (id: string) => {
  const { picture } = library.protocols.find((one) => one.id === id)!;
  const paper = drawingOf(picture.start, picture.view, picture.lift);
  return { picture, paper, shape: instrumentShape(picture, paper) };
};
const long = ([[ax, ay], [bx, by]]: [Point, Point]) => Math.hypot(bx - ax, by - ay);

describe("an instrument on a check's picture", () => {
  const drawn = library.protocols.map(({ id }) => ({ id, ...drawnCheck(id) }));

  it("lies on every picture that names one, and on no other", () => {
    for (const { id, picture, shape } of drawn) {
      expect(shape === null, id).toBe(!picture.instrument);
      if (shape) expect(shape.kind, id).toBe(picture.instrument!.kind);
    }
    expect(new Set(drawn.flatMap(({ shape }) => shape?.kind ?? [])).size).toBeGreaterThan(1);
  });

  it("all its points lie on the paper, near the body", () => {
    for (const { id, paper, shape } of drawn)
      for (const [x, y] of (shape?.lines ?? []).flat()) {
        expect(Number.isFinite(x) && Number.isFinite(y), id).toBe(true);
        expect(x, id).toBeGreaterThan(paper.bounds.left - 60);
        expect(x, id).toBeLessThan(paper.bounds.right + 60);
      }
  });

  it("a goniometer has two arms of one length from its axis, and an arc between them", () => {
    const angles = drawn.filter(({ shape }) => shape?.kind === "angle");
    expect(angles.length).toBeGreaterThan(5);
    for (const { id, shape } of angles) {
      const [fixed, moving] = shape!.lines;
      expect(fixed![0], id).toEqual(shape!.axis);
      expect(moving![0], id).toEqual(shape!.axis);
      expect(long(fixed!), id).toBeCloseTo(17, 3);
      expect(long(moving!), id).toBeCloseTo(17, 3);
      expect(shape!.arc, id).toMatch(/^M-?[\d.]+ -?[\d.]+A/);
    }
  });

  it("a tape is one straight line; to the floor it is plumb", () => {
    const tapes = drawn.filter(({ shape }) => shape?.kind === "tape");
    expect(tapes.length).toBeGreaterThan(0);
    for (const { id, picture, shape } of tapes) {
      expect(shape!.lines, id).toHaveLength(1);
      if (picture.instrument!.to !== "floor") continue;
      const [[fromX], [toX, toY]] = shape!.lines[0]!;
      expect(fromX, id).toBe(toX);
      expect(toY, id).toBe(0);
    }
  });

  it("law: the arc is the smaller one of the two between its arms", () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 359 }),
        fc.integer({ min: 2, max: 178 }),
        fc.boolean(),
        (start, wide, left) => {
          const toward = (angle: number): Point => [
            Math.cos(radians(angle)),
            Math.sin(radians(angle)),
          ];
          const [from, to] = [toward(start), toward(start + (left ? wide : -wide))];
          const found = /^M(\S+) (\S+)A10 10 0 0 ([01]) (\S+) (\S+)$/.exec(
            arcBetween([0, 0], from, to, 10),
          )!;
          const [x1, y1, sweep, x2, y2] = found.slice(1).map(Number) as [
            number,
            number,
            number,
            number,
            number,
          ];
          const turned = degrees(Math.atan2(x1 * y2 - y1 * x2, x1 * x2 + y1 * y2));
          expect(Math.abs(turned)).toBeCloseTo(wide, 0);
          expect(sweep).toBe(turned > 0 ? 1 : 0);
        },
      ),
    ));
});
