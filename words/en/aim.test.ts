import { describe, expect, it } from "vitest";
import { library } from "#library/index";
import { aim, athlete, check, skill } from "#core/test/people";
import { rankedGaps } from "#core/limit/ranked-gaps";
import { headlineOf } from "#core/aim/headline";
import { headlineWhy, headlineWords } from "./aim";

type Values = Partial<Record<"left" | "right" | "mid", number>>;
const measured = (values: Record<string, Values>) =>
  Object.entries(values)
    .flatMap(([protocolId, sides]) =>
      Object.entries(sides).map(([side, value]) =>
        (protocolId === "shoulder-flexion"
          ? (["passive", "active"] as const)
          : (["passive"] as const)
        ).map((mode) =>
          check({
            protocolId,
            side: side as "left",
            mode,
            // What is carried there is held there, unless a test says otherwise.
            trials: mode === "active" ? [195, 195, 195] : [value, value, value],
          }),
        ),
      ),
    )
    .flat();
const says = (values: Record<string, Values>, over: Parameters<typeof aim>[0] = {}) => {
  const own = aim(over);
  const asked = skill(own.skillId);
  const headline = headlineOf(
    rankedGaps({
      ...{ athlete: athlete(), aim: own, skill: asked, checks: measured(values), library },
      logs: [],
    }),
  );
  return { ...headlineWords(headline, asked), why: headlineWhy(headline) };
};
/** A handstand's four motions, well beyond what it asks. */
const plenty = {
  "shoulder-flexion": { left: 195, right: 195 },
  "upper-back-extension": { mid: 40 },
  "wrist-extension": { left: 105, right: 105 },
  "hip-extension": { left: 30, right: 30 },
};

describe("what limits a skill, in one sentence", () => {
  it("names what is missing most, and on which sides", () => {
    const both = { ...plenty, "shoulder-flexion": { left: 150, right: 150 } };
    expect(says(both).title).toBe("The shoulders hold it back: 30° short, both sides.");
    const left = { ...plenty, "shoulder-flexion": { left: 150, right: 195 } };
    expect(says(left).title).toBe("The shoulders hold it back: 30° short, left side.");
    const right = { ...plenty, "shoulder-flexion": { left: 195, right: 150 } };
    expect(says(right).title).toBe("The shoulders hold it back: 30° short, right side.");
    const more = { ...plenty, "shoulder-flexion": { left: 130, right: 160 } };
    expect(says(more).title).toBe("The shoulders hold it back: 50° short, the left side more.");
  });

  it("the middle of the body has no side, and a single part holds", () => {
    expect(says({ ...plenty, "upper-back-extension": { mid: 2 } }).title).toBe(
      "The upper back holds it back: 18° short.",
    );
  });

  it("what comes next, and what is too close to call, stand in the second line", () => {
    const { title, rest } = says({
      ...plenty,
      "shoulder-flexion": { left: 150, right: 150 },
      "upper-back-extension": { mid: 12 },
      "hip-extension": { left: 10, right: 10 },
    });
    expect(title).toContain("shoulders");
    expect(rest).toContain("Upper back next, 8° short.");
    expect(rest).toContain("Hip extension too close to call.");
    expect(rest).toContain("Wrist extension, shoulder flexion by own strength enough.");
  });

  it("where the errors do not tell them apart, both are named and neither is the one", () => {
    const { title, rest } = says(
      {
        "hip-rotation-out-seated": { left: 47, right: 47 },
        "hip-abduction": { left: 37, right: 37 },
        "hip-flexion": { left: 130, right: 130 },
      },
      { skillId: "frog-wall" },
    );
    expect(title).toBe("Too close to say what holds it back: hips turning out or inner thighs.");
    expect(rest).toBe(
      "Hips turning out 8° short. Inner thighs 13° short. Hip flexion, knee bent enough.",
    );
  });

  it("nothing measured is no shortage; something unmeasured is named", () => {
    expect(says({})).toMatchObject({
      title: expect.stringMatching(/^Nothing that .* asks is measured yet\.$/),
    });
    const three = { ...plenty, "hip-extension": {} };
    expect(says(three)).toMatchObject({ title: "Not enough is measured to say." });
    expect(says(three).rest).toContain("Hip extension not measured");
  });

  it("too close to call is not enough, and enough is not praised", () => {
    expect(says({ ...plenty, "wrist-extension": { left: 90, right: 90 } }).title).toBe(
      "Too close to call.",
    );
    const there = says(plenty);
    expect(there.title).toBe(`The range for ${skill("handstand").phrase} is there.`);
    expect(there.rest).toBe("What is left is strength, balance and practice.");
  });

  it("an aim on one side asks its own legs, and says which is short", () => {
    const legs = {
      "hip-extension": { left: 60, right: 10 },
      "straight-leg-hip-flexion": { left: 150, right: 150 },
      "upper-back-extension": { mid: 40 },
    };
    const rightFront = says(legs, { skillId: "front-split", side: "right" });
    expect(rightFront.title).not.toContain("hold it back");
    const leftFront = says(legs, { skillId: "front-split", side: "left" });
    expect(leftFront.title).toBe("The hip flexors hold it back: 35° short, right side.");
  });

  it("why it says so: every demand with its need and limiter value", () => {
    const { why } = says({ ...plenty, "shoulder-flexion": { left: 150, right: 150 } });
    expect(Object.keys(why.inputs)).toHaveLength(5);
    expect(why.inputs["Shoulder flexion, passive"]).toMatch(
      /needs 180°, 30° short, short: about \+\d+° in six weeks would gain [\d.]+ points; first in 10 of 10/,
    );
    expect(why.source).not.toBe("");
  });
});
