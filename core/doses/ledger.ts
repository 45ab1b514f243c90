import type { MotionId } from "../body/motions";
import { workSeconds } from "../drill/dose";
import { rungOf, timesOf, type Drill } from "../drill/drill";
import type { Log, LogItem } from "../records/records";
import { drillOf, type Drills } from "../content/library";
import { mondayOf, plusDays } from "../dates/days";

/** How work is counted in the ledger: under stretch, active at the end of the range, loaded, and all lighter work. */
export type WorkKind = "stretch" | "active" | "loaded" | "light";
export const workKinds: readonly WorkKind[] = ["stretch", "active", "loaded", "light"];

/** Under which head a drill's seconds are counted. Loaded is what is strength work, or has a rule for weight. */
export function workKind(drill: Drill, rungId: string): WorkKind {
  if (drill.kind === "static" || drill.kind === "contract-relax") return "stretch";
  if (drill.kind === "strength" || rungOf(drill, rungId).load !== "") return "loaded";
  return drill.kind === "active" || drill.kind === "skill" ? "active" : "light";
}

/** Seconds of work of a log item, both sides together: what was measured, else what was planned. */
export function secondsDone(item: LogItem, drill: Drill): number {
  if (item.done === "skipped") return 0;
  if (item.seconds > 0) return item.seconds;
  const written = item.sets.reduce((sum, { seconds }) => sum + seconds, 0);
  if (written > 0) return written;
  const planned = item.planned ? workSeconds(item.planned) * timesOf(drill, item.rungId) : 0;
  return item.done === "done" ? planned : planned / 2;
}

/** What a motion got in a week, seconds by kind of work. */
export type WeekDose = { monday: string } & Record<WorkKind, number>;

/**
 * Dose of every motion by week: seconds = sets × hold × sides, each by the share of the drill that counts for the
 * motion. Weeks without any are there with nothing.
 * @param from any day of the first week; `to` any day of the last
 */
export function weekDoses(
  logs: readonly Log[],
  library: Drills,
  from: string,
  to: string,
): Map<MotionId, WeekDose[]> {
  const first = mondayOf(from);
  const mondays: string[] = [];
  for (let monday = first; monday <= to; monday = plusDays(monday, 7)) mondays.push(monday);
  const doses = new Map<MotionId, WeekDose[]>();
  for (const log of logs) {
    const at = mondays.indexOf(mondayOf(log.on));
    if (at < 0) continue;
    for (const item of log.items) {
      const drill = drillOf(library, item.drillId);
      const seconds = drill ? secondsDone(item, drill) : 0;
      if (!drill || seconds === 0) continue;
      for (const { motion, share } of drill.serves) {
        const weeks =
          doses.get(motion) ??
          mondays.map((monday) => ({ monday, stretch: 0, active: 0, loaded: 0, light: 0 }));
        weeks[at]![workKind(drill, item.rungId)] += share * seconds;
        doses.set(motion, weeks);
      }
    }
  }
  return doses;
}
