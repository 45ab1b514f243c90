import { Minus, Plus } from "lucide-react";
import { readNumber } from "../words";

/** A number between two ends: typed, or by buttons large enough for a thumb. */
export function Stepper({
  name,
  value,
  from,
  to,
  step = 1,
  set,
}: {
  name: string;
  value: number;
  from: number;
  to: number;
  step?: number;
  set: (value: number) => void;
}) {
  const bounded = (wanted: number) => Math.min(to, Math.max(from, wanted));
  const type = (typed: string) => {
    const wanted = readNumber(typed);
    if (!Number.isNaN(wanted) && bounded(wanted) !== value) set(bounded(wanted));
  };
  return (
    <span className="inline-flex items-center" role="group" aria-label={name}>
      <button
        type="button"
        className="quiet"
        disabled={value <= from}
        onClick={() => set(bounded(value - step))}
        aria-label={`Less: ${name}`}
      >
        <Minus size={15} />
      </button>
      <input
        key={value}
        className="field figures !min-h-9 w-12 text-center font-bold"
        inputMode="decimal"
        aria-label={name}
        defaultValue={value}
        onFocus={(event) => event.target.select()}
        onBlur={(event) => type(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === "Enter") type(event.currentTarget.value);
        }}
      />
      <button
        type="button"
        className="quiet"
        disabled={value >= to}
        onClick={() => set(bounded(value + step))}
        aria-label={`More: ${name}`}
      >
        <Plus size={15} />
      </button>
      <span className="ml-1 text-sm text-muted">{name}</span>
    </span>
  );
}
