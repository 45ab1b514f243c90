import { useEffect, useMemo, useState } from "react";
import {
  peopleColumns,
  readPeople,
  type Listed,
  type PeopleColumns,
} from "#core/exchange/people-list";
import type { Place } from "#core/records/records";
import { many } from "#words/plain";
import { PeopleColumnsPart } from "./people-columns";
import { PlaceSelect } from "./place-select";
import { useAct } from "./use-act";
import { asSaid } from "#core/records/read-person";
import { readHeight } from "#core/records/read-body";

/** A row of the list as it is to be added: as it was read, and what was typed over it. */
type Row = { name: string; bornOn: string; statureCm: string; side: string; discipline: string };

const rowOf = (one: Listed): Row => ({
  name: one.name,
  bornOn: one.bornOn ?? "",
  statureCm: one.statureCm === null ? "" : String(one.statureCm),
  side: one.dominantSide ?? "right",
  discipline: one.discipline,
});

/** What is taken where the list says nothing: a year of birth and a height, as typed; empty where nobody said so. */
type Rest = { born: string; statureCm: string };

/** The last day of a year, so that nobody counts as older than they are; empty for what is no year. */
const lastDayOf = (year: string, on: string): string =>
  /^\d{4}$/.test(year.trim()) && Number(year) >= 1900 && year.trim() <= on.slice(0, 4)
    ? [`${year.trim()}-12-31`, on].sort()[0]!
    : "";

const filled = (row: Row, { born, statureCm }: Rest, on: string): Row => ({
  ...row,
  bornOn: row.bornOn || lastDayOf(born, on),
  statureCm: row.statureCm || statureCm,
});

/** A height may stay open; one that was typed has to be one. */
const heightFits = (statureCm: string): boolean =>
  statureCm.trim() === "" || readHeight(statureCm) !== null;

const isWhole = ({ name, bornOn, statureCm }: Row): boolean =>
  name.trim() !== "" && bornOn !== "" && heightFits(statureCm);

const alike = (name: string): string => name.trim().toLowerCase().replace(/\s+/g, " ");

const example = "Name, birth year or date, height, stronger side, what they do: a line each";

