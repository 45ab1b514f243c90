import { ArrowRight, Footprints, X } from "lucide-react";
import { useSyncExternalStore } from "react";
import { useLocation, useNavigate } from "react-router";
import { walkCount, walkInvites, walkSteps } from "#words/first-walk";
import { presentNotebook } from "../../store/open";

const name = "yearling-first-walk";
const listeners = new Set<() => void>();

/** Where the walk is: not begun, over, or at a step. Over too where the browser can't remember it. */
function place(): "new" | "over" | number {
  try {
    const kept = localStorage.getItem(name);
    if (kept === null) return "new";
    const step = Number(kept);
    return Number.isInteger(step) && step >= 0 && step < walkSteps.length ? step : "over";
  } catch {
    return "over";
  }
}

function goTo(step: number | "over"): void {
  try {
    localStorage.setItem(name, String(step));
  } catch {
    // Then it is shown no more.
  }
  listeners.forEach((listener) => listener());
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};

/** Six steps through the stations for whoever is here for the first time; skipped or left at any of them. */
export function FirstWalk({ athleteId }: { athleteId: string | null }) {
  const at = useSyncExternalStore(subscribe, place, () => "over" as const);
  const { pathname } = useLocation();
  const navigate = useNavigate();
  if (at === "over" || (at === "new" && pathname !== "/")) return null;
  const go = (step: number) => {
    const next = walkSteps[step];
    if (!next) return goTo("over");
    const who = athleteId ?? presentNotebook()?.notebook.all("athlete")[0]?.id;
    // Without an athlete there are no stations to walk to.
    if (next.at !== null && !who) return goTo("over");
    goTo(step);
    void navigate(next.at === null ? "/" : `/at/${who}/${next.at}`);
  };
  const begun = at !== "new";
  return (
    <aside
      aria-label="First walk"
      className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line bg-tape px-4 py-1.5 text-tape-ink lg:px-7"
    >
      <Footprints size={17} aria-hidden="true" />
      <p className="min-w-0 flex-1 basis-60" aria-live="polite">
        {begun ? (
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
        onClick={() => go(begun ? at + 1 : 0)}
      >
        {!begun ? "Show me" : at === walkSteps.length - 1 ? "Done" : "Next step"}
        <ArrowRight size={15} aria-hidden="true" />
      </button>
      <button
        type="button"
        className="inline-grid size-9 cursor-pointer place-items-center"
        aria-label="Skip the walk"
        title="Skip the walk"
        onClick={() => goTo("over")}
      >
        <X size={16} />
      </button>
    </aside>
  );
}
