import * as z from "zod/mini";
import { Season } from "../records/training";
import { Athlete } from "../records/athlete";
import { plusDays } from "../dates/days";
import { beyondDoor } from "./door";
import { readRecord } from "../records/earlier";
import { fieldProblems } from "../records/field-problem";
import { Group } from "../records/groups";
import {
  Aim,
  Check,
  DayNote,
  Gone,
  Hall,
  isSingle,
  keyOf,
  kinds,
  Log,
  Pack,
  Photo,
  Place,
  recordKinds,
  Prep,
  recordsVersion,
  Run,
  Settings,
  Troupe,
  type AnyRecord,
  type Kind,
} from "../records/records";

/** What could not be read, as it was found: it travels along and takes part in nothing. */
export const SetAside = z.object({
  /** The key it would have as a record, as far as that could be told. */
  key: z.string(),
  /** The version of the values it was found among. */
  v: z.int().check(z.minimum(0)),
  found: z.unknown(),
});
export type SetAside = z.infer<typeof SetAside>;

/**
 * That a file is one athlete's, handed from a coach to the athlete's own device or back: whose, by whom, and from which
 * device, so that what was sent is not taken for something new where it was written.
 */
export const Handed = z.object({
  athleteId: z.string().check(z.minLength(1), z.maxLength(80)),
  by: z.string().check(z.maxLength(300)),
  device: z.string().check(z.maxLength(40)),
  /** It comes back from the athlete, with what is new. */
  back: z.boolean(),
});
export type Handed = z.infer<typeof Handed>;

/** The whole notebook as one file. */
export const NotebookFile = z.object({
  format: z.literal("yearling-notebook"),
  version: z.literal(recordsVersion),
  savedAt: z.iso.datetime(),
  handed: z.optional(Handed),
  troupe: z.nullable(Troupe),
  settings: z.nullable(Settings),
  athletes: z.array(Athlete),
  places: z.array(Place),
  groups: z._default(z.array(Group), []),
  halls: z._default(z.array(Hall), []),
  aims: z.array(Aim),
  checks: z.array(Check),
  preps: z.array(Prep),
  runs: z.array(Run),
  logs: z.array(Log),
  days: z._default(z.array(DayNote), []),
  seasons: z._default(z.array(Season), []),
  photos: z._default(z.array(Photo), []),
  packs: z.array(Pack),
  gone: z._default(z.array(Gone), []),
  aside: z._default(z.array(SetAside), []),
});
export type NotebookFile = z.infer<typeof NotebookFile>;

/** Why a file is not read: a fact with its particulars. */
export type FileRefusal =
  | { why: "empty" }
  | { why: "cut-off" }
  | { why: "not-json" }
  | { why: "foreign" }
  | { why: "no-version" }
  | { why: "no-way"; version: number }
  | { why: "newer"; version: number; upTo: number }
  /** A part that cannot be right: where it stands, and what is wrong with it. */
  | { why: "part"; path: string; detail: string }
  /** A record of an athlete who is not in the file. */
  | { why: "stray"; kind: Kind; id: string }
  | { why: "twice"; kind: Kind; id: string };

/** Thrown inside a reading; outside it is an answer. */
export class FileRefused extends Error {
  constructor(readonly refusal: FileRefusal) {
    super(refusal.why);
  }
}

const refuse = (refusal: FileRefusal): never => {
  throw new FileRefused(refusal);
};

const kindAt = new Map(kinds.map((kind) => [recordKinds[kind].inFile as string, kind]));

const knownParts = new Set([...kindAt.keys(), "format", "version", "savedAt", "handed", "aside"]);

/**
 * Reads a notebook file part by part, in the order in which the parts come, so that no file is too large. Version
 * and format have to stand before the records, as they do in every file that Yearling writes.
 * @param take is handed every record; it may be of an athlete who comes later in the file
 */
export class FileReading {
  version: number | null = null;
  savedAt: string | null = null;
  handed: Handed | null = null;
  readonly aside: SetAside[] = [];
  private format = false;
  private readonly keys = new Set<string>();
  private readonly athletes = new Set<string>();
  /** The first record that speaks of each athlete. */
  private readonly asked = new Map<string, { kind: Kind; id: string }>();

  constructor(private readonly take: (record: AnyRecord) => void) {}

  /** A name that the file has something under. @throws FileRefused where a file of today has no such part */
  part(name: string): void {
    if (this.version === recordsVersion && !knownParts.has(name))
      refuse({ why: "part", path: name, detail: "unknown-field" });
  }

