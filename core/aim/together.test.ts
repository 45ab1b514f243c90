import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { skillOf } from "../content/library";
import { angleOf, valueOf } from "../measure/value";
import { jointLine } from "../forecast/history";
import { aim, athlete, check, protocol } from "../test/people";
import { answeringChecks, gapOf } from "./gap";
import { type DemandGap } from "./margin";

const on = "2026-11-20";
const tape = (
  protocolId: string,
  cm: number,
  side: "left" | "right" | "mid" = "right",
  over = {},
) =>
  check({ protocolId, on, side, mode: "passive", instrument: "tape", trials: [cm, cm], ...over });
const level = (protocolId: string, degrees: number, side: "left" | "right", over = {}) =>
  check({ protocolId, on, side, mode: "passive", trials: [degrees, degrees], ...over });
const body = athlete({ statureCm: 168, measures: { legCm: 90 } });
const gaps = (skillId: string, checks: ReturnType<typeof check>[], over = {}) =>
  gapOf({
    athlete: body,
    aim: aim({ skillId, side: "right", ...over }),
    skill: skillOf(library, skillId)!,
    checks,
    library,
  });
const of = (all: readonly DemandGap[], motion: string, role: string) =>
  all.find(
    ({ demand }) => demand.motion === motion && demand.role === role && demand.mode === "passive",
  )!;
const asked = (gap: DemandGap) => gap.sides.find((side) => side.asked)!;

describe("a front split by its tape", () => {
  it("a tape of 0 cm and 25° of the back leg is a flat split, not 20° short", () => {
    const all = gaps("front-split", [
      tape("front-split-gap", 0),
      level("hip-extension", 25, "left"),
    ]);
    const [front, back] = [
      of(all, "hip.flexion-straight", "front-leg"),
      of(all, "hip.extension", "back-leg"),
    ];
    expect([front.verdict, back.verdict]).toEqual(["clear", "clear"]);
    // What the front leg has more than its 135°, the back leg needs less of its 45°.
    expect(asked(front).have!.degrees).toBeCloseTo(155, 6);
    expect(back.need).toBeCloseTo(25, 6);
    expect(asked(back).margin).toBeCloseTo(0, 6);
    expect(asked(back).why.rule).toBe("together");
  });
  it("a tape alone says that a split is down, and of one that is not no more than its gap", () => {
    const down = gaps("front-split", [tape("front-split-gap", 0)]);
    expect(of(down, "hip.extension", "back-leg").verdict).toBe("clear");
    const up = gaps("front-split", [tape("front-split-gap", 20)]);
    expect(of(up, "hip.extension", "back-leg")).toMatchObject({
      verdict: "unknown",
      shortage: null,
    });
  });
  it("what the joints add up to is brought to the tape by their errors", () => {
    // 27.1 cm under a leg of 90 is 145°; the joints say 120 + 31 = 151, so 6° too much between them.
    const all = gaps("front-split", [
      tape("front-split-gap", 27.1),
      level("straight-leg-raise", 120, "right"),
      level("hip-extension", 31, "left"),
    ]);
    const front = asked(of(all, "hip.flexion-straight", "front-leg")).have!.degrees;
    const back = asked(of(all, "hip.extension", "back-leg")).have!.degrees;
    expect(front + back).toBeCloseTo(145, 1);
    // Level: 2.5° for the leg raise, 3° for the extension, so the share of the 6° is 6.25 : 9.
    expect(120 - front).toBeCloseTo((6 * 6.25) / 15.25, 1);
    expect(asked(of(all, "hip.extension", "back-leg")).margin).toBeLessThan(-15);
  });
  it("joints that are both younger than the tape stand as they are", () => {
    const later = { on: "2026-11-24" };
    const all = gaps("front-split", [
      tape("front-split-gap", 0),
      level("straight-leg-raise", 120, "right", later),
      level("hip-extension", 25, "left", later),
    ]);
    expect(of(all, "hip.extension", "back-leg")).toMatchObject({ need: 45, shortage: 20 });
  });
  it("only the side that was read is judged by it", () => {
    const all = gaps("front-split", [tape("front-split-gap", 0, "left")]);
    expect(of(all, "hip.extension", "back-leg").verdict).toBe("unknown");
  });
});

describe("a middle split by its tapes", () => {
  it("on the floor is ninety a side, and is met", () => {
    const gap = of(
      gaps("middle-split", [tape("middle-split-gap", 0, "mid")]),
      "hip.abduction",
      "both-sides",
    );
    expect(gap.verdict).toBe("clear");
    expect(gap.sides.map(({ have }) => have!.degrees)).toEqual([90, 90]);
  });
  it("a spread of 150 cm over legs of 90 is 112.9° together, so 56.4° a side", () => {
    const gap = of(
      gaps("middle-split", [tape("middle-split-spread", 150, "mid")]),
      "hip.abduction",
      "both-sides",
    );
    expect(asked(gap).have!.degrees).toBeCloseTo(56.4, 1);
    expect(gap.verdict).toBe("short");
  });
  it("the standing hip cannot answer what it cannot show", () => {
    const all = gaps("middle-split", [
      level("hip-abduction", 48, "left"),
      level("hip-abduction", 48, "right"),
    ]);
    expect(of(all, "hip.abduction", "both-sides").verdict).toBe("unknown");
  });
});

