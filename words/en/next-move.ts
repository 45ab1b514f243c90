import { motionOf } from "#core/body/motions";
import type { NextMove } from "#core/season/next-move";
import { capital, many } from "./plain";
import { slotWords } from "./slots";

const motionWords = (list: readonly Parameters<typeof motionOf>[0][]): string =>
  list.map((motion) => motionOf(motion).name.toLowerCase()).join(", ");

/** The one thing to do now, in a sentence. */
export function nextMoveWords({ move }: Pick<NextMove, "move">): string {
  switch (move.now) {
    case "run-under-way":
      return "A run is under way: go back to it where it stands.";
    case "seen-first":
      return "Nothing but rest until a clinician has seen it; then record what is allowed again.";
    case "aim":
      return "Choose a skill and a date: everything else follows from it.";
    case "intake":
      return "Ask the health questions once, before the first prep.";
    case "intake-again":
      return "The health questions are due again: answer them before the next prep.";
    case "first-checks":
      return `Measure ${motionWords(move.motions)}: two trials a side, warm.`;
    case "save-file":
      return `Save a file: ${move.days > 0 ? `the last copy is ${many(move.days, "day")} old` : "much is only in this browser"}.`;
    case "logged":
      return "Today is logged. See the weeks, or plan tomorrow.";
    case "run":
      return move.planned
        ? "Run it now. The clock keeps the sides and the rests."
        : "Keep this plan and run it.";
    case "unknown":
      return `Measure ${motionWords(move.motions)}: not known yet.`;
    case "old-checks":
      return `The last checks are ${move.days} days old: measure again before changing the plan.`;
    case "unsure":
      return `Measure ${motionWords(move.motions)} again: that decides whether it needs work.`;
    case "read-gap":
      return "Read what the checks say against the aim.";
    case "look-over":
      return "Today’s prep is planned: look it over.";
    case "waiting":
      return `${capital(slotWords[move.kind])} at ${move.starts}: choose its drills.`;
    case "write-down":
      return "Write down what was done and how it went.";
    case "tomorrow":
      return "Plan tomorrow’s prep.";
    case "aim-due":
      return `The day of this aim was ${many(move.days, "day")} ago: say what became of it.`;
    case "plan":
      return "Plan today’s prep in the minutes there are.";
  }
}
