import type { Refusal, WeekProblem } from "#core/acts/refusal";
import type { FieldProblem } from "#core/records/field-problem";
import type { PainLock } from "#core/safety/pain";
import { kindNames } from "./file";
import { placeWords } from "./places";
import { listWords } from "./plain";

/** Why an act was refused, in a sentence. */
export function refusalWords(refusal: Refusal): string {
  switch (refusal.why) {
    case "invalid": {
      const [first] = refusal.fields;
      return first
        ? `${first.at.join(" → ") || "What was sent"}: ${fieldWords(first)}.`
        : "This cannot be right.";
    }
    case "gone":
      return `This is not in the notebook any more (${kindNames[refusal.kind]}).`;
    case "aim-in-the-past":
      return "Choose a date that is still to come.";
    case "reason-missing":
      return "Say why you set this weight by hand.";
    case "week":
      return weekWords(refusal.problem);
    case "absence-reversed":
      return "The last day lies before the first.";
    case "skill-in-use":
      return "An aim still uses this skill. Close or change that aim first.";
    case "clean-not-above":
      return "A clean skill asks more than a passable one.";
    case "reading":
      return "A reading cannot be right: measure it again.";
    case "not-permitted":
      return `${refusal.drill} may not be done here and now.`;
    case "unsafe":
      return "A rule of order or safety is broken. Fix that first.";
  }
}

/** What is wrong with a field. */
export function fieldWords({ problem }: FieldProblem): string {
  switch (problem.is) {
    case "missing":
      return "this is needed";
    case "unknown":
    case "format":
      return "this cannot be right";
    case "too-small":
      return `at least ${problem.limit}`;
    case "too-large":
      return `at most ${problem.limit}`;
  }
}

function weekWords(problem: WeekProblem): string {
  switch (problem.is) {
    case "rest-and-training":
      return "A rest or travel day can have no training.";
    case "clash":
      return `Two trainings on one day overlap (${problem.starts.join(" and ")}).`;
    case "past-midnight":
      return `A training that starts at ${problem.starts} runs past midnight.`;
  }
}

/** What cannot be right in an athlete's fields, by field. */
export function athleteFieldWords(fields: readonly FieldProblem[]): Record<string, string> {
  const sentences: Record<string, string> = {
    name: "A name is needed",
    bornOn: "A year of birth is needed: it tells whether they still grow",
    statureCm: "A height between 80 and 230 cm, or leave it open",
    massKg: "15 to 200 kg, or leave it open",
  };
  return byField(fields, (name, field) => sentences[name] ?? fieldWords(field));
}

/** Sentences by field, the place in the form as its name. */
export const byField = (
  fields: readonly FieldProblem[],
  words: (name: string, field: FieldProblem) => string = (_, field) => fieldWords(field),
): Record<string, string> =>
  Object.fromEntries(fields.map((field) => [field.at.join("."), words(field.at.join("."), field)]));

/** What cannot be right in a drill of one's own, a sentence each. */
export const drillFieldWords = (fields: readonly FieldProblem[]): string[] => [
  ...new Set(fields.map(({ at }) => drillProblem(at))),
];

function drillProblem([, field, rung, part]: FieldProblem["at"]): string {
  if (field === "does") return "Say what it does to the body; “none of it” is an answer too";
  if (field !== "levels") return `The ${String(field)} cannot be right`;
  if (rung === undefined) return "A ladder has one level at least";
  const number = Number(rung) + 1;
  if (part === "steps") return `Level ${number} wants two steps, each on its own line`;
  if (part === "gates") return `Level ${number} wants something to look at, and what to do then`;
  return `Level ${number}: the ${String(part)} cannot be right`;
}

/** A log that is gone, and with it what only its pain had locked. */
export const removedWithLocks = (lifted: readonly Pick<PainLock, "place">[]): string =>
  `The log is removed, and with it what had locked ${listWords(lifted.map(({ place }) => (place ? placeWords(place) : "what it worked on")))}. Undo brings both back.`;

/** What cannot be right in a skill of one's own, by field. */
export function skillErrors(refused: Refusal | null): Record<string, string> {
  if (refused?.why === "invalid") return byField(refused.fields);
  if (refused?.why === "clean-not-above")
    return { [`demands.${refused.demand}.clean`]: refusalWords(refused) };
  return {};
}
