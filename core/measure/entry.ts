import { painLimit } from "../safety/pain";
import { errorOf, unitOf, type Instrument, type Protocol } from "../content/protocol";
import { median } from "simple-statistics";
import { z95 } from "../stats/confidence";

type Unit = ReturnType<typeof unitOf>;

/** What there is to say about numbers while they are typed. */
export type EntryNote =
  /** Cannot be kept. */
  | { level: "refused"; about: "no-number" | "no-pain" }
  | { level: "refused"; about: "impossible"; low: number; high: number; unit: Unit }
  /** Can be kept, but asks again. Which trial, from 1; null where two disagree. */
  | { level: "remeasure"; about: "disagree"; limit: number; unit: Unit; trial: number | null }
  /** Nothing more of this motion today. */
  | { level: "stop"; about: "pain"; limit: number };

export type Entry = { trials: readonly number[]; pain: number; instrument: Instrument };

/**
 * Looks at the trials of one side as they are typed.
 * Refuses what is no number or impossible for the motion; asks for another trial where one disagrees with its
 * neighbours by more than twice the SEM; stops the motion when pain passes the limit.
 */
export function entryNotes({ trials, pain, instrument }: Entry, protocol: Protocol): EntryNote[] {
  const [low, high] = protocol.possible;
  const unit = unitOf(protocol);
  const notes: EntryNote[] = [];
  const limit = 2 * errorOf(protocol, instrument).sem;
  const odd = disagreeing(trials, limit);
  if (trials.some(Number.isNaN)) notes.push({ level: "refused", about: "no-number" });
  else if (trials.some((trial) => trial < low || trial > high))
    notes.push({ level: "refused", about: "impossible", low, high, unit });
  else if (odd !== null)
    notes.push({
      level: "remeasure",
      about: "disagree",
      limit,
      unit,
      trial: trials.length === 2 ? null : odd + 1,
    });
  if (!Number.isInteger(pain) || pain < 0 || pain > 10)
    notes.push({ level: "refused", about: "no-pain" });
  else if (pain > painLimit) notes.push({ level: "stop", about: "pain", limit: painLimit });
  return notes;
}

/** The trial farthest from the median of all, when any two are further apart than the limit; else null. */
function disagreeing(trials: readonly number[], limit: number): number | null {
  if (trials.length < 2 || Math.max(...trials) - Math.min(...trials) <= limit) return null;
  const middle = median(trials as number[]);
  const off = trials.map((trial) => Math.abs(trial - middle));
  return off.indexOf(Math.max(...off));
}

export type SidePair = { left: number | null; right: number | null };

/**
 * Whether the sides look exchanged against the last round: each new value sits close to the other side's last
 * one and far from its own. Says nothing where the sides were alike, for then it cannot be told.
 * @param sem the standard error of one value
 */
export function looksSwapped(now: SidePair, last: SidePair, sem: number): boolean {
  if (last.left === null || last.right === null) return false;
  const mdc = z95 * Math.SQRT2 * sem;
  if (Math.abs(last.left - last.right) <= mdc) return false;
  const sides = (["left", "right"] as const).filter((side) => now[side] !== null);
  return (
    sides.length > 0 &&
    sides.every((side) => {
      const own = last[side]!;
      const other = last[side === "left" ? "right" : "left"]!;
      return Math.abs(now[side]! - own) > mdc && Math.abs(now[side]! - other) <= 1.5 * sem;
    })
  );
}
