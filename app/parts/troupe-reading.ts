import { headlineOf } from "#core/aim/headline";
import type { DemandGap } from "#core/aim/margin";
import { skillOf } from "#core/content/library";
import { headlineWords } from "#words/aim";
import type { AthleteView } from "../view";

/** What limits an athlete, in a sentence, and the demand that is first. */
export type TroupeReading = { title: string; first: DemandGap | null };

export function troupeReading(view: AthleteView): TroupeReading {
  const [next] = view.openAims;
  const skill = next && skillOf(view.library, next.aim.skillId);
  const title = skill ? headlineWords(headlineOf(next.gaps), skill).title : "";
  return { title, first: next?.gaps[0] ?? null };
}
