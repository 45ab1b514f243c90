import { describe, expect, it } from "vitest";
import { workSeconds, writeDose, type Dose } from "./dose";
import { nextSameTotal, sameTotals } from "./same-total";

const hold = (sets: number, seconds: number): Dose => ({ type: "hold", sets, seconds, rest: 10 });

describe("the same total", () => {
  it("2 × 30 is 1 × 60, 3 × 20, 4 × 15, 6 × 10, 12 × 5", () =>
    expect(sameTotals(hold(2, 30)).map(writeDose)).toEqual([
      "1 × 60 s",
      "2 × 30 s",
      "3 × 20 s",
      "4 × 15 s",
      "6 × 10 s",
      "12 × 5 s",
    ]));
  it("goes round, and the work stays the same", () => {
    let dose: Dose = hold(2, 30);
    const seen = new Set<string>();
    for (let n = 0; n < 6; n += 1) {
      expect(workSeconds(dose)).toBe(60);
      seen.add(writeDose(dose));
      dose = nextSameTotal(dose)!;
    }
    expect(dose).toMatchObject({ sets: 2, seconds: 30 });
    expect(seen.size).toBe(6);
  });
  it("is none for rounds, or where there is no other way", () => {
    expect(
      nextSameTotal({ type: "contract-relax", rounds: 2, contract: 10, deepen: 30 }),
    ).toBeNull();
    expect(nextSameTotal({ type: "reps", sets: 1, reps: 1, tempo: 3, rest: 0 })).toBeNull();
  });
});
