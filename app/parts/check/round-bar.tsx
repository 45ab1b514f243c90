import { decimal } from "#words/locale";
import type { ReactNode } from "react";
import { Instrument } from "#core/content/protocol";
import { instrumentNames, lengthUnitName } from "#words/names";
import { betweenTesters } from "#core/measure/tester";
import { LengthUnit, usualFingerCm } from "#core/content/units";
import type { RangeChoice, Round } from "./round";

const rangeText: Record<RangeChoice, string> = {
  asked: "as asked",
  passive: "passive",
  active: "active",
  both: "both",
};

/** What holds for the whole round, set once: time, temperature, range, instrument, lengths, and who measures. */
export function RoundBar({
  round,
  change,
  lastTester,
  fingerCm,
  calibrate,
  children,
}: {
  round: Round;
  change: (part: Partial<Round>) => void;
  /** Who measured this athlete last; another pair of hands widens the error. */
  lastTester: string | null;
  fingerCm: number | undefined;
  calibrate: () => void;
  children: ReactNode;
}) {
  return (
    <>
      <fieldset className="mt-2 flex flex-wrap items-end gap-x-3 gap-y-2">
        <legend className="sr-only">For the whole round</legend>
        <BarChoice
          label="Minutes"
          value={String(round.minutes)}
          options={[5, 10, 15, 20, 30, 45].map((n) => [String(n), String(n)])}
          onChange={(value) => change({ minutes: Number(value) })}
        />
        <BarChoice
          label="Temperature"
          value={round.temperature}
          options={[
            ["warm", "warm"],
            ["cold", "cold"],
          ]}
          onChange={(value) => change({ temperature: value as Round["temperature"] })}
        />
        <BarChoice
          label="Range"
          value={round.range}
          options={Object.entries(rangeText)}
          onChange={(value) => change({ range: value as RangeChoice })}
        />
        <BarChoice
          label="Instrument"
          value={round.instrument ?? ""}
          options={[
            ["", "any"],
            ...Instrument.options.map((id) => [id, instrumentNames[id]] as const),
          ]}
          onChange={(value) => change({ instrument: (value || null) as Round["instrument"] })}
        />
        <BarChoice
          label="Lengths in"
          value={round.length}
          options={LengthUnit.options.map((unit) => [unit, lengthUnitName[unit]])}
          onChange={(value) => change({ length: value as LengthUnit })}
        />
        <label className="grid">
          <span className="label">Who measures</span>
          <input
            id="who-measures"
            className="field w-20"
            maxLength={80}
            value={round.tester}
            onChange={(event) => change({ tester: event.target.value })}
          />
        </label>
        {children}
      </fieldset>
      {lastTester ? (
        <Remark>
          {lastTester} measured last time. A change has to be larger now to be real: by other hands
          both errors count {betweenTesters}-fold.
        </Remark>
      ) : null}
      {round.length === "fingers" ? (
        <Remark>
          {fingerCm
            ? `One finger of this athlete is ${decimal(fingerCm, 2)} cm wide.`
            : `One finger is taken as ${usualFingerCm} cm: this athlete’s was never measured.`}{" "}
          <button type="button" className="underlined" onClick={calibrate}>
            {fingerCm ? "Measure it again" : "Measure it once"}
          </button>
        </Remark>
      ) : null}
    </>
  );
}

const Remark = ({ children }: { children: ReactNode }) => (
  <p className="mt-2 text-sm text-muted" role="status">
    {children}
  </p>
);

export function BarChoice({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string;
  options: readonly (readonly [value: string, text: string])[];
  onChange: (value: string) => void;
}) {
  return (
    <label className="grid">
      <span className="label">{label}</span>
      <select className="field" value={value} onChange={(event) => onChange(event.target.value)}>
        {options.map(([id, text]) => (
          <option key={id} value={id}>
            {text}
          </option>
        ))}
      </select>
    </label>
  );
}
