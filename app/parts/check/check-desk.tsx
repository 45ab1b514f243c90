import { memo, useEffect, useRef } from "react";
import { say } from "../say";
import type { Side } from "#core/body/side";
import { wantsCheck } from "#core/aim/gap";
import { Instrument, Mode, type Protocol } from "#core/measure/protocol";
import type { AthleteView } from "../../view";
import { useAct } from "../use-act";
import { CheckRow } from "./check-row";
import { PastChecks } from "./past-checks";
import { readySides, roundToSend, type SideEntry } from "./round";
import { useRound } from "./use-round";

/** The round: what holds for all of it above, the motions the aim asks first, the others below. */
export const CheckDesk = memo(function CheckDesk({
  view,
  focus,
  setFocus,
  jump,
}: {
  view: AthleteView;
  focus: string;
  setFocus: (id: string) => void;
  jump: boolean;
}) {
  const { athlete, library, gaps } = view;
  const { round, setRound, clear } = useRound(athlete.id, view.notebook, view.settings.tester);
  const { act } = useAct();
  const asked = gaps.flatMap(({ protocolId }) =>
    library.protocols.filter(({ id }) => id === protocolId),
  );
  const others = library.protocols.filter((protocol) => !asked.includes(protocol));
  const { ready, refused } = readySides(round, library.protocols);
  const list = useRef<HTMLFormElement>(null);
  const wanted = wantsCheck(gaps);
  useEffect(() => {
    if (jump)
      list.current?.querySelector<HTMLInputElement>(`#row-${focus} input[data-entry]`)?.focus();
    // Only when the page is opened with a wish, not on every move of the focus.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [jump]);
  const setEntry = (protocol: Protocol, side: Side, entry: SideEntry) =>
    setRound((old) => ({
      ...old,
      entries: { ...old.entries, [protocol.id]: { ...old.entries[protocol.id], [side]: entry } },
    }));
  const keep = () => {
    if (ready.length === 0) return;
    act("round", roundToSend(round, ready));
    say(`${ready.length} check${ready.length > 1 ? "s" : ""} kept.`);
    clear();
  };
  const row = (protocol: Protocol) => (
    <CheckRow
      key={protocol.id}
      protocol={protocol}
      athlete={athlete}
      checks={view.checks}
      gap={gaps.find((gap) => gap.protocolId === protocol.id) ?? null}
      round={round}
      focused={focus === protocol.id}
      onFocus={() => setFocus(protocol.id)}
      onEntry={(side, entry) => setEntry(protocol, side, entry)}
    />
  );
  return (
    <form
      ref={list}
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <h1 className="text-3xl">{headline(wanted.length, asked.length)}</h1>
      <p className="mt-1 text-muted">
        Both sides, the same way every time. Tab walks left, right, trial by trial; the grey figures
        are the last ones.
      </p>
      <fieldset className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-2">
        <legend className="sr-only">For the whole round</legend>
        <Choice
          label="Temperature"
          value={round.temperature}
          options={["warm", "cold"]}
          onChange={(value) => setRound({ ...round, temperature: value as "warm" | "cold" })}
        />
        <Choice
          label="Range"
          value={round.mode}
          options={Mode.options}
          onChange={(value) => setRound({ ...round, mode: value as Mode })}
        />
        <Choice
          label="Instrument"
          value={round.instrument ?? ""}
          options={["", ...Instrument.options]}
          onChange={(value) =>
            setRound({ ...round, instrument: (value || null) as Instrument | null })
          }
        />
        <label className="grid">
          <span className="label">Who measures</span>
          <input
            className="field w-36"
            value={round.tester}
            onChange={(event) => setRound({ ...round, tester: event.target.value })}
          />
        </label>
      </fieldset>
      <ul className="mt-3 border-t border-ink">{asked.map(row)}</ul>
      {others.length > 0 ? (
        <details
          className="mt-2"
          open={asked.length === 0 || others.some(({ id }) => id === focus)}
        >
          <summary className="label min-h-9 py-2">Other checks ({others.length})</summary>
          <ul className="border-t border-line">{others.map(row)}</ul>
        </details>
      ) : null}
      <p className="sticky bottom-0 mt-3 flex flex-wrap items-center gap-x-4 gap-y-1 bg-paper py-2">
        <button type="submit" className="press press-main" disabled={ready.length === 0}>
          Keep the round
        </button>
        <span className="text-sm text-muted">
          {ready.length === 0
            ? "Nothing typed yet."
            : `${ready.length} side${ready.length > 1 ? "s" : ""} ready.`}
          {refused > 0 ? ` ${refused} not: see the line in clay.` : ""} Enter keeps.
        </span>
      </p>
      <PastChecks view={view} />
    </form>
  );
});

function headline(wanted: number, asked: number): string {
  if (asked === 0) return "Measure what you like; an aim says what to measure.";
  return wanted === 0
    ? "Everything the aim asks is measured."
    : `${wanted === 1 ? "One motion is" : `${wanted} motions are`} open: measure ${wanted === 1 ? "it" : "them"} first.`;
}

function Choice({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string;
  options: readonly string[];
  onChange: (value: string) => void;
}) {
  return (
    <label className="grid">
      <span className="label">{label}</span>
      <select className="field" value={value} onChange={(event) => onChange(event.target.value)}>
        {options.map((option) => (
          <option key={option} value={option}>
            {option || "as the check says"}
          </option>
        ))}
      </select>
    </label>
  );
}
