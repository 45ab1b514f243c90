import { describe, expect, it } from "vitest";
import type { KitItem } from "../core/drill/kit";
import { drawingOf } from "../core/figure/drawing";
import { shownProps } from "../core/figure/props";
import type { Prop } from "../core/figure/picture";
import { library } from "./index";

const rungs = library.drills.flatMap((drill) =>
  drill.rungs.map((rung) => ({ drill, rung, name: `${drill.id}/${rung.id}` })),
);

/** What shows a thing, where it is called otherwise. */
const shows: Partial<Record<KitItem, Prop["kind"]>> = {
  "loop-band": "loop",
  "half-roller": "roller",
  "climbing-wall": "holds",
  slope: "wedge",
};

/** The joints whose work a whole body is too small to show. */
const small = /^(wrist|fingers|forearm)\./;

describe("the library's pictures", () => {
  it("have in them whatever kit a rung names", () => {
    const missing = rungs.flatMap(({ rung, name }) =>
      rung.kit
        .filter((item) => !rung.picture.props.some(({ kind }) => kind === (shows[item] ?? item)))
        .map((item) => `${name}: ${item}`),
    );
    expect(missing).toEqual([]);
  });

  it("draw every thing with numbers, near the body or on the floor", () => {
    for (const { rung, name } of rungs) {
      const { start, view, lift, props } = rung.picture;
      const drawing = drawingOf(start, view, lift);
      const shapes = shownProps(props, drawing);
      expect(shapes.length, name).toBeGreaterThanOrEqual(props.length);
      expect(JSON.stringify(shapes), name).not.toMatch(/null/);
      for (const shape of shapes)
        if (shape.shape === "disc")
          expect(Math.abs(shape.x), `${name}: a ball far away`).toBeLessThan(130);
    }
  });

  it("look at a hand from near by, where the hand does the work", () => {
    const far = rungs
      .filter(({ drill, rung }) => {
        const [first] = rung.serves ?? drill.serves;
        return drill.region === "hands and wrists" && first && small.test(first.motion);
      })
      .filter(({ rung }) => !rung.picture.closeUp)
      .map(({ name }) => name);
    expect(far).toEqual([]);
  });

  it("a close-up of a hand is no wider than an arm, and fits what it is about", () => {
    for (const { rung, name } of rungs) {
      const near = rung.picture.closeUp;
      if (!near || !["wrist", "knuckles", "ball"].includes(near.at)) continue;
      expect(near.width, name).toBeGreaterThanOrEqual(0.15);
      expect(near.width, name).toBeLessThanOrEqual(0.5);
    }
  });

  it("tell the three ways of the fingers apart", () => {
    const side = library.drills.find(({ id }) => id === "wrist-side-rocks")!;
    const tips = side.rungs.map(({ picture }) => {
      const near = picture.closeUp!;
      const drawing = drawingOf(picture.start, {
        azimuth: near.view ?? picture.view,
        above: near.above ?? 0,
        fine: true,
      });
      const [[wx, wy], [fx, fy]] = [drawing.spot("wrist"), drawing.spot("fingertips")];
      return [fx - wx, fy - wy] as const;
    });
    const [forward, out, back] = tips as [(typeof tips)[0], (typeof tips)[0], (typeof tips)[0]];
    expect(forward[0]).toBeGreaterThan(5);
    expect(back[0]).toBeLessThan(-5);
    expect(Math.abs(out[0])).toBeLessThan(5);
    expect(out[1]).toBeGreaterThan(4);
  });
});
