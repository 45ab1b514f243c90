import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { aim, athlete, check, skill } from "../test/people";
import { demandsOf, gapOf, marginOf, sidesOfRole, wantsCheck } from "./gap";
import { verdictOf } from "./margin";
import { headlineOf } from "./headline";
import { needsOf, timePressure } from "./priority";
import { sharedMotions } from "./shared";

const gaps = (checks = [check()], over = {}) =>
  gapOf({ athlete: athlete(), aim: aim(over), skill: skill("handstand"), checks, library });
const both = (protocolId: string, left: number, right: number) => [
  check({ protocolId, side: "left", trials: [left, left] }),
  check({ protocolId, side: "right", trials: [right, right] }),
];
const measured = [
  ...both("shoulder-flexion", 158, 161),
  ...both("wrist-extension", 91, 99),
  check({ protocolId: "upper-back-extension", side: "mid", trials: [25, 25] }),
  ...both("hip-extension", 25, 25),
  ...(["left", "right"] as const).map((side) =>
    check({ side, mode: "active", trials: [190, 190] }),
  ),
];

describe("margin and verdict", () => {
  it("158° ± 3 against 180 is 22° short", () =>
    expect(marginOf({ degrees: 158, se: 3 }, 180)).toMatchObject({
      margin: -22,
      verdict: "short",
    }));
  it("is clear from 0.9 and short to 0.1", () =>
    expect([0.9, 0.89, 0.11, 0.1].map(verdictOf)).toEqual(["clear", "unsure", "unsure", "short"]));
  it("more range never lowers the probability", () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 200, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (have, more) => {
          expect(
            marginOf({ degrees: have + more, se: 3 }, 120).probability!,
          ).toBeGreaterThanOrEqual(marginOf({ degrees: have, se: 3 }, 120).probability!);
        },
      ),
    ));
});

describe("the gap", () => {
  it("calls an unmeasured demand unknown, never zero", () => {
    const wrist = gaps().find(({ demand }) => demand.motion === "wrist.extension")!;
    expect(wrist).toMatchObject({ verdict: "unknown", shortage: null, limiter: 0 });
    expect(wrist.sides.every((side) => side.margin === null && side.probability === null)).toBe(
      true,
    );
  });
  it("half a motion measured is still unknown", () =>
    expect(
      gaps([check()])
        .find(({ demand }) => demand.motion === "shoulder.flexion")!
        .sides.map((s) => s.verdict),
    ).toEqual(["short", "unknown"]));
  it("puts what limits most first, and takes the worse side", () => {
    const [first] = gaps(measured);
    expect(first).toMatchObject({
      shortage: 22,
      verdict: "short",
      demand: { motion: "shoulder.flexion" },
    });
    expect(first!.limiter).toBeCloseTo((1.6 * 22) / 100, 6);
  });
  it("what other hands than the usual measured is less certain against the demand", () => {
    const series = ["2026-09-01", "2026-10-01", "2026-11-01"].flatMap((on) => [
      check({ on, trials: [170, 170, 170] }),
    ]);
    const left = (tester: string) =>
      gaps([...series, check({ on: "2026-11-20", trials: [170, 170, 170], tester })]).find(
        ({ demand }) => demand.motion === "shoulder.flexion" && demand.mode === "passive",
      )!.sides[0]!;
    expect(left("Somebody else").have!.se).toBeCloseTo(1.75 * left("T").have!.se, 6);
    expect(left("Somebody else").probability).toBeGreaterThan(left("T").probability!);
  });
  it("looks only at the mode the demand asks", () =>
    expect(
      gaps([check({ mode: "active" })])
        .map(({ demand, sides }) => [
          demand.motion,
          demand.mode,
          sides.some(({ have }) => have !== null),
        ])
        .sort(),
    ).toEqual(
      skill("handstand")
        .demands.map(({ motion, mode }) => [
          motion,
          mode,
          motion === "shoulder.flexion" && mode === "active",
        ])
        .sort(),
    ));
  it("passable asks less", () =>
    expect(
      gaps(measured, { quality: "passable" }).find(
        ({ demand }) => demand.motion === "wrist.extension",
      )!.verdict,
    ).toBe("clear"));
  it("maps the roles of a split to sides and shows the other side too", () => {
    const split = gapOf({
      athlete: athlete(),
      aim: aim({ skillId: "front-split", side: "right" }),
      skill: skill("front-split"),
      checks: both("hip-extension", 20, 24),
      library,
    });
    const back = split.find(({ demand }) => demand.role === "back-leg")!;
    expect(back.sides.map(({ side, asked }) => [side, asked])).toEqual([
      ["left", true],
      ["right", false],
    ]);
    expect(back.shortage).toBe(25);
    const mirroredAim = gapOf({
      athlete: athlete(),
      aim: aim({ skillId: "front-split", side: "left" }),
      skill: skill("front-split"),
      checks: both("hip-extension", 24, 20),
      library,
    });
    expect(mirroredAim.find(({ demand }) => demand.role === "back-leg")!.shortage).toBe(25);
  });
  it("passive range alone does not count as ready in loose joints", () => {
    const loose = athlete({
      intake: {
        on: "2026-09-01",
        yes: [],
        where: [],
        note: "",
        growthSpurt: false,
        beighton: 7,
        clearances: [],
      },
    });
    const [gap] = gapOf({
      athlete: loose,
      aim: aim(),
      skill: skill("handstand"),
      checks: both("hip-extension", 25, 25),
      library,
    }).filter(({ verdict }) => verdict === "clear");
    expect(gap!.passiveOnly).toBe(true);
  });
  it("says which checks would settle it", () =>
    expect(wantsCheck(gaps(measured)).map(({ motion, verdict }) => [motion, verdict])).toEqual([
      ["wrist.extension", "unsure"],
    ]));
  it("sees the past as it was then", () =>
    expect(
      gapOf({
        athlete: athlete(),
        aim: aim(),
        skill: skill("handstand"),
        checks: measured,
        library,
        on: "2026-10-01",
      }).every((gap) => gap.verdict === "unknown"),
    ).toBe(true));
});

