import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { DayNote } from "../records/records";
import type { NextChosen } from "../records/athlete";
import { library } from "../../library/index";
import { prepSeconds } from "../prep/timeline";
import { planPrep } from "../prep/plan";
import { athlete, check, drill, item, log, logItem, protocol } from "../test/people";
import { asked } from "../test/planning";
import { workSeconds, type Dose } from "../drill/dose";
import { drillOf } from "../content/library";
import { plusDays } from "../dates/days";
import { painLocks } from "../safety/pain";
import { sideDifferences } from "../aim/sides";
import { restartAfter } from "./after-break";
import { nextSteps } from "./next-step";
import { extraFor, shorterSides } from "./shorter-side";
import { isFor, tenderJoints, thirdLess } from "./soreness";
import { stopsOf } from "./stops";

const cat = drill("cat-camel");
const reps = (count: number, sets = 1): Dose => ({
  type: "reps",
  sets,
  reps: count,
  tempo: 4,
  rest: 0,
});
const day = (on: string, soreness: number | null, over: Partial<DayNote> = {}): DayNote => ({
  kind: "day",
  id: `d-${on}`,
  athleteId: "a1",
  on,
  sleep: null,
  energy: null,
  soreness,
  sore: ["thoracic"],
  ...over,
});
const step = (
  logs: Parameters<typeof nextSteps>[1],
  around: Parameters<typeof nextSteps>[2] = {},
) => nextSteps(library, logs, around).get("cat-camel")!;

describe("after a break", () => {
  const done = [log("2026-11-01", [logItem("cat-camel", { rungId: "lifted", planned: reps(10) })])];
  it("it begins lower, by the length of the break", () => {
    const at = (days: number) => step(done, { on: plusDays("2026-11-01", days) });
    const rungs = cat.rungs.map(({ id }) => id);
    const own = rungs.indexOf("lifted");
    expect(at(5)).toMatchObject({ change: "same", rungId: "lifted" });
    expect(at(12)).toMatchObject({ change: "restart", rungId: "lifted" });
    expect(at(25)).toMatchObject({ change: "restart", rungId: rungs[own - 1] });
    expect(at(60)).toMatchObject({ rungId: rungs[Math.max(0, own - 2)] });
    expect(at(25).causes).toEqual([{ cause: "away", days: 25, rungs: 1 }]);
  });
  it("work on the same motion by another drill is no break", () => {
    const other = library.drills.find(
      (one) =>
        one.id !== cat.id &&
        one.serves.some(({ motion, share }) => motion === cat.serves[0]!.motion && share >= 0.5),
    )!;
    const logs = [...done, log("2026-11-20", [logItem(other.id)])];
    expect(step(logs, { on: "2026-11-24" }).change).toBe("same");
  });
  it("is longer the lower it begins, and never below the ladder", () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...library.drills),
        fc.nat(200),
        fc.nat(200),
        fc.nat(9),
        (one, a, b, at) => {
          const rung = one.rungs[at % one.rungs.length]!.id;
          const order = (days: number) => {
            const back = restartAfter(days, one, rung);
            return one.rungs.findIndex(({ id }) => id === (back?.rungId ?? rung));
          };
          expect(order(Math.max(a, b))).toBeLessThanOrEqual(order(Math.min(a, b)));
          expect(order(Math.max(a, b))).toBeGreaterThanOrEqual(0);
        },
      ),
    ));
});

describe("soreness that lasts", () => {
  const worked = [
    log("2026-11-18", [logItem("cat-camel", { planned: reps(12, 3), seconds: 144 })]),
  ];
  it("over two days after the work: a third less of that joint, once", () => {
    const sore = [day("2026-11-20", 6)];
    expect(tenderJoints(sore, worked, library, "2026-11-21")).toMatchObject([
      { joint: "thoracic", level: 6, most: 96 },
    ]);
    expect(step(worked, { on: "2026-11-21", days: sore })).toMatchObject({
      change: "less",
      dose: { sets: 2, reps: 12 },
    });
    const lighter = [...worked, log("2026-11-21", [logItem("cat-camel")])];
    expect(tenderJoints(sore, lighter, library, "2026-11-23")).toEqual([]);
  });
  it("not the day after, not at 4/10, not when a better day was noted, not before it was noted", () => {
    expect(tenderJoints([day("2026-11-19", 7)], worked, library, "2026-11-20")).toEqual([]);
    expect(tenderJoints([day("2026-11-20", 4)], worked, library, "2026-11-21")).toEqual([]);
    const better = [day("2026-11-20", 6), day("2026-11-21", 1)];
    expect(tenderJoints(better, worked, library, "2026-11-22")).toEqual([]);
    expect(tenderJoints([day("2026-11-20", 6)], worked, library, "2026-11-19")).toEqual([]);
  });
  it("also when it is noted on two days two apart", () => {
    const row = [day("2026-11-19", 5), day("2026-11-20", 6)];
    expect(tenderJoints(row.slice(0, 1), worked, library, "2026-11-20")).toEqual([]);
    expect(tenderJoints(row, worked, library, "2026-11-20")).toHaveLength(1);
  });
  it("the planner keeps to it, whatever is asked", () =>
    fc.assert(
      fc.property(
        fc.constantFrom("handstand", "deep-squat", "front-split"),
        fc.constantFrom("warm-up", "mobility"),
        fc.constantFrom("shoulder" as const, "hip" as const, "thoracic" as const),
        fc.integer({ min: 0, max: 400 }),
        (skillId, format, joint, most) => {
          const plan = planPrep(asked(skillId, format, { tender: [{ joint, most }], rounds: 0 }));
          const given = plan.items.reduce((sum, one) => {
            const own = drillOf(library, one.drillId)!;
            const own_ = isFor(own, joint) && own.phase !== "raise" && own.phase !== "settle";
            return sum + (own_ ? workSeconds(one.dose) * (own.sided ? 2 : 1) : 0);
          }, 0);
          expect(given).toBeLessThanOrEqual(most);
        },
      ),
      { numRuns: 25 },
    ));
  it("a third less is less, and something", () => {
    for (const dose of [
      reps(12),
      reps(9, 3),
      { type: "hold", sets: 1, seconds: 30, rest: 0 } as const,
      { type: "contract-relax", rounds: 3, contract: 10, deepen: 25 } as const,
    ]) {
      const share = workSeconds(thirdLess(dose)) / workSeconds(dose);
      expect(share).toBeLessThanOrEqual(2 / 3 + 1e-9);
      expect(share).toBeGreaterThan(0.3);
    }
  });
});

