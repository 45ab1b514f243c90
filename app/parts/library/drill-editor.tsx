import { Plus, X } from "lucide-react";
import { DoesFields } from "./does-fields";
import { useState } from "react";
import { MotionId, motionOf } from "#core/body/motions";
import { DrillKind, Pattern, phases, Position, Region, type Drill } from "#core/drill/drill";
import type { Library } from "#core/content/library";
import { RungEditor } from "./rung-editor";
import { useDraft } from "../use-draft";
import { blankRung } from "./own-drill";

/** A drill in the making may lack what a drill must have; this much it has always. */
const isDrillDraft = (kept: unknown): kept is Drill =>
  typeof kept === "object" &&
  kept !== null &&
  typeof (kept as Drill).name === "string" &&
  Array.isArray((kept as Drill).rungs) &&
  (kept as Drill).rungs.every(({ steps, gates }) => Array.isArray(steps) && Array.isArray(gates));

/** The form of a drill: what it is, what it serves, and its rungs from the easiest to the hardest. */
export function DrillEditor({
  draft,
  library,
  errors,
  save,
  remove,
  leave,
}: {
  draft: Drill;
  library: Library;
  errors: readonly string[];
  save: (drill: Drill) => void;
  remove: (() => void) | null;
  leave: () => void;
}) {
  const [drill, setDrill, drop] = useDraft<Drill>(
    `drill/${draft.id || draft.name || "new"}`,
    draft,
    (kept) => (isDrillDraft(kept) ? kept : null),
  );
  const [unread, setUnread] = useState<readonly string[]>([]);
  const set = (changes: Partial<Drill>) => setDrill({ ...drill, ...changes });
  return (
    <form
      className="mt-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (unread.length > 0) return;
        save(drill);
        drop();
      }}
    >
      <div className="grid gap-x-6 gap-y-3 sm:grid-cols-3">
        <label className="grid sm:col-span-3">
          <span className="label">Name</span>
          <input
            className="field"
            required
            value={drill.name}
            onChange={(event) => set({ name: event.target.value })}
          />
        </label>
        {(
          [
            ["purpose", "For"],
            ["notFor", "Not for"],
            ["order", "Why the levels stand in this order"],
          ] as const
        ).map(([field, label]) => (
          <label key={field} className="grid">
            <span className="label">{label}</span>
            <input
              className="field"
              value={drill[field] ?? ""}
              onChange={(event) => set({ [field]: event.target.value })}
            />
          </label>
        ))}
        <Pick
          name="Part of the body"
          value={drill.region}
          options={Region.options}
          set={(region) => set({ region })}
        />
        <Pick name="Phase" value={drill.phase} options={phases} set={(phase) => set({ phase })} />
        <Pick
          name="Kind of work"
          value={drill.kind}
          options={DrillKind.options}
          set={(kind) => set({ kind })}
        />
        <Pick
          name="Position"
          value={drill.position}
          options={Position.options}
          set={(position) => set({ position })}
        />
        <Pick
          name="Family of movement"
          value={drill.pattern ?? "none"}
          options={["none", ...Pattern.options]}
          set={(pattern) => set({ pattern: pattern === "none" ? null : pattern })}
        />
        <label className="grid">
          <span className="label">Set-up, seconds</span>
          <input
            className="field figures"
            type="number"
            min={0}
            max={120}
            value={drill.setUp}
            onChange={(event) =>
              set({ setUp: Math.max(0, Math.round(Number(event.target.value))) })
            }
          />
        </label>
      </div>
      <p className="mt-2 flex flex-wrap gap-x-6">
        <Flag text="each side in turn" on={drill.sided} set={(sided) => set({ sided })} />
        <Flag
          text="weight on the hands"
          on={drill.loadsHands}
          set={(loadsHands) => set({ loadsHands })}
        />
        <Flag
          text="prepares the wrists"
          on={drill.preparesHands}
          set={(preparesHands) => set({ preparesHands })}
        />
        <Flag
          text="upside down, or a deep back bend"
          on={drill.inverted}
          set={(inverted) => set({ inverted })}
        />
      </p>
      <DoesFields does={drill.does} set={(does) => set({ does })} />
      <ServesFields drill={drill} set={set} />
      <h2 className="mt-6 text-2xl">The ladder</h2>
      <ol>
        {drill.rungs.map((rung, i) => (
          <RungEditor
            key={rung.id}
            rung={rung}
            number={i + 1}
            held={drill.kind === "static"}
            library={library}
            set={(next) => set({ rungs: drill.rungs.map((one, n) => (n === i ? next : one)) })}
            remove={
              drill.rungs.length > 1
                ? () => set({ rungs: drill.rungs.filter((_, n) => n !== i) })
                : null
            }
            mark={(field, readable) =>
              setUnread((known) =>
                readable ? known.filter((one) => one !== field) : [...new Set([...known, field])],
              )
            }
          />
        ))}
      </ol>
      <button
        type="button"
        className="press mt-2"
        onClick={() => set({ rungs: [...drill.rungs, blankRung(drill.rungs.at(-1)!, Date.now())] })}
      >
        <Plus size={15} /> A harder level
      </button>
      <label className="mt-4 grid">
        <span className="label">Cautions, one a line</span>
        <textarea
          className="field"
          rows={2}
          value={drill.cautions.join("\n")}
          onChange={(event) => set({ cautions: event.target.value.split("\n") })}
        />
      </label>
      {[...unread, ...errors].length > 0 ? (
        <p role="alert" className="mt-3 border-l-4 border-clay pl-3 text-sm">
          {[
            ...unread.map(
              (field) => `${field}: write it as 10, 2 × 10, 30 s, 1:30 or 3 × (10 + 30)`,
            ),
            ...errors,
          ].join(". ")}
        </p>
      ) : null}
      <p className="mt-4 flex flex-wrap gap-3">
        <button type="submit" className="press press-main" disabled={unread.length > 0}>
          Save the drill
        </button>
        {remove ? (
          <button type="button" className="press" onClick={remove}>
            Remove it
          </button>
        ) : null}
        <button type="button" className="press" onClick={leave}>
          Cancel
        </button>
      </p>
    </form>
  );
}

