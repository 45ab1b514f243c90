import { motionOf, type JointId } from "../body/motions";
import { workSeconds } from "../drill/dose";
import { timesOf, type Drill } from "../drill/drill";
import type { Log, Prep } from "../records/records";
import { drillOf, type Library } from "../content/library";
import { secondsDone, workKind } from "../doses/ledger";
import { mondayOf, plusDays, type DayText } from "../dates/days";
import { hardDaysDone } from "../schedule/plan-rules";
import type { Season } from "../records/training";
import { median } from "simple-statistics";

/** What a joint got, and was to get, in a week; seconds a side. */
export type RegionWeek = {
  monday: DayText;
  stretch: number;
  /** Active and loaded work. */
  strength: number;
  /** Seconds under stretch that were planned: of preps, and for weeks to come by the sessions that hang on them. */
  planned: number;
  hard: number;
  hardPlanned: number;
};
export type RegionRow = { joint: JointId; weeks: RegionWeek[] };

/** What a drill counts for a joint: the largest share of its motions there, so that nothing is counted twice. */
const shareFor = (drill: Drill, joint: JointId): number =>
  Math.max(
    0,
    ...drill.serves
      .filter(({ motion }) => motionOf(motion).joint === joint)
      .map(({ share }) => share),
  );

/** Seconds under stretch that are assumed of a session whose like was never done. A working figure. */
const assumed = 300;

/**
 * Work on each joint by week, in the past as it was done and planned, in the weeks to come as the season has it.
 * A session to come counts as the middle one of those that held the joint before.
 */
export function regionWeeks(
  {
    logs,
    preps,
    season,
    library,
  }: { logs: readonly Log[]; preps: readonly Prep[]; season: Season | null; library: Library },
  joints: readonly JointId[],
  from: DayText,
  to: DayText,
  today: DayText,
): RegionRow[] {
  const mondays: DayText[] = [];
  for (let monday = mondayOf(from); monday <= to; monday = plusDays(monday, 7))
    mondays.push(monday);
  const hardDone = hardDaysDone(logs, library);
  return joints.map((joint) => {
    const weeks = new Map(
      mondays.map((monday): [DayText, RegionWeek] => [
        monday,
        { monday, stretch: 0, strength: 0, planned: 0, hard: 0, hardPlanned: 0 },
      ]),
    );
    const at = (day: DayText) => weeks.get(mondayOf(day));
    const sessions: number[] = [];
    for (const log of logs) {
      let held = 0;
      for (const item of log.items) {
        const drill = drillOf(library, item.drillId);
        const share = drill ? shareFor(drill, joint) : 0;
        if (!drill || share === 0) continue;
        const seconds = (share * secondsDone(item, drill)) / timesOf(drill, item.rungId);
        const kind = workKind(drill, item.rungId);
        const week = at(log.on);
        if (kind === "stretch") held += seconds;
        if (week && kind === "stretch") week.stretch += seconds;
        if (week && (kind === "active" || kind === "loaded")) week.strength += seconds;
      }
      if (held > 0 && log.minutes >= 20) sessions.push(held);
    }
    for (const prep of preps)
      for (const item of prep.items) {
        const drill = drillOf(library, item.drillId);
        const share = drill ? shareFor(drill, joint) : 0;
        const week = at(prep.on);
        if (!week || !drill || share === 0 || workKind(drill, item.rungId) !== "stretch") continue;
        week.planned += share * workSeconds(item.dose);
      }
    const usual = sessions.length > 0 ? median(sessions) : assumed;
    const made = new Set(preps.map(({ id }) => id));
    for (const slot of season?.slots ?? []) {
      const week = at(slot.on);
      if (!week || slot.kind !== "mobility" || slot.focus !== joint) continue;
      if (slot.on >= today) week.hardPlanned += 1;
      if (!made.has(slot.id)) week.planned += usual;
    }
    for (const day of hardDone.get(joint) ?? []) {
      const week = at(day);
      if (week) week.hard += 1;
    }
    return { joint, weeks: [...weeks.values()] };
  });
}
