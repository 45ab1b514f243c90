import { trialsWords } from "#words/measure";
import { ArrowLeftRight } from "lucide-react";
import { useState } from "react";
import { sidesOf, type Side } from "#core/body/side";
import type { Library } from "#core/content/library";
import type { Athlete } from "#core/records/athlete";
import type { Check } from "#core/records/records";
import { entryWords } from "#words/measure";
import {
  entryOf,
  notesOn,
  unitLabel,
  withTyped,
  type Round,
  type RoundRow,
  type SideEntry,
} from "../check/round";
import { FeltAndSeenOn } from "../check/felt-and-seen";
import { MendCheck } from "../check/mend-check";
import { doubtNote, fieldsOf, lastCheck, lastTyped, sideLabel } from "../check/side-trials";
import { notch } from "../words";

/** Why somebody is not measured on this check. */
export type Shut = "reading" | "locked" | "stopped" | null;

const shutText: Record<Exclude<Shut, null>, string> = {
  reading: "reading the record …",
  locked: "stopped by pain until a person clears it",
  stopped: "pain above 5/10: nothing more is measured on it today",
};

/** One athlete in the line: both sides trial by trial, pain, what was seen; the last values greyed in place. */
export function RoundLine({
  athlete,
  row,
  round,
  checks,
  library,
  today,
  shut,
  people,
  put,
  move,
}: {
  athlete: Athlete;
  row: RoundRow;
  round: Round;
  /** The latest check of each kind. */
  checks: readonly Check[];
  library: Library;
  today: string;
  shut: Shut;
  people: readonly Athlete[];
  put: (side: Side, entry: SideEntry) => void;
  move: (from: Side, to: [string, Side]) => void;
}) {
  const [more, setMore] = useState(false);
  const { protocol } = row;
  const { fingerCm } = athlete.measures;
  const sides = sidesOf(protocol.sided);
  const kept = checks.filter(
    ({ protocolId, mode, on }) => protocolId === protocol.id && mode === row.mode && on === today,
  );
  const props = { row, round, checks, fingerCm, onEntry: put };
  const noted = sides.filter((side) => {
    const { pain, seen, note } = entryOf(round, row, side);
    return pain.trim() !== "" || seen.length > 0 || note.trim() !== "";
  });
  const typed = sides.some((side) =>
    entryOf(round, row, side).trials.some((text) => text.trim() !== ""),
  );
  const doubt = kept.length === 0 ? doubtNote(props) : null;
  return (
    <li
      data-line={athlete.id}
      className="border-b border-line py-1.5 focus-within:bg-raised"
      aria-label={athlete.name}
    >
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <span className="w-44 font-display text-lg leading-tight font-bold max-sm:w-full">
          {athlete.name}
        </span>
        {sides.map((side) => (
          <Trials key={side} {...props} side={side} shut={shut !== null} who={athlete.name} />
        ))}
        <span className="ml-auto flex items-center gap-1">
          <button
            type="button"
            className="quiet underlined text-sm"
            data-more
            aria-expanded={more}
            onClick={() => setMore(!more)}
          >
            pain, seen
            {noted.length > 0 ? `: ${noted.map((side) => sideLabel[side]).join(", ")}` : ""}
          </button>
          {typed ? (
            <MoveReading
              athlete={athlete}
              sides={sides}
              people={people}
              move={move}
              name={protocol.name}
            />
          ) : (
            <span className="w-9" />
          )}
        </span>
      </div>
      {shut ? <p className="text-sm font-semibold text-clay">{shutText[shut]}</p> : null}
      {sides.flatMap((side) =>
        notesOn(entryOf(round, row, side), round, protocol, fingerCm).map((note) => (
          <p
            key={`${side}/${note.about}`}
            role="status"
            className={`text-sm ${note.level === "remeasure" ? "text-muted" : "font-semibold text-clay"}`}
          >
            {notch[side]} {entryWords(note)}
          </p>
        )),
      )}
      {doubt ? (
        <p role="status" className="text-sm text-muted">
          {doubt}
        </p>
      ) : null}
      {kept.map((check) => (
        <div key={check.id} className="flex flex-wrap items-center gap-x-2 text-sm">
          <span className="text-muted">kept today</span>
          <span className="figures">
            {notch[check.side]} {trialsWords(check.trials) || "no reading"}
            {check.was ? ", mended" : ""}
          </span>
          <MendCheck check={check} library={library} people={people} />
        </div>
      ))}
      {more ? (
        <div className="flex flex-wrap gap-x-10 gap-y-2 py-1 text-sm">
          {sides.map((side) => (
            <FeltAndSeenOn key={side} side={side} row={row} round={round} onEntry={put} />
          ))}
        </div>
      ) : null}
    </li>
  );
}

