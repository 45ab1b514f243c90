import { drillFacts, finderOf } from "../library/find-words";
import { Plus } from "lucide-react";
import { useMemo, useState } from "react";
import { JointId, motionOf } from "#core/body/motions";
import { atRung, Position, type Drill } from "#core/drill/drill";
import { KitItem } from "#core/drill/kit";
import type { Plan } from "#core/prep/plan";
import type { Prep } from "#core/records/records";
import type { Library } from "#core/content/library";
import { isOfPlace, mayAdd, type Against } from "#core/records/reasons";
import { againstWords, liftOf } from "#words/prep";
import { PosePicture } from "../figure/pose-picture";

type Wanted = { text: string; joint: string; kit: string; position: string; here: boolean };
const anything: Wanted = { text: "", joint: "", kit: "", position: "", here: false };
const most = 24;

const standsInWay = (reason: Against | undefined): boolean => !!reason && isOfPlace(reason);

function fits(drill: Drill, { joint, kit, position }: Wanted): boolean {
  return (
    (joint === "" || drill.serves.some(({ motion }) => motionOf(motion).joint === joint)) &&
    (kit === "" ||
      drill.rungs.some((rung) =>
        kit === "none" ? rung.kit.length === 0 : (rung.kit as string[]).includes(kit),
      )) &&
    (position === "" || drill.rungs.some((rung) => atRung(drill, rung).position === position))
  );
}

export type FinderProps = {
  library: Library;
  prep: Prep;
  plan: Plan;
  editable: boolean;
  add: (drillId: string) => void;
};

/** Every drill there is, found by words and by choices. */
export function AllDrills({ library, prep, plan, editable, add }: FinderProps) {
  const [wanted, setWanted] = useState(anything);
  const why = useMemo(
    () => new Map(plan.leftOut.map(({ drillId, reason }) => [drillId, reason])),
    [plan],
  );
  const there = new Set(prep.items.map(({ drillId }) => drillId));
  const find = useMemo(
    () =>
      finderOf(
        library.drills.map((drill) => ({
          key: drill.id,
          name: drill.name,
          ...drillFacts(drill),
          drill,
        })),
      ),
    [library],
  );
  const found = find(wanted.text)
    .flatMap(({ drill }) => [drill])
    .filter((drill) => fits(drill, wanted) && !(wanted.here && standsInWay(why.get(drill.id))));
  const set = (changes: Partial<Wanted>) => setWanted({ ...wanted, ...changes });
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <label className="grid">
          <span className="label">Words</span>
          <input
            className="field w-44"
            type="search"
            value={wanted.text}
            onChange={(event) => set({ text: event.target.value })}
          />
        </label>
        <Choice
          name="Joint"
          value={wanted.joint}
          options={JointId.options}
          set={(joint) => set({ joint })}
        />
        <Choice
          name="Kit"
          value={wanted.kit}
          options={["none", ...KitItem.options]}
          set={(kit) => set({ kit })}
        />
        <Choice
          name="Position"
          value={wanted.position}
          options={Position.options}
          set={(position) => set({ position })}
        />
      </div>
      <label className="mt-1 flex min-h-9 w-fit items-center gap-1.5">
        <input
          type="checkbox"
          className="size-4 accent-[var(--spruce)]"
          checked={wanted.here}
          onChange={(event) => set({ here: event.target.checked })}
        />
        only what this place allows
      </label>
      <p className="mt-1 text-sm text-muted" role="status">
        {found.length} {found.length === 1 ? "drill" : "drills"}
        {found.length > most ? `, the first ${most} shown: narrow it down` : ""}
      </p>
      <ul className="mt-1 grid gap-x-6 border-t border-line sm:grid-cols-2">
        {found.slice(0, most).map((drill) => {
          const reason = why.get(drill.id) ?? null;
          return (
            <li
              key={drill.id}
              className="grid min-h-14 grid-cols-[5rem_1fr_auto] items-center gap-2 border-b border-line py-1"
            >
              <PosePicture
                picture={drill.rungs[0]!.picture}
                label=""
                small
                className="h-10 w-full"
              />
              <span className="text-sm leading-tight">
                <b>{drill.name}</b>
                <span className="block text-muted">
                  {there.has(drill.id)
                    ? "in the prep"
                    : reason
                      ? [`${againstWords(reason)}.`, liftOf(reason)].join(" ")
                      : "not in the prep"}
                </span>
              </span>
              {editable && !there.has(drill.id) && (reason === null || mayAdd(reason)) ? (
                <button
                  type="button"
                  className="quiet"
                  onClick={() => add(drill.id)}
                  aria-label={`Add ${drill.name}`}
                >
                  <Plus size={17} />
                </button>
              ) : null}
            </li>
          );
        })}
      </ul>
    </>
  );
}

function Choice({
  name,
  value,
  options,
  set,
}: {
  name: string;
  value: string;
  options: readonly string[];
  set: (value: string) => void;
}) {
  return (
    <label className="grid">
      <span className="label">{name}</span>
      <select className="field" value={value} onChange={(event) => set(event.target.value)}>
        <option value="">any</option>
        {options.map((option) => (
          <option key={option} value={option}>
            {option.replaceAll("-", " ")}
          </option>
        ))}
      </select>
    </label>
  );
}
