import { layFile, type SetAside } from "#core/exchange/file";
import { kinds, type AnyRecord, type Kind } from "#core/records/records";
import { moment, today } from "../clock";
import { writeMeta } from "./meta";
import type { Notebook } from "./notebook";

export type Progress = (share: number) => void;

/** Text is handed to the browser in pieces of about this many characters, so that it need not stay in memory. */
const piece = 1_000_000;

/**
 * The whole notebook as a file. Read and written an athlete at a time: there is no size at which it fails.
 * What cannot be read travels along, set aside, and so do records whose athlete cannot be read.
 * @throws the signal's reason when it is stopped
 */
export async function fileOf(
  notebook: Notebook,
  progress: Progress,
  signal: AbortSignal,
): Promise<Blob> {
  const texts = Object.fromEntries(kinds.map((kind) => [kind, [] as Blob[]])) as Record<
    Kind,
    Blob[]
  >;
  const held = new Map<Kind, string>();
  const begun = new Set<Kind>();
  const put = (kind: Kind) => {
    texts[kind].push(new Blob([held.get(kind) ?? ""]));
    held.delete(kind);
  };
  const owners = notebook.all("athlete").length + 1;
  let done = 0;
  for await (const records of notebook.everything()) {
    signal.throwIfAborted();
    for (const record of records) {
      const { kind } = record;
      const before = held.get(kind) ?? "";
      const text = `${before}${begun.has(kind) ? ",\n" : ""}${JSON.stringify(record)}`;
      begun.add(kind);
      held.set(kind, text);
      if (text.length > piece) put(kind);
    }
    done += 1;
    progress(done / owners);
  }
  [...held.keys()].forEach(put);
  return new Blob(layFile(texts, await setAside(notebook), moment()), { type: "application/json" });
}

async function setAside(notebook: Notebook): Promise<SetAside[]> {
  const strays = (await notebook.strays()).map((record) => asAside(record));
  return [...notebook.aside.map(({ key, v, found }) => ({ key, v, found })), ...strays];
}

const asAside = (record: AnyRecord): SetAside => ({
  key: `${record.kind}/${record.id}`,
  v: 0,
  found: record,
});

/** Remembers that there is a copy outside the browser. */
export const rememberSaved = (notebook: Notebook): Promise<void> =>
  writeMeta("saved", { acts: notebook.acts, on: today() }).catch(() => undefined);
