import { daysBetween, mondayOf, type DayText } from "../../dates/days";
import type { Slot, SlotKind } from "../../records/training";

/** How each kind of slot is called in a sentence. */
export const slotWords: Record<SlotKind, string> = {
  "warm-up": "warm-up",
  issue: "issue prep",
  mobility: "mobility session",
  circles: "daily circles",
  conditioning: "conditioning set",
  fillers: "fillers",
  check: "round of checks",
};

/** A slot in a few words: a session by the joint that it holds. @example "hip session" */
export const slotName = ({ kind, focus }: Pick<Slot, "kind" | "focus">): string =>
  focus ? `${focus.replace("-", " ")} session` : slotWords[kind];

const weekdays = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"];
const months =
  "January February March April May June July August September October November December".split(
    " ",
  );
/** A day in a sentence. @example dayName("2026-11-24") // "Tuesday 24 November" */
export const dayName = (day: DayText): string =>
  `${weekdays[daysBetween(mondayOf(day), day)]} ${Number(day.slice(8))} ${months[Number(day.slice(5, 7)) - 1]}`;
