import { painLimit } from "../safety/pain";
import type { Protocol } from "./protocol";
import { unitOf } from "./protocol";

/** What is said about numbers while they are typed. `refused` cannot be kept; `remeasure` can, but ask again. */
export type EntryNote = { level: "refused" | "remeasure" | "stop"; text: string };

/**
 * Looks at the trials of one side as they are typed.
 * Refuses what is no number or impossible for the motion; asks for another trial where two disagree by more
 * than twice the SEM; stops the motion when pain passes the limit.
 */
export function entryNotes(
  trials: readonly number[],
  pain: number,
  protocol: Protocol,
): EntryNote[] {
  const [low, high] = protocol.possible;
  const unit = unitOf(protocol);
  const notes: EntryNote[] = [];
  if (trials.some(Number.isNaN)) notes.push({ level: "refused", text: "A reading is a number." });
  else if (trials.some((trial) => trial < low || trial > high))
    notes.push({ level: "refused", text: `Not possible here: between ${low} and ${high}${unit}.` });
  else if (trials.length > 1 && Math.max(...trials) - Math.min(...trials) > 2 * protocol.sem)
    notes.push({
      level: "remeasure",
      text: `The trials are more than ${2 * protocol.sem}${unit} apart: take one more.`,
    });
  if (!Number.isInteger(pain) || pain < 0 || pain > 10)
    notes.push({ level: "refused", text: "Pain is a whole number from 0 to 10." });
  else if (pain > painLimit)
    notes.push({
      level: "stop",
      text: "Above 5/10: stop measuring this motion. A clinician should look at it first.",
    });
  return notes;
}
