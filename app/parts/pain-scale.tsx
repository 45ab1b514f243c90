import { Radio, RadioGroup } from "@headlessui/react";
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
  return (
    <RadioGroup value={value ?? -1} onChange={set} aria-label={label} className={className}>
      {levels.map((n) => (
        <Radio
          key={n}
          value={n}
          className={`figures grid cursor-pointer place-items-center ${large ? "min-h-13 border-2 text-xl font-bold" : "min-h-10 border"} ${n > painLimit ? "border-clay" : "border-hair"} data-checked:border-ink data-checked:bg-ink data-checked:text-paper`}
        >
          {n}
        </Radio>
      ))}
    </RadioGroup>
  );
}
