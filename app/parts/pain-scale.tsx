import { useId } from "react";
import { painLimit } from "#core/safety/pain";

const levels = Array.from({ length: 11 }, (_, n) => n);

/** Pain from 0 to 10: one stop for Tab, arrows walk it. Above the limit the frames are clay. */
export function PainScale({
  label,
  value,
  set,
  large = false,
  className = "",
}: {
  label: string;
  value: number | null;
  set: (level: number) => void;
  /** For thumbs on the floor. */
  large?: boolean;
  className?: string;
}) {
  const name = useId();
  return (
    <div role="radiogroup" aria-label={label} className={className}>
      {levels.map((n) => (
        <label
          key={n}
          className={`figures relative grid cursor-pointer place-items-center ${large ? "min-h-13 border-2 text-xl font-bold" : "min-h-10 border"} ${n > painLimit ? "border-clay" : "border-hair"} has-checked:border-ink has-checked:bg-ink has-checked:text-paper has-focus-visible:outline-3 has-focus-visible:outline-offset-2`}
        >
          <input
            type="radio"
            name={name}
            value={n}
            checked={value === n}
            // Before anything is chosen Tab would stop at each.
            tabIndex={n === (value ?? 0) ? 0 : -1}
            onChange={() => set(n)}
            className="absolute inset-0 cursor-pointer appearance-none outline-none"
          />
          {n}
        </label>
      ))}
    </div>
  );
}
