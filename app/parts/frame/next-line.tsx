import { CornerDownLeft } from "lucide-react";
import { Link } from "react-router";
import type { NextMove } from "#core/season/next-move";
import { nextMoveWords } from "#words/next-move";

/** Where a move leads. */
export const addressOf = (athleteId: string, { to }: NextMove): string =>
  to === "file" ? "/file" : `/at/${athleteId}/${to}`;

/** The one thing to do now, and why. Enter does it. */
export function NextLine({ athleteId, move }: { athleteId: string; move: NextMove }) {
  return (
    <footer className="no-print sticky bottom-0 z-10 bg-[#1c2526] text-[#f2eee4]">
      <Link
        to={addressOf(athleteId, move)}
        className="flex min-h-13 items-center gap-4 px-4 py-2 lg:px-7"
      >
        <span className="font-display font-bold text-[#e9d9a6]">Next</span>
        <span className="min-w-0 flex-1">{nextMoveWords(move)}</span>
        <span className="figures hidden items-center gap-2 border border-[#8d8777] px-2.5 py-0.5 text-sm sm:flex">
          Enter <CornerDownLeft size={14} />
        </span>
      </Link>
    </footer>
  );
}
