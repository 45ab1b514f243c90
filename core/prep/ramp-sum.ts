import type { RampStep } from "./ramp";

/** Repetitions of a ramp, step by step and in all. @example rampSum(ramp) // "4 + 4 + 15 = 23" */
export function rampSum(ramp: readonly Pick<RampStep, "sets" | "reps">[]): string {
  const parts = ramp.map(({ sets, reps }) => sets * reps);
  const total = parts.reduce((sum, part) => sum + part, 0);
  return parts.length > 1 ? `${parts.join(" + ")} = ${total}` : String(total);
}
