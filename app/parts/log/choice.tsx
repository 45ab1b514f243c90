/** A row of choices that can be pressed with a thumb; the arrow keys walk it. */
export function Choice<T extends string>({
  label,
  name,
  options,
  value,
  change,
  off = false,
}: {
  label: string;
  name: string;
  options: Record<T, string>;
  value: T | null;
  change: (value: T | null) => void;
  off?: boolean;
}) {
  return (
    <fieldset
      disabled={off}
      className={`${off ? "opacity-40" : ""} ${label === "Done" ? "col-span-full md:col-span-1" : ""}`}
    >
      <legend className="label">
        {label}
        <span className="sr-only">: {name}</span>
      </legend>
      <div className="flex">
        {(Object.entries(options) as [T, string][]).map(([key, text]) => (
          <label
            key={key}
            className="min-h-10 cursor-pointer border border-hair px-2 py-2 text-sm leading-tight [&:not(:first-child)]:border-l-0 has-checked:bg-ink has-checked:text-paper has-focus-visible:outline-2 has-focus-visible:outline-offset-2 has-focus-visible:outline-spruce"
          >
            <input
              type="radio"
              className="sr-only"
              checked={value === key}
              onChange={() => change(key)}
            />
            {text}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
