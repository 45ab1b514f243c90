import type { LeftRight } from "../body/side";
import { amounting, restOf, setSeconds, setsOf, type Dose } from "../drill/dose";
import { atRung, rungOf, type Drill, type Position } from "../drill/drill";
import type { PrepItem } from "../records/records";
import { drillOf, type Library } from "../content/library";
import { doesOf } from "../exposure/does";
import { mayGoOn } from "./stays";

/** Seconds to change position, and to change kit, between two drills. */
export const changePosition = 10;
export const changeKit = 20;

export type StepKind =
  | "transition"
  | "set-up"
  | "work"
  | "contract"
  | "deepen"
  | "rest"
  | "side-change"
  /** The athlete's own work set, as long as it takes: a run waits here until it is told to go on. */
  | "own-set"
  /** Work before the clock begins, on the way there: waits in the same way, and takes none of the minutes. */
  | "on-the-way"
  /** Work that goes on until it is loose: its seconds are what is usual, and a tap ends it. */
  | "until-loose"
  /** Between two drills; belongs to the one before it. */
  | "breath"
  /** Kept free at the end; belongs to the last item. */
  | "hand-over";

/** One stretch of time in a prep: what the clock shows, and for how many whole seconds. */
export type Step = {
  kind: StepKind;
  item: number;
  seconds: number;
  side: LeftRight | null;
  set: number;
  sets: number;
  /** Repetitions in this step when it is counted, else null. */
  reps: number | null;
};

/**
 * Seconds between two drills: 20 where new kit is fetched, 10 where only the position changes, else 0.
 * Kit is fetched on the way to the new position, so the longer of the two counts, not both.
 */
export function transition(from: Placed | null, to: Placed): number {
  if (!from) return 0;
  const fetched = to.kit.some(
    (item) => item !== "wall" && item !== "mat" && !from.kit.includes(item),
  );
  return fetched ? changeKit : from.position !== to.position ? changePosition : 0;
}

/** Where a drill is done and with what. Things at hand wherever one is are not fetched. */
export type Placed = { position: Position; kit: readonly string[] };

const placed = (item: PrepItem, drill: Drill): Placed => {
  const rung = rungOf(drill, item.rungId);
  return { position: atRung(drill, rung).position, kit: rung.kit };
};

/** Steps of one drill, without the transition before it, and the breath after it. */
export function stepsOf(item: PrepItem, drill: Drill, index: number): Step[] {
  if (item.outside) return [onTheWay(item, index)];
  const steps = drillSteps(item, drill, index);
  if (item.breath)
    steps.push({
      kind: "breath",
      item: index,
      seconds: item.breath.seconds,
      side: null,
      set: 1,
      sets: 1,
      reps: null,
    });
  return steps;
}

const onTheWay = ({ dose }: PrepItem, item: number): Step => ({
  kind: "on-the-way",
  item,
  seconds: 0,
  side: null,
  set: 1,
  sets: 1,
  reps: dose.type === "reps" ? dose.reps : null,
});

function drillSteps(item: PrepItem, drill: Drill, index: number): Step[] {
  const steps: Step[] = [];
  const sides: (LeftRight | null)[] = item.sides.length > 0 ? item.sides : [null];
  const sets = setsOf(item.dose);
  const add = (
    kind: StepKind,
    seconds: number,
    side: LeftRight | null,
    set: number,
    of = sets,
    reps: number | null = null,
  ) => {
    if (seconds > 0) steps.push({ kind, item: index, seconds, side, set, sets: of, reps });
  };
  if (item.boxed) {
    const each = setSeconds(item.dose);
    sides.forEach((side, n) => add("work", shareOf(each, sides.length, n), side, 1, 1));
    return steps;
  }
  add("set-up", drill.setUp, sides[0]!, 1);
  sides.forEach((side, n) => {
    if (n > 0) add("side-change", drill.sideChange, side, 1);
    const more = item.extra && item.extra.side === side ? item.extra.sets : 0;
    if (item.dose.type === "contract-relax") {
      const rounds = item.dose.rounds + more;
      for (let round = 1; round <= rounds; round += 1) {
        add("contract", item.dose.contract, side, round, rounds);
        add("deepen", item.dose.deepen, side, round, rounds);
      }
      return;
    }
    const all = sets + more;
    // Asked of the rung as it is by now, whatever was written or changed on the floor.
    if (item.untilLoose && mayGoOn(drill, doesOf(drill, rungOf(drill, item.rungId)).exposes)) {
      const reps = item.dose.type === "reps" ? sumOf(item, all, repsOf) : null;
      const seconds = sumOf(item, all, setSeconds) + (all - 1) * restOf(item.dose);
      add("until-loose", seconds, side, 1, 1, reps);
      return;
    }
    for (let set = 1; set <= all; set += 1) {
      const dose = doseAt(item, set);
      add("work", setSeconds(dose), side, set, all, dose.type === "reps" ? dose.reps : null);
      if (set < all) add("rest", restOf(item.dose), side, set);
    }
  });
  return steps;
}

