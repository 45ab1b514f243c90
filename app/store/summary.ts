import type { Aim, AnyRecord, Check, Kind } from "#core/records/records";

/** What a list shows of a person, without opening his pages. */
export type Summary = {
  athleteId: string;
  /** Every aim, closed ones too. */
  aims: Aim[];
  /** The latest check of each protocol, side and mode: what today's margins are made of. */
  checks: Check[];
  /** How many records there are of each kind. */
  counts: Partial<Record<Kind, number>>;
};

/** Makes a person's summary from all the records there are. */
export function summaryOf(athleteId: string, records: readonly AnyRecord[]): Summary {
  const latest = new Map<string, Check>();
  const counts: Partial<Record<Kind, number>> = {};
  const aims: Aim[] = [];
  for (const record of records) {
    if (record.kind === "gone") continue;
    counts[record.kind] = (counts[record.kind] ?? 0) + 1;
    if (record.kind === "aim") aims.push(record);
    if (record.kind !== "check" || record.trials.length === 0) continue;
    const name = [record.protocolId, record.side, record.mode].join("/");
    const known = latest.get(name);
    if (!known || later(record, known)) latest.set(name, record);
  }
  return { athleteId, aims, checks: [...latest.values()], counts };
}

const later = (a: Check, b: Check): boolean => (a.on === b.on ? a.at > b.at : a.on > b.on);
