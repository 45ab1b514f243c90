import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { diceOf } from "../stats/dice";
import { simulatedTilt, turnedFrom, type Tilt } from "./level";
import {
  angleAtVertex,
  angleToPlumb,
  ownPointing,
  photoReading,
  placementsWanted,
  type Placement,
  type Spot,
} from "./photo";
import { angleOfSpots, practiceCount, practicePicture } from "./practice";
import { guessColumns, readSensorLog, sensorNumber, seriesOf } from "./sensor-log";
import { plateausOf, steadyNow, type Sample } from "./steady";
import { fingerWidth, fromCm, toCm, LengthUnit } from "../content/units";

const spot = fc.tuple(
  fc.double({ min: 0, max: 1000, noNaN: true }),
  fc.double({ min: 0, max: 800, noNaN: true }),
);
const apart = (a: Spot, b: Spot) => Math.hypot(a[0] - b[0], a[1] - b[1]) > 20;

describe("units of length", () => {
  it("finger widths and inches become centimetres, and back", () => {
    expect(toCm(4, "fingers", 1.8)).toBeCloseTo(7.2, 9);
    expect(toCm(4, "fingers")).toBeCloseTo(7.6, 9);
    expect(fromCm(25.4, "in")).toBeCloseTo(10, 9);
    expect(fingerWidth(7.4, 4)).toBeCloseTo(1.85, 9);
    fc.assert(
      fc.property(
        fc.constantFrom(...LengthUnit.options),
        fc.double({ min: -50, max: 200, noNaN: true }),
        fc.double({ min: 1, max: 3, noNaN: true }),
        (unit, cm, finger) => {
          expect(toCm(fromCm(cm, unit, finger), unit, finger)).toBeCloseTo(cm, 6);
        },
      ),
    );
  });
});

describe("angles on a photograph", () => {
  it("a right angle, a straight line, and hanging straight down", () => {
    expect(
      angleAtVertex([
        [0, 100],
        [0, 0],
        [100, 0],
      ]).degrees,
    ).toBeCloseTo(90, 9);
    expect(
      angleAtVertex([
        [-50, 0],
        [0, 0],
        [100, 0],
      ]).degrees,
    ).toBeCloseTo(180, 9);
    expect(
      angleToPlumb([
        [10, 0],
        [10, 90],
      ]).degrees,
    ).toBeCloseTo(0, 6);
    expect(
      angleToPlumb([
        [10, 0],
        [100, 0],
      ]).degrees,
    ).toBeCloseTo(90, 9);
  });
  it("does not change when mirrored, moved or enlarged, nor with the ends exchanged", () =>
    fc.assert(
      fc.property(spot, spot, spot, (a, v, c) => {
        fc.pre(apart(a, v) && apart(c, v));
        const { degrees, se } = angleAtVertex([a, v, c]);
        const mirrored = ([x, y]: Spot): Spot => [1000 - x, y];
        const grown = ([x, y]: Spot): Spot => [3 * x + 7, 3 * y - 11];
        for (const other of [
          angleAtVertex([mirrored(a), mirrored(v), mirrored(c)]),
          angleAtVertex([grown(a), grown(v), grown(c)]),
          angleAtVertex([c, v, a]),
        ]) {
          expect(other.degrees).toBeCloseTo(degrees, 6);
          expect(other.se).toBeCloseTo(se, 6);
        }
      }),
    ));
  it("carries the pointing error as a Monte Carlo does within 5 %", () => {
    const dice = diceOf(3);
    const places: [Spot, Spot, Spot][] = [
      [
        [100, 400],
        [400, 380],
        [640, 150],
      ],
      [
        [200, 100],
        [260, 300],
        [180, 520],
      ],
      [
        [300, 300],
        [500, 320],
        [610, 640],
      ],
    ];
    for (const [a, v, c] of places) {
      const longest = Math.max(
        Math.hypot(a[0] - v[0], a[1] - v[1]),
        Math.hypot(c[0] - v[0], c[1] - v[1]),
      );
      const off = ([x, y]: Spot): Spot => [
        x + 0.01 * longest * dice.normal(),
        y + 0.01 * longest * dice.normal(),
      ];
      const draws = Array.from(
        { length: 20_000 },
        () => angleAtVertex([off(a), off(v), off(c)]).degrees,
      );
      const mean = draws.reduce((sum, x) => sum + x, 0) / draws.length;
      const spread = Math.sqrt(draws.reduce((sum, x) => sum + (x - mean) ** 2, 0) / draws.length);
      expect(Math.abs(angleAtVertex([a, v, c], 0.01).se / spread - 1)).toBeLessThan(0.05);
    }
  });
  it("refuses landmarks on each other", () => {
    expect(() =>
      angleAtVertex([
        [5, 5],
        [5, 5],
        [9, 9],
      ]),
    ).toThrow("lie on each other");
    expect(() =>
      angleToPlumb([
        [5, 5],
        [5, 5],
      ]),
    ).toThrow("lie on each other");
  });
  it("becomes the check's reading: from straight, past straight, as it is", () => {
    const angle = { degrees: 150, se: 1, why: { rule: "photo-vertex" as const, sigma: 1, se: 1 } };
    expect(photoReading(angle, { base: 180, sign: -1 })).toBe(30);
    expect(photoReading(angle, { base: 0, sign: 1 })).toBe(150);
    expect(photoReading(angle, { base: 0, sign: 1 }, true)).toBe(210);
    expect(photoReading({ ...angle, degrees: 176 }, { base: -180, sign: 1 })).toBe(-4);
  });
});

