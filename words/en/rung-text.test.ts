import { describe, expect, it } from "vitest";
import { drill } from "#core/test/people";
import { rungOf } from "#core/drill/drill";
import { rungText } from "./rung-text";

describe("a level's own words", () => {
  const roller = drill("calf-roller");
  const rung = rungOf(roller, "roller");
  it("name what stands in, not what is not there", () => {
    const said = rungText(rung, [{ why: "stand-in", wanted: "roller", used: "ball" }]);
    const all = [said.cue, said.setting, ...said.steps].join(" ");
    expect(all).not.toMatch(/roller/i);
    expect(said.setting).toBe("Ball under the calf.");
    expect(said.steps[0]).toBe("Calf on the ball, hands behind.");
  });
  it("stay as they are where nothing stands in", () =>
    expect(rungText(rung, [{ why: "raise" }])).toEqual({
      cue: rung.cue,
      setting: rung.setting,
      steps: rung.steps,
    }));
});
