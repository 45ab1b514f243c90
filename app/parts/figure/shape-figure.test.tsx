import { renderToStaticMarkup } from "react-dom/server";
import { beforeAll, describe, expect, it } from "vitest";
import { library } from "#library/index";
import { bodyFor, shapesOf } from "#core/shape/solve";
import { gapOf } from "#core/aim/gap";
import { aim, athlete, check } from "#core/test/people";
import { textOf } from "../../test/pages";
import { isWide } from "./notes";
import { drawn } from "./drawn";
import { ShapeFigure } from "./shape-figure";
import { shapeWords } from "#words/shape";

const who = athlete();
const modelled = library.skills.filter(({ model }) => model);
const shapes = new Map<string, NonNullable<ReturnType<typeof shapesOf>>>();
/** Ankles, shoulders, hips and wrists that fall short of most skills. */
const checks = (
  [
    ["shoulder-flexion", 158],
    ["wrist-extension", 80],
    ["hip-extension", 12],
    ["straight-leg-hip-flexion", 100],
  ] as const
).flatMap(([protocolId, value]) =>
  (["left", "right"] as const).map((side) => check({ protocolId, side, trials: [value, value] })),
);

beforeAll(() => {
  for (const skill of modelled) {
    const own = aim({ skillId: skill.id, side: skill.sided ? "left" : "mid" });
    const gaps = gapOf({ athlete: who, aim: own, skill, checks, library });
    const found = shapesOf(skill, { side: own.side, hips: own.hips }, who, gaps);
    if (found) shapes.set(skill.id, found);
  }
}, 60_000);

const figure = (id: string, over: Partial<Parameters<typeof ShapeFigure>[0]> = {}) => {
  const { asked, had } = shapes.get(id)!;
  return renderToStaticMarkup(
    <ShapeFigure asked={asked} had={had} joints={[]} onJoint={() => undefined} {...over} />,
  );
};

describe("the figure of every skill that has a model", () => {
  it("there are many, and each is drawn in chalk and ink with a sentence", () => {
    expect(shapes.size).toBeGreaterThan(10);
    for (const [id, { had, asked }] of shapes) {
      const html = figure(id);
      expect(html, id).toContain(`The figure. ${shapeWords(had ?? asked)}`.replace(/'/g, "&#x27;"));
      expect(/NaN|undefined|Infinity/.exec(html)?.[0], id).toBe(undefined);
    }
  });

  it("every joint at its stop that is told has a ring, and its degrees of what is asked", () => {
    let rings = 0;
    for (const [id, { had }] of shapes) {
      const html = figure(id);
      const told = (had?.stops ?? []).filter(({ have, asked }) =>
        textOf(html).includes(`${have.toFixed(0)}° of ${asked}°`),
      );
      const drawnRings = [...html.matchAll(/<circle[^>]*stroke="var\(--clay\)"/g)].length;
      expect(drawnRings, id).toBeLessThanOrEqual((had?.stops ?? []).length);
      if ((had?.stops ?? []).length > 0) expect(told.length, id).toBeGreaterThan(0);
      rings += drawnRings;
    }
    expect(rings).toBeGreaterThan(10);
  });

  it("its notes lie on the paper, and none over another", () => {
    let told = 0;
    for (const [id] of shapes) {
      const html = figure(id);
      const [left, top, width, height] = /viewBox="([^"]*)"/
        .exec(html)![1]!
        .split(" ")
        .map(Number) as [number, number, number, number];
      // What is drawn: each line of a title 3.3 hundredths of the paper's width, its detail 3.6.
      const notes = [
        ...html.matchAll(
          /<text x="([-\d.]+)" y="([-\d.]+)" font-size="[\d.]+" fill="var\(--ink\)" font-weight="700".*?<\/text>/g,
        ),
      ].map(([whole, x, y]) => {
        const titles = [...whole.matchAll(/<tspan/g)].length - 1;
        return { x: Number(x), y: Number(y), tall: (width * (titles * 3.3 + 3.6)) / 100 };
      });
      told += notes.length;
      for (const { x, y } of notes) {
        expect(x, id).toBeGreaterThanOrEqual(left);
        expect(x, id).toBeLessThan(left + width);
        expect(y, id).toBeGreaterThanOrEqual(top);
        expect(y, id).toBeLessThan(top + height);
      }
      notes.forEach((one, n) =>
        notes.slice(n + 1).forEach((other) => {
          const upper = one.y < other.y ? one : other;
          const apart =
            Math.abs(one.y - other.y) >= upper.tall || Math.abs(one.x - other.x) >= width * 0.25;
          expect(apart, `${id}: notes at ${one.x} ${one.y} and ${other.x} ${other.y}`).toBe(true);
        }),
      );
    }
    expect(told).toBeGreaterThan(20);
  });

  it("a wide figure is known from a tall one", () => {
    const { had: squat } = shapes.get("deep-squat")!;
    const { asked: stand } = shapes.get("handstand")!;
    expect(isWide(drawn(squat!.pose, squat!.view))).toBe(true);
    expect(isWide(drawn(stand.pose, stand.view))).toBe(false);
  });

  it("a joint can be pressed by mouse and by key, and says what it is", () => {
    const html = figure("handstand", {
      joints: [
        {
          motion: "shoulder.flexion",
          at: "shoulder",
          side: "left",
          text: "Shoulder flexion: short",
        },
      ],
    });
    expect(html).toMatch(/<g role="button" tabindex="0" aria-label="Shoulder flexion: short"/i);
  });

  it("before the first check there is the chalk alone, with no ring", () => {
    const html = figure("handstand", { had: null });
    expect(html).not.toContain('stroke="var(--clay)"');
    expect(html).toContain(shapeWords(shapes.get("handstand")!.asked).replace(/'/g, "&#x27;"));
  });

  it("what nobody has measured is ringed with dots", () => {
    const html = figure("handstand", { assumed: [{ motion: "hip.extension", side: "left" }] });
    expect(html).toMatch(/stroke-dasharray="[\d.]+ [\d.]+" stroke-linecap="round"/);
  });

  it("taller bodies are drawn no differently: the paper is in hundredths of stature", () => {
    const tall = bodyFor(athlete({ statureCm: 190 }));
    expect(tall).toBeDefined();
    const skill = library.skills.find(({ id }) => id === "handstand")!;
    const long = shapesOf(skill, { side: "mid", hips: "square" }, athlete({ statureCm: 190 }), [])!;
    expect(shapeWords(long.asked)).toBe(
      shapeWords(
        shapesOf(skill, { side: "mid", hips: "square" }, athlete({ statureCm: 150 }), [])!.asked,
      ),
    );
  });
});
