import type { Step } from "#core/prep/timeline";
import type { Dose } from "#core/drill/dose";

/** The one word over the number: what to do in this stretch of time. */
export function stepWord(step: Step, dose: Dose): string {
  switch (step.kind) {
    case "transition":
      return "change place";
    case "set-up":
      return "set up";
    case "rest":
      return "release";
    case "side-change":
      return "other side";
    case "hand-over":
      return "hand over";
    case "contract":
      return "push";
    case "deepen":
      return "deeper";
    case "work":
      return dose.type === "hold" ? "hold" : step.reps ? `${step.reps} times` : "go";
  }
}

/** Which of how many: "round 2 of 3", "set 1 of 2". */
export function countWord(step: Step, dose: Dose): string {
  if (
    step.sets < 2 ||
    step.kind === "transition" ||
    step.kind === "hand-over" ||
    step.kind === "set-up" ||
    step.kind === "side-change"
  )
    return "";
  return `${dose.type === "contract-relax" ? "round" : "set"} ${step.set} of ${step.sets}`;
}
