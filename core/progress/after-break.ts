import type { MotionId } from "../body/motions";
import { rungOf, type Drill } from "../drill/drill";
import type { Log } from "../records/records";
import { drillOf, type Drills } from "../content/library";
import { daysBetween } from "../dates/days";

/**
 * How far below one begins again after days without work on a motion: nothing under ten days; then the bottom of
 * the same rung; a rung down from three weeks; two from six. Working figures.
 */
export const breakSteps = [
  { days: 42, rungs: 2 },
  { days: 21, rungs: 1 },
  { days: 10, rungs: 0 },
] as const;

/** The rung to begin again at after so many days, and whether at the bottom of its range; null where the break is too short to matter. */
export function restartAfter(
  days: number,
  drill: Drill,
  rungId: string,
): { rungId: string; rungs: number } | null {
  const step = breakSteps.find((one) => days >= one.days);
  if (!step) return null;
  const at = drill.rungs.indexOf(rungOf(drill, rungId));
  const rung = drill.rungs[Math.max(0, at - step.rungs)]!;
  return { rungId: rung.id, rungs: at - drill.rungs.indexOf(rung) };
}

/** The last day on which each motion was worked on, by drills of which at least half counts for it. */
export function lastWorked(logs: readonly Log[], library: Drills): Map<MotionId, string> {
  const last = new Map<MotionId, string>();
  for (const log of logs)
    for (const item of log.items) {
      if (item.done === "skipped") continue;
      for (const { motion, share } of drillOf(library, item.drillId)?.serves ?? [])
        if (share >= 0.5 && (last.get(motion) ?? "") < log.on) last.set(motion, log.on);
    }
  return last;
}

/**
 * Days without work on what a drill is mainly for: since the drill itself, or since anything else that works on
 * its first motion, whichever is later.
 */
export function daysAway(
  drill: Drill,
  doneOn: string,
  worked: ReadonlyMap<MotionId, string>,
  on: string,
): number {
  const others = drill.serves
    .filter(({ share }) => share >= 0.5)
    .map(({ motion }) => worked.get(motion) ?? "");
  const last = [doneOn, ...others].sort().at(-1)!;
  return Math.max(0, daysBetween(last, on));
}
