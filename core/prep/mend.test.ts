import { bodyWith } from "../test/bodies";
import { againstWords } from "../../words/en/prep";
import { describe, expect, it } from "vitest";
import { drill, item } from "../test/people";
import { asked, placeWith } from "../test/planning";
import { library } from "../../library/index";
import { mended, orderTerms } from "./mend";
import { breaches } from "./order";
import { planPrep } from "./plan";
import { eligibility } from "./eligible";
import { prepWorth } from "./worth";

const pulse = item("pulse", { type: "time", sets: 1, seconds: 60, rest: 0 });
const opener = item("hip-flexor", { type: "hold", sets: 2, seconds: 20, rest: 10 });
const line = item("wall-line", { type: "hold", sets: 1, seconds: 20, rest: 0 });

describe("mending", () => {
  const mobility = asked("front-split", "mobility");
  it("puts a missing raise in, first", () => {
    const { items, added, removed } = mended([opener], mobility);
    expect(drill(items[0]!.drillId).phase).toBe("raise");
    expect([added.length, removed.length]).toEqual([1, 0]);
  });
  it("puts missing wrist work before the weight on the hands", () => {
    const { items } = mended([pulse, line], asked("handstand", "mobility"));
    const wrists = items.findIndex(({ drillId }) => drill(drillId).preparesHands);
    expect(wrists).toBeGreaterThanOrEqual(0);
    expect(wrists).toBeLessThan(items.findIndex(({ drillId }) => drillId === "wall-line"));
  });
  it("takes out what nothing makes safe, and names it", () => {
    const nowhere = asked("front-split", "mobility", {
      library: { ...library, drills: library.drills.filter(({ phase }) => phase !== "raise") },
    });
    const { items, removed } = mended([opener], nowhere);
    expect(items).toEqual([]);
    expect(removed).toEqual(["hip-flexor"]);
  });
  it("leaves any plan of the planner as it is", () => {
    for (const format of [
      "warm-up",
      "mobility",
      "five-segments",
      "issue-prep",
      "position-series",
    ]) {
      const request = asked("handstand", format, { flagged: ["wrist"], loadsHands: true });
      const { items } = planPrep(request);
      expect(breaches(items, library, orderTerms(request)), format).toEqual([]);
      expect(mended(items, request), format).toEqual({ items, added: [], removed: [] });
    }
  });
});

describe("why a drill is out", () => {
  const why = (id: string, over = {}) => {
    const found = eligibility(drill(id), asked("handstand", "mobility", over));
    return "reason" in found ? againstWords(found.reason) : null;
  };
  it.each([
    [
      "pulse",
      {
        place: placeWith([], { silent: true }),
        nextSteps: new Map([
          [
            "pulse",
            {
              drillId: "pulse",
              rungId: "march",
              dose: pulse.dose,
              change: "stop" as const,
              causes: [{ cause: "stopped" as const, sharp: true, pain: 3 }],
            },
          ],
        ]),
      },
      "stopped after sharp pain last time",
    ],
    [
      "prayer",
      { place: placeWith(["box"], { noFloor: true }) },
      "no floor to kneel or lie on here",
    ],
    [
      "on-all-fours",
      { place: placeWith([], { space: "spot" as const }) },
      "needs more room than Here has",
    ],
    ["run", { place: placeWith([], { silent: true }) }, "heard through the floor"],
    ["thigh-deepen", { body: bodyWith({ bornOn: "2014-01-01" }) }, "growing: not this"],
    ["hang-feet-down", { place: placeWith(["wall"]) }, "needs bar, not at this place"],
    ["split-series", {}, "rehearses another skill"],
  ])("%s", (id, over, reason) => expect(why(id, over)).toBe(reason));
  it("a bar is answered by rings, and the plan would say so", () => {
    const found = eligibility(
      drill("hang-feet-down"),
      asked("handstand", "mobility", { place: placeWith(["rings"]) }),
    );
    expect("places" in found && found.places[0]!.replaced).toEqual([
      { why: "stand-in", wanted: "bar", used: "rings" },
    ]);
  });
});

describe("what it is worth", () => {
  it("more of what is needed is worth more, what is not needed nothing", () => {
    const request = asked("front-split", "mobility");
    const longer = { ...opener, dose: { ...opener.dose, sets: 4 } as typeof opener.dose };
    expect(prepWorth([longer], request)).toBeGreaterThan(prepWorth([opener], request));
    expect(prepWorth([pulse], request)).toBe(0);
    expect(prepWorth([], request)).toBe(0);
  });
});
