import { useState } from "react";
import { writeDose } from "#core/drill/dose";
import { rungOf, type Drill } from "#core/drill/drill";
import type { PrepItem } from "#core/records/records";
import { remedies, type Remedy } from "#core/run/floor";
import { FloorPanel } from "./floor-panel";

/** What a remedy does, in words and numbers. */
export function remedyWords(remedy: Remedy, item: PrepItem, drill: Drill): string {
  const to = remedy.item;
  switch (remedy.id) {
    case "slower":
      return to?.dose.type === "reps" && item.dose.type === "reps"
        ? `Slower: ${item.dose.tempo} → ${to.dose.tempo} s each`
        : "Slower";
    case "fewer":
      return to ? `Fewer: ${writeDose(item.dose)} → ${writeDose(to.dose)}` : "Fewer";
    case "less-range":
      return "Less range, kept clean";
    case "rung-down":
      return to ? `A level down: ${rungOf(drill, to.rungId).name.toLowerCase()}` : "A level down";
  }
}

/** A form gate was seen: which, and what to do about it. The step its own words ask for stands first. */
export function FormPanel({
  item,
  drill,
  doses,
  close,
  take,
}: {
  item: PrepItem;
  drill: Drill;
  doses: "warm-up" | "mobility";
  close: () => void;
  take: (seen: string, remedy: Remedy, words: string) => void;
}) {
  const { gates } = rungOf(drill, item.rungId);
  const [gate, setGate] = useState(gates[0]!);
  return (
    <FloorPanel title="What was seen?" close={close}>
      <div className="mt-3 grid gap-1.5" role="radiogroup" aria-label="Form gates">
        {gates.map((one) => (
          <button
            key={one.see}
            type="button"
            role="radio"
            aria-checked={gate === one}
            onClick={() => setGate(one)}
            className={`min-h-13 border-2 px-4 py-2 text-left ${gate === one ? "border-ink bg-ink text-paper" : "border-hair"}`}
          >
            <b className="text-lg">{one.see}</b>
            <span className="block text-sm">{one.then}</span>
          </button>
        ))}
      </div>
      <h3 className="label mt-4">Then</h3>
      <div className="mt-1 grid gap-1.5 sm:grid-cols-2">
        {remedies(item, drill, gate.ask, doses).map((remedy, n) => (
          <button
            key={remedy.id}
            type="button"
            className={`press min-h-14 px-4 text-left ${n === 0 ? "press-main" : ""}`}
            onClick={() => take(gate.see, remedy, remedyWords(remedy, item, drill))}
          >
            {remedyWords(remedy, item, drill)}
          </button>
        ))}
      </div>
    </FloorPanel>
  );
}
