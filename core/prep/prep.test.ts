import { bodyWith, lockedAt, noIntake, wellToday } from "../test/bodies";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { gapOf } from "../aim/gap";
import { needsOf } from "../aim/priority";
import { clock, workSeconds, writeDose, type Dose } from "../drill/dose";
import type { Place } from "../records/records";
import { library } from "../../library/index";
import { aim, athlete, check, drill, item, skill } from "../test/people";
import { eligibility } from "./eligible";
import { againstWords, breachWords, noteWords } from "../../words/en/prep";
import { breaches } from "./order";
import { benefit } from "./benefit";
import { formatOf } from "../content/library";
import { fillExactly } from "./fill";
import { planPrep, type PlanRequest } from "./plan";
import { itemSeconds, prepSeconds, secondsOf, timelineOf, transition } from "./timeline";

/** The first rule an order breaks, in words; null when it is safe. */
const unsafeOrder = (
  items: Parameters<typeof breaches>[0],
  of: typeof library,
  alreadyWarm: boolean,
) => {
  const [first] = breaches(items, of, { alreadyWarm });
  return first ? breachWords(first) : null;
};

const hold: Dose = { type: "hold", sets: 2, seconds: 30, rest: 5 };
const contractRelax: Dose = { type: "contract-relax", rounds: 3, contract: 10, deepen: 25 };

describe("time, to the second", () => {
  it("work per side", () => {
    expect(workSeconds(hold)).toBe(60);
    expect(workSeconds({ type: "reps", sets: 2, reps: 10, tempo: 1.5, rest: 0 })).toBe(30);
    expect(workSeconds(contractRelax)).toBe(105);
  });
  it("item = set-up + Σ over sets and sides of work + rests + side changes", () => {
    const opener = drill("hip-flexor");
    expect(itemSeconds(hold, opener, ["left", "right"])).toBe(
      opener.setUp + 2 * (30 + 5 + 30) + opener.sideChange,
    );
    expect(itemSeconds(contractRelax, drill("prayer"), [])).toBe(drill("prayer").setUp + 3 * 35);
  });
  it("a prep is its items and the transitions between them", () => {
    const items = [
      item("pulse", { type: "time", sets: 1, seconds: 120, rest: 0 }),
      item("cat-camel", { type: "reps", sets: 1, reps: 10, tempo: 4, rest: 0 }),
    ];
    expect(prepSeconds(items, library)).toBe(120 + 10 + drill("cat-camel").setUp + 40);
  });
  it("fetching kit takes 20 s, changing position 10, neither 0; the wall is always there", () => {
    const here = { position: "all-fours" as const, kit: [] };
    expect(transition(null, here)).toBe(0);
    expect(transition(here, { position: "all-fours", kit: [] })).toBe(0);
    expect(transition(here, { position: "inverted", kit: ["wall"] })).toBe(10);
    expect(transition(here, { position: "supine", kit: ["roller"] })).toBe(20);
    expect(
      transition({ position: "supine", kit: ["roller"] }, { position: "supine", kit: ["roller"] }),
    ).toBe(0);
  });
  it("sides are worked one after the other, in the order given, with one change between", () => {
    const steps = timelineOf([item("hip-flexor", hold, { sides: ["right", "left"] })], library);
    expect(steps.filter((step) => step.kind === "work").map((step) => step.side)).toEqual([
      "right",
      "right",
      "left",
      "left",
    ]);
    expect(steps.filter((step) => step.kind === "side-change")).toHaveLength(1);
  });
  it("is written as a coach writes it", () => {
    expect([
      writeDose(hold),
      writeDose(contractRelax),
      writeDose({ type: "time", sets: 1, seconds: 150, rest: 0 }),
      clock(754),
    ]).toEqual(["2 × 30 s", "3 × (10 + 25 s)", "2:30", "12:34"]);
  });
});

