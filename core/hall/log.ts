import { logItemOf } from "../doses/log-item";
import type { Dose } from "../drill/dose";
import { isSharp } from "../safety/pain-kinds";
import type { Hall, Log, LogItem, PainKind } from "../records/records";
import type { HallMember } from "./member";

/** What differed for one of a hall from what was planned for them. */
export type Differed = {
  athleteId: string;
  absent: boolean;
  /** Drills that were not done. */
  out: readonly string[];
  hurt: { drillId: string; level: number; kind: PainKind | null } | null;
  note: string;
};

/** What one of a hall was let do: in step, and which seats were not. */
type Planned = Pick<HallMember, "athleteId" | "parts" | "barred">;

/** The same dose so many times over. */
const times = (dose: Dose, count: number): Dose =>
  dose.type === "contract-relax"
    ? { ...dose, rounds: Math.min(6, dose.rounds * count) }
    : { ...dose, sets: Math.min(12, dose.sets * count) };

/** What one of a hall was to do: in step on the own rung, then at the stations, each once with all its times. */
function plannedFor(hall: Hall, member: Planned): LogItem[] {
  const inStep = hall.items.flatMap((item): LogItem[] => {
    const part = member.parts.find(({ itemId }) => itemId === item.id);
    return part?.rungId ? [logItemOf({ ...item, rungId: part.rungId })] : [];
  });
  const seats = hall.seats.filter(
    ({ athleteId, round }) => athleteId === member.athleteId && !member.barred.has(round),
  );
  const atStations = hall.stations.flatMap(({ id, drillId }): LogItem[] => {
    const own = seats.filter(({ stationId }) => stationId === id);
    const [first] = own;
    return first
      ? [logItemOf({ drillId, rungId: first.rungId, dose: times(first.dose, own.length) })]
      : [];
  });
  return [...inStep, ...atStations];
}

/**
 * The log of one of a hall: what was planned for them, or what a run has logged already, and what differed. Null for who
 * was not there.
 * @param known the log that came of a run
 */
export function hallLog(
  hall: Hall,
  member: Planned,
  { absent, out, hurt, note }: Omit<Differed, "athleteId">,
  known: Log | null,
  id: string,
): Log | null {
  if (absent) return null;
  const base: Log = known ?? {
    kind: "log",
    id,
    athleteId: member.athleteId,
    prepId: null,
    on: hall.on,
    minutes: Math.round(hall.budget / 60),
    items: plannedFor(hall, member),
    note: "",
    hallId: hall.id,
  };
  const items = base.items.map((item): LogItem => {
    if (hurt?.drillId === item.drillId)
      return {
        ...item,
        done: "stopped",
        pain: hurt.level,
        painKind: hurt.kind,
        sharp: isSharp(hurt.kind),
      };
    return out.includes(item.drillId) ? { ...item, done: "skipped", seconds: 0, sets: [] } : item;
  });
  return { ...base, items, note: note.trim() || base.note };
}
