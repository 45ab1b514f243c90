import * as z from "zod";

/** Conditions that the intake asks about. */
export const IntakeQuestion = z.enum([
  "recent-injury",
  "unstable-joint",
  "nerve-signs",
  "unwell",
  "pregnancy",
  "pressure",
  "bone",
  "connective",
  "medicine",
]);
export type IntakeQuestion = z.infer<typeof IntakeQuestion>;
