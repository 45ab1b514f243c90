import { PainScale } from "../pain-scale";
import { useEffect, useRef, useState } from "react";
import { Delete } from "lucide-react";
import { sidesOf, type Side } from "#core/body/side";
import type { DemandGap } from "#core/aim/margin";
import { PictureBeside } from "../figure/picture-beside";
import { notch } from "../words";
import { entryOf, notesOn, painOf, unitLabel, withTyped, type RoundRow } from "./round";
import {
  fieldName,
  fieldsOf,
  lastCheck,
  lastTyped,
  sideLabel,
  doubtNote,
  toolText,
  type EntryProps,
} from "./side-trials";
import { toolsOf, type ToolName } from "./tools/tool";
import { entryWords } from "#words/measure";

type StepProps = EntryProps & {
  gap: DemandGap | null;
  stopped: boolean;
  openTool: (tool: ToolName, side: Side) => void;
};

type Place = { row: RoundRow; side: Side };

/** The round one number at a time, for a phone on a gym floor: large figures, large keys, one thing to do. */
export function Sequence({
  rows,
  propsOf,
  onCheck,
  keep,
  ready,
  leave,
}: {
  rows: readonly RoundRow[];
  propsOf: (row: RoundRow) => StepProps;
  onCheck: (protocolId: string) => void;
  keep: () => void;
  ready: number;
  leave: () => void;
}) {
  const places = rows.flatMap((row) =>
    sidesOf(row.protocol.sided).map((side): Place => ({ row, side })),
  );
  const [at, setAt] = useState(0);
  const [trial, setTrial] = useState(0);
  const place = places[Math.min(at, places.length - 1)]!;
  const props = propsOf(place.row);
  const entry = entryOf(props.round, place.row, place.side);
  const notes = notesOn(entry, props.round, place.row.protocol, props.fingerCm);
  const fields = fieldsOf(entry, notes, place.row.protocol.trials);
  const over = at >= places.length;
  const { id } = place.row.protocol;
  useEffect(() => onCheck(id), [id, onCheck]);
  const go = (to: number, n = 0) => {
    setAt(Math.max(0, Math.min(places.length, to)));
    setTrial(n);
  };
  const next = () => {
    if (!props.stopped && trial + 1 < fields.length && fields[trial]?.trim() !== "")
      setTrial(trial + 1);
    else go(at + 1);
  };
  const back = () => {
    if (trial > 0) setTrial(trial - 1);
    else if (at > 0) {
      const before = places[at - 1]!;
      go(at - 1, entryOf(props.round, before.row, before.side).trials.length - 1);
    }
  };
  if (over)
    return (
      <div className="mt-4 grid gap-4 border-t border-ink pt-6">
        <h2 className="text-2xl">
          {ready > 0 ? `${ready} side${ready > 1 ? "s" : ""} measured.` : "Nothing was measured."}
        </h2>
        <button
          type="button"
          className="press press-main min-h-16 text-xl"
          disabled={ready === 0}
          onClick={keep}
          autoFocus
        >
          Save the round
        </button>
        <div className="flex gap-3">
          <button type="button" className="press" onClick={() => go(places.length - 1)}>
            Back
          </button>
          <button type="button" className="press" onClick={leave}>
            See it as a table
          </button>
        </div>
      </div>
    );
  return (
    <section className="mt-4 border-t border-ink pt-3" aria-label="One at a time">
      <p className="label flex justify-between">
        <span>
          {at + 1} of {places.length} · {place.row.protocol.posture}
        </span>
        <button type="button" className="underlined normal-case" onClick={leave}>
          as a table
        </button>
      </p>
      <div className="grid grid-cols-[1fr_auto] items-start gap-3">
        <div>
          <h2 className="text-2xl">
            {place.row.protocol.name}{" "}
            <span className="whitespace-nowrap">
              {notch[place.side]} {sideLabel[place.side]}
            </span>
          </h2>
          <p className="text-sm text-muted">
            {place.row.mode} · trial {trial + 1} of {Math.max(fields.length, trial + 1)}
            {props.gap ? ` · needs ${props.gap.need}°` : ""}
          </p>
          <p className="mt-1 text-sm">{place.row.protocol.steps.at(-1)}</p>
        </div>
        <PictureBeside
          picture={place.row.protocol.picture}
          only="end"
          label={`${place.row.protocol.name}, end position`}
          className="h-28 w-36"
        />
      </div>
      <NumberEntry
        key={`${place.row.key}/${place.side}/${trial}`}
        label={fieldName(place.row, place.side, trial, props.round)}
        text={fields[trial] ?? ""}
        unit={unitLabel(props.round, place.row.protocol)}
        last={
          lastTyped(
            lastCheck(props.checks, place.row, place.side, props.round),
            props.round,
            place.row,
            props.fingerCm,
          )[trial]
        }
        disabled={props.stopped}
        onText={(text) => props.onEntry(place.side, withTyped(entry, trial, text))}
        next={next}
        back={back}
      />
      <Remarks
        {...props}
        place={place}
        notes={notes.map((note) => ({ text: entryWords(note), level: note.level }))}
      />
      <Seen {...props} place={place} />
      <p className="mt-3 flex flex-wrap gap-2">
        {toolsOf(place.row.protocol).map((tool) => (
          <button
            key={tool}
            type="button"
            className="press"
            disabled={props.stopped}
            onClick={() => props.openTool(tool, place.side)}
          >
            {toolText[tool]}
          </button>
        ))}
      </p>
    </section>
  );
}

