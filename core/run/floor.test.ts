import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import type { Dose } from "../drill/dose";
import { workSeconds } from "../drill/dose";
import { drill, item } from "../test/people";
import { atRungBy, fewer, oneMore, oneMoreOn, remedies, withItem } from "./floor";
import { GateAsk, readAsk } from "../drill/gate";

const reps = (over: Partial<Extract<Dose, { type: "reps" }>> = {}): Dose => ({
  type: "reps",
  sets: 2,
  reps: 12,
  tempo: 3,
  rest: 10,
  ...over,
});
const hold = (seconds: number, sets = 2): Dose => ({ type: "hold", sets, seconds, rest: 5 });
const deepen = (rounds: number): Dose => ({
  type: "contract-relax",
  rounds,
  contract: 10,
  deepen: 30,
});
const ladder = drill("wrist-rocks");
const anyDose: fc.Arbitrary<Dose> = fc.oneof(
  fc
    .record({
      sets: fc.integer({ min: 1, max: 12 }),
      reps: fc.integer({ min: 1, max: 60 }),
      tempo: fc.integer({ min: 1, max: 12 }),
    })
    .map((one): Dose => ({ type: "reps", rest: 5, ...one })),
  fc
    .record({
      type: fc.constantFrom("hold" as const, "time" as const),
      sets: fc.integer({ min: 1, max: 12 }),
      seconds: fc.integer({ min: 1, max: 300 }),
    })
    .map((one): Dose => ({ rest: 5, ...one })),
  fc.integer({ min: 1, max: 6 }).map(deepen),
);

describe("a rung easier or harder on the floor", () => {
  it("takes the dose of the other rung in as many sets as there were, and ends where the ladder does", () => {
    const [first, second] = ladder.rungs;
    const start = item(ladder.id, reps({ sets: 4, rest: 20 }));
    const harder = atRungBy(start, ladder, 1, "warm-up")!;
    expect(harder.rungId).toBe(second!.id);
    const usual = second!.warmUp ?? second!.session!;
    if (usual.type === "contract-relax") throw new Error("another ladder is wanted here");
    expect(harder.dose).toEqual({ ...usual, sets: 4, rest: 20 });
    expect(atRungBy(harder, ladder, -1, "warm-up")!.rungId).toBe(first!.id);
    expect(atRungBy(start, ladder, -1, "warm-up")).toBeNull();
    const last = { ...start, rungId: ladder.rungs.at(-1)!.id };
    expect(atRungBy(last, ladder, 1, "warm-up")).toBeNull();
  });

  it("a box by the clock keeps its seconds", () => {
    const boxed = item(ladder.id, { type: "time", sets: 1, seconds: 60, rest: 0 }, { boxed: true });
    expect(atRungBy(boxed, ladder, 1, "warm-up")!.dose).toEqual(boxed.dose);
  });

  it("law: up and down again is the rung one came from, for every ladder of the library", () => {
    for (const one of library.drills)
      one.rungs.slice(0, -1).forEach((rung) => {
        const start = { ...item(one.id, hold(20)), rungId: rung.id };
        const up = atRungBy(start, one, 1, "mobility")!;
        expect(atRungBy(up, one, -1, "mobility")!.rungId).toBe(rung.id);
      });
  });
});

describe("more of it", () => {
  it("one set more with a rest between, one round more of a contract–relax, up to as many as make sense", () => {
    expect(oneMore(item(ladder.id, reps({ sets: 1, rest: 0 })))!.dose).toMatchObject({
      sets: 2,
      rest: 5,
    });
    expect(oneMore(item(ladder.id, deepen(2)))!.dose).toMatchObject({ rounds: 3 });
    expect(oneMore(item(ladder.id, deepen(6)))).toBeNull();
    expect(oneMore(item(ladder.id, reps({ sets: 12 })))).toBeNull();
    expect(oneMore(item(ladder.id, reps(), { boxed: true }))).toBeNull();
  });

  it("on one side alone: counted for that side, begun anew for the other", () => {
    const both = item(ladder.id, reps(), { sides: ["left", "right"] });
    const once = oneMoreOn(both, "left")!;
    expect(once.extra).toEqual({ side: "left", sets: 1 });
    expect(oneMoreOn(once, "left")!.extra).toEqual({ side: "left", sets: 2 });
    expect(oneMoreOn(once, "right")!.extra).toEqual({ side: "right", sets: 1 });
    expect(oneMoreOn({ ...both, sides: ["left"] }, "right")).toBeNull();
    expect(oneMoreOn({ ...both, extra: { side: "left", sets: 6 } }, "left")).toBeNull();
  });
});

