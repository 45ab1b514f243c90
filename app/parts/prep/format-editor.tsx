import { Plus, X } from "lucide-react";
import { phaseNames } from "#words/names";
import { DrillKind, phases } from "#core/drill/drill";
import type { Prep } from "#core/records/records";
import { Format as FormatSchema, type Format, type Segment } from "#core/content/format";
import { useDraft } from "../use-draft";
import { readNumber } from "../words";
import type { DoAct } from "../use-act";

/** A shape of the user's own, begun from the present one: its name, minutes and segments. Kept in the pack that a file carries to others. */
export function FormatEditor({
  prep,
  format,
  act,
  close,
}: {
  prep: Prep;
  format: Format;
  act: DoAct;
  close: () => void;
}) {
  const own = format.id.startsWith("format");
  const [draft, setDraft, drop] = useDraft<Format>(
    `format/${format.id}`,
    {
      ...format,
      name: own ? format.name : `${format.name}, mine`,
      minutes: Math.round(prep.budget / 60),
      handOver: prep.handOver,
      clocked: prep.clocked ?? format.clocked,
      gaps: prep.gaps ?? format.gaps,
      id: own ? format.id : "new",
    },
    (kept) => FormatSchema.safeParse(kept).data ?? null,
  );
  const set = (changes: Partial<Format>) => setDraft({ ...draft, ...changes });
  const setSegment = (at: number, changes: Partial<Segment>) =>
    set({
      segments: draft.segments.map((segment, i) =>
        i === at ? { ...segment, ...changes } : segment,
      ),
    });
  return (
    <form
      className="mt-2 border-l-4 border-tape bg-raised px-4 py-3"
      onSubmit={(event) => {
        event.preventDefault();
        act("save-format", { format: draft });
        drop();
        close();
      }}
    >
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <label className="grid">
          <span className="label">Name of the format</span>
          <input
            className="field"
            required
            maxLength={60}
            value={draft.name}
            onChange={(event) => set({ name: event.target.value })}
          />
        </label>
        <label className="grid">
          <span className="label">Its minutes</span>
          <input
            className="field figures w-16"
            inputMode="numeric"
            defaultValue={draft.minutes}
            onBlur={(event) => {
              const minutes = readNumber(event.target.value);
              if (minutes >= 2 && minutes <= 120) set({ minutes: Math.round(minutes) });
            }}
          />
        </label>
        <label className="grid grow">
          <span className="label">What it is for</span>
          <input
            className="field w-full"
            value={draft.lead}
            onChange={(event) => set({ lead: event.target.value })}
          />
        </label>
      </div>
      <ol className="mt-3 border-t border-line">
        {draft.segments.map((segment, at) => (
          <li
            key={at}
            className="grid gap-x-4 gap-y-1 border-b border-line py-2 md:grid-cols-[9rem_7rem_1fr_auto]"
          >
            <input
              className="field"
              aria-label={`Name of segment ${at + 1}`}
              value={segment.name}
              required
              onChange={(event) => setSegment(at, { name: event.target.value })}
            />
            <select
              className="field"
              aria-label={`Phase of segment ${at + 1}`}
              value={segment.phase}
              onChange={(event) =>
                setSegment(at, { phase: event.target.value as Segment["phase"] })
              }
            >
              {phases.map((phase) => (
                <option key={phase} value={phase}>
                  {phaseNames[phase]}
                </option>
              ))}
            </select>
            <fieldset className="flex flex-wrap gap-x-3">
              <legend className="sr-only">Kinds of work in segment {at + 1}</legend>
              {DrillKind.options.map((kind) => (
                <label key={kind} className="flex min-h-8 items-center gap-1 text-sm">
                  <input
                    type="checkbox"
                    className="size-4 accent-[var(--spruce)]"
                    checked={segment.kinds.includes(kind)}
                    onChange={(event) =>
                      setSegment(at, {
                        kinds: event.target.checked
                          ? [...segment.kinds, kind]
                          : segment.kinds.filter((other) => other !== kind),
                      })
                    }
                  />
                  {kind.replace("-", " ")}
                </label>
              ))}
            </fieldset>
            <button
              type="button"
              className="quiet"
              disabled={draft.segments.length === 1}
              aria-label={`Remove segment ${at + 1}`}
              onClick={() => set({ segments: draft.segments.filter((_, i) => i !== at) })}
            >
              <X size={16} />
            </button>
          </li>
        ))}
      </ol>
      <p className="mt-2 flex flex-wrap gap-3">
        <button
          type="button"
          className="press"
          onClick={() =>
            set({
              segments: [
                ...draft.segments,
                {
                  name: "more",
                  phase: "own",
                  kinds: ["strength"],
                  positions: [],
                  regions: [],
                  note: "",
                  from: "needs",
                  most: 1,
                  fewest: 0,
                  drills: 20,
                  outside: false,
                },
              ],
            })
          }
        >
          <Plus size={15} /> Segment
        </button>
        <button type="submit" className="press press-main">
          Save the format
        </button>
        {own ? (
          <button
            type="button"
            className="press"
            onClick={() => {
              act("remove-format", { formatId: format.id });
              close();
            }}
          >
            Remove it
          </button>
        ) : null}
        <button type="button" className="press" onClick={close}>
          Cancel
        </button>
      </p>
    </form>
  );
}
