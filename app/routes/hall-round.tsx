import { ChevronLeft, ChevronRight } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { Instrument } from "#core/content/protocol";
import { lockedMotions } from "#core/safety/pain";
import { instrumentNames } from "#words/names";
import { many } from "#words/plain";
import { performSent } from "../acts/perform";
import { hallView } from "../hall";
import { NobodyHere } from "../parts/hall/nobody";
import { BarChoice } from "../parts/check/round-bar";
import { instrumentFor, rowKey, stoppedMotions } from "../parts/check/round";
import { lineKey, toFirstEmpty } from "../parts/hall/round-keys";
import { RoundLine, type Shut } from "../parts/hall/round-line";
import { useHallRound } from "../parts/hall/use-hall-round";
import { say } from "../parts/say";
import { useAct } from "../parts/use-act";
import { reader, useReader } from "../parts/use-readings";
import type { Route } from "./+types/hall-round";

export { ErrorBoundary } from "../parts/frame/broken";

export const clientLoader = ({ params }: Route.ClientLoaderArgs) => hallView(params.groupId);
export const clientAction = ({ request }: Route.ClientActionArgs) => performSent(request);

/** What pain keeps from being measured, of each. */
const locksOf = reader((view) => lockedMotions(view.locks));

/** The round of the hall: one check down the line of athletes, then the next. */
export default function HallRound({ loaderData: hall }: Route.ComponentProps) {
  const { people, library, today } = hall;
  const desk = useHallRound(hall);
  const { round, rows, asked, ready, refused } = desk;
  const { act } = useAct();
  const [at, setAt] = useState(0);
  const [nobody, setNobody] = useState(false);
  const line = useRef<HTMLFormElement>(null);
  const keepKey = useRef<HTMLButtonElement>(null);
  const row = rows[Math.min(at, rows.length - 1)];
  const locks = useReader(
    locksOf,
    people.map(({ athlete, state }) => ({ athleteId: athlete.id, state })),
  );
  const turned = row?.key;
  // Once for every check: as soon as somebody who is still to be read may be.
  const placedOn = useRef<string | null>(null);
  const read = locks.size;
  useEffect(() => {
    if (!turned || placedOn.current === turned) return;
    // Whoever types already is not torn away from it: the letters would go into another's reading.
    if (document.activeElement instanceof HTMLInputElement || toFirstEmpty(line.current))
      placedOn.current = turned;
  }, [turned, read]);
  const turn = (by: 1 | -1) => {
    const to = at + by;
    if (to < 0) return false;
    if (to >= rows.length) keepKey.current?.focus();
    else setAt(to);
    return true;
  };
  const keep = () => {
    if (ready.length === 0) return;
    if (round.base.tester.trim() === "") {
      setNobody(true);
      document.getElementById("hall-tester")?.focus();
      return;
    }
    act("save-hall-round", { checks: ready });
    say(`${many(ready.length, "check")} kept.`);
    desk.clear();
    setAt(0);
  };
  if (people.length === 0) return <NobodyHere groupId={hall.id} />;
  const added = new Set(rows.map(({ key }) => key));
  const wanted = row && asked.find(({ protocol, mode }) => rowKey(protocol.id, mode) === row.key);
  const shutOf = (athleteId: string): Shut => {
    const locked = locks.get(athleteId);
    if (!locked) return "reading";
    const { involves } = row!.protocol;
    if (involves.some((motion) => locked.includes(motion))) return "locked";
    const stopped = stoppedMotions(desk.roundOf(athleteId), rows);
    return involves.some((motion) => stopped.has(motion)) ? "stopped" : null;
  };
  return (
    <form
      ref={line}
      onSubmit={(event) => event.preventDefault()}
      onKeyDown={(event) => {
        if (event.key === "Enter" && (event.ctrlKey || event.metaKey)) {
          event.preventDefault();
          keep();
        } else lineKey(event, turn);
      }}
    >
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <div className="flex items-end gap-1">
          <button
            type="button"
            className="press"
            aria-label="Check before"
            disabled={at === 0}
            onClick={() => turn(-1)}
          >
            <ChevronLeft size={18} />
          </button>
          <label className="grid">
            <span className="label">
              Check{" "}
              {rows.length > 0 ? `${Math.min(at, rows.length - 1) + 1} of ${rows.length}` : ""}
            </span>
            <select
              className="field w-72 max-w-[60vw] font-semibold"
              value={row?.key ?? ""}
              onChange={(event) => {
                const known = rows.findIndex(({ key }) => key === event.target.value);
                if (known >= 0) setAt(known);
                else {
                  desk.add(event.target.value);
                  setAt(rows.length);
                }
              }}
            >
              <optgroup label="in this round">
                {rows.map(({ key, protocol, mode }) => (
                  <option key={key} value={key}>
                    {protocol.name}
                    {protocol.modes.length > 1 ? `, ${mode}` : ""}
                  </option>
                ))}
              </optgroup>
              <optgroup label="put in">
                {library.protocols
                  .flatMap(({ id, name, modes }) =>
                    modes.map((mode) => ({ key: rowKey(id, mode), name, mode, modes })),
                  )
                  .filter(({ key }) => !added.has(key))
                  .map(({ key, name, mode, modes }) => (
                    <option key={key} value={key}>
                      {name}
                      {modes.length > 1 ? `, ${mode}` : ""}
                    </option>
                  ))}
              </optgroup>
            </select>
          </label>
          <button
            type="button"
            className="press"
            aria-label="Next check"
            disabled={at >= rows.length - 1}
            onClick={() => turn(1)}
          >
            <ChevronRight size={18} />
          </button>
        </div>
        <BarChoice
          label="Temperature"
          value={round.base.temperature}
          options={[
            ["warm", "warm"],
            ["cold", "cold"],
          ]}
          onChange={(value) => desk.change({ temperature: value as "warm" | "cold" })}
        />
        <BarChoice
          label="Instrument"
          value={round.base.instrument ?? ""}
          options={[
            ["", "any"],
            ...Instrument.options.map((id) => [id, instrumentNames[id]] as const),
          ]}
          onChange={(value) => desk.change({ instrument: (value || null) as Instrument | null })}
        />
        <label className="grid">
          <span className="label">Who measures</span>
          <input
            id="hall-tester"
            className="field w-40"
            value={round.base.tester}
            aria-invalid={nobody && round.base.tester.trim() === "" ? true : undefined}
            onChange={(event) => desk.change({ tester: event.target.value })}
          />
        </label>
      </div>
      {row ? (
        <>
          <p className="mt-2 text-sm">
            {row.protocol.position}{" "}
            <span className="text-muted">
              {row.protocol.trials} trials a side,{" "}
              {instrumentNames[instrumentFor(desk.roundOf(people[0]!.athlete.id), row.protocol)]}
              {wanted ? ` · asked of ${wanted.asked.length}, due for ${wanted.due.length}` : ""}
            </span>
          </p>
          <ul className="mt-2 border-t border-ink">
            {people.map(({ athlete, summary }) => (
              <RoundLine
                key={`${row.key}/${athlete.id}`}
                athlete={athlete}
                row={row}
                round={desk.roundOf(athlete.id)}
                checks={summary.checks}
                library={library}
                today={today}
                shut={shutOf(athlete.id)}
                people={people.map((one) => one.athlete)}
                put={(side, entry) => desk.put(athlete.id, row.key, side, entry)}
                move={(from, to) => desk.move(row, [athlete.id, from], to)}
              />
            ))}
          </ul>
        </>
      ) : (
        <p className="mt-4 text-muted">
          No aim here asks a check: put one in above, or give the group an aim.
        </p>
      )}
      <p className="sticky bottom-0 z-10 flex flex-wrap items-center gap-x-4 gap-y-1 bg-paper py-2">
        <button
          ref={keepKey}
          type="button"
          className="press press-main"
          disabled={ready.length === 0}
          onClick={keep}
        >
          Save {ready.length > 0 ? many(ready.length, "check") : "the round"}
        </button>
        {nobody && round.base.tester.trim() === "" ? (
          <span role="alert" className="text-sm font-semibold text-clay">
            Who measures? A change is told by whose hands it was read with.
          </span>
        ) : null}
        <span className="text-sm text-muted">
          {refused > 0 ? `${refused} cannot be right: see the line in clay. ` : ""}
          <span className="max-sm:hidden">
            Enter: next number, then the next check · ↑ ↓ athlete · P pain · Ctrl Enter keeps
          </span>
        </span>
      </p>
    </form>
  );
}
