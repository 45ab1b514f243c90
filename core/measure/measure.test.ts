import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { diceOf } from "../stats/dice";
import { athlete, check, protocol } from "../test/people";
import { comparable, sideDifference } from "./change";
import {
  conversionOf,
  kneeToWall,
  middleSpread,
  middleSpreadFromGap,
  passOverAngle,
  slopeAt,
  splitGap,
  splitSpread,
} from "./convert";
import { entryNotes, looksSwapped } from "./entry";
import { normalBelow } from "../stats/normal";
import { betweenTesters, testerWidening } from "./tester";
import { angleOf, bodyOf, checksOf, valueOf } from "./value";
import type { Protocol } from "../content/protocol";

/** A value from bare trials, read with the check's own first instrument. */
const value = (trials: number[], by: Protocol, ownError = 0) =>
  valueOf({ trials, instrument: by.instruments[0]!.id, ownError }, by);

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
  it("the two ways to measure a middle split agree", () =>
    fc.assert(
      fc.property(fc.double({ min: 40, max: 175, noNaN: true }), (spread) => {
        const half = (spread * Math.PI) / 360;
        expect(middleSpread(2 * 90 * Math.sin(half), 90)).toBeCloseTo(spread, 6);
        expect(middleSpreadFromGap(90 * Math.cos(half), 90)).toBeCloseTo(spread, 6);
      }),
    ));
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
          expect(rise / 0.001).toBeCloseTo(
            slopeAt(conversionOf({ reading: "knee-to-wall-cm" })!, distance, { statureCm }),
            1,
          );
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
    expect(value([157, 159], protocol("shoulder-flexion"))).toMatchObject({ value: 158, se: 3 }));
  it("one trial of two widens the error by √2", () =>
    expect(value([158], protocol("shoulder-flexion")).se).toBeCloseTo(3 * Math.SQRT2, 9));
  it("extra trials are not credited", () =>
    expect(value([158, 158, 158, 158], protocol("shoulder-flexion")).se).toBe(3));
  it("needs a trial", () =>
    expect(() => value([], protocol("shoulder-flexion"))).toThrow("at least one trial"));
  it("carries the tape's error into the angle, as a Monte Carlo does within 5 %", () => {
    const ankle = protocol("knee-to-wall");
    const angle = angleOf(value([10, 10], ankle), ankle, bodyOf(athlete()))!;
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
  it("carries every conversion's error as a Monte Carlo does within 5 %", () => {
    const dice = diceOf(11);
    const body = { statureCm: 168 };
    const readings = {
      "knee-to-wall-cm": [8, 0.5],
      "front-split-gap-cm": [22, 1],
      "middle-split-gap-cm": [30, 1],
      "ankle-spread-cm": [140, 1.5],
      "pass-over-grip-cm": [95, 1.5],
    } as const;
    for (const [kind, [reading, error]] of Object.entries(readings)) {
      const conversion = conversionOf({ reading: kind as keyof typeof readings })!;
      const draws = Array.from({ length: 20_000 }, () =>
        conversion.angle(reading + error * dice.normal(), body),
      );
      const mean = draws.reduce((sum, x) => sum + x, 0) / draws.length;
      const spread = Math.sqrt(draws.reduce((sum, x) => sum + (x - mean) ** 2, 0) / draws.length);
      const carried = error * Math.abs(slopeAt(conversion, reading, body));
      expect(Math.abs(carried / spread - 1), kind).toBeLessThan(0.05);
    }
  });
  it("adds a reading's own error as squares", () =>
    expect(value([158, 158], protocol("shoulder-flexion"), 4).se).toBe(5));
  it("takes the error of the instrument, and the largest where it is not one of the check's", () => {
    const shoulder = protocol("shoulder-flexion");
    expect(valueOf({ trials: [158, 158], instrument: "photo" }, shoulder).se).toBe(3.5);
    const odd = valueOf({ trials: [158, 158], instrument: "tape" }, shoulder);
    expect(odd.se).toBe(3.5);
    expect(odd.why.source).toEqual({ from: "largest", instrument: "tape" });
  });
  it("a count or a bare length stands for no angle", () => {
    const slide = protocol("wall-slide");
    expect(angleOf(value([3, 3], slide), slide, bodyOf(athlete()))).toBeNull();
  });
  it("Φ", () => {
    expect(normalBelow(0)).toBeCloseTo(0.5, 6);
    expect(normalBelow(1.96)).toBeCloseTo(0.975, 4);
    expect(normalBelow(-1.2816)).toBeCloseTo(0.1, 4);
  });
});

describe("what may be compared", () => {
  it("never cold with warm, nor another mode, side or version", () => {
    const base = check();
    for (const other of [
      check({ temperature: "cold" }),
      check({ mode: "active" }),
      check({ side: "right" }),
      check({ protocolVersion: 2 }),
    ])
      expect(comparable(base, other)).toBe(false);
  });
  it("knows no other hands where a name is missing or typed otherwise", () => {
    expect(testerWidening("", "Ines")).toBe(1);
    expect(testerWidening("ines ", "Ines")).toBe(1);
    expect(testerWidening("Ines", "Bo")).toBe(betweenTesters);
  });
});

describe("left against right", () => {
  const ankle = protocol("knee-to-wall");
  const of = (cm: number) => value([cm, cm], ankle);
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
      sideDifference(value([170, 170], shoulder), value([180, 180], shoulder), shoulder),
    ).toMatchObject({ real: true, worthActing: false });
  });
  it("is mirrored when the sides are", () => {
    expect(sideDifference(of(10), of(8), ankle)).toMatchObject({
      difference: 2,
      shorter: "right",
      worthActing: true,
    });
  });
});

describe("what is said while typing", () => {
  const shoulder = protocol("shoulder-flexion");
  const notes = (trials: number[], pain: number) =>
    entryNotes({ trials, pain, instrument: "goniometer" }, shoulder);
  it("refuses what is no number or impossible", () => {
    expect(notes([Number.NaN], 0)[0]).toMatchObject({ level: "refused" });
    expect(notes([1580], 0)[0]).toMatchObject({ about: "impossible", low: 60, high: 210 });
    expect(notes([158], 11)[0]).toMatchObject({ level: "refused" });
  });
  it("asks for another trial where two disagree by more than 2 SEM", () => {
    expect(notes([150, 156], 0)).toEqual([]);
    expect(notes([150, 157], 0)[0]).toMatchObject({ level: "remeasure" });
  });
  it("names the trial that is off among three", () =>
    expect(notes([150, 164, 151], 0)[0]).toMatchObject({ about: "disagree", trial: 2, limit: 6 }));
  it("suspects exchanged sides only where the sides differed before", () => {
    const last = { left: 150, right: 175 };
    expect(looksSwapped({ left: 174, right: 151 }, last, 3)).toBe(true);
    expect(looksSwapped({ left: 152, right: 174 }, last, 3)).toBe(false);
    expect(looksSwapped({ left: 174, right: null }, last, 3)).toBe(true);
    expect(looksSwapped({ left: 153, right: 150 }, { left: 150, right: 153 }, 3)).toBe(false);
    expect(looksSwapped({ left: null, right: null }, last, 3)).toBe(false);
    expect(looksSwapped({ left: 174, right: 151 }, { left: 150, right: null }, 3)).toBe(false);
  });
  it("stops the motion above 5/10", () => {
    expect(notes([158], 5)).toEqual([]);
    expect(notes([158], 6)[0]).toMatchObject({ level: "stop" });
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
