import type { DrillKind } from "#core/drill/drill";

/** What is done in a position besides moving: a press, a breath. */
export type Effort = "press" | "breath";

/** The effort that a kind of drill is made of; null where it is the movement itself. */
export const effortOf = (kind: DrillKind): Effort | null =>
  kind === "contract-relax" ? "press" : kind === "breathing" ? "breath" : null;
