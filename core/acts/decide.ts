import type * as z from "zod/mini";
import type { ActRule, Outcome, Scene } from "./act";
import { aimActs } from "./aims";
import { athleteActs } from "./athletes";
import { checkActs } from "./checks";
import { groupActs } from "./groups";
import { hallActs } from "./halls";
import { libraryActs } from "./library";
import { logActs } from "./logs";
import { prepActs } from "./preps";
import { fieldProblems } from "../records/field-problem";
import type { Refusal } from "./refusal";
import { runActs } from "./runs";
import { seasonActs } from "./season";

/** Everything that a person can do to a notebook, by name. */
export const acts = {
  ...athleteActs,
  ...aimActs,
  ...groupActs,
  ...hallActs,
  ...checkActs,
  ...libraryActs,
  ...prepActs,
  ...runActs,
  ...logActs,
  ...seasonActs,
};

type Acts = typeof acts;
export type ActName = keyof Acts;
/** The fields of an act as they are sent, without its name. */
export type FieldsOf<Name extends ActName> = z.input<Acts[Name]["sent"]>;
/** One act: its name and its fields. */
export type Act = { [Name in ActName]: { act: Name } & FieldsOf<Name> }[ActName];
/** What an act answers with when it was done. */
export type AnswerOf<Name extends ActName> = Exclude<
  ReturnType<Acts[Name]["decide"]>,
  { refused: Refusal }
>["answer"];

type AnyRule = ActRule<z.ZodMiniType, unknown>;

export const isActName = (name: unknown): name is ActName =>
  typeof name === "string" && Object.hasOwn(acts, name);

/** What has to be read before an act can be decided: other people's records, and which skills are asked at all. */
export function neededFor(
  sent: { act: ActName },
  look: Pick<Scene, "get" | "all">,
): { others: readonly string[]; asked: boolean } {
  const known: AnyRule = acts[sent.act] as unknown as AnyRule;
  const read = known.sent.safeParse(sent);
  return {
    others: read.success ? (known.others?.(read.data, look) ?? []) : [],
    asked: known.needsAskedSkills ?? false,
  };
}

/** Decides an act: what it changes, or why it is refused. What was sent is validated here, whoever sends it. */
export function decide<Name extends ActName>(
  scene: Scene,
  sent: { act: Name } & FieldsOf<Name>,
): Outcome<AnswerOf<Name>>;
export function decide(scene: Scene, sent: { act: ActName }): Outcome<unknown>;
export function decide(scene: Scene, sent: { act: ActName }): Outcome<unknown> {
  const known: AnyRule = acts[sent.act] as unknown as AnyRule;
  const read = known.sent.safeParse(sent);
  if (!read.success) return { refused: { why: "invalid", fields: fieldProblems(read.error) } };
  return known.decide(scene, read.data);
}
