import same from "fast-deep-equal";
import * as z from "zod/mini";

/**
 * A write by its moment and device, as text whose order is the order of writes: milliseconds and a count, each in so many
 * digits of base 36, then the device. A hybrid logical clock: never earlier than anything its record had seen.
 * What two copies came to together by a device's merging is marked with "~": nobody's own word.
 * @example "0mih4x3c0.0000.k3f9q2"
 */
export const Dot = z.string().check(z.regex(/^[0-9a-z]{9}\.[0-9a-z]{4}\.~?[0-9a-z]{1,24}$/));
export type Dot = z.infer<typeof Dot>;

/**
 * When and where a record was written: `made` for all of it, `fields` for those written later, `seen` the last write of
 * every device that this copy knows, where `made` and `fields` don't say so.
 */
export const Stamp = z.object({
  made: Dot,
  fields: z.optional(z.record(z.string(), Dot)),
  seen: z.optional(z.record(z.string(), Dot)),
  /** The last write of every device that somebody knew who took the record away; it stands by what was written beside that. */
  gone: z.optional(z.record(z.string(), Dot)),
});
export type Stamp = z.infer<typeof Stamp>;

/** A record as far as a stamp goes: fields of any kind, and when they were written. */
export type Stamped = { kind: string; id: string; stamp?: Stamp | undefined };

const digits = (value: number, count: number): string => value.toString(36).padStart(count, "0");

export const dotOf = (ms: number, count: number, device: string): Dot =>
  `${digits(ms, 9)}.${digits(count, 4)}.${device}`;

/** The moment of a write, ms since 1970, and its device. */
export const readDot = (dot: Dot): { ms: number; count: number; device: string } => {
  const [ms, count, device] = dot.split(".") as [string, string, string];
  return { ms: parseInt(ms, 36), count: parseInt(count, 36), device };
};

/** What a record's every field is of, before anything stamped it: earlier than any write. */
export const unstamped: Dot = dotOf(0, 0, "0");

/** Names that are not written but given: they never differ. */
const given = new Set(["kind", "id", "athleteId", "stamp"]);

/** The names of the fields of a record that are written. */
export const writtenFields = (record: object): string[] =>
  Object.keys(record).filter((name) => !given.has(name));

/** The write that a field is of. */
export const dotAt = ({ stamp }: Stamped, field: string): Dot =>
  stamp ? (stamp.fields?.[field] ?? stamp.made) : unstamped;

/** The last write of every device, by device. */
export type Known = Record<string, Dot>;

/** What either side knows. */
export function seenOfBoth(one: Known, other: Known): Known {
  const seen = { ...one };
  for (const [device, dot] of Object.entries(other))
    if ((seen[device] ?? "") < dot) seen[device] = dot;
  return seen;
}

/** The last write of every device that a record knows. */
export function seenBy(stamp: Stamp | undefined): Known {
  const seen: Known = { ...stamp?.seen };
  for (const dot of stamp ? [stamp.made, ...Object.values(stamp.fields ?? {})] : []) {
    if (dot === unstamped) continue;
    const { device } = readDot(dot);
    if (!seen[device] || seen[device] < dot) seen[device] = dot;
  }
  return seen;
}

/** Whether a copy knows of a write; of what nobody dated that can't be told. */
export const knows = (stamp: Stamp | undefined, dot: Dot): boolean =>
  dot !== unstamped && (seenBy(stamp)[readDot(dot).device] ?? "") >= dot;

/** Makes a stamp of the write of each field and of what is known; what most fields are of is said once. */
export function stampOf(dots: ReadonlyMap<string, Dot>, seen: Known, gone: Known = {}): Stamp {
  const counts = new Map<Dot, number>();
  for (const dot of dots.values()) counts.set(dot, (counts.get(dot) ?? 0) + 1);
  const made = [...counts].sort(([a, n], [b, m]) => m - n || (a < b ? -1 : 1))[0]?.[0] ?? unstamped;
  const fields = Object.fromEntries(
    [...dots].filter(([, dot]) => dot !== made).sort(([a], [b]) => (a < b ? -1 : 1)),
  );
  const told: Stamp = { made, ...(Object.keys(fields).length > 0 ? { fields } : {}) };
  const said = seenBy(told);
  const rest = inOrder(Object.entries(seen).filter(([device, dot]) => (said[device] ?? "") < dot));
  return {
    ...told,
    ...(Object.keys(rest).length > 0 ? { seen: rest } : {}),
    ...(Object.keys(gone).length > 0 ? { gone: inOrder(Object.entries(gone)) } : {}),
  };
}

const inOrder = (entries: [string, Dot][]): Known =>
  Object.fromEntries(entries.sort(([a], [b]) => (a < b ? -1 : 1)));

/** A device's writes where copies are merged. */
export const merging = (device: string): string => `~${device}`;
export const isMerging = (device: string): boolean => device.startsWith("~");

/** Who writes, and when. */
export type Writer = { ms: number; device: string };

/** The next write of a device: now, and after everything that is known. */
export function nextDot(known: Known, { ms, device }: Writer): Dot {
  const last = Object.values(known).sort().at(-1);
  if (!last || readDot(last).ms < ms) return dotOf(ms, 0, device);
  const { ms: at, count } = readDot(last);
  return count < 36 ** 4 - 1 ? dotOf(at, count + 1, device) : dotOf(at + 1, 0, device);
}

/**
 * A record as it is written now: every field that is another than before gets this write, all others keep theirs.
 * @param before what stood there; null for what is new
 * @param after what shall stand there; whatever stamp it carries counts for nothing
 * @param gone what was known by whoever took it away before, where it was
 */
export function stamped<R extends Stamped>(
  before: Stamped | null,
  after: R,
  now: Writer,
  gone: Known = before?.stamp?.gone ?? {},
): R {
  const known = seenBy(before?.stamp);
  const dot = nextDot(seenOfBoth(known, gone), now);
  const was = before as Record<string, unknown> | null;
  const is = after as unknown as Record<string, unknown>;
  const names = new Set([...writtenFields(after), ...(before ? writtenFields(before) : [])]);
  const dots = new Map<string, Dot>();
  for (const name of names)
    if (!was || !same(was[name], is[name])) dots.set(name, dot);
    else if (name in is) dots.set(name, dotAt(before!, name));
  return withStamp(after, stampOf(dots, { ...known, [now.device]: dot }, gone));
}

/** A record of which some fields are left out of a file: what stands in their place is nobody's write. */
export function leftOut<R extends Stamped>(record: R, blanks: Partial<R>): R {
  if (!record.stamp) return { ...record, ...blanks };
  const dots = new Map(
    writtenFields(record).map((name) => [name, name in blanks ? unstamped : dotAt(record, name)]),
  );
  const { seen, gone } = record.stamp;
  return withStamp({ ...record, ...blanks }, stampOf(dots, seen ?? {}, gone));
}

/** A record with another stamp, its names in the order in which records have them. */
export function withStamp<R extends Stamped>(record: R, stamp: Stamp): R {
  return Object.assign({ kind: record.kind, stamp }, record, { stamp });
}
