import { Plus, Trash2 } from "lucide-react";
import * as z from "zod/mini";
import type { Place } from "#core/records/records";
import { Training as TrainingSchema, TrainingKind, type Training } from "#core/records/training";
import type { Skill } from "#core/content/skill";
import { NextChoice } from "../next-choice";
import { weekdayNames } from "#words/days";
import { PlaceSelect } from "../place-select";
import { useDraft } from "../use-draft";
import { trainingWords } from "./slot-words";

const wholeDay = (kind: TrainingKind): boolean => kind === "rest" || kind === "travel";

/** A training week, training by training: day, kind, time, minutes, place. */
export function TrainingWeekForm({
  athleteId,
  trainings,
  places,
  skills,
  keep,
  close,
  error,
  label,
}: {
  athleteId: string;
  trainings: readonly Training[];
  places: readonly Place[];
  skills: readonly Pick<Skill, "id" | "name">[];
  keep: (trainings: Training[]) => void;
  close?: () => void;
  error: string | null;
  label: string;
}) {
  const [list, setList, drop] = useDraft<Training[]>(
    `trainings/${athleteId}/${label}`,
    () => [...trainings].sort(byDay),
    (kept) => z.array(TrainingSchema).safeParse(kept).data ?? null,
  );
  const set = (at: number, change: Partial<Training>) =>
    setList(list.map((one, n) => (n === at ? { ...one, ...change } : one)));
  const firstFree = () =>
    [0, 1, 2, 3, 4, 5, 6].find((day) => !list.some(({ weekday }) => weekday === day)) ?? 0;
  return (
    <form
      aria-label={label}
      onSubmit={(event) => {
        event.preventDefault();
        keep([...list].sort(byDay));
        drop();
      }}
    >
      <ol className="grid gap-1">
        {list.map((training, n) => (
          <li
            key={n}
            className="flex flex-wrap items-end gap-x-3 gap-y-1 border-b border-line pb-1"
            aria-label={`Training ${n + 1}`}
          >
            <label className="grid">
              <span className="label">Day</span>
              <select
                className="field w-20"
                value={training.weekday}
                onChange={(event) => set(n, { weekday: Number(event.target.value) })}
              >
                {weekdayNames.map((name, day) => (
                  <option key={name} value={day}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
            <label className="grid">
              <span className="label">What</span>
              <select
                className="field w-28"
                value={training.kind}
                onChange={(event) => set(n, { kind: event.target.value as TrainingKind })}
              >
                {TrainingKind.options.map((kind) => (
                  <option key={kind} value={kind}>
                    {trainingWords[kind]}
                  </option>
                ))}
              </select>
            </label>
            {wholeDay(training.kind) ? (
              <span className="min-h-10 py-2 text-sm text-muted">the whole day</span>
            ) : (
              <>
                <label className="grid">
                  <span className="label">From</span>
                  <input
                    type="time"
                    required
                    className="field w-28"
                    value={training.starts}
                    onChange={(event) => set(n, { starts: event.target.value })}
                  />
                </label>
                <label className="grid">
                  <span className="label">Minutes</span>
                  <input
                    type="number"
                    required
                    min={10}
                    max={480}
                    className="field figures w-20"
                    value={training.minutes}
                    onChange={(event) => set(n, { minutes: Number(event.target.value) })}
                  />
                </label>
                <label className="grid">
                  <span className="label">Name</span>
                  <input
                    className="field w-28"
                    maxLength={40}
                    value={training.name ?? ""}
                    onChange={(event) => set(n, { name: event.target.value })}
                  />
                </label>
                <NextChoice
                  label="Trains"
                  none="not said"
                  value={training.trains ?? null}
                  skills={skills}
                  choose={(trains) => set(n, { trains })}
                />
                <PlaceSelect
                  label="Place"
                  places={places}
                  value={training.placeId ?? ""}
                  onChange={(event) => set(n, { placeId: event.target.value || null })}
                />
              </>
            )}
            <button
              type="button"
              className="quiet"
              aria-label={`Take out ${weekdayNames[training.weekday]} ${trainingWords[training.kind]}`}
              onClick={() => setList(list.filter((_, at) => at !== n))}
            >
              <Trash2 size={16} />
            </button>
          </li>
        ))}
      </ol>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="press"
          onClick={() =>
            setList([
              ...list,
              {
                weekday: firstFree(),
                kind: list.at(-1)?.kind ?? "skill",
                starts: list.at(-1)?.starts ?? "17:00",
                minutes: list.at(-1)?.minutes || 90,
                placeId: list.at(-1)?.placeId ?? null,
              },
            ])
          }
        >
          <Plus size={16} /> A training
        </button>
        <button type="submit" className="press press-main">
          Keep and place
        </button>
        {close ? (
          <button type="button" className="underlined text-sm" onClick={close}>
            Cancel
          </button>
        ) : null}
        {error ? (
          <p role="alert" className="text-sm text-clay">
            {error}
          </p>
        ) : null}
      </div>
    </form>
  );
}

const byDay = (a: Training, b: Training): number =>
  a.weekday - b.weekday || a.starts.localeCompare(b.starts);
