import { onRung, rungOf, type Drill } from "../drill/drill";
import type { GateAsk } from "../drill/gate";
import type { LeftRight } from "../body/side";
import type { Dose } from "../drill/dose";
import type { PrepItem } from "../records/records";

/** The rung so many steps along the ladder, at a dose like the present one; null where the ladder ends. */
export function atRungBy(
  item: PrepItem,
  drill: Drill,
  by: -1 | 1,
  doses: "warm-up" | "mobility",
): PrepItem | null {
  const at = drill.rungs.indexOf(rungOf(drill, item.rungId));
  const rung = drill.rungs[at + by];
  if (!rung) return null;
  const usual = doses === "warm-up" ? (rung.warmUp ?? rung.session) : (rung.session ?? rung.warmUp);
  const dose = item.boxed || !usual ? item.dose : asMany(usual, item.dose);
  return { ...onRung(item, drill, rung), dose };
}

/** The usual dose of a rung, in as many sets or rounds as the present one. */
function asMany(usual: Dose, present: Dose): Dose {
  if (usual.type === "contract-relax")
    return present.type === "contract-relax" ? { ...usual, rounds: present.rounds } : usual;
  return present.type === "contract-relax"
    ? usual
    : { ...usual, sets: present.sets, rest: present.rest };
}

const mostSets = 12;
const mostRounds = 6;

/** One set or round more on both sides; null where there are as many as there can be. */
export function oneMore(item: PrepItem): PrepItem | null {
  if (item.boxed) return null;
  const { dose } = item;
  if (dose.type === "contract-relax")
    return dose.rounds < mostRounds
      ? { ...item, dose: { ...dose, rounds: dose.rounds + 1 } }
      : null;
  return dose.sets < mostSets
    ? { ...item, dose: { ...dose, sets: dose.sets + 1, rest: Math.max(5, dose.rest) } }
    : null;
}

/** One set or round more on one side alone. */
export const oneMoreOn = (item: PrepItem, side: LeftRight): PrepItem | null =>
  item.boxed || !item.sides.includes(side) || (item.extra?.sets ?? 0) >= mostRounds
    ? null
    : {
        ...item,
        extra: { side, sets: item.extra?.side === side ? item.extra.sets + 1 : 1 },
      };

/** What can be done about a form gate: the step, in words, and the item as it then is (null: nothing in the plan changes). */
export type Remedy = { id: GateAsk; item: PrepItem | null };

/**
 * The steps that fit what was seen: slower where it is counted, fewer, less range, and a rung down where there is one.
 * The first is the one the gate itself asks for.
 */
export function remedies(
  item: PrepItem,
  drill: Drill,
  asks: GateAsk,
  doses: "warm-up" | "mobility",
): Remedy[] {
  const { dose } = item;
  const list: Remedy[] = [];
  if (dose.type === "reps")
    list.push({
      id: "slower",
      item: {
        ...item,
        dose: { ...dose, tempo: Math.min(12, Math.round(dose.tempo * 1.5 * 2) / 2) },
      },
    });
  const less = fewer(dose);
  if (less && !item.boxed) list.push({ id: "fewer", item: { ...item, dose: less } });
  list.push({ id: "less-range", item: null });
  const down = atRungBy(item, drill, -1, doses);
  if (down) list.push({ id: "rung-down", item: down });
  return list.sort((a, b) => Number(b.id === asks) - Number(a.id === asks));
}

/** A third less of a set, whole repetitions and seconds; null where nothing sensible is left. */
export function fewer(dose: Dose): Dose | null {
  switch (dose.type) {
    case "reps":
      return dose.reps > 2 ? { ...dose, reps: Math.max(2, Math.floor((dose.reps * 2) / 3)) } : null;
    case "hold":
      return dose.seconds > 10
        ? { ...dose, seconds: Math.max(8, Math.floor((dose.seconds * 2) / 3)) }
        : null;
    case "time":
      return dose.seconds > 15
        ? { ...dose, seconds: Math.max(10, Math.floor((dose.seconds * 2) / 3)) }
        : null;
    case "contract-relax":
      return dose.rounds > 1 ? { ...dose, rounds: dose.rounds - 1 } : null;
  }
}

/** The list with one item in the place of another of the same identifier. */
export const withItem = (items: readonly PrepItem[], item: PrepItem): PrepItem[] =>
  items.map((one) => (one.id === item.id ? item : one));
