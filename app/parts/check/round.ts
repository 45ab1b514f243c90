import type { Side } from "#core/body/side";
import { sidesOf } from "#core/body/side";
import { entryNotes } from "#core/measure/entry";
import type { Instrument, Mode, Protocol } from "#core/measure/protocol";
import { readNumber } from "../words";

/** What is typed of one side, as it was typed. */
export type SideEntry = { trials: string[]; pain: string; seen: string[] };
/** A round in the making: what holds for all of it, and what is typed per protocol and side. */
export type Round = {
  temperature: "cold" | "warm";
  tester: string;
  instrument: Instrument | null;
  mode: Mode;
  entries: Record<string, Partial<Record<Side, SideEntry>>>;
};

export const emptyEntry = (protocol: Protocol): SideEntry => ({
  trials: Array.from({ length: protocol.trials }, () => ""),
  pain: "",
  seen: [],
});

export const entryOf = (round: Round, protocol: Protocol, side: Side): SideEntry =>
  round.entries[protocol.id]?.[side] ?? emptyEntry(protocol);

/** The trials that were typed, as numbers; NaN where it is none. */
export const trialsOf = (entry: SideEntry): number[] =>
  entry.trials.filter((text) => text.trim() !== "").map(readNumber);
export const painOf = (entry: SideEntry): number =>
  entry.pain.trim() === "" ? 0 : readNumber(entry.pain);

/** The instrument of the round where the protocol allows it, else the protocol's first. */
export const instrumentFor = (round: Round, protocol: Protocol): Instrument =>
  round.instrument && protocol.instruments.includes(round.instrument)
    ? round.instrument
    : protocol.instruments[0]!;

export const modeFor = (round: Round, protocol: Protocol): Mode =>
  protocol.modes.includes(round.mode) ? round.mode : protocol.modes[0]!;

export type Ready = {
  protocol: Protocol;
  side: Side;
  trials: number[];
  pain: number;
  seen: string[];
};

/** The sides that can be kept, and how many cannot because of what was typed. */
export function readySides(
  round: Round,
  protocols: readonly Protocol[],
): { ready: Ready[]; refused: number } {
  const ready: Ready[] = [];
  let refused = 0;
  for (const protocol of protocols)
    for (const side of sidesOf(protocol.sided)) {
      const entry = entryOf(round, protocol, side);
      const trials = trialsOf(entry);
      if (trials.length === 0) continue;
      const pain = painOf(entry);
      if (entryNotes(trials, pain, protocol).some((note) => note.level === "refused")) refused += 1;
      else ready.push({ protocol, side, trials, pain, seen: entry.seen });
    }
  return { ready, refused };
}

/** A round as the action takes it. */
export const roundToSend = (round: Round, ready: readonly Ready[]) => ({
  checks: ready.map(({ protocol, side, trials, pain, seen }) => ({
    protocolId: protocol.id,
    protocolVersion: protocol.version,
    side,
    mode: modeFor(round, protocol),
    temperature: round.temperature,
    instrument: instrumentFor(round, protocol),
    tester: round.tester.trim(),
    trials,
    pain,
    seen,
    note: "",
  })),
});