const padKeys = ["1", "2", "3", "4", "5", "6", "7", "8", "9", "±", "0", "."] as const;

/** One number, as large as it goes, with keys for a thumb; a keyboard's own keys do the same. */
function NumberEntry({
  label,
  text,
  unit,
  last,
  disabled,
  onText,
  next,
  back,
}: {
  label: string;
  text: string;
  unit: string;
  last: string | undefined;
  disabled: boolean;
  onText: (text: string) => void;
  next: () => void;
  back: () => void;
}) {
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => field.current?.focus({ preventScroll: true }), []);
  const press = (key: (typeof padKeys)[number] | "⌫") => {
    if (key === "⌫") onText(text.slice(0, -1));
    else if (key === "±") onText(text.startsWith("-") ? text.slice(1) : `-${text}`);
    else if (key !== "." || !text.includes(".")) onText(text + key);
  };
  // The number keeps the focus while a thumb presses the keys.
  const stay = (event: React.PointerEvent) => event.preventDefault();
  return (
    <div className="mt-3 grid gap-2">
      <div className="flex items-baseline justify-center gap-2 border-b-2 border-ink">
        <input
          ref={field}
          aria-label={label}
          inputMode="none"
          autoComplete="off"
          disabled={disabled}
          className="figures w-full min-w-0 bg-transparent py-1 text-center font-bold outline-none"
          style={{ fontSize: "4.2rem", lineHeight: 1.1 }}
          placeholder={last ?? "–"}
          value={text}
          onChange={(event) => onText(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === "Enter" || (event.key === "Tab" && !event.shiftKey)) {
              event.preventDefault();
              next();
            } else if (event.key === "ArrowLeft" && text === "") back();
          }}
        />
        <span className="text-2xl text-muted">{unit}</span>
      </div>
      <div className="grid grid-cols-[3fr_1fr] gap-2">
        <div className="grid grid-cols-3 gap-2">
          {padKeys.map((key) => (
            <button
              key={key}
              type="button"
              tabIndex={-1}
              disabled={disabled}
              aria-label={key === "±" ? "change the sign" : key === "." ? "decimal point" : key}
              className="figures min-h-14 border border-hair text-2xl font-bold hover:bg-raised active:bg-tape disabled:opacity-40"
              onPointerDown={stay}
              onClick={() => press(key)}
            >
              {key}
            </button>
          ))}
        </div>
        <div className="grid grid-rows-[1fr_2fr_1fr] gap-2">
          <button
            type="button"
            tabIndex={-1}
            aria-label="delete the last figure"
            className="grid place-items-center border border-hair hover:bg-raised disabled:opacity-40"
            disabled={disabled}
            onPointerDown={stay}
            onClick={() => press("⌫")}
          >
            <Delete aria-hidden="true" />
          </button>
          <button
            type="button"
            className="press-main grid place-items-center text-xl font-bold"
            onPointerDown={stay}
            onClick={next}
          >
            {text.trim() === "" ? "Skip" : "Next"}
          </button>
          <button
            type="button"
            className="border border-hair font-semibold hover:bg-raised"
            onPointerDown={stay}
            onClick={back}
          >
            Back
          </button>
        </div>
      </div>
    </div>
  );
}

function Remarks({
  place,
  notes,
  stopped,
  ...props
}: StepProps & { place: Place; notes: { text: string; level: string }[] }) {
  const doubt = doubtNote({ ...props, row: place.row });
  const lines = [
    ...notes.map(({ text, level }) => ({ text, strong: level !== "remeasure" })),
    ...(doubt ? [{ text: doubt, strong: false }] : []),
    ...(stopped
      ? [{ text: "Stopped: nothing more is measured on this motion today.", strong: true }]
      : []),
  ];
  return (
    <div role="status" className="min-h-[24px]">
      {lines.map(({ text, strong }) => (
        <p key={text} className={`mt-2 ${strong ? "font-semibold text-clay" : "text-muted"}`}>
          {text}
        </p>
      ))}
    </div>
  );
}

/** What was seen as large ticks, and pain as a row of figures. */
function Seen({ place, round, onEntry }: StepProps & { place: Place }) {
  const { row, side } = place;
  const entry = entryOf(round, row, side);
  return (
    <>
      <div className="mt-2 flex flex-wrap gap-2">
        {row.protocol.compensations.map(({ id, text }) => {
          const seen = entry.seen.includes(id);
          return (
            <button
              key={id}
              type="button"
              aria-pressed={seen}
              className={`min-h-11 border px-3 text-sm ${seen ? "border-ink bg-ink text-paper" : "border-hair"}`}
              onClick={() =>
                onEntry(side, {
                  ...entry,
                  seen: seen ? entry.seen.filter((one) => one !== id) : [...entry.seen, id],
                })
              }
            >
              {text}
            </button>
          );
        })}
      </div>
      <p className="label mt-3">Pain, 0 to 10</p>
      <PainScale
        label={`${row.protocol.name}, ${sideLabel[side]}, pain 0 to 10`}
        value={painOf(entry)}
        set={(level) => onEntry(side, { ...entry, pain: level === 0 ? "" : String(level) })}
        className="mt-1 grid grid-cols-11 gap-1"
      />
    </>
  );
}
