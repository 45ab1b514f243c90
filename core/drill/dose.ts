import * as z from "zod/mini";

const sets = z.int().check(z.minimum(1), z.maximum(12));
const rest = z.int().check(z.minimum(0), z.maximum(300));

/** How much of a drill. Times in whole seconds; `rest` is between sets. */
export const Dose = z.discriminatedUnion("type", [
  z.object({
    type: z.literal("time"),
    sets,
    seconds: z.int().check(z.minimum(5), z.maximum(1200)),
    rest,
  }),
  z.object({
    type: z.literal("reps"),
    sets,
    reps: z.int().check(z.minimum(1), z.maximum(120)),
    tempo: z.number().check(z.minimum(0.5), z.maximum(12)),
    rest,
  }),
  z.object({
    type: z.literal("hold"),
    sets,
    seconds: z.int().check(z.minimum(3), z.maximum(600)),
    rest,
  }),
  z.object({
    type: z.literal("contract-relax"),
    rounds: z.int().check(z.minimum(1), z.maximum(6)),
    contract: z.int().check(z.minimum(3), z.maximum(20)),
    deepen: z.int().check(z.minimum(5), z.maximum(60)),
  }),
]);
export type Dose = z.infer<typeof Dose>;

/** Seconds of work of one set on one side (all rounds of a contract–relax are one set). */
export function setSeconds(dose: Dose): number {
  switch (dose.type) {
    case "time":
    case "hold":
      return dose.seconds;
    case "reps":
      return Math.round(dose.reps * dose.tempo);
    case "contract-relax":
      return dose.rounds * (dose.contract + dose.deepen);
  }
}

/** A dose with another amount in a set: repetitions where it is counted, else seconds. Rounds of contracting stay. */
export function amounting(dose: Dose, amount: number | undefined): Dose {
  if (amount === undefined || dose.type === "contract-relax") return dose;
  return dose.type === "reps" ? { ...dose, reps: amount } : { ...dose, seconds: amount };
}

export const setsOf = (dose: Dose): number => (dose.type === "contract-relax" ? 1 : dose.sets);
export const restOf = (dose: Dose): number => (dose.type === "contract-relax" ? 0 : dose.rest);

/** Seconds of work a side receives: what counts as the dose of a motion. */
export const workSeconds = (dose: Dose): number => setsOf(dose) * setSeconds(dose);

/**
 * A dose in a coach's own short form.
 * @example writeDose({ type: "contract-relax", rounds: 3, contract: 10, deepen: 25 }) // "3 × (10 + 25 s)"
 */
export function writeDose(dose: Dose): string {
  switch (dose.type) {
    case "time":
      return dose.sets === 1 ? clock(dose.seconds) : `${dose.sets} × ${clock(dose.seconds)}`;
    case "hold":
      return `${dose.sets} × ${dose.seconds} s`;
    case "reps":
      return `${dose.sets} × ${dose.reps}`;
    case "contract-relax":
      return `${dose.rounds} × (${dose.contract} + ${dose.deepen} s)`;
  }
}

/** Minutes and seconds. @example clock(95) // "1:35" */
export const clock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, "0")}`;
