import { drillOf, type Library } from "../content/library";
import type { Prep, PrepItem } from "../records/records";
import { secondsOf, timelineOf, type Step } from "../prep/timeline";
import { isWorkStep } from "./state";

/** A corrective in the rest between two work sets. */
const isFiller = (item: PrepItem): boolean =>
  item.boxed && item.why.some(({ why }) => why === "between-sets");

/** The steps of a run: the prep's timeline, with the athlete's own work set before and after every filler. */
export function courseOf(
  items: readonly PrepItem[],
  library: Library,
  { handOver }: Pick<Prep, "handOver">,
): Step[] {
  const fillers = items.filter(isFiller).length;
  if (fillers === 0) return timelineOf(items, library, handOver);
  let set = 0;
  const own = (item: number): Step => ({
    kind: "own-set",
    item,
    seconds: 0,
    side: null,
    set: (set += 1),
    sets: fillers + 1,
    reps: null,
  });
  const steps: Step[] = [];
  for (const step of timelineOf(items, library, handOver)) {
    const last = steps.at(-1);
    if (isFiller(items[step.item]!) && last?.item !== step.item) steps.push(own(step.item));
    steps.push(step);
  }
  const end = steps.findLastIndex((step) => isFiller(items[step.item]!));
  steps.splice(end + 1, 0, own(steps[end]!.item));
  return steps;
}

/** Seconds to settle into another rung, where the drill itself asks for none. */
const leastSetUp = 5;

/**
 * What is left to do of an item when its rung, drill or dose is changed while it runs: the same set again at the
 * new rung, after a moment to set up; the rest of the set as it is when only sets were added; the whole item for
 * another drill.
 * @param present the step that was running
 * @param fresh the steps of the changed item, laid out from its beginning
 */
export function resumedAt(
  was: PrepItem,
  now: PrepItem,
  present: Step,
  fresh: readonly Step[],
  library: Library,
): { steps: Step[]; keepsTime: boolean } {
  const begun = isWorkStep(present) || present.kind === "rest" || present.kind === "side-change";
  const same = was.drillId === now.drillId && was.rungId === now.rungId;
  if (same) {
    const at = fresh.findIndex(
      (step) =>
        step.kind === present.kind && step.side === present.side && step.set === present.set,
    );
    if (at >= 0) {
      const [here, ...after] = fresh.slice(at);
      const lasts = sameDose(was, now) ? present.seconds : here!.seconds;
      return { steps: [{ ...here!, seconds: lasts }, ...after], keepsTime: true };
    }
  }
  const rest = fresh.filter((step) => step.kind !== "transition");
  const setUp = Math.max(leastSetUp, drillOf(library, now.drillId)?.setUp ?? 0);
  const first = rest.find((step) => step.kind !== "set-up");
  if (!first) return { steps: [], keepsTime: false };
  const ready = (step: Step): Step => ({ ...step, kind: "set-up", seconds: setUp, reps: null });
  if (!begun || was.drillId !== now.drillId)
    return {
      steps: [ready(first), ...rest.filter((step) => step.kind !== "set-up")],
      keepsTime: false,
    };
  const set = present.kind === "rest" ? present.set + 1 : present.set;
  const sides = [...new Set(rest.map(({ side }) => side))];
  const due = (step: Step): boolean =>
    sides.indexOf(step.side) > sides.indexOf(present.side) ||
    (step.side === present.side && step.set >= set && step.kind !== "side-change");
  const at = rest.findIndex((step) => isWorkStep(step) && due(step));
  return at < 0
    ? { steps: [], keepsTime: false }
    : { steps: [ready(rest[at]!), ...rest.slice(at)], keepsTime: false };
}

const sameDose = (was: PrepItem, now: PrepItem): boolean => {
  const [a, b] = [was.dose, now.dose];
  if (a.type === "reps" && b.type === "reps") return a.reps === b.reps && a.tempo === b.tempo;
  if (a.type === "contract-relax" && b.type === "contract-relax")
    return a.contract === b.contract && a.deepen === b.deepen;
  return "seconds" in a && "seconds" in b && a.seconds === b.seconds;
};

/** Seconds of work in these steps. */
export const workIn = (steps: readonly Step[]): number => secondsOf(steps.filter(isWorkStep));