describe("the trainer", () => {
  const missBy = (sigma: number, n: number, seed: number): Placement[] => {
    const dice = diceOf(seed);
    return Array.from({ length: n }, () => ({
      truth: [100, 100] as Spot,
      placed: [100 + 200 * sigma * dice.normal(), 100 + 200 * sigma * dice.normal()] as Spot,
      segment: 200,
    }));
  };
  it("says nothing before ten placements", () => {
    expect(ownPointing(missBy(0.01, placementsWanted - 1, 1))).toBeNull();
    expect(ownPointing(missBy(0.01, placementsWanted, 1))).not.toBeNull();
  });
  it("finds a hand's own error again", () => {
    for (const sigma of [0.005, 0.02])
      expect(ownPointing(missBy(sigma, 4000, 5))! / sigma).toBeCloseTo(1, 1);
  });
  it("its pictures show the angle they say, joints set anew each time", () => {
    for (let n = 0; n < practiceCount; n += 1) {
      const [one, other] = [practicePicture(n, diceOf(n)), practicePicture(n, diceOf(n + 50))];
      expect(angleOfSpots(one.truth)).toBeCloseTo(one.degrees, 9);
      expect(one.degrees).toBeGreaterThan(15);
      expect(Math.abs(one.degrees - other.degrees)).toBeGreaterThan(0.5);
      expect(one.segment).toBeGreaterThan(8);
      expect(practicePicture(n, diceOf(n))).toMatchObject({ degrees: one.degrees });
    }
  });
});

describe("the level", () => {
  const tilt = (pitch: number, roll = 0) => ({ pitch, roll });
  it("measures from its zero, however the phone lies on the limb", () => {
    expect(turnedFrom(tilt(0), tilt(47))).toBeCloseTo(47, 9);
    expect(turnedFrom(tilt(30), tilt(-15))).toBeCloseTo(45, 9);
    expect(turnedFrom(tilt(0), tilt(0, 90))).toBeCloseTo(90, 9);
    fc.assert(
      fc.property(
        fc.double({ min: -89, max: 89, noNaN: true }),
        fc.double({ min: -89, max: 89, noNaN: true }),
        fc.double({ min: -89, max: 89, noNaN: true }),
        fc.double({ min: -89, max: 89, noNaN: true }),
        (p, r, q, s) => {
          const there = turnedFrom(tilt(p, r), tilt(q, s));
          expect(turnedFrom(tilt(q, s), tilt(p, r))).toBeCloseTo(there, 6);
          expect(there).toBeGreaterThanOrEqual(0);
          expect(there).toBeLessThanOrEqual(180);
        },
      ),
    );
  });
  const stream = (slider: (t: number) => number, seconds: number, seed = 1): Sample[] => {
    const dice = diceOf(seed);
    const zero: Tilt = { t: 0, pitch: 0, roll: 0 };
    return Array.from({ length: seconds * 20 }, (_, i) => {
      const t = i * 50;
      return { t, angle: turnedFrom(zero, simulatedTilt(t, slider(t), dice)) };
    });
  };
  it("simulated: the same seed gives the same hand, and a held one is steady near the truth", () => {
    expect(stream(() => 40, 2)).toEqual(stream(() => 40, 2));
    const steady = steadyNow(stream(() => 40, 3))!;
    expect(Math.abs(steady.angle - 40)).toBeLessThan(0.5);
    expect(steady.spread).toBeLessThan(1);
  });
  it("is not steady while it moves, nor before a second and a half", () => {
    expect(steadyNow(stream((t) => t / 100, 3))).toBeNull();
    expect(steadyNow(stream(() => 40, 1))).toBeNull();
    expect(steadyNow([])).toBeNull();
  });
});

