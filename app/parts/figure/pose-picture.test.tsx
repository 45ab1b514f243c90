import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { library } from "#library/index";
import { Picture } from "#core/figure/picture";
import { between } from "#core/figure/pose";
import { effortOf } from "./effort";
import { framesOf } from "./frames";
import { PosePicture } from "./pose-picture";

const arm = Picture.parse({ start: {}, end: { shoulder: 170 } });
const hand = Picture.parse({
  start: { elbow: 90 },
  end: { elbow: 90, fingers: 85 },
  props: [{ kind: "mat" }],
  closeUp: { at: "wrist", width: 0.25, view: 20, above: 30 },
});
const markup = (over: Partial<Parameters<typeof PosePicture>[0]>): string =>
  renderToStaticMarkup(<PosePicture picture={arm} label="an arm" {...over} />);
const frames = (html: string): number => html.split("<svg").length - 2;
const clay = "var(--clay)";

describe("the frames of a picture", () => {
  it("whole bodies stand on one floor, side by side", () => {
    const [start, end] = framesOf(arm, [arm.start, arm.end!], true);
    expect(start!.height).toBe(end!.height);
    expect(end!.x).toBeCloseTo(start!.x + start!.width, 6);
    expect([start!.near, end!.near]).toEqual([false, false]);
  });

  it("on the way nothing grows or shrinks, and the feet stay where they stand", () => {
    const squat = Picture.parse({ start: {}, end: { pelvis: 30, hip: 120, knee: 130, ankle: 30 } });
    const at = (share: number) =>
      framesOf(squat, [between(squat.start, squat.end!, share)], true, share)[0]!;
    const toe = ({ drawing, box }: ReturnType<typeof at>) => drawing.spot("toe")[0] - box.left;
    for (const share of [0, 0.5, 1]) expect(at(share).width).toBeCloseTo(at(0).width, 6);
    expect(at(1).height).toBe(at(0).height);
    expect(Math.abs(toe(at(1)) - toe(at(0)))).toBeLessThan(1);
    expect(frames(markup({ picture: squat, share: 0.4 }))).toBe(1);
  });

  it("where the work is in the hand: a small whole body, then the hand at start and end", () => {
    const all = framesOf(hand, [hand.start, hand.end!], true);
    expect(all.map(({ near }) => near)).toEqual([false, true, true]);
    expect(all[0]!.height).toBeLessThan(all[1]!.height);
    for (const [n, frame] of all.slice(1).entries())
      expect(frame.x).toBeGreaterThan(all[n]!.x + all[n]!.width);
  });

  it("where there is little room, the hand alone", () => {
    const all = framesOf(hand, [hand.start, hand.end!], false);
    expect(all.map(({ near }) => near)).toEqual([true, true]);
  });

  it("a close-up shows one hand, or both where they work together", () => {
    const layers = (picture: Picture) =>
      framesOf(picture, [picture.start], false)[0]!.drawing.layers.map(({ name }) => name);
    expect(layers(hand).every((name) => name.startsWith("right"))).toBe(true);
    const both = { ...hand, closeUp: { ...hand.closeUp!, side: "both" as const } };
    expect(layers(both).some((name) => name.startsWith("left-finger"))).toBe(true);
  });
});

describe("a picture", () => {
  it("shows start and end, or the one that is asked for", () => {
    expect(frames(markup({}))).toBe(2);
    expect(frames(markup({ only: "end" }))).toBe(1);
    expect(frames(markup({ picture: hand }))).toBe(3);
    expect(frames(markup({ picture: hand, small: true }))).toBe(2);
  });

  it("draws the way of what moves; not where it is small, alone or a check", () => {
    expect(markup({})).toContain(clay);
    expect(markup({ small: true })).not.toContain(clay);
    expect(markup({ only: "end" })).not.toContain(clay);
    const measured = library.protocols.find(
      ({ picture }) => picture.instrument?.kind === "angle" && picture.end,
    )!.picture;
    expect(markup({ picture: measured })).not.toContain("scale(1)");
  });

  it("is warm where it works, and nowhere when nobody says", () => {
    expect(markup({ serves: [{ motion: "shoulder.flexion" }] })).toContain("radialGradient");
    expect(markup({})).not.toContain("radialGradient");
    expect(markup({ serves: [{ motion: "shoulder.flexion" }], small: true })).not.toContain(
      "radialGradient",
    );
  });

  it("marks a press where the movement begins, and a breath where it ends", () => {
    const strokes = (html: string) =>
      html
        .split("<svg")
        .slice(2)
        .map((one) => /M-?[\d.]+ -(?:3\.4|4)[LQ]/.test(one));
    const serves = [{ motion: "shoulder.flexion" as const }];
    expect(strokes(markup({ serves, effort: "press" }))).toEqual([true, false]);
    expect(strokes(markup({ serves, effort: "breath" }))).toEqual([false, true]);
    expect(strokes(markup({ serves }))).toEqual([false, false]);
    expect(effortOf("contract-relax")).toBe("press");
    expect(effortOf("static")).toBe(null);
  });

  it("has a name, or is passed over", () => {
    expect(markup({})).toContain('role="img" aria-label="an arm"');
    expect(markup({ label: "" })).toContain('aria-hidden="true"');
  });

  it("every level of the library is drawn with numbers that are numbers", () => {
    for (const drill of library.drills)
      for (const { id, picture } of drill.rungs)
        expect(markup({ picture, small: true }), `${drill.id}/${id}`).not.toMatch(/NaN|undefined/);
  });
});

describe("the arrow of a movement", () => {
  it("lies within the picture, whichever drill", () => {
    let arrows = 0;
    for (const { id, rungs } of library.drills.slice(0, 120)) {
      const { picture } = rungs[0]!;
      if (picture.closeUp) continue;
      const html = renderToStaticMarkup(<PosePicture picture={picture} label={id} />);
      const [left, top, width, height] = numbers(/viewBox="([^"]*)"/.exec(html)![1]!) as Four;
      // The last frame: where it lies on the strip and what part of the floor it shows.
      const frame = [
        ...html.matchAll(
          /<svg x="([-\d.]+)" y="([-\d.]+)" width="([-\d.]+)" height="([-\d.]+)" viewBox="([^"]*)"/g,
        ),
      ].at(-1)!;
      const [x, y, wide] = frame.slice(1, 4).map(Number) as Four;
      const [boxLeft, boxTop, boxWide] = numbers(frame[5]!) as Four;
      const arrow = /data-arrow="true"[^>]*d="([^"]*)"|d="([^"]*)"[^>]*data-arrow="true"/.exec(
        html,
      );
      if (!arrow) continue;
      arrows += 1;
      const points = numbers((arrow[1] ?? arrow[2])!.replace(/[A-Za-z]/g, " "));
      for (let n = 0; n + 1 < points.length; n += 2) {
        const onX = x + ((points[n]! - boxLeft) * wide) / boxWide;
        const onY = y + ((points[n + 1]! - boxTop) * wide) / boxWide;
        expect(onX, id).toBeGreaterThanOrEqual(left - 0.01);
        expect(onX, id).toBeLessThanOrEqual(left + width + 0.01);
        expect(onY, id).toBeGreaterThanOrEqual(top - 0.01);
        expect(onY, id).toBeLessThanOrEqual(top + height + 0.01);
      }
    }
    expect(arrows).toBeGreaterThan(30);
  });
});

type Four = [number, number, number, number];
const numbers = (text: string): number[] =>
  text
    .trim()
    .split(/[\s,]+/)
    .map(Number);
