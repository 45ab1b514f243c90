import { tableText } from "./table-text";
import { angleOf, bodyOf, valueOf } from "../measure/value";
import { protocolOf, type Library } from "../content/library";
import { unitOf } from "../content/protocol";
import type { Athlete } from "../records/athlete";
import type { Check } from "../records/records";

/**
 * Checks as a table: one row a check, trials apart, value and error in the reading's unit, angle in degrees.
 * Text that a spreadsheet would take for a formula is defused.
 */
export function checksCsv(
  checks: readonly Check[],
  athletes: readonly Athlete[],
  library: Library,
): string {
  const rows = checks.map((check) => {
    const athlete = athletes.find(({ id }) => id === check.athleteId);
    const protocol = protocolOf(library, check.protocolId);
    const value = protocol && check.trials.length > 0 ? valueOf(check, protocol) : null;
    const angle = protocol && value && athlete ? angleOf(value, protocol, bodyOf(athlete)) : null;
    return {
      date: check.on,
      athlete: athlete?.name ?? check.athleteId,
      check: protocol?.name ?? check.protocolId,
      version: check.protocolVersion,
      side: check.side,
      mode: check.mode,
      temperature: check.temperature,
      instrument: check.instrument,
      tester: check.tester,
      unit: protocol ? unitOf(protocol).trim().replace("°", "deg") : "",
      trial_1: check.trials[0] ?? "",
      trial_2: check.trials[1] ?? "",
      trial_3: check.trials[2] ?? "",
      more_trials: check.trials.slice(3).join("; "),
      value: value?.value.toFixed(2) ?? "",
      error: value?.se.toFixed(2) ?? "",
      angle_deg: angle?.degrees.toFixed(1) ?? "",
      angle_error_deg: angle?.se.toFixed(1) ?? "",
      pain: check.pain,
      seen: check.seen.join("; "),
      typed_as: check.typed ? `${check.typed.trials.join("; ")} ${check.typed.unit}` : "",
      read: check.read,
      note: check.note,
    };
  });
  return tableText(rows);
}
