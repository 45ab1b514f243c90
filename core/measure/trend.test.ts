import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { plusDays } from "../dates/days";
import { diceOf } from "../stats/dice";
import { check } from "../test/people";
import { daySpread, usualDay } from "./day-spread";
import { discoveryBar } from "./discoveries";
import { changesByDay, roundChanges } from "./round-changes";
import { sideDifferencesOf } from "./change";
import { betweenTesters } from "./tester";
import { angleOf, valueOf } from "./value";
import { bestOf, finenessOf, trendOf, type SeriesPoint } from "./trend";

const start = "2026-06-01";
const seen = (values: readonly number[], over: Partial<SeriesPoint> = {}): SeriesPoint[] =>
  values.map((value, n) => ({
    on: plusDays(start, 21 * n),
    value,
    se: 3,
    sem: 3,
    tester: "T",
    ...over,
  }));

describe("the line through a series", () => {
  it("of two readings is their difference, its error 2.77 · SEM at the usual bar without day variance", () => {
    const two = trendOf(seen([150, 158]), 0)!;
    expect(two.delta).toBeCloseTo(8, 9);
    expect(1.96 * two.se).toBeCloseTo(2.77 * 3, 1);
    expect(two.p).toBeGreaterThan(0.05);
    expect(trendOf(seen([150, 159]), 0)!.p).toBeLessThan(0.05);
    expect(trendOf(seen([150, 158.5]), 0)!.p).toBeLessThan(0.05);
    expect(trendOf(seen([150, 158.5]), 0.4)!.p).toBeGreaterThan(0.05);
  });
  it("sees what two readings do not", () => {
    const steady = seen([150, 152, 154, 156, 158]);
    expect(trendOf(steady, 0)!.p).toBeLessThan(trendOf([steady[0]!, steady[4]!], 0)!.p);
  });
  it("is the same size both ways, and wider by other hands", () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 90, max: 180 }), { minLength: 2, maxLength: 7 }),
        (values) => {
          const there = trendOf(seen(values), 0.4)!;
          const back = trendOf(seen([...values].reverse()), 0.4)!;
          expect(there.delta).toBeCloseTo(-back.delta, 6);
          expect(there.se).toBeCloseTo(back.se, 9);
          const other = seen(values).map((one, n) => (n === 0 ? { ...one, tester: "Bo" } : one));
          expect(trendOf(other, 0)!.se / trendOf(seen(values), 0)!.se).toBeCloseTo(
            betweenTesters,
            6,
          );
        },
      ),
    ));
  it("knows no more by a second sitting of one day than by one", () => {
    const [first, last] = seen([150, 158]) as [SeriesPoint, SeriesPoint];
    const once = trendOf([first, last], 0.4)!;
    const twice = trendOf([first, last, { ...last, value: 158 }], 0.4)!;
    expect(twice.delta).toBeCloseTo(once.delta, 9);
    expect(twice.se).toBeCloseTo(once.se, 9);
  });
  it("is none of one day", () => {
    expect(trendOf(seen([150]), 0)).toBeNull();
    expect(trendOf(seen([150, 152], { on: start }), 0)).toBeNull();
  });
  it("sees finer with every round", () => {
    const fine = (rounds: number) =>
      finenessOf(seen([150, 151]), 0.4, { by: plusDays(start, 21 * (1 + rounds)), rounds }, 1.96)!
        .perWeek;
    expect(fine(1)).toBeGreaterThan(fine(3));
    expect(fine(3)).toBeGreaterThan(fine(6));
  });
});

describe("the best that a series supports", () => {
  it("stands near the truth and not at the luckiest reading", () => {
    const dice = diceOf(7);
    let [held, luckiest] = [0, 0];
    for (let n = 0; n < 300; n += 1) {
      const values = Array.from({ length: 7 }, () => 150 + 3 * dice.normal());
      held += bestOf(seen(values), usualDay, "more")!.value - 150;
      luckiest += Math.max(...values) - 150;
    }
    expect(luckiest / 300 / 3).toBeGreaterThan(1.2);
    expect(held / 300 / 3).toBeLessThan(0.7);
  });
  it("of less-is-more is the least", () =>
    expect(bestOf(seen([20, 14, 8]), 0.4, "less")!.on).toBe(plusDays(start, 42)));
});

describe("how much a body differs from day to day", () => {
  const body = (day: number, seed: number) => {
    const dice = diceOf(seed);
    return Array.from({ length: 20 }, () =>
      seen(Array.from({ length: 5 }, () => 100 + 3 * Math.hypot(1, day) * dice.normal())),
    );
  };
  it("is learned from successive differences, and drawn toward the usual while there are few", () => {
    expect(daySpread([])).toBe(usualDay);
    expect(daySpread(body(0, 1))).toBeLessThan(0.45);
    expect(daySpread(body(1.2, 2))).toBeGreaterThan(0.8);
    expect(daySpread([seen([100, 140])])).toBeLessThan(0.7);
  });
});

