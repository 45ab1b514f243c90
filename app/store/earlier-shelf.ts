import { readRecord } from "#core/records/earlier";
import type { AnyRecord } from "#core/records/records";
import { keyFound, type Aside } from "./page";
import { openShelf } from "./shelf";
import type { NotebookName } from "./meta";

/** What the first layout kept: a record a key, without a version, and what it had set aside. */
export type EarlierNotebook = { records: AnyRecord[]; aside: Aside[]; clear: () => Promise<void> };

/** The version the first layout's values are read as: what it wrote last could lack only what has a default since. */
const version = 2;

/** Reads a notebook of the first layout, where each record was a value of its own. */
export async function earlierNotebook(name: NotebookName): Promise<EarlierNotebook> {
  const [shelf, quarantine] = [
    openShelf("yearling", name),
    openShelf("yearling", `${name}-quarantine`),
  ];
  const records: AnyRecord[] = [];
  const aside: Aside[] = [];
  const names = await shelf.keys();
  for (const key of names) {
    const kept = (await shelf.read(key)) as { record?: unknown } | null;
    // A value of the very first version is told by trying it: the steps leave alone what is newer.
    const read = [version, 1].map((from) => readRecord(kept?.record, from));
    const whole = read.find((one) => "record" in one);
    if (whole && "record" in whole) records.push(whole.record);
    else
      aside.push({
        name: `aside/${key}@1`,
        key,
        v: 1,
        found: kept?.record ?? kept,
        why: { fact: "unreadable", detail: read[0] && "refused" in read[0] ? read[0].refused : "" },
      });
  }
  const asideNames = await quarantine.keys();
  for (const key of asideNames) {
    const kept = (await quarantine.read(key)) as {
      found?: { record?: unknown };
      why?: string;
    } | null;
    const found = kept?.found?.record ?? kept?.found;
    aside.push({
      name: `aside/${key}`,
      key: keyFound(found),
      v: 1,
      found,
      why: { fact: "unreadable", detail: kept?.why ?? "" },
    });
  }
  return {
    records,
    aside,
    clear: async () => {
      for (const key of names) await shelf.remove(key);
      for (const key of asideNames) await quarantine.remove(key);
    },
  };
}
