import Papa from "papaparse";
import type { Sample } from "./steady";

/** A file of readings as a table: the names of its columns, and rows of text. */
export type SensorTable = { columns: string[]; rows: string[][]; delimiter: string };

/** Why a file is no sensor's log. */
export type Refused = "empty" | "no-columns" | "no-two-columns" | "unclosed-quote";

export type SensorReading = { table: SensorTable } | { refused: Refused };

/**
 * Reads a sensor's CSV: comma, semicolon or tab between columns, decimal point or comma, with or without a line
 * of names, with comment lines above it.
 */
export function readSensorLog(text: string): SensorReading {
  if (text.trim() === "") return { refused: "empty" };
  const lines = text.replace(/^\uFEFF/, "").split(/\r?\n/);
  const delimiter = delimiterOf(lines);
  if (!delimiter) return { refused: "no-columns" };
  const { data, errors } = Papa.parse<string[]>(lines.join("\n"), {
    delimiter,
    skipEmptyLines: "greedy",
  });
  if (errors.some(({ code }) => code === "MissingQuotes")) return { refused: "unclosed-quote" };
  const trimmed = data.map((row) => row.map((cell) => cell.trim()));
  const width = mostCommon(trimmed.map((row) => row.length).filter((cells) => cells > 1));
  const first = trimmed.findIndex((row) => row.length === width && row.filter(isNumber).length > 1);
  if (width < 2 || first < 0) return { refused: "no-two-columns" };
  const head = first > 0 && trimmed[first - 1]!.length === width ? trimmed[first - 1]! : null;
  return {
    table: {
      columns: Array.from({ length: width }, (_, i) => head?.[i] || `column ${i + 1}`),
      rows: trimmed.slice(first).filter((row) => row.length === width),
      delimiter,
    },
  };
}

/** The separator that cuts most lines into the same number of cells; a comma inside decimals does not win over `;`. */
function delimiterOf(lines: readonly string[]): string | null {
  const full = lines.filter((line) => line.trim() !== "").slice(-200);
  const score = (delimiter: string): number => {
    const cells = full.map((line) => line.split(delimiter).length);
    const width = mostCommon(cells);
    return width > 1 ? cells.filter((count) => count === width).length / full.length : 0;
  };
  for (const delimiter of [";", "\t"]) if (score(delimiter) > 0.6) return delimiter;
  return score(",") > 0.5 ? "," : null;
}

function mostCommon(values: readonly number[]): number {
  const counts = new Map<number, number>();
  for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 0;
}

/** No number that a sensor writes is longer. */
const longestCell = 40;

/** A number as sensors write it: point or comma, an exponent, a unit sign after it. NaN for anything else. */
export function sensorNumber(cell: string): number {
  if (cell.length > longestCell) return Number.NaN;
  const plain = cell.replace(/\s?(°|deg|ms|s)$/i, "").replace(",", ".");
  return /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i.test(plain) ? Number(plain) : clockSeconds(plain);
}

/** A time of day as seconds, 10:04:31.25; NaN for anything else. */
function clockSeconds(cell: string): number {
  const match = /^(?:\d{4}-\d{2}-\d{2}[T ])?(\d{1,2}):(\d{2}):(\d{2}(?:\.\d+)?)Z?$/.exec(cell);
  return match ? Number(match[1]) * 3600 + Number(match[2]) * 60 + Number(match[3]) : Number.NaN;
}

const isNumber = (cell: string): boolean => !Number.isNaN(sensorNumber(cell));

export type ColumnChoice = { time: number; angle: number; timeUnit: "s" | "ms" };

/**
 * Which columns are likely the time and the angle: by their names first, else the first that only rises and the
 * next that does not. A guess to start from; the user decides.
 */
export function guessColumns({ columns, rows }: SensorTable): ColumnChoice {
  const named = (pattern: RegExp, not = -1) =>
    columns.findIndex((name, i) => i !== not && pattern.test(name));
  const numbers = columns.map((_, i) => rows.map((row) => sensorNumber(row[i]!)));
  const rises = (values: readonly number[]) =>
    values.length > 1 && values.every((value, i) => i === 0 || value >= values[i - 1]!);
  const isNumeric = (i: number) => numbers[i]!.every((value) => !Number.isNaN(value));
  const anyTime = columns.findIndex((_, i) => isNumeric(i) && rises(numbers[i]!));
  let time = named(/^(t|time|zeit|seconds?|sec|millis|ms|timestamp|elapsed)\b|time/i);
  if (time < 0) time = Math.max(0, anyTime);
  let angle = named(/angle|winkel|degrees?|deg|°|pitch|flex|tilt/i, time);
  if (angle < 0) angle = columns.findIndex((_, i) => i !== time && isNumeric(i));
  if (angle < 0) angle = time === 0 ? 1 : 0;
  return { time, angle, timeUnit: timeUnitOf(columns[time]!, numbers[time]!) };
}

/** Milliseconds when the name says so, or when the usual step between rows is 5 or more. */
function timeUnitOf(name: string, times: readonly number[]): "s" | "ms" {
  if (/\bms\b|milli/i.test(name)) return "ms";
  if (/\bs\b|sec/i.test(name)) return "s";
  const steps = times
    .slice(1)
    .map((time, i) => time - times[i]!)
    .sort((a, b) => a - b);
  return (steps[steps.length >> 1] ?? 0) >= 5 ? "ms" : "s";
}

export type SensorSeries = {
  samples: Sample[];
  /** Rows left out because a cell was no number. */ skipped: number;
};

/** The chosen columns as a stream, in order of time from zero. */
export function seriesOf(table: SensorTable, choice: ColumnChoice): SensorSeries {
  const scale = choice.timeUnit === "s" ? 1000 : 1;
  const read = table.rows
    .map((row) => ({
      t: sensorNumber(row[choice.time]!) * scale,
      angle: sensorNumber(row[choice.angle]!),
    }))
    .filter(({ t, angle }) => Number.isFinite(t) && Number.isFinite(angle))
    .sort((a, b) => a.t - b.t);
  const start = read[0]?.t ?? 0;
  return {
    samples: read.map(({ t, angle }) => ({ t: t - start, angle })),
    skipped: table.rows.length - read.length,
  };
}
