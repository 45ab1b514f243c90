import { wantsCheck } from "../aim/gap";
import { type DemandGap } from "../aim/margin";
import type { MotionId } from "../body/motions";
import type { Athlete } from "../records/athlete";
import type { Aim, Check, Log, Prep, Run } from "../records/records";
import { oldestDue } from "../aim/due";
import type { Library } from "../content/library";
import { cautionsOf } from "../safety/intake";
import { daysBetween, type DayText } from "../dates/days";
import { counted, type Season, type SlotKind } from "../records/training";

export type Station = "aim" | "check" | "gap" | "prep" | "run" | "log" | "season";
export const stations: readonly Station[] = ["aim", "check", "gap", "prep", "run", "log", "season"];

/** What the next thing to do is, with what it is said by. */
export type Move =
  | {
      now:
        | "run-under-way"
        | "seen-first"
        | "aim"
        | "intake"
        | "intake-again"
        | "logged"
        | "read-gap"
        | "look-over"
        | "plan";
    }
  | { now: "first-checks" | "unknown" | "unsure"; motions: MotionId[] }
  /** Days since the last copy outside the browser; 0 where there was none. */
  | { now: "save-file"; days: number }
  | { now: "run"; planned: boolean }
  | { now: "old-checks"; days: number }
  | { now: "waiting"; kind: SlotKind; starts: string };

/** The one thing to do now, and where. */
export type NextMove = { to: Station | "file"; move: Move };

export type Now = {
  athlete: Athlete;
  aim: Aim | null;
  gaps: readonly DemandGap[];
  checks: readonly Check[];
  preps: readonly Prep[];
  runs: readonly Run[];
  logs: readonly Log[];
  season?: Season | null;
  library: Pick<Library, "priors">;
  today: DayText;
  /** Where the user is: the same advice is not given for the place one stands in when a later step is open. */
  here: Station | null;
  /** How long there has been no copy outside the browser, where it is time for one. */
  fileDue?: { days: number; pressing: boolean } | null;
};

/** The next move in the order of the work: aim, intake, check, prep, run, log, and look back. */
export function nextMove(now: Now): NextMove {
  const { athlete, aim, gaps, runs, preps, logs, checks, today } = now;
  if (runs.length > 0) return { to: "run", move: { now: "run-under-way" } };
  if (cautionsOf(athlete, today).some(({ stops }) => stops !== null))
    return { to: "aim", move: { now: "seen-first" } };
  if (!aim) return { to: "aim", move: { now: "aim" } };
  if (!athlete.intake) return { to: "aim", move: { now: "intake" } };
  if (athlete.intakeAsked) return { to: "aim", move: { now: "intake-again" } };
  const missing = wantsCheck(gaps);
  const unknown = missing.filter(({ verdict }) => verdict === "unknown");
  if (unknown.length === gaps.length && gaps.length > 0)
    return { to: "check", move: { now: "first-checks", motions: motionsOf(unknown) } };
  const planned = preps.find((prep) => prep.on === today);
  const logged = logs.some((log) => log.on === today);
  if (now.fileDue && (now.fileDue.pressing || logged || now.here === "season"))
    return { to: "file", move: { now: "save-file", days: now.fileDue.days } };
  const waiting = now.season?.slots.find(({ on, kind }) => on === today && counted(kind));
  if (logged) return { to: "season", move: { now: "logged" } };
  if (now.here === "prep")
    return { to: "run", move: { now: "run", planned: planned !== undefined } };
  if (unknown.length > 0 && now.here !== "check")
    return { to: "check", move: { now: "unknown", motions: motionsOf(unknown) } };
  const unsure = missing.filter(({ verdict }) => verdict === "unsure");
  const last = [...checks].sort((a, b) => b.on.localeCompare(a.on))[0];
  const age = last ? daysBetween(last.on, today) : null;
  const due = oldestDue(gaps, today, now.library);
  if (due !== null && now.here !== "check")
    return { to: "check", move: { now: "old-checks", days: due } };
  if (unsure.length > 0 && now.here === "gap" && age !== 0)
    return { to: "check", move: { now: "unsure", motions: motionsOf(unsure) } };
  if (now.here === "check" || now.here === "aim") return { to: "gap", move: { now: "read-gap" } };
  if (planned) return { to: "prep", move: { now: "look-over" } };
  return {
    to: "prep",
    move: waiting
      ? { now: "waiting", kind: waiting.kind, starts: waiting.starts }
      : { now: "plan" },
  };
}

const motionsOf = (list: readonly { motion: MotionId }[]): MotionId[] =>
  list.map(({ motion }) => motion);
