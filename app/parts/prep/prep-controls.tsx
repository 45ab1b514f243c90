import { Minus, Plus } from "lucide-react";
import { useEffect, useState } from "react";
import type { Place, Prep } from "#core/records/records";
import { clock } from "#core/drill/dose";
import type { Format, PrepKind } from "#core/content/format";
import type { Skill } from "#core/content/skill";
import type { Training } from "#core/records/training";
import { NextChoice } from "../next-choice";
import { PlaceSelect } from "../place-select";
import { readNumber } from "../words";

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
    <div className="flex flex-wrap items-end gap-x-6 gap-y-2 print:[&>label]:hidden">
      <div className="flex items-end gap-1">
        <h1 className="figures text-[2.6rem] leading-none">{clock(prep.budget)}</h1>
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
        <MinutesField key={minutes} minutes={minutes} editable={editable} set={set} />
      </div>
      <label className="grid">
        <span className="label">Session type</span>
        <select
          className="field max-w-56"
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
      <label className="flex min-h-10 items-center gap-2">
        <input
          type="checkbox"
          className="size-4 accent-[var(--spruce)]"
          checked={prep.alreadyWarm}
          disabled={!editable}
          onChange={(event) => plan({ alreadyWarm: event.target.checked })}
        />
        already warm
      </label>
    </div>
  );
}

function MinutesField({
  minutes,
  editable,
  set,
}: {
  minutes: number;
  editable: boolean;
  set: (minutes: number) => void;
}) {
  const [text, setText] = useState(String(minutes));
  useEffect(() => setText(String(minutes)), [minutes]);
  const take = () => {
    const wanted = readNumber(text);
    if (Number.isFinite(wanted)) set(wanted);
    setText(String(minutes));
  };
  return (
    <label className="no-print grid">
      <span className="label">minutes</span>
      <input
        className="field figures w-14 text-center"
        inputMode="numeric"
        value={text}
        disabled={!editable}
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
