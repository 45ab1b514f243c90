import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { MotionId, motionOf, motionRegistry, motionRows } from "./motions";

describe("joint motions", () => {
  it("a new one is a row: its name, joint, usual range and opposites are then known everywhere", () => {
    const { Id, of } = motionRegistry({
      ...motionRows,
      "elbow.flexion": {
        joint: "elbow" as const,
        name: "Elbow flexion",
        part: "elbows in the bend",
        usual: 145,
        opposes: ["elbow.extension"],
      },
    });
    expect(Id.parse("elbow.flexion")).toBe("elbow.flexion");
    expect(of("elbow.flexion")).toEqual({
      id: "elbow.flexion",
      joint: "elbow",
      name: "Elbow flexion",
      part: "elbows in the bend",
      sided: true,
      usual: 145,
      opposes: ["elbow.extension"],
    });
    expect(Id.options).toEqual([...MotionId.options, "elbow.flexion"]);
    expect(of("wrist.extension")).toEqual(motionOf("wrist.extension"));
  });
  it("a row that speaks of a motion there is not is refused", () => {
    const lone = {
      joint: "knee" as const,
      name: "K",
      part: "k",
      usual: 1,
      opposes: ["knee.twist"],
    };
    expect(() => motionRegistry({ lone })).toThrow("knee.twist");
  });
  it("what opposes a motion is opposed by it", () => {
    for (const id of MotionId.options)
      for (const other of motionOf(id).opposes)
        expect([id, other, motionOf(other).opposes.includes(id)]).toEqual([id, other, true]);
  });
  it("every motion that the library asks has a row", () => {
    for (const { demands } of library.skills)
      for (const { motion } of demands) expect(motionOf(motion).usual).toBeTypeOf("number");
  });
});
