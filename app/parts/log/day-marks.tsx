import { JointId } from "#core/body/motions";
import type { DayNote } from "#core/records/records";
import { comfortLimit } from "#core/safety/pain";
import { useAct } from "../use-act";
import { jointWords } from "#words/slots";

const words = { sleep: ["poor", "usual", "good"], energy: ["low", "usual", "high"] } as const;

/** Sleep, energy and soreness of a day: three small marks, kept as they are pressed; none is asked for. */
export function DayMarks({ note, on }: { note: DayNote | null; on: string }) {
  const { act } = useAct();
  const mark = (fields: object) => act("mark-day", { on, ...fields });
  return (
    <section
      aria-label="How the day was"
      className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-2 border-y border-line py-2"
    >
      {(["sleep", "energy"] as const).map((name) => (
        <fieldset key={name}>
          <legend className="label">{name}</legend>
          <div className="flex">
            {words[name].map((word, i) => {
              const on_ = note?.[name] === i + 1;
              return (
                <button
                  key={word}
                  type="button"
                  aria-pressed={on_}
                  onClick={() => mark({ [name]: on_ ? null : i + 1 })}
                  className={`min-h-10 border border-hair px-2.5 text-sm [&:not(:first-child)]:border-l-0 ${on_ ? "bg-ink text-paper" : ""}`}
                >
                  {word}
                </button>
              );
            })}
          </div>
        </fieldset>
      ))}
      <label className="grid">
        <span className="label">Sore, 0–10</span>
        <select
          className="field figures w-20"
          value={note?.soreness ?? ""}
          onChange={(event) => {
            const level = event.target.value === "" ? null : Number(event.target.value);
            mark({ soreness: level, ...(level ? {} : { sore: [] }) });
          }}
        >
          <option value="">–</option>
          {Array.from({ length: 11 }, (_, n) => (
            <option key={n} value={n}>
              {n}
            </option>
          ))}
        </select>
      </label>
      {note?.soreness ? (
        <fieldset className="min-w-0">
          <legend className="label">in</legend>
          <div className="flex flex-wrap gap-1">
            {JointId.options.map((joint) => {
              const sore = note.sore.includes(joint);
              return (
                <button
                  key={joint}
                  type="button"
                  aria-pressed={sore}
                  onClick={() => mark({ sore: toggled(note.sore, joint) })}
                  className={`min-h-9 border px-2 text-sm ${sore ? "border-ink bg-ink text-paper" : "border-line"}`}
                >
                  {jointWords(joint)}
                </button>
              );
            })}
          </div>
        </fieldset>
      ) : null}
      {(note?.soreness ?? 0) > comfortLimit && note!.sore.length > 0 ? (
        <p className="w-full text-sm text-muted">
          Above 4/10: if it lasts over two days, the next dose there falls by a third.
        </p>
      ) : null}
    </section>
  );
}

const toggled = (list: readonly JointId[], joint: JointId): JointId[] =>
  list.includes(joint) ? list.filter((one) => one !== joint) : [...list, joint];
