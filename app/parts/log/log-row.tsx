import { ChevronDown } from "lucide-react";
import { useState } from "react";
import { drillOf, type Library } from "#core/content/library";
import { rungOf } from "#core/drill/drill";
import type { LogItem } from "#core/records/records";
import { amountOf } from "#core/doses/log-item";
import { painLimit } from "#core/safety/pain";
import { loadSaid } from "#words/bands";
import { Choice } from "./choice";
import { LogDetails } from "./log-details";

const doneWords = { done: "done", part: "part", skipped: "skipped", stopped: "stopped" } as const;
const formWords = { clean: "clean", wobble: "wobble", lost: "form broke" } as const;

/** What was done of a drill, in a coach's short form: "2 × 12", "2 × 40 s", with the weight. */
export function amountWords(item: LogItem): string {
  const amount = amountOf(item);
  const load = loadSaid({ kg: item.load, band: item.band })
    .map((one) => `, ${one}`)
    .join("");
  if (!amount) return load ? load.slice(2) : "not said";
  return `${amount.sets} × ${amount.each}${amount.unit === "s" ? " s" : ""}${load}`;
}

/** What was said of one side. @example sideSaid({ side: "left", looseAt: 30, note: "" }) // "left: loose at 30" */
const sideSaid = ({ side, looseAt, note }: LogItem["bySide"][number]): string =>
  `${side}: ${[looseAt === null ? "" : `loose at ${looseAt}`, note].filter(Boolean).join(", ")}`;

/** One drill in the log: done, form, pain, when it came loose; its rung, amount, weight and note on demand. */
export function LogRow({
  item,
  library,
  change,
  remove,
}: {
  item: LogItem;
  library: Library;
  change: (item: LogItem) => void;
  remove: () => void;
}) {
  const [open, setOpen] = useState(false);
  const drill = drillOf(library, item.drillId);
  const name = drill?.name ?? item.drillId;
  const off = item.done === "skipped";
  return (
    <li
      data-drill={item.drillId}
      data-rung={item.rungId}
      className="grid grid-cols-[1fr_auto_auto] gap-x-4 gap-y-2 border-b border-line py-2.5 md:grid-cols-[minmax(9rem,1fr)_auto_auto_auto_auto] md:items-end"
    >
      <button
        type="button"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className="col-span-full min-w-0 self-center text-left md:col-span-1"
      >
        <span className="block font-display font-bold leading-tight">{name}</span>
        <span className="block text-sm text-muted">
          {drill ? rungOf(drill, item.rungId).name : item.rungId} ·{" "}
          <span className="figures">{amountWords(item)}</span>
          {item.planned ? "" : " · not planned"}{" "}
          <ChevronDown
            size={14}
            aria-hidden="true"
            className={`inline ${open ? "rotate-180" : ""}`}
          />
        </span>
        {[item.note, ...item.bySide.map(sideSaid)].filter(Boolean).map((note) => (
          <span key={note} className="block text-sm italic">
            {note}
          </span>
        ))}
      </button>
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
      {open || item.pain > 0 ? (
        <LogDetails
          item={item}
          drill={drill ?? null}
          name={name}
          whole={open}
          change={change}
          remove={remove}
        />
      ) : null}
    </li>
  );
}