describe("what the coach says", () => {
  const twice = ["2026-11-20", "2026-11-22"].map((on) => log(on, [logItem("cat-camel")]));
  const chosen = (over: Partial<NextChosen>): NextChosen => ({
    drillId: "cat-camel",
    rungId: "upper",
    dose: reps(5),
    how: "changed",
    on: "2026-11-22",
    why: "",
    ...over,
  });
  it("stands over the rules until the drill is logged again; pinned, until it is let go", () => {
    const of = (how: NextChosen["how"], logs = twice) => step(logs, { chosen: [chosen({ how })] });
    expect(of("changed")).toMatchObject({ rungId: "upper", dose: { reps: 5 }, chosen: "changed" });
    expect(of("changed").proposed).toMatchObject({ change: "more" });
    const later = [...twice, log("2026-11-24", [logItem("cat-camel")])];
    expect(of("changed", later).chosen).toBeNull();
    expect(of("accepted", later).chosen).toBeNull();
    expect(of("pinned", later)).toMatchObject({ rungId: "upper", chosen: "pinned" });
  });
  it("does not stand over a stop, nor over a step back that pain asks for", () => {
    const hurt = (pain: number) => [
      ...twice,
      log("2026-11-23", [logItem("cat-camel", { rungId: "upper", pain })]),
    ];
    const pinned = { chosen: [chosen({ how: "pinned", rungId: "lifted" })] };
    expect(step(hurt(7), pinned)).toMatchObject({ change: "stop", chosen: null });
    expect(step(hurt(5), pinned)).toMatchObject({ change: "step-back", rungId: "knees" });
  });
  it("pain together with lost form, or at the lowest rung, stands over a pin: no cause masks another", () => {
    const pinned = { chosen: [chosen({ how: "pinned", rungId: "lifted" })] };
    const both = [
      ...twice,
      log("2026-11-23", [logItem("cat-camel", { rungId: "upper", pain: 5, form: "lost" })]),
    ];
    const after = step(both, pinned);
    expect(after).toMatchObject({ change: "step-back", rungId: "knees", chosen: null });
    expect(after.causes.map(({ cause }) => cause)).toEqual(["pain", "lost", "over-coach"]);
    const lowest = [
      log("2026-11-23", [
        logItem("cat-camel", { rungId: drill("cat-camel").rungs[0]!.id, pain: 5 }),
      ]),
    ];
    expect(step(lowest, pinned)).toMatchObject({ chosen: null });
    const away = step(both, { ...pinned, on: "2027-02-01" });
    expect(away).toMatchObject({ chosen: null });
    expect(away.rungId).not.toBe("lifted");
  });
  it("what was really done is where it goes on from", () => {
    const more = ["2026-11-20", "2026-11-22"].map((on) =>
      log(on, [
        logItem("cat-camel", { planned: reps(8), sets: [{ side: null, reps: 10, seconds: 40 }] }),
      ]),
    );
    expect(step(more)).toMatchObject({ change: "more", dose: { reps: 12 } });
    const byHand = ["2026-11-20", "2026-11-22"].map((on) =>
      log(on, [
        logItem("cat-camel", { planned: null, sets: [{ side: null, reps: 10, seconds: 40 }] }),
      ]),
    );
    expect(step(byHand)).toMatchObject({ change: "more", dose: { reps: 12 } });
  });
  it("a drill that comes twice in a session counts as one session", () => {
    const once = [log("2026-11-22", [logItem("cat-camel"), logItem("cat-camel")])];
    expect(step(once)).toMatchObject({ change: "same", causes: [{ cause: "clean-once" }] });
    const worse = [log("2026-11-22", [logItem("cat-camel", { pain: 6 }), logItem("cat-camel")])];
    expect(step(worse).change).toBe("stop");
  });
});

