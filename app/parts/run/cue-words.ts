import { waySaid } from "#words/dose-detail";
import { rungText } from "#words/rung-text";
import { breathWords } from "#words/breath";
import type { Cue } from "#core/run/cues";
import type { RunState } from "#core/run/state";
import { rungOf } from "#core/drill/drill";
import { drillOf, type Library } from "#core/content/library";

/** What the voice says at a cue; nothing where a tone says it better. */
export function cueWords(cue: Cue, state: RunState, library: Library): string {
  const step = state.steps[state.at];
  const item = step && state.items[step.item];
  const drill = item && drillOf(library, item.drillId);
  switch (cue.kind) {
    case "place":
      if (!item || !drill || step.kind === "set-up") return "";
      return [
        drill.name,
        item.sides[0] ? `${item.sides[0]} first` : "",
        rungText(rungOf(drill, item.rungId), item.why).cue,
        ...waySaid(item, drill),
      ]
        .filter(Boolean)
        .join(". ");
    case "side":
      return `Other side: ${step?.side ?? ""}`;
    case "begin":
      if (step?.kind === "contract") return "Push";
      return step?.reps ? `${step.reps} times` : item?.dose.type === "hold" ? "Hold" : "Go";
    case "deepen":
      return "Deeper";
    case "half":
      return "Half way";
    case "rest":
      return "Let go";
    case "own-set":
      return "Your set";
    case "on-the-way":
      return [drill?.name, step?.reps ? `${step.reps} times` : ""].filter(Boolean).join(". ");
    case "breath":
      return item?.breath ? breathWords[item.breath.as] : "";
    case "hand-over":
      return "Hand over";
    case "end":
      return "Done";
    case "count":
      return "";
  }
}
