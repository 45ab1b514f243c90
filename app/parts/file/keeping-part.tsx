import type { Keeping } from "../../store/keeping";
import { longDay } from "#words/days";

/** How safely the notebook lies: what the browser has answered, and the last copy outside it. */
export function KeepingPart({ keeping }: { keeping: Keeping }) {
  const { persistence, savedOn, actsSince } = keeping;
  return (
    <p className="mt-3 border-l-4 border-line pl-4 text-sm">
      {persistence === "granted"
        ? "This browser has promised not to clear the notebook when space is short."
        : persistence === "denied"
          ? "This browser may clear the notebook when space is short: it was asked not to, and did not promise."
          : "Whether this browser clears the notebook when space is short is not known."}{" "}
      {savedOn
        ? `Last file: ${longDay(savedOn)}, ${actsSince} ${actsSince === 1 ? "change" : "changes"} since.`
        : "No file was saved from here yet."}
    </p>
  );
}
