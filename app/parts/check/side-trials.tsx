import { jumpOf } from "#core/measure/slip";
import { seriesPointOf } from "#core/measure/round-changes";
import type { SeriesPoint } from "#core/measure/trend";
import { isLength } from "#core/content/protocol";
import { againWords, jumpWords } from "#words/measure";
import { today } from "../../clock";
import { Camera, FileSpreadsheet, Gauge } from "lucide-react";
import { sidesOf, type Side } from "#core/body/side";
import type { Check } from "#core/records/records";
import type { EntryNote } from "#core/measure/entry";
import { looksSwapped } from "#core/measure/entry";
import { instrumentNames } from "#words/names";
import { fromCm } from "#core/content/units";
import { checksOf, valueOf } from "#core/measure/value";
import { notch } from "../words";
import { toolsOf, type ToolName } from "./tools/tool";
import {
  entryOf,
  instrumentFor,
  notesOn,
  trialsOf,
  typedUnit,
  unitLabel,
  withTyped,
  type Round,
  type RoundRow,
  type SideEntry,
} from "./round";
import { entryWords } from "#words/measure";

export const sideLabel: Record<Side, string> = { left: "left", right: "right", mid: "middle" };

export type EntryProps = {
  row: RoundRow;
  round: Round;
  checks: readonly Check[];
  fingerCm: number | undefined;
  onEntry: (side: Side, entry: SideEntry) => void;
};

/** What this side has read before under the same terms, oldest first. */
const seriesFor = (
  checks: readonly Check[],
  { protocol, mode }: RoundRow,
  side: Side,
  round: Round,
): SeriesPoint[] =>
  checksOf(checks, { protocolId: protocol.id, side, mode })
    .filter(
      (check) =>
        check.temperature === round.temperature && check.protocolVersion === protocol.version,
    )
    .reverse()
    .map((check) => seriesPointOf(check, protocol));

/** The latest check that may be compared with this round: same mode, temperature and version. */
export const lastCheck = (
  checks: readonly Check[],
  { protocol, mode }: RoundRow,
  side: Side,
  round: Round,
): Check | undefined =>
  checksOf(checks, { protocolId: protocol.id, side, mode }).find(
    (check) =>
      check.temperature === round.temperature && check.protocolVersion === protocol.version,
  );

/** Last trials as they would be typed now, to be greyed in place. */
export function lastTyped(
  check: Check | undefined,
  round: Round,
  row: RoundRow,
  fingerCm?: number,
) {
  const unit = typedUnit(round, row.protocol);
  return (check?.trials ?? []).map((trial) => {
    const shown = unit ? fromCm(trial, unit, fingerCm) : trial;
    return String(Math.round(shown * 10) / 10);
  });
}

/** How many fields a side has: the trials wanted, and one more while they disagree or after they did. */
export function fieldsOf(entry: SideEntry, notes: readonly EntryNote[], wanted: number): string[] {
  const filled = entry.trials.every((text) => text.trim() !== "");
  const more =
    filled && entry.trials.length <= wanted && notes.some((n) => n.level === "remeasure");
  return more ? [...entry.trials, ""] : entry.trials;
}

/** A doubt against the last round, as a note: sides that look exchanged, or a value very far from its last. */
export function doubtNote({
  row,
  round,
  checks,
  fingerCm,
}: Omit<EntryProps, "onEntry">): string | null {
  const mean = (side: Side): number | null => {
    const trials = trialsOf(entryOf(round, row, side), round, row.protocol, fingerCm);
    return trials.length > 0 && !trials.some(Number.isNaN)
      ? trials.reduce((sum, trial) => sum + trial, 0) / trials.length
      : null;
  };
  const past = (side: Side) => {
    const check = lastCheck(checks, row, side, round);
    return check ? valueOf(check, row.protocol) : null;
  };
  const last = { left: past("left"), right: past("right") };
  const se = last.left?.se ?? last.right?.se;
  if (se === undefined) return null;
  if (
    looksSwapped(
      { left: mean("left"), right: mean("right") },
      { left: last.left?.value ?? null, right: last.right?.value ?? null },
      se,
    )
  )
    return "This looks like the other side’s last value: measure again, or change the sides over.";
  for (const side of sidesOf(row.protocol.sided)) {
    const value = mean(side);
    if (value === null) continue;
    const other = side === "mid" ? null : (last[side === "left" ? "right" : "left"]?.value ?? null);
    const jump = jumpOf(value, seriesFor(checks, row, side, round), {
      on: today(),
      other,
      length: isLength(row.protocol),
    });
    if (jump) return jumpWords(jump, sideLabel[side], row.protocol);
    const before = past(side);
    if (before && lastCheck(checks, row, side, round)!.on === today())
      return againWords(before.value, sideLabel[side], row.protocol);
  }
  return null;
}

