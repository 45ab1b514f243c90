import type { Prep } from "#core/records/records";
import { formatFor } from "#core/prep/format-for";
import type { Season, Slot, Training } from "#core/records/training";
import { trainingsOn } from "#core/schedule/block";
import type { DayMark, PrepOutcome } from "#core/season/weeks";
import type { AthleteView } from "../../view";
import { slotName } from "#words/slots";
import { slotShort, trainingWords } from "./slot-words";

/** One thing of a day, as the week shows it. */
export type DayEntry = {
  key: string;
  starts: string | null;
  minutes: number;
  /** In a narrow column, and in full. */
  short: string;
  full: string;
  training: Training | null;
  slot: Slot | null;
  /** The prep or the slot to open, where it can be opened. */
  prepId: string | null;
  outcome: PrepOutcome | null;
};

/** Kinds of slot that a hand may move: the others hang on a training, or on every morning. */
export const movable = (slot: Slot): boolean =>
  slot.kind === "mobility" ||
  slot.kind === "conditioning" ||
  slot.kind === "fillers" ||
  slot.kind === "check";

/** Whether a slot may be taken out: it lies ahead, and no prep was made of it yet. */
export const removable = (view: Pick<AthleteView, "today" | "preps">, slot: Slot): boolean =>
  slot.on >= view.today && !view.preps.some(({ id }) => id === slot.id);

/** What a day holds, by time: its trainings, what hangs on it, the preps that were made, and rounds of checks. */
export function dayEntries(view: AthleteView, season: Season | null, mark: DayMark): DayEntry[] {
  const { day } = mark;
  const trainings = season
    ? trainingsOn(season, day).map((training, n): DayEntry => ({
        key: `training-${n}`,
        starts: training.kind === "rest" || training.kind === "travel" ? null : training.starts,
        minutes: training.minutes,
        short: trainingWords[training.kind],
        full: trainingWords[training.kind],
        training,
        slot: null,
        prepId: null,
        outcome: null,
      }))
    : [];
  const outcomes = new Map(mark.preps.map(({ prepId, outcome }) => [prepId, outcome]));
  const slots = mark.slots.map((slot): DayEntry => ({
    key: slot.id,
    starts: slot.starts,
    minutes: slot.minutes,
    short: slotShort(slot),
    full: slotName(slot),
    training: null,
    slot,
    prepId: slot.kind === "check" ? null : slot.id,
    outcome: outcomes.get(slot.id) ?? null,
  }));
  const known = new Set(mark.slots.map(({ id }) => id));
  const made = mark.preps
    .filter(({ prepId }) => !prepId || !known.has(prepId))
    .map((prep, n): DayEntry => {
      const own = view.preps.find(({ id }) => id === prep.prepId);
      const name = own ? nameOf(view, own) : "a log";
      return {
        key: prep.prepId ?? `log-${n}`,
        starts: null,
        minutes: prep.minutes,
        short: name,
        full: name,
        training: null,
        slot: null,
        prepId: own ? own.id : null,
        outcome: prep.outcome,
      };
    });
  return [...trainings, ...slots, ...made].sort((a, b) =>
    (a.starts ?? "99").localeCompare(b.starts ?? "99"),
  );
}

const nameOf = (view: AthleteView, prep: Prep): string =>
  formatFor(view.library, prep).name.toLowerCase();
