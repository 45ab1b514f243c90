import type { LogItem, PrepItem, SetDone } from "../records/records";
import { loadOf } from "./load";
import type { Dose } from "../drill/dose";
import { setSeconds, setsOf } from "../drill/dose";

/** A drill in a log before anything is said about it: done as planned, with the weight that was planned, nothing felt. */
export const logItemOf = ({
  drillId,
  rungId,
  dose,
  why = [],
  labels = [],
}: Pick<PrepItem, "drillId" | "rungId"> & {
  dose: Dose | null;
  why?: PrepItem["why"];
  labels?: PrepItem["labels"];
}): LogItem => ({
  drillId,
  rungId,
  planned: dose,
  done: "done",
  seconds: 0,
  sets: [],
  load: loadOf(why).kg,
  band: loadOf(why).band,
  form: null,
  pain: 0,
  painPlace: "",
  painAt: null,
  painKind: null,
  sharp: false,
  looseAt: null,
  note: "",
  bySide: [],
  labels: [...labels],
});

/** How much was done, in one line of numbers: sets a side, and repetitions or seconds of a set. */
export type Amount = { sets: number; each: number; unit: "reps" | "s" };

/**
 * The amount of a log item: from its sets where they are known (the most sets of a side, the median set),
 * else from what was planned. Null where neither is known.
 */
export function amountOf({ sets, planned }: Pick<LogItem, "sets" | "planned">): Amount | null {
  if (sets.length > 0) {
    const sides = new Map<string, number>();
    for (const { side } of sets) sides.set(side ?? "", (sides.get(side ?? "") ?? 0) + 1);
    const counted = sets.some(({ reps }) => reps !== null);
    const each = sets.map((set) => (counted ? (set.reps ?? 0) : set.seconds)).sort((a, b) => a - b);
    return {
      sets: Math.max(...sides.values()),
      each: each[Math.floor((each.length - 1) / 2)]!,
      unit: counted ? "reps" : "s",
    };
  }
  if (!planned) return null;
  if (planned.type === "reps") return { sets: planned.sets, each: planned.reps, unit: "reps" };
  if (planned.type === "contract-relax")
    return { sets: planned.rounds, each: planned.contract + planned.deepen, unit: "s" };
  return { sets: setsOf(planned), each: setSeconds(planned), unit: "s" };
}

/** Sets as they are written down by hand: so many a side, each the same. */
export function setsAs(
  { sets, each, unit }: Amount,
  sides: readonly ("left" | "right")[],
  tempo = 3,
): SetDone[] {
  const of: SetDone["side"][] = sides.length > 0 ? [...sides] : [null];
  return of.flatMap((side) =>
    Array.from({ length: Math.max(0, Math.min(24, Math.round(sets))) }, () => ({
      side,
      reps: unit === "reps" ? Math.max(0, Math.round(each)) : null,
      seconds: Math.max(0, Math.round(unit === "reps" ? each * tempo : each)),
    })),
  );
}

/** Repetitions that were done of a log item, both sides together; 0 where it was not counted. */
export function repsOf(item: LogItem): number {
  if (item.done === "skipped") return 0;
  if (item.sets.length > 0) return item.sets.reduce((sum, { reps }) => sum + (reps ?? 0), 0);
  return item.planned?.type === "reps" ? item.planned.sets * item.planned.reps : 0;
}

/**
 * The dose that a log item stands for: what was planned, with the repetitions or seconds that were really done;
 * for what was not planned, what its sets make. Null where nothing is known.
 */
export function doseDone(item: Pick<LogItem, "planned" | "sets">): Dose | null {
  const { planned, sets } = item;
  const amount = sets.length > 0 ? amountOf(item) : null;
  if (!amount || amount.each < 1) return planned;
  if (!planned)
    return amount.unit === "reps"
      ? {
          type: "reps",
          sets: clamp(amount.sets, 12),
          reps: clamp(amount.each, 120),
          tempo: 3,
          rest: 0,
        }
      : {
          type: "hold",
          sets: clamp(amount.sets, 12),
          seconds: Math.max(3, clamp(amount.each, 600)),
          rest: 0,
        };
  if (planned.type === "reps" && amount.unit === "reps")
    return { ...planned, reps: clamp(amount.each, 120) };
  if (planned.type === "hold" && amount.unit === "s")
    return { ...planned, seconds: Math.max(3, clamp(amount.each, 600)) };
  return planned;
}

const clamp = (value: number, most: number): number => Math.max(1, Math.min(most, value));
