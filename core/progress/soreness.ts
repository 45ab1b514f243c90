import { motionOf, type JointId } from "../body/motions";
import type { Dose } from "../drill/dose";
import { naturalDown, naturalReps, naturalSeconds } from "../drill/natural";
import type { Drill } from "../drill/drill";
import type { DayNote, Log } from "../records/records";
import { drillOf, type Drills } from "../content/library";
import { comfortLimit } from "../safety/pain";
import { daysBetween } from "../dates/days";
import { secondsDone } from "../doses/ledger";

/** Soreness above 4/10 that lasts over this many days lowers the next dose of its region. */
export const lastsDays = 2;
/** What is left of a dose after lasting soreness. */
export const aThirdLess = 2 / 3;

/** A joint that is still sore: since when, how much at most, and the seconds its next dose may take. */
export type Tender = { joint: JointId; level: number; since: string; until: string; most: number };

/** Drills that are mainly for a joint: at least half of the dose counts for one of its motions. */
export const isFor = (drill: Drill, joint: JointId): boolean =>
  drill.serves.some(({ motion, share }) => share >= 0.5 && motionOf(motion).joint === joint);

/**
 * Joints whose soreness above 4/10 has lasted over 48 h and that have not had their lighter dose yet.
 * It lasts when the joint was last worked on two days or more before it was still sore, or when it was sore on two
 * days at least two apart with no better day noted in between. It ends with a better note, or with the next dose, also on the same day.
 * `most`: two thirds of the seconds of work the joint got in the last session before.
 */
export function tenderJoints(
  days: readonly DayNote[],
  logs: readonly Log[],
  library: Drills,
  on: string,
): Tender[] {
  const notes = days
    .filter((day) => day.on <= on && day.soreness !== null)
    .sort((a, b) => a.on.localeCompare(b.on));
  const joints = new Set(notes.flatMap(({ sore }) => sore));
  return [...joints].flatMap((joint): Tender[] => {
    const sore = (day: DayNote) => day.soreness! > comfortLimit && day.sore.includes(joint);
    const last = notes.at(-1);
    const latest = notes.findLast(sore);
    if (!latest || !last || !sore(last)) return [];
    const better = notes.findLast((day) => day.on < latest.on && !sore(day));
    const row = notes.filter((day) => sore(day) && day.on > (better?.on ?? ""));
    const worked = logs
      .map((log) => ({ on: log.on, seconds: secondsFor(joint, log, library) }))
      .filter(({ seconds, on: day }) => seconds > 0 && day <= on)
      .sort((a, b) => a.on.localeCompare(b.on));
    if (worked.some((log) => log.on >= latest.on)) return [];
    const before = worked.at(-1);
    if (!before) return [];
    const sinceWork = daysBetween(before.on, latest.on);
    const sinceFirst = daysBetween(row[0]!.on, latest.on);
    if (sinceWork < lastsDays && sinceFirst < lastsDays) return [];
    return [
      {
        joint,
        level: Math.max(...row.map(({ soreness }) => soreness!)),
        since: row[0]!.on,
        until: latest.on,
        most: Math.floor(before.seconds * aThirdLess),
      },
    ];
  });
}

/** Seconds of work that a log has for a joint, both sides together. */
export function secondsFor(joint: JointId, log: Log, library: Drills): number {
  return log.items.reduce((sum, item) => {
    const drill = drillOf(library, item.drillId);
    return drill && isFor(drill, joint) ? sum + secondsDone(item, drill) : sum;
  }, 0);
}

/** A dose a third less: of its sets or rounds where there are three or more, else of the repetitions or seconds. */
export function thirdLess(dose: Dose): Dose {
  if (dose.type === "contract-relax")
    return { ...dose, rounds: Math.max(1, Math.floor(dose.rounds * aThirdLess)) };
  if (dose.sets >= 3) return { ...dose, sets: Math.max(1, Math.floor(dose.sets * aThirdLess)) };
  if (dose.type === "reps")
    return { ...dose, reps: naturalDown(dose.reps * aThirdLess, naturalReps) };
  return { ...dose, seconds: naturalDown(dose.seconds * aThirdLess, naturalSeconds) };
}
