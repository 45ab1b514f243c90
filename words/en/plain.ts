/** The first letter large. @example capital("upper back") // "Upper back" */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A number with its noun. @example many(2, "day") // "2 days" */
export const many = (count: number, noun: string, plural = `${noun}s`): string =>
  `${count} ${count === 1 ? noun : plural}`;

/** @example agoWords(1) // "1 day ago" */
export const agoWords = (days: number): string => `${many(days, "day")} ago`;

/** Names in a row. @example listWords(["a", "b", "c"]) // "a, b and c" */
export const listWords = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? "") : `${names.slice(0, -1).join(", ")} and ${names.at(-1)!}`;

/** A chance in words that claim no more than is known. */
export function chanceWords(chance: number): string {
  if (chance < 0.05) return "unlikely, less than 1 in 20";
  if (chance > 0.95) return "very likely, more than 19 in 20";
  return `about ${Math.max(1, Math.round(chance * 10))} in 10`;
}

/** What a chance comes to, in a word, with the figure. @example chanceVerdict(0.1) // "Unlikely: about 1 in 10" */
export function chanceVerdict(chance: number): string {
  if (chance < 0.05) return "Very unlikely: less than 1 in 20";
  if (chance > 0.95) return "Very likely: more than 19 in 20";
  const word = chance < 0.35 ? "Unlikely" : chance < 0.65 ? "Open" : "Likely";
  return `${word}: ${chanceWords(chance)}`;
}

/** The answer to "why?" for a reader: the rule, what went in with its unit, and where it comes from. */
export type WhyWords = { rule: string; inputs: Record<string, string>; source?: string };
