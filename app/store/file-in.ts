import { Tokenizer, TokenParser, TokenType } from "@streamparser/json";
import {
  FileReading,
  FileRefused,
  markOf,
  type FileRefusal,
  type Handed,
  type SetAside,
} from "#core/exchange/file";
import {
  keyOf,
  isSingle,
  kinds,
  recordKinds,
  type AnyRecord,
  type Kind,
} from "#core/records/records";
import {
  Merging,
  subjectOf,
  withDecisions,
  type NotebookMerge,
  type Decision,
} from "#core/merge/notebooks";
import { knownThere, type KnownThere } from "#core/exchange/known-there";
import type { Writer } from "#core/records/stamp";
import { deviceName } from "./device";
import { ownerOf } from "./layout";
import type { Progress } from "./file-out";
import type { Notebook } from "./notebook";

/** What a file holds: the mark of every record by its key. */
export type Incoming = {
  marks: Map<string, number>;
  /** Names of its athletes by identifier. */
  names: Map<string, string>;
  /** Checks that it has readings of, and those that it brings along. */
  protocols: { read: Set<string>; brought: Set<string> };
  aside: readonly SetAside[];
  version: number;
  savedAt: string;
  /** Where it is one athlete's, handed from a coach or back. */
  handed: Handed | null;
  /** What its writer knew of this device's writes. */
  known: KnownThere;
};

const lists = kinds
  .filter((kind) => !isSingle(kind))
  .map((kind) => recordKinds[kind].inFile as string);
const fields = ["format", "version", "savedAt", "handed", "troupe", "settings"];
const paths = [
  ...fields.map((name) => `$.${name}`),
  ...[...lists, "aside"].map((name) => `$.${name}.*`),
];

/**
 * Reads a file piece by piece: only a piece of it is in memory at a time.
 * @param take is handed the records of a piece
 * @throws FileRefused; the signal's reason when it is stopped
 */
