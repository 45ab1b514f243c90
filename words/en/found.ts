import type { BodyFinding } from "#core/aim/body-finding";
import type { Library } from "#core/content/library";
import { foundBecause } from "#core/prep/found-because";
import { becauseWords } from "./prep";

/** What was found beside the aim, a line each, none twice. What a sport asks of everybody is left out. */
export const foundLines = (findings: readonly BodyFinding[], library: Library): string[] => [
  ...new Set(
    findings
      .filter(({ found }) => found !== "sport")
      .map((finding) => becauseWords(foundBecause(finding, library))),
  ),
];
