import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { protocol } from "#core/test/people";
import type { RoundRow } from "../round";
import { angleOfDraft, isPlumb, namesOf, readingOfDraft, type AngleDraft } from "./photo-angles";
import { targetText } from "./target-select";
import { toolsOf } from "./tool";
import { turnSpot, windowOf } from "./turned";

const size = { width: 800, height: 600 };
const photo = { ...size, url: "blob:x", name: "limb.jpg", turn: 0 };
const rowFor = (id: string): RoundRow => {
  const found = protocol(id);
  return { key: `${id}/passive`, protocol: found, mode: found.modes[0]! };
};
const draft = (id: string, spots: AngleDraft["spots"], over = false): AngleDraft => ({
  key: "a",
  target: { row: rowFor(id), side: "left" },
  spots,
  over,
});

describe("a turned picture", () => {
  it("a quarter turn carries the right edge to the foot", () => {
    const [x, y] = turnSpot([800, 300], 90, size);
    expect([x, y].map((value) => Math.round(value))).toEqual([400, 700]);
  });
  it("turning there and back leaves every place where it was, and distances as they were", () =>
    fc.assert(
      fc.property(
        fc.tuple(fc.integer({ min: 0, max: 800 }), fc.integer({ min: 0, max: 600 })),
        fc.tuple(fc.integer({ min: 0, max: 800 }), fc.integer({ min: 0, max: 600 })),
        fc.integer({ min: -180, max: 180 }),
        (a, b, turn) => {
          const [ta, tb] = [turnSpot(a, turn, size), turnSpot(b, turn, size)];
          const back = turnSpot(ta, -turn, size);
          expect(back[0]).toBeCloseTo(a[0], 6);
          expect(back[1]).toBeCloseTo(a[1], 6);
          expect(Math.hypot(ta[0] - tb[0], ta[1] - tb[1])).toBeCloseTo(
            Math.hypot(a[0] - b[0], a[1] - b[1]),
            6,
          );
        },
      ),
    ));
  it("its window holds all of it at zoom 1, and never leaves it beyond", () => {
    expect(windowOf(size, 0, 1, [0, 0])).toEqual({ x: 0, y: 0, width: 800, height: 600 });
    const standing = windowOf(size, 90, 1, [400, 300]);
    expect([Math.round(standing.width), Math.round(standing.height)]).toEqual([600, 800]);
    const corner = windowOf(size, 0, 4, [0, 0]);
    expect(corner).toEqual({ x: 0, y: 0, width: 200, height: 150 });
    expect(windowOf(size, 0, 4, [800, 600])).toMatchObject({ x: 600, y: 450 });
  });
});

describe("an angle on a photograph", () => {
  it("asks for the landmarks of its check: three, or two against the plumb line", () => {
    expect(namesOf(draft("shoulder-flexion", []))).toHaveLength(3);
    expect(isPlumb(draft("shoulder-flexion", []))).toBe(false);
    expect(isPlumb(draft("hip-abduction", []))).toBe(true);
  });
  it("is nothing until all are placed apart from each other", () => {
    expect(angleOfDraft(draft("shoulder-flexion", [[0, 0]]), photo, null)).toBeNull();
    const heap = draft("shoulder-flexion", [
      [5, 5],
      [5, 5],
      [90, 5],
    ]);
    expect(angleOfDraft(heap, photo, null)).toBeNull();
    expect(readingOfDraft(heap, photo, null)).toBeNull();
  });
  it("three landmarks do not mind the turn; the plumb line does", () => {
    const three = draft("shoulder-flexion", [
      [100, 300],
      [400, 300],
      [600, 100],
    ]);
    const turned = { ...photo, turn: 30 };
    const straight = angleOfDraft(three, photo, null)!;
    expect(straight.degrees).toBeCloseTo(135, 6);
    expect(angleOfDraft(three, turned, null)!.degrees).toBeCloseTo(135, 6);
    const plumb = draft("hip-abduction", [
      [400, 100],
      [400, 400],
    ]);
    expect(angleOfDraft(plumb, photo, null)!.degrees).toBeCloseTo(0, 6);
    expect(angleOfDraft(plumb, turned, null)!.degrees).toBeCloseTo(30, 6);
  });
  it("becomes the check's reading with its error, and a note of what was read", () => {
    const straight = draft("knee-flexion", [
      [100, 300],
      [400, 300],
      [700, 300],
    ]);
    const reading = readingOfDraft(straight, photo, 0.02)!;
    expect(reading.instrument).toBe("photo");
    expect(reading.value).toBeCloseTo(0, 6);
    expect(reading.se).toBeGreaterThan(readingOfDraft(straight, photo, null)!.se);
    expect(reading.note).toContain("photo limb.jpg: ");
    expect(reading.note).toContain("(50.0 %, 50.0 %)");
    expect(readingOfDraft(straight, { ...photo, turn: 12 }, null)!.note).toContain("turned 12°");
  });
  it("past straight the arc's other side is read", () => {
    const spots: AngleDraft["spots"] = [
      [100, 300],
      [400, 300],
      [690, 260],
    ];
    const over = readingOfDraft(draft("shoulder-flexion", spots, true), photo, null)!;
    const under = readingOfDraft(draft("shoulder-flexion", spots), photo, null)!;
    expect(over.value + under.value).toBeCloseTo(360, 6);
  });
});

describe("the application's own instruments", () => {
  it("are offered where the check allows them", () => {
    expect(toolsOf(protocol("shoulder-flexion"))).toEqual(["photo", "level", "sensor-log"]);
    expect(toolsOf(protocol("knee-to-wall"))).toEqual([]);
    expect(toolsOf(protocol("neck-rotation"))).not.toContain("photo");
  });
  it("name where a reading goes; the mode where there are two", () => {
    expect(targetText({ row: rowFor("shoulder-flexion"), side: "left" })).toBe(
      "Shoulder flexion, passive, left",
    );
    expect(targetText({ row: rowFor("knee-to-wall"), side: "right" })).toBe("Knee to wall, right");
  });
});