describe("the shorter side", () => {
  const gap = { demand: { motion: "hip.extension", mode: "passive" }, protocolId: "hip-extension" };
  const sides = (left: number, right: number) =>
    shorterSides(
      sideDifferences(
        [gap as Parameters<typeof sideDifferences>[0][number]],
        [
          check({ protocolId: "hip-extension", side: "left", trials: [left, left, left] }),
          check({ protocolId: "hip-extension", side: "right", trials: [right, right, right] }),
        ],
        library,
        "2026-11-24",
      ),
    );
  const stretch = item("hip-flexor", { type: "hold", sets: 2, seconds: 40, rest: 5 });
  it("gets a set more when the difference is real and large enough, and no longer when it is not", () => {
    expect(protocol("hip-extension").sided).toBe(true);
    expect(extraFor(stretch, drill("hip-flexor"), sides(8, 20))).toMatchObject({
      extra: { side: "left", sets: 1 },
    });
    expect(extraFor(stretch, drill("hip-flexor"), sides(19, 20))).toBeNull();
  });
  it("only for drills of that motion, and two for many sets", () => {
    expect(extraFor(item("cat-camel", reps(8)), cat, sides(8, 20))).toBeNull();
    const many = { ...stretch, dose: { ...stretch.dose, sets: 4 } as Dose };
    expect(extraFor(many, drill("hip-flexor"), sides(20, 8))!.extra).toEqual({
      side: "right",
      sets: 2,
    });
  });
  it("takes exactly its sets and rests", () => {
    const more = { ...stretch, extra: { side: "left" as const, sets: 2 } };
    expect(prepSeconds([more], library) - prepSeconds([stretch], library)).toBe(2 * 45);
  });
});

describe("a floor of weeks", () => {
  const tuck = (on: string) =>
    log(on, [
      logItem("ring-turns", {
        rungId: "tuck",
        planned: { type: "reps", sets: 3, reps: 5, tempo: 8, rest: 75 },
      }),
    ]);
  const daily = (days: number) =>
    Array.from({ length: days }, (_, n) => tuck(`2026-11-${String(n + 1).padStart(2, "0")}`));
  const next = (days: number, on: string, growing = false) =>
    nextSteps(library, daily(days), { on, growing }).get("ring-turns")!;

  it("daily clean work does not take anybody up before the weeks are over", () => {
    expect(next(9, "2026-11-10")).toMatchObject({
      rungId: "tuck",
      change: "same",
      causes: [{ cause: "waits", rungId: "behind", clean: 6, weeks: 3 }],
    });
    expect(next(21, "2026-11-22")).toMatchObject({ rungId: "behind", change: "next-rung" });
    expect(next(21, "2026-11-22", true)).toMatchObject({ rungId: "tuck", change: "same" });
  });

  it("a drill never logged stands where the coach has said that it stands", () => {
    const said = {
      drillId: "wall-line",
      rungId: "half",
      dose: { type: "hold" as const, sets: 2, seconds: 20, rest: 20 },
      how: "changed" as const,
      on: "2026-11-01",
      why: "done already",
    };
    expect(
      nextSteps(library, [], { on: "2026-11-10", chosen: [said] }).get("wall-line"),
    ).toMatchObject({ rungId: "half", change: "same", chosen: "changed" });
  });
});

describe("stops and flags", () => {
  it("say what they locked, and who let it in again", () => {
    const sore = log("2026-11-20", [
      logItem("wrist-rocks", {
        pain: 7,
        painPlace: "left wrist",
        painKind: "sharp",
        done: "stopped",
      }),
      logItem("cat-camel", { pain: 2 }),
    ]);
    const open = stopsOf(athlete(), [sore], [], library);
    expect(open).toHaveLength(1);
    expect(open[0]).toMatchObject({
      level: 7,
      kind: "sharp",
      stopped: true,
      locks: [{ place: { site: "wrist", side: "left" }, cleared: null }],
    });
    const [lock] = painLocks(athlete(), [sore], [], library);
    const cleared = athlete({
      clearances: [
        {
          place: lock!.place,
          on: "2026-11-22",
          who: "Ysolde",
          reason: "seen",
          covers: lock!.causes,
        },
      ],
    });
    expect(stopsOf(cleared, [sore], [], library)[0]!.locks[0]!.cleared).toMatchObject({
      who: "Ysolde",
    });
    expect(lock!.sites).toEqual(["wrist"]);
  });
});

describe("a stiff day", () => {
  it("keeps the work as it was, however clean it was done", () => {
    const on = (day: string, looseAt: number) => log(day, [logItem("cat-camel", { looseAt })]);
    const usual = ["2026-11-10", "2026-11-12", "2026-11-14", "2026-11-16"].map((day) =>
      on(day, 10),
    );
    expect(step([...usual, on("2026-11-18", 12)]).change).toBe("next-rung");
    expect(step([...usual, on("2026-11-18", 16)])).toMatchObject({
      change: "same",
      causes: [{ cause: "stiff", looseAt: 16, usual: 10 }],
    });
  });
});
