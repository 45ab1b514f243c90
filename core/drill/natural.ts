import type { Dose } from "./dose";

/** Repetitions that people say, from few to many. */
export const naturalReps: readonly number[] = [
  1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30, 50, 100,
];
/** Seconds that people say, from short to long. */
export const naturalSeconds: readonly number[] = [
  5, 10, 15, 20, 30, 45, 60, 90, 120, 180, 240, 300,
];
/** A raise and a wind-down are as long as there is room, in steps of so many seconds. */
export const raiseStep = 15;

/** The largest figure that people say and that is not above a value; the smallest of all below it. */
export const naturalDown = (value: number, figures: readonly number[]): number =>
  figures.findLast((one) => one <= value) ?? figures[0]!;

/** The smallest figure that people say and that is not below a value; the largest of all above it. */
export const naturalUp = (value: number, figures: readonly number[]): number =>
  figures.find((one) => one >= value) ?? figures.at(-1)!;

/**
 * One step up from a value, inside a range: the next figure that people say.
 * @returns null where that is beyond the range
 * @example naturalAfter(12, naturalReps, 20) // 15
 */
export function naturalAfter(value: number, figures: readonly number[], to: number): number | null {
  const next = figures.find((one) => one > value);
  return next !== undefined && next <= to ? next : null;
}

/** A dose of figures that people say: rounded down to them, so that it never asks for more. */
export function natural(dose: Dose): Dose {
  switch (dose.type) {
    case "reps":
      return { ...dose, reps: naturalDown(dose.reps, naturalReps) };
    case "hold":
    case "time":
      return { ...dose, seconds: naturalDown(dose.seconds, naturalSeconds) };
    case "contract-relax":
      return {
        ...dose,
        contract: naturalDown(dose.contract, naturalSeconds),
        deepen: naturalDown(dose.deepen, naturalSeconds),
      };
  }
}
