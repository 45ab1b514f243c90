import Papa from "papaparse";

/** What a spreadsheet takes for the beginning of a formula, in narrow and in wide signs. */
const formula = /^\s*[=+\-@＝＋－＠\t\r]/;
const number = /^[+-]?\d+([.,]\d+)?$/;

const defused = (cell: unknown): unknown =>
  typeof cell === "string" && formula.test(cell) && !number.test(cell) ? `'${cell}` : cell;

/**
 * Rows as a table for a spreadsheet (RFC 4180: CRLF). Numbers stay numbers; text that would be taken for a formula is kept
 * as text.
 */
export function tableText(rows: readonly object[], columns?: readonly string[]): string {
  const plain = rows.map((row) =>
    Object.fromEntries(Object.entries(row).map(([name, cell]) => [name, defused(cell)])),
  );
  return Papa.unparse(plain, { newline: "\r\n", ...(columns ? { columns: [...columns] } : {}) });
}
