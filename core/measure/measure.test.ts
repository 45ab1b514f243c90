import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { athlete, check, protocol } from "../test/people";
import { changeBetween, changeSince, comparable, sideDifference } from "./change";
import {
  kneeToWall,
  kneeToWallSlope,
  middleSpread,
  passOverAngle,
  splitGap,
  splitSpread,
} from "./convert";
import { entryNotes } from "./entry";
import { normalBelow } from "./normal";
import { changeSentence, sideSentence, valueSentence } from "./sentences";
import { angleOf, checksOf, legMeasures, valueOf } from "./value";

describe("readings become joint angles", () => {
  it("knee to wall: 10 cm at 165 cm stature is 35.9°", () =>
    expect(kneeToWall(10, { statureCm: 165 })).toBeCloseTo(35.9, 1));
  it("front split: a gap of 27.1 cm under a leg of 90 is 145°", () =>
    expect(splitSpread(27.1, 90)).toBeCloseTo(145, 1));
  it("middle split: ankles 150 cm apart on legs of 90 is 112.9°", () =>
    expect(middleSpread(150, 90)).toBeCloseTo(112.9, 1));
  it("pass-over: a grip as wide as the shoulders is an arm straight up", () => {
    expect(passOverAngle(40, 40, 60)).toBe(0);
    expect(passOverAngle(100, 40, 60)).toBeCloseTo(30, 6);
  });
  it("spread and gap undo each other", () =>
    fc.assert(
      fc.property(
        fc.double({ min: 60, max: 180, noNaN: true }),
        fc.double({ min: 60, max: 110, noNaN: true }),
        (spread, leg) => {
          expect(splitSpread(splitGap(spread, leg), leg)).toBeCloseTo(spread, 6);
        },
      ),
    ));
  it("more distance is more bend, and the slope says how much", () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 15, noNaN: true }),
        fc.double({ min: 140, max: 200, noNaN: true }),
        (distance, statureCm) => {
          const rise =
            kneeToWall(distance + 0.001, { statureCm }) - kneeToWall(distance, { statureCm });
          expect(rise).toBeGreaterThan(0);
          expect(rise / 0.001).toBeCloseTo(kneeToWallSlope(distance, { statureCm }), 1);
        },
      ),
    ));
  it("the athlete's own shin counts over the proportion", () =>
    expect(kneeToWall(10, { statureCm: 165, shinCm: 45 })).toBeLessThan(
      kneeToWall(10, { statureCm: 165 }),
    ));
});

describe("value and error", () => {
  it("is the mean, with the SEM at n₀ trials", () =>
    expect(valueOf([157, 159], protocol("shoulder-flexion"))).toMatchObject({ value: 158, se: 3 }));
  it("one trial of two widens the error by √2", () =>
    expect(valueOf([158], protocol("shoulder-flexion")).se).toBeCloseTo(3 * Math.SQRT2, 9));
  it("extra trials are not credited", () =>
    expect(valueOf([158, 158, 158, 158], protocol("shoulder-flexion")).se).toBe(3));
  it("needs a trial", () =>
    expect(() => valueOf([], protocol("shoulder-flexion"))).toThrow("at least one trial"));
  it("carries the tape's error into the angle, as a Monte Carlo does within 5 %", () => {
    const ankle = protocol("knee-to-wall");
    const angle = angleOf(valueOf([10, 10], ankle), ankle, legMeasures(athlete()));
    expect(angle.degrees).toBeCloseTo(35.9, 1);
    let seed = 7;
    const unit = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
    const draws = Array.from({ length: 20000 }, () =>
      kneeToWall(10 + 0.5 * Math.sqrt(-2 * Math.log(unit())) * Math.cos(2 * Math.PI * unit()), {
        statureCm: 165,
      }),
    );
    const mean = draws.reduce((sum, x) => sum + x, 0) / draws.length;
    const spread = Math.sqrt(draws.reduce((sum, x) => sum + (x - mean) ** 2, 0) / draws.length);
    expect(Math.abs(angle.se / spread - 1)).toBeLessThan(0.05);
  });
  it("Φ", () => {
    expect(normalBelow(0)).toBeCloseTo(0.5, 6);
    expect(normalBelow(1.96)).toBeCloseTo(0.975, 4);
    expect(normalBelow(-1.2816)).toBeCloseTo(0.1, 4);
  });
});