  /** One of the file's own fields. @throws FileRefused */
  field(name: string, value: unknown): void {
    if (name === "format") {
      if (value !== "yearling-notebook") refuse({ why: "foreign" });
      this.format = true;
    } else if (name === "version") {
      if (typeof value !== "number") refuse({ why: "no-version" });
      const version = value as number;
      if (version > recordsVersion) refuse({ why: "newer", version, upTo: recordsVersion });
      if (!(version >= 1)) refuse({ why: "no-way", version });
      this.version = version;
    } else if (name === "savedAt") {
      if (!z.iso.datetime().safeParse(value).success)
        refuse({ why: "part", path: "savedAt", detail: "format" });
      this.savedAt = value as string;
    } else if (name === "handed") {
      const read = Handed.safeParse(value);
      if (!read.success)
        refuse({ why: "part", path: name, detail: fieldProblems(read.error)[0]!.problem.is });
      this.handed = read.data!;
    } else if (kindAt.has(name)) {
      const kind = kindAt.get(name)!;
      if (isSingle(kind)) {
        if (value !== null) this.record(name, null, value);
      } else if (!Array.isArray(value)) refuse({ why: "part", path: name, detail: "format" });
    }
  }

  /** One record of a list. @throws FileRefused */
  record(list: string, index: number | null, found: unknown): void {
    if (!this.format) refuse({ why: "foreign" });
    if (this.version === null) refuse({ why: "no-version" });
    const path = [list, ...(index === null ? [] : [index])].join(" → ");
    if (list === "aside") {
      const read = SetAside.safeParse(found);
      if (!read.success)
        refuse({ why: "part", path, detail: fieldProblems(read.error)[0]!.problem.is });
      this.aside.push(read.data!);
      return;
    }
    const kind = kindAt.get(list);
    // Of an earlier version, and gone since.
    if (!kind) return;
    const large = beyondDoor(found);
    if (large !== null)
      refuse({ why: "part", path: [path, large].filter(Boolean).join(" → "), detail: "too-large" });
    const read = readRecord(found, this.version!);
    if ("refused" in read)
      return refuse({
        why: "part",
        path: [path, ...read.refused.at].join(" → "),
        detail: read.refused.problem.is,
      });
    const { record } = read;
    const odd = this.version === recordsVersion ? unknownField(found, record) : null;
    if (odd) refuse({ why: "part", path: [path, odd].join(" → "), detail: "unknown-field" });
    if (this.savedAt && isOfThePast(record) && record.on > plusDays(this.savedAt.slice(0, 10), 1))
      refuse({ why: "part", path: [path, "on"].join(" → "), detail: "after-saving" });
    if (record.kind !== kind) refuse({ why: "part", path, detail: record.kind });
    const key = keyOf(record);
    if (this.keys.has(key)) refuse({ why: "twice", kind, id: record.id });
    this.keys.add(key);
    if (record.kind === "athlete") this.athletes.add(record.id);
    else if (record.kind !== "gone" && "athleteId" in record && !this.asked.has(record.athleteId))
      this.asked.set(record.athleteId, { kind, id: record.id });
    this.take(record);
  }

  /** The file is over. @throws FileRefused where something is missing */
  end(): { version: number; savedAt: string; handed: Handed | null } {
    if (!this.format) refuse({ why: "foreign" });
    if (this.version === null) refuse({ why: "no-version" });
    if (this.savedAt === null) refuse({ why: "part", path: "savedAt", detail: "missing" });
    for (const [athleteId, { kind, id }] of this.asked)
      if (!this.athletes.has(athleteId)) refuse({ why: "stray", kind, id });
    return { version: this.version!, savedAt: this.savedAt!, handed: this.handed };
  }
}

/** Kinds that tell what has been. */
const isOfThePast = (record: AnyRecord): record is Check | Log | DayNote | Photo =>
  record.kind === "check" ||
  record.kind === "log" ||
  record.kind === "day" ||
  record.kind === "photo";

/** The place of a field that a record doesn't have, misspelt most likely; null where there is none. */
function unknownField(found: unknown, read: unknown): string | null {
  if (typeof found !== "object" || found === null) return null;
  if (typeof read !== "object" || read === null) return null;
  for (const [name, value] of Object.entries(found)) {
    if (!(name in read)) return name;
    const inside = unknownField(value, (read as Record<string, unknown>)[name]);
    if (inside) return `${name} → ${inside}`;
  }
  return null;
}

export type FileRead = {
  records: AnyRecord[];
  aside: SetAside[];
  version: number;
  savedAt: string;
  handed: Handed | null;
};

/**
 * Reads a notebook file that is in memory. A wrong, cut-off, foreign or newer file is refused and says why;
 * nothing is half read.
 */