function Pick<Value extends string>({
  name,
  value,
  options,
  set,
}: {
  name: string;
  value: Value;
  options: readonly Value[];
  set: (value: Value) => void;
}) {
  return (
    <label className="grid">
      <span className="label">{name}</span>
      <select
        className="field"
        value={value}
        onChange={(event) => set(event.target.value as Value)}
      >
        {options.map((option) => (
          <option key={option} value={option}>
            {option.replaceAll("-", " ")}
          </option>
        ))}
      </select>
    </label>
  );
}

function Flag({ text, on, set }: { text: string; on: boolean; set: (on: boolean) => void }) {
  return (
    <label className="flex min-h-9 items-center gap-1.5">
      <input
        type="checkbox"
        className="size-4 accent-[var(--spruce)]"
        checked={on}
        onChange={(event) => set(event.target.checked)}
      />
      {text}
    </label>
  );
}

/** Which joint motions it serves, and how much of its dose counts for each. */
function ServesFields({ drill, set }: { drill: Drill; set: (changes: Partial<Drill>) => void }) {
  const free = MotionId.options.filter(
    (motion) => !drill.serves.some((one) => one.motion === motion),
  );
  return (
    <fieldset className="mt-3">
      <legend className="label">What it serves, and how much of its dose counts</legend>
      <ul>
        {drill.serves.map(({ motion, share }, i) => (
          <li key={motion} className="flex min-h-10 flex-wrap items-center gap-3">
            <span className="w-56">{motionOf(motion).name}</span>
            <input
              type="range"
              className="accent-[var(--spruce)]"
              min={0.1}
              max={1}
              step={0.1}
              value={share}
              aria-label={`Share of ${motionOf(motion).name}`}
              onChange={(event) =>
                set({
                  serves: drill.serves.map((one, n) =>
                    n === i ? { motion, share: Number(event.target.value) } : one,
                  ),
                })
              }
            />
            <span className="figures w-12">{Math.round(share * 100)} %</span>
            <button
              type="button"
              className="quiet"
              aria-label={`Not ${motionOf(motion).name}`}
              onClick={() => set({ serves: drill.serves.filter((_, n) => n !== i) })}
            >
              <X size={15} />
            </button>
          </li>
        ))}
      </ul>
      <select
        className="field"
        value=""
        aria-label="Add a motion"
        onChange={(event) => {
          const motion = MotionId.safeParse(event.target.value);
          if (motion.success) set({ serves: [...drill.serves, { motion: motion.data, share: 1 }] });
        }}
      >
        <option value="">add a motion</option>
        {free.map((motion) => (
          <option key={motion} value={motion}>
            {motionOf(motion).name}
          </option>
        ))}
      </select>
    </fieldset>
  );
}
