import { describe, expect, it } from "vitest";
import { gapOf } from "../aim/gap";
import { skillOf } from "../content/library";
import { library } from "../../library/index";
import { bodyFor, shapesOf } from "../shape/solve";
import type { Check } from "../records/records";
import { aim, athlete, check } from "../test/people";
import { spreadOf } from "./shape-spread";

const on = "2026-11-24";
const skill = skillOf(library, "handstand")!;
const both = (protocolId: string, trials: number[]): Check[] =>
  (["left", "right"] as const).map((side) => check({ protocolId, side, on, trials }));
const spread = (checks: Check[]) => {
  const gaps = gapOf({ athlete: athlete(), aim: aim(), skill, checks, library, on });
  return {
    found: spreadOf(skill, { side: "mid" }, bodyFor(athlete()), gaps),
    had: shapesOf(skill, { side: "mid" }, athlete(), gaps).had,
  };
};
const measured = (shoulders: number[]) => [
  ...both("shoulder-flexion", shoulders),
  ...both("wrist-extension", [100, 100, 100]),
  ...both("hip-extension", [20, 20, 20]),
];

describe("how far a shape is known", () => {
  it("lies about the shape, tells the arch's own interval, and names what leaves it open", () => {
    const { found, had } = spread(measured([160, 160, 160]));
    expect(found!.score.low).toBeLessThan(had.score);
    expect(found!.score.high).toBeGreaterThan(found!.score.low);
    expect(found!.size!.high).toBeGreaterThanOrEqual(found!.size!.low);
    expect(found!.mostBy).toBe("shoulder.flexion");
    expect(found!.ends.map(({ score }) => score)).toEqual([found!.score.low, found!.score.high]);
  });

  it("one trial where three are wanted leaves more open than three", () => {
    const width = ({ found }: ReturnType<typeof spread>) => found!.score.high - found!.score.low;
    expect(width(spread(measured([160])))).toBeGreaterThan(
      width(spread(measured([160, 160, 160]))),
    );
  });

  it("of a body of which nothing is measured nothing is said", () => {
    expect(spread([]).found).toBeNull();
  });
});
