import { conditionNames } from "#words/safety";
import { listWords } from "#words/plain";
import type { AthleteView } from "../../view";

/** What is asked of a clinician: the answers that shut something and that nobody has cleared, as one question. */
export function askedOf({ cautions, locks }: Pick<AthleteView, "cautions" | "locks">) {
  const open = cautions.flatMap(({ id, clearance }) =>
    id === "no-intake" || clearance ? [] : [id],
  );
  const names = listWords(open.map((id) => conditionNames[id]));
  if (open.length > 0)
    return { open, sentence: `May anything of this be done again with ${names}?` };
  return {
    open,
    sentence:
      locks.length > 0
        ? "May what was stopped after pain be loaded again, and from when?"
        : "Nothing is stopped. Is there anything that should not be trained?",
  };
}
