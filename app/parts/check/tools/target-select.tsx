import { sideLabel } from "../side-trials";
import type { Target } from "./tool";

const keyOf = ({ row, side }: Target): string => `${row.key}/${side}`;

/** A target in words. @example "Shoulder flexion, left" */
export const targetText = ({ row, side }: Target): string =>
  `${row.protocol.name}, ${row.protocol.modes.length > 1 ? `${row.mode}, ` : ""}${sideLabel[side]}`;

/** Chooses where a reading goes among the round's checks that allow the instrument. */
export function TargetSelect({
  label,
  target,
  targets,
  onChange,
}: {
  label: string;
  target: Target;
  targets: readonly Target[];
  onChange: (target: Target) => void;
}) {
  return (
    <label className="grid">
      <span className="label">{label}</span>
      <select
        className="field"
        value={keyOf(target)}
        onChange={(event) => {
          const chosen = targets.find((one) => keyOf(one) === event.target.value);
          if (chosen) onChange(chosen);
        }}
      >
        {targets.map((one) => (
          <option key={keyOf(one)} value={keyOf(one)}>
            {targetText(one)}
          </option>
        ))}
      </select>
    </label>
  );
}
