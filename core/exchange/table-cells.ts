import { isValid, parse } from "date-fns";
import Papa from "papaparse";
import type { Side } from "../body/side";

/** A row as a spreadsheet counts it (the heads are row 1), cell by cell. */
export type SheetRow = { row: number; cells: string[] };

/** Where a table could not be read on: a quotation mark that is never closed, or more rows than are read. */
export type SheetLoss = { row: number; why: "unclosed" | "too-many" };

/** A table as it was found: the heads of its columns, its rows without the empty ones, and what of it is lost. */
export type SheetTable = { heads: string[]; rows: SheetRow[]; lost: SheetLoss[] };

/** So many rows, and so many columns, are read at most. */
const mostRows = 20_000;
const mostColumns = 200;

/** What parts the cells of a table: what stands in its heads of tab, semicolon and comma, in this order. */
const partingOf = (heads: string): string =>
  ["\t", ";"].find((mark) => heads.includes(mark)) ?? ",";

/** Reads a table: cells parted by tab, semicolon or comma, the first row that is not empty the heads. */
export function readSheet(text: string): SheetTable {
  const [above = ""] = /^[\uFEFF\s]*\n/.exec(text) ?? [];
  const first = above.split("\n").length;
  const rest = text
    .slice(above.length)
    .replace(/^\uFEFF/, "")
    .trimEnd();
  const delimiter = partingOf(rest.split("\n", 1)[0]!);
  const { data, errors } = Papa.parse<string[]>(rest, { delimiter, preview: mostRows + 2 });
  const all = data
    .map((cells, n) => ({
      row: n + first,
      cells: cells.slice(0, mostColumns).map((cell) => cell.trim()),
    }))
    .filter(({ cells }) => cells.some((cell) => cell !== ""));
  // What stands behind a quotation mark that is never closed is all one cell: nothing of it is a row.
  const unclosed = errors.some(({ code }) => code === "MissingQuotes")
    ? data.length - 1 + first
    : null;
  const cut = unclosed ?? (data.length > mostRows + 1 ? mostRows + 1 + first : null);
  const [heads, ...rows] = all.filter(({ row }) => cut === null || row < cut);
  return {
    heads: heads?.cells ?? [],
    rows,
    lost: cut === null ? [] : [{ row: cut, why: unclosed ? "unclosed" : "too-many" }],
  };
}

/** A name as it is compared: letters and digits alone, without marks. */
export const alike = (text: string): string =>
  text
    .normalize("NFKD")
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, " ")
    .trim();

const sideWords: readonly [Side, RegExp][] = [
  ["left", /^(l|left|lt)$/],
  ["right", /^(r|right|rt)$/],
  ["mid", /^(mid|middle|both|trunk|centre|center|none|)$/],
];
/** The side that a cell names; none where it is empty is the middle. */
export const sideOfWord = (text: string): Side | null =>
  sideWords.find(([, form]) => form.test(alike(text)))?.[0] ?? null;

/** How days are written where that is not plain: 3/4 is the third of April, or the fourth of March. */
export type DayOrder = "day-first" | "month-first";

/** The day of a cell; null where it is none. */
export function cellDay(text: string, order: DayOrder): string | null {
  const forms =
    order === "day-first"
      ? ["yyyy-MM-dd", "d.M.yyyy", "d/M/yyyy", "d-M-yyyy", "d.M.yy", "d/M/yy"]
      : ["yyyy-MM-dd", "M/d/yyyy", "M-d-yyyy", "M/d/yy", "d.M.yyyy"];
  for (const form of forms) {
    const date = parse(text.slice(0, 10).trim(), form, new Date(2000, 0, 1));
    if (!isValid(date) || date.getFullYear() < 1990) continue;
    const two = (value: number) => String(value).padStart(2, "0");
    return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
  }
  return null;
}

/** The number of a cell, with its unit or without; NaN where it is none. */
export const numberOf = (text: string): number => {
  const [, number] = /^([+-−]?\d+(?:[.,]\d+)?)\s*(?:°|deg|cm|s|kg|min)?$/i.exec(text) ?? [];
  return number === undefined ? NaN : Number(number.replace("−", "-").replace(",", "."));
};
