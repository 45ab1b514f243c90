import { TriangleAlert, Wrench } from "lucide-react";
import { useEffect } from "react";
import { breachWords } from "#words/prep";
import { pressed } from "../frame/key-choice";
import type { Breach } from "#core/prep/order";

/** What an edit broke, with its reason, and the key that mends it. */
export function BreachBanner({
  breaches,
  repair,
}: {
  breaches: readonly Breach[];
  repair: () => void;
}) {
  const broken = breaches.length > 0;
  useEffect(() => {
    if (!broken) return;
    const onKey = (event: KeyboardEvent) => {
      const typing =
        event.target instanceof HTMLElement &&
        ["INPUT", "SELECT", "TEXTAREA"].includes(event.target.tagName);
      if (typing || pressed(event) !== "r") return;
      event.preventDefault();
      repair();
    };
    addEventListener("keydown", onKey);
    return () => removeEventListener("keydown", onKey);
  }, [broken, repair]);
  if (!broken) return null;
  return (
    <section role="alert" className="mt-3 border-l-4 border-clay bg-raised px-4 py-2">
      {breaches.slice(0, 3).map((breach) => (
        <p key={breachWords(breach)} className="flex gap-2">
          <TriangleAlert size={16} className="mt-1 shrink-0 text-clay" aria-hidden="true" />
          {breachWords(breach)}
        </p>
      ))}
      {breaches.length > 3 ? (
        <p className="text-sm text-muted">and {breaches.length - 3} more</p>
      ) : null}
      <p className="no-print mt-1">
        <button type="button" className="press press-main" onClick={repair}>
          <Wrench size={15} /> Mend it <kbd className="ml-1 text-xs">R</kbd>
        </button>
      </p>
    </section>
  );
}
