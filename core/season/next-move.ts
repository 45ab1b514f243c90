import { wantsCheck } from "../aim/gap";
import { type DemandGap } from "../aim/margin";
import type { MotionId } from "../body/motions";
import type { Athlete } from "../records/athlete";
import type { Aim, Check, Log, Prep, Run } from "../records/records";
import { oldestDue } from "../aim/due";
import type { Library } from "../content/library";
import { cautionsOf } from "../safety/intake";
import { daysBetween, plusDays, type DayText } from "../dates/days";
import type { Station } from "./walk";
import { counted, type Season, type SlotKind } from "../records/training";

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
        | "plan"
        | "write-down"
        | "tomorrow";
    }
  /** An aim whose day is past asks what became of it. */
  | { now: "aim-due"; days: number }
  | { now: "first-checks" | "unknown" | "unsure"; motions: MotionId[] }
  /** Days since the last copy outside the browser; 0 where there was none. */
  | { now: "save-file"; days: number }
  | { now: "run"; planned: boolean }
  | { now: "old-checks"; days: number }
  | { now: "waiting"; kind: SlotKind; starts: string };

/** The one thing to do now, where, and of which day where it is not today. */
export type NextMove = { to: Station | "file"; move: Move; day?: DayText };

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
  if (aim.by < today)
    return { to: "aim", move: { now: "aim-due", days: daysBetween(aim.by, today) } };
  // Nothing but a prep waits for the health questions: whoever measures or writes down goes on.
  const asks = now.here === null || beforePrep.includes(now.here);
  if (asks && !athlete.intake) return { to: "aim", move: { now: "intake" } };
  if (asks && athlete.intakeAsked) return { to: "aim", move: { now: "intake-again" } };
  const missing = wantsCheck(gaps);
  const unknown = missing.filter(({ verdict }) => verdict === "unknown");
  // Who stands before a prep runs it, measured or not.
  if (unknown.length === gaps.length && gaps.length > 0 && now.here !== "prep")
    return { to: "check", move: { now: "first-checks", motions: motionsOf(unknown) } };
  const planned = preps.find((prep) => prep.on === today);
  const logged = logs.some((log) => log.on === today);
  if (now.fileDue && (now.fileDue.pressing || logged || now.here === "season"))
    return { to: "file", move: { now: "save-file", days: now.fileDue.days } };
  const waiting = now.season?.slots.find(({ on, kind }) => on === today && counted(kind));
  if (logged)
    return now.here === "season"
      ? { to: "prep", move: { now: "tomorrow" }, day: plusDays(today, 1) }
      : { to: "season", move: { now: "logged" } };
  if (now.here === "log") return { to: "log", move: { now: "write-down" } };
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

/** Where the health questions are asked for first. */
const beforePrep: readonly Station[] = ["aim", "prep", "run"];

const motionsOf = (list: readonly { motion: MotionId }[]): MotionId[] =>
  list.map(({ motion }) => motion);
