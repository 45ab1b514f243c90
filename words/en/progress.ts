import { rungOf, type Drill } from "#core/drill/drill";
import type { NextStep, StepCause } from "#core/progress/next-step";
import { jointWords } from "./slots";

/** Why a drill's next time is as it is, in a line; what is done about it stands behind it where it is not plain. */
export function stepLine(
  { causes, change }: Pick<NextStep, "causes" | "change">,
  drill: Drill,
): string {
  const over = causes.find(({ cause }) => cause === "over-coach");
  const said = causes
    .filter(({ cause }) => cause !== "over-coach" && cause !== "bottom-of-ladder")
    .map((cause) => causeWords(cause, drill));
  const bottom = causes.some(({ cause }) => cause === "bottom-of-ladder");
  const then = bottom ? ": fewer and slower" : change === "step-back" ? ": a level down" : "";
  return `${said.join(", and ")}${then}${over ? `; ${causeWords(over, drill)}` : ""}`;
}

export function causeWords(cause: StepCause, drill: Drill): string {
  switch (cause.cause) {
    case "stopped":
      return `stopped after ${cause.sharp ? "sharp pain" : `pain ${cause.pain}/10`} last time`;
    case "pain":
      return `pain ${cause.pain}/10`;
    case "lost":
      return "the position was lost";
    case "wobble":
      return "wobbled last time: the same again";
    case "incomplete":
      return "not complete last time: the same again";
    case "stiff":
      return `a stiff day, loose at ${cause.looseAt} and not at ${Math.round(cause.usual)}: the same again`;
    case "clean-once":
      return "clean once: the same once more";
    case "clean-twice":
      return "two sessions complete, clean and comfortable";
    case "clean-row":
      return `clean ${cause.times} times running at ${rungName(drill, cause.rungId)}: next level`;
    case "top-of-range":
      return `at the top of ${rungName(drill, cause.rungId)}: next level`;
    case "waits":
      return `clean, and ${rungName(drill, cause.rungId)} waits for ${cause.clean} clean days${cause.weeks > 0 ? ` over ${cause.weeks} weeks` : ""}`;
    case "heavier":
      return `at the top of the range with ${cause.from} kg: ${cause.kg} kg`;
    case "top-of-ladder":
      return "at the top of the ladder: keep it";
    case "bottom-of-ladder":
      return "no level below";
    case "away":
      return cause.rungs > 0
        ? `${cause.days} days away: ${cause.rungs === 1 ? "a level" : `${cause.rungs} levels`} lower, and up again`
        : `${cause.days} days away: from the bottom of the range`;
    case "sore":
      return `${jointWords(cause.joint)} sore ${cause.level}/10 for over two days: a third less`;
    case "show-week":
      return "no new level in the week before the show";
    case "coach":
      return cause.why || `${cause.how} by the coach`;
    case "over-coach":
      return `this stands over what was ${cause.how}`;
  }
}

const rungName = (drill: Drill, rungId: string): string => rungOf(drill, rungId).name.toLowerCase();
