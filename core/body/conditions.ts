import * as z from "zod/mini";

/** Conditions that the intake asks about. */
export const IntakeQuestion = z.enum([
  "recent-injury",
  "unstable-joint",
  "nerve-signs",
  "unwell",
  "saddle",
  "heart-effort",
  "concussion",
  "spine",
  "replacement",
  "hernia",
  "pregnancy",
  "pressure",
  "bone",
  "connective",
  "energy",
  "thinners",
  "steroids",
  "medicine",
  "older-new",
]);
export type IntakeQuestion = z.infer<typeof IntakeQuestion>;

/** Answers that stop everything but rest until somebody has seen it; `urgent`: today. */
export const stopsAll: Partial<Record<IntakeQuestion, "until-seen" | "urgent">> = {
  saddle: "urgent",
  "heart-effort": "urgent",
  concussion: "until-seen",
  unwell: "until-seen",
};

/** What a clinician can clear: an answer of the intake, or what growing and loose joints keep away. */
export const Clearable = z.enum([...IntakeQuestion.options, "growing", "loose"]);
export type Clearable = z.infer<typeof Clearable>;

/** Everything that can stand on an athlete's plans. */
export const CautionId = z.enum([...Clearable.options, "no-intake"]);
export type CautionId = z.infer<typeof CautionId>;
