import type { Dose } from "./dose";
import { naturalReps, naturalSeconds } from "./natural";

/** Most sets that a total is split into. */
const mostSets = 12;

/**
 * Other ways to the same total, in figures that people say, the fewest sets first: total time counts, not its pieces.
 * None for a dose that has no sets.
 * @example sameTotals(2 × 30 s) // 1 × 60 s, 2 × 30 s, 3 × 20 s, 4 × 15 s, 6 × 10 s, 12 × 5 s
 */
export function sameTotals(dose: Dose): Dose[] {
  if (dose.type === "contract-relax") return [];
  const each = dose.type === "reps" ? dose.reps : dose.seconds;
  const figures = dose.type === "reps" ? naturalReps : naturalSeconds;
  const total = dose.sets * each;
  return figures
    .filter((one) => total % one === 0 && total / one <= mostSets)
    .map((one) => {
      const sets = total / one;
      const rest = sets > 1 ? Math.max(5, dose.rest) : 0;
      return dose.type === "reps"
        ? { ...dose, sets, reps: one, rest }
        : { ...dose, sets, seconds: one, rest };
    })
    .sort((a, b) => a.sets - b.sets);
}

/** The next way to the same total: more sets of less, and from the last back to the first. */
export function nextSameTotal(dose: Dose): Dose | null {
  const all = sameTotals(dose);
  if (dose.type === "contract-relax" || all.length < 2) return null;
  const at = all.findIndex((one) => "sets" in one && one.sets === dose.sets);
  return all[(at + 1) % all.length]!;
}
