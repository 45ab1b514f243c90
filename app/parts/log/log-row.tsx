import { drillOf, type Library } from "#core/library";
import { rungOf } from "#core/drill/drill";
import { writeDose } from "#core/drill/dose";
import type { LogItem } from "#core/exchange/records";
import { painLimit } from "#core/safety/pain";

const doneWords = { done: "done", part: "part", skipped: "skipped", stopped: "stopped" } as const;
const formWords = { clean: "clean", wobble: "wobble", lost: "lost it" } as const;

/** One drill in the log: done, form, pain, when it came loose, a note. */
export function LogRow({
  item,
  library,
  change,
}: {
  item: LogItem;
  library: Library;
  change: (item: LogItem) => void;
}) {
  const drill = drillOf(library, item.drillId);
  const name = drill?.name ?? item.drillId;
  const off = item.done === "skipped";
  return (
    <li className="grid grid-cols-[1fr_auto_auto] gap-x-4 gap-y-2 border-b border-line py-2.5 md:grid-cols-[minmax(9rem,1fr)_auto_auto_auto_auto] md:items-end">
      <div className="col-span-full min-w-0 self-center md:col-span-1">
        <p className="font-display font-bold leading-tight">{name}</p>
        <p className="text-sm text-muted">
          {drill ? rungOf(drill, item.rungId).name : item.rungId} ·{" "}
          <span className="figures">{item.planned ? writeDose(item.planned) : "not planned"}</span>
        </p>
      </div>
      <Choice
        label="Done"
        name={name}
        options={doneWords}
        value={item.done}
        change={(done) => change({ ...item, done: done ?? "done" })}
      />
      <Choice
        label="Form"
        name={name}
        options={formWords}
        value={item.form}
        off={off}
        change={(form) => change({ ...item, form })}
      />
      <label className="grid">
        <span className="label">Pain</span>
        <select
          className={`field figures w-16 ${item.pain > painLimit ? "text-clay" : ""}`}
          value={item.pain}
          aria-label={`${name}: pain`}
          onChange={(event) => change({ ...item, pain: Number(event.target.value) })}
        >
          {Array.from({ length: 11 }, (_, n) => (
            <option key={n} value={n}>
              {n}
            </option>
          ))}
        </select>
      </label>
      <label className="grid">
        <span className="label">Loose at</span>
        <input
          className="field figures w-16 text-center"
          type="number"
          min="0"
          max="600"
          aria-label={`${name}: loose at, repetitions or seconds`}
          disabled={off}
          placeholder="–"
          value={item.looseAt ?? ""}
          onChange={(event) =>
            change({
              ...item,
              looseAt: event.target.value === "" ? null : Math.max(0, Number(event.target.value)),
            })
          }
        />
      </label>
      {item.pain > 0 ? (
        <div className="col-span-full flex flex-wrap items-end gap-x-4">
          <label className="grid flex-1">
            <span className="label">Where it hurt</span>
            <input
              className="field"
              value={item.painPlace}
              aria-label={`${name}: where it hurt`}
              onChange={(event) => change({ ...item, painPlace: event.target.value })}
            />
          </label>
          <label className="flex min-h-10 items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-[var(--clay)]"
              checked={item.sharp}
              onChange={(event) => change({ ...item, sharp: event.target.checked })}
            />
            sharp or spreading
          </label>
          {item.pain > painLimit ? (
            <p className="w-full text-sm text-clay">
              Above 5/10: this motion leaves the plans until a person clears it under Aim. See a
              licensed clinician.
            </p>
          ) : null}
        </div>
      ) : null}
    </li>
  );
}

/** A row of choices that can be pressed with a thumb; the arrow keys walk it. */
function Choice<T extends string>({
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