describe("many changes at once", () => {
  it("the bar is that of the step-up rule, and never more than for one alone", () => {
    expect(discoveryBar([0.04])).toBe(0.05);
    expect(discoveryBar([])).toBe(0.05);
    expect(discoveryBar(Array(20).fill(0.04))).toBe(0.05);
    expect(discoveryBar([0.004, 0.5, 0.6, 0.7])).toBeCloseTo(0.025, 9);
    expect(discoveryBar([0.01, 0.02, 0.5, 0.6])).toBeCloseTo(0.05, 9);
    expect(discoveryBar(Array(20).fill(0.5))).toBeCloseTo(0.005, 9);
  });
});

describe("a round", () => {
  const on = "2026-11-20";
  const protocols = library.protocols.filter(
    ({ reading, modes }) => reading === "degrees" && modes.includes("passive"),
  );
  const readings = (shift: number) =>
    protocols.slice(0, 8).flatMap((protocol) => {
      const middle = (protocol.usual[0] + protocol.usual[1]) / 2;
      const of = (day: string, value: number) =>
        check({
          id: `${protocol.id}${day}`,
          protocolId: protocol.id,
          protocolVersion: protocol.version,
          side: protocol.sided ? "left" : "mid",
          on: day,
          trials: Array(protocol.trials).fill(value) as number[],
        });
      const sense = protocol.better === "more" ? 1 : -1;
      return [of("2026-09-01", middle), of("2026-10-01", middle), of(on, middle + sense * shift)];
    });
  it("names what the whole body shares, and claims no gain of every joint by it", () => {
    const looser = roundChanges(readings(4), library, { on });
    expect(looser.common).toMatchObject({ toward: "more", readings: 8 });
    expect(roundChanges(readings(0), library, { on }).common).toBeNull();
    expect(roundChanges(readings(-4), library, { on }).common?.toward).toBe("less");
  });
  it("judges only what was taken that day, and a chosen day begins a series", () => {
    const all = readings(30);
    expect(roundChanges(all, library, { on }).changes).toHaveLength(8);
    expect(roundChanges(all.slice(0, 2), library, { on }).changes).toEqual([]);
    const [since] = roundChanges(all, library, { on, since: "2026-10-15" }).changes;
    expect(since!.change).toMatchObject({ readings: 2, since: "2026-10-01" });
    expect(roundChanges(all, library, { on, since: "2026-01-01" }).changes).toEqual([]);
  });
  it("never sets cold against warm, and other hands are named", () => {
    const before = check();
    const later = { on: "2026-11-20", trials: [172, 172] };
    const changed = (now: ReturnType<typeof check>, then: ReturnType<typeof check>) =>
      changesByDay([now, then], library)(now);
    expect(changed(check(later), check({ temperature: "cold" }))).toBeNull();
    const change = changed(check(later), before)!;
    expect(change).toMatchObject({ real: true, since: before.on });
    expect(change.delta).toBeCloseTo(14, 9);
    const other = changed(check({ ...later, tester: "Ines" }), before)!;
    expect([other.real, other.widening]).toEqual([false, betweenTesters]);
    expect(other.why.testers).toEqual(["T", "Ines"]);
  });
  it("knows that less of a gap is more range", () => {
    const gap = (on: string, cm: number) =>
      check({ id: on, protocolId: "front-split-gap", on, trials: [cm, cm], side: "left" });
    const now = gap("2026-11-20", 2);
    const change = changesByDay([now, gap("2026-11-01", 14)], library)(now)!;
    expect(change).toMatchObject({ real: true, toward: "more" });
  });
});

describe("the error of a value", () => {
  const shoulder = library.protocols.find(({ id }) => id === "shoulder-flexion")!;
  const of = (...trials: number[]) =>
    valueOf({ trials, instrument: shoulder.instruments[0]!.id }, shoulder);
  it("holds trials that disagree, and is the instrument's where they agree", () => {
    expect(of(152, 133, 134).se).toBeGreaterThan(6);
    expect(of(152, 151, 150).se).toBe(of(150, 150, 150).se);
  });
  it("is never nothing at the end of a conversion", () => {
    const split = library.protocols.find(({ id }) => id === "front-split-gap")!;
    const flat = valueOf({ trials: [0, 0], instrument: "tape" }, split);
    expect(angleOf(flat, split, { statureCm: 165 })!.se).toBeGreaterThan(0.5);
    const armless = { statureCm: NaN };
    expect(angleOf(flat, split, armless)).toBeNull();
  });
});

describe("many pairs of sides", () => {
  const shoulder = library.protocols.find(({ id }) => id === "shoulder-flexion")!;
  const of = (degrees: number, tester = "T") => ({
    value: valueOf(
      { trials: [degrees, degrees], instrument: shoulder.instruments[0]!.id },
      shoulder,
    ),
    tester,
  });
  const pair = (left: number, right: number, by = "T") => ({
    protocol: shoulder,
    left: of(left),
    right: of(right, by),
  });
  it("are judged together, and widened where two people measured", () => {
    const [alone] = sideDifferencesOf([pair(150, 159)]);
    expect(alone!.real).toBe(true);
    const many = sideDifferencesOf([
      pair(150, 159),
      ...Array.from({ length: 12 }, () => pair(150, 151)),
    ]);
    expect(many[0]!.real).toBe(false);
    const [other] = sideDifferencesOf([pair(150, 159, "Ines")]);
    expect(other!.real).toBe(false);
    expect(other!.threshold / alone!.threshold).toBeCloseTo(betweenTesters, 6);
  });
});
