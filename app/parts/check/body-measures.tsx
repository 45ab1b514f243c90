import { decimal } from "#words/locale";
import { useState } from "react";
import { armLength, footLength, legLength, shinLength, shoulderBreadth } from "#core/body/segments";
import type { Athlete } from "#core/records/athlete";
import { usualFingerCm } from "#core/content/units";
import { readNumber } from "../words";

type Measures = Athlete["measures"];

/** What can be measured of a body, how, the range that can be, and what the stature says meanwhile. */
const lengths: readonly {
  key: keyof Measures;
  name: string;
  how: string;
  possible: readonly [number, number];
  from: (statureCm: number) => number;
}[] = [
  {
    key: "shinCm",
    name: "Shin",
    how: "outside of the knee to the outer ankle bone",
    possible: [20, 65],
    from: shinLength,
  },
  {
    key: "footCm",
    name: "Foot",
    how: "heel to the longest toe",
    possible: [14, 36],
    from: footLength,
  },
  {
    key: "legCm",
    name: "Leg",
    how: "bony point of the hip to the floor",
    possible: [50, 125],
    from: legLength,
  },
  {
    key: "armCm",
    name: "Arm",
    how: "tip of the shoulder to the middle of the grip",
    possible: [35, 95],
    from: armLength,
  },
  {
    key: "breadthCm",
    name: "Shoulder breadth",
    how: "outer tip to outer tip",
    possible: [24, 60],
    from: shoulderBreadth,
  },
  {
    key: "fingerCm",
    name: "One finger",
    how: "across, at the middle joint",
    possible: [1, 3],
    from: () => usualFingerCm,
  },
];

/** The athlete's own lengths, where a tape is at hand; the proportions of the stature count meanwhile. */
export function BodyMeasuresForm({
  athlete,
  keep,
}: {
  athlete: Athlete;
  keep: (measures: Measures) => void;
}) {
  const [typed, setTyped] = useState<Partial<Record<keyof Measures, string>>>({});
  const textOf = (key: keyof Measures): string =>
    typed[key] ?? (athlete.measures[key] === undefined ? "" : String(athlete.measures[key]));
  const wrong = lengths.filter(({ key, possible: [low, high] }) => {
    const text = textOf(key).trim();
    const cm = readNumber(text);
    return text !== "" && !(cm >= low && cm <= high);
  });
  const save = () => {
    keep({
      // What was fitted is not typed here, and stays.
      ...(athlete.measures.pelvisCm === undefined ? {} : { pelvisCm: athlete.measures.pelvisCm }),
      ...(athlete.measures.fittedLegCm === undefined
        ? {}
        : { fittedLegCm: athlete.measures.fittedLegCm }),
      ...Object.fromEntries(
        lengths.flatMap(({ key }) => {
          const text = textOf(key).trim();
          return text === "" ? [] : [[key, readNumber(text)]];
        }),
      ),
    });
    setTyped({});
  };
  const known = lengths.filter(({ key }) => athlete.measures[key] !== undefined).length;
  return (
    <details className="mt-3">
      <summary className="label min-h-9 py-2">
        Own measures ({known} of {lengths.length})
      </summary>
      <p className="text-sm text-muted">
        Readings in centimetres become angles by these lengths. Grey is what the stature says.
      </p>
      <div className="mt-2 grid gap-x-6 gap-y-2 sm:grid-cols-2">
        {lengths.map(({ key, name, how, possible: [low, high], from }) => (
          <label key={key} className="flex items-baseline gap-3 border-b border-line">
            <span className="min-w-0 flex-1">
              {name} <span className="block text-xs text-muted">{how}</span>
            </span>
            <input
              className="field figures w-20 text-center"
              inputMode="decimal"
              aria-label={`${name}, centimetres`}
              aria-invalid={wrong.some((one) => one.key === key) || undefined}
              aria-describedby={`${key}-range`}
              title={`${low} to ${high} cm`}
              placeholder={decimal(from(athlete.statureCm), 1)}
              value={textOf(key)}
              onChange={(event) => setTyped({ ...typed, [key]: event.target.value })}
              onKeyDown={(event) => {
                if (event.key !== "Enter") return;
                event.preventDefault();
                if (wrong.length === 0) save();
              }}
            />
            <span className="text-sm text-muted">cm</span>
            <span
              id={`${key}-range`}
              className={wrong.some((one) => one.key === key) ? "text-sm text-clay" : "sr-only"}
            >
              {low} to {high} cm
            </span>
          </label>
        ))}
      </div>
      <p className="mt-2 flex items-center gap-4">
        <button
          type="button"
          className="press"
          disabled={Object.keys(typed).length === 0 || wrong.length > 0}
          onClick={save}
        >
          Save the measures
        </button>
        {wrong.length > 0 ? (
          <span role="status" className="text-sm font-semibold text-clay">
            {wrong
              .map(({ name, possible: [low, high] }) => `${name} is between ${low} and ${high} cm`)
              .join("; ")}
            .
          </span>
        ) : null}
      </p>
    </details>
  );
}
