import { quickSeats, seatBreaches, seatingValue, changesOf, type SeatModel } from "../core/hall/seats";
import { seatsProgramme, seatingFrom } from "../core/hall/seats-programme";
import { prove } from "../core/stats/prove";
import loadHighs from "highs";
const highs = await loadHighs();
let seed = 1; const rnd = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
for (const [P, S, R] of [[6, 4, 4], [12, 6, 6], [12, 6, 8], [10, 5, 6], [20, 8, 8]] as const) {
  const model: SeatModel = {
    people: Array.from({ length: P }, (_, n) => ({ id: `p${n}`, from: n === 0 ? 2 : 0, until: R, handsLeft: n % 4 === 0 ? 60 : null })),
    stations: Array.from({ length: S }, (_, n) => ({ id: `s${n}`, most: n === 0 ? 1 : Math.ceil(P / S) + 1 })),
    rounds: R,
    options: Array.from({ length: P }, () => Array.from({ length: S }, (_, s) => rnd() < 0.12 ? null : { rungId: "r", dose: { type: "hold", sets: 1, seconds: 30, rest: 0 } as const, worth: Math.round(rnd() * 100) / 100, kit: s < 2 ? ["roller" as const] : [], hands: s === 3 ? 40 : 0 })),
    kit: [{ item: "roller", count: 3 }],
    done: [],
  };
  const t0 = performance.now(); const quick = quickSeats(model); const t1 = performance.now();
  const p = prove(highs, seatsProgramme(model)); const best = seatingFrom(model, p.columns);
  console.log(P, S, R, "quick", Math.round(t1 - t0), seatingValue(model, quick).toFixed(2), changesOf(quick), seatBreaches(model, quick).length, "solver", p.seconds.toFixed(1), p.gap, seatingValue(model, best).toFixed(2), changesOf(best), seatBreaches(model, best));
}
