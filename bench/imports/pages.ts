import type { AnyRecord } from "../../core/records/records";
import { openNotebook } from "../../app/store/open";
import { hallPaths, pagePaths, readHallPage, readPage, readWholePage } from "../../app/test/pages";

/** What a page never says, whatever is in the notebook. */
const slips = /\b(?:NaN|undefined|null|Infinity|Invalid Date)\b|\[object/;

/**
 * Opens every page of the application on some records, in a notebook of its own: what the application loads and draws,
 * page by page, without a browser.
 * @returns what is wrong with the first page that breaks; null where none does
 */
export async function brokenPage(records: readonly AnyRecord[]): Promise<string | null> {
  const { notebook } = await openNotebook();
  await notebook.rebuild({ does: "import" }, async (add) => {
    for (const record of records) await add(structuredClone(record) as AnyRecord);
  });
  const of = (kind: "athlete" | "group") =>
    records.filter((record) => record.kind === kind).map(({ id }) => id);
  const pages = [
    ...["/", "/file", "/library"].map((path) => [path, () => readWholePage(path)] as const),
    ...of("athlete").flatMap((id) =>
      pagePaths.map((path) => [`${id}/${path}`, () => readPage(id, path)] as const),
    ),
    ...of("group").flatMap((id) =>
      hallPaths.map((path) => [`hall/${id}/${path}`, () => readHallPage(id, path)] as const),
    ),
  ];
  for (const [name, read] of pages) {
    try {
      const slip = slips.exec((await read()).text);
      if (slip) return `${name} says ${slip[0]}`;
    } catch (error) {
      // A page may send on to another.
      if (error instanceof Response && error.status >= 300 && error.status < 400) continue;
      return `${name}: ${error instanceof Response ? `${error.status}` : String(error)}`;
    }
  }
  return null;
}