/** Many athletes at once: a pasted list or a table, shown before it is added, as one act. */
export function ListForm({
  names,
  places,
  on,
  close,
}: {
  /** Who there is already. */
  names: readonly string[];
  places: readonly Place[];
  on: string;
  close: () => void;
}) {
  const [text, setText] = useState("");
  const [changed, setChanged] = useState<Record<number, Partial<Row>>>({});
  const [out, setOut] = useState<Record<number, boolean>>({});
  const { act, done, refused, busy } = useAct<"add-athletes">("/?index");
  const [asked, setAsked] = useState<PeopleColumns | null>(null);
  const { first, ...guessed } = useMemo(() => peopleColumns(text), [text]);
  const by = asked ?? guessed;
  const read = readPeople(text, on, by);
  const known = useMemo(() => new Set(names.map(alike)), [names]);
  const [rest, setRest] = useState<Rest>({ born: "", statureCm: "" });
  const rows = read.map((one, n) => ({ ...filled(rowOf(one), rest, on), ...changed[n] }));
  const isDouble = (n: number) =>
    known.has(alike(rows[n]!.name)) ||
    rows.slice(0, n).some(({ name }) => alike(name) === alike(rows[n]!.name));
  const goes = (n: number) => !(out[n] ?? isDouble(n));
  const going = rows.filter((_, n) => goes(n));
  const lacking = going.filter((row) => !isWhole(row)).length;
  useEffect(() => {
    if (done) close();
    // Once, when it is done.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [done]);
  const byYear = (n: number) => rows[n]!.bornOn !== "" && !read[n]!.dayKnown && !changed[n]?.bornOn;
  const readBy = (next: PeopleColumns | null) => {
    setAsked(next);
    setChanged({});
    setOut({});
  };
  const take = (next: string) => {
    setText(next);
    readBy(null);
  };
  const send = (form: FormData) =>
    act("add-athletes", {
      people: rows
        .flatMap((row, n) => (goes(n) ? [{ row, n }] : []))
        .map(({ row, n }) => ({
          name: row.name.trim(),
          discipline: row.discipline.trim(),
          ...asSaid({ bornOn: row.bornOn, dayKnown: !byYear(n) }, readHeight(row.statureCm), on),
          massKg: null,
          dominantSide: row.side === "left" ? ("left" as const) : ("right" as const),
          placeId: (form.get("placeId") as string) || null,
          years: null,
        })),
    });
  return (
    <form
      className="mt-5 border-y border-ink py-5"
      onSubmit={(event) => {
        event.preventDefault();
        if (lacking === 0 && going.length > 0) send(new FormData(event.currentTarget));
      }}
    >
      <div className="grid gap-x-6 gap-y-3 sm:grid-cols-[1fr_14rem]">
        <label className="grid">
          <span className="label">Paste a list</span>
          <textarea
            className="field min-h-28"
            rows={4}
            autoFocus
            value={text}
            placeholder={example}
            onChange={(event) => take(event.target.value)}
          />
        </label>
        <div className="grid content-start gap-3">
          <label className="grid">
            <span className="label">or a table (.csv)</span>
            <input
              type="file"
              accept=".csv,.txt,text/csv,text/plain"
              className="mt-1 block w-full text-sm file:mr-3 file:min-h-10 file:border file:border-ink file:bg-transparent file:px-3 file:font-semibold file:text-ink"
              onChange={(event) => void event.target.files?.[0]?.text().then(take)}
            />
          </label>
          <PlaceSelect label="Usual place of all" name="placeId" places={places} defaultValue="" />
          {read.some(({ bornOn, statureCm }) => bornOn === null || statureCm === null) ? (
            <RestFields rest={rest} setRest={setRest} on={on} />
          ) : null}
        </div>
      </div>
      {first.length > 1 ? <PeopleColumnsPart first={first} by={by} set={readBy} /> : null}
      {rows.length > 0 ? (
        <div
          className="mt-3 max-h-96 overflow-auto"
          tabIndex={0}
          role="region"
          aria-label="The list"
        >
          <table className="w-full text-left text-sm">
            <thead className="max-sm:sr-only">
              <tr className="border-b border-ink">
                {["", "Name", "Born", "Height, cm", "Side", "What they do"].map((head) => (
                  <th key={head} className="label py-1 pr-3">
                    {head}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((row, n) => (
                <ListRow
                  key={n}
                  row={row}
                  goes={goes(n)}
                  double={isDouble(n)}
                  yearOnly={byYear(n)}
                  on={on}
                  setGoes={(there) => setOut({ ...out, [n]: !there })}
                  change={(part) => setChanged({ ...changed, [n]: { ...changed[n], ...part } })}
                />
              ))}
            </tbody>
          </table>
        </div>
      ) : null}
      {refused ? (
        <p role="alert" className="mt-2 text-clay">
          Something in the list cannot be right; nothing was added.
        </p>
      ) : null}
      <p className="mt-3 flex flex-wrap items-center gap-3">
        <button
          type="submit"
          className="press press-main"
          disabled={going.length === 0 || lacking > 0 || busy}
        >
          {going.length === 0 ? "Add" : `Add ${many(going.length, "athlete")}`}
        </button>
        <button type="button" className="press" onClick={close}>
          Cancel
        </button>
        <span role="status" className="text-sm text-muted">
          {lacking > 0
            ? `${many(lacking, "row lacks", "rows lack")} a year of birth, or the height is none.`
            : "Of a year alone the last day is taken: nobody counts as older. A height may stay open."}
        </span>
      </p>
    </form>
  );
}

/** For all of whom the list does not say it. */
function RestFields({
  rest,
  setRest,
  on,
}: {
  rest: Rest;
  setRest: (rest: Rest) => void;
  on: string;
}) {
  return (
    <fieldset>
      <legend className="label">Where the list has none</legend>
      <div className="flex gap-4">
        <label className="grid text-sm">
          Born in
          <input
            className="field figures w-20"
            inputMode="numeric"
            placeholder="year"
            aria-invalid={rest.born !== "" && lastDayOf(rest.born, on) === "" ? true : undefined}
            value={rest.born}
            onChange={(event) => setRest({ ...rest, born: event.target.value })}
          />
        </label>
        <label className="grid text-sm">
          Height, cm
          <input
            className="field figures w-20"
            inputMode="decimal"
            value={rest.statureCm}
            onChange={(event) => setRest({ ...rest, statureCm: event.target.value })}
          />
        </label>
      </div>
    </fieldset>
  );
}

function ListRow({
  row,
  goes,
  double,
  yearOnly,
  on,
  setGoes,
  change,
}: {
  row: Row;
  goes: boolean;
  double: boolean;
  yearOnly: boolean;
  on: string;
  setGoes: (there: boolean) => void;
  change: (part: Partial<Row>) => void;
}) {
  const who = row.name || "nameless";
  return (
    <tr
      className={`border-b border-line align-top max-sm:flex max-sm:flex-wrap ${goes ? "" : "text-muted"}`}
    >
      <td className="py-1 pr-2">
        <input
          type="checkbox"
          className="mt-2.5 size-4 accent-[var(--spruce)]"
          aria-label={`Add ${who}`}
          checked={goes}
          onChange={(event) => setGoes(event.target.checked)}
        />
      </td>
      <td className="py-1 pr-3">
        <input
          className="field w-44"
          aria-label={`Name of ${who}`}
          value={row.name}
          onChange={(event) => change({ name: event.target.value })}
        />
        {double ? <span className="block text-xs text-clay">already here</span> : null}
      </td>
      <td className="py-1 pr-3">
        <input
          type="date"
          max={on}
          className="field w-36"
          aria-label={`Born, ${who}`}
          aria-invalid={goes && row.bornOn === "" ? true : undefined}
          value={row.bornOn}
          onChange={(event) => change({ bornOn: event.target.value })}
        />
        {yearOnly ? <span className="block text-xs text-muted">by the year</span> : null}
      </td>
      <td className="py-1 pr-3">
        <input
          className="field figures w-20"
          inputMode="decimal"
          aria-label={`Height of ${who}, cm`}
          placeholder="open"
          aria-invalid={goes && !heightFits(row.statureCm) ? true : undefined}
          value={row.statureCm}
          onChange={(event) => change({ statureCm: event.target.value })}
        />
      </td>
      <td className="py-1 pr-3">
        <select
          className="field"
          aria-label={`Stronger side of ${who}`}
          value={row.side}
          onChange={(event) => change({ side: event.target.value })}
        >
          <option value="left">left</option>
          <option value="right">right</option>
        </select>
      </td>
      <td className="py-1">
        <input
          className="field w-40"
          aria-label={`What ${who} does`}
          value={row.discipline}
          onChange={(event) => change({ discipline: event.target.value })}
        />
      </td>
    </tr>
  );
}