describe("hips turned straight and hips turned bent", () => {
  it("do not answer each other", () => {
    const prone = [
      level("hip-rotation-out-prone", 60, "left"),
      level("hip-rotation-out-prone", 60, "right"),
    ];
    const rotation = (all: readonly DemandGap[]) =>
      all.find(({ demand }) => demand.motion === "hip.external-rotation")!.verdict;
    expect(rotation(gaps("middle-split", prone))).toBe("clear");
    expect(rotation(gaps("leg-side", prone))).toBe("unknown");
  });
});

/** Angles worked by hand: lengths of a body of 165 cm as fractions of its stature. */
const worked: [id: string, cm: number, degrees: number][] = [
  // Hip to ankle 0.491 · 165 = 81.015: a chord of so much is 60°
  ["leg-raise-tape", 81.015, 60],
  ["hip-extension-tape", 28.136, 20],
  // Shin 0.246 · 165 = 40.59: asin(20.295 / 40.59)
  ["hip-rotation-out-seated-tape", 20.295, 30],
  // Thigh 0.245 · 165 = 40.425: 90 + asin(20.21 / 40.425)
  ["hip-flexion-tape", 20.2125, 120],
  // Thigh 40.425 and shin 40.59: √(2 · 40.425 · 40.59 · …) with a right angle between them
  ["heel-to-hip", 57.286, 90],
  // 0.75 · 0.152 · 165 = 18.81: 90 − asin((6.5 − 6.5) / 18.81)
  ["toe-height", 6.5, 90],
  ["toe-height", 15.905, 60],
  // 0.7 · 0.152 · 165 = 17.556: 90 − asin(8.778 / 17.556)
  ["rise-tape", 8.778, 60],
  // Arm (0.186 + 0.146 + 0.054) · 165 = 63.69, 7 cm allowed: at 7 cm straight up
  ["wall-arm", 7, 180],
  ["wall-arm", 38.845, 150],
  // Arm to the wrist 0.332 · 165 = 54.78
  ["arm-back-tape", 54.78, 60],
  ["lean-over-hands", 0, 90],
  ["lean-over-hands", -27.39, 60],
  // Trunk 0.288 · 165 = 47.52
  ["press-up-tape", 23.76, 30],
  ["leg-side-height", 114.57, 90],
];

describe("lengths that stand for angles", () => {
  for (const [id, cm, degrees] of worked)
    it(`${id}: ${cm} cm is ${degrees}°`, () => {
      const by = protocol(id);
      const value = valueOf({ trials: [cm, cm], instrument: "tape" }, by);
      const angle = angleOf(value, by, { statureCm: 165 })!;
      expect(angle.degrees).toBeCloseTo(degrees, 1);
      expect(angle.se).toBeGreaterThan(0);
      expect(angle.se).toBeLessThan(9);
    });
  it("where the wall ends the reading, it says at least so much", () => {
    const by = protocol("wall-arm");
    const at = (cm: number) =>
      angleOf(valueOf({ trials: [cm, cm], instrument: "tape" }, by), by, { statureCm: 165 })!;
    expect([at(0).atLeast, at(1).atLeast]).toEqual([true, false]);
  });
});

describe("what a skill asks can be shown by what answers it", () => {
  const shown = (id: string, reading: number): number => {
    const by = protocol(id);
    const value = valueOf({ trials: [reading], instrument: by.instruments[0]!.id }, by);
    const angle = angleOf(value, by, { statureCm: 168 })!.degrees;
    return by.together.some(({ leg }) => leg === "both-sides") ? angle / 2 : angle;
  };
  it("no demand lies beyond its check's own range", () => {
    const beyond = library.skills.flatMap((skill) =>
      skill.demands.flatMap((demand) =>
        answeringChecks(demand, library).flatMap((by) => {
          const best = by.better === "more" ? by.athletic[1] : by.athletic[0];
          // Half a degree for figures that a tape rounds.
          return shown(by.id, best) + 0.5 < demand.clean
            ? [`${skill.id}: ${demand.motion} ${demand.clean}° by ${by.id}, ${shown(by.id, best)}°`]
            : [];
        }),
      ),
    );
    expect(beyond).toEqual([]);
  });
  it("every demand has a check", () => {
    const without = library.skills.flatMap((skill) =>
      skill.demands
        .filter((demand) => answeringChecks(demand, library).length === 0)
        .map((demand) => `${skill.id} ${demand.motion} ${demand.mode}`),
    );
    expect(without).toEqual([]);
  });
});

describe("a check of both legs together, over time", () => {
  it("speaks of either leg in its own degrees", () => {
    const by = protocol("middle-split-spread");
    const checks = [
      tape("middle-split-spread", 140, "mid", { on: "2026-10-01" }),
      tape("middle-split-spread", 150, "mid", { on: "2026-11-01" }),
    ];
    const line = jointLine(checks, by, body, { side: "left", mode: "passive" })!;
    // 2 · asin(w / 180) over legs of 90: 102.1° and 112.9°, half each.
    expect(line.points.map(({ degrees }) => Number(degrees.toFixed(1)))).toEqual([51.1, 56.4]);
    expect(jointLine(checks, by, body, { side: "left", mode: "active" })).toBeUndefined();
  });
});