async function readPieces(
  file: Blob,
  take: (records: AnyRecord[]) => Promise<void> | void,
  progress: Progress,
  signal: AbortSignal,
): Promise<Pick<Incoming, "aside" | "version" | "savedAt" | "handed">> {
  if (file.size === 0) throw new FileRefused({ why: "empty" });
  const first = (await file.slice(0, 200).text()).trimStart();
  if (first === "") throw new FileRefused({ why: "empty" });
  if (!/^[[{"\d]/.test(first)) throw new FileRefused({ why: "not-json" });
  if (!first.startsWith("{")) throw new FileRefused({ why: "foreign" });
  let piece: AnyRecord[] = [];
  const reading = new FileReading((record) => piece.push(record));
  let refused: unknown = null;
  const trying = (read: () => void) => {
    if (refused) return;
    try {
      read();
    } catch (error) {
      refused = error;
    }
  };
  const parser = new Tokenizer();
  const values = new TokenParser({ paths, keepStack: false });
  values.onError = parser.onError = (error) => {
    refused ??= error;
  };
  values.onValue = ({ value, key, stack }) =>
    trying(() => {
      const list = stack.length > 1 ? String(stack.at(-1)!.key) : null;
      if (list === null) reading.field(String(key), value);
      else reading.record(list, Number(key), value);
    });
  const see = partsSeen((name) => trying(() => reading.part(name)));
  parser.onToken = (token) => {
    see(token);
    if (!refused) values.write(token);
  };
  const reader = file.stream().getReader();
  let read = 0;
  for (;;) {
    signal.throwIfAborted();
    const { done, value } = await reader.read();
    if (done) break;
    parser.write(value);
    if (refused) throw refusalOf(refused);
    read += value.length;
    await take(piece);
    piece = [];
    progress(read / file.size);
  }
  if (!values.isEnded) throw new FileRefused({ why: "cut-off" });
  const { version, savedAt, handed } = reading.end();
  await take(piece);
  return { version, savedAt, handed, aside: reading.aside };
}

/** Hears the tokens of a file and tells the names of its parts, whatever is under them. */
function partsSeen(tell: (name: string) => void) {
  let depth = 0;
  let last = "";
  return ({ token, value }: { token: TokenType; value: unknown }): void => {
    if (token === TokenType.LEFT_BRACE || token === TokenType.LEFT_BRACKET) depth += 1;
    else if (token === TokenType.RIGHT_BRACE || token === TokenType.RIGHT_BRACKET) depth -= 1;
    else if (depth !== 1) return;
    else if (token === TokenType.STRING) last = String(value);
    else if (token === TokenType.COLON) tell(last);
  };
}

const refusalOf = (error: unknown): FileRefused =>
  error instanceof FileRefused ? error : new FileRefused({ why: "cut-off" });

/** Looks through a file, from end to end, without changing anything. */
export async function lookInto(
  file: Blob,
  progress: Progress,
  signal: AbortSignal,
): Promise<Incoming | { refused: FileRefusal }> {
  const marks = new Map<string, number>();
  const names = new Map<string, string>();
  const protocols = { read: new Set<string>(), brought: new Set<string>() };
  let known: KnownThere = {};
  const device = await deviceName();
  try {
    const rest = await readPieces(
      file,
      (records) => {
        known = { ...known, ...knownThere(records, device) };
        for (const record of records) {
          marks.set(keyOf(record), markOf(record));
          if (record.kind === "athlete") names.set(record.id, record.name);
          if (record.kind === "check") protocols.read.add(record.protocolId);
          if (record.kind === "pack")
            for (const { id } of record.protocols) protocols.brought.add(id);
        }
      },
      progress,
      signal,
    );
    return { marks, names, protocols, known, ...rest };
  } catch (error) {
    if (error instanceof FileRefused) return { refused: error.refusal };
    throw error;
  }
}

/** Records by what they speak of, with their mark. */
async function subjectsIn(
  everything: AsyncGenerator<AnyRecord[]>,
  see: (subject: string, record: AnyRecord, mark: number) => void,
): Promise<void> {
  for await (const records of everything)
    for (const record of records) see(subjectOf(record), record, markOf(record));
}

/** A file laid beside a notebook: what it would change, and where the two differ. */
export type Beside = {
  merge: NotebookMerge;
  present: ReadonlySet<string>;
  now: Writer;
  /** The notebook's last act when they were compared. */
  acts: number;
};

/**
 * Lays a file beside a notebook without changing anything. Only what differs is in memory.
 * @throws FileRefused; the signal's reason when it is stopped
 */
export async function besideOf(
  notebook: Notebook,
  file: Blob,
  incoming: Incoming,
  progress: Progress,
  signal: AbortSignal,
): Promise<Beside> {
  const now = { ms: Date.now(), device: await deviceName() };
  const { acts } = notebook;
  const theirs = new Map(
    [...incoming.marks].map(([key, mark]) => [key.replace(/^gone\//, ""), mark]),
  );
  const ours = new Map<string, AnyRecord>();
  const present = new Map<string, number>();
  const removed = new Set<string>();
  const singles = new Map<Kind, string>();
  await subjectsIn(notebook.everything(true), (subject, record, mark) => {
    signal.throwIfAborted();
    present.set(subject, mark);
    if (isSingle(record.kind)) singles.set(record.kind, record.id);
    if (record.kind === "gone" && record.forGood) removed.add(subject.replace("athlete/", ""));
    const other = theirs.get(subject);
    if (other !== undefined && other !== mark) ours.set(subject, record);
  });
  const merging = new Merging(now, removed, singles);
  await readPieces(
    file,
    (records) => {
      for (const record of records) {
        const subject = subjectOf(record);
        const own = ours.get(subject);
        if (own) merging.both(own, record);
        else if (present.has(subject)) merging.same(subject);
        else merging.fresh(record);
      }
    },
    progress,
    signal,
  );
  return { merge: merging.end(), present: new Set(present.keys()), now, acts };
}

/** Whether somebody has written to the notebook since a file was laid beside it: it is to be laid there once more. */
export const isOutdated = (notebook: Notebook, { acts }: Beside): boolean => notebook.acts !== acts;

/**
 * Adds a file to the notebook, as one act: what only one side has stands, what both have is merged as it was decided.
 * @throws what stops it; then nothing has changed
 */
export async function addIn(
  notebook: Notebook,
  file: Blob,
  incoming: Incoming,
  { merge, present, now }: Beside,
  sides: readonly Decision[],
  progress: Progress,
  signal: AbortSignal,
): Promise<void> {
  const results = withDecisions(merge, sides, now);
  const removed = new Set(
    [...results.values()].flatMap((record) =>
      record.kind === "gone" && record.forGood ? [record.id.replace("athlete/", "")] : [],
    ),
  );
  const stays = (record: AnyRecord) => !removed.has(ownerOf(record));
  await notebook.rebuild({ does: "import" }, async (add) => {
    for await (const records of notebook.everything(true)) {
      signal.throwIfAborted();
      for (const record of records) {
        const result = results.get(subjectOf(record)) ?? record;
        if (stays(result)) await add(result);
      }
    }
    await readPieces(
      file,
      async (records) => {
        for (const record of records) {
          const subject = subjectOf(record);
          if (present.has(subject) || merge.refused.has(subject) || !stays(record)) continue;
          await add(record);
        }
      },
      progress,
      signal,
    );
  });
  await keepAside(notebook, incoming);
}

/** What of a file could not be read where it was written is set aside here too. */
const keepAside = (notebook: Notebook, incoming: Incoming): Promise<void> =>
  notebook.keepAside(
    incoming.aside.map(({ key, v, found }) => ({
      name: `aside/${key}@file`,
      key,
      v,
      found,
      why: { fact: "unreadable", detail: "" },
    })),
  );

/**
 * Puts a file that was looked into in the notebook's place, as one act.
 * @throws what stops it; then nothing has changed
 */
export async function replaceBy(
  notebook: Notebook,
  file: Blob,
  incoming: Incoming,
  progress: Progress,
  signal: AbortSignal,
): Promise<void> {
  await notebook.rebuild({ does: "import" }, async (add) => {
    await readPieces(
      file,
      async (records) => {
        for (const record of records) await add(record);
      },
      progress,
      signal,
    );
  });
  await keepAside(notebook, incoming);
}

/** The names of a notebook's athletes by identifier. */
export const namesIn = (notebook: Notebook): Map<string, string> =>
  new Map(notebook.all("athlete").map(({ id, name }) => [id, name]));

/** The marks of what a notebook holds. */
export async function marksIn(
  everything: AsyncGenerator<AnyRecord[]>,
): Promise<Map<string, number>> {
  const marks = new Map<string, number>();
  for await (const records of everything)
    for (const record of records) marks.set(keyOf(record), markOf(record));
  return marks;
}
