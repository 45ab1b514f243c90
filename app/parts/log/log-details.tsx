import type { Drill } from "#core/drill/drill";
import { bothSides, type LeftRight } from "#core/body/side";
import { rungOf } from "#core/drill/drill";
import type { LogItem } from "#core/records/records";
import { amountOf, setsAs, type Amount } from "#core/doses/log-item";
import { partsDone } from "#core/prep/weakest-part";
import { painLimit } from "#core/safety/pain";
import { isSharp } from "#core/safety/pain-kinds";
import { BandSelect } from "../band-select";
import { PainDetails } from "../figure/pain-details";
import { loggedSides } from "./draft";

/** The rest of a log row: rung, sets and amount, weight and note; and of pain its place and kind. */
export function LogDetails({
  item,
  drill,
  name,
  whole,
  change,
  remove,
}: {
  item: LogItem;
  drill: Drill | null;
  name: string;
  whole: boolean;
  change: (item: LogItem) => void;
  remove: () => void;
}) {
  const amount: Amount = amountOf(item) ?? { sets: 1, each: 10, unit: "reps" };
  const setAmount = (next: Partial<Amount>) =>
    change({
      ...item,
      seconds: 0,
      sets: setsAs({ ...amount, ...next }, drill ? loggedSides(drill, item.rungId) : []),
    });
  return (
    <div className="col-span-full flex flex-wrap items-end gap-x-4 gap-y-2">
      {whole ? (
        <>
          {drill ? (
            <label className="grid">
              <span className="label">Level</span>
              <select
                className="field max-w-52"
                aria-label={`${name}: level`}
                value={rungOf(drill, item.rungId).id}
                onChange={(event) => change({ ...item, rungId: event.target.value })}
              >
                {drill.rungs.map(({ id, name: rung }, i) => (
                  <option key={id} value={id}>
                    {i + 1}. {rung}
                  </option>
                ))}
              </select>
            </label>
          ) : null}
          <Numeral
            label="Sets"
            name={`${name}: sets`}
            value={amount.sets}
            most={24}
            change={(sets) => setAmount({ sets: sets ?? 1 })}
          />
          <Numeral
            label={amount.unit === "reps" ? "Times" : "Seconds"}
            name={`${name}: ${amount.unit === "reps" ? "repetitions" : "seconds"} of a set`}
            value={amount.each}
            most={amount.unit === "reps" ? 600 : 1200}
            change={(each) => setAmount({ each: each ?? 0 })}
          />
          <Numeral
            label="Weight, kg"
            name={`${name}: weight in kilograms`}
            value={item.load}
            most={400}
            step={0.5}
            change={(load) => change({ ...item, load })}
          />
          {item.labels.length > 1 ? (
            <PartsDone item={item} drill={drill} name={name} amount={amount} change={change} />
          ) : null}
          {item.band !== null || (drill && rungOf(drill, item.rungId).band) ? (
            <BandSelect
              name={`${name}: band`}
              none="not said"
              value={item.band}
              choose={(band) => change({ ...item, band })}
            />
          ) : null}
          {drill && loggedSides(drill, item.rungId).length > 0 ? (
            <BySide item={item} name={name} change={change} />
          ) : null}
          <label className="grid min-w-40 flex-1">
            <span className="label">Note</span>
            <input
              className="field"
              aria-label={`${name}: note`}
              value={item.note}
              onChange={(event) => change({ ...item, note: event.target.value })}
            />
          </label>
          <button type="button" className="press" onClick={remove}>
            Take out
          </button>
        </>
      ) : null}
      {item.pain > 0 ? (
        <>
          <label className="grid min-w-40 flex-1">
            <span className="label">In words</span>
            <input
              className="field"
              value={item.painPlace}
              aria-label={`${name}: where it hurt`}
              onChange={(event) => change({ ...item, painPlace: event.target.value })}
            />
          </label>
          <PainDetails
            label={`${name}: where`}
            kind={item.painKind}
            place={item.painAt}
            setKind={(painKind) => change({ ...item, painKind, sharp: isSharp(painKind) })}
            setPlace={(painAt) => change({ ...item, painAt })}
          />
          {item.pain > painLimit || isSharp(item.painKind) ? (
            <p className="w-full text-sm text-clay">
              What loads that place leaves the plans until a person clears it under Aim. See a
              licensed clinician.
            </p>
          ) : null}
        </>
      ) : null}
    </div>
  );
}

