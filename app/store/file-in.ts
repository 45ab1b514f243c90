import { JSONParser } from "@streamparser/json";
import {
  FileReading,
  FileRefused,
  markOf,
  type FileRefusal,
  type SetAside,
} from "#core/exchange/file";
import { keyOf, isSingle, kinds, recordKinds, type AnyRecord } from "#core/records/records";
import type { Progress } from "./file-out";
import type { Notebook } from "./notebook";

/** What a file holds: the mark of every record by its key. */
export type Incoming = {
  marks: Map<string, number>;
  aside: readonly SetAside[];
  version: number;
  savedAt: string;
};

const lists = kinds
  .filter((kind) => !isSingle(kind))
  .map((kind) => recordKinds[kind].inFile as string);
const fields = ["format", "version", "savedAt", "troupe", "settings"];
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
): Promise<Omit<Incoming, "marks">> {
  if (file.size === 0) throw new FileRefused({ why: "empty" });
  const first = (await file.slice(0, 200).text()).trimStart();
  if (first === "") throw new FileRefused({ why: "empty" });
  if (!/^[[{"\d]/.test(first)) throw new FileRefused({ why: "not-json" });
  if (!first.startsWith("{")) throw new FileRefused({ why: "foreign" });
  let piece: AnyRecord[] = [];
  const reading = new FileReading((record) => piece.push(record));
  const parser = new JSONParser({ paths, keepStack: false });
  let refused: unknown = null;
  parser.onError = (error) => {
    refused ??= error;
  };
  parser.onValue = ({ value, key, stack }) => {
    if (refused) return;
    try {
      const list = stack.length > 1 ? String(stack.at(-1)!.key) : null;
      if (list === null) reading.field(String(key), value);
      else reading.record(list, Number(key), value);
    } catch (error) {
      refused = error;
    }
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
  if (!parser.isEnded) throw new FileRefused({ why: "cut-off" });
  const { version, savedAt } = reading.end();
  await take(piece);
  return { version, savedAt, aside: reading.aside };
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
  try {
    const rest = await readPieces(
      file,
      (records) => {
        for (const record of records) marks.set(keyOf(record), markOf(record));
      },
      progress,
      signal,
    );
    return { marks, ...rest };
  } catch (error) {
    if (error instanceof FileRefused) return { refused: error.refusal };
    throw error;
  }
}

/**
 * Brings a file that was looked into into the notebook, as one act.
 * @param replace what the file does not have goes
 * @throws what stops it; then nothing has changed
 */
export async function bringIn(
  notebook: Notebook,
  file: Blob,
  incoming: Incoming,
  replace: boolean,
  progress: Progress,
  signal: AbortSignal,
): Promise<void> {
  await notebook.rebuild({ does: "import" }, async (add) => {
    if (!replace)
      for await (const records of notebook.everything(true)) {
        signal.throwIfAborted();
        for (const record of records) if (!incoming.marks.has(keyOf(record))) await add(record);
      }
    await readPieces(
      file,
      async (records) => {
        for (const record of records) await add(record);
      },
      progress,
      signal,
    );
  });
  await notebook.keepAside(
    incoming.aside.map(({ key, v, found }) => ({
      name: `aside/${key}@file`,
      key,
      v,
      found,
      why: { fact: "unreadable", detail: "" },
    })),
  );
}

/** The marks of what a notebook holds. */
export async function marksIn(
  everything: AsyncGenerator<AnyRecord[]>,
): Promise<Map<string, number>> {
  const marks = new Map<string, number>();
  for await (const records of everything)
    for (const record of records) marks.set(keyOf(record), markOf(record));
  return marks;
}
