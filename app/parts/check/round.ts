import type { BodyPlace } from "#core/body/sites";
import type { PainKind } from "#core/records/records";
import { sidesOf, type Side } from "#core/body/side";
import type { MotionId } from "#core/body/motions";
import type { Check } from "#core/records/records";
import { entryNotes, type EntryNote } from "#core/measure/entry";
import {
  isLength,
  unitOf,
  type Instrument,
  type Mode,
  type Protocol,
} from "#core/content/protocol";
import { cmPer, toCm, type LengthUnit } from "#core/content/units";
import { painLimit } from "#core/safety/pain";
import { isSharp } from "#core/safety/pain-kinds";
import { readNumber } from "../words";

/** A reading that an instrument of the application gave: what was read and how well. */
export type ToolReading = { instrument: Instrument; value: number; se: number; note: string };

/** What is typed of one side, as it was typed; `tools` marks the trials that an instrument filled. */
export type SideEntry = {
  trials: string[];
  pain: string;
  painAt?: BodyPlace | null;
  painKind?: PainKind | null;
  seen: string[];
  note: string;
  tools: (ToolReading | null)[];
};

/** Which range is measured: what the aims ask of each motion, one of the two, or both for the usable share. */
export type RangeChoice = "asked" | Mode | "both";

/** A round in the making: what holds for all of it, the checks in it, and what is typed a check and side. */
export type Round = {
  temperature: "cold" | "warm";
  tester: string;
  instrument: Instrument | null;
  range: RangeChoice;
  length: LengthUnit;
  minutes: number;
  /** Checks the user put in beside the proposed ones. */
  added: string[];
  entries: Record<string, Partial<Record<Side, SideEntry>>>;
};

/** One check of one mode: a row of the round. */
export type RoundRow = { key: string; protocol: Protocol; mode: Mode };

export const rowKey = (protocolId: string, mode: Mode): string => `${protocolId}/${mode}`;

/** The rows of a check under the round's choice of range. */
export function rowsOf(protocol: Protocol, range: RangeChoice, asked: Mode | null): RoundRow[] {
  const wanted: readonly Mode[] =
    range === "both"
      ? protocol.modes
      : [range === "asked" ? (asked ?? protocol.modes[0]!) : range].map((mode) =>
          protocol.modes.includes(mode) ? mode : protocol.modes[0]!,
        );
  return wanted.map((mode) => ({ key: rowKey(protocol.id, mode), protocol, mode }));
}

export const emptyEntry = (protocol: Protocol): SideEntry => ({
  trials: Array.from({ length: protocol.trials }, () => ""),
  pain: "",
  seen: [],
  note: "",
  tools: [],
});

export const entryOf = (round: Round, { key, protocol }: RoundRow, side: Side): SideEntry =>
  round.entries[key]?.[side] ?? emptyEntry(protocol);

/** The instrument of the round where the check allows it, else the check's first; fingers when lengths are. */
export function instrumentFor(round: Round, protocol: Protocol): Instrument {
  const allows = (id: Instrument | null) => protocol.instruments.some((one) => one.id === id);
  if (isLength(protocol) && round.length === "fingers" && allows("fingers")) return "fingers";
  return allows(round.instrument) ? round.instrument! : protocol.instruments[0]!.id;
}

/** The unit in which a check's numbers are typed. */
export function typedUnit(round: Round, protocol: Protocol): LengthUnit | null {
  if (!isLength(protocol)) return null;
  if (round.length !== "fingers") return round.length;
  return instrumentFor(round, protocol) === "fingers" ? "fingers" : "cm";
}

const unitText: Record<LengthUnit, string> = { cm: "cm", in: "in", fingers: "fingers" };
export const unitLabel = (round: Round, protocol: Protocol): string => {
  const unit = typedUnit(round, protocol);
  return unit ? unitText[unit] : unitOf(protocol).trim();
};

/** The trials that were typed, as they were typed; NaN where it is none. */
export const typedTrials = (entry: SideEntry): number[] =>
  entry.trials.filter((text) => text.trim() !== "").map(readNumber);

export const painOf = (entry: SideEntry): number =>
  entry.pain.trim() === "" ? 0 : readNumber(entry.pain);

/** The trials in the check's own unit. */
export function trialsOf(
  entry: SideEntry,
  round: Round,
  protocol: Protocol,
  fingerCm?: number,
): number[] {
  const unit = typedUnit(round, protocol);
  const typed = typedTrials(entry);
  return unit && unit !== "cm"
    ? typed.map((trial) => Math.round(toCm(trial, unit, fingerCm) * 100) / 100)
    : typed;
}

/** The readings behind the trials: those an instrument filled and that were not typed over since. */
export const toolReadings = (entry: SideEntry): ToolReading[] =>
  entry.trials.flatMap((text, n) => {
    const tool = entry.tools[n];
    return tool && text.trim() !== "" ? [tool] : [];
  });

