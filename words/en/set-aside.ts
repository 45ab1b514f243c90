import type { FieldProblem } from "#core/records/field-problem";
import { fieldWords } from "./acts";

/**
 * What of a record cannot be right.
 * @param found from an earlier version as a text that begins with the place
 * @example setAsideWords({ at: ["pain"], problem: { is: "too-large", limit: 10 } }) // "pain has to be at most 10"
 */
export function setAsideWords(found: FieldProblem | string): string {
  if (typeof found === "string") return rightWords(found.split(": ")[0]!);
  const at = found.at.join(" → ");
  if ("limit" in found.problem) return `${at} has to be ${fieldWords(found)}`;
  return at === "" && found.problem.is === "format" ? "this is not JSON" : rightWords(at);
}

const rightWords = (at: string): string =>
  at === "" ? "it cannot be read" : `${at} cannot be right`;
