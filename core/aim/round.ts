import { ageOfGap, gapDueAfter } from "./due";
import { answeringChecks } from "./gap";
import { type DemandGap, type Verdict } from "./margin";
import type { MotionId } from "../body/motions";
import type { Check } from "../records/records";
import { protocolOf, type Library } from "../content/library";
import type { DayText } from "../dates/days";
import { Posture, type Instrument, type Mode, type Protocol } from "../content/protocol";

/** Minutes for a change of position in a round. A working figure. */
const changeMinutes = 0.5;

/** Why a check is in a round, most pressing first. */
export type Reason = "never" | "unsure" | "due";
export type Proposed = {
  protocolId: string;
  mode: Mode;
  reason: Reason;
  /** Days since it was last measured; null where it never was. */
  age: number | null;
  minutes: number;
};

export type RoundProposal = {
  items: Proposed[];
  /** Wanted, but not within the minutes. */
  left: Proposed[];
  /** Wanted, but the instrument at hand reads none of its checks. */
  unreadable: Proposed[];
  /** Wanted, but the motion is stopped by pain until a person clears it. */
  stopped: Proposed[];
  minutes: number;
  changes: number;
  /** The next day on which something falls due, when nothing is now. */
  nextDue: DayText | null;
};

export type RoundInput = {
  /** The gaps of every open aim. */
  gaps: readonly DemandGap[];
  checks: readonly Check[];
  library: Library;
  minutes: number;
  today: DayText;
  locked: readonly MotionId[];
  /** What is at hand to measure with: a check that it can read is taken, and what it can't read waits. */
  instrument?: Instrument | null;
};

type Candidate = Proposed & { protocol: Protocol; worth: number };

/**
 * Proposes a measuring round: only what the aims demand, and of that only what was never measured, what was too
 * close to call, or what is due again; as much of it as the minutes allow, the most pressing first, ordered so
 * that the body changes position as little as possible.
 */
export function proposeRound(input: RoundInput): RoundProposal {
  const { wanted, nextDue } = candidates(input);
  const stopped = wanted.filter(({ protocol }) =>
    protocol.involves.some((motion) => input.locked.includes(motion)),
  );
  const { instrument } = input;
  const unreadable = wanted.filter(
    (candidate) =>
      instrument && !stopped.includes(candidate) && !reads(candidate.protocol, instrument),
  );
  const open = wanted
    .filter((candidate) => !stopped.includes(candidate) && !unreadable.includes(candidate))
    .sort((a, b) => b.worth - a.worth);
  const chosen: Candidate[] = [];
  const left: Candidate[] = [];
  for (const candidate of open)
    (minutesOf([...chosen, candidate]) <= input.minutes ? chosen : left).push(candidate);
  const items = inOrder(chosen);
  return {
    items: items.map(bare),
    left: left.map(bare),
    unreadable: unreadable.map(bare),
    stopped: stopped.map(bare),
    minutes: minutesOf(items),
    changes: changesOf(items),
    nextDue: wanted.length === 0 ? nextDue : null,
  };
}

const bare = ({ protocolId, mode, reason, age, minutes }: Candidate): Proposed => ({
  protocolId,
  mode,
  reason,
  age,
  minutes,
});

const pressing: Record<Reason, number> = { never: 3, unsure: 2, due: 1 };

/** The check that a gap is measured by: the one it was measured by, or one that the instrument at hand can read. */
function protocolFor(
  gap: DemandGap,
  library: Library,
  instrument: Instrument | null | undefined,
): Protocol | undefined {
  const usual = gap.protocolId ? protocolOf(library, gap.protocolId) : undefined;
  if (!instrument || (usual && reads(usual, instrument))) return usual;
  return answeringChecks(gap.demand, library).find((one) => reads(one, instrument)) ?? usual;
}

const reads = ({ instruments }: Protocol, instrument: Instrument): boolean =>
  instruments.some(({ id }) => id === instrument);

function candidates({ gaps, checks, library, today, instrument }: RoundInput): {
  wanted: Candidate[];
  nextDue: DayText | null;
} {
  const best = new Map<string, Candidate>();
  let soonest: number | null = null;
  for (const gap of gaps) {
    const protocol = protocolFor(gap, library, instrument);
    if (!protocol) continue;
    const age = checks.length > 0 ? ageOfGap(gap, today) : null;
    const after = gapDueAfter(gap, library) ?? 0;
    const reason = reasonFor(gap.verdict, age, after);
    if (!reason) {
      soonest = Math.min(soonest ?? Infinity, after - (age ?? 0));
      continue;
    }
    const { mode, weight } = gap.demand;
    const candidate: Candidate = {
      protocolId: protocol.id,
      protocol,
      mode,
      reason,
      age,
      minutes: protocol.minutes,
      worth: pressing[reason] * (0.2 + weight) + (age ?? 0) / 1000,
    };
    const key = `${protocol.id}/${mode}`;
    if ((best.get(key)?.worth ?? -1) < candidate.worth) best.set(key, candidate);
  }
  return {
    wanted: [...best.values()],
    nextDue: soonest === null ? null : dayAfter(today, soonest),
  };
}

function dayAfter(day: DayText, days: number): DayText {
  const at = new Date(`${day}T12:00:00Z`);
  at.setUTCDate(at.getUTCDate() + days);
  return at.toISOString().slice(0, 10);
}

/** What was too close to call is asked again the next day at the earliest: the same day it would be the same noise. */
function reasonFor(verdict: Verdict, age: number | null, after: number): Reason | null {
  if (verdict === "unknown" || age === null) return "never";
  if (verdict === "unsure" && age > 0) return "unsure";
  return age >= after ? "due" : null;
}

const changesOf = (items: readonly { protocol: Protocol }[]): number =>
  Math.max(0, new Set(items.map(({ protocol }) => protocol.posture)).size - 1);

const minutesOf = (items: readonly Candidate[]): number =>
  items.reduce((sum, { minutes }) => sum + minutes, 0) + changesOf(items) * changeMinutes;

/** Items of one position together, positions from standing down to the floor, splits last and warmest. */
export const inOrder = <T extends { protocol: Protocol }>(items: readonly T[]): T[] =>
  [...items].sort(
    (a, b) =>
      Posture.options.indexOf(a.protocol.posture) - Posture.options.indexOf(b.protocol.posture),
  );
