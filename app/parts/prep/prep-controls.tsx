import { Minus, Plus } from "lucide-react";
import { useState } from "react";
import type { Place, Prep } from "#core/records/records";
import { clock } from "#core/drill/dose";
import type { Format, PrepKind } from "#core/content/format";
import type { Skill } from "#core/content/skill";
import type { Training } from "#core/records/training";
import { NextChoice } from "../next-choice";
import { PlaceSelect } from "../place-select";
import { readMinutes } from "../words";
import { noKit } from "#core/records/places";

/** When a kind of prep is done. */
const kindNames: Record<PrepKind, string> = {
  "warm-up": "before training",
  issue: "before the warm-up, for an old injury",
  mobility: "a session of its own",
  circles: "every morning",
  conditioning: "two or three times a week",
  fillers: "between work sets",
};

const shortest = 2;
const longest = 120;

/** Minutes, shape, place, already warm. Minutes are asked for; the rest plans anew, and what is locked stays. */
export function PrepControls({
  prep,
  format,
  formats,
  places,
  skills,
  trainings,
  editable,
  plan,
  ask,
}: {
  prep: Prep;
  format: Format;
  formats: readonly Format[];
  places: readonly Place[];
  skills: readonly Pick<Skill, "id" | "name">[];
  /** Of a usual week. */
  trainings: readonly Training[];
  editable: boolean;
  plan: (changes: Partial<Prep>) => void;
  /** Other minutes were asked for. */
  ask: (minutes: number) => void;
}) {
  const minutes = Math.round(prep.budget / 60);
  const set = (wanted: number) => {
    const bounded = Math.min(longest, Math.max(shortest, Math.round(wanted)));
    if (bounded !== minutes) ask(bounded);
  };
  return (
    <div className="flex flex-wrap items-end gap-x-3 gap-y-2 sm:[&_select]:max-w-[8.9rem] print:[&>label]:hidden">
      <div className="flex items-end gap-0.5">
        <h1 className="figures sr-only print:not-sr-only">{clock(prep.budget)}</h1>
        <MinutesField key={prep.budget} budget={prep.budget} editable={editable} set={set} />
        <span className="no-print flex">
          <button
            type="button"
            className="quiet"
            disabled={!editable || minutes <= shortest}
            onClick={() => set(minutes - 1)}
            aria-label="One minute less"
          >
            <Minus size={17} />
          </button>
          <button
            type="button"
            className="quiet"
            disabled={!editable || minutes >= longest}
            onClick={() => set(minutes + 1)}
            aria-label="One minute more"
          >
            <Plus size={17} />
          </button>
        </span>
      </div>
      <label className="grid">
        <span className="label">Session type</span>
        <select
          className="field max-w-40"
          value={format.id}
          disabled={!editable}
          onChange={(event) => plan({ format: event.target.value })}
          title={format.lead}
        >
          {formats.map(({ id, name, kind }) => (
            <option key={id} value={id}>
              {name}: {kindNames[kind]}
            </option>
          ))}
        </select>
      </label>
      <PlaceSelect
        label="Where"
        places={places}
        value={prep.placeId ?? ""}
        disabled={!editable}
        onChange={(event) => plan({ placeId: event.target.value || null })}
      />
      {format.kind === "warm-up" ? (
        <NextChoice
          label="Before"
          none="what is aimed at"
          value={prep.next}
          skills={skills}
          trainings={trainings}
          disabled={!editable}
          choose={(next) => plan({ next })}
        />
      ) : null}
      <div className="grid">
        <Tick
          name="already warm"
          on={prep.alreadyWarm}
          editable={editable}
          set={(alreadyWarm) => plan({ alreadyWarm })}
        />
        <Tick
          name="no kit"
          on={prep.placeId === noKit.id}
          editable={editable}
          set={(none) => plan({ placeId: none ? noKit.id : (places[0]?.id ?? null) })}
        />
      </div>
    </div>
  );
}

function Tick({
  name,
  on,
  editable,
  set,
}: {
  name: string;
  on: boolean;
  editable: boolean;
  set: (on: boolean) => void;
}) {
  return (
    <label className="flex min-h-[26px] items-center gap-1.5 text-sm pointer-coarse:min-h-9">
      <input
        type="checkbox"
        className="size-4 accent-[var(--spruce)]"
        checked={on}
        disabled={!editable}
        onChange={(event) => set(event.target.checked)}
      />
      {name}
    </label>
  );
}

/** The clock of the prep, which is also where other minutes are typed: "8", "12:30". */
function MinutesField({
  budget,
  editable,
  set,
}: {
  budget: number;
  editable: boolean;
  set: (minutes: number) => void;
}) {
  const [text, setText] = useState(clock(budget));
  const take = () => {
    const wanted = readMinutes(text);
    if (Number.isFinite(wanted)) set(wanted);
    setText(clock(budget));
  };
  return (
    <label className="no-print">
      <span className="sr-only">minutes</span>
      <input
        className="field figures !min-h-11 w-[6.4rem] !p-0 text-[2rem] font-bold leading-none"
        inputMode="numeric"
        value={text}
        disabled={!editable}
        onFocus={(event) => event.target.select()}
        onChange={(event) => setText(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key !== "Enter") return;
          // Or the key would also press the button that the preview puts the focus on.
          event.preventDefault();
          take();
        }}
      />
    </label>
  );
}
