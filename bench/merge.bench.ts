import { diceOf } from "../core/stats/dice";
import { mergedHistory } from "../core/test/merging";
import type { Bench } from "./bench";

const histories = 12_000;

/**
 * Three devices with clocks that go wrong, random deeds and random exchanges: whether all come to the same, and whether
 * anything that was written is lost without being told. Judged by what each deed knew, not by the stamps.
 */
const merge: Bench = () => {
  const dice = diceOf(2026);
  const all = { diverged: 0, lost: 0, deeds: 0, merges: 0, differences: 0 };
  const examples: { history: number; what: string }[] = [];
  for (let n = 0; n < histories; n += 1) {
    const one = mergedHistory(dice, 4 + Math.floor(36 * dice.unit()));
    all.diverged += one.diverged ? 1 : 0;
    all.lost += one.lost.length;
    all.deeds += one.deeds;
    all.merges += one.merges;
    all.differences += one.differences;
    if (examples.length < 10) examples.push(...one.lost.map((what) => ({ history: n, what })));
  }
  return Promise.resolve({
    table: [
      {
        histories,
        deeds: all.deeds,
        "records merged": all.merges,
        "differences told": all.differences,
      },
      ...examples,
    ],
    figures: [
      { key: "histories", value: histories, unit: "of three devices" },
      { key: "lost", value: all.lost, unit: `of ${all.deeds} deeds` },
      { key: "diverged", value: all.diverged, unit: "histories" },
    ],
  });
};

export default merge;
