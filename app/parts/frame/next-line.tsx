import { CornerDownLeft } from "lucide-react";
import { useEffect, useRef } from "react";
import { Link } from "react-router";
import type { NextMove } from "#core/season/next-move";
import { nextMoveWords } from "#words/next-move";
import { addressOf, isHere, toTheSpot } from "./next-spot";

/**
 * The one thing to do now, and why. Enter does it: on another page it leads there, on its own page it puts the cursor
 * where the thing is done. After a step it takes the cursor, where that was on nothing any more.
 */
export function NextLine({
  athleteId,
  move,
  here,
}: {
  athleteId: string;
  move: NextMove;
  here: string | null;
}) {
  const line = useRef<HTMLElement>(null);
  const { now } = move.move;
  const before = useRef({ now, here });
  useEffect(() => {
    const came = before.current.here !== here;
    const same = before.current.now === now;
    before.current = { now, here };
    if (came || same) return;
    // Once the page stands; what is drawn anew meanwhile calls it off no more.
    requestAnimationFrame(() => {
      const at = document.activeElement;
      // In the page at large, where a step that is gone has left it, it is free to go on.
      if (at !== null && at !== document.body && at.id !== "desk" && at.isConnected) return;
      if (!isHere(move, here) || !toTheSpot(move.move))
        line.current?.querySelector<HTMLElement>("a, button")?.focus({ preventScroll: true });
    });
  }, [now, here, move]);
  const inside = (
    <>
      <span className="font-display font-bold text-[#e9d9a6]">Next</span>
      <span className="min-w-0 flex-1 text-left">{nextMoveWords(move)}</span>
      <span className="figures hidden items-center gap-2 border border-[#8d8777] px-2.5 py-0.5 text-sm sm:flex">
        Enter <CornerDownLeft size={14} aria-hidden="true" />
      </span>
    </>
  );
  const look = "flex min-h-13 w-full items-center gap-4 px-4 py-2 lg:px-7";
  return (
    <footer
      ref={line}
      data-next-line
      className="no-print sticky bottom-0 z-10 bg-[#1c2526] text-[#f2eee4]"
    >
      {isHere(move, here) ? (
        <button type="button" className={look} onClick={() => toTheSpot(move.move)}>
          {inside}
        </button>
      ) : (
        <Link to={addressOf(athleteId, move)} className={look}>
          {inside}
        </Link>
      )}
    </footer>
  );
}