export function readFile(text: string): FileRead | { refused: FileRefusal } {
  if (text.trim() === "") return { refused: { why: "empty" } };
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    return { refused: { why: text.trimStart().startsWith("{") ? "cut-off" : "not-json" } };
  }
  if (typeof parsed !== "object" || parsed === null) return { refused: { why: "foreign" } };
  const file = parsed as Record<string, unknown>;
  const records: AnyRecord[] = [];
  const reading = new FileReading((record) => records.push(record));
  try {
    for (const name of ["format", "version"]) if (name in file) reading.field(name, file[name]);
    if (!("format" in file)) refuse({ why: "foreign" });
    if (!("version" in file)) refuse({ why: "no-version" });
    for (const [name, value] of Object.entries(file)) {
      if (name === "format" || name === "version") continue;
      reading.part(name);
      reading.field(name, value);
      if (Array.isArray(value)) value.forEach((found, index) => reading.record(name, index, found));
    }
    return { ...reading.end(), records, aside: reading.aside };
  } catch (error) {
    if (error instanceof FileRefused) return { refused: error.refusal };
    throw error;
  }
}

/** A notebook's records as a file. */
export function toFile(
  records: readonly AnyRecord[],
  savedAt: string,
  aside: readonly SetAside[] = [],
  handed: Handed | null = null,
): NotebookFile {
  const places = Object.fromEntries(
    kinds.map((kind) => {
      const list = records.filter((record) => record.kind === kind);
      return [recordKinds[kind].inFile, isSingle(kind) ? (list[0] ?? null) : list];
    }),
  );
  return {
    ...head(savedAt),
    ...(handed ? { handed } : {}),
    ...places,
    aside: [...aside],
  } as NotebookFile;
}

const head = (savedAt: string) => ({
  format: "yearling-notebook" as const,
  version: recordsVersion,
  savedAt,
});

/**
 * A file laid out from the texts of its records, a record a line, without making one text of it all.
 * @param texts the JSON of the records of each kind, joined by ",\n", in as many pieces as one likes
 */
export function layFile<Piece>(
  texts: Partial<Record<Kind, readonly Piece[]>>,
  aside: readonly SetAside[],
  savedAt: string,
): (string | Piece)[] {
  const start = JSON.stringify(head(savedAt)).slice(0, -1);
  const parts = kinds.flatMap((kind): (string | Piece)[] => {
    const pieces = texts[kind] ?? [];
    const name = JSON.stringify(recordKinds[kind].inFile);
    return isSingle(kind)
      ? [`,\n${name}:`, ...(pieces.length > 0 ? pieces : ["null"])]
      : [`,\n${name}:[\n`, ...pieces, "\n]"];
  });
  return [start, ...parts, `,\n"aside":${JSON.stringify(aside)}}\n`];
}

export type ImportPreview = {
  kind: Kind;
  added: number;
  changed: number;
  same: number;
  removed: number;
}[];

/** What tells whether a record is the same as another: its JSON, shortened to a number where there are many. */
export type Mark = string | number;

/**
 * What an import would do, before it does it.
 * @param present the mark of every record there is, by key
 * @param incoming the mark of every record that comes, by key
 * @param replace true when records that the file does not have are to go
 */
export function previewImport(
  present: ReadonlyMap<string, Mark>,
  incoming: ReadonlyMap<string, Mark>,
  replace: boolean,
): ImportPreview {
  const rows = new Map(
    kinds.map((kind) => [kind, { kind, added: 0, changed: 0, same: 0, removed: 0 }]),
  );
  const row = (key: string) => rows.get(key.slice(0, key.indexOf("/")) as Kind)!;
  for (const [key, mark] of incoming) {
    const before = present.get(key);
    row(key)[before === undefined ? "added" : before === mark ? "same" : "changed"] += 1;
  }
  if (replace) for (const key of present.keys()) if (!incoming.has(key)) row(key).removed += 1;
  return [...rows.values()].filter((one) => one.added + one.changed + one.same + one.removed > 0);
}

/**
 * A record's mark: 53 bits of its JSON. Two records of one key that differ have the same mark once in 10^15.
 * @example markOf(record) === markOf(structuredClone(record)) // true
 */
export const markOf = (record: AnyRecord): number => textMark(JSON.stringify(record));

/** 53 bits of a text, not secret: two texts that differ have the same once in 10^15. */
export function textMark(text: string): number {
  let [a, b] = [0xdeadbeef, 0x41c6ce57];
  for (let i = 0; i < text.length; i += 1) {
    const code = text.charCodeAt(i);
    a = Math.imul(a ^ code, 2654435761);
    b = Math.imul(b ^ code, 1597334677);
  }
  a = Math.imul(a ^ (a >>> 16), 2246822507) ^ Math.imul(b ^ (b >>> 13), 3266489909);
  b = Math.imul(b ^ (b >>> 16), 2246822507) ^ Math.imul(a ^ (a >>> 13), 3266489909);
  return 4294967296 * (2097151 & b) + (a >>> 0);
}

/** The marks of records by their key. */
export const marksOf = (records: readonly AnyRecord[]): Map<string, number> =>
  new Map(records.map((record) => [keyOf(record), markOf(record)]));