describe("the length of a prep", () => {
  it("is the sum of its timeline, for any drills, doses and sides", () => {
    const doses: fc.Arbitrary<Dose> = fc.oneof(
      fc.record({
        type: fc.constant("hold" as const),
        sets: fc.integer({ min: 1, max: 5 }),
        seconds: fc.integer({ min: 5, max: 90 }),
        rest: fc.integer({ min: 0, max: 30 }),
      }),
      fc.record({
        type: fc.constant("reps" as const),
        sets: fc.integer({ min: 1, max: 5 }),
        reps: fc.integer({ min: 1, max: 30 }),
        tempo: fc.constantFrom(1, 1.5, 2, 4),
        rest: fc.integer({ min: 0, max: 30 }),
      }),
      fc.record({
        type: fc.constant("contract-relax" as const),
        rounds: fc.integer({ min: 1, max: 4 }),
        contract: fc.integer({ min: 5, max: 10 }),
        deepen: fc.integer({ min: 10, max: 40 }),
      }),
    );
    const items = fc.array(
      fc
        .record({
          entry: fc.constantFrom(...library.drills),
          dose: doses,
          rung: fc.nat({ max: 2 }),
        })
        .map(({ entry, dose, rung }) => item(entry.id, dose, { rungId: entry.rungs[rung]!.id })),
      { maxLength: 10 },
    );
    fc.assert(
      fc.property(items, (list) => {
        expect(prepSeconds(list, library)).toBe(secondsOf(timelineOf(list, library)));
      }),
    );
  });
});

describe("safe order", () => {
  const raise = item("pulse", { type: "time", sets: 1, seconds: 120, rest: 0 });
  it("wants temperature before stretching, unless already warm", () => {
    expect(unsafeOrder([item("prayer", hold), raise], library, false)).toContain("Cold tissue");
    expect(unsafeOrder([raise, item("prayer", hold)], library, false)).toBeNull();
    expect(unsafeOrder([item("prayer", hold)], library, true)).toBeNull();
  });
  it("wants the wrists before weight on the hands", () => {
    expect(unsafeOrder([raise, item("wall-line", hold)], library, false)).toContain(
      "wrists, forearms and fingers goes first",
    );
    expect(
      unsafeOrder([raise, item("hands-ready", hold), item("wall-line", hold)], library, false),
    ).toBeNull();
  });
  it("wants the wind-down last", () =>
    expect(
      unsafeOrder([raise, item("settle", hold), item("leg-swings", hold)], library, false),
    ).toContain("wind-down"));
});