describe("the headline", () => {
  it("names what holds it back", () => {
    const { verdict, by } = headlineOf(gaps(measured));
    expect(verdict).toMatchObject({
      says: "short",
      gap: { demand: { motion: "shoulder.flexion" }, shortage: 22 },
      sides: { on: "both" },
    });
    const motions = (some: typeof by.clear) => some.map(({ demand }) => demand.motion);
    expect(motions(by.unsure)).toEqual(["wrist.extension"]);
    expect(motions(by.clear)).toEqual(["thoracic.extension", "hip.extension", "shoulder.flexion"]);
    expect(headlineOf(gaps([])).verdict).toEqual({ says: "nothing-measured" });
  });
  it("does not call a passive range ready in loose joints, and does not praise noise", () => {
    const enough = [
      ...both("shoulder-flexion", 190, 190),
      ...both("wrist-extension", 99, 99),
      ...measured.slice(4),
    ];
    expect(headlineOf(gaps(enough)).verdict).toEqual({ says: "there" });
    const loose = gaps(enough).map((gap) => ({ ...gap, passiveOnly: true }));
    expect(headlineOf(loose).verdict).toEqual({ says: "passive-only" });
  });
});

describe("needs", () => {
  it("the date presses more the nearer it is", () =>
    expect([120, 84, 42, 0].map(timePressure)).toEqual([1, 1, 1.5, 2]));
  it("every term is shown and adds up", () => {
    for (const { weight, terms } of needsOf(gaps(measured), 21))
      expect(weight).toBeCloseTo(
        terms.limiter * terms.timePressure +
          terms.sideDifference +
          terms.unmeasured +
          terms.keeping,
        9,
      );
  });
  it("works the shorter side first, where it really is shorter", () => {
    const sides = (left: number, right: number) =>
      needsOf(
        gaps([
          check({ side: "left", trials: [left, left] }),
          check({ side: "right", trials: [right, right] }),
        ]),
        21,
      ).find(({ motion }) => motion === "shoulder.flexion")!;
    expect(sides(145, 165).shorter).toBe("left");
    expect(sides(145, 165).terms.sideDifference).toBeGreaterThan(0);
    // A difference that the errors explain is none.
    expect(sides(158, 161).shorter).toBeNull();
    expect(sides(158, 161).terms.sideDifference).toBe(0);
  });
});

describe("several aims at once", () => {
  const open = [
    { aim: aim({ by: "2026-12-15" }), name: "Handstand", gaps: gaps(measured) },
    {
      aim: aim({ id: "aim2", skillId: "bridge", by: "2027-02-01" }),
      name: "Bridge",
      gaps: gapOf({
        athlete: athlete(),
        aim: aim({ skillId: "bridge" }),
        skill: skill("bridge"),
        checks: measured,
        library,
      }),
    },
  ];
  it("what they share is worked for once and counts for both", () => {
    const [first, ...rest] = sharedMotions(open, "2026-11-24");
    expect(first!.motion).toBe("shoulder.flexion");
    expect(first!.asks.map(({ name, need }) => [name, need])).toEqual([
      ["Handstand", 180],
      ["Bridge", 185],
    ]);
    expect(first!.weight).toBeCloseTo(
      first!.asks.reduce((sum, { weight }) => sum + weight, 0),
      9,
    );
    for (const { weight } of rest) expect(weight).toBeLessThanOrEqual(first!.weight);
  });
  it("names where the first date asks less than the last", () => {
    const [first] = sharedMotions(open, "2026-11-24");
    expect(first!.conflict).toMatchObject({
      first: { name: "Handstand", need: 180 },
      last: { name: "Bridge", need: 185 },
    });
    expect(
      sharedMotions(open.slice(0, 1), "2026-11-24").every(({ conflict }) => conflict === null),
    ).toBe(true);
  });
});

describe("square or open hips", () => {
  const asked = (hips: "square" | "open") =>
    demandsOf(skill("front-split"), { hips }).map(({ motion, clean }) => `${motion} ${clean}`);
  it("ask other degrees of the back leg", () => {
    expect(asked("square")).toContain("hip.extension 45");
    expect(asked("square").some((text) => text.startsWith("hip.abduction"))).toBe(false);
    expect(asked("open")).toContain("hip.extension 30");
    expect(asked("open")).toContain("hip.abduction 45");
  });
});

describe("roles", () => {
  it("the limb that does the skill is on the aim's side, the one that bears it on the other", () => {
    const behind = skill("leg-behind-tilted").demands;
    const asked = (motion: string) =>
      sidesOfRole(
        behind.find((demand) => demand.motion === motion)!,
        "left",
      ).find(({ asked: is }) => is)!.side;
    expect(asked("hip.extension")).toBe("left");
    expect(asked("hip.flexion-straight")).toBe("right");
  });
});
