import type { DayNote } from "#core/records/records";
import type { WorkKind } from "#core/doses/ledger";
import { jointWords } from "#words/slots";

export const workWords: Record<WorkKind, string> = {
  stretch: "under stretch",
  active: "active",
  loaded: "loaded",
  light: "circles, soft tissue, dynamic",
};
/** The grounds of the phases stand for the kinds of work. */
export const workFills: Record<WorkKind, string> = {
  stretch: "var(--phase-open)",
  active: "var(--phase-own)",
  loaded: "var(--phase-use)",
  light: "var(--phase-loosen)",
};

const sleep = ["poor sleep", "usual sleep", "good sleep"] as const;
const energy = ["low energy", "usual energy", "high energy"] as const;

/** A day's marks in words; empty when nothing was marked. */
export const markWords = (note: DayNote | undefined): string =>
  note
    ? [
        note.sleep ? sleep[note.sleep - 1] : "",
        note.energy ? energy[note.energy - 1] : "",
        note.soreness
          ? `sore ${note.soreness}/10${note.sore.length > 0 ? ` in ${note.sore.map((joint) => jointWords(joint)).join(", ")}` : ""}`
          : "",
      ]
        .filter(Boolean)
        .join(", ")
    : "";

/** Whether any of these texts has every word that is looked for. */
export function hasWords(search: string, texts: readonly string[]): boolean {
  const all = texts.join(" ").toLowerCase();
  return search
    .toLowerCase()
    .split(/\s+/)
    .filter(Boolean)
    .every((word) => all.includes(word));
}
