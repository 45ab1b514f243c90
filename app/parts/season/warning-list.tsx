import { useEffect } from "react";
import type { Warning } from "#core/season/warnings";
import { pressed, somethingLiesOver } from "../frame/key-choice";
import { repairWords, warningWords } from "#words/season";

const keysOf = ["a", "b", "c", "d"] as const;

/** The few warnings, the gravest first, each with its repair under one key. */
export function WarningList({
  warnings,
  repair,
}: {
  warnings: readonly Warning[];
  repair: (warning: Warning) => void;
}) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const at = event.target;
      const key = pressed(event);
      if (key === null || event.defaultPrevented) return;
      if (at instanceof HTMLElement && ["INPUT", "TEXTAREA", "SELECT"].includes(at.tagName)) return;
      if (somethingLiesOver()) return;
      const warning = warnings[(keysOf as readonly string[]).indexOf(key)];
      if (warning) repair(warning);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [warnings, repair]);
  if (warnings.length === 0) return null;
  return (
    <ul className="no-print mt-3 grid gap-2" aria-label="What to look at">
      {warnings.map((warning, n) => {
        const { says, why } = warningWords(warning);
        return (
          <li
            key={warning.key}
            className={`flex flex-wrap items-center justify-between gap-x-5 gap-y-1 border-l-4 bg-raised px-4 py-2 ${warning.rank >= 70 ? "border-clay" : "border-tape"}`}
          >
            <span className="min-w-60 flex-1">
              <b>{says}</b> <span className="text-sm text-muted">{why}</span>
            </span>
            <button type="button" className="press" onClick={() => repair(warning)}>
              {repairWords(warning.repair)}
              <kbd className="figures border border-hair px-1.5 text-xs" aria-hidden="true">
                {keysOf[n]}
              </kbd>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
