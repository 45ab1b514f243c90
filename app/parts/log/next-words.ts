import type { NextStep } from "#core/progress/next-step";

/** What comes next of a drill, as the head of a line. */
export const nextHeads: Record<NextStep["change"], string> = {
  more: "a little more",
  "next-rung": "next level",
  same: "the same",
  "step-back": "a level down",
  less: "a third less",
  restart: "lower again",
  stop: "not for now",
};
const warning: readonly NextStep["change"][] = ["stop", "step-back", "less"];
const rising: readonly NextStep["change"][] = ["more", "next-rung"];

/** Its tone: clay for less, lichen for more, plain for the same. */
export const nextTone = (change: NextStep["change"]): string =>
  warning.includes(change)
    ? "text-clay"
    : rising.includes(change)
      ? "font-semibold text-lichen"
      : "text-muted";