/** The trials of one side, the last values greyed in place. */
export function SideTrials({
  side,
  stopped,
  openTool,
  ...props
}: EntryProps & {
  side: Side;
  /** Pain stopped a motion this check needs: nothing more is measured. */
  stopped: boolean;
  openTool: (tool: ToolName, side: Side) => void;
}) {
  const { row, round, checks, fingerCm, onEntry } = props;
  const { protocol } = row;
  const entry = entryOf(round, row, side);
  const notes = notesOn(entry, round, protocol, fingerCm);
  const last = lastTyped(lastCheck(checks, row, side, round), round, row, fingerCm);
  const refused = notes.some((note) => note.level === "refused");
  const fields = fieldsOf(entry, notes, protocol.trials);
  const unit = unitLabel(round, protocol);
  // A trial that is asked for again is never filled by going on as usual.
  const lastWanted = protocol.trials - 1;
  return (
    <fieldset className="max-w-72">
      <legend className="sr-only">
        {protocol.name}, {row.mode}, {sideLabel[side]}
      </legend>
      <div className="flex items-baseline gap-1.5">
        <span aria-hidden="true" className="w-4 text-center">
          {notch[side]}
        </span>
        {fields.map((text, n) => (
          <input
            key={n}
            className="field figures w-14 text-center text-lg disabled:opacity-40"
            inputMode="decimal"
            autoComplete="off"
            data-entry
            data-side={side}
            data-first={text.trim() === "" || undefined}
            data-again={n > lastWanted || undefined}
            disabled={stopped && text.trim() === ""}
            aria-label={fieldName(row, side, n, round)}
            aria-invalid={refused || undefined}
            aria-describedby={notes.length > 0 ? `${row.key}/${side}/notes` : undefined}
            placeholder={last[n] ?? "–"}
            value={text}
            onChange={(event) => onEntry(side, withTyped(entry, n, event.target.value))}
          />
        ))}
        <span className="text-sm text-muted">{unit}</span>
        <ToolButtons row={row} side={side} stopped={stopped} openTool={openTool} />
      </div>
      <div id={`${row.key}/${side}/notes`}>
        {notes.map((note) => (
          <p
            key={note.about}
            role="status"
            className={`pl-6 text-sm ${note.level === "remeasure" ? "text-muted" : "font-semibold text-clay"}`}
          >
            {entryWords(note)}
          </p>
        ))}
      </div>
    </fieldset>
  );
}

const unitWord: Record<string, string> = {
  "°": "degrees",
  cm: "centimetres",
  in: "inches",
  fingers: "finger widths",
  "": "count",
};

/** What a field is called for those who do not see the row. The mode is named where both are measured. */
export function fieldName(
  { protocol, mode }: RoundRow,
  side: Side,
  n: number,
  round: Round,
): string {
  // Named wherever the same check may stand twice in a round.
  const both = round.range === "both" || mode !== protocol.modes[0];
  const which = both && protocol.modes.length > 1 ? `, ${mode}` : "";
  return `${protocol.name}${which}, ${sideLabel[side]}, trial ${n + 1}, ${unitWord[unitLabel(round, protocol)]}`;
}

const toolIcon = { photo: Camera, level: Gauge, "sensor-log": FileSpreadsheet } as const;
export const toolText: Record<ToolName, string> = {
  photo: "read from a photo",
  level: "read with the level",
  "sensor-log": "read from a sensor’s file",
};

/** The application's own instruments that this check allows. */
function ToolButtons({
  row,
  side,
  stopped,
  openTool,
}: {
  row: RoundRow;
  side: Side;
  stopped: boolean;
  openTool: (tool: ToolName, side: Side) => void;
}) {
  return (
    <span className="flex">
      {toolsOf(row.protocol).map((tool) => {
        const Icon = toolIcon[tool];
        return (
          <button
            key={tool}
            type="button"
            className="quiet !min-w-7"
            disabled={stopped}
            title={toolText[tool]}
            aria-label={`${row.protocol.name}, ${sideLabel[side]}: ${toolText[tool]}`}
            onClick={() => openTool(tool, side)}
          >
            <Icon size={16} aria-hidden="true" />
          </button>
        );
      })}
    </span>
  );
}

/** The instrument a row is read with, in words. */
export function instrumentText(row: RoundRow, round: Round): string {
  return instrumentNames[instrumentFor(round, row.protocol)];
}
