import { vi } from "vitest";
import { troupeOn } from "#core/test/troupe";
import type { AnyRecord } from "#core/records/records";
import type { ActName, AnswerOf, FieldsOf } from "#core/acts/decide";
import type { Done } from "./perform";
import type { Notebook } from "../store/notebook";
import type { Shelf } from "../store/shelf";

/** A browser's database in memory: shelves by name, which outlive a reload. The real shelf has tests of its own. */
const database = new Map<string, Map<string, unknown>>();

function openShelf(name: string, store = "kept"): Shelf {
  const values = database.get(`${name}/${store}`) ?? new Map<string, unknown>();
  database.set(`${name}/${store}`, values);
  return {
    keys: () => Promise.resolve([...values.keys()]),
    read: (key) => Promise.resolve(structuredClone(values.get(key) ?? null)),
    write: (key, value) => Promise.resolve(void values.set(key, structuredClone(value))),
    remove: (key) => Promise.resolve(void values.delete(key)),
  };
}

vi.mock("../store/shelf", () => ({ openShelf }));

vi.mock("../demo", () => ({ lanternfield: troupeOn }));

/** Every record of a notebook, in one list. */
export async function everythingIn(notebook: Notebook): Promise<AnyRecord[]> {
  const records: AnyRecord[] = [];
  for await (const some of notebook.everything()) records.push(...some);
  return records;
}

/** A browser that has never seen the application, on a day. */
export async function freshBrowser(day: string) {
  database.clear();
  return sameBrowser(day);
}

/** The same browser after a reload. */
export async function sameBrowser(day: string) {
  vi.resetModules();
  vi.useFakeTimers({ toFake: ["Date"], now: new Date(`${day}T09:00:00`) });
  const [open, view] = [await import("../store/open"), await import("../view")];
  const { perform } = await import("./perform");
  const at = (path: string) => new Request(`http://localhost${path}`);
  return {
    open,
    notebook: async () => (await open.openNotebook()).notebook,
    look: (athleteId: string, query = "") =>
      view.athleteView(athleteId, at(`/at/${athleteId}/gap${query}`)),
    /** Does an act as a page would send it. */
    act: <Name extends ActName>(act: Name, fields: object = {}): Promise<Done<AnswerOf<Name>>> =>
      perform({ act, ...fields } as { act: Name } & FieldsOf<Name>),
    planning: await import("#core/situation/planning"),
    requestOf: (await import("#core/situation/request-of")).requestOf,
  };
}

/** What a record says, whenever and wherever it was written. */
export const undated = <R extends { stamp?: unknown }>(record: R) => ({
  ...record,
  stamp: undefined,
});

/** The athlete of an act, by what is known of him. */
export const of = ({ athlete }: { athlete: { id: string } }) => ({ athleteId: athlete.id });

/** What an act that was done answers with. */
export function done<Answer>(came: Done<Answer>): Answer {
  if ("refused" in came) throw new Error(JSON.stringify(came.refused));
  return came.done;
}
