import type { Bench } from "./bench";
import { trial } from "./safety/trial";

const situations = 20_000;

/** What a clinician's rules, written apart from the gate, find wrong over seeded situations: people, answers, clearances, pains, ages, kits, minutes, formats, edits and floor events. */
const bench: Bench = () => {
  const found = new Map<string, { count: number; seed: number }>();
  let [violations, broken] = [0, 0];
  for (let seed = 1; seed <= situations; seed += 1) {
    const wrong = trial(seed);
    violations += wrong.length;
    broken += wrong.length > 0 ? 1 : 0;
    for (const one of wrong) {
      const known = found.get(one);
      found.set(one, { count: (known?.count ?? 0) + 1, seed: known?.seed ?? seed });
    }
  }
  const worst = [...found].sort((a, b) => b[1].count - a[1].count).slice(0, 40);
  return Promise.resolve({
    table: worst.map(([wrong, { count, seed }]) => ({ wrong, count, "first seed": seed })),
    figures: [
      { key: "situations", value: situations, unit: "" },
      { key: "violations", value: violations, unit: "" },
      { key: "situations_broken", value: broken, unit: "" },
    ],
  });
};

export default bench;