/** What was done of each part, written apart: the weakest gets more next time. */
function PartsDone({
  item,
  drill,
  name,
  amount,
  change,
}: {
  item: LogItem;
  drill: Drill | null;
  name: string;
  amount: Amount;
  change: (item: LogItem) => void;
}) {
  const done = partsDone(item);
  const set = (label: string, typed: number | null) => {
    const sides = drill ? loggedSides(drill, item.rungId) : [];
    const sets =
      item.sets.length > 0 ? item.sets : setsAs({ ...amount, sets: item.labels.length }, sides);
    const seen = new Map<string, number>();
    const next = sets.map((one) => {
      const n = seen.get(one.side ?? "") ?? 0;
      seen.set(one.side ?? "", n + 1);
      if (item.labels[n] !== label || typed === null) return one;
      return one.reps === null
        ? { ...one, seconds: Math.round(typed) }
        : { ...one, reps: Math.round(typed) };
    });
    change({ ...item, seconds: 0, sets: next });
  };
  return [...new Set(item.labels)].map((label) => (
    <Numeral
      key={label}
      label={label}
      name={`${name}: ${label}`}
      value={done.get(label) ?? amount.each}
      most={600}
      change={(typed) => set(label, typed)}
    />
  ));
}

/** Loose-at and a note of each side. The drill's own number is the stiffer side's. */
function BySide({
  item,
  name,
  change,
}: {
  item: LogItem;
  name: string;
  change: (item: LogItem) => void;
}) {
  const of = (side: LeftRight) =>
    item.bySide.find((one) => one.side === side) ?? { side, looseAt: null, note: "" };
  const set = (side: LeftRight, said: Partial<LogItem["bySide"][number]>) => {
    const bySide = bothSides
      .map((one) => (one === side ? { ...of(one), ...said } : of(one)))
      .filter(({ looseAt, note }) => looseAt !== null || note !== "");
    const told = bySide.flatMap(({ looseAt }) => (looseAt === null ? [] : [looseAt]));
    change({ ...item, bySide, looseAt: told.length > 0 ? Math.max(...told) : item.looseAt });
  };
  return bothSides.map((side) => (
    <span key={side} className="flex items-end gap-2">
      <Numeral
        label={`Loose, ${side}`}
        name={`${name}: loose at, ${side}`}
        value={of(side).looseAt}
        most={600}
        change={(looseAt) => set(side, { looseAt })}
      />
      <label className="grid">
        <span className="label">Note, {side}</span>
        <input
          className="field w-32"
          aria-label={`${name}: note, ${side}`}
          maxLength={300}
          value={of(side).note}
          onChange={(event) => set(side, { note: event.target.value })}
        />
      </label>
    </span>
  ));
}

function Numeral({
  label,
  name,
  value,
  most,
  step = 1,
  change,
}: {
  label: string;
  name: string;
  value: number | null;
  most: number;
  step?: number;
  change: (value: number | null) => void;
}) {
  return (
    <label className="grid">
      <span className="label">{label}</span>
      <input
        type="number"
        className="field figures w-20 text-center"
        aria-label={name}
        min="0"
        max={most}
        step={step}
        placeholder="–"
        value={value ?? ""}
        onChange={(event) => {
          const typed = event.target.value === "" ? null : Number(event.target.value);
          change(typed === null || Number.isNaN(typed) ? null : Math.min(most, Math.max(0, typed)));
        }}
      />
    </label>
  );
}
