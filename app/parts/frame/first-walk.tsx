import { ArrowRight, Footprints, X } from "lucide-react";
import { useLocation, useNavigate } from "react-router";
import { walkCount, walkInvites, walkSteps } from "#words/first-walk";
import { deviceChoice } from "../device-choice";
import { presentNotebook } from "../../store/open";

/** Where the walk is: not begun, at a step, or over. */
const place = deviceChoice("yearling-first-walk", [
  "new",
  ...walkSteps.map((_, step) => String(step)),
  "over",
]);

/** Six steps through the stations for whoever is here for the first time; skipped or left at any of them. */
export function FirstWalk({ athleteId }: { athleteId: string | null }) {
  const kept = place.use();
  const { pathname } = useLocation();
  const navigate = useNavigate();
  if (kept === "over" || (kept === "new" && pathname !== "/")) return null;
  const at = kept === "new" ? null : Number(kept);
  const go = (step: number) => {
    const next = walkSteps[step];
    if (!next) return place.set("over");
    const who = athleteId ?? presentNotebook()?.notebook.all("athlete")[0]?.id;
    // Without an athlete there are no stations to walk to.
    if (next.at !== null && !who) return place.set("over");
    place.set(String(step));
    void navigate(next.at === null ? "/" : `/at/${who}/${next.at}`);
  };
  return (
    <aside
      aria-label="First walk"
      className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line bg-tape px-4 py-1.5 text-tape-ink lg:px-7"
    >
      <Footprints size={17} aria-hidden="true" />
      <p className="min-w-0 flex-1 basis-60" aria-live="polite">
        {at !== null ? (
          <>
            <span className="figures mr-2 text-sm">{walkCount(at)}</span>
            {walkSteps[at]!.says}
          </>
        ) : (
          walkInvites
        )}
      </p>
      <button
        type="button"
        className="inline-flex min-h-9 cursor-pointer items-center gap-1 border-2 border-current px-3 font-semibold"
        onClick={() => go(at === null ? 0 : at + 1)}
      >
        {at === null ? "Show me" : at === walkSteps.length - 1 ? "Done" : "Next step"}
        <ArrowRight size={15} aria-hidden="true" />
      </button>
      <button
        type="button"
        className="inline-grid size-9 cursor-pointer place-items-center"
        aria-label="Skip the walk"
        title="Skip the walk"
        onClick={() => place.set("over")}
      >
        <X size={16} />
      </button>
    </aside>
  );
}