describe("change", () => {
  const shoulder = protocol("shoulder-flexion");
  const of = (...trials: number[]) => valueOf(trials, shoulder);
  it("with equal errors the threshold is 2.77 · SEM", () =>
    expect(changeBetween(of(150, 150), of(158, 158), shoulder).threshold / 3).toBeCloseTo(2.77, 2));
  it("8° is noise, 9° is real", () => {
    expect(changeBetween(of(150, 150), of(158, 158), shoulder).real).toBe(false);
    expect(changeBetween(of(150, 150), of(159, 159), shoulder).real).toBe(true);
  });
  it("says how many trials would settle it, or that none will", () => {
    expect(changeBetween(of(150), of(159), shoulder)).toMatchObject({
      real: false,
      trialsToSettle: 2,
    });
    expect(changeBetween(of(150, 150), of(152, 152), shoulder).trialsToSettle).toBeNull();
  });
  it("is the same size both ways", () =>
    fc.assert(
      fc.property(fc.integer({ min: 90, max: 200 }), fc.integer({ min: 90, max: 200 }), (a, b) => {
        const there = changeBetween(of(a, a), of(b, b), shoulder);
        const back = changeBetween(of(b, b), of(a, a), shoulder);
        expect(there.delta).toBe(-back.delta || 0);
        expect(there.real).toBe(back.real);
      }),
    ));
  it("never compares cold with warm, nor another mode, side or version", () => {
    const base = check();
    for (const other of [
      check({ temperature: "cold" }),
      check({ mode: "active" }),
      check({ side: "right" }),
      check({ protocolVersion: 2 }),
    ])
      expect(comparable(base, other)).toBe(false);
    expect(
      changeSince(check({ on: "2026-11-20" }), [check({ temperature: "cold" })], shoulder),
    ).toBeNull();
    expect(
      changeSince(check({ on: "2026-11-20", trials: [170, 170] }), [check()], shoulder),
    ).toMatchObject({ delta: 12, real: true, since: "2026-11-10" });
  });
  it("is said with its margin", () => {
    expect(
      changeSentence(changeBetween(of(150, 150), of(159, 159), shoulder), "10 Nov", shoulder),
    ).toBe("+9.0° since 10 Nov: a real change.");
    expect(
      changeSentence(changeBetween(of(150, 150), of(147, 147), shoulder), "10 Nov", shoulder),
    ).toBe("−3.0° since 10 Nov: within measurement error; it would have to pass 8.3°.");
    expect(valueSentence(of(158, 158), { degrees: 158, se: 3, why: of(1).why }, shoulder)).toBe(
      "158° ± 3.0",
    );
  });
});

describe("left against right", () => {
  const ankle = protocol("knee-to-wall");
  const of = (cm: number) => valueOf([cm, cm], ankle);
  it("is worth acting on when real and over the threshold", () => {
    expect(sideDifference(of(8), of(10), ankle)).toMatchObject({
      real: true,
      index: 20,
      worthActing: true,
      shorter: "left",
    });
    expect(sideDifference(of(9.2), of(10), ankle)).toMatchObject({
      real: false,
      worthActing: false,
    });
    const shoulder = protocol("shoulder-flexion");
    expect(
      sideDifference(valueOf([170, 170], shoulder), valueOf([180, 180], shoulder), shoulder),
    ).toMatchObject({ real: true, worthActing: false });
  });
  it("is mirrored when the sides are", () => {
    expect(sideDifference(of(10), of(8), ankle)).toMatchObject({
      difference: 2,
      shorter: "right",
      worthActing: true,
    });
    expect(sideSentence(sideDifference(of(8), of(10), ankle), ankle)).toBe(
      "Left 2.0 cm less (20 %): worth extra time there.",
    );
  });
});

describe("what is said while typing", () => {
  const shoulder = protocol("shoulder-flexion");
  it("refuses what is no number or impossible", () => {
    expect(entryNotes([Number.NaN], 0, shoulder)[0]).toMatchObject({ level: "refused" });
    expect(entryNotes([1580], 0, shoulder)[0]!.text).toContain("between 60 and 210°");
    expect(entryNotes([158], 11, shoulder)[0]).toMatchObject({ level: "refused" });
  });
  it("asks for another trial where two disagree by more than 2 SEM", () => {
    expect(entryNotes([150, 156], 0, shoulder)).toEqual([]);
    expect(entryNotes([150, 157], 0, shoulder)[0]).toMatchObject({ level: "remeasure" });
  });
  it("stops the motion above 5/10", () => {
    expect(entryNotes([158], 5, shoulder)).toEqual([]);
    expect(entryNotes([158], 6, shoulder)[0]).toMatchObject({ level: "stop" });
  });
});

describe("the checks of a motion", () => {
  it("come newest first, up to the day looked at", () => {
    const [old, late] = [check({ on: "2026-10-01" }), check({ on: "2026-11-20" })];
    expect(checksOf([old, late], { protocolId: "shoulder-flexion", side: "left" })).toEqual([
      late,
      old,
    ]);
    expect(
      checksOf([old, late], { protocolId: "shoulder-flexion", side: "left", on: "2026-11-01" }),
    ).toEqual([old]);
    expect(
      checksOf([old, late], { protocolId: "shoulder-flexion", side: "left", mode: "active" }),
    ).toEqual([]);
  });
});