/** What one set of an item is, where its sets are not all the same. */
export const doseAt = ({ dose, amounts }: Pick<PrepItem, "dose" | "amounts">, set: number): Dose =>
  amounting(dose, amounts[set - 1]);

const repsOf = (dose: Dose): number => (dose.type === "reps" ? dose.reps : 0);

/** Something of every set, added up over so many sets. */
const sumOf = (item: PrepItem, sets: number, of: (dose: Dose) => number): number =>
  Array.from({ length: sets }, (_, n) => of(doseAt(item, n + 1))).reduce((a, b) => a + b, 0);

/** Whole seconds of a box for each of those that share it, the first taking what does not divide. */
export const shareOf = (seconds: number, among: number, n: number): number =>
  Math.floor(seconds / among) + (n < seconds % among ? 1 : 0);

/**
 * A prep laid out second by second. Its length is the sum of its steps: the same list times the plan,
 * draws the strip to scale and drives the run.
 * Drills that the library no longer has are left out.
 * @param handOver seconds kept free at the end
 */
export function timelineOf(items: readonly PrepItem[], library: Library, handOver = 0): Step[] {
  const steps: Step[] = [];
  let previous: Placed | null = null;
  items.forEach((item, index) => {
    const drill = drillOf(library, item.drillId);
    if (!drill) return;
    const here = placed(item, drill);
    const pause = item.boxed || item.outside ? 0 : transition(previous, here);
    if (pause > 0)
      steps.push({
        kind: "transition",
        item: index,
        seconds: pause,
        side: null,
        set: 1,
        sets: 1,
        reps: null,
      });
    steps.push(...stepsOf(item, drill, index));
    if (!item.outside) previous = here;
  });
  if (handOver > 0 && steps.length > 0)
    steps.push({
      kind: "hand-over",
      item: items.length - 1,
      seconds: handOver,
      side: null,
      set: 1,
      sets: 1,
      reps: null,
    });
  return steps;
}

export const secondsOf = (steps: readonly Step[]): number =>
  steps.reduce((sum, step) => sum + step.seconds, 0);

/**
 * Length of a prep in whole seconds, transitions included: the sum of `timelineOf` without laying it out,
 * for the planner, which asks thousands of times.
 */
export function prepSeconds(items: readonly PrepItem[], library: Library, handOver = 0): number {
  let total = items.length > 0 ? handOver : 0;
  let previous: Placed | null = null;
  for (const item of items) {
    const drill = drillOf(library, item.drillId);
    if (!drill || item.outside) continue;
    const here = placed(item, drill);
    total +=
      (item.boxed
        ? setSeconds(item.dose)
        : transition(previous, here) +
          itemSeconds(item.dose, drill, item.sides, item.extra, item.amounts)) +
      (item.breath?.seconds ?? 0);
    previous = here;
  }
  return total;
}

/**
 * Seconds of one dose on these sides, set-up and side changes included: Σ over sets and sides of work + rests +
 * side changes, and what the shorter side gets beyond the other.
 */
export function itemSeconds(
  dose: Dose,
  drill: Drill,
  sides: readonly LeftRight[],
  extra: PrepItem["extra"] = null,
  amounts: readonly number[] = [],
): number {
  const times = Math.max(1, sides.length);
  const sets = setsOf(dose);
  const work =
    amounts.length === 0
      ? sets * setSeconds(dose)
      : Array.from({ length: sets }, (_, n) => setSeconds(amounting(dose, amounts[n]))).reduce(
          (a, b) => a + b,
          0,
        );
  return (
    drill.setUp +
    times * (work + (sets - 1) * restOf(dose)) +
    (times - 1) * drill.sideChange +
    (extra && sides.includes(extra.side) ? extra.sets * oneSet(dose) : 0)
  );
}

/** One set more with the rest before it, or one round more, seconds. */
const oneSet = (dose: Dose): number =>
  dose.type === "contract-relax" ? dose.contract + dose.deepen : setSeconds(dose) + restOf(dose);
