import { useEffect, useState } from "react";
import { headlineOf } from "#core/aim/headline";
import { skillOf } from "#core/content/library";
import type { DemandGap } from "#core/aim/margin";
import { headlineWords } from "#words/aim";
import { athleteView } from "../view";

/** What limits an athlete, in a sentence, and the demand that is first. */
export type TroupeReading = { title: string; first: DemandGap | null };

const known = new Map<string, TroupeReading>();

/**
 * What limits each of several athletes, said from the whole record as on their own pages. Read one after the other
 * beside the page, from the top; those that were read before are there at once.
 * @param asked athletes with an aim, each with the state that a reading holds for
 */
export function useReadings(
  asked: readonly { athleteId: string; state: string }[],
): ReadonlyMap<string, TroupeReading> {
  const question = JSON.stringify(asked);
  const [, again] = useState(0);
  useEffect(() => {
    let left = false;
    void (async () => {
      for (const { athleteId, state } of JSON.parse(question) as typeof asked) {
        if (known.has(state)) continue;
        // The page comes first: what was pressed meanwhile is answered before the next is read.
        await new Promise((done) => setTimeout(done, 0));
        if (left) return;
        const view = await athleteView(athleteId, new Request(window.location.origin));
        const [next] = view.openAims;
        const skill = next && skillOf(view.library, next.aim.skillId);
        const title = skill ? headlineWords(headlineOf(next.gaps), skill).title : "";
        known.set(state, { title, first: next?.gaps[0] ?? null });
        again((count) => count + 1);
      }
    })();
    return () => {
      left = true;
    };
  }, [question]);
  return new Map(
    asked.flatMap(({ athleteId, state }) => {
      const reading = known.get(state);
      return reading ? [[athleteId, reading] as const] : [];
    }),
  );
}
