import type { Dose } from "../drill/dose";
import { rungOf, type Drill } from "../drill/drill";
import type { Log, LogItem } from "../exchange/records";
import { comfortLimit, painLimit } from "../safety/pain";

export type NextStep = {
  drillId: string;
  rungId: string;
  dose: Dose;
  change: "more" | "same" | "next-rung" | "step-back" | "stop";
  why: string;
};

const easy = (item: LogItem): boolean =>
  item.done === "done" &&
  item.form !== "wobble" &&
  item.form !== "lost" &&
  item.pain <= comfortLimit;

/**
 * What comes next for a drill, from its last two sessions: two or three repetitions or five seconds more when
 * both were complete, clean and comfortable; at the top of the range the next rung at the bottom of its range;
 * a rung down when form was lost or pain passed 4/10; a stop after sharp pain or pain above 5/10.
 * Null when the drill has never been logged.
 */
export const nextStep = (drill: Drill, logs: readonly Log[]): NextStep | null =>
  stepAfter(drill, doneByDrill(logs).get(drill.id) ?? []);

/** What was done of each drill, the latest first. */
function doneByDrill(logs: readonly Log[]): Map<string, LogItem[]> {
  const found = new Map<string, LogItem[]>();
  for (const log of [...logs].sort((a, b) => b.on.localeCompare(a.on)))
    for (const item of log.items) {
      if (item.done === "skipped" || !item.planned) continue;
      const list = found.get(item.drillId);
      if (list) list.push(item);
      else found.set(item.drillId, [item]);
    }
  return found;
}

function stepAfter(drill: Drill, done: readonly LogItem[]): NextStep | null {
  const [last, before] = done;
  if (!last?.planned) return null;
  const rung = rungOf(drill, last.rungId);
  const stay = (change: NextStep["change"], why: string, dose = last.planned!): NextStep => ({
    drillId: drill.id,
    rungId: rung.id,
    dose,
    change,
    why,
  });
  if (last.sharp || last.pain > painLimit)
    return stay(
      "stop",
      `stopped after ${last.sharp ? "sharp pain" : `pain ${last.pain}/10`} last time`,
    );
  if (last.form === "lost" || last.pain > comfortLimit) return stepBack(drill, last, stay);
  if (!easy(last))
    return stay(
      "same",
      last.form === "wobble"
        ? "wobbled last time: the same again"
        : "not complete last time: the same again",
    );
  if (!before || before.rungId !== last.rungId || !easy(before))
    return stay("same", "clean once: the same once more");
  return stepUp(drill, last, stay);
}

type Stay = (change: NextStep["change"], why: string, dose?: Dose) => NextStep;

function stepBack(drill: Drill, last: LogItem, stay: Stay): NextStep {
  const why = last.form === "lost" ? "the position was lost" : `pain ${last.pain}/10`;
  const lower = drill.rungs[drill.rungs.findIndex((rung) => rung.id === last.rungId) - 1];
  if (!lower) return stay("same", `${why}: fewer and slower`);
  return {
    drillId: drill.id,
    rungId: lower.id,
    dose: lower.session ?? lower.warmUp ?? last.planned!,
    change: "step-back",
    why: `${why}: a rung down`,
  };
}

function stepUp(drill: Drill, last: LogItem, stay: Stay): NextStep {
  const rung = rungOf(drill, last.rungId);
  const more = grown(last.planned!, rung.range);
  if (more) return stay("more", "two sessions complete, clean and comfortable", more);
  const higher = drill.rungs[drill.rungs.indexOf(rung) + 1];
  const dose = higher && (higher.session ?? higher.warmUp);
  if (!higher || !dose) return stay("same", "at the top of the ladder: keep it");
  return {
    drillId: drill.id,
    rungId: higher.id,
    dose,
    change: "next-rung",
    why: `at the top of ${rung.name.toLowerCase()}: next rung`,
  };
}

/** The dose one step up inside its range; null at the top. Time boxes and rounds belong to the plan: they count as the top. */
function grown(dose: Dose, range: { to: number; step: number }): Dose | null {
  if (dose.type === "reps" && dose.reps + range.step <= range.to)
    return { ...dose, reps: dose.reps + range.step };
  if (dose.type === "hold" && dose.seconds + range.step <= range.to)
    return { ...dose, seconds: dose.seconds + range.step };
  return null;
}

/** The next step of every drill that was ever logged. */
export function nextSteps(drills: readonly Drill[], logs: readonly Log[]): Map<string, NextStep> {
  const done = doneByDrill(logs);
  return new Map(
    drills.flatMap((drill) => {
      const step = stepAfter(drill, done.get(drill.id) ?? []);
      return step ? [[step.drillId, step] as const] : [];
    }),
  );
}
