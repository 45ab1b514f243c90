import { BandStrength } from "#core/drill/band";
import { bandWords } from "#words/bands";

/** Which band: any, or one by its strength. */
export function BandSelect({
  name,
  none,
  value,
  choose,
}: {
  /** How it is read out, where its label alone does not tell of what. */
  name?: string;
  /** What it is called where no band is chosen. */
  none: string;
  value: BandStrength | null;
  choose: (band: BandStrength | null) => void;
}) {
  return (
    <label className="grid">
      <span className="label">Band</span>
      <select
        className="field"
        aria-label={name}
        value={value ?? ""}
        onChange={({ target }) =>
          choose(target.value === "" ? null : BandStrength.parse(target.value))
        }
      >
        <option value="">{none}</option>
        {BandStrength.options.map((one) => (
          <option key={one} value={one}>
            {bandWords(one)}
          </option>
        ))}
      </select>
    </label>
  );
}
