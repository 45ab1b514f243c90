import { Minus, Plus } from "lucide-react";

/** A number between two ends, by buttons large enough for a thumb. */
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
      <output className="figures min-w-8 text-center font-bold">{value}</output>
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
