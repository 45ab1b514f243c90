import { Lightbulb } from "lucide-react";
import type { Advice } from "#core/content/schools";
import { adviceOf, type Breach } from "#core/prep/order";
import { breachWords } from "#words/prep";

/** What is advised of the order, with its reason: one press sets it aside for good, another follows it. */
export function AdviceLine({
  breaches,
  repair,
  setAside,
}: {
  breaches: readonly Breach[];
  repair: () => void;
  setAside: (advice: Advice) => void;
}) {
  const kinds = [...new Set(breaches.flatMap(({ rule }) => adviceOf(rule) ?? []))];
  if (kinds.length === 0) return null;
  return (
    <ul className="mt-2 border-l-4 border-tape bg-raised px-4 py-1.5" aria-label="Advice">
      {kinds.map((kind) => {
        const all = breaches.filter(({ rule }) => adviceOf(rule) === kind);
        return (
          <li key={kind} className="flex flex-wrap items-baseline gap-x-3 text-sm">
            <span className="grow">
              <Lightbulb size={14} className="mr-1 inline" aria-hidden="true" />
              {breachWords(all[0]!)}
              {all.length > 1 ? ` And ${all.length - 1} more.` : ""}
            </span>
            <span className="no-print flex gap-x-3">
              <button type="button" className="underlined min-h-8" onClick={() => setAside(kind)}>
                I do it my way
              </button>
              <button type="button" className="underlined min-h-8" onClick={repair}>
                Change the order
              </button>
            </span>
          </li>
        );
      })}
    </ul>
  );
}