describe("what is fit to be used", () => {
  const situation = {
    format: formatOf(library, "mobility")!,
    needs: [],
    skills: ["handstand"],
    place: null,
    body: wellToday,
    dropped: [],
    nextSteps: new Map(),
  };
  const needing = { ...situation, needs: needs() };
  const place = (...kit: Place["kit"]): Place => ({
    kind: "place",
    id: "x",
    name: "x",
    kit,
    bands: [],
    weights: [],
    space: "room",
    silent: false,
    noFloor: false,
    note: "",
  });
  const reason = (...args: Parameters<typeof eligibility>) => {
    const result = eligibility(...args);
    return "reason" in result ? againstWords(result.reason) : null;
  };
  it("leaves out what another skill rehearses and what serves nothing", () => {
    expect(reason(drill("split-series"), situation)).toBe("rehearses another skill");
    expect(reason(drill("ankle-bend"), needing)).toBe("serves no joint that this aim asks for");
  });
  it("takes a lower rung where the kit is missing, and says so", () => {
    const next = new Map([
      [
        "prayer",
        {
          drillId: "prayer",
          rungId: "box",
          dose: contractRelax,
          change: "same" as const,
          causes: [],
          chosen: null,
          proposed: null,
        },
      ],
    ]);
    const at = (p: Place) =>
      eligibility(drill("prayer"), { ...needing, place: p, nextSteps: next });
    expect(at(place("box"))).toMatchObject({ places: [{ rung: { id: "box" }, replaced: [] }] });
    expect(at(place("chair"))).toMatchObject({
      places: [
        { rung: { id: "box" }, replaced: [{ why: "stand-in", wanted: "box", used: "chair" }] },
      ],
    });
    expect(at(place("wall"))).toMatchObject({
      places: [
        {
          rung: { id: "floor" },
          replaced: [{ why: "instead", against: { why: "kit", missing: ["box"] } }],
        },
      ],
    });
    expect(reason(drill("roller"), { ...needing, place: place("wall") })).toBe(
      "needs roller, not at this place",
    );
  });
  it("keeps a locked place out", () =>
    expect(reason(drill("prayer"), { ...needing, body: lockedAt(["shoulder"]) })).toContain(
      "locked after pain",
    ));
  it("keeps inversions out until heart or pressure conditions are cleared, and passive end range out of loose joints", () => {
    const body = bodyWith({ intake: { ...noIntake, yes: ["pressure"], beighton: 7 } });
    expect(reason(drill("wall-line"), { ...needing, body })).toContain("blood or eye pressure");
    const loose = bodyWith({ intake: { ...noIntake, beighton: 7 } });
    expect(reason(drill("prayer"), { ...needing, body: loose })).toContain("loose joints");
    expect(reason(drill("lift-offs"), { ...needing, body })).toBeNull();
  });
  it("before training: no hold over 30 s, no wind-down", () => {
    const next = new Map([
      [
        "squat-sit",
        {
          drillId: "squat-sit",
          rungId: "free",
          dose: { type: "hold" as const, sets: 1, seconds: 90, rest: 0 },
          change: "more" as const,
          causes: [],
          chosen: null,
          proposed: null,
        },
      ],
    ]);
    expect(
      eligibility(drill("squat-sit"), {
        ...needing,
        needs: [{ ...needs()[0]!, motion: "hip.flexion" }],
        skills: ["deep-squat"],
        format: formatOf(library, "warm-up")!,
        nextSteps: next,
      }),
    ).toMatchObject({ places: [{ dose: { seconds: 30 } }] });
    expect(
      reason(drill("settle"), { ...needing, format: formatOf(library, "warm-up")! }),
    ).toContain("winding down");
  });
});

function needs() {
  const both = (protocolId: string, value: number) => [
    check({ protocolId, side: "left", trials: [value, value] }),
    check({ protocolId, side: "right", trials: [value + 2, value + 2] }),
  ];
  const checks = [
    ...both("shoulder-flexion", 158),
    ...both("wrist-extension", 88),
    check({ protocolId: "upper-back-extension", side: "mid", trials: [6, 6] }),
  ];
  return needsOf(
    gapOf({ athlete: athlete(), aim: aim(), skill: skill("handstand"), checks, library }),
    21,
  );
}