/** The trials of one side. */
function Trials({
  row,
  round,
  checks,
  fingerCm,
  onEntry,
  side,
  shut,
  who,
}: {
  row: RoundRow;
  round: Round;
  checks: readonly Check[];
  fingerCm: number | undefined;
  onEntry: (side: Side, entry: SideEntry) => void;
  side: Side;
  shut: boolean;
  who: string;
}) {
  const { protocol } = row;
  const entry = entryOf(round, row, side);
  const notes = notesOn(entry, round, protocol, fingerCm);
  const last = lastTyped(lastCheck(checks, row, side, round), round, row, fingerCm);
  const refused = notes.some(({ level }) => level === "refused");
  return (
    <span className="flex items-center gap-1.5">
      <span aria-hidden="true" className="w-4 text-center">
        {notch[side]}
      </span>
      {fieldsOf(entry, notes, protocol.trials).map((text, n) => (
        <input
          key={n}
          className="field figures min-h-11 w-16 text-center text-lg disabled:opacity-40"
          inputMode="decimal"
          autoComplete="off"
          data-entry
          data-again={n >= protocol.trials || undefined}
          data-at={`${side}${n}`}
          disabled={shut && text.trim() === ""}
          aria-label={`${who}, ${sideLabel[side]}, trial ${n + 1}`}
          aria-invalid={refused || undefined}
          placeholder={last[n] ?? "–"}
          value={text}
          onChange={(event) => onEntry(side, withTyped(entry, n, event.target.value))}
        />
      ))}
      <span className="text-sm text-muted">{unitLabel(round, protocol)}</span>
    </span>
  );
}

/** A reading on the wrong line: to the other side, or to another athlete. What stands there changes places with it. */
function MoveReading({
  athlete,
  sides,
  people,
  move,
  name,
}: {
  athlete: Athlete;
  sides: readonly Side[];
  people: readonly Athlete[];
  move: (from: Side, to: [string, Side]) => void;
  name: string;
}) {
  const [open, setOpen] = useState(false);
  if (!open)
    return (
      <button
        type="button"
        className="quiet"
        aria-label={`Move the reading of ${athlete.name}`}
        title="Wrong athlete or side: move the reading"
        onClick={() => setOpen(true)}
      >
        <ArrowLeftRight size={15} />
      </button>
    );
  const done = (act: () => void) => () => {
    act();
    setOpen(false);
  };
  return (
    <span className="flex flex-wrap items-center gap-2 text-sm" aria-label={`Move ${name}`}>
      {sides.length > 1 ? (
        <button
          type="button"
          className="press !min-h-9"
          onClick={done(() => move("left", [athlete.id, "right"]))}
        >
          Change sides over
        </button>
      ) : null}
      <select
        className="field !min-h-9 max-w-44"
        aria-label="Give all of it to"
        value=""
        onChange={(event) => {
          const to = event.target.value;
          if (to) done(() => sides.forEach((side) => move(side, [to, side])))();
        }}
      >
        <option value="">to another athlete</option>
        {people
          .filter(({ id }) => id !== athlete.id)
          .map(({ id, name: other }) => (
            <option key={id} value={id}>
              {other}
            </option>
          ))}
      </select>
      <button type="button" className="quiet underlined" onClick={() => setOpen(false)}>
        Cancel
      </button>
    </span>
  );
}
