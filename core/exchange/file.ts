import * as z from "zod";
import { packWithErrors } from "./earlier";
import { Season } from "../season/plan/training";
import { Athlete } from "./athlete";
import {
  Aim,
  AnyRecord,
  Check,
  DayNote,
  kinds,
  Log,
  Pack,
  Photo,
  Place,
  Prep,
  Run,
  Settings,
  Troupe,
  type Kind,
} from "./records";

export const fileVersion = 2;

/** The whole notebook as one file. */
export const NotebookFile = z.object({
  format: z.literal("yearling-notebook"),
  version: z.literal(fileVersion),
  savedAt: z.iso.datetime(),
  troupe: Troupe.nullable(),
  settings: Settings.nullable(),
  athletes: z.array(Athlete),
  places: z.array(Place),
  aims: z.array(Aim),
  checks: z.array(Check),
  preps: z.array(Prep),
  runs: z.array(Run),
  logs: z.array(Log),
  days: z.array(DayNote).default([]),
  seasons: z.array(Season).default([]),
  photos: z.array(Photo),
  packs: z.array(Pack),
});
export type NotebookFile = z.infer<typeof NotebookFile>;

/** Steps from an older version to the next: `migrations[n]` turns version n into n + 1. */
export const migrations: Record<
  number,
  (file: Record<string, unknown>) => Record<string, unknown>
> = {
  1: (file) => ({
    ...file,
    version: 2,
    photos: [],
    packs: Array.isArray(file.packs) ? file.packs.map(packWithErrors) : file.packs,
  }),
};

/** A notebook's records as a file. */
export function toFile(records: readonly AnyRecord[], savedAt: string): NotebookFile {
  const of = <K extends Kind>(kind: K) =>
    records.filter((record): record is Extract<AnyRecord, { kind: K }> => record.kind === kind);
  return {
    format: "yearling-notebook",
    version: fileVersion,
    savedAt,
    troupe: of("troupe")[0] ?? null,
    settings: of("settings")[0] ?? null,
    athletes: of("athlete"),
    places: of("place"),
    aims: of("aim"),
    checks: of("check"),
    preps: of("prep"),
    runs: of("run"),
    logs: of("log"),
    days: of("day"),
    seasons: of("season"),
    photos: of("photo"),
    packs: of("pack"),
  };
}

/** The records of a file, in one list. */
export function fromFile(file: NotebookFile): AnyRecord[] {
  const {
    troupe,
    settings,
    athletes,
    places,
    aims,
    checks,
    preps,
    runs,
    logs,
    days,
    seasons,
    photos,
    packs,
  } = file;
  return [
    ...(troupe ? [troupe] : []),
    ...(settings ? [settings] : []),
    ...athletes,
    ...places,
    ...aims,
    ...checks,
    ...preps,
    ...runs,
    ...logs,
    ...days,
    ...seasons,
    ...photos,
    ...packs,
  ];
}

export type Reading = { file: NotebookFile } | { refused: string };

/**
 * Reads a notebook file. A wrong, cut-off, foreign or newer file is refused with a sentence that says why;
 * nothing is half read.
 */
export function readFile(text: string): Reading {
  if (text.trim() === "") return { refused: "The file is empty." };
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    return text.trimStart().startsWith("{")
      ? {
          refused:
            "The file is cut off or damaged: it begins like a notebook but does not end like one.",
        }
      : { refused: "This is not a Yearling notebook: it is not JSON." };
  }
  if (
    typeof parsed !== "object" ||
    parsed === null ||
    !("format" in parsed) ||
    parsed.format !== "yearling-notebook"
  )
    return { refused: "This is JSON, but not a Yearling notebook." };
  let file = parsed as Record<string, unknown>;
  if (typeof file.version !== "number")
    return { refused: "The notebook does not say which version it is." };
  if (file.version > fileVersion)
    return {
      refused: `This notebook was written by a newer Yearling (version ${file.version}; this one reads up to ${fileVersion}). Update first.`,
    };
  while (typeof file.version === "number" && file.version < fileVersion) {
    const migrate = migrations[file.version];
    if (!migrate)
      return { refused: `No way is known from version ${file.version} to ${fileVersion}.` };
    file = migrate(file);
  }
  const result = NotebookFile.safeParse(file);
  if (!result.success) {
    const issue = result.error.issues[0]!;
    return {
      refused: `The notebook has a part that cannot be right: ${issue.path.join(" → ") || "the file"}: ${issue.message}.`,
    };
  }
  const stray = strayReference(result.data);
  return stray ? { refused: stray } : { file: result.data };
}

/** The first record that speaks of an athlete who is not in the file, as a sentence; and double identifiers. */
function strayReference(file: NotebookFile): string | null {
  const known = new Set(file.athletes.map(({ id }) => id));
  for (const record of [
    ...file.aims,
    ...file.checks,
    ...file.preps,
    ...file.runs,
    ...file.logs,
    ...file.days,
    ...file.seasons,
    ...file.photos,
  ])
    if (!known.has(record.athleteId))
      return `The ${record.kind} “${record.id}” belongs to an athlete who is not in the file.`;
  const seen = new Set<string>();
  for (const record of fromFile(file)) {
    const key = keyOf(record);
    if (seen.has(key)) return `The ${record.kind} “${record.id}” is in the file twice.`;
    seen.add(key);
  }
  return null;
}

/** The key under which a record is kept: one record a key. */
export const keyOf = (record: { kind: Kind; id: string }): string => `${record.kind}/${record.id}`;

export type ImportPreview = {
  kind: Kind;
  added: number;
  changed: number;
  same: number;
  removed: number;
}[];

/**
 * What an import would do, before it does it.
 * @param replace true when records that the file does not have are to go
 */
export function previewImport(
  present: readonly AnyRecord[],
  incoming: readonly AnyRecord[],
  replace: boolean,
): ImportPreview {
  const have = new Map(present.map((record) => [keyOf(record), JSON.stringify(record)]));
  const coming = new Set(incoming.map(keyOf));
  return kinds
    .map((kind) => {
      const row = { kind, added: 0, changed: 0, same: 0, removed: 0 };
      for (const record of incoming)
        if (record.kind === kind) {
          const before = have.get(keyOf(record));
          row[
            before === undefined ? "added" : before === JSON.stringify(record) ? "same" : "changed"
          ] += 1;
        }
      if (replace)
        row.removed = present.filter(
          (record) => record.kind === kind && !coming.has(keyOf(record)),
        ).length;
      return row;
    })
    .filter((row) => row.added + row.changed + row.same + row.removed > 0);
}
