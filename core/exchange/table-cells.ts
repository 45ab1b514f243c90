import { isValid, parse } from "date-fns";
import Papa from "papaparse";
import type { Side } from "../body/side";

/** A table as it was found: the heads of its columns, and its rows, cell by cell. */
export type SheetTable = { heads: string[]; rows: string[][] };

/** So many rows, and so many columns, are read at most. */
const mostRows = 20_000;
const mostColumns = 200;

/** Reads a table: cells parted by tab, semicolon or comma, the first row the heads. */
export function readSheet(text: string): SheetTable {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, "").trim(), {
    skipEmptyLines: "greedy",
    preview: mostRows + 1,
  });
  const [heads = [], ...rows] = data.map((row) =>
    row.slice(0, mostColumns).map((cell) => cell.trim()),
  );
  return { heads, rows };
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
