import type { Library } from "../content/library";
import type { TableRead } from "./checks-in";
import { checksOfBundle } from "./fhir-in";
import { isOfLogs } from "./logs-in";
import { readSheet, type SheetTable } from "./table-cells";

/** What a file of somebody else's was found to hold. */
export type OpenedTable =
  | { holds: "checks" | "logs"; table: SheetTable }
  | { holds: "bundle"; read: TableRead }
  | { holds: "nothing" };

/** A bundle's readings, still of nobody. */
const ofNobody = "";

/** What a text holds: a FHIR bundle with its readings, of nobody yet, or a table of checks or of logs. */
export function openTable(text: string, library: Library, today: string): OpenedTable {
  if (text.trimStart().startsWith("{")) {
    const bundle = checksOfBundle(text, library, today);
    if (!bundle) return { holds: "nothing" };
    const { checks, problems } = bundle;
    return {
      holds: "bundle",
      read: { checks: checks.map((check) => ({ ...check, athleteId: ofNobody })), problems },
    };
  }
  const table = readSheet(text);
  if (table.rows.length + table.lost.length === 0) return { holds: "nothing" };
  return { holds: isOfLogs(table.heads) ? "logs" : "checks", table };
}
