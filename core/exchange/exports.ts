import type { DayText } from "../dates/days";

/** What goes out as a file: its ending, its type, and whether it begins with a mark that tells a spreadsheet UTF-8. */
export type ExportRow = { ending: string; type: string; marked: boolean };

const table: ExportRow = { ending: "csv", type: "text/csv;charset=utf-8", marked: true };
/** The application's own files have an ending of their own, so that a device opens them with it. */
const ours: ExportRow = { ending: "yearling", type: "application/json", marked: false };
const data: ExportRow = { ending: "json", type: "application/json", marked: false };

/** Everything that goes out as a file, each in one row. */
export const exportKinds = {
  notebook: ours,
  athlete: ours,
  "set-aside": data,
  clinician: { ending: "json", type: "application/fhir+json", marked: false },
  checks: table,
  logs: table,
  squad: table,
  plan: table,
  doses: table,
  loads: table,
  forecasts: table,
  season: { ending: "ics", type: "text/calendar;charset=utf-8", marked: false },
  chart: { ending: "svg", type: "image/svg+xml", marked: false },
  picture: { ending: "png", type: "image/png", marked: false },
} as const satisfies Record<string, ExportRow>;

export type ExportKind = keyof typeof exportKinds;

/** Letters, digits and dashes of a name, as it may stand in a file's name anywhere. @example plain("Noor Haddad") // "noor" */
const plain = (name: string): string =>
  name
    .split(" ")[0]!
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, "-");

/**
 * The file of an export: whose, what, of which day.
 * @param who the athlete; the whole notebook's where there is none
 * @param of which one of its kind, as a check's chart
 * @example exportFile("checks", "2026-11-24", "Noor Haddad").name // "noor-checks-2026-11-24.csv"
 */
export function exportFile(
  kind: ExportKind,
  on: DayText,
  who: string | null = null,
  of = "",
): { name: string; type: string; before: string } {
  const { ending, type, marked } = exportKinds[kind];
  const whose = who === null ? "yearling" : plain(who);
  const parts = [whose, of, kind === "notebook" ? "" : kind, on].filter(Boolean);
  return {
    name: `${parts.join("-")}.${ending}`,
    type,
    before: marked ? "\uFEFF" : "",
  };
}
