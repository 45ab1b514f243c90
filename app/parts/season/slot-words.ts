import type { Emphasis, WeekTerms } from "#core/schedule/block";
import type { Slot, SlotKind, TrainingKind } from "#core/records/training";
import { longDay } from "#words/days";
import { jointWords } from "#words/slots";

/** A slot in one word, for a narrow column. */
export const slotShort = ({ kind, focus }: Pick<Slot, "kind" | "focus">): string =>
  focus
    ? jointWords(focus)
    : ({
        "warm-up": "warm-up",
        issue: "issue prep",
        mobility: "mobility",
        circles: "circles",
        conditioning: "conditioning",
        fillers: "fillers",
        check: "checks",
      }[kind] as string);

export const trainingWords: Record<TrainingKind, string> = {
  skill: "skill",
  strength: "strength",
  class: "class",
  rest: "rest",
  show: "show",
  travel: "travel",
};

export const emphasisWords: Record<Emphasis, string> = {
  open: "stretch, to open the range",
  own: "strengthen the range there is",
  use: "use it in the skill",
};

/** The ground of each emphasis, the phases' own. */
export const emphasisFill: Record<Emphasis, string> = {
  open: "var(--phase-open)",
  own: "var(--phase-own)",
  use: "var(--phase-use)",
};

/** The ground of each kind of slot. */
export const slotFill: Record<SlotKind, string> = {
  "warm-up": "var(--phase-raise)",
  issue: "var(--phase-loosen)",
  mobility: "var(--phase-open)",
  circles: "transparent",
  conditioning: "var(--phase-own)",
  fillers: "transparent",
  check: "transparent",
};

/** What a week is beside its emphasis, in a few words; empty for a full one. */
export function weekRemarks({ lighter, restart, taper }: WeekTerms): string {
  return [
    restart ? "begins lower after the break" : "",
    lighter ? "a lighter week" : "",
    taper
      ? `before the show of ${longDay(taper)}: no new level, nothing held long in the last 48 hours`
      : "",
  ]
    .filter(Boolean)
    .join("; ");
}

/** Some words as a sentence; nothing for none. @example sentence("a lighter week") // "A lighter week." */
export const sentence = (words: string): string =>
  words ? `${words.charAt(0).toUpperCase()}${words.slice(1)}.` : "";