/** The instrument of one side: that of its tool readings, else the row's. */
export const instrumentOf = (entry: SideEntry, round: Round, protocol: Protocol): Instrument =>
  toolReadings(entry)[0]?.instrument ?? instrumentFor(round, protocol);

/** The readings' own error in their mean: each trial's error as squares, over the number of trials. */
export function ownErrorOf(entry: SideEntry): number {
  const trials = typedTrials(entry).length;
  const squares = toolReadings(entry).reduce((sum, { se }) => sum + se ** 2, 0);
  return trials > 0 ? Math.sqrt(squares) / trials : 0;
}

/** What is said about one side as it stands; nothing while nothing is typed. */
export function notesOn(
  entry: SideEntry,
  round: Round,
  protocol: Protocol,
  fingerCm?: number,
): EntryNote[] {
  const trials = trialsOf(entry, round, protocol, fingerCm);
  if (trials.length === 0 && !entry.pain) return [];
  const instrument = instrumentOf(entry, round, protocol);
  return entryNotes({ trials, pain: painOf(entry), instrument }, protocol);
}

const refused = (notes: readonly EntryNote[]): boolean =>
  notes.some(({ level }) => level === "refused");

/** Pain above the limit, or sharp, numb or spreading of any number, ends the measuring. */
const stops = (entry: SideEntry): boolean =>
  painOf(entry) > painLimit || isSharp(entry.painKind ?? null);

/** The motions that pain has stopped in this round. */
export function stoppedMotions(round: Round, rows: readonly RoundRow[]): Set<MotionId> {
  return new Set(
    rows.flatMap((row) =>
      sidesOf(row.protocol.sided).some((side) => stops(entryOf(round, row, side)))
        ? row.protocol.involves
        : [],
    ),
  );
}

/** A check as the round holds it, before it has an identity. */
export type DraftCheck = Omit<Check, "kind" | "id" | "athleteId" | "on" | "at">;

/** One side as a check; null while there is neither a number nor a stop, or what is typed cannot be. */
export function draftCheckOf(
  row: RoundRow,
  side: Side,
  round: Round,
  fingerCm?: number,
): DraftCheck | "refused" | null {
  const { protocol, mode } = row;
  const entry = entryOf(round, row, side);
  const trials = trialsOf(entry, round, protocol, fingerCm);
  if (trials.length === 0 && !stops(entry)) return null;
  if (refused(notesOn(entry, round, protocol, fingerCm))) return "refused";
  const unit = typedUnit(round, protocol);
  return {
    protocolId: protocol.id,
    protocolVersion: protocol.version,
    side,
    mode,
    temperature: round.temperature,
    instrument: instrumentOf(entry, round, protocol),
    tester: round.tester.trim(),
    trials,
    typed:
      unit && unit !== "cm"
        ? {
            unit,
            trials: typedTrials(entry),
            ...(unit === "fingers" ? { fingerCm: cmPer(unit, fingerCm) } : {}),
          }
        : null,
    ownError: ownErrorOf(entry),
    pain: painOf(entry),
    painAt: entry.painAt ?? null,
    painKind: entry.painKind ?? null,
    seen: entry.seen,
    read: toolReadings(entry)
      .map(({ note }) => note)
      .join(" · "),
    note: entry.note.trim(),
  };
}

export type Drafts = { ready: DraftCheck[]; refused: number };

/** The sides that can be kept, and how many cannot because of what was typed. */
export function draftsOf(round: Round, rows: readonly RoundRow[], fingerCm?: number): Drafts {
  const all = rows.flatMap((row) =>
    sidesOf(row.protocol.sided).map((side) => draftCheckOf(row, side, round, fingerCm)),
  );
  return {
    ready: all.filter((draft): draft is DraftCheck => draft !== null && draft !== "refused"),
    refused: all.filter((draft) => draft === "refused").length,
  };
}

/** Puts an instrument's reading into the first empty trial of a side, or a further one when all are filled. */
export function withReading(entry: SideEntry, reading: ToolReading): SideEntry {
  const empty = entry.trials.findIndex((text) => text.trim() === "");
  const at = empty < 0 ? entry.trials.length : empty;
  if (at >= 9) return entry;
  const trials = [...entry.trials];
  const tools = [...entry.tools];
  trials[at] = String(Math.round(reading.value * 10) / 10);
  tools[at] = reading;
  return { ...entry, trials, tools };
}

/** A trial typed by hand: what an instrument read there counts no more. */
export function withTyped(entry: SideEntry, n: number, text: string): SideEntry {
  const trials = [...entry.trials];
  const tools = [...entry.tools];
  trials[n] = text;
  tools[n] = null;
  return { ...entry, trials, tools };
}
