/**
 * The answer to "why?" that travels with every computed number: what went in, and by which rule.
 * Inputs are already written for a reader, unit included.
 */
export type Why = { rule: string; inputs: Record<string, string>; source?: string };
