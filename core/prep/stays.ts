import type { Dose } from "../drill/dose";
import type { Drill } from "../drill/drill";
import type { Exposure } from "../body/exposures";
import type { GateLimit } from "./permit";

/** What no stay and no clock may turn into minutes. */
const never: readonly Exposure[] = [
  "hang-part",
  "hang",
  "hang-behind",
  "inverted",
  "hands-full",
  "near-maximal",
  "head-bears",
  "fall",
];
/** The same where it is held still; moving through it is another thing. */
const neverStill: readonly Exposure[] = [
  "wrist-end",
  "hand-backs",
  "fists",
  "neck-end",
  "neck-loaded",
  "toes-end",
  "spine-arch-end",
  "spine-bend-loaded",
];
/** The longest of these in one go, seconds. Working figure. */
export const longestHard = 45;

const moves = ({ kind }: Pick<Drill, "kind">): boolean =>
  ["pulse", "soft-tissue", "circles", "dynamic", "breathing"].includes(kind);

/** Low and on the way somewhere, as on easy ground: the weight is never long in one place. */
const onTheWay: readonly Exposure[] = ["fall", "hang-part"];

/** The longest that a rung may be stayed in, or done by the clock, in one go; null where nothing limits it. */
export const longestOf = (
  drill: Pick<Drill, "kind"> & Partial<Pick<Drill, "pattern">>,
  exposes: ReadonlySet<Exposure>,
): number | null =>
  never.some(
    (one) => exposes.has(one) && !(drill.pattern === "travel" && onTheWay.includes(one)),
  ) ||
  (!moves(drill) && neverStill.some((one) => exposes.has(one)))
    ? longestHard
    : null;

/** Whether it may go on for as long as somebody feels like: it moves, and nothing limits a stay in it. */
export const mayGoOn = (
  drill: Pick<Drill, "kind"> & Partial<Pick<Drill, "pattern">>,
  exposes: ReadonlySet<Exposure>,
): boolean =>
  !["static", "contract-relax", "skill"].includes(drill.kind) && longestOf(drill, exposes) === null;

/** Seconds in one go that a dose keeps a body where it is, or at it by the clock; 0 where it is counted. */
export function stillSeconds(drill: Pick<Drill, "kind">, dose: Dose): number {
  switch (dose.type) {
    case "hold":
    case "time":
      return dose.seconds;
    case "contract-relax":
      return dose.deepen;
    case "reps":
      return 0;
  }
}

/** A dose that stays no longer than this. */
export function capped(drill: Pick<Drill, "kind">, dose: Dose, seconds: number): Dose {
  if (stillSeconds(drill, dose) <= seconds) return dose;
  return dose.type === "contract-relax"
    ? { ...dose, deepen: seconds }
    : dose.type === "reps"
      ? dose
      : { ...dose, seconds };
}

/** The shortest of the limits on a stay; null where there is none. */
export function longestBy(limits: readonly GateLimit[]): number | null {
  const all = limits.flatMap((one) => (one.limit === "hold" ? [one.seconds] : []));
  return all.length > 0 ? Math.min(...all) : null;
}
