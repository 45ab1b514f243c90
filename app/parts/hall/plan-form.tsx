import { useState } from "react";
import type { Hall } from "#core/records/records";
import { refusalWords } from "#words/acts";
import { many } from "#words/plain";
import type { HallView } from "../../hall";
import { PlaceSelect } from "../place-select";
import { useAct } from "../use-act";
import { readNumber } from "../words";
import { PeopleTicks } from "./people-ticks";

const ways: readonly (readonly [Hall["way"], string, string])[] = [
  ["in-step", "in step", "everybody does the same drill at the same time, each on the own level"],
  ["stations", "at stations", "after a start together, small groups go from station to station"],
];

/** So many stations where nobody has said. */
const usualStations = 6;

/** Who trains together, how long, where and how: a session for all of them is planned from it. */
export function PlanForm({
  view,
  hall,
  who,
  placeId,
  close,
}: {
  view: HallView;
  /** The session that is planned anew; null for a new one. */
  hall: Hall | null;
  who: readonly string[];
  placeId: string | null;
  close: (() => void) | null;
}) {
  const { act, refused, busy } = useAct<"plan-hall">();
  const [way, setWay] = useState<Hall["way"]>(hall?.way ?? "in-step");
  const [chosen, setChosen] = useState(who);
  const [minutes, setMinutes] = useState(String(hall ? hall.budget / 60 : 20));
  const [stations, setStations] = useState(String(hall?.laid.stations ?? usualStations));
  const [work, setWork] = useState(String(hall?.laid.work ?? 150));
  const [change, setChange] = useState(String(hall?.laid.change ?? 20));
  const people = view.everybody.filter(({ id }) => who.includes(id) || chosen.includes(id));
  return (
    <form
      className="mt-3 grid gap-4 border-y border-ink py-4"
      aria-label="Plan a session"
      onSubmit={(event) => {
        event.preventDefault();
        const form = new FormData(event.currentTarget);
        act("plan-hall", {
          id: hall?.id ?? null,
          groupId: view.group?.id ?? null,
          name: view.name,
          along: [...chosen],
          way,
          budget: Math.round(readNumber(minutes) * 60),
          placeId: (form.get("placeId") as string) || null,
          format: String(form.get("format") ?? ""),
          alreadyWarm: form.get("warm") === "on",
          laid: {
            stations: readNumber(stations),
            work: readNumber(work),
            change: readNumber(change),
          },
        });
      }}
    >
      <div role="radiogroup" aria-label="How" className="grid gap-1 sm:grid-cols-2">
        {ways.map(([one, name, text]) => (
          <label key={one} className="flex min-h-11 items-start gap-2">
            <input
              type="radio"
              name="way"
              className="mt-1.5 size-4 accent-[var(--spruce)]"
              checked={way === one}
              onChange={() => setWay(one)}
            />
            <span>
              <b>{name}</b> <span className="block text-sm text-muted">{text}</span>
            </span>
          </label>
        ))}
      </div>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        <Figure label="Minutes" value={minutes} set={setMinutes} />
        <PlaceSelect label="At" name="placeId" places={view.places} defaultValue={placeId ?? ""} />
        <label className="grid">
          <span className="label">Session type</span>
          <select name="format" className="field max-w-52" defaultValue={hall?.format ?? ""}>
            <option value="">warm-up</option>
            {view.library.formats
              .filter(({ id, clocked, gaps }) => id !== "warm-up" && !clocked && !gaps)
              .map(({ id, name }) => (
                <option key={id} value={id}>
                  {name.toLowerCase()}
                </option>
              ))}
          </select>
        </label>
        {way === "stations" ? (
          <>
            <Figure label="Stations" value={stations} set={setStations} />
            <Figure label="Work, s" value={work} set={setWork} />
            <Figure label="Change, s" value={change} set={setChange} />
          </>
        ) : null}
        <label className="flex min-h-10 items-center gap-2">
          <input
            type="checkbox"
            name="warm"
            className="size-4 accent-[var(--spruce)]"
            defaultChecked={hall?.alreadyWarm ?? false}
          />
          already warm
        </label>
      </div>
      <fieldset>
        <legend className="label">Who is there</legend>
        <PeopleTicks
          people={people}
          ticked={chosen}
          set={setChosen}
          className="flex flex-wrap gap-x-5"
        />
      </fieldset>
      {refused ? (
        <p role="alert" className="text-clay">
          {refusalWords(refused)}
        </p>
      ) : null}
      <p className="flex flex-wrap gap-2">
        <button
          type="submit"
          className="press press-main"
          disabled={chosen.length === 0 || busy || !(readNumber(minutes) >= 2)}
        >
          {busy ? "Planning …" : `Plan it for ${many(chosen.length, "athlete")}`}
        </button>
        {close ? (
          <button type="button" className="press" onClick={close}>
            Cancel
          </button>
        ) : null}
      </p>
    </form>
  );
}

function Figure({
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
        className="field figures w-20"
        inputMode="numeric"
        value={value}
        onChange={(event) => set(event.target.value)}
      />
    </label>
  );
}
