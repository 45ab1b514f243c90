import fc from "fast-check";
import loadHighs from "highs";
import { describe, expect, it } from "vitest";
import { prove, wantedGap } from "../stats/prove";
import {
  changeCost,
  changesOf,
  quickSeats,
  seatBreaches,
  seatingValue,
  timesWorth,
  type SeatModel,
  type SeatOption,
  type Seating,
} from "./seats";
import { seatingFrom, seatsProgramme } from "./seats-programme";

const option = (worth: number, over: Partial<SeatOption> = {}): SeatOption => ({
  rungId: "r",
  dose: { type: "hold", sets: 1, seconds: 30, rest: 0 },
  worth,
  kit: [],
  hands: 0,
  ...over,
});

const model = (over: Partial<SeatModel> = {}): SeatModel => ({
  people: ["a", "b"].map((id) => ({ id, from: 0, until: 3, handsLeft: null })),
  stations: [
    { id: "s", most: 1 },
    { id: "t", most: 1 },
  ],
  rounds: 3,
  options: [
    [option(1), option(0.4)],
    [option(0.8), option(0.5)],
  ],
  kit: [],
  done: [],
  ...over,
});

const anyModel = fc
  .record({
    people: fc.integer({ min: 1, max: 4 }),
    stations: fc.integer({ min: 1, max: 3 }),
    rounds: fc.integer({ min: 1, max: 4 }),
    seed: fc.array(fc.nat({ max: 99 }), { minLength: 40, maxLength: 40 }),
  })
  .map(({ people, stations, rounds, seed }): SeatModel => {
    const at = (n: number): number => seed[n % seed.length]!;
    return {
      people: Array.from({ length: people }, (_, n) => ({
        id: `p${n}`,
        from: at(n) > 80 ? 1 : 0,
        until: at(n + 5) > 80 ? rounds - 1 : rounds,
        handsLeft: at(n + 9) > 60 ? 40 : null,
      })),
      stations: Array.from({ length: stations }, (_, n) => ({
        id: `s${n}`,
        most: 1 + (at(n + 12) % 3),
      })),
      rounds,
      options: Array.from({ length: people }, (_, p) =>
        Array.from({ length: stations }, (__, s) => {
          const drawn = at(p * 7 + s * 3);
          return drawn < 20
            ? null
            : option(drawn / 100, {
                kit: s === 0 ? ["roller"] : [],
                hands: s === 1 ? 30 : 0,
              });
        }),
      ),
      kit: [{ item: "roller", count: 1 }],
      done: [],
    };
  });

/** The best seating there is, by trying them all, judged by a sum of its own. */
function bestByTrying(asked: SeatModel): number {
  const places = asked.people.length * asked.rounds;
  let best = -Infinity;
  const flat: number[] = new Array<number>(places).fill(-1);
  const seating = (): Seating =>
    asked.people.map((_, p) => flat.slice(p * asked.rounds, (p + 1) * asked.rounds));
  const worth = (rows: Seating): number =>
    rows.reduce((sum, row, p) => {
      const seen: Record<number, number> = {};
      let previous: number | null = null;
      let own = 0;
      for (const [t, at] of row.entries()) {
        if (at >= 0) {
          own += asked.options[p]![at]!.worth * (timesWorth[seen[at] ?? 0] ?? 0);
          seen[at] = (seen[at] ?? 0) + 1;
          if (t > 0 && previous !== at) own -= changeCost(asked);
        }
        previous = at;
      }
      return sum + own;
    }, 0);
  const walk = (n: number): void => {
    if (n === places) {
      const rows = seating();
      if (seatBreaches(asked, rows).length === 0) best = Math.max(best, worth(rows));
      return;
    }
    for (let at = -1; at < asked.stations.length; at += 1) {
      flat[n] = at;
      walk(n + 1);
    }
    flat[n] = -1;
  };
  walk(0);
  return best;
}

describe("who is where when", () => {
  it("at once, breaks no rule, whatever the hall", () =>
    fc.assert(
      fc.property(anyModel, (asked) => {
        expect(seatBreaches(asked, quickSeats(asked))).toEqual([]);
      }),
    ));

  it("two who want the same single place take turns, and a change is made only for something", () => {
    const seating = quickSeats(model());
    expect(seatBreaches(model(), seating)).toEqual([]);
    expect(seating.flat().filter((at) => at >= 0)).toHaveLength(6);
    expect(changesOf(seating)).toBe(
      seating.reduce(
        (sum, row) => sum + row.filter((at, t) => t > 0 && at !== row[t - 1]).length,
        0,
      ),
    );
  });

  it("the solver's is the best there is by trying them all, and the quick one is no better", async () => {
    const highs = await loadHighs();
    const small = fc
      .sample(anyModel, { numRuns: 60, seed: 17 })
      .filter(
        (asked) =>
          seatsProgramme(asked) !== null &&
          (asked.stations.length + 1) ** (asked.people.length * asked.rounds) <= 5000,
      );
    expect(small.length).toBeGreaterThan(8);
    for (const asked of small) {
      const found = seatingFrom(asked, prove(highs, seatsProgramme(asked)!).columns);
      const best = bestByTrying(asked);
      expect(seatBreaches(asked, found)).toEqual([]);
      expect(seatingValue(asked, found)).toBeGreaterThanOrEqual(
        best - wantedGap * Math.abs(best) - 1e-6,
      );
      expect(seatingValue(asked, found)).toBeLessThanOrEqual(best + 1e-6);
      expect(seatingValue(asked, quickSeats(asked))).toBeLessThanOrEqual(best + 1e-6);
    }
  }, 120_000);

  it("what is over stays as it was, and what it was counts", async () => {
    const highs = await loadHighs();
    const asked = model({ done: [[0], [1]], rounds: 3 });
    for (const seating of [
      quickSeats(asked),
      seatingFrom(asked, prove(highs, seatsProgramme(asked)!).columns),
    ]) {
      expect(seating.map(([first]) => first)).toEqual([0, 1]);
      expect(seatBreaches(asked, seating)).toEqual([]);
    }
  });

  it("says what a bad seating breaks", () => {
    const bad = model({
      people: [
        { id: "a", from: 1, until: 3, handsLeft: 10 },
        { id: "b", from: 0, until: 2, handsLeft: null },
      ],
      options: [
        [option(1, { hands: 20, kit: ["roller"] }), null],
        [option(1, { kit: ["roller"] }), option(1)],
      ],
      stations: [
        { id: "s", most: 1 },
        { id: "t", most: 2 },
      ],
      kit: [{ item: "roller", count: 1 }],
    });
    const kinds = (seating: Seating) =>
      new Set(seatBreaches(bad, seating).map(({ breaks }) => breaks));
    expect(
      kinds([
        [0, -1, -1],
        [-1, -1, -1],
      ]),
    ).toEqual(new Set(["absent", "hands"]));
    expect(
      kinds([
        [-1, 1, -1],
        [-1, -1, -1],
      ]),
    ).toEqual(new Set(["gate"]));
    expect(
      kinds([
        [-1, 0, -1],
        [-1, 0, -1],
      ]),
    ).toEqual(new Set(["hands", "full", "kit"]));
    expect(
      kinds([
        [-1, -1, -1],
        [1, 1, 1],
      ]),
    ).toEqual(new Set(["row", "absent"]));
  });
});