describe("plateaus of a recording", () => {
  /** Held at each angle for three seconds, a second's way between; a little noise. */
  const recording = (...held: number[]): Sample[] => {
    const dice = diceOf(2);
    const samples: Sample[] = [];
    held.forEach((angle, i) => {
      for (let n = 0; n < 60; n += 1)
        samples.push({ t: samples.length * 50, angle: angle + 0.2 * dice.normal() });
      const next = held[i + 1];
      if (next !== undefined)
        for (let n = 1; n < 20; n += 1)
          samples.push({ t: samples.length * 50, angle: angle + ((next - angle) * n) / 20 });
    });
    return samples;
  };
  it("are found at the angles that were held, in order", () => {
    const found = plateausOf(recording(0, 48, 20));
    expect(found.map(({ angle }) => Math.round(angle) || 0)).toEqual([0, 48, 20]);
    for (const { from, to, spread } of found) {
      expect(to - from).toBeGreaterThanOrEqual(1500);
      expect(spread).toBeLessThan(1);
    }
  });
  it("of two still minutes at 100 Hz are one, and no reading is looked at by all others", () => {
    // A joint held still for two minutes at 100 Hz is one plateau; each reading is looked at a few times, not by all others.
    let looks = 0;
    const still = Array.from({ length: 12_000 }, (_, i) => ({
      t: i * 10,
      get angle() {
        looks += 1;
        return 90 + (i % 3) * 0.1;
      },
    }));
    expect(plateausOf(still)).toHaveLength(1);
    expect(looks).toBeLessThan(12_000 * 20);
  });
  it("are none while it only moves", () =>
    expect(plateausOf(Array.from({ length: 100 }, (_, i) => ({ t: i * 50, angle: i })))).toEqual(
      [],
    ));
});

describe("a sensor's file", () => {
  const table = (text: string) => {
    const reading = readSensorLog(text);
    if ("refused" in reading) throw new Error(reading.refused);
    return reading.table;
  };
  it("semicolons, decimal commas, columns in any order, a byte-order mark, remarks above", () => {
    const read = table(
      "\uFEFF# lab 3\nWinkel (°);Zeit (ms);Marke\n12,5;0;a\n12,6;50;b\nx;100;c\n12,4;150;d\n",
    );
    expect(read.delimiter).toBe(";");
    expect(read.columns).toEqual(["Winkel (°)", "Zeit (ms)", "Marke"]);
    const choice = guessColumns(read);
    expect(choice).toMatchObject({ time: 1, angle: 0, timeUnit: "ms" });
    expect(seriesOf(read, choice)).toEqual({
      samples: [
        { t: 0, angle: 12.5 },
        { t: 50, angle: 12.6 },
        { t: 150, angle: 12.4 },
      ],
      skipped: 1,
    });
  });
  it("commas and points, seconds, without names", () => {
    const read = table("0.00,1,47.2\n0.05,1,47.1\n0.10,1,47.3\n");
    expect(read.columns).toEqual(["column 1", "column 2", "column 3"]);
    const { samples } = seriesOf(read, { time: 0, angle: 2, timeUnit: "s" });
    expect(samples.map(({ t }) => Math.round(t))).toEqual([0, 50, 100]);
  });
  it("rows out of order are put in order", () => {
    const { samples } = seriesOf(table("t,angle\n2,30\n0,10\n1,20\n"), {
      time: 0,
      angle: 1,
      timeUnit: "s",
    });
    expect(samples.map(({ angle }) => angle)).toEqual([10, 20, 30]);
  });
  it("numbers as sensors write them", () => {
    expect(sensorNumber("1,5")).toBe(1.5);
    expect(sensorNumber("-3.2e1")).toBe(-32);
    expect(sensorNumber("47.1°")).toBe(47.1);
    expect(sensorNumber("10:04:31.25")).toBeCloseTo(36271.25, 6);
    expect(sensorNumber("n/a")).toBeNaN();
  });
  it("what is no table is refused with a sentence", () => {
    for (const text of ["", "hello", "a,b\nc,d\n"])
      expect(readSensorLog(text)).toHaveProperty("refused");
  });
  it("any text at all is either read or refused", () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), (text) => {
        const reading = readSensorLog(text);
        if ("table" in reading) seriesOf(reading.table, guessColumns(reading.table));
        expect("refused" in reading || reading.table.columns.length >= 2).toBe(true);
      }),
    ));
});