describe("the plan", () => {
  const request = (over: Partial<PlanRequest> = {}): PlanRequest => ({
    format: formatOf(library, "warm-up")!,
    budget: 900,
    alreadyWarm: false,
    library,
    kept: [],
    needs: needs(),
    skills: ["handstand"],
    place: null,
    body: wellToday,
    dropped: [],
    nextSteps: new Map(),
    ...over,
  });
  const budgets = fc.integer({ min: 5, max: 45 }).map((minutes) => minutes * 60);
  const sessions = fc.constantFrom("warm-up", "mobility").map((id) => formatOf(library, id)!);

  it("is never over its minutes, in safe order, and full to the second or says why", () =>
    fc.assert(
      fc.property(budgets, sessions, fc.boolean(), (budget, format, alreadyWarm) => {
        const plan = planPrep(request({ budget, format, alreadyWarm }));
        expect(plan.seconds).toBeLessThanOrEqual(budget);
        expect(unsafeOrder(plan.items, library, alreadyWarm)).toBeNull();
        if (budget - plan.seconds > 15)
          expect(plan.note).toEqual({ note: "left", seconds: budget - plan.seconds });
        else expect([null, "not-warm"]).toContain(plan.note?.note ?? null);
        if (alreadyWarm || budget >= 900) expect(plan.note?.note).not.toBe("not-warm");
      }),
      { numRuns: 30 },
    ));
  it("fills 10, 15 and 20 minutes exactly", () => {
    for (const minutes of [10, 15, 20])
      expect(planPrep(request({ budget: minutes * 60 })).seconds).toBe(minutes * 60);
  });
  it("never loses the raise, which is at least a minute, unless already warm", () => {
    for (const budget of [180, 300, 600])
      expect(planPrep(request({ budget })).items[0]).toMatchObject({
        phase: "raise",
        dose: { type: "time" },
      });
    expect(
      (planPrep(request({ budget: 180 })).items[0]!.dose as { seconds: number }).seconds,
    ).toBeGreaterThanOrEqual(60);
    expect(
      planPrep(request({ alreadyWarm: true })).items.some((entry) => entry.phase === "raise"),
    ).toBe(false);
  });
  it("keeps what is locked as it is", () => {
    const kept = item(
      "cat-camel",
      { type: "reps", sets: 3, reps: 14, tempo: 4, rest: 5 },
      { pinned: true },
    );
    for (const budget of [600, 1200])
      expect(planPrep(request({ budget, kept: [kept] })).items).toContainEqual(kept);
  });
  it("says when what is locked does not fit", () => {
    const kept = item(
      "prayer",
      { type: "contract-relax", rounds: 6, contract: 20, deepen: 60 },
      { pinned: true },
    );
    expect(noteWords(planPrep(request({ budget: 240, kept: [kept] })).note!)).toMatch(
      /takes \d+ s more than there is/,
    );
  });
  it("every drill is in, or is left out with a reason", () => {
    const plan = planPrep(request({ dropped: ["prayer"] }));
    expect(
      new Set([
        ...plan.items.map((entry) => entry.drillId),
        ...plan.leftOut.map((entry) => entry.drillId),
      ]).size,
    ).toBe(library.drills.length);
    expect(againstWords(plan.leftOut.find((entry) => entry.drillId === "prayer")!.reason)).toBe(
      "dropped by hand",
    );
    for (const entry of plan.items) expect(entry.why).not.toEqual([]);
  });
  it("serves the largest need first when time is short", () =>
    expect(
      planPrep(request({ budget: 300 })).items.some((entry) =>
        entry.serves.includes("shoulder.flexion"),
      ),
    ).toBe(true));
  it("works the shorter side first", () => {
    const plan = planPrep(
      request({
        format: formatOf(library, "mobility")!,
        budget: 1800,
        needs: [{ ...needs()[0]!, motion: "hip.extension", shorter: "right" }],
        skills: ["front-split"],
      }),
    );
    expect(plan.items.find((entry) => entry.drillId === "hip-flexor")!.sides).toEqual([
      "right",
      "left",
    ]);
  });
  it("a session of its own ends by winding down", () =>
    expect(
      planPrep(request({ format: formatOf(library, "mobility")!, budget: 1800 })).items.at(-1)!
        .phase,
    ).toBe("settle"));
  it("is the same every time", () => expect(planPrep(request())).toEqual(planPrep(request())));
  it("after a reorder the raise takes up the seconds again", () => {
    const plan = planPrep(request());
    const moved = [plan.items[0]!, ...plan.items.slice(1).reverse()];
    expect(prepSeconds(fillExactly(moved, { budget: 900, library }), library)).toBeLessThanOrEqual(
      900,
    );
  });
  it("benefit: full to 120 s, half to 300, a fifth to 600, then none", () =>
    expect([60, 120, 180, 300, 600, 900].map(benefit)).toEqual([60, 120, 150, 210, 270, 270]));
});
