import type { Season } from "#core/records/training";
import { blockEnd } from "#core/schedule/block";
import { weekDay } from "#words/days";

type Set = (changes: Partial<Season>) => void;

/** How the block and its weeks are: how long, how often, how many minutes. Every change places the sessions anew. */
export function SeasonDoses({ season, set }: { season: Season; set: Set }) {
  return (
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
      <label className="grid">
        <span className="label">Block from the week of</span>
        <input
          key={season.since}
          type="date"
          className="field w-36"
          defaultValue={season.since}
          onBlur={(event) => {
            if (event.target.value && event.target.value !== season.since)
              set({ since: event.target.value });
          }}
        />
      </label>
      <Amount
        label="Weeks"
        value={season.weeks}
        least={4}
        most={16}
        set={(weeks) => set({ weeks })}
        note={`to ${weekDay(blockEnd(season))}`}
      />
      <label className="grid">
        <span className="label">Lighter week</span>
        <select
          className="field w-32"
          value={season.lighterEvery}
          onChange={(event) => set({ lighterEvery: Number(event.target.value) })}
        >
          <option value={0}>on request</option>
          <option value={3}>every third</option>
          <option value={4}>every fourth</option>
          <option value={5}>every fifth</option>
        </select>
      </label>
      <Amount
        label="Mobility a week"
        value={season.mobility.perWeek}
        least={0}
        most={5}
        set={(perWeek) => set({ mobility: { ...season.mobility, perWeek } })}
      />
      <Amount
        label="Minutes each"
        value={season.mobility.minutes}
        least={10}
        most={90}
        step={5}
        set={(minutes) => set({ mobility: { ...season.mobility, minutes } })}
      />
      <Amount
        label="Conditioning a week"
        value={season.conditioning.perWeek}
        least={0}
        most={3}
        set={(perWeek) => set({ conditioning: { ...season.conditioning, perWeek } })}
      />
      <Amount
        label="Minutes each"
        value={season.conditioning.minutes}
        least={5}
        most={60}
        step={5}
        set={(minutes) => set({ conditioning: { ...season.conditioning, minutes } })}
      />
      <Amount
        label="Warm-up, min"
        value={season.warmUp}
        least={2}
        most={60}
        set={(warmUp) => set({ warmUp })}
      />
      <Amount
        label="Issue prep, min"
        value={season.issue}
        least={2}
        most={60}
        set={(issue) => set({ issue })}
      />
      <Amount
        label="Circles, min"
        value={season.circles.minutes}
        least={0}
        most={30}
        set={(minutes) => set({ circles: { ...season.circles, minutes } })}
      />
      <Clock
        label="Circles at"
        value={season.circles.at}
        set={(at) => set({ circles: { ...season.circles, at } })}
      />
      <Clock label="Own time from" value={season.ownTime} set={(ownTime) => set({ ownTime })} />
      <Amount
        label="Fillers a week"
        value={season.fillers}
        least={0}
        most={7}
        set={(fillers) => set({ fillers })}
      />
      <Amount
        label="Most a day, min"
        value={season.most}
        least={10}
        most={240}
        step={5}
        set={(most) => set({ most })}
      />
    </div>
  );
}

function Amount({
  label,
  value,
  least,
  most,
  step = 1,
  set,
  note,
}: {
  label: string;
  value: number;
  least: number;
  most: number;
  step?: number;
  set: (value: number) => void;
  note?: string;
}) {
  return (
    <label className="grid">
      <span className="label">{label}</span>
      <span className="flex items-baseline gap-2">
        <input
          key={value}
          type="number"
          className="field figures w-16"
          defaultValue={value}
          min={least}
          max={most}
          step={step}
          onBlur={(event) => {
            const next = Math.round(Number(event.target.value));
            const bounded = Math.max(least, Math.min(most, next));
            if (Number.isFinite(next) && event.target.value !== "" && bounded !== value)
              set(bounded);
            else event.target.value = String(value);
          }}
          onKeyDown={(event) => {
            if (event.key === "Enter") event.currentTarget.blur();
          }}
        />
        {note ? <span className="whitespace-nowrap text-sm text-muted">{note}</span> : null}
      </span>
    </label>
  );
}

function Clock({
  label,
  value,
  set,
}: {
  label: string;
  value: string;
  set: (value: string) => void;
}) {
  return (
    <label className="grid">
      <span className="label">{label}</span>
      <input
        key={value}
        type="time"
        className="field w-28"
        defaultValue={value}
        onBlur={(event) => {
          if (event.target.value && event.target.value !== value) set(event.target.value);
        }}
      />
    </label>
  );
}
