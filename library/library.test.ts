import { describe, expect, it } from "vitest";
import { drawingOf } from "../core/figure/drawing";
import { propShapes } from "../core/figure/props";
import { KitItem } from "../core/drill/kit";
import { phases } from "../core/drill/drill";
import { MotionId } from "../core/body/motions";
import { drillsFor } from "../core/content/library";
import { library } from "./index";

const rungs = library.drills.flatMap((drill) =>
  drill.rungs.map((rung) => ({ drill, rung, name: `${drill.id}/${rung.id}` })),
);
const pictures = [
  ...rungs.map(({ name, rung }) => ({ name, picture: rung.picture })),
  ...library.protocols.map(({ id, picture }) => ({ name: id, picture })),
];
/** Skills that a drill rehearses; the drills of the others are still to be written. */
const rehearsed = library.skills.filter(({ id }) =>
  library.drills.some(({ toward }) => toward.includes(id)),
);
const unique = (ids: string[]) => expect(new Set(ids).size).toBe(ids.length);

describe("the library", () => {
  it("has the skills, checks and drills of the first walk", () => {
    expect(library.skills.length).toBeGreaterThanOrEqual(36);
    expect(library.protocols.length).toBeGreaterThanOrEqual(6);
    expect(library.drills.length).toBeGreaterThanOrEqual(12);
    for (const { id, rungs: ladder } of library.drills)
      expect(ladder.length, id).toBeGreaterThanOrEqual(3);
  });
  it("has a check for every motion there is, and forty in all", () => {
    expect(library.protocols.length).toBeGreaterThanOrEqual(40);
    for (const motion of MotionId.options)
      expect(
        library.protocols.some((protocol) => protocol.motion === motion),
        motion,
      ).toBe(true);
  });
  it("says of every check how it is done, with what, how well, and who must not", () => {
    for (const protocol of library.protocols) {
      const { id, possible, usual, athletic, instruments, photo, points, reading, picture } =
        protocol;
      for (const [low, high] of [usual, athletic]) {
        expect(low, id).toBeLessThanOrEqual(high);
        expect(low >= possible[0] && high <= possible[1], id).toBe(true);
      }
      unique(instruments.map((one) => one.id));
      for (const { source } of instruments) expect(source.length, id).toBeGreaterThan(8);
      expect(
        instruments.some((one) => one.id === "photo"),
        id,
      ).toBe(photo !== undefined);
      if (reading === "count" && points.length > 0) expect(possible[1], id).toBe(points.length);
      expect(picture.end && picture.instrument, id).toBeTruthy();
      expect(protocol.involves.length, id).toBeGreaterThan(0);
    }
  });
  it("has no identifier twice", () => {
    unique(library.skills.map(({ id }) => id));
    unique(library.protocols.map(({ id }) => id));
    unique(library.drills.map(({ id }) => id));
    for (const { rungs: ladder } of library.drills) unique(ladder.map(({ id }) => id));
  });
  it("has a check for every motion that a skill asks", () => {
    for (const { motion } of library.skills.flatMap(({ demands }) => demands))
      expect(
        library.protocols.some((protocol) => protocol.motion === motion),
        motion,
      ).toBe(true);
  });
  it("has drills for every motion of the skills that can be rehearsed", () => {
    const asked = rehearsed.flatMap(({ demands }) => demands).filter(({ hips }) => hips !== "open");
    for (const { motion } of asked)
      expect(
        library.drills.filter(({ serves }) => serves.some((entry) => entry.motion === motion))
          .length,
        motion,
      ).toBeGreaterThanOrEqual(2);
  });
  it("says of every skill what it asks, what happens without it, and on what it stands", () => {
    for (const { id, standsOn, demands, cautions, firstChecks } of library.skills) {
      for (const easier of standsOn)
        expect(
          library.skills.some((skill) => skill.id === easier && easier !== id),
          id,
        ).toBe(true);
      for (const { how, missing, source } of demands)
        for (const text of [how, missing, source]) expect(text.length, id).toBeGreaterThan(3);
      expect(cautions.length * firstChecks.length, id).toBeGreaterThan(0);
    }
  });
  it("says who decides where readiness is not a matter of range", () => {
    for (const id of ["full-pointe", "one-arm-line", "bridge", "back-walkover"])
      expect(library.skills.find((skill) => skill.id === id)!.decides, id).not.toBe("");
  });
  it("finds the drills of a motion, those that give it most first", () => {
    const shoulders = drillsFor(library, "shoulder.flexion").map(({ id }) => id);
    expect(shoulders[0]).toBe("prayer");
    expect(shoulders).toContain("lift-offs");
    expect(shoulders).not.toContain("ankle-bend");
  });
  it("rehearses every skill, and fills every phase", () => {
    for (const { id } of rehearsed)
      expect(
        library.drills.some(({ kind, toward }) => kind === "skill" && toward.includes(id)),
        id,
      ).toBe(true);
    for (const phase of phases)
      expect(
        library.drills.some((drill) => drill.phase === phase),
        phase,
      ).toBe(true);
  });
  it("names only what there is", () => {
    for (const { firstChecks } of library.skills)
      for (const id of firstChecks)
        expect(
          library.protocols.some((protocol) => protocol.id === id),
          id,
        ).toBe(true);
    for (const { toward } of library.drills)
      for (const id of toward)
        expect(
          library.skills.some((skill) => skill.id === id),
          id,
        ).toBe(true);
    for (const { rung, name } of rungs)
      for (const item of rung.kit) expect(KitItem.options, name).toContain(item);
  });
  it("asks more of a clean skill than of a passable one", () => {
    for (const { id, demands } of library.skills)
      for (const { clean, passable } of demands) expect(clean, id).toBeGreaterThan(passable);
  });
  it("keeps holds before training at 30 s or less, and starts inside its own range", () => {
    for (const { rung, name } of rungs) {
      if (rung.warmUp?.type === "hold") expect(rung.warmUp.seconds, name).toBeLessThanOrEqual(30);
      expect(rung.warmUp ?? rung.session, name).not.toBeNull();
      const dose = rung.session;
      if (dose?.type === "reps")
        expect(dose.reps >= rung.range.from && dose.reps <= rung.range.to, name).toBe(true);
      if (dose?.type === "hold")
        expect(dose.seconds >= rung.range.from && dose.seconds <= rung.range.to, name).toBe(true);
    }
  });
  it("draws every picture: on the floor, within a body's reach, with its props", () => {
    for (const { name, picture } of pictures)
      for (const pose of picture.end ? [picture.start, picture.end] : [picture.start]) {
        const drawing = drawingOf(pose, picture.view);
        expect(drawing.outline, name).not.toContain("NaN");
        expect(drawing.bounds.bottom, name).toBeCloseTo(0, 1);
        expect(drawing.bounds.right - drawing.bounds.left, name).toBeLessThan(160);
        for (const shape of picture.props.flatMap((prop) => propShapes(prop, drawing)))
          for (const value of Object.values(shape))
            if (typeof value === "number") expect(Number.isFinite(value), name).toBe(true);
      }
  });
  it("moves between start and end", () => {
    for (const { name, picture } of pictures) {
      // Fingers and toes move in the close-up alone.
      const look = { azimuth: picture.view, fine: picture.closeUp !== undefined };
      if (picture.end)
        expect(drawingOf(picture.end, look).outline, name).not.toBe(
          drawingOf(picture.start, look).outline,
        );
    }
  });
});
