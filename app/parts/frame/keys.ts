import { useLayoutEffect } from "react";
import { useNavigate } from "react-router";
import type { NextMove } from "#core/season/next-move";
import { stations } from "#core/season/walk";
import { takeNewVersion, waitingVersion } from "../../offline";
import { pressed, somethingLiesOver } from "./key-choice";
import { intoThePage } from "./kept-focus";
import { addressOf, isHere, toTheSpot } from "./next-spot";
import { travel } from "./undo";

/** Keys of the frame, as the help shows them. */
export const keyHelp: readonly [key: string, does: string][] = [
  ["1 – 7", "the stations: aim, check, gap, prep, run, log, season"],
  ["Enter", "do the next move"],
  ["/", "find an athlete, a drill, a check, a skill or a place"],
  ["Ctrl Z · Ctrl Shift Z", "undo · redo"],
  ["Tab · Shift Tab", "walk everything that can be typed or pressed"],
  ["Enter in Check", "the next number; Ctrl Enter saves the round"],
  ["Space, ←, → in a run", "pause, back, next"],
  ["Alt ↑ · Alt ↓ in a prep", "move a drill"],
  ["Alt and arrows in Season", "move a session"],
  ["Delete in Season", "take a session out"],
  ["a – d in Season", "mend what is warned of"],
  ["Esc", "leave a field, so that the keys above work again"],
  ["U", "use a new version, when one is ready"],
  ["?", "these keys"],
];

const takesText = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ["INPUT", "TEXTAREA", "SELECT"].includes(target.tagName));
/** The link of the page one is on does nothing new: Enter on it is free for the next move. */
const takesEnter = (target: EventTarget | null): boolean =>
  takesText(target) ||
  (target instanceof Element &&
    target.closest(
      "button, a:not([aria-current='page']), summary, [role='button'], [role='slider'], [role='option'], [role='dialog']",
    ) !== null);

/** Between the numbers of a round a digit is a reading that missed its field, and no station. */
const amongNumbers = (target: EventTarget | null): boolean =>
  target instanceof Element && target.closest("[data-numbers]") !== null;

export function useFrameKeys({
  athleteId,
  move,
  here = null,
  open,
}: {
  athleteId: string | null;
  move: NextMove | null;
  /** The station one is on: the next move is done there, or leads on. */
  here?: string | null;
  open: (what: "find" | "keys") => void;
}): void {
  const navigate = useNavigate();
  // Before the page is painted: a key pressed as soon as it is seen is not lost.
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented) return;
      if (
        (event.ctrlKey || event.metaKey) &&
        event.key.toLowerCase() === "z" &&
        !takesText(event.target)
      ) {
        event.preventDefault();
        void travel(event.shiftKey ? "redo" : "undo");
        return;
      }
      const key = pressed(event);
      if (key === null || somethingLiesOver()) return;
      if (key === "Enter" && move && athleteId && !takesEnter(event.target)) {
        event.preventDefault();
        if (!isHere(move, here) || !toTheSpot(move.move)) void navigate(addressOf(athleteId, move));
        return;
      }
      if (key === "Escape" && takesText(event.target)) {
        (event.target as HTMLElement).blur();
        intoThePage();
      }
      // A list of choices takes letters, but no sign.
      const sign = key === "/" || key === "?";
      if (takesText(event.target) && !(sign && event.target instanceof HTMLSelectElement)) return;
      if (key === "u" && waitingVersion()) return takeNewVersion();
      if (sign) {
        event.preventDefault();
        open(key === "/" ? "find" : "keys");
      } else if (athleteId && /^[1-7]$/.test(key) && !amongNumbers(event.target)) {
        void navigate(`/at/${athleteId}/${stations[Number(key) - 1]}`);
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [athleteId, move, here, navigate, open]);
}
