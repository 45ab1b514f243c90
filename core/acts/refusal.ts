import type { EntryNote } from "../measure/entry";
import type { Breach } from "../prep/order";
import type { FieldProblem } from "../records/field-problem";
import type { Against } from "../records/reasons";
import type { Kind } from "../records/records";
import type { Side } from "../body/side";

/** What is wrong with a list of trainings. */
export type WeekProblem =
  | { is: "rest-and-training" }
  | { is: "clash"; starts: [string, string] }
  | { is: "past-midnight"; starts: string };

/** Why an act is refused; nothing was changed. */
export type Refusal =
  | { why: "invalid"; fields: FieldProblem[] }
  /** Somebody, or something, is not in the notebook any more. */
  | { why: "gone"; kind: Kind }
  | { why: "aim-in-the-past" }
  | { why: "reason-missing" }
  | { why: "week"; problem: WeekProblem }
  | { why: "absence-reversed" }
  | { why: "skill-in-use" }
  /** A clean demand that asks no more than the passable one, by its place in the list. */
  | { why: "clean-not-above"; demand: number }
  /** A reading that the check refuses. */
  | { why: "reading"; protocolId: string; side: Side; note: EntryNote }
  /** A rung that is kept from this athlete here and now, with every reason. */
  | { why: "not-permitted"; drill: string; against: Against[] }
  /** A prep that breaks the rules of order, or holds what may not be done, is not run. */
  | { why: "unsafe"; breaches: Breach[] };
