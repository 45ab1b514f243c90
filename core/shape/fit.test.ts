import { describe, expect, it } from "vitest";
import { aim, athlete, check, skill } from "../test/people";
import { library } from "../../library/index";
import { legLength } from "../body/segments";
import { fitToTape } from "./fit";
import { splitGeometry } from "./splits";

const split = skill("front-split");
const toward = aim({ skillId: "front-split", side: "right" });
const person = athlete({ measures: { legCm: 90 } });
const joints = (on: string, front: number, back: number) => [
  check({ on, protocolId: "straight-leg-raise", side: "right", trials: [front, front] }),
  check({ on, protocolId: "hip-extension", side: "left", trials: [back, back] }),
];
const gapOn = (on: string, cm: number) =>
  check({ on, protocolId: "front-split-gap", side: "right", trials: [cm, cm] });
const fit = (checks: ReturnType<typeof joints>) =>
  fitToTape({ skill: split, aim: toward, athlete: person, checks, library, on: "2026-11-24" });

describe("the split's model against the tape", () => {
  it("finds the allowance a body needs, and says what is left", () => {
    const model = (f: number, e: number) => splitGeometry(f, e, 90).gapCm;
    const found = fit([
      ...joints("2026-10-01", 110, 20),
      gapOn("2026-10-01", model(110, 20) + 5),
      ...joints("2026-11-01", 120, 25),
      gapOn("2026-11-01", 27.1 + 7),
    ])!;
    expect(found.rounds.map(({ model: says }) => Number(says.toFixed(1)))).toEqual([27.1, 38]);
    // Held to nothing within 10 cm, the mean of 5 and 7 gives way a little.
    expect(found.allowance).toBeCloseTo(5.99, 2);
    expect(found.legCm).toBeNull();
    expect(found.residual).toBeCloseTo(1, 1);
  });
  it("fits the leg too where no tape measured it, as far as bodies differ", () => {
    const unmeasured = athlete();
    const leg = legLength(unmeasured.statureCm);
    const days = ["2026-09-01", "2026-10-01", "2026-11-01"];
    const checks = days.flatMap((on, i) => {
      const [front, back] = [90 + 18 * i, 12 + 6 * i];
      return [...joints(on, front, back), gapOn(on, splitGeometry(front, back, leg + 2).gapCm + 3)];
    });
    const found = fitToTape({
      skill: split,
      aim: toward,
      athlete: unmeasured,
      checks,
      library,
      on: "2026-11-24",
    })!;
    expect(found.legCm! - leg).toBeGreaterThan(0.4);
    expect(found.legCm! - leg).toBeLessThan(2.5);
    expect(found.allowance).toBeGreaterThan(2.5);
    expect(found.allowance).toBeLessThan(4.5);
    expect(found.residual).toBeLessThan(0.5);
  });
  it("says nothing where the gap was never measured, or the skill has none", () => {
    expect(fit(joints("2026-11-01", 120, 25))).toBeNull();
    expect(
      fitToTape({
        skill: skill("handstand"),
        aim: aim(),
        athlete: person,
        checks: [gapOn("2026-11-01", 20)],
        library,
        on: "2026-11-24",
      }),
    ).toBeNull();
  });
});
