import type { FieldProblem } from "#core/records/field-problem";
import { readRecord } from "#core/records/earlier";
import { keyOf, recordsVersion, type AnyRecord } from "#core/records/records";
import { pageOf, type PageName } from "./layout";

/** A record as it is kept: the act that wrote it last, by its number, and the value. */
export type KeptRow = { rev: number; record: AnyRecord };

/** A page as it lies on the shelf: the version its values are of, the last act that is folded into it, its rows. */
export type Page = { v: number; upTo: number; rows: { rev: number; record: unknown }[] };

/** What could not be read, kept as it was found; `why` is a fact with its detail. */
export type Aside = {
  /** Its name on the shelf. */
  name: string;
  /** The key it would have as a record, as far as that can be told. */
  key: string;
  /** The version of the values it was found among. */
  v: number;
  found: unknown;
  why:
    | { fact: "unreadable"; detail: FieldProblem | string }
    | { fact: "misplaced" }
    | { fact: "damaged-page" };
};

export type PageRead = { upTo: number; rows: KeptRow[]; aside: Aside[] };

/** Thrown where values were written by a newer application than this one. */
export class NewerValues extends Error {}

export const emptyPage: PageRead = { upTo: 0, rows: [], aside: [] };

/** Reads a page: its values are brought up to this version as a file's are; what does not parse is set aside. */
export function readKeptPage(page: PageName, found: unknown): PageRead {
  if (found === null || found === undefined) return emptyPage;
  if (!isPage(found))
    return {
      ...emptyPage,
      aside: [{ name: `aside/${page}`, key: page, v: 0, found, why: { fact: "damaged-page" } }],
    };
  if (found.v > recordsVersion) throw new NewerValues();
  const rows: KeptRow[] = [];
  const aside: Aside[] = [];
  for (const row of found.rows) {
    const read = readRecord(row?.record, found.v);
    const key = keyFound(row?.record);
    const put = (why: Aside["why"]) =>
      aside.push({
        name: `aside/${key}@${Number(row?.rev ?? 0)}`,
        key,
        v: found.v,
        found: row?.record,
        why,
      });
    if ("refused" in read) put({ fact: "unreadable", detail: read.refused });
    else if (pageOf(read.record) !== page) put({ fact: "misplaced" });
    else rows.push({ rev: row.rev, record: read.record });
  }
  return { upTo: found.upTo, rows, aside };
}

const isPage = (found: unknown): found is Page =>
  typeof found === "object" &&
  found !== null &&
  typeof (found as Page).v === "number" &&
  typeof (found as Page).upTo === "number" &&
  Array.isArray((found as Page).rows);

/** The key a value would have, were it a record. */
export function keyFound(found: unknown): string {
  const { kind, id } = (typeof found === "object" && found !== null ? found : {}) as {
    kind?: unknown;
    id?: unknown;
  };
  return typeof kind === "string" && typeof id === "string" ? `${kind}/${id}` : "record/unnamed";
}

export const writePage = (upTo: number, rows: readonly KeptRow[]): Page => ({
  v: recordsVersion,
  upTo,
  rows: [...rows],
});

/** Rows by the key of their record. */
export const byKey = (rows: readonly KeptRow[]): Map<string, KeptRow> =>
  new Map(rows.map((row) => [keyOf(row.record), row]));
