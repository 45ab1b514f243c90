import type * as z from "zod/mini";

/** What cannot be right in one field of what was sent, by its place. */
export type FieldProblem = {
  at: readonly (string | number)[];
  problem:
    { is: "missing" | "unknown" | "format" } | { is: "too-small" | "too-large"; limit: number };
};

/** What a schema says of the fields, as facts. */
export const fieldProblems = (error: z.core.$ZodError): FieldProblem[] =>
  error.issues.map((issue) => ({
    at: issue.path.map((part) => (typeof part === "symbol" ? String(part) : part)),
    problem: problemOf(issue),
  }));

function problemOf(issue: z.core.$ZodIssue): FieldProblem["problem"] {
  switch (issue.code) {
    case "too_small":
      return issue.origin === "string" || issue.origin === "array"
        ? { is: "missing" }
        : { is: "too-small", limit: Number(issue.minimum) };
    case "too_big":
      return { is: "too-large", limit: Number(issue.maximum) };
    case "invalid_type":
      return { is: "missing" };
    case "invalid_format":
      return { is: "format" };
    default:
      return { is: "unknown" };
  }
}