describe("less of it", () => {
  it("a third less, whole, and nothing where no sensible set is left", () => {
    expect(fewer(reps({ reps: 12 }))).toMatchObject({ reps: 8 });
    expect(fewer(reps({ reps: 2 }))).toBeNull();
    expect(fewer(hold(30))).toMatchObject({ seconds: 20 });
    expect(fewer(hold(10))).toBeNull();
    expect(fewer({ type: "time", sets: 1, seconds: 60, rest: 0 })).toMatchObject({ seconds: 40 });
    expect(fewer({ type: "time", sets: 1, seconds: 15, rest: 0 })).toBeNull();
    expect(fewer(deepen(3))).toMatchObject({ rounds: 2 });
    expect(fewer(deepen(1))).toBeNull();
  });

  it("law: it is always less work, in the same sets, and comes to an end", () =>
    fc.assert(
      fc.property(anyDose, (dose) => {
        let [now, steps]: [Dose | null, number] = [dose, 0];
        while (now) {
          const next: Dose | null = fewer(now);
          if (next) {
            expect(next.type).toBe(now.type);
            expect(workSeconds(next)).toBeLessThan(workSeconds(now));
            if (next.type !== "contract-relax" && now.type !== "contract-relax")
              expect(next.sets).toBe(now.sets);
          }
          now = next;
          expect((steps += 1)).toBeLessThan(30);
        }
      }),
    ));
});

describe("what was typed of a gate", () => {
  it("is read as one of the four, where a coach types it", () => {
    expect(readAsk("slow down and breathe")).toBe("slower");
    expect(readAsk("one rung easier")).toBe("rung-down");
    expect(readAsk("stop the set there")).toBe("fewer");
    expect(readAsk("come up a little")).toBe("less-range");
    expect(readAsk("restore the line")).toBe("less-range");
  });
});

describe("what can be done about a form gate", () => {
  const second = { ...item(ladder.id, reps()), rungId: ladder.rungs[1]!.id };
  const ids = (asks: GateAsk, from = second) =>
    remedies(from, ladder, asks, "warm-up").map(({ id }) => id);

  it("what the gate asks for stands first, the others behind it", () => {
    for (const ask of GateAsk.options) expect(ids(ask)[0]).toBe(ask);
    expect([...ids("less-range")].sort()).toEqual(["fewer", "less-range", "rung-down", "slower"]);
  });

  it("only what there is: nothing below the first rung, nothing slower than a hold, nothing fewer in a box", () => {
    const first = item(ladder.id, hold(30));
    expect(ids("less-range", first)).toEqual(["less-range", "fewer"]);
    const boxed = item(ladder.id, { type: "time", sets: 1, seconds: 60, rest: 0 }, { boxed: true });
    expect(ids("less-range", boxed)).toEqual(["less-range"]);
  });

  it("slower is half as slow again, to a half second, never above twelve", () => {
    const tempo = (from: number) => {
      const dose = remedies(
        { ...second, dose: reps({ tempo: from }) },
        ladder,
        "slower",
        "warm-up",
      )[0]!.item!.dose;
      return dose.type === "reps" ? dose.tempo : null;
    };
    expect([3, 4, 5, 10].map(tempo)).toEqual([4.5, 6, 7.5, 12]);
  });

  it("the changed item stands in the place of the old one", () => {
    const list = [item("roller", hold(30)), second];
    const slower = remedies(second, ladder, "slower", "warm-up")[0]!.item!;
    expect(withItem(list, slower)).toEqual([list[0], slower]);
  });
});
