import { Plus, Trash2 } from "lucide-react";
import { useEffect, useState } from "react";
import type { Athlete } from "#core/records/athlete";
import type { Group, GroupTime } from "#core/records/groups";
import type { Place } from "#core/records/records";
import { refusalWords } from "#words/acts";
import { weekdayNames } from "#words/days";
import { PlaceSelect } from "../place-select";
import { useAct } from "../use-act";
import { PeopleTicks } from "./people-ticks";

/** A group, new or changed: its name, who is in it, where and when it trains. */
export function GroupForm({
  group,
  everybody,
  places,
  close,
}: {
  group: Group | null;
  everybody: readonly Athlete[];
  places: readonly Place[];
  close?: (id: string | null) => void;
}) {
  const { act, done, answer, refused } = useAct<"save-group">("/?index");
  const [name, setName] = useState(group?.name ?? "");
  const [members, setMembers] = useState<readonly string[]>(group?.members ?? []);
  const [times, setTimes] = useState<readonly GroupTime[]>(group?.times ?? []);
  const [placeId, setPlace] = useState(group?.placeId ?? "");
  useEffect(() => {
    if (done) close?.(answer?.id ?? null);
    // Once, when it is done.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [done]);
  const all = everybody.length > 0 && everybody.every(({ id }) => members.includes(id));
  return (
    <form
      className="mt-4 grid gap-4 border-y border-ink py-4"
      aria-label={group ? `Group ${group.name}` : "New group"}
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() === "") return;
        act("save-group", {
          id: group?.id ?? null,
          name: name.trim(),
          members: [...members],
          placeId: placeId || null,
          times: [...times],
        });
      }}
    >
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        <label className="grid">
          <span className="label">Name of the group</span>
          <input
            className="field w-64"
            autoFocus={!group}
            required
            maxLength={80}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        <PlaceSelect
          label="Trains at"
          places={places}
          value={placeId}
          onChange={(event) => setPlace(event.target.value)}
        />
      </div>
      <fieldset>
        <legend className="label">Who is in it</legend>
        <label className="flex min-h-10 w-fit items-center gap-2 font-semibold">
          <input
            type="checkbox"
            className="size-4 accent-[var(--spruce)]"
            checked={all}
            onChange={() => setMembers(all ? [] : everybody.map(({ id }) => id))}
          />
          everybody
        </label>
        <PeopleTicks
          people={everybody}
          ticked={members}
          set={setMembers}
          className="grid max-h-72 gap-x-6 overflow-y-auto sm:grid-cols-3"
        />
      </fieldset>
      <Times times={times} set={setTimes} />
      {refused ? (
        <p role="alert" className="text-clay">
          {refusalWords(refused)}
        </p>
      ) : null}
      <p className="flex flex-wrap gap-2">
        <button type="submit" className="press press-main">
          {group
            ? "Save the group"
            : `Make the group${members.length > 0 ? ` of ${members.length}` : ""}`}
        </button>
        {close ? (
          <button type="button" className="press" onClick={() => close(null)}>
            Cancel
          </button>
        ) : null}
        {group ? <RemoveGroup group={group} /> : null}
      </p>
    </form>
  );
}

/** When a group trains, one line a time. */
function Times({
  times,
  set,
}: {
  times: readonly GroupTime[];
  set: (times: readonly GroupTime[]) => void;
}) {
  const change = (at: number, part: Partial<GroupTime>) =>
    set(times.map((one, n) => (n === at ? { ...one, ...part } : one)));
  return (
    <fieldset>
      <legend className="label">When</legend>
      {times.map((time, n) => (
        <div key={n} className="flex flex-wrap items-center gap-2 py-0.5">
          <select
            className="field w-24 max-sm:w-20"
            aria-label={`Day ${n + 1}`}
            value={time.weekday}
            onChange={(event) => change(n, { weekday: Number(event.target.value) })}
          >
            {weekdayNames.map((day, at) => (
              <option key={day} value={at}>
                {day}
              </option>
            ))}
          </select>
          <input
            type="time"
            required
            className="field w-32 max-sm:w-28"
            aria-label={`From ${n + 1}`}
            value={time.starts}
            onChange={(event) => change(n, { starts: event.target.value })}
          />
          <input
            type="number"
            required
            min={5}
            max={480}
            className="field figures w-20 max-sm:w-14"
            aria-label={`Minutes ${n + 1}`}
            value={time.minutes}
            onChange={(event) => change(n, { minutes: Number(event.target.value) })}
          />
          min
          <button
            type="button"
            className="quiet"
            aria-label={`Take time ${n + 1} out`}
            onClick={() => set(times.filter((_, at) => at !== n))}
          >
            <Trash2 size={15} />
          </button>
        </div>
      ))}
      {times.length < 28 ? (
        <button
          type="button"
          className="quiet underlined"
          onClick={() => {
            const last = times.at(-1);
            set([
              ...times,
              last
                ? { ...last, weekday: (last.weekday + 2) % 7 }
                : { weekday: 0, starts: "17:00", minutes: 90 },
            ]);
          }}
        >
          <Plus size={15} aria-hidden="true" /> a time
        </button>
      ) : null}
    </fieldset>
  );
}

function RemoveGroup({ group }: { group: Group }) {
  const { act } = useAct("/?index");
  return (
    <button
      type="button"
      className="press"
      onClick={() => act("remove-group", { id: group.id })}
      title="Its athletes stay"
    >
      Remove the group
    </button>
  );
}
