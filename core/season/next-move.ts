import { wantsCheck, type DemandGap } from "../aim/gap";
import { motionOf } from "../body/motions";
import type { Athlete } from "../records/athlete";
import type { Aim, Check, Log, Prep, Run } from "../records/records";
import { recheckAfter } from "../aim/round";
import { daysBetween, type DayText } from "../dates/days";
import { slotWords } from "./plan/plan-words";
import { counted, type Season } from "../records/training";

export type Station = "aim" | "check" | "gap" | "prep" | "run" | "log" | "season";
export const stations: readonly Station[] = ["aim", "check", "gap", "prep", "run", "log", "season"];

/** The one thing to do now, and why. */
export type NextMove = { to: Station | "file"; text: string };

export type Now = {
  athlete: Athlete;
  aim: Aim | null;
  gaps: readonly DemandGap[];
  checks: readonly Check[];
  preps: readonly Prep[];
  runs: readonly Run[];
  logs: readonly Log[];
  season?: Season | null;
  today: DayText;
  /** Where the user is: the same advice is not given for the place one stands in when a later step is open. */
  here: Station | null;
  /** How long there has been no copy outside the browser, where it is time for one. */
  fileDue?: { days: number; pressing: boolean } | null;
};

/** The next move in the order of the work: aim, intake, check, prep, run, log, and look back. */
export function nextMove(now: Now): NextMove {
  const { athlete, aim, gaps, runs, preps, logs, checks, today } = now;
  if (runs.length > 0)
    return { to: "run", text: "A run is under way: go back to it where it stands." };
  if (!aim)
    return { to: "aim", text: "Choose a skill and a date: everything else follows from it." };
  if (!athlete.intake)
    return { to: "aim", text: "Ask the intake questions once, before the first prep." };
  const missing = wantsCheck(gaps);
  const unknown = missing.filter(({ verdict }) => verdict === "unknown");
  if (unknown.length === gaps.length && gaps.length > 0)
    return { to: "check", text: `Measure ${names(unknown)}: two trials a side, warm.` };
  const planned = preps.find((prep) => prep.on === today);
  const logged = logs.some((log) => log.on === today);
  if (now.fileDue && (now.fileDue.pressing || logged || now.here === "season"))
    return {
      to: "file",
      text: `Save a file: ${now.fileDue.days > 0 ? `the last copy is ${now.fileDue.days} days old` : "much is only in this browser"}.`,
    };
  const waiting = now.season?.slots.find(({ on, kind }) => on === today && counted(kind));
  if (logged) return { to: "season", text: "Today is logged. See the weeks, or plan tomorrow." };
  if (now.here === "prep")
    return {
      to: "run",
      text: planned
        ? "Run it now. The clock keeps the sides and the rests."
        : "Keep this plan and run it.",
    };
  if (unknown.length > 0 && now.here !== "check")
    return { to: "check", text: `Measure ${names(unknown)}: it is not known yet.` };
  const unsure = missing.filter(({ verdict }) => verdict === "unsure");
  const last = [...checks].sort((a, b) => b.on.localeCompare(a.on))[0];
  const age = last ? daysBetween(last.on, today) : null;
  if (age !== null && age >= recheckAfter && now.here !== "check")
    return {
      to: "check",
      text: `The last checks are ${age} days old: measure again before changing the plan.`,
    };
  if (unsure.length > 0 && now.here === "gap" && age !== 0)
    return {
      to: "check",
      text: `Measure ${names(unsure)} again: it decides whether that needs work.`,
    };
  if (now.here === "check" || now.here === "aim")
    return { to: "gap", text: "Read what the checks say against the aim." };
  return {
    to: "prep",
    text: planned
      ? "Today’s prep is planned: look it over."
      : waiting
        ? `${capital(slotWords[waiting.kind])} at ${waiting.starts}: choose its drills.`
        : "Plan today’s prep in the minutes there are.",
  };
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const names = (list: readonly { motion: Parameters<typeof motionOf>[0] }[]): string =>
  list.map(({ motion }) => motionOf(motion).name.toLowerCase()).join(", ");
